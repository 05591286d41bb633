import * as z from 'zod'

const text = z.string().max(200)

/** A shopping list as it is printed. */
export const shoppingOrderSchema = z.strictObject({
  paper: z.enum(['A4', 'Letter']),
  title: z.string().min(1).max(120),
  total: z.string().max(40),
  parcels: z
    .array(
      z.strictObject({
        supplier: z.string().min(1).max(120),
        terms: text,
        lines: z
          .array(
            z.strictObject({
              packs: z.string().max(60),
              name: z.string().max(120),
              article: z.string().max(80).optional(),
              price: z.string().max(40),
            }),
          )
          .min(1)
          .max(300),
      }),
    )
    .min(1)
    .max(20),
})
export type ShoppingOrder = z.infer<typeof shoppingOrderSchema>
