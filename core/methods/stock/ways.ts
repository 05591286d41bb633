import type { StockMethod } from '../../makeup'
import { recipes } from './recipes'
import { soakingBath } from './soaking-bath'

/** Ways of making stock from stock. */
export const stockMethods: readonly StockMethod[] = [soakingBath, ...recipes]

/** How a material can be made, if there is a way. */
export const stockMethodFor = (materialId: string): StockMethod | undefined =>
  stockMethods.find((method) => method.product === materialId || method.also?.includes(materialId) === true)
