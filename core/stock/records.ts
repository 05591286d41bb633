import * as z from 'zod'
import { changeable, dateSchema, idSchema, momentSchema, nameSchema, noteSchema } from '../units/schema'

export const materialKinds = [
  'sprig',
  'trunk',
  'fibre-wool',
  'foam',
  'clump',
  'static-fibre',
  'backing',
  'matte-medium',
  'pva',
  'contact-adhesive',
  'hairspray',
  'paint',
  'spray-paint',
  'other',
] as const
export type MaterialKind = (typeof materialKinds)[number]

export const kindNames: Record<MaterialKind, string> = {
  sprig: 'Dried sprigs',
  trunk: 'Moulded trunks',
  'fibre-wool': 'Filter wool',
  foam: 'Ground foam',
  clump: 'Clump foam',
  'static-fibre': 'Static fibre',
  backing: 'Release backing',
  'matte-medium': 'Matte medium',
  pva: 'PVA',
  'contact-adhesive': 'Contact adhesive',
  hairspray: 'Hairspray',
  paint: 'Paint',
  'spray-paint': 'Spray paint',
  other: 'Other',
}

/** A material that the workshop uses: what it is, not who makes it. */
export const materialSchema = z.strictObject({
  ...changeable,
  name: nameSchema,
  kind: z.enum(materialKinds),
  unit: z.enum(['g', 'ml', 'piece', 'mm', 'cm2']),
  /** Density of the stuff itself, g/ml: of the grain for foams, of the liquid for glues and paints. */
  densityGPerMl: z.number().positive().max(20).optional(),
  grainMm: z.number().positive().max(30).optional(),
  fibreMm: z.number().positive().max(30).optional(),
  dtex: z.number().positive().max(500).optional(),
  /** Heights that a sprig or a moulded trunk serves, mm. */
  fromMm: z.number().positive().max(2000).optional(),
  toMm: z.number().positive().max(2000).optional(),
  colour: z
    .string()
    .regex(/^#[0-9a-f]{6}$/, 'must be #rrggbb')
    .optional(),
  /** The pack as it is usually bought. */
  packQuantity: z.number().positive().max(1e7).optional(),
  packPriceMinor: z.number().int().min(0).max(1e9).optional(),
  note: noteSchema.optional(),
})
export type Material = z.infer<typeof materialSchema>

export const lotSources = ['bought', 'harvested', 'home-made', 'reclaimed', 'unrecorded'] as const
export type LotSource = (typeof lotSources)[number]

/** One purchase, harvest or making of a material. Written once; what is left of it is told by the movements. */
export const lotSchema = z.strictObject({
  id: idSchema,
  materialId: idSchema,
  label: nameSchema,
  source: z.enum(lotSources),
  /** The day it was bought, picked or made. */
  date: dateSchema,
  place: z.string().max(120).optional(),
  note: noteSchema.optional(),
  /** What the whole lot cost; absent where nobody knows. */
  priceMinor: z.number().int().min(0).max(1e9).optional(),
  madeAt: momentSchema,
})
export type Lot = z.infer<typeof lotSchema>

export const movementKinds = ['receive', 'count', 'draw', 'reversal'] as const

/** One entry of the stock ledger. Never changed, never removed: a slip is corrected by another entry. */
export const movementSchema = z.strictObject({
  id: idSchema,
  at: momentSchema,
  lotId: idSchema,
  kind: z.enum(movementKinds),
  /** What came (above 0) or went (below 0), in the material's unit. */
  quantity: z.number().min(-1e7).max(1e7),
  batchId: idSchema.optional(),
  /** For a count: what was found. */
  counted: z.number().min(0).max(1e7).optional(),
  /** Said where this entry takes the lot below nothing: more was used than the books knew of. */
  uncovered: z.boolean().optional(),
  note: noteSchema.optional(),
})
export type Movement = z.infer<typeof movementSchema>
