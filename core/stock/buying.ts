import type { StockState } from './ledger'
import type { Material } from './records'

/** What a need lacks: so much short of what is free, and the whole packs that would cover it. */
export interface Shortage {
  readonly materialId: string
  readonly name: string
  readonly unit: Material['unit']
  readonly needed: number
  readonly free: number
  readonly short: number
  readonly packs?: number
  readonly packsCostMinor?: number
}

/** An amount of a material that something needs, in the material's unit. */
export interface Need {
  readonly materialId: string
  readonly quantity: number
}

/** Adds up needs of the same material. */
export function totalNeeds(needs: readonly Need[]): Map<string, number> {
  const totals = new Map<string, number>()
  for (const { materialId, quantity } of needs)
    totals.set(materialId, (totals.get(materialId) ?? 0) + quantity)
  return totals
}

/** What the needs lack, against what is free; in whole packs where the material is sold in packs. */
export function shortages(needs: readonly Need[], states: readonly StockState[]): Shortage[] {
  return [...totalNeeds(needs)].flatMap(([materialId, needed]) => {
    const state = states.find(({ material }) => material.id === materialId)
    if (!state) return []
    const { material } = state
    const short = needed - Math.max(0, state.free)
    if (short <= 1e-6) return []
    const packs =
      material.packQuantity === undefined ? undefined : Math.ceil(short / material.packQuantity - 1e-9)
    return [
      {
        materialId,
        name: material.name,
        unit: material.unit,
        needed,
        free: state.free,
        short,
        ...(packs === undefined ? {} : { packs }),
        ...(packs === undefined || material.packPriceMinor === undefined
          ? {}
          : { packsCostMinor: packs * material.packPriceMinor }),
      },
    ]
  })
}

/**
 * Price of one unit of a material, in hundredths: the mean of the priced lots on hand, by what is left of each; with nothing
 * on hand, the usual pack. Absent where nobody knows.
 */
export function unitPriceMinor(state: StockState): number | undefined {
  const priced = state.lots.filter((lot) => lot.unitPriceMinor !== undefined && lot.onHand > 0)
  const left = priced.reduce((sum, lot) => sum + lot.onHand, 0)
  if (left > 0) return priced.reduce((sum, lot) => sum + (lot.unitPriceMinor ?? 0) * lot.onHand, 0) / left
  const { packPriceMinor, packQuantity } = state.material
  return packPriceMinor === undefined || packQuantity === undefined
    ? undefined
    : packPriceMinor / packQuantity
}
