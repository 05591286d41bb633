import { catalogueRow, planDraw, type Lot, type LotState, type Movement } from '../stock'
import type { Batch, BatchYield } from './records'

/** What ending a batch writes into the stock ledger, besides its own entry. */
export interface EndingEntries {
  readonly movements: readonly Movement[]
  /** Lots that came out of it, and lots made up for materials that were used and had none on record. */
  readonly lots: readonly Lot[]
  /** What the lots that came out are of, for a workshop that does not know the material yet. */
  readonly yields: readonly BatchYield[]
}

/** The books can't cover what was used, and the maker has not agreed to write it all the same. */
export interface Uncovered {
  readonly kind: 'uncovered'
  readonly because: string
}

const mixed = catalogueRow('rough-ground')
/**
 * What fell in several tones that can't be parted any more: whatever the work, some may go into its tub, planned or
 * not. It is a material of its own, and costs nothing.
 */
export const MIXED_FALL: BatchYield = {
  label: 'Mixed fall',
  source: 'reclaimed',
  materialId: mixed.id,
  quantity: 0,
  material: { name: mixed.name, unit: mixed.unit, of: mixed.of },
  shares: [],
}

export interface EndingOrder {
  readonly batch: Pick<Batch, 'id' | 'name' | 'plan'>
  readonly eventId: string
  readonly at: string
  readonly used: readonly { readonly materialId: string; readonly name: string; readonly quantity: number }[]
  readonly kept: readonly { readonly materialId: string; readonly quantity: number }[]
  readonly lotsOf: (materialId: string) => readonly LotState[]
  readonly newId: () => string
  /** The harvest that it brings in, and where that was. */
  readonly harvest?: { readonly id: string; readonly place: string }
  /** Whether the maker has said yes to lots going below nothing. */
  readonly allowUncovered: boolean
}

/**
 * The draws that ending a batch makes, what was really used, oldest lots first; and the lots that came out of it.
 * Where the books can't cover a draw, nothing is written unless the maker has agreed; then the entry says so itself.
 */
export function endingEntries(
  order: EndingOrder,
): { readonly kind: 'ok'; readonly value: EndingEntries } | Uncovered {
  const movements: Movement[] = []
  const lots: Lot[] = []
  const uncovered: string[] = []
  const entry = { at: order.at, batchId: order.batch.id, eventId: order.eventId }
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
        ...entry,
        id: order.newId(),
        lotId: draw.lotId,
        kind: 'draw',
        quantity: -draw.quantity,
        ...(draw.uncovered ? { uncovered: true } : {}),
      })
    }
  }
  if (uncovered.length > 0 && !order.allowUncovered)
    return {
      kind: 'uncovered',
      because: `More was used than the books hold of: ${uncovered.join(', ')}. Draw it all the same, and count these lots soon?`,
    }
  const yields: BatchYield[] = []
  for (const { materialId, quantity } of order.kept) {
    const planned =
      order.batch.plan.yields.find((one) => one.materialId === materialId) ??
      (materialId === MIXED_FALL.materialId ? MIXED_FALL : undefined)
    if (!planned || quantity <= 0) continue
    const lot = lotFrom(order, planned, quantity)
    lots.push(lot)
    yields.push(planned)
    movements.push({ ...entry, id: order.newId(), lotId: lot.id, kind: 'receive', quantity })
  }
  return { kind: 'ok', value: { movements, lots, yields } }
}

/** A lot that came out of a batch. It takes of the cost what it takes of the mixture: more kept, more of it. */
function lotFrom(order: EndingOrder, planned: BatchYield, quantity: number): Lot {
  const { batch, at, harvest } = order
  const factor = planned.quantity > 0 ? quantity / planned.quantity : 1
  return {
    id: order.newId(),
    materialId: planned.materialId,
    label: `${planned.label}, from ${batch.name}`.slice(0, 120),
    source: planned.source,
    date: at.slice(0, 10),
    madeAt: at,
    ...(planned.source === 'harvested' && harvest
      ? { harvestId: harvest.id, ...(harvest.place === '' ? {} : { place: harvest.place }) }
      : {}),
    ...(planned.shares.length === 0
      ? { priceMinor: 0 }
      : {
          from: {
            batchId: batch.id,
            shares: planned.shares.map(({ materialId, share }) => ({
              materialId,
              share: Math.min(1, share * factor),
            })),
          },
        }),
  }
}

/**
 * One entry a material: a material told twice is drawn once, so that the second time does not count on what
 * the first has taken.
 */
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

/**
 * The entries that take back what ending a batch wrote; for undoing a finish or an abandonment. What a count
 * has settled since stays settled: the part of a draw that the books could not cover, and that a later count
 * of the lot made up for, was never on the shelf and does not come back to it.
 * @param target the entry that is undone
 * @param movements all that touch the lots concerned, in any order
 */
export function reversalEntries(
  target: { readonly id: string; readonly batchId: string },
  movements: readonly Movement[],
  at: string,
  eventId: string,
  newId: () => string,
): Movement[] {
  const written = movements.filter((movement) => movement.eventId === target.id)
  const back = new Map<string, number>()
  for (const movement of written) {
    const settled =
      movement.uncovered === true &&
      movements.some(
        (other) => other.kind === 'count' && other.lotId === movement.lotId && other.at > movement.at,
      )
    if (!settled) back.set(movement.lotId, (back.get(movement.lotId) ?? 0) - movement.quantity)
  }
  return [...back]
    .filter(([, quantity]) => Math.abs(quantity) > 1e-9)
    .map(([lotId, quantity]) => ({
      id: newId(),
      at,
      lotId,
      kind: 'reversal',
      quantity,
      batchId: target.batchId,
      eventId,
    }))
}
