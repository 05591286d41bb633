import * as z from 'zod'
import { MOST_QUANTITY, priceMinorSchema } from '../stock'
import { changeable, dateSchema, idSchema, nameSchema, noteSchema } from '../units/schema'

/** The longest that a parcel takes, days. */
export const MOST_DAYS = 365
export const daysSchema = z.number().int().min(0).max(MOST_DAYS)

/** Who sells, and what a parcel from there costs beside what is in it. */
export const supplierSchema = z.strictObject({
  ...changeable,
  name: nameSchema,
  /** From the order to the shelf. */
  days: daysSchema,
  postageMinor: priceMinorSchema,
  /** From so much on the parcel goes free. */
  freeFromMinor: priceMinorSchema.optional(),
  /** Less than this is not sent. */
  minimumMinor: priceMinorSchema.optional(),
  /** The name under which the price list service knows it; absent: its prices are typed, or come as a file. */
  listed: z.string().min(1).max(60).optional(),
  note: noteSchema.optional(),
})
export type Supplier = z.infer<typeof supplierSchema>

export const offerStocks = ['in stock', 'sold out', 'not said'] as const
const offerOrigins = ['typed', 'file', 'price list'] as const

/** A pack of a material that a supplier sells. */
export const offerSchema = z.strictObject({
  ...changeable,
  supplierId: idSchema,
  materialId: idSchema,
  /** What the supplier calls it. */
  article: z.string().max(80).optional(),
  packQuantity: z.number().min(0.001).max(MOST_QUANTITY),
  priceMinor: priceMinorSchema,
  /** Where it takes longer, or less, than the supplier's other things. */
  days: daysSchema.optional(),
  stock: z.enum(offerStocks),
  /** The day that this was so. */
  seen: dateSchema,
  origin: z.enum(offerOrigins),
})
export type Offer = z.infer<typeof offerSchema>

/** So many packs of a material, at what they were ordered for. */
export const orderLineSchema = z.strictObject({
  materialId: idSchema,
  packs: z.number().int().min(1).max(10_000),
  packQuantity: z.number().min(0.001).max(MOST_QUANTITY),
  priceMinor: priceMinorSchema,
  article: z.string().max(80).optional(),
})
export type OrderLine = z.infer<typeof orderLineSchema>

/** An order that was sent. What has come of it is told by the lots that name it. */
export const orderSchema = z.strictObject({
  ...changeable,
  supplierId: idSchema,
  sent: dateSchema,
  expected: dateSchema,
  postageMinor: priceMinorSchema,
  lines: z.array(orderLineSchema).min(1).max(300),
  /** The day from which nothing more of it is waited for: what is missing does not come. */
  closed: dateSchema.optional(),
  note: noteSchema.optional(),
})
export type Order = z.infer<typeof orderSchema>
