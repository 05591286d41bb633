import * as z from 'zod'
import { moneyField, numberField, textField, wordField, writeMoney, writeNumber, type Column } from '../csv'
import { MOST_QUANTITY, priceMinorSchema, type Material } from '../stock'
import { stockUnits, type StockUnit } from '../units'
import { momentSchema, nameSchema } from '../units/schema'
import { daysSchema, MOST_DAYS, offerStocks, type Offer } from './records'

/** One line of a supplier's price list. */
export const priceRowSchema = z.strictObject({
  article: z.string().min(1).max(80),
  name: nameSchema,
  packQuantity: z.number().min(0.001).max(MOST_QUANTITY),
  unit: z.enum(stockUnits as readonly [StockUnit, ...StockUnit[]]),
  priceMinor: priceMinorSchema,
  stock: z.enum(offerStocks),
  days: daysSchema.optional(),
})
export type PriceRow = z.infer<typeof priceRowSchema>

/** A whole price list, as the service answers. */
export const priceListSchema = z.strictObject({
  supplier: z.string().min(1).max(60),
  at: momentSchema,
  rows: z.array(priceRowSchema).max(5_000),
})
export type PriceList = z.infer<typeof priceListSchema>

/** The columns of a price list as a file. */
export const priceColumns: readonly Column<PriceRow>[] = [
  { name: 'article', needed: true, read: textField(80), write: ({ article }) => article },
  { name: 'name', needed: true, read: textField(120), write: ({ name }) => name },
  {
    name: 'pack',
    needed: true,
    read: numberField(0.001, MOST_QUANTITY),
    write: ({ packQuantity }) => writeNumber(packQuantity),
  },
  { name: 'unit', needed: true, read: wordField(stockUnits), write: ({ unit }) => unit },
  { name: 'price', needed: true, read: moneyField, write: ({ priceMinor }) => writeMoney(priceMinor) },
  { name: 'stock', read: wordField(offerStocks), write: ({ stock }) => stock },
  { name: 'days', read: numberField(0, MOST_DAYS, true), write: ({ days }) => writeNumber(days) },
]

/** A row of a price list from the fields of a file. */
export const priceRowOf = (values: Readonly<Record<string, unknown>>): PriceRow => ({
  article: String(values.article),
  name: String(values.name),
  packQuantity: Number(values.pack),
  unit: values.unit as StockUnit,
  priceMinor: Number(values.price),
  stock: (values.stock as PriceRow['stock'] | undefined) ?? 'not said',
  ...(values.days === undefined ? {} : { days: Number(values.days) }),
})

/** A row that is an offer already, or becomes one. */
export interface ListedOffer {
  readonly row: PriceRow
  readonly materialId: string
  /** The offer as it was; absent: it is new. */
  readonly was?: Offer
}

export interface ListComparison {
  readonly listed: readonly ListedOffer[]
  /** Rows that are no material of the workshop; a person says which, or leaves them. */
  readonly unknown: readonly PriceRow[]
  /** Offers from an earlier list that this one has no more. */
  readonly gone: readonly Offer[]
}

const plainName = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ')

/**
 * Lays a price list beside what is known of its supplier: the same article is the same offer; else a material with the
 * same name and unit.
 * @param offers of that supplier
 */
export function compareList(
  rows: readonly PriceRow[],
  offers: readonly Offer[],
  materials: readonly Material[],
): ListComparison {
  const byArticle = new Map(
    offers.flatMap((offer) => (offer.article === undefined ? [] : [[offer.article, offer]])),
  )
  const byName = new Map(
    materials.map((material) => [`${plainName(material.name)} ${material.unit}`, material]),
  )
  const listed: ListedOffer[] = []
  const unknown: PriceRow[] = []
  for (const row of rows) {
    const was = byArticle.get(row.article)
    const materialId = was?.materialId ?? byName.get(`${plainName(row.name)} ${row.unit}`)?.id
    if (materialId === undefined) unknown.push(row)
    else listed.push({ row, materialId, ...(was ? { was } : {}) })
  }
  const articles = new Set(rows.map(({ article }) => article))
  const gone = offers.filter(
    ({ article, origin }) => origin !== 'typed' && article !== undefined && !articles.has(article),
  )
  return { listed, unknown, gone }
}

/** What a list changes of an offer: its price, its pack, whether it is there; empty: nothing. */
export function changesOf({
  row,
  was,
}: ListedOffer): readonly ('new' | 'price' | 'pack' | 'stock' | 'days')[] {
  if (!was) return ['new']
  return [
    ...(row.priceMinor === was.priceMinor ? [] : (['price'] as const)),
    ...(row.packQuantity === was.packQuantity ? [] : (['pack'] as const)),
    ...(row.stock === was.stock ? [] : (['stock'] as const)),
    ...(row.days === was.days ? [] : (['days'] as const)),
  ]
}
