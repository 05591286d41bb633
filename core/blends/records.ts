import * as z from 'zod'
import { sealers } from '../colour'
import { changeable, colourSchema, dateSchema, idSchema, nameSchema, noteSchema } from '../units/schema'

/** What a blend is for; it says which stuffs go in, and which must. */
export const blendUses = ['crown', 'scrub', 'turf', 'needles', 'litter', 'sward', 'ground'] as const
export type BlendUse = (typeof blendUses)[number]

export const blendUseWords: Record<BlendUse, string> = {
  crown: 'crown',
  scrub: 'deep scrub',
  turf: 'turf',
  needles: 'needles',
  litter: 'litter',
  sward: 'static grass',
  ground: 'bare ground',
}

/** How the grains of a blend are to differ in size: not, some, a lot. */
export const textures = ['one', 'mixed', 'rough', 'any'] as const
export type Texture = (typeof textures)[number]

export const textureWords: Record<Texture, string> = {
  any: 'as it comes',
  one: 'one grain',
  mixed: 'mixed grains',
  rough: 'rough',
}

export const toneNames = ['shade', 'base', 'light'] as const
export type ToneName = (typeof toneNames)[number]

/** In all a mix is told in so many parts at most, of so many materials. */
export const MOST_PARTS = 12
export const MOST_MATERIALS = 5

/** The colour that a blend is to have once it is sealed. */
export const blendTargetSchema = z.discriminatedUnion('kind', [
  /** A tone of a line's look on its date, after lightening for scale: it moves with date and place. */
  z.strictObject({ kind: z.literal('tone'), lineId: idSchema, tone: z.enum(toneNames) }),
  z.strictObject({ kind: z.literal('colour'), colour: colourSchema, from: z.enum(['typed', 'photo']) }),
  /** The colour of a material: the ground's own. */
  z.strictObject({ kind: z.literal('material'), materialId: idSchema }),
  /** An older blend that must be met again. */
  z.strictObject({ kind: z.literal('blend'), blendId: idSchema }),
])
export type BlendTarget = z.infer<typeof blendTargetSchema>

const partCountSchema = z.number().int().min(1).max(MOST_PARTS)
export const partsSchema = z
  .array(z.strictObject({ materialId: idSchema, parts: partCountSchema }))
  .max(MOST_MATERIALS, `must be of at most ${MOST_MATERIALS} materials`)
  .refine(
    (parts) => parts.reduce((sum, { parts: own }) => sum + own, 0) <= MOST_PARTS,
    `must be ${MOST_PARTS} parts in all at most`,
  )
  .refine(
    (parts) => new Set(parts.map(({ materialId }) => materialId)).size === parts.length,
    'a material must be named once',
  )
export type BlendParts = z.infer<typeof partsSchema>

/** What the maker asks of a material: so many parts at least, or at most; 0 at most leaves it out. */
const boundSchema = z
  .strictObject({
    materialId: idSchema,
    least: z.number().int().min(0).max(MOST_PARTS).optional(),
    most: z.number().int().min(0).max(MOST_PARTS).optional(),
  })
  .refine(({ least = 0, most = MOST_PARTS }) => least <= most, 'least must not be above most')
export type Bound = z.infer<typeof boundSchema>

/** How much of a blend is made, ml of the loose heap. */
export const blendMlSchema = z.number().min(1).max(20_000)
/** What is made beyond the need, for touching up. */
export const touchUpSchema = z.number().min(0).max(1)
/** For touching up, where the maker says nothing. From memory. */
export const USUAL_TOUCH_UP = 0.15

/** A named mixture: what it is to look like, and its parts by volume. */
export const blendSchema = z.strictObject({
  ...changeable,
  name: nameSchema,
  /** The commission that it is made for; absent: none in particular. */
  commissionId: idSchema.optional(),
  /** Blends that keep their steps from one another: shade, base and light. */
  setId: idSchema.optional(),
  target: blendTargetSchema,
  use: z.enum(blendUses),
  texture: z.enum(textures),
  /** Empty: not chosen yet. */
  parts: partsSchema,
  bounds: z.array(boundSchema).max(200).optional(),
  sealer: z.enum(sealers),
  /** Opening of the sieve that splits it, mm; absent: it is not sieved. */
  sieveMm: z.number().min(0.02).max(20).optional(),
  amountMl: blendMlSchema.optional(),
  touchUp: touchUpSchema.optional(),
  /** The day that it was first kept, for telling one from another. */
  date: dateSchema.optional(),
  note: noteSchema.optional(),
})
export type Blend = z.infer<typeof blendSchema>
