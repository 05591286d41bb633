import { mixLengths } from '../coverage'
import {
  highlightFit,
  mismatch,
  outside,
  shelfOf,
  specWords,
  toneOf,
  tonesFit,
  type Material,
  type MaterialSpec,
  type StockState,
} from '../stock'
import { plainNumber, representatives } from '../units'

/** A place in a way of making that a material fills, or two lengths of one fibre mixed. */
export interface Slot {
  readonly id: string
  readonly label: string
  readonly wish: MaterialSpec
  /** Its tone stands to another slot's so: lighter or darker, and of the same hue family. */
  readonly tone?: { readonly is: 'lighter' | 'darker'; readonly than: string }
  /** A jar that another slot takes from may serve it too: layers of one tone. */
  readonly mayShare?: boolean
  /** It can stay open: the piece is made without it. */
  readonly optional?: boolean
}

/** What fills a slot. No parts: it stays open, and `because` says what is wanted. */
export interface Filled {
  readonly slot: Slot
  readonly parts: readonly { readonly material: Material; readonly share: number }[]
  /** Whether the maker chose it. */
  readonly chosen: boolean
  /** Why it is open, mixed, or not the one that was chosen. */
  readonly because?: string
}

/**
 * What having none of it in stock counts for, in points of {@link mismatch}: a near match on the shelf beats
 * a perfect one in the shop.
 */
const NOT_IN_STOCK = 0.6
/** A blend that has not been mixed comes last on the list. */
const NOT_MIXED = 20

/**
 * Materials that may fill a slot, the best first. Two tones come from two jars: what another slot has taken
 * is left out.
 */
export function candidatesFor(
  slot: Slot,
  states: readonly StockState[],
  slotTone: (slotId: string) => string | undefined,
  taken: ReadonlySet<string>,
): Material[] {
  const than = slot.tone && slotTone(slot.tone.than)
  const { is } = slot.tone ?? {}
  const tonesStand = (material: Material): boolean => {
    if (is === undefined || than === undefined) return true
    const own = toneOf(material)
    return own !== undefined && tonesFit(own, is, than)
  }
  return shelfOf(states)
    .fitting(slot.wish)
    .flatMap(({ material, onHand }) =>
      (slot.mayShare || !taken.has(material.id)) && tonesStand(material)
        ? [
            {
              material,
              points:
                mismatch(material, slot.wish) +
                highlightOff(slot, material, than) +
                (onHand > 0 ? 0 : material.blendId === undefined ? NOT_IN_STOCK : NOT_MIXED),
            },
          ]
        : [],
    )
    .sort((a, b) => a.points - b.points || (a.material.id < b.material.id ? -1 : 1))
    .map(({ material }) => material)
}

/** How far a material is from a good highlight of what its slot goes with; 0 for other slots. */
const highlightOff = (slot: Slot, material: Material, than: string | undefined): number => {
  const own = toneOf(material)
  return slot.tone?.is === 'lighter' && than !== undefined && own !== undefined
    ? highlightFit(own, than).off
    : 0
}

/** Why a highlight is only the nearest there is; undefined for a good one. */
function highlightWords(slot: Slot, material: Material, than: string | undefined): string | undefined {
  const own = toneOf(material)
  if (slot.tone?.is !== 'lighter' || than === undefined || own === undefined) return undefined
  const { lighter, hueDeg, off } = highlightFit(own, than)
  return off > 0
    ? `the nearest there is: ${plainNumber(lighter, 1)} L* lighter and ${plainNumber(hueDeg, 1)}° of hue away; a highlight is 5 to 12 lighter, within 15°. Or mix one.`
    : undefined
}

/**
 * Fills the slots of a way of making in their order: with what the maker chose where it fits, else with the
 * best on the list. A choice that no longer fits its neighbour's tone is said and passed over; where nothing
 * fits, the slot stays open.
 * @param heightsMm of the pieces, for what has been sorted by size: each takes from the heap of its own
 */
export function fillSlots(
  slots: readonly Slot[],
  chosen: Readonly<Record<string, string>>,
  states: readonly StockState[],
  heightsMm: readonly number[] = [],
): Filled[] {
  const filled: Filled[] = []
  const taken = new Set<string>()
  const slotTone = (slotId: string): string | undefined => {
    const [first] = filled.find(({ slot }) => slot.id === slotId)?.parts ?? []
    return first && toneOf(first.material)
  }
  for (const slot of slots) {
    const picked = Object.hasOwn(chosen, slot.id)
      ? shelfOf(states).byId.get(chosen[slot.id] ?? '')?.material
      : undefined
    // A jar may serve two slots where the maker says so.
    const fits = picked && candidatesFor(slot, states, slotTone, new Set()).includes(picked)
    const found = fits
      ? { slot, parts: [{ material: picked, share: 1 }], chosen: true }
      : proposed(slot, states, slotTone, taken, picked, heightsMm)
    filled.push(found)
    for (const { material } of found.parts) taken.add(material.id)
  }
  return filled
}

