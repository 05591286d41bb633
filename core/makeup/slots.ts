import {
  highlightFit,
  meltsFoam,
  mismatch,
  mixedLengths,
  shelfOf,
  sortedHeaps,
  specWords,
  toneOf,
  tonesFit,
  type Material,
  type MaterialSpec,
  type StockState,
} from '../stock'
import { plainNumber } from '../units'

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
/** Where something of the kind can be bought, what must be made or gathered first comes after it. */
const NOT_SOLD = 1.5
/** What would melt the foam that it is put on: only where nothing else there is can do it. */
const MELTED = 10
/** A blend that has not been mixed comes last on the list. */
const NOT_MIXED = 20

/**
 * Materials that may fill a slot, the best first. Two tones come from two jars: what another slot has taken
 * is left out.
 * @param onFoam it is put on bare foam: what melts it comes last
 */
export function candidatesFor(
  slot: Slot,
  states: readonly StockState[],
  slotTone: (slotId: string) => string | undefined,
  taken: ReadonlySet<string>,
  onFoam = false,
): Material[] {
  const than = slot.tone && slotTone(slot.tone.than)
  const { is } = slot.tone ?? {}
  const tonesStand = (material: Material): boolean => {
    if (is === undefined || than === undefined) return true
    const own = toneOf(material)
    return own !== undefined && tonesFit(own, is, than)
  }
  const fitting = shelfOf(states).fitting(slot.wish)
  const isSold = fitting.some(({ material }) => material.packQuantity !== undefined)
  return fitting
    .flatMap(({ material, onHand }) =>
      (slot.mayShare || !taken.has(material.id)) && tonesStand(material)
        ? [
            {
              material,
              points:
                mismatch(material, slot.wish) +
                highlightOff(slot, material, than) +
                (onFoam && meltsFoam(material) ? MELTED : 0) +
                (onHand > 0 ? 0 : absence(material, isSold)),
            },
          ]
        : [],
    )
    .sort((a, b) => a.points - b.points || (a.material.id < b.material.id ? -1 : 1))
    .map(({ material }) => material)
}

/** What it counts for that there is none of it. */
const absence = ({ blendId, packQuantity }: Material, isSold: boolean): number =>
  blendId !== undefined ? NOT_MIXED : NOT_IN_STOCK + (isSold && packQuantity === undefined ? NOT_SOLD : 0)

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
 * @param onFoam they are put on bare foam
 */
export function fillSlots(
  slots: readonly Slot[],
  chosen: Readonly<Record<string, string>>,
  states: readonly StockState[],
  heightsMm: readonly number[] = [],
  onFoam = false,
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
      : proposed(
          slot,
          candidatesFor(slot, states, slotTone, taken, onFoam),
          states,
          slotTone,
          picked,
          heightsMm,
        )
    filled.push(found)
    for (const { material } of found.parts) taken.add(material.id)
  }
  return filled
}

function proposed(
  slot: Slot,
  all: readonly Material[],
  states: readonly StockState[],
  slotTone: (slotId: string) => string | undefined,
  refused: Material | undefined,
  heightsMm: readonly number[],
): Filled {
  const passedOver =
    refused &&
    (slot.tone
      ? `“${refused.name}” was chosen, but is not ${slot.tone.is} than what it goes with`
      : `“${refused.name}” was chosen; wanted is ${specWords(slot.wish)}`)
  // A blend is mixed for a tone of its own: it goes where its maker puts it.
  const candidates = all.filter(({ blendId }) => blendId === undefined)
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
