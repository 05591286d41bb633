import { none, ok, type Reading } from '../units'
import { packUnitPriceMinor } from './prices'
import type { LotState, StockState } from './ledger'
import type { Lot, Material, Movement } from './records'

/** A heap that a box is sorted into: pieces of a length from and to, mm, or curved ones. */
export interface Heap {
  readonly fromMm: number
  readonly toMm: number
  readonly count: number
}

/** The material that a heap is: the box's own, of one size. Sorting a second box adds to the same. */
export function heapMaterial(
  { id, name, unit, of, pieceG, family, note: _note }: Material,
  { fromMm, toMm }: Pick<Heap, 'fromMm' | 'toMm'>,
): Omit<Material, 'changedAt'> {
  if (of.stuff !== 'twig') throw new RangeError(`material is ${of.stuff}; only twigs are sorted by size`)
  return {
    id: `${id}-${fromMm}-${toMm}`,
    name: `${name}, ${fromMm}–${toMm} mm`.slice(0, 120),
    unit,
    of: { ...of, fromMm, toMm, sorted: true },
    family: family ?? name.slice(0, 60),
    ...(pieceG === undefined ? {} : { pieceG }),
  }
}

/** A box that can be sorted: twigs of any kind that no one has sorted yet. */
export const isSortable = ({ of, unit }: Pick<Material, 'of' | 'unit'>): boolean =>
  of.stuff === 'twig' && of.twig !== 'curved-sprig' && !of.sorted && unit === 'piece'

/** A curved one is worth so much of a straight one of its length: it makes tips, not trees. Our estimate. */
const CURVED_WORTH = 0.5

/** What one of a heap is worth beside the others: as long as it is, mm; a curved one less. */
function worthOfOne(of: Material['of']): number {
  if (of.stuff !== 'twig') return 1
  const middle = ((of.fromMm ?? 0) + (of.toMm ?? of.fromMm ?? 0)) / 2
  return Math.max(1, middle) * (of.twig === 'curved-sprig' ? CURVED_WORTH : 1)
}

export interface SortedBox {
  readonly materials: readonly Omit<Material, 'changedAt'>[]
  readonly lots: readonly Lot[]
  readonly movements: readonly Movement[]
}

/**
 * What sorting a box writes: the box is counted down to what stays in it unsorted, each heap becomes a lot, and
 * what the sorted part of the box cost is shared out by length. A box holds more sprigs than it was sold as:
 * the heaps need not add up to what the books have of it.
 * @param curved pieces for tips and bushes @param leftIn what stays in the box, in its unit
 */
export function sortedBox(of: {
  readonly state: StockState
  readonly lot: LotState
  readonly heaps: readonly Heap[]
  readonly curved: number
  readonly curvedMaterial: Omit<Material, 'changedAt'>
  readonly leftIn: number
  readonly at: string
  readonly newId: () => string
}): Reading<SortedBox> {
  const { state, lot, curved, leftIn, at, newId } = of
  const heaps = of.heaps.filter(({ count }) => count > 0)
  const pieces = heaps.reduce((sum, { count }) => sum + count, 0) + curved
  if (pieces < 1) return none('Nothing has been sorted yet.')
  if (!(lot.onHand > 0)) return none(`“${lot.lot.label}” is empty by the books: count it first.`)
  if (!(leftIn >= 0) || leftIn >= lot.onHand)
    return none(`Left in the box: read ${leftIn}; allowed is from 0 to less than ${lot.onHand}.`)
  const taken = lot.onHand - leftIn
  const unit = lot.unitPriceMinor ?? packUnitPriceMinor(state)
  const cost = unit === undefined ? undefined : unit * taken
  const made = [
    ...heaps.map((heap) => ({ material: heapMaterial(state.material, heap), count: heap.count })),
    ...(curved > 0 ? [{ material: of.curvedMaterial, count: curved }] : []),
  ]
  const worth = made.reduce((sum, { material, count }) => sum + count * worthOfOne(material.of), 0)
  const { source, date, place } = lot.lot
  const lots = made.map(({ material, count }): Lot => ({
    id: newId(),
    materialId: material.id,
    label: `Sorted from ${lot.lot.label}`.slice(0, 120),
    source: source === 'unrecorded' ? 'by-product' : source,
    date,
    madeAt: at,
    ...(cost === undefined
      ? {}
      : { priceMinor: Math.round((cost * count * worthOfOne(material.of)) / worth) }),
    ...(place === undefined ? {} : { place }),
  }))
  return ok({
    materials: made.map(({ material }) => material),
    lots,
    movements: [
      {
        id: newId(),
        at,
        lotId: lot.lot.id,
        kind: 'count',
        quantity: -taken,
        counted: leftIn,
        note: `sorted into ${pieces} pieces`,
      },
      ...made.map(({ count }, i): Movement => ({
        id: newId(),
        at,
        lotId: lots[i]?.id ?? '',
        kind: 'receive',
        quantity: count,
      })),
    ],
  })
}
