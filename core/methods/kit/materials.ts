import type { Slot, Wish } from '../../makeup'

/** What a slot may be told besides what fills it. */
type Extra = Pick<Slot, 'tone' | 'mayShare' | 'optional'>

/** The piece is made without it. */
export const optional: Extra = { optional: true }
/** A jar that another slot takes from may serve it too. */
export const sharing: Extra = { mayShare: true }
export const lighter = (than: string): Extra => ({ tone: { is: 'lighter', than } })
export const darker = (than: string): Extra => ({ tone: { is: 'darker', than } })

/** A place that a material fills. */
export const slot = (id: string, label: string, wish: Wish, ...extras: readonly Extra[]): Slot =>
  Object.assign({ id, label, wish }, ...extras) as Slot

type Kind<S extends Wish['stuff'], K extends string> =
  Extract<Wish, { stuff: S }> extends infer W ? (W extends Record<K, infer V> ? V : never) : never
const coloured = (colour: string | undefined) => (colour === undefined ? {} : { colour })
const high = (heightMm: number | undefined) => (heightMm === undefined ? {} : { heightMm })

export const liquid = (kind: Kind<'liquid', 'liquid'>, colour?: string): Wish => ({
  stuff: 'liquid',
  liquid: kind,
  ...coloured(colour),
})
export const sprayPaint = (colour: string): Wish => liquid('spray-paint', colour)
export const paint = (colour: string): Wish => liquid('paint', colour)
export const powder = (kind: Kind<'powder', 'powder'>, colour?: string): Wish => ({
  stuff: 'powder',
  powder: kind,
  ...coloured(colour),
})
/** Ground foam, of so many mm. */
export const foam = (grainMm: number, colour: string, form: Kind<'foam', 'form'> = 'ground'): Wish => ({
  stuff: 'foam',
  form,
  grainMm,
  colour,
})
export const leafScatter = (grainMm: number, colour: string): Wish => foam(grainMm, colour, 'leaf')
export const clump = (grainMm: number, colour: string): Wish => foam(grainMm, colour, 'clump')
/** Fibre that an applicator sets upright. @param mostMm the longest that passes */
export const fibre = (lengthMm: number, colour: string, mostMm?: number): Wish => ({
  stuff: 'fibre',
  lengthMm,
  colour,
  ...(mostMm === undefined ? {} : { mostMm }),
})
/** Fibre that is sprinkled by hand: of any length. */
export const sprinkledFibre = (lengthMm: number, colour: string): Wish => ({
  stuff: 'fibre',
  how: 'sprinkled',
  lengthMm,
  colour,
})
export const wool = (kind?: 'hank' | 'lichen' | 'stuffing', colour?: string): Wish => ({
  stuff: 'wool',
  ...(kind === undefined ? {} : { wool: kind }),
  ...coloured(colour),
})
export const sheet = (kind: Kind<'sheet', 'sheet'>, colour?: string): Wish => ({
  stuff: 'sheet',
  sheet: kind,
  ...coloured(colour),
})
export const twig = (kind: Kind<'twig', 'twig'>, heightMm: number): Wish => ({
  stuff: 'twig',
  twig: kind,
  heightMm,
})
export const goods = (kind: Kind<'goods', 'goods'>, heightMm?: number): Wish => ({
  stuff: 'goods',
  goods: kind,
  ...high(heightMm),
})
export const rod = (stuff: 'wire' | 'dowel' | 'rope', diameterMm: number): Wish => ({ stuff, diameterMm })
export const pad = (kind: Kind<'pad', 'pad'>, thicknessMm: number, colour: string): Wish => ({
  stuff: 'pad',
  pad: kind,
  thicknessMm,
  colour,
})
/** One material and no other: what a recipe begins with. */
export const only = (materialId: string, words: string): Wish => ({ stuff: 'other', materialId, words })
