import {
  compareList,
  priceColumns,
  priceListSchema,
  priceRowOf,
  type ListComparison,
  type Offer,
  type PriceRow,
  type Supplier,
} from '~~/core/buying'
import { readCsv, type CsvFault } from '~~/core/csv'
import { z } from 'zod'

/** A price list that came, laid beside what is known; nothing of it is stored yet. */
export interface FoundList {
  readonly supplier: Supplier
  readonly origin: Exclude<Offer['origin'], 'typed'>
  readonly comparison: ListComparison
  readonly faults: readonly CsvFault[]
}

/** The longest that a price list is waited for, ms. */
const PATIENCE_MS = 15_000
const MOST_BYTES = 5_000_000

/** Price lists: asked for at the service, or read from a file; looked at before they are taken over. */
export function usePriceLists() {
  const workshop = useWorkshop()
  const notices = useNotices()
  const asking = ref<string>()
  const found = shallowRef<FoundList>()
  const names = ref<string[]>([])

  const compared = (supplier: Supplier, rows: readonly PriceRow[]): ListComparison =>
    compareList(
      rows,
      workshop.offers.filter(({ supplierId }) => supplierId === supplier.id),
      workshop.materials,
    )

  /** Asks the service for a supplier's list. */
  async function ask(supplier: Supplier): Promise<void> {
    if (!supplier.listed || asking.value) return
    asking.value = supplier.id
    try {
      const answer = await fetch(`/api/price-list?supplier=${encodeURIComponent(supplier.listed)}`, {
        signal: AbortSignal.timeout(PATIENCE_MS),
      })
      const body: unknown = await answer.json().catch(() => undefined)
      if (!answer.ok) {
        const told = z.object({ detail: z.string() }).safeParse(body)
        throw new Error(told.success ? told.data.detail : `the service answered ${answer.status}`)
      }
      const list = priceListSchema.safeParse(body)
      if (!list.success) throw new Error('what it sent is no price list')
      found.value = {
        supplier,
        origin: 'price list',
        comparison: compared(supplier, list.data.rows),
        faults: [],
      }
    } catch (error) {
      const because =
        error instanceof DOMException && error.name === 'TimeoutError'
          ? `it has not answered for ${PATIENCE_MS / 1000} seconds`
          : error instanceof TypeError
            ? 'the service can’t be reached'
            : error instanceof Error
              ? error.message
              : String(error)
      notices.fault(`Prices of ${supplier.name} were not had: ${because} What was known of them stays.`)
    }
    asking.value = undefined
  }

  /** Reads a supplier's list from a file. */
  async function read(supplier: Supplier, file: File): Promise<void> {
    if (file.size > MOST_BYTES) {
      notices.fault(`“${file.name}” has ${file.size} bytes; allowed are ${MOST_BYTES}.`)
      return
    }
    const reading = readCsv(await file.text(), priceColumns)
    if (reading.kind === 'none') {
      notices.fault(`“${file.name}”: ${reading.because}`)
      return
    }
    const bad = new Set(reading.value.faults.map(({ line }) => line))
    const rows = reading.value.rows
      .filter(({ line }) => !bad.has(line))
      .map(({ values }) => priceRowOf(values))
    found.value = {
      supplier,
      origin: 'file',
      comparison: compared(supplier, rows),
      faults: reading.value.faults,
    }
  }

  /** Which suppliers the service knows; none without a connection. */
  async function load(): Promise<void> {
    try {
      const answer: unknown = await (await fetch('/api/price-list')).json()
      const known = z.object({ suppliers: z.array(z.string()) }).safeParse(answer)
      if (known.success) names.value = known.data.suppliers
    } catch {
      // Without a connection there is nobody to ask: prices are typed, or read from a file.
    }
  }
  void load()
  return { asking, found, names, ask, read }
}
