import * as z from 'zod'
import type { Drying } from '../adhesives'
import type { Material, StockState } from '../stock'
import { idSchema } from '../units/schema'
import { ownCoefficientSchema, type Learnt, type OwnValues } from '../quantities'
import type { Yield } from './method'
import type { Filled } from './slots'

/**
 * What a workshop knows and has, that every estimate rests on: make-up, comparison, card, calendar and buying are
 * worked out in the same one, so that a batch has the same figures wherever it is shown.
 */
export interface EstimateContext {
  readonly states: readonly StockState[]
  /** What is free of a material besides what others claim; absent: all that is on hand. */
  readonly free?: (materialId: string) => number
  readonly own?: OwnValues
  /** What a way's ended batches have taught of coefficients, by id; the maker's own values come first. */
  readonly learnt?: Learnt
  /** How much longer an open film dries in this room than at 20 °C and 50 %. */
  readonly dryingFactor: number
  /** There is no booth: what is thrown into fresh spray is thrown outdoors. */
  readonly outdoors?: boolean
  /** What is made in place is made on bare foam: what melts it is chosen last. */
  readonly onFoam?: boolean
  /** Why no time can be foretold for an open film here; absent: it can. */
  readonly unsure?: Drying['unsure']
}

/** What an estimate is worked out from elsewhere, as plain data: of the shelf only what it takes from. */
export const sentContextSchema = z.strictObject({
  coefficients: z
    .array(ownCoefficientSchema.pick({ id: true, value: true }))
    .max(500)
    .default([]),
  learnt: z
    .array(
      ownCoefficientSchema
        .pick({ id: true, value: true })
        .extend({ of: z.number().int().min(1).max(100_000) }),
    )
    .max(500)
    .default([]),
  dryingFactor: z.number().min(0.1).max(20),
  outdoors: z.boolean().optional(),
  onFoam: z.boolean().optional(),
  unsure: z.enum(['too cold', 'too hot', 'too damp']).optional(),
  /** On hand and free of each material, in its unit. */
  shelf: z
    .array(z.strictObject({ id: idSchema, onHand: z.number().max(1e9), free: z.number().max(1e9) }))
    .max(400)
    .default([]),
})
export type SentContext = z.infer<typeof sentContextSchema>

/** A context as it is sent for one make-up: its own coefficients, and the shelf that it takes from. */
export function sentContext(
  context: EstimateContext,
  up: {
    readonly method: { readonly id: string }
    readonly slots: readonly Filled[]
    readonly yields: readonly Yield[]
  },
): SentContext {
  const known = (id: string): boolean => id.startsWith('shared/') || id.startsWith(`${up.method.id}/`)
  const wanted = new Set([
    ...up.slots.flatMap(({ parts }) => parts.map(({ material }) => material.id)),
    ...up.yields.map(({ material }) => material.id),
  ])
  return {
    coefficients: [...(context.own ?? [])].flatMap(([id, value]) => (known(id) ? [{ id, value }] : [])),
    learnt: [...(context.learnt ?? [])].flatMap(([id, taught]) => (known(id) ? [{ id, ...taught }] : [])),
    dryingFactor: context.dryingFactor,
    ...(context.outdoors && { outdoors: true }),
    ...(context.onFoam && { onFoam: true }),
    ...(context.unsure && { unsure: context.unsure }),
    shelf: context.states.flatMap(({ material: { id }, onHand }) =>
      wanted.has(id) ? [{ id, onHand, free: context.free?.(id) ?? onHand }] : [],
    ),
  }
}

/** The context that was sent, with the materials that came with it. */
export function contextFrom(sent: SentContext, materials: readonly Material[]): EstimateContext {
  const shelf = new Map(sent.shelf.map((row) => [row.id, row]))
  return {
    states: materials.map((material) => ({
      material,
      lots: [],
      onHand: shelf.get(material.id)?.onHand ?? 0,
    })),
    free: (id) => shelf.get(id)?.free ?? 0,
    own: new Map(sent.coefficients.map(({ id, value }) => [id, value])),
    learnt: new Map(sent.learnt.map(({ id, value, of }) => [id, { value, of }])),
    dryingFactor: sent.dryingFactor,
    ...(sent.outdoors && { outdoors: true }),
    ...(sent.onFoam && { onFoam: true }),
    ...(sent.unsure && { unsure: sent.unsure }),
  }
}
