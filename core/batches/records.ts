import * as z from 'zod'
import { partKinds } from '../makeup/job'
import { stepSchema } from '../makeup/step'
import { quantitySchema } from '../stock/records'
import { stuffSchema } from '../stock/stuffs'
import { colourSchema, dateSchema, idSchema, momentSchema, nameSchema, noteSchema } from '../units/schema'

/** Pieces on the bench at most: what is started for the most that a line can want, at half of it spoilt. */
export const MOST_STARTED = 20_000
export const startedSchema = z.number().int().min(1).max(MOST_STARTED)

const minutes = z.number().min(0).max(1e6)
const label = z.string().max(200)

export type BatchStep = z.infer<typeof stepSchema>

/** A lot that the batch is to give besides its pieces: a bath that is kept, a by-product, or what it is all about. */
export const yieldSchema = z.strictObject({
  label,
  source: z.enum(['home-made', 'by-product', 'harvested', 'reclaimed']),
  materialId: idSchema,
  quantity: quantitySchema,
  /** The material itself, for a workshop that does not know it yet. */
  material: z.strictObject({
    name: nameSchema,
    unit: z.enum(['g', 'ml', 'piece', 'mm', 'cm2']),
    of: stuffSchema,
    densityGPerMl: z.number().min(0.001).max(25).optional(),
    bulkGPerMl: z.number().min(0.001).max(25).optional(),
    pieceG: z.number().min(0.0001).max(10_000).optional(),
    keepsDays: z.number().int().min(1).max(3650).optional(),
    /** Of a blend: which, and its colour once sealed. */
    blendId: idSchema.optional(),
    sealed: colourSchema.optional(),
  }),
  /** Of what is drawn of each material, the share that goes into it. */
  shares: z.array(z.strictObject({ materialId: idSchema, share: z.number().min(0).max(1) })).max(20),
})
export type BatchYield = z.infer<typeof yieldSchema>

/** What is made where it stays is counted in patches or stretches; absent: in pieces that stand on a tray. */
const part = z.enum(partKinds).optional()

/** What a good piece is of what the batch makes. */
export const makesSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('pieces') }),
  z.strictObject({ kind: z.literal('length'), mmEach: z.number().min(0.01).max(200_000), each: part }),
  z.strictObject({ kind: z.literal('area'), cm2Each: z.number().min(0.0001).max(1_000_000), each: part }),
  /** Nothing to plant: the lots that it gives are what it is for. */
  z.strictObject({ kind: z.literal('stock') }),
  /** Nothing is made: pieces of a line leave their trays and stand on the scene. */
  z.strictObject({ kind: z.literal('planted'), lineId: idSchema }),
])
export type Makes = z.infer<typeof makesSchema>

/**
 * n pieces made together, a lot of stock, or pieces planted out. Written once, when the batch is planned; `plan` is
 * what was foretold then, kept so that the log can compare. What happened is in the run's events.
 */
export const batchSchema = z.strictObject({
  id: idSchema,
  /** The line that it is made for; absent for stock, and for what is planted: {@link makesSchema} says that. */
  lineId: idSchema.optional(),
  name: nameSchema,
  /** Text: a way of making that a later version brings still opens. */
  methodId: z.string().min(1).max(64),
  makes: makesSchema,
  /** Pieces started; 1 for a mixture. */
  pieces: startedSchema,
  madeAt: momentSchema,
  plan: z.strictObject({
    expectedGood: z.number().int().min(0).max(MOST_STARTED),
    handsMin: minutes,
    elapsedMin: minutes,
    costMinor: z.number().min(0).max(1e11).optional(),
    amounts: z
      .array(
        z.strictObject({
          materialId: idSchema,
          label,
          quantity: quantitySchema,
          /** What must lie on the tray meanwhile. */
          lies: quantitySchema.optional(),
          /** The step that it is used at; absent where an older version did not say. */
          step: z.string().max(40).optional(),
          /** Poured for the whole batch, whatever becomes of single pieces. */
          once: z.boolean().optional(),
          /** What is gone in the end, where the rest is kept for the next batch. */
          leaves: quantitySchema.optional(),
        }),
      )
      .max(40),
    yields: z.array(yieldSchema).max(20),
    steps: z.array(stepSchema).min(1).max(40),
  }),
})
export type Batch = z.infer<typeof batchSchema>

const used = z.array(z.strictObject({ materialId: idSchema, quantity: quantitySchema })).max(60)
const step = z.number().int().min(0).max(39)
const count = startedSchema
const grams = z.number().min(0).max(1e6)
const unitsPerG = z.number().min(1e-6).max(1e5)
/** What was kept or came out besides, by the yield's material; prices ride on the shares of the plan. */
const kept = used.optional()

const deeds = [
  z.strictObject({ type: z.literal('start') }),
  z.strictObject({ type: z.literal('pieces'), step, count }),
  z.strictObject({ type: z.literal('round'), step }),
  /** Another step of the batch that can be done now is taken up; what dries goes on drying. */
  z.strictObject({ type: z.literal('turn'), step }),
  z.strictObject({ type: z.literal('advance'), step, early: z.boolean().optional() }),
  /** `of`: pieces that were done in this step already, or not yet; absent: those not yet done first. */
  z.strictObject({
    type: z.literal('reject'),
    step,
    count,
    of: z.enum(['done', 'open']).optional(),
    reason: nameSchema,
  }),
  /** `unitsPerG` turns grams on the scale into the material's unit. */
  z.strictObject({ type: z.literal('weigh-in'), materialId: idSchema, grams, unitsPerG }),
  z.strictObject({ type: z.literal('weigh-out'), materialId: idSchema, grams, unitsPerG }),
  z.strictObject({ type: z.literal('use'), materialId: idSchema, quantity: quantitySchema }),
  z.strictObject({ type: z.literal('pause') }),
  z.strictObject({ type: z.literal('resume') }),
  z.strictObject({ type: z.literal('undo'), target: idSchema }),
  z.strictObject({
    type: z.literal('finish'),
    tray: nameSchema,
    date: dateSchema,
    handsMin: minutes,
    used,
    kept,
    note: noteSchema.optional(),
  }),
  z.strictObject({ type: z.literal('abandon'), reason: nameSchema, handsMin: minutes, used, kept }),
] as const

/** What someone did at the bench, before it is written down. */
export const deedSchema = z.discriminatedUnion('type', [...deeds])
export type BatchAction = z.infer<typeof deedSchema>

/** One entry of a run: who did what when. Never changed, never removed; undoing is an entry too. */
export const runEventSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  /** The entry that was the last one when this was written; absent for the first. */
  after: idSchema.optional(),
  at: momentSchema,
  deed: deedSchema,
})
export type RunEvent = z.infer<typeof runEventSchema>
