import * as z from 'zod'
import { templateLayers } from '../../core/templates'

const mm = z.number().min(-100).max(3_000)
const at = z.tuple([mm, mm])
const layer = z.enum(templateLayers)
const size = z.number().min(0.5).max(20)

const shapeSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('path'),
    layer,
    points: z.array(at).min(1).max(2_000),
    closed: z.boolean().optional(),
    widthMm: z.number().min(0).max(200).optional(),
  }),
  z.strictObject({ kind: z.literal('circle'), layer, at, radiusMm: z.number().min(0).max(2_000) }),
  z.strictObject({
    kind: z.literal('text'),
    layer,
    at,
    text: z.string().max(200),
    sizeMm: size,
    align: z.enum(['left', 'middle']).optional(),
  }),
])

const templateSchema = z.strictObject({
  title: z.string().max(200),
  note: z.string().max(600),
  widthMm: z.number().min(1).max(3_000),
  heightMm: z.number().min(1).max(3_000),
  shapes: z.array(shapeSchema).max(20_000),
})

/** What templates at 1:1 are printed from: the drawings as the maker sees them. */
export const templateOrderSchema = z
  .strictObject({
    paper: z.enum(['A4', 'Letter']),
    title: z.string().max(200),
    /** None where only a list is printed. */
    templates: z.array(templateSchema).max(40),
    /** Words for a last page: a numbered list of what is done. */
    list: z.array(z.string().max(300)).max(600).default([]),
    listTitle: z.string().max(120).default(''),
  })
  .refine(({ templates, list }) => templates.length + list.length > 0, {
    path: ['templates'],
    message: 'there must be a template or a list to print',
  })
export type TemplateOrder = z.infer<typeof templateOrderSchema>
