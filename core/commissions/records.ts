import * as z from 'zod'
import { hazeLaws } from '../colour'
import { layersSchema } from '../grass/layers'
import { gapsSchema } from '../hedges/gaps'
import { hedgeTreesSchema } from '../hedges/trees'
import { bases } from '../hedges/holes'
import { ages, groupings } from '../plants/kinds'
import { seasonLaws } from '../plants/season-shift'
import { changeable, colourSchema, dateSchema, idSchema, nameSchema, noteSchema } from '../units/schema'

const coordinate = z.number().min(-20_000).max(20_000)
/** A point on the board, mm from its front left corner. */
export const pointSchema = z.tuple([coordinate, coordinate])

/** What is kept clear of plants: a line of a width (track, path), or a closed shape. */
export const keepOutSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(['line', 'shape']),
  widthMm: z.number().min(0).max(2_000),
  /** How far crowns may reach over it, mm; absent: not at all. */
  overhangMm: z.number().min(0).max(500).optional(),
  /** It is water: waterside kinds stand at its edge. */
  water: z.boolean().optional(),
  points: z.array(pointSchema).min(2).max(200),
})
export type KeepOut = z.infer<typeof keepOutSchema>

/** What trees are set in on the scene. */
export const plantingGlues = ['pva', 'medium', 'hot-glue'] as const
export type PlantingGlue = (typeof plantingGlues)[number]

/** One job: scale, place, date depicted, viewing distance, deadline. */
export const commissionSchema = z.strictObject({
  ...changeable,
  name: nameSchema,
  /** 87.1 for 1:87.1. */
  ratio: z.number().min(1).max(2000),
  dateDepicted: dateSchema,
  place: z.string().max(120),
  /** Degrees, south negative. */
  latitudeDeg: z.number().min(-70).max(70),
  altitudeM: z.number().min(-430).max(6000),
  /**
   * How the seasons follow latitude and height; absent: gently. And how many days later its maker knows them
   * to come.
   */
  seasonLaw: z.enum(seasonLaws).optional(),
  springDays: z.number().int().min(-60).max(60).optional(),
  autumnDays: z.number().int().min(-60).max(60).optional(),
  deadline: dateSchema.optional(),
  /** From the eye to the front of the model, mm. */
  viewingMm: z.number().min(50).max(20_000),
  /** Share of true scale that plants are built at, 0.6–1. */
  stature: z.number().min(0.6).max(1),
  /** How colours are lightened for scale; absent: by the air alone. */
  haze: z.enum(hazeLaws).optional(),
  /** The board that it stands on, mm; its front edge is nearest to the eye. */
  boardWidthMm: z.number().min(10).max(20_000).optional(),
  boardDepthMm: z.number().min(10).max(5_000).optional(),
  /** Forced perspective: how many times its own depth the board is to seem; absent: 1. */
  depthFactor: z.number().min(1).max(10).optional(),
  /** Tracks, paths and shapes that are kept clear in the planting plan, in mm from the board's front left corner. */
  keepOuts: z.array(keepOutSchema).max(60).optional(),
  /** Only this share of the board's width is planted, from the left; absent: all of it. */
  plantedShare: z.number().min(0.02).max(1).optional(),
  /** Colour of what is painted behind its back edge: the row before it stands close, and goes over into it. */
  backdrop: colourSchema.optional(),
  /** What lies under its ground; absent: not said. And what trees are set in; absent: PVA. */
  base: z.enum(bases).optional(),
  plantingGlue: z.enum(plantingGlues).optional(),
  /** Another number, another planting plan. */
  planSeed: z.number().int().min(0).max(1_000_000).optional(),
  note: noteSchema.optional(),
})
export type Commission = z.infer<typeof commissionSchema>

export const zones = ['front', 'middle', 'back'] as const
export type Zone = (typeof zones)[number]

/** Pieces, mm of hedge and cm² of ground that a line may want. */
export const piecesSchema = z.number().int().min(1).max(10_000)
export const hedgeMmSchema = z.number().min(5).max(200_000)
export const areaCm2Schema = z.number().min(1).max(1_000_000)
export const stripMmSchema = z.number().min(1).max(200_000)

