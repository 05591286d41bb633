import * as z from 'zod'
import { keepOutSchema, pointSchema } from '../../core/commissions'
import { layers } from '../../core/planting'

const spotSchema = z.strictObject({
  lineId: z.string().max(64),
  code: z.string().regex(/^[A-Z]{1,3}$/, 'must be one to three capital letters'),
  number: z.number().int().min(1).max(10_000),
  layer: z.enum(layers),
  x: z.number().min(0).max(20_000),
  y: z.number().min(0).max(5_000),
  crownMm: z.number().min(0).max(3_000),
  ownMm: z.number().min(0).max(3_000),
  stemMm: z.number().min(0).max(1_000),
})

const code = z.string().regex(/^[A-Z]{1,3}$/, 'must be one to three capital letters')
const lineId = z.string().max(64)
const mark = z.strictObject({ x: z.number(), y: z.number(), number: z.number().int().min(1).max(2_000) })
const points = z.array(pointSchema).min(2).max(200)
const hedgeSchema = z.strictObject({
  lineId,
  code,
  widthMm: z.number().min(0).max(3_000),
  wantedMm: z.number().min(0).max(200_000),
  lengthMm: z.number().min(0).max(200_000),
  points,
  stretches: z.array(points).max(41),
  gates: z
    .array(z.strictObject({ x: z.number(), y: z.number(), widthMm: z.number().min(0).max(10_000) }))
    .max(40),
  marks: z.array(mark).max(400),
})
const patchSchema = z.strictObject({
  lineId,
  code,
  wantedCm2: z.number().min(0).max(1_000_000),
  areaCm2: z.number().min(0).max(1_000_000),
  points,
  middle: z.strictObject({ x: z.number(), y: z.number() }),
})

const borderSchema = z.strictObject({
  codes: z.array(code).max(60),
  points: z.array(pointSchema).min(3).max(1_000),
  areaCm2: z.number().min(0).max(1_000_000),
  middle: z.strictObject({ x: z.number(), y: z.number() }),
})

/** What a drilling template is printed from: the plan as the maker sees it. */
export const planOrderSchema = z.strictObject({
  paper: z.enum(['A4', 'Letter']),
  title: z.string().max(120),
  scale: z.string().max(40),
  board: z.strictObject({
    widthMm: z.number().min(10).max(20_000),
    depthMm: z.number().min(10).max(5_000),
    edgeMm: z.number().min(0).max(200),
    keepOuts: z.array(keepOutSchema).max(60),
    plantedShare: z.number().min(0.02).max(1).optional(),
  }),
  spots: z.array(spotSchema).max(5_000),
  hedges: z.array(hedgeSchema).max(60).default([]),
  patches: z.array(patchSchema).max(60).default([]),
  borders: z.array(borderSchema).max(12).default([]),
  legend: z
    .array(
      z.strictObject({
        code: z.string().max(3),
        name: z.string().max(120),
        amount: z.string().max(40),
      }),
    )
    .max(400),
})
export type PlanOrder = z.infer<typeof planOrderSchema>
