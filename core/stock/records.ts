import * as z from 'zod'
import type { NumberField } from '../units/bounded'
import {
  changeable,
  colourSchema,
  dateSchema,
  idSchema,
  momentSchema,
  nameSchema,
  noteSchema,
} from '../units/schema'
import { stuffSchema } from './stuffs'

/** The largest amount that one entry takes, in the stock unit; beyond it a slip of the hand is more likely. */
export const MOST_QUANTITY = 1e7
export const quantitySchema = z.number().min(0).max(MOST_QUANTITY)
export const priceMinorSchema = z.number().int().min(0).max(1e9)

/** When and in what light a colour was measured, and how far the sample spread: ΔE₀₀ of its parts from their mean. */
export const measuredSchema = z.strictObject({
  date: dateSchema,
  light: z.string().max(60),
  spread: z.number().min(0).max(100).optional(),
})
export type Measured = z.infer<typeof measuredSchema>

/** Materials that a workshop holds at most. */
export const MATERIAL_LIMIT = 5_000

/** A material that the workshop uses: what it is, not who makes it. */
export const materialSchema = z.strictObject({
  ...changeable,
  name: nameSchema,
  unit: z.enum(['g', 'ml', 'piece', 'mm', 'cm2']),
  of: stuffSchema,
  /** What belongs together but for tone or length: all lengths of one fibre, all tones of one foam. */
  family: z.string().max(60).optional(),
  /** Density of the stuff itself, g/ml: of the grain for foams, of the liquid for glues and paints. */
  densityGPerMl: z.number().min(0.001).max(25).optional(),
  /** Density of the loose heap, g/ml, by which grams become spoonfuls. */
  bulkGPerMl: z.number().min(0.001).max(25).optional(),
  /** Weight of one piece, g; of a metre, g; of a square metre, g: for what is weighed and counted otherwise. */
  pieceG: z.number().min(0.0001).max(10_000).optional(),
  metreG: z.number().min(0.0001).max(10_000).optional(),
  squareMetreG: z.number().min(0.01).max(100_000).optional(),
  /** The pack as it is usually bought. */
  packQuantity: z.number().min(0.001).max(MOST_QUANTITY).optional(),
  packPriceMinor: priceMinorSchema.optional(),
  /** Of what is mixed by a blend's recipe: which. */
  blendId: idSchema.optional(),
  /** The colour that it has once sealed, where that is known; absent: as sealing does to its own. */
  sealed: colourSchema.optional(),
  /** How long it keeps from the day it was made, picked or bought; absent: for years. */
  keepsDays: z.number().int().min(1).max(3650).optional(),
  /** How its colour was measured. */
  measured: measuredSchema.optional(),
  note: noteSchema.optional(),
})
export type Material = z.infer<typeof materialSchema>

/** Measures of a material as they are typed. */
export const materialFields = {
  keepsDays: { name: 'Keeps', schema: materialSchema.shape.keepsDays, unit: 'days' },
} satisfies Record<string, NumberField>

export const lotSources = [
  'bought',
  'harvested',
  'home-made',
  'reclaimed',
  'by-product',
  'unrecorded',
] as const
export type LotSource = (typeof lotSources)[number]

/**
 * What a lot was made from: of what a batch drew of each material, this share went into the lot. Its cost
 * follows from what those draws cost, and the batch pays for the rest.
 */
export const madeFromSchema = z.strictObject({
  batchId: idSchema,
  shares: z.array(z.strictObject({ materialId: idSchema, share: z.number().min(0).max(1) })).max(20),
})

/** One purchase, harvest or making of a material. Written once; what is left of it is told by the movements. */
export const lotSchema = z.strictObject({
  id: idSchema,
  materialId: idSchema,
  label: nameSchema,
  source: z.enum(lotSources),
  /** The day it was bought, picked or made. */
  date: dateSchema,
  madeAt: momentSchema,
  place: z.string().max(120).optional(),
  /** Price of the whole lot, in hundredths; 0 where nothing was paid, absent where nobody knows. */
  priceMinor: priceMinorSchema.optional(),
  from: madeFromSchema.optional(),
  /** The order that it came of, and which of its lines. */
  order: z.strictObject({ orderId: idSchema, line: z.number().int().min(0).max(299) }).optional(),
  /** The harvest that it came of. */
  harvestId: idSchema.optional(),
  note: noteSchema.optional(),
})
export type Lot = z.infer<typeof lotSchema>

/** Where a lot stands, and how it looks: what changes about it, kept beside it under its id. */
export const lotMarkSchema = z.strictObject({
  ...changeable,
  shelf: z.string().max(40).optional(),
  box: z.string().max(40).optional(),
  /** A small picture, as a data address. */
  photo: z
    .string()
    .max(120_000)
    .regex(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/, 'must be a picture as a data address')
    .optional(),
})
export type LotMark = z.infer<typeof lotMarkSchema>

export const movementKinds = ['receive', 'count', 'draw', 'reversal'] as const

/** One entry of the stock ledger. Never changed, never removed: a slip is corrected by another entry. */
export const movementSchema = z.strictObject({
  id: idSchema,
  at: momentSchema,
  lotId: idSchema,
  kind: z.enum(movementKinds),
  /** What came (above 0) or went (below 0), in the material's unit. */
  quantity: z.number().min(-MOST_QUANTITY).max(MOST_QUANTITY),
  batchId: idSchema.optional(),
  /** The run's entry that made this one: where that is set aside, so is this. */
  eventId: idSchema.optional(),
  /** For a count: what was found. */
  counted: quantitySchema.optional(),
  /** Said where this entry takes the lot below nothing: more was used than the books knew of. */
  uncovered: z.boolean().optional(),
  note: noteSchema.optional(),
})
export type Movement = z.infer<typeof movementSchema>