/**
 * How much of a plant a line wants: pieces; a length of hedge, free or trimmed; or an area. Lengths and areas
 * are those on the board, as makers measure them.
 */
export const amountSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('pieces'), pieces: piecesSchema }),
  z.strictObject({
    kind: z.literal('length'),
    lengthMm: hedgeMmSchema,
    section: z.enum(['free', 'trimmed']),
  }),
  z.strictObject({
    kind: z.literal('area'),
    areaCm2: areaCm2Schema,
    /** A verge, a track, a border: so long and so wide, where it was said so. */
    strip: z.strictObject({ lengthMm: stripMmSchema, widthMm: stripMmSchema }).optional(),
  }),
])
export type Amount = z.infer<typeof amountSchema>

/** Where a hedge runs or grass grows on the board, as the maker drew it; mm from the front left corner. */
export const drawnSchema = z.array(pointSchema).min(2).max(200)

/** Another species of a mixed hedge or sward, and its share of it; the line's own species makes up the rest. */
export const mixedInSchema = z.strictObject({ speciesId: idSchema, share: z.number().min(0.02).max(0.95) })
export type MixedIn = z.infer<typeof mixedInSchema>
/** Other species in one line at most, and the least share that is left to its own. */
export const MOST_MIXED = 6
const LEAST_OWN = 0.02
export const mixSchema = z
  .array(mixedInSchema)
  .min(1)
  .max(MOST_MIXED)
  .refine((mix) => ownShare(mix) >= LEAST_OWN - 1e-9, 'shares must leave 2 % to the line’s own species')
  .refine(
    (mix) => new Set(mix.map(({ speciesId }) => speciesId)).size === mix.length,
    'a species must be named once',
  )
/** What other species leave to the line's own, 0–1. */
export const ownShare = (mix: readonly MixedIn[] = []): number =>
  mix.reduce((rest, { share }) => rest - share, 1)

/** So much of one plant in a commission: pieces, metres of hedge, or an area. */
export const lineSchema = z.strictObject({
  ...changeable,
  commissionId: idSchema,
  /** Place in the commission's order, lowest first. */
  order: z.number(),
  name: nameSchema,
  speciesId: idSchema,
  /** Of a hedge or an area: the other species in it. */
  mix: mixSchema.optional(),
  age: z.enum(ages),
  amount: amountSchema,
  zone: z.enum(zones),
  /** Absent: the commission's stature. */
  stature: z.number().min(0.6).max(1).optional(),
  /** Overwritten real measures, m. */
  heightM: z.number().min(0.005).max(130).optional(),
  crownWidthM: z.number().min(0.005).max(90).optional(),
  /** Share of the background to be seen through the crown; absent: the species' own. */
  seeThrough: z.number().min(0.02).max(0.9).optional(),
  /** Lean of the stem to the right, degrees; how far wind from the left has shaped it, 0–1. */
  leanDeg: z.number().min(-40).max(40).optional(),
  wind: z.number().min(0).max(1).optional(),
  /** How its pieces stand together; absent: as the species does. */
  stands: z.enum(groupings).optional(),
  /** Where it runs or grows: a hedge's line, the corners of an area. Absent: where the plan puts it. */
  drawn: drawnSchema.optional(),
  methodId: idSchema.optional(),
  /** What was chosen, by option of the method. */
  choices: z.record(z.string().max(40), z.string().max(40)).optional(),
  /** Materials chosen instead of the proposed ones, by slot. */
  materials: z.record(z.string().max(40), idSchema).optional(),
  /** Of grass by area: layers of fibre instead of those that its sward asks for. */
  layers: layersSchema.optional(),
  /** Of a hedge: its gates and gaps. */
  gaps: gapsSchema.optional(),
  /** Of a hedge: trees of other lines that stand in it. */
  trees: hedgeTreesSchema.optional(),
  /** What a bought piece of the kind costs, for comparison. */
  boughtPriceMinor: z.number().int().min(0).max(1e9).optional(),
  note: noteSchema.optional(),
})
export type Line = z.infer<typeof lineSchema>

/** Lines as their commission shows them; those that two copies added at one place, in the same order everywhere. */
export const byOrder = (a: Pick<Line, 'order' | 'id'>, b: Pick<Line, 'order' | 'id'>): number =>
  a.order - b.order || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)
