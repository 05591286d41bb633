import type * as z from 'zod'
import type { Reading } from '../../core/units'
import { cardOrderSchema } from '../cards/order'
import { printCard } from '../cards/print'
import { labelsOrderSchema } from '../labels/order'
import { printLabels } from '../labels/print'
import { planOrderSchema } from '../plans/order'
import { printPlan } from '../plans/print'
import type { Faces } from '../print/faces'
import { shoppingOrderSchema } from '../shopping/order'
import { printShopping } from '../shopping/print'
import { templateOrderSchema } from '../templates/order'
import { printTemplates } from '../templates/print'
import type { SheetName } from './names'

/** One kind of sheets that is printed: what an order must be, and how it is set. */
interface Sheets<T> {
  readonly schema: z.ZodType<T>
  /** @returns the bytes of a PDF; or why not */
  readonly print: (order: T, faces: Faces) => Promise<Reading<Buffer>>
}

const sheets = <T>(schema: z.ZodType<T>, print: Sheets<T>['print']): Sheets<unknown> => ({
  schema,
  // An order has come through the schema of its own row before it is printed.
  print: (order, faces) => print(order as T, faces),
})

/** All that is printed, by name. */
export const printed: Readonly<Record<SheetName, Sheets<unknown>>> = {
  'batch-card': sheets(cardOrderSchema, printCard),
  'jar-labels': sheets(labelsOrderSchema, printLabels),
  'planting-plan': sheets(planOrderSchema, printPlan),
  'shopping-list': sheets(shoppingOrderSchema, printShopping),
  template: sheets(templateOrderSchema, printTemplates),
}
