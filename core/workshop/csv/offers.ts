import { offerSchema, offerStocks, MOST_DAYS, type Offer, type Supplier } from '../../buying'
import {
  dayField,
  moneyField,
  numberField,
  readCsv,
  textField,
  wordField,
  writeCsv,
  writeMoney,
  writeNumber,
  type Column,
} from '../../csv'
import { MOST_QUANTITY, type Material } from '../../stock'
import { ok, type Reading } from '../../units'
import { withChange } from '../merge'
import { Beside, type RowsIn } from './beside'

/** An offer as a row, with the names of who sells what. */
export interface OfferRow {
  readonly offer: Offer
  readonly supplier: string
  readonly material: string
}

/** The columns of a table of offers of all suppliers. */
export const offerColumns: readonly Column<OfferRow>[] = [
  { name: 'supplier', needed: true, read: textField(120), write: ({ supplier }) => supplier },
  { name: 'material', needed: true, read: textField(120), write: ({ material }) => material },
  { name: 'article', read: textField(80), write: ({ offer }) => offer.article ?? '' },
  {
    name: 'pack',
    needed: true,
    read: numberField(0.001, MOST_QUANTITY),
    write: ({ offer }) => writeNumber(offer.packQuantity),
  },
  { name: 'price', needed: true, read: moneyField, write: ({ offer }) => writeMoney(offer.priceMinor) },
  { name: 'stock', read: wordField(offerStocks), write: ({ offer }) => offer.stock },
  { name: 'days', read: numberField(0, MOST_DAYS, true), write: ({ offer }) => writeNumber(offer.days) },
  { name: 'seen', read: dayField, write: ({ offer }) => offer.seen },
]

export const writeOffers = (rows: readonly OfferRow[]): string => writeCsv(rows, offerColumns)

/**
 * Reads a table of offers: the same article, or the same pack, of a supplier's material is that offer; else it
 * is new.
 */
export function readOffers(
  text: string,
  known: {
    readonly suppliers: readonly Supplier[]
    readonly materials: readonly Material[]
    readonly offers: readonly Offer[]
  },
  today: string,
  now: string,
  newId: () => string,
): Reading<RowsIn<Offer>> {
  const reading = readCsv(text, offerColumns)
  if (reading.kind === 'none') return reading
  const bad = new Set(reading.value.faults.map(({ line }) => line))
  const rows = new Beside<Offer>(offerSchema, [...reading.value.faults])
  const idBy = (rows: readonly { name: string; id: string }[]): Map<string, string> =>
    new Map(rows.map(({ name, id }) => [name.toLowerCase(), id]))
  const suppliers = idBy(known.suppliers)
  const materials = idBy(known.materials)
  const seenIds = new Map<string, number>()
  for (const { line, values } of reading.value.rows) {
    if (bad.has(line)) continue
    const supplierId = suppliers.get(String(values.supplier).toLowerCase())
    const materialId = materials.get(String(values.material).toLowerCase())
    const missing = supplierId === undefined ? 'supplier' : materialId === undefined ? 'material' : undefined
    if (missing !== undefined) {
      const read = String(values[missing]).slice(0, 60)
      rows.fault(line, `read “${read}”; no ${missing} here has that name.`, missing)
      continue
    }
    const was = known.offers.find(
      (offer) =>
        offer.supplierId === supplierId &&
        offer.materialId === materialId &&
        (values.article === undefined
          ? offer.packQuantity === values.pack
          : offer.article === values.article),
    )
    const before = was && seenIds.get(was.id)
    if (was) seenIds.set(was.id, line)
    if (before !== undefined) {
      rows.fault(line, `the same offer stands on line ${before} already.`)
      continue
    }
    const fields = {
      ...(values.article === undefined ? {} : { article: values.article }),
      packQuantity: values.pack,
      priceMinor: values.price,
      stock: values.stock ?? was?.stock ?? 'not said',
      ...(values.days === undefined ? {} : { days: values.days }),
      seen: values.seen ?? was?.seen ?? today,
    }
    const draft = was
      ? withChange(was, fields as Partial<Offer>, now)
      : { ...fields, id: newId(), changedAt: now, supplierId, materialId, origin: 'file' }
    rows.put(line, draft, was)
  }
  return ok(rows.all(reading.value.ignored))
}
