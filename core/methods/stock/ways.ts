import type { StockMethod } from '../../makeup'
import { mixtureMethods } from './mixtures'
import { recipes } from './recipes'
import { shredded } from './shredded'

/** Ways of making stock from stock. */
export const stockMethods: readonly StockMethod[] = [...mixtureMethods, ...recipes, ...shredded]

/** How a material can be made, if there is a way. */
export const stockMethodFor = (materialId: string): StockMethod | undefined =>
  stockMethods.find((method) => method.product === materialId || method.also?.includes(materialId) === true)
