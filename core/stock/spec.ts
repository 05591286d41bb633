import { difference76, toLab } from '../colour'
import { plainNumber, type StockUnit } from '../units'
import { colourOf, type foamForms, type Liquid, type Powder, type Stuff } from './stuffs'
import type { Material } from './records'

/** What a slot would like to have, in the properties of the stuff itself. */
export type MaterialSpec =
  | {
      readonly stuff: 'foam'
      readonly form: (typeof foamForms)[number]
      readonly grainMm: number
      readonly colour: string
    }
  | {
      readonly stuff: 'fibre'
      readonly lengthMm: number
      readonly colour: string
      /** Set upright by static, unless it is sprinkled by hand. */
      readonly how?: 'sprinkled'
      /** The longest that passes for what it stands for, mm; absent: any length. */
      readonly mostMm?: number
    }
  | {
      readonly stuff: 'wool'
      readonly wool?: Extract<Stuff, { stuff: 'wool' }>['wool']
      readonly colour?: string
    }
  | {
      readonly stuff: 'liquid'
      readonly liquid: Liquid
      readonly colour?: string
      /** What is to hold at once: one that sets within a few hours is better. */
      readonly quick?: boolean
    }
  | { readonly stuff: 'powder'; readonly powder: Powder; readonly colour?: string }
  /** One material and no other: what a recipe begins with. Counted in g where no unit is said. */
  | {
      readonly stuff: 'other'
      readonly materialId: string
      readonly words: string
      readonly unit?: StockUnit
    }
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
      readonly colour?: string
    }
  | {
      readonly stuff: 'sheet'
      readonly sheet: Extract<Stuff, { stuff: 'sheet' }>['sheet']
      readonly colour?: string
    }

/** What an applicator can throw: coarser or longer fibre does not fly. Common practice. */
export const FLIES = { dtex: 40, lengthMm: 12 } as const
/** The shortest fibre that every shelf has, mm: where there is no shorter one, it is never too long. */
const SHORTEST_MM = 2

/** The longest fibre that passes for a sward of some height: twice as high. */
export const longestFor = (swardMm: number): number => Math.max(SHORTEST_MM, 2 * swardMm)

