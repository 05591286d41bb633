import * as z from 'zod'
import { cautions } from '../methods/cautions'
import { faults } from '../methods/faults'
import type { CautionId } from '../methods/cautions'
import type { FaultId } from '../methods/faults'
import { dateSchema, idSchema, momentSchema, nameSchema, noteSchema } from '../units/schema'

const quantity = z.number().min(0).max(1e7)
const originSchema = z.enum(['formula', 'common practice', 'memory', 'yours'])

export const batchStepSchema = z.strictObject({
  id: z.string().max(40),
  title: nameSchema,
  text: noteSchema,
  batchSec: z.number().min(0).max(86_400),
  pieceSec: z.number().min(0).max(86_400),
  timeOrigin: originSchema,
  wait: z
    .strictObject({ min: z.number().min(0).max(20_000), what: z.string().max(200), origin: originSchema })
    .optional(),
  window: z
    .strictObject({
      sec: z.number().positive().max(1e6),
      what: z.string().max(200),
      atOnce: z.number().int().min(1).max(10_000),
      origin: originSchema,
    })
    .optional(),
  cautions: z.array(z.enum(Object.keys(cautions) as [CautionId, ...CautionId[]])),
  faults: z.array(z.enum(Object.keys(faults) as [FaultId, ...FaultId[]])),
  materialIds: z.array(idSchema).max(20),
})
export type BatchStep = z.infer<typeof batchStepSchema>

/**
 * n pieces made together. Written once, when the batch is planned; `plan` is what was foretold then, kept so that the log can
 * compare. What happened is in the run's events.
 */
export const batchSchema = z.strictObject({
  id: idSchema,
  lineId: idSchema,
  name: nameSchema,
  methodId: z.string().max(40),
  /** Pieces started. */
  pieces: z.number().int().min(1).max(10_000),
  madeAt: momentSchema,
  plan: z.strictObject({
    expectedGood: z.number().int().min(0).max(10_000),
    handsMin: z.number().min(0).max(1e6),
    elapsedMin: z.number().min(0).max(1e6),
    costMinor: z.number().min(0).max(1e9).optional(),
    amounts: z.array(z.strictObject({ materialId: idSchema, label: z.string().max(120), quantity })).max(40),
    steps: z.array(batchStepSchema).min(1).max(40),
  }),
})
export type Batch = z.infer<typeof batchSchema>

const used = z.array(z.strictObject({ materialId: idSchema, quantity })).max(60)
const step = z.number().int().min(0).max(39)
const count = z.number().int().min(1).max(10_000)

const deeds = [
  z.strictObject({ type: z.literal('start') }),
  z.strictObject({ type: z.literal('pieces'), step, count }),
  z.strictObject({ type: z.literal('round'), step }),
  z.strictObject({ type: z.literal('advance'), step, early: z.boolean().optional() }),
  z.strictObject({ type: z.literal('reject'), step, count, reason: nameSchema }),
  /** `unitsPerG` turns grams on the scale into the material's unit. */
  z.strictObject({
    type: z.literal('weigh-in'),
    materialId: idSchema,
    grams: quantity,
    unitsPerG: z.number().positive().max(1000),
  }),
  z.strictObject({
    type: z.literal('weigh-out'),
    materialId: idSchema,
    grams: quantity,
    unitsPerG: z.number().positive().max(1000),
  }),
  z.strictObject({ type: z.literal('use'), materialId: idSchema, quantity }),
  z.strictObject({ type: z.literal('pause') }),
  z.strictObject({ type: z.literal('resume') }),
  z.strictObject({ type: z.literal('undo'), target: idSchema }),
  z.strictObject({
    type: z.literal('finish'),
    tray: nameSchema,
    date: dateSchema,
    handsMin: z.number().min(0).max(1e6),
    used,
    note: noteSchema.optional(),
  }),
  z.strictObject({
    type: z.literal('abandon'),
    reason: nameSchema,
    handsMin: z.number().min(0).max(1e6),
    used,
  }),
] as const

/** What someone did at the bench, before it is written down. */
export const deedSchema = z.discriminatedUnion('type', [...deeds])
export type Deed = z.infer<typeof deedSchema>

/** One entry of a run: who did what when. Never changed, never removed; undoing is an entry too. */
export const runEventSchema = z.strictObject({
  id: idSchema,
  batchId: idSchema,
  seq: z.number().int().min(1).max(1e6),
  at: momentSchema,
  deed: deedSchema,
})
export type RunEvent = z.infer<typeof runEventSchema>
