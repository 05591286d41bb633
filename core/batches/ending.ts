import { planDraw, type LotState, type Lot, type Movement } from '../stock'

/** What ending a batch writes into the stock ledger, besides its own entry. */
export interface EndingEntries {
  readonly movements: readonly Movement[]
  /** Lots made up for materials that were used and had none on record. */
  readonly lots: readonly Lot[]
}

/** The books can't cover what was used, and the maker has not agreed to write it all the same. */
export interface Uncovered {
  readonly kind: 'uncovered'
  readonly because: string
}

export interface EndingOrder {
  readonly batchId: string
  readonly at: string
  readonly used: readonly { readonly materialId: string; readonly name: string; readonly quantity: number }[]
  readonly lotsOf: (materialId: string) => readonly LotState[]
  readonly newId: () => string
  /** Whether the maker has said yes to lots going below nothing. */
  readonly allowUncovered: boolean
}

/**
 * The draws that ending a batch makes: what was really used, oldest lots first.
 * Where the books can't cover it, nothing is written unless the maker has agreed; then the entry says so itself.
 */
export function endingEntries(
  order: EndingOrder,
): { readonly kind: 'ok'; readonly value: EndingEntries } | Uncovered {
  const movements: Movement[] = []
  const lots: Lot[] = []
  const uncovered: string[] = []
  for (const { materialId, name, quantity } of byMaterial(order.used)) {
    let plan = planDraw(quantity, order.lotsOf(materialId))
    if (plan.shortfall > 0) uncovered.push(name)
    if (plan.draws.length === 0) {
      const lot: Lot = {
        id: order.newId(),
        materialId,
        label: 'Not on record',
        source: 'unrecorded',
        date: order.at.slice(0, 10),
        madeAt: order.at,
      }
      lots.push(lot)
      plan = { draws: [{ lotId: lot.id, quantity, uncovered: true }], shortfall: quantity }
    }
    for (const draw of plan.draws) {
      movements.push({
        id: order.newId(),
        at: order.at,
        lotId: draw.lotId,
        kind: 'draw',
        quantity: -draw.quantity,
        batchId: order.batchId,
        ...(draw.uncovered ? { uncovered: true } : {}),
      })
    }
  }
  if (uncovered.length > 0 && !order.allowUncovered)
    return {
      kind: 'uncovered',
      because: `More was used than the books hold of: ${uncovered.join(', ')}. Draw it all the same, and count these lots soon?`,
    }
  return { kind: 'ok', value: { movements, lots } }
}

/** One entry a material: a material told twice is drawn once, so that the second time does not count on what the first has taken. */
function byMaterial(used: EndingOrder['used']): { materialId: string; name: string; quantity: number }[] {
  const sums = new Map<string, { materialId: string; name: string; quantity: number }>()
  for (const use of used) {
    if (use.quantity <= 0) continue
    const known = sums.get(use.materialId)
    if (known) known.quantity += use.quantity
    else sums.set(use.materialId, { ...use })
  }
  return [...sums.values()]
}

/** The entries that give back what ending a batch drew; for undoing a finish or an abandonment. */
export function reversalEntries(
  batchId: string,
  movements: readonly Movement[],
  at: string,
  newId: () => string,
): Movement[] {
  const open = new Map<string, number>()
  for (const movement of movements)
    if (movement.batchId === batchId)
      open.set(movement.lotId, (open.get(movement.lotId) ?? 0) + movement.quantity)
  return [...open]
    .filter(([, quantity]) => Math.abs(quantity) > 1e-9)
    .map(([lotId, quantity]) => ({
      id: newId(),
      at,
      lotId,
      kind: 'reversal',
      quantity: -quantity,
      batchId,
    }))
}
