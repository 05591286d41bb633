import { toLab, difference76 } from '../colour'
import { mixLengths } from '../coverage'
import {
  colourOf,
  type foamForms,
  type Liquid,
  type Material,
  type Powder,
  type StockState,
  type Stuff,
} from '../stock'
import { plainNumber, type StockUnit } from '../units'

/** What a slot would like to have, in the properties of the stuff itself. */
export type Wish =
  | {
      readonly stuff: 'foam'
      readonly form: (typeof foamForms)[number]
      readonly grainMm: number
      readonly colour: string
    }
  | { readonly stuff: 'fibre'; readonly lengthMm: number; readonly colour: string }
  | {
      readonly stuff: 'wool'
      readonly wool?: Extract<Stuff, { stuff: 'wool' }>['wool']
      readonly colour?: string
    }
  | { readonly stuff: 'liquid'; readonly liquid: Liquid; readonly colour?: string }
  | { readonly stuff: 'powder'; readonly powder: Powder; readonly colour?: string }
  /** One material and no other: what a recipe begins with. */
  | { readonly stuff: 'other'; readonly materialId: string; readonly words: string }
  | { readonly stuff: 'wire' | 'dowel' | 'rope'; readonly diameterMm: number }
  | {
      readonly stuff: 'pad'
      readonly pad: 'fibre' | 'coir'
      readonly thicknessMm: number
      readonly colour?: string
    }
  | {
      readonly stuff: 'twig'
      readonly twig: Extract<Stuff, { stuff: 'twig' }>['twig']
      readonly heightMm: number
    }
  | {
      readonly stuff: 'goods'
      readonly goods: Extract<Stuff, { stuff: 'goods' }>['goods']
      /** What it must serve; absent where one size serves all. */
      readonly heightMm?: number
    }
  | {
      readonly stuff: 'sheet'
      readonly sheet: Extract<Stuff, { stuff: 'sheet' }>['sheet']
      readonly colour?: string
    }

