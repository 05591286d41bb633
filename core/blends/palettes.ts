import * as z from 'zod'
import { difference2000, toLab } from '../colour'
import type { BlendUse } from './records'
import { changeable, colourSchema, idSchema, nameSchema, noteSchema } from '../units/schema'

export const MOST_COLOURS = 256

/** Colours that belong together: a commission's own, made first and kept; or one that was read from a file. */
export const paletteSchema = z.strictObject({
  ...changeable,
  name: nameSchema,
  commissionId: idSchema.optional(),
  colours: z
    .array(z.strictObject({ name: z.string().max(80), colour: colourSchema }))
    .min(1)
    .max(MOST_COLOURS),
  note: noteSchema.optional(),
})
export type PaletteRecord = z.infer<typeof paletteSchema>
export type PaletteColour = PaletteRecord['colours'][number]

/** A reference palette of our own: the tones of a kind of country, sealed. */
export interface ReferencePalette {
  readonly id: string
  readonly name: string
  readonly words: string
  readonly colours: readonly PaletteColour[]
  /** Which of its colours a set of blends is made for, by their names, and what each is for. */
  readonly set: Readonly<Record<string, BlendUse>>
}

const row = (name: string, colour: string): PaletteColour => ({ name, colour })

/**
 * Three kinds of country that a scene mostly belongs to (common practice); the colours are our own, from memory,
 * for early summer unless they say autumn.
 */
export const referencePalettes: readonly ReferencePalette[] = [
  {
    id: 'dry-continental',
    name: 'Dry continental',
    words: 'Pale, grey-green and straw; olive rather than green.',
    colours: [
      row('Crown, shade', '#4c5233'),
      row('Crown, base', '#6b7046'),
      row('Crown, light', '#868a5c'),
      row('Grey scrub', '#7c8268'),
      row('Dry grass', '#b39f66'),
      row('Green grass', '#8a8d52'),
      row('Straw', '#c8b67f'),
      row('Autumn', '#a8793a'),
      row('Ground', '#8d7757'),
    ],
    set: {
      'Crown, shade': 'crown',
      'Crown, base': 'crown',
      'Crown, light': 'crown',
      'Dry grass': 'sward',
      Ground: 'ground',
    },
  },
  {
    id: 'boreal-dark',
    name: 'Boreal dark green',
    words: 'Deep and bluish greens, grey lichen, brown ground.',
    colours: [
      row('Needles, shade', '#20301f'),
      row('Needles, base', '#314530'),
      row('Needles, light', '#46593d'),
      row('Birch', '#5d7038'),
      row('Dwarf shrubs', '#4a5432'),
      row('Moss', '#5a6330'),
      row('Lichen', '#99a08a'),
      row('Autumn', '#a98a35'),
      row('Ground', '#4e4032'),
    ],
    set: {
      'Needles, shade': 'needles',
      'Needles, base': 'needles',
      'Needles, light': 'needles',
      Moss: 'turf',
      Ground: 'ground',
    },
  },
  {
    id: 'bright-meadow',
    name: 'Bright temperate meadow',
    words: 'Fresh greens, a step apart; yellow-green where the light falls.',
    colours: [
      row('Crown, shade', '#3d5426'),
      row('Crown, base', '#557033'),
      row('Crown, light', '#708c43'),
      row('Hedge', '#4d6630'),
      row('Meadow', '#7f9444'),
      row('Fresh grass', '#8fa64b'),
      row('Seed heads', '#b0a366'),
      row('Autumn', '#b5803a'),
      row('Ground', '#75604a'),
    ],
    set: {
      'Crown, shade': 'crown',
      'Crown, base': 'crown',
      'Crown, light': 'crown',
      Meadow: 'sward',
      Ground: 'ground',
    },
  },
]

/** Two colours of a palette that make trouble. */
export interface Clash {
  readonly kind: 'too alike' | 'too loud'
  readonly words: string
}

/** Common practice; the numbers are from memory: less apart is one bag, further from the whole is loud. */
const ALIKE = 2.5
const LOUD_CHROMA = 14

const chromaOf = (colour: string): number => Math.hypot(toLab(colour)[1], toLab(colour)[2])

/**
 * How a colour stands in a palette: too alike to another to be a tone of its own, or louder than all of it.
 * @param others colours that it must be told from, with their names
 */
export function clashesOf(
  colour: string,
  others: readonly PaletteColour[],
  palette: readonly PaletteColour[],
): Clash[] {
  const clashes: Clash[] = []
  const own = toLab(colour)
  for (const other of others) {
    const away = difference2000(own, toLab(other.colour))
    if (away < ALIKE)
      clashes.push({ kind: 'too alike', words: `too alike to “${other.name}” (ΔE ${away.toFixed(1)})` })
  }
  if (palette.length > 0) {
    const loudest = Math.max(...palette.map((one) => chromaOf(one.colour)))
    const beyond = chromaOf(colour) - loudest
    if (beyond > LOUD_CHROMA)
      clashes.push({
        kind: 'too loud',
        words: `louder than anything in the palette (C* ${beyond.toFixed(0)} beyond)`,
      })
  }
  return clashes
}

/** The colour of a palette that lies nearest to another, and how far. */
export function nearestIn(
  colour: string,
  palette: readonly PaletteColour[],
): { readonly colour: PaletteColour; readonly off: number } | undefined {
  const own = toLab(colour)
  return palette
    .map((one) => ({ colour: one, off: difference2000(own, toLab(one.colour)) }))
    .sort((a, b) => a.off - b.off)[0]
}