function proposed(
  slot: Slot,
  states: readonly StockState[],
  slotTone: (slotId: string) => string | undefined,
  taken: ReadonlySet<string>,
  refused: Material | undefined,
  heightsMm: readonly number[],
): Filled {
  const passedOver =
    refused &&
    (slot.tone
      ? `“${refused.name}” was chosen, but is not ${slot.tone.is} than what it goes with`
      : `“${refused.name}” was chosen; wanted is ${specWords(slot.wish)}`)
  // A blend is mixed for a tone of its own: it goes where its maker puts it.
  const candidates = candidatesFor(slot, states, slotTone, taken).filter(
    ({ blendId }) => blendId === undefined,
  )
  const [best] = candidates
  if (!best) {
    const tone = slot.tone
      ? `, ${slot.tone.is} than the ${slot.tone.than.replaceAll('-', ' ')} and of its hue`
      : ''
    return { slot, parts: [], chosen: false, because: `wanted: ${specWords(slot.wish)}${tone}` }
  }
  const heaps = sortedHeaps(slot.wish, candidates, states, heightsMm)
  if (heaps) return { slot, chosen: false, ...heaps }
  const mixed = mixedLengths(slot.wish, best, candidates)
  if (mixed) return { slot, chosen: false, ...mixed }
  return {
    slot,
    parts: [{ material: best, share: 1 }],
    chosen: false,
    ...because(passedOver ?? highlightWords(slot, best, slot.tone && slotTone(slot.tone.than))),
  }
}

const because = (words: string | undefined) => (words === undefined ? {} : { because: words })

/** Lengths nearer than this to the wanted one are taken as they are. */
const NEAR_ENOUGH = 0.1

/** Two lengths of the best fibre's family that average to the wanted length; undefined where one will do. */
function mixedLengths(
  wish: MaterialSpec,
  best: Material,
  candidates: readonly Material[],
): Pick<Filled, 'parts' | 'because'> | undefined {
  if (wish.stuff !== 'fibre' || best.family === undefined) return undefined
  const lengthOf = ({ of }: Material): number => (of.stuff === 'fibre' ? of.lengthMm : 0)
  if (Math.abs(Math.log(lengthOf(best) / wish.lengthMm)) <= NEAR_ENOUGH) return undefined
  const family = candidates.filter(({ family: own }) => own === best.family)
  const { shorterMm, longerMm, share } = mixLengths(wish.lengthMm, family.map(lengthOf))
  const shorter = family.find((material) => lengthOf(material) === shorterMm)
  const longer = family.find((material) => lengthOf(material) === longerMm)
  if (!shorter || !longer || shorter === longer || share < 0.1 || share > 0.9) return undefined
  return {
    parts: [
      { material: shorter, share: 1 - share },
      { material: longer, share },
    ],
    because: `${plainNumber(wish.lengthMm, 1)} mm is not stocked: ${Math.round((1 - share) * 100)} % of ${shorterMm} mm and ${Math.round(share * 100)} % of ${longerMm} mm, by number`,
  }
}

/**
 * Heaps that a box was sorted into, each with the share of the pieces that take from it: the tallest piece first,
 * from the nearest heap that still has some, or from a box that nobody has sorted where none is near. Undefined
 * where the best is no heap, or one is enough.
 */
function sortedHeaps(
  wish: MaterialSpec,
  candidates: readonly Material[],
  states: readonly StockState[],
  heightsMm: readonly number[],
): Pick<Filled, 'parts' | 'because'> | undefined {
  if (wish.stuff !== 'twig' || heightsMm.length === 0) return undefined
  const isHeap = ({ of }: Material): boolean => of.stuff === 'twig' && of.sorted === true
  if (!candidates[0] || !isHeap(candidates[0])) return undefined
  // Heaps, and the first box that is not sorted.
  const box = candidates.find((material) => !isHeap(material))
  const heaps = [...candidates.filter(isHeap), ...(box ? [box] : [])].map((material) => ({
    material,
    left: Math.floor(shelfOf(states).byId.get(material.id)?.onHand ?? 0),
    count: 0,
  }))
  // Of very many some stand for all.
  const some = representatives(heightsMm, (height) => height, MOST_SORTED)
  const each = heightsMm.length / some.length
  for (const height of [...some].sort((a, b) => b - a)) {
    let heap = heaps.find(({ left }) => left > 0) ?? heaps[0]
    for (const other of heaps)
      if (heap && other.left > 0 && offHeap(other.material, height) < offHeap(heap.material, height))
        heap = other
    if (!heap) return undefined
    heap.left -= each
    heap.count += each
  }
  const used = heaps.filter(({ count }) => count > 0).sort((a, b) => b.count - a.count)
  if (used.length < 2) return undefined
  return {
    parts: used.map(({ material, count }) => ({ material, share: count / heightsMm.length })),
    because: `by height: ${used.map(({ material, count }) => `${Math.round(count)} from ${sizeOf(material)}`).join(', ')}`,
  }
}

/** Pieces that are given to a heap one by one. */
const MOST_SORTED = 2_000

/** A heap within a quarter of the height goes before a box that is still to be sorted. From memory. */
const UNSORTED = 0.32
const offHeap = ({ of }: Material, heightMm: number): number =>
  of.stuff === 'twig' ? (of.sorted ? outside(of, heightMm) : UNSORTED + outside(of, heightMm)) : Infinity
const sizeOf = ({ of, name }: Material): string =>
  of.stuff === 'twig' && of.fromMm !== undefined && of.toMm !== undefined
    ? `${of.fromMm}–${of.toMm} mm`
    : name
