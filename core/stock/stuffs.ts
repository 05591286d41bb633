import * as z from 'zod'
import { colourSchema, idSchema } from '../units/schema'

/**
 * What a material is made of: each stuff with the properties that ways of making ask for. A size is what the
 * maker buys it by; bounds are what is physically meaningful for model work, and forms read them here.
 */
const grainMm = z.number().min(0.02).max(60)
const sideMm = z.number().min(0.05).max(5_000)
const colour = colourSchema.optional()
const heights = {
  fromMm: z.number().min(1).max(2_000).optional(),
  toMm: z.number().min(1).max(2_000).optional(),
}

const stuff = <N extends string, S extends z.core.$ZodLooseShape>(name: N, shape: S) =>
  z.strictObject({ stuff: z.literal(name), ...shape })

export const liquids = [
  'pva',
  'matte-medium',
  'contact-adhesive',
  'spray-adhesive',
  'hairspray',
  'ca',
  'activator',
  'hot-glue',
  'paste',
  'stain',
  'paint',
  'spray-paint',
  'latex',
  'cement',
  'varnish',
  'brush-varnish',
  'filler',
  'construction',
  'resin',
  'alcohol',
  'other',
] as const
export type Liquid = (typeof liquids)[number]

export const padKinds = ['fibre', 'coir'] as const
export const foamForms = ['ground', 'leaf', 'clump'] as const
export const powders = [
  'grout',
  'sawdust',
  'coffee',
  'pastel',
  'blossom',
  'litter',
  'snow',
  'soil',
  'other',
] as const
export type Powder = (typeof powders)[number]
export const goodsKinds = [
  'trunk',
  'ready-tree',
  'ready-tuft',
  'ready-bush',
  'ready-hedge',
  'old-piece',
  'pin',
  'tape',
  'other',
] as const
export const sheetKinds = [
  'release',
  'cloth',
  'mesh',
  'ivy-mesh',
  'horsehair',
  'mat',
  'foam-sheet',
  'other',
] as const
/** What is teased besides filter wool and the like; absent: that. */
export const woolKinds = ['stuffing', 'hank', 'lichen'] as const
export const twigKinds = ['sprig', 'curved-sprig', 'twig', 'root', 'head', 'stem'] as const

/** How a film dries to the eye. */
export const finishes = ['matt', 'satin', 'gloss'] as const
/** What it does to bare rigid foam, where a jar says otherwise than its kind. */
export const onFoamWords = ['melts', 'spares'] as const

export const stuffSchemas = [
  /** Ground foam and leaf scatter are sprinkled, clump foam is pressed or set. */
  stuff('foam', { form: z.enum(foamForms), grainMm, colour }),
  /** Cut fibre for an applicator, by its length. */
  stuff('fibre', { lengthMm: z.number().min(0.2).max(60), dtex: z.number().min(0.5).max(500), colour }),
  /** Filter wool, stuffing, long field fibre in hanks, lichen: what is teased apart. */
  stuff('wool', { wool: z.enum(woolKinds).optional(), colour }),
  stuff('wire', { diameterMm: z.number().min(0.05).max(6) }),
  /** Fibre pad or coir, in pieces of such a size. */
  stuff('pad', {
    thicknessMm: z.number().min(0.5).max(200),
    widthMm: sideMm.optional(),
    heightMm: sideMm.optional(),
    pad: z.enum(padKinds).optional(),
    colour,
  }),
  /** A dowel or rod, with the length that it is sold in. */
  stuff('dowel', { diameterMm: z.number().min(0.5).max(60), rodMm: sideMm.optional() }),
  /** Glue, paint, filler. Its own times at 20 °C and 50 %, as its label says; absent: as usual for its kind. */
  stuff('liquid', {
    liquid: z.enum(liquids),
    colour,
    /** So long it can be worked on, s. */
    openSec: z.number().min(1).max(86_400).optional(),
    /** So long until it has set or dried, min. */
    setsMin: z.number().min(0.1).max(20_160).optional(),
    finish: z.enum(finishes).optional(),
    onFoam: z.enum(onFoamWords).optional(),
  }),
  /** Mixed from other materials and water, by volume. */
  stuff('mixture', {
    parts: z
      .array(
        z.strictObject({
          materialId: idSchema.optional(),
          name: z.string().max(60),
          parts: z.number().min(0.01).max(1000),
        }),
      )
      .min(1)
      .max(12),
    colour,
  }),
  /** Hemp or sisal rope, whose ends are opened. */
  stuff('rope', { diameterMm: z.number().min(0.5).max(60), colour }),
  /** Dried sprigs, twigs, roots, flower heads. */
  stuff('twig', {
    twig: z.enum(twigKinds),
    ...heights,
    /** Of one size class, sorted from a box. */
    sorted: z.boolean().optional(),
  }),
  stuff('sheet', {
    sheet: z.enum(sheetKinds),
    widthMm: sideMm.optional(),
    heightMm: sideMm.optional(),
    colour,
  }),
  /** Grout, sawdust, ground coffee, pastels, petals, litter; absent: not said. */
  stuff('powder', { powder: z.enum(powders).optional(), grainMm: grainMm.optional(), colour }),
  /** Bought in pieces: moulded trunks, ready trees, pins, tape. */
  stuff('goods', { goods: z.enum(goodsKinds), ...heights, colour }),
  stuff('other', { colour }),
] as const

export const stuffSchema = z.discriminatedUnion('stuff', stuffSchemas)
export type Stuff = z.infer<typeof stuffSchema>
export type StuffName = Stuff['stuff']

/** Words for each stuff, as makers call it. */
export const stuffNames: Record<StuffName, string> = {
  foam: 'Foam',
  fibre: 'Static fibre',
  wool: 'Wool and stuffing',
  wire: 'Wire',
  pad: 'Pad',
  dowel: 'Dowel',
  rope: 'Rope',
  liquid: 'Glue, paint, medium',
  mixture: 'Mixture',
  twig: 'Sprigs and twigs',
  sheet: 'Sheet',
  powder: 'Powder',
  goods: 'Piece goods',
  other: 'Other',
}

/** The colour of a stuff, where it has one. */
export const colourOf = (of: Stuff): string | undefined => ('colour' in of ? of.colour : undefined)
