import type { MaterialSpec } from '../../stock'
import type { StockUnit } from '../../units'

type Kind<S extends MaterialSpec['stuff'], K extends string> =
  Extract<MaterialSpec, { stuff: S }> extends infer W ? (W extends Record<K, infer V> ? V : never) : never
const coloured = (colour: string | undefined) => (colour === undefined ? {} : { colour })
const high = (heightMm: number | undefined) => (heightMm === undefined ? {} : { heightMm })

export const liquid = (kind: Kind<'liquid', 'liquid'>, colour?: string): MaterialSpec => ({
  stuff: 'liquid',
  liquid: kind,
  ...coloured(colour),
})
export const sprayPaint = (colour: string): MaterialSpec => liquid('spray-paint', colour)
export const paint = (colour: string): MaterialSpec => liquid('paint', colour)
export const powder = (kind: Kind<'powder', 'powder'>, colour?: string): MaterialSpec => ({
  stuff: 'powder',
  powder: kind,
  ...coloured(colour),
})
/** White glue that grabs and dries quickly: what is to hold at once. Plain PVA does it, and takes its time. */
export const tackyPva: MaterialSpec = { stuff: 'liquid', liquid: 'pva', quick: true }
/** Fine dry soil: it lies as thin as dust, and hides what shines. */
export const fineEarth = powder('soil', '#806a49')
/** Ground foam, of so many mm. */
export const foam = (
  grainMm: number,
  colour: string,
  form: Kind<'foam', 'form'> = 'ground',
): MaterialSpec => ({
  stuff: 'foam',
  form,
  grainMm,
  colour,
})
export const leafScatter = (grainMm: number, colour: string): MaterialSpec => foam(grainMm, colour, 'leaf')
export const clump = (grainMm: number, colour: string): MaterialSpec => foam(grainMm, colour, 'clump')
/** Fibre that an applicator sets upright. @param mostMm the longest that passes */
export const fibre = (lengthMm: number, colour: string, mostMm?: number): MaterialSpec => ({
  stuff: 'fibre',
  lengthMm,
  colour,
  ...(mostMm === undefined ? {} : { mostMm }),
})
/** Fibre that is sprinkled by hand: of any length. */
export const sprinkledFibre = (lengthMm: number, colour: string): MaterialSpec => ({
  stuff: 'fibre',
  how: 'sprinkled',
  lengthMm,
  colour,
})
export const wool = (kind?: 'hank' | 'lichen' | 'stuffing', colour?: string): MaterialSpec => ({
  stuff: 'wool',
  ...(kind === undefined ? {} : { wool: kind }),
  ...coloured(colour),
})
export const sheet = (kind: Kind<'sheet', 'sheet'>, colour?: string): MaterialSpec => ({
  stuff: 'sheet',
  sheet: kind,
  ...coloured(colour),
})
export const twig = (kind: Kind<'twig', 'twig'>, heightMm: number): MaterialSpec => ({
  stuff: 'twig',
  twig: kind,
  heightMm,
})
export const goods = (kind: Kind<'goods', 'goods'>, heightMm?: number, colour?: string): MaterialSpec => ({
  stuff: 'goods',
  goods: kind,
  ...high(heightMm),
  ...coloured(colour),
})
export const rod = (stuff: 'wire' | 'dowel' | 'rope', diameterMm: number): MaterialSpec => ({
  stuff,
  diameterMm,
})
export const pad = (kind: Kind<'pad', 'pad'>, thicknessMm: number, colour: string): MaterialSpec => ({
  stuff: 'pad',
  pad: kind,
  thicknessMm,
  colour,
})
/** One material and no other: what a recipe begins with. */
export const only = (materialId: string, words: string, unit: StockUnit = 'g'): MaterialSpec => ({
  stuff: 'other',
  materialId,
  words,
  ...(unit === 'g' ? {} : { unit }),
})