/** A place in a way of making that a material fills, or two lengths of one fibre mixed. */
export interface Slot {
  readonly id: string
  readonly label: string
  readonly wish: Wish
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

/** Whether a material is the stuff that a wish names. */
export function isKindOf({ id, of }: Pick<Material, 'id' | 'of'>, wish: Wish): boolean {
  if (wish.stuff === 'other') return id === wish.materialId
  if (of.stuff !== wish.stuff) return false
  switch (wish.stuff) {
    case 'foam':
      return of.stuff === 'foam' && of.form === wish.form
    case 'liquid':
      return of.stuff === 'liquid' && of.liquid === wish.liquid
    case 'twig':
      return of.stuff === 'twig' && of.twig === wish.twig
    case 'goods':
      return of.stuff === 'goods' && of.goods === wish.goods
    case 'wool':
      return of.stuff === 'wool' && of.wool === wish.wool
    case 'sheet':
      return of.stuff === 'sheet' && of.sheet === wish.sheet
    case 'powder':
      return of.stuff === 'powder' && of.powder === wish.powder
    case 'pad':
      return of.stuff === 'pad' && (of.pad ?? 'fibre') === wish.pad
    default:
      return true
  }
}

/** The unit that a wish is counted in: a material that is counted otherwise can't fill it. */
export function unitOf(wish: Wish): StockUnit {
  switch (wish.stuff) {
    case 'liquid':
      return 'ml'
    case 'twig':
    case 'dowel':
    case 'pad':
      return 'piece'
    case 'goods':
      return wish.goods === 'tape' ? 'mm' : 'piece'
    case 'wire':
    case 'rope':
      return 'mm'
    case 'sheet':
      return 'cm2'
    default:
      return 'g'
  }
}

const octaves = (have: number, want: number): number => Math.abs(Math.log2(have / want))

/** How far a height lies outside what a twig or a trunk serves, in octaves. */
function outside(of: { fromMm?: number; toMm?: number }, heightMm: number): number {
  if (of.fromMm !== undefined && heightMm < of.fromMm) return Math.log2(of.fromMm / heightMm)
  if (of.toMm !== undefined && heightMm > of.toMm) return Math.log2(heightMm / of.toMm)
  return 0
}

/** What serves many sizes is a little worse than what was sorted for this one. From memory. */
const vague = ({ fromMm, toMm }: { fromMm?: number; toMm?: number }): number =>
  fromMm === undefined || toMm === undefined ? 0.1 : 0.04 * Math.log2(toMm / fromMm)

/**
 * How far a material is from what a slot wishes, 0 for a perfect match. One point is a halved or doubled
 * size, or a ΔE of 20.
 */
export function mismatch({ of }: Pick<Material, 'of'>, wish: Wish): number {
  const colour = 'colour' in wish ? wish.colour : undefined
  const own = colourOf(of)
  const away = colour === undefined || own === undefined ? 0 : difference76(own, colour) / 20
  if (wish.stuff === 'foam' && of.stuff === 'foam') return away + octaves(of.grainMm, wish.grainMm)
  if (wish.stuff === 'fibre' && of.stuff === 'fibre') return away + 1.5 * octaves(of.lengthMm, wish.lengthMm)
  if ('diameterMm' in wish && 'diameterMm' in of) return away + 2 * octaves(of.diameterMm, wish.diameterMm)
  if (wish.stuff === 'pad' && of.stuff === 'pad') return away + octaves(of.thicknessMm, wish.thicknessMm)
  if ((wish.stuff === 'twig' && of.stuff === 'twig') || (wish.stuff === 'goods' && of.stuff === 'goods'))
    return away + (wish.heightMm === undefined ? 0 : 2 * outside(of, wish.heightMm)) + vague(of)
  return away
}

/** The least step of lightness that reads as another tone, in L*. From memory. */
const TONE_STEP = 2
/** Hues within this angle are one family; greys belong to all. From memory. */
const HUE_FAMILY_DEG = 30
const GREY_CHROMA = 8

/** Whether two colours are of one hue family. */
export function sameHueFamily(first: string, second: string): boolean {
  const [, a1, b1] = toLab(first)
  const [, a2, b2] = toLab(second)
  if (Math.hypot(a1, b1) < GREY_CHROMA || Math.hypot(a2, b2) < GREY_CHROMA) return true
  const turn = Math.abs(Math.atan2(b1, a1) - Math.atan2(b2, a2)) * (180 / Math.PI)
  return Math.min(turn, 360 - turn) <= HUE_FAMILY_DEG
}

/** Whether a colour stands to another as a slot's tone must. */
export function tonesFit(colour: string, is: 'lighter' | 'darker', than: string): boolean {
  const step = toLab(colour)[0] - toLab(than)[0]
  return (is === 'lighter' ? step >= TONE_STEP : step <= -TONE_STEP) && sameHueFamily(colour, than)
}

/**
 * What having none of it in stock counts for, in points of {@link mismatch}: a near match on the shelf beats
 * a perfect one in the shop.
 */
const NOT_IN_STOCK = 0.6

/**
 * Materials that may fill a slot, the best first. Two tones come from two jars: what another slot has taken
 * is left out.
 */
export function candidatesFor(
  slot: Slot,
  states: readonly StockState[],
  toneOf: (slotId: string) => string | undefined,
  taken: ReadonlySet<string>,
): Material[] {
  const than = slot.tone && toneOf(slot.tone.than)
  return states
    .filter(
      ({ material }) =>
        isKindOf(material, slot.wish) &&
        material.unit === unitOf(slot.wish) &&
        (slot.mayShare || !taken.has(material.id)),
    )
    .filter(({ material }) => {
      const own = colourOf(material.of)
      return !slot.tone || than === undefined || (own !== undefined && tonesFit(own, slot.tone.is, than))
    })
    .map(({ material, onHand }) => ({
      material,
      points: mismatch(material, slot.wish) + (onHand > 0 ? 0 : NOT_IN_STOCK),
    }))
    .sort((a, b) => a.points - b.points || a.material.id.localeCompare(b.material.id))
    .map(({ material }) => material)
}

/** What a wish asks for, in words: "ground foam of about 0.5 mm". */
export function wishWords(wish: Wish): string {
  switch (wish.stuff) {
    case 'foam':
      return wish.form === 'leaf'
        ? `leaf scatter of about ${plainNumber(wish.grainMm, 1)} mm`
        : `${wish.form} foam of about ${plainNumber(wish.grainMm, 1)} mm`
    case 'powder':
      return wish.powder
    case 'other':
      return wish.words
    case 'wire':
    case 'dowel':
    case 'rope':
      return `${wish.stuff} of about ${plainNumber(wish.diameterMm, 2)} mm`
    case 'pad':
      return wish.pad === 'coir' ? 'coir' : `fibre pad of about ${plainNumber(wish.thicknessMm, 0)} mm`
    case 'fibre':
      return `static fibre of ${plainNumber(wish.lengthMm, 1)} mm`
    case 'liquid':
      return wish.liquid.replaceAll('-', ' ')
    case 'twig':
      return `${wish.twig.replaceAll('-', ' ')}s for ${Math.round(wish.heightMm)} mm`
    case 'goods':
      return wish.heightMm === undefined
        ? `a ${wish.goods}`
        : `a ${wish.goods.replaceAll('-', ' ')} for ${Math.round(wish.heightMm)} mm`
    case 'sheet':
      return wish.sheet === 'cloth' ? 'towelling cloth' : `${wish.sheet.replaceAll('-', ' ')} sheet`
    case 'wool':
      return wish.wool === 'hank' ? 'long fibre in hanks' : (wish.wool ?? 'wool')
  }
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
  const toneOf = (slotId: string): string | undefined => {
    const [first] = filled.find(({ slot }) => slot.id === slotId)?.parts ?? []
    return first && colourOf(first.material.of)
  }
  for (const slot of slots) {
    const picked = Object.hasOwn(chosen, slot.id)
      ? states.find(({ material }) => material.id === chosen[slot.id])?.material
      : undefined
    // A jar may serve two slots where the maker says so.
    const fits = picked && candidatesFor(slot, states, toneOf, new Set()).includes(picked)
    const found = fits ? filledWith(slot, picked) : proposed(slot, states, toneOf, taken, picked, heightsMm)
    filled.push(found)
    for (const { material } of found.parts) taken.add(material.id)
  }
  return filled
}

const filledWith = (slot: Slot, material: Material): Filled => ({
  slot,
  parts: [{ material, share: 1 }],
  chosen: true,
})

function proposed(
  slot: Slot,
  states: readonly StockState[],
  toneOf: (slotId: string) => string | undefined,
  taken: ReadonlySet<string>,
  refused: Material | undefined,
  heightsMm: readonly number[],
): Filled {
  const passedOver =
    refused &&
    `“${refused.name}” was chosen, but is not ${slot.tone?.is ?? 'of the kind'} than what it goes with`
  const candidates = candidatesFor(slot, states, toneOf, taken)
  const [best] = candidates
  if (!best) {
    const tone = slot.tone
      ? `, ${slot.tone.is} than the ${slot.tone.than.replaceAll('-', ' ')} and of its hue`
      : ''
    return { slot, parts: [], chosen: false, because: `wanted: ${wishWords(slot.wish)}${tone}` }
  }
  const heaps = sortedHeaps(slot.wish, candidates, states, heightsMm)
  if (heaps) return { slot, chosen: false, ...heaps }
  const mixed = mixedLengths(slot.wish, best, candidates)
  if (mixed) return { slot, chosen: false, ...mixed }
  return {
    slot,
    parts: [{ material: best, share: 1 }],
    chosen: false,
    ...(passedOver === undefined ? {} : { because: passedOver }),
  }
}

/** Lengths nearer than this to the wanted one are taken as they are. */
const NEAR_ENOUGH = 0.1

/** Two lengths of the best fibre's family that average to the wanted length; undefined where one will do. */
function mixedLengths(
  wish: Wish,
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
  wish: Wish,
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
    left: Math.floor(states.find((state) => state.material === material)?.onHand ?? 0),
    count: 0,
  }))
  for (const height of [...heightsMm].sort((a, b) => b - a)) {
    const own = heaps
      .filter(({ left }) => left > 0)
      .sort((a, b) => offHeap(a.material, height) - offHeap(b.material, height))[0]
    const heap = own ?? heaps[0]
    if (!heap) return undefined
    heap.left -= 1
    heap.count += 1
  }
  const used = heaps.filter(({ count }) => count > 0).sort((a, b) => b.count - a.count)
  if (used.length < 2) return undefined
  return {
    parts: used.map(({ material, count }) => ({ material, share: count / heightsMm.length })),
    because: `by height: ${used.map(({ material, count }) => `${count} from ${sizeOf(material)}`).join(', ')}`,
  }
}

/** A heap within a quarter of the height goes before a box that is still to be sorted. From memory. */
const UNSORTED = 0.32
const offHeap = ({ of }: Material, heightMm: number): number =>
  of.stuff === 'twig' ? (of.sorted ? outside(of, heightMm) : UNSORTED + outside(of, heightMm)) : Infinity
const sizeOf = ({ of, name }: Material): string =>
  of.stuff === 'twig' && of.fromMm !== undefined && of.toMm !== undefined
    ? `${of.fromMm}–${of.toMm} mm`
    : name