/** Whether a material is the stuff that a wish names. */
export function isKindOf({ id, of }: Pick<Material, 'id' | 'of'>, wish: MaterialSpec): boolean {
  if (wish.stuff === 'other') return id === wish.materialId
  if (of.stuff !== wish.stuff) return false
  switch (wish.stuff) {
    case 'foam':
      return of.stuff === 'foam' && of.form === wish.form
    case 'liquid':
      return of.stuff === 'liquid' && of.liquid === wish.liquid
    case 'fibre':
      return (
        of.stuff === 'fibre' &&
        of.lengthMm <= (wish.mostMm ?? Infinity) &&
        (wish.how === 'sprinkled' || (of.dtex <= FLIES.dtex && of.lengthMm <= FLIES.lengthMm))
      )
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
export function unitOfSpec(wish: MaterialSpec): StockUnit {
  switch (wish.stuff) {
    case 'liquid':
      return 'ml'
    case 'twig':
    case 'dowel':
    case 'pad':
      return 'piece'
    case 'goods':
      return wish.goods === 'tape' || wish.goods === 'ready-hedge' ? 'mm' : 'piece'
    case 'wire':
    case 'rope':
      return 'mm'
    case 'sheet':
      return 'cm2'
    case 'other':
      return wish.unit ?? 'g'
    default:
      return 'g'
  }
}

/** The tone that a material is judged by: of a blend once sealed, as it was mixed for that; else its own. */
export const toneOf = ({ of, sealed }: Pick<Material, 'of' | 'sealed'>): string | undefined =>
  sealed ?? colourOf(of)

/** What shines is chosen where nothing matt is there; what sets overnight, for what is to hold at once, as well. */
const SHINES = { matt: 0, satin: 0.4, gloss: 0.8 } as const
const SLOW = 0.3
const QUICK_MIN = 300

const octaves = (have: number, want: number): number => Math.abs(Math.log2(have / want))

/** How far a height lies outside what a twig or a trunk serves, in octaves. */
export function outside(of: { fromMm?: number; toMm?: number }, heightMm: number): number {
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
export function mismatch(material: Pick<Material, 'of' | 'sealed'>, wish: MaterialSpec): number {
  const { of } = material
  const colour = 'colour' in wish ? wish.colour : undefined
  const own = toneOf(material)
  const away = colour === undefined || own === undefined ? 0 : difference76(own, colour) / 20
  if (wish.stuff === 'foam' && of.stuff === 'foam') return away + octaves(of.grainMm, wish.grainMm)
  if (wish.stuff === 'fibre' && of.stuff === 'fibre') return away + 1.5 * octaves(of.lengthMm, wish.lengthMm)
  if (wish.stuff === 'liquid' && of.stuff === 'liquid') {
    const isQuick = of.setsMin !== undefined && of.setsMin <= QUICK_MIN
    return (
      away + SHINES[of.finish ?? 'matt'] + (wish.quick === isQuick || wish.quick === undefined ? 0 : SLOW)
    )
  }
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
export const sameHueFamily = (first: string, second: string): boolean =>
  hueBetween(first, second) <= HUE_FAMILY_DEG

/** What a highlight is to its base: so much lighter, L*, and no farther in hue. Common practice: subtle, one step. */
const HIGHLIGHT = { least: 5, most: 12, hueDeg: 15 } as const

/** How a highlight stands to its base: so much lighter, L*; so far in hue, degrees; `off` is 0 for a good one. */
export interface HighlightFit {
  readonly lighter: number
  readonly hueDeg: number
  readonly off: number
}
export function highlightFit(colour: string, base: string): HighlightFit {
  const lighter = toLab(colour)[0] - toLab(base)[0]
  const hueDeg = hueBetween(colour, base)
  const { least, most, hueDeg: widest } = HIGHLIGHT
  const off =
    Math.max(0, least - lighter, lighter - most) / (most - least) + Math.max(0, hueDeg - widest) / widest
  return { lighter, hueDeg, off }
}

/** Degrees of hue between two colours; greys have none. */
function hueBetween(first: string, second: string): number {
  const [, a1, b1] = toLab(first)
  const [, a2, b2] = toLab(second)
  if (Math.hypot(a1, b1) < GREY_CHROMA || Math.hypot(a2, b2) < GREY_CHROMA) return 0
  const turn = Math.abs(Math.atan2(b1, a1) - Math.atan2(b2, a2)) * (180 / Math.PI)
  return Math.min(turn, 360 - turn)
}

/** Whether a colour stands to another as a slot's tone must. */
export function tonesFit(colour: string, is: 'lighter' | 'darker', than: string): boolean {
  const step = toLab(colour)[0] - toLab(than)[0]
  return (is === 'lighter' ? step >= TONE_STEP : step <= -TONE_STEP) && sameHueFamily(colour, than)
}

/** What a wish asks for, in words: "ground foam of about 0.5 mm". */
export function specWords(wish: MaterialSpec): string {
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
      return `${wish.how === 'sprinkled' ? 'cut' : 'static'} fibre of ${plainNumber(wish.lengthMm, 1)} mm${
        wish.mostMm === undefined ? '' : `, ${plainNumber(wish.mostMm, 1)} mm at most`
      }`
    case 'liquid':
      return `${wish.quick ? 'tacky ' : ''}${wish.liquid.replaceAll('-', ' ')}`
    case 'twig':
      return `${wish.twig.replaceAll('-', ' ')}s for ${Math.round(wish.heightMm)} mm`
    case 'goods':
      return wish.heightMm === undefined
        ? `a ${wish.goods.replaceAll('-', ' ')}`
        : `a ${wish.goods.replaceAll('-', ' ')} for ${Math.round(wish.heightMm)} mm`
    case 'sheet':
      return wish.sheet === 'cloth' ? 'towelling cloth' : `${wish.sheet.replaceAll('-', ' ')} sheet`
    case 'wool':
      return wish.wool === 'hank' ? 'long fibre in hanks' : (wish.wool ?? 'wool')
  }
}
