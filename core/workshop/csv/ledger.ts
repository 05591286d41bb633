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
  type CsvFault,
} from '../../csv'
import {
  countCorrection,
  lotSchema,
  lotSources,
  MOST_QUANTITY,
  movementKinds,
  movementSchema,
  type Lot,
  type LotBalance,
  type Material,
  type Movement,
} from '../../stock'
import { ok, type Reading } from '../../units'
import { inTurn, issueWords } from './beside'

/** A lot as a row: with its material's name and what is left of it. */
export interface LotRow {
  readonly lot: Lot
  readonly material: string
  readonly received: number
  readonly onHand: number
}

const quantityColumn = numberField(0.0001, MOST_QUANTITY)

/** The columns of a table of lots. What is left is told, never read: it follows from the movements. */
export const lotColumns: readonly Column<LotRow>[] = [
  { name: 'id', read: textField(64), write: ({ lot }) => lot.id },
  { name: 'material', needed: true, read: textField(120), write: ({ material }) => material },
  { name: 'label', needed: true, read: textField(120), write: ({ lot }) => lot.label },
  { name: 'source', needed: true, read: wordField(lotSources), write: ({ lot }) => lot.source },
  { name: 'date', needed: true, read: dayField, write: ({ lot }) => lot.date },
  { name: 'quantity', needed: true, read: quantityColumn, write: ({ received }) => writeNumber(received) },
  {
    name: 'left',
    read: numberField(-MOST_QUANTITY, MOST_QUANTITY),
    write: ({ onHand }) => writeNumber(onHand),
  },
  { name: 'price', read: moneyField, write: ({ lot }) => writeMoney(lot.priceMinor) },
  { name: 'place', read: textField(120), write: ({ lot }) => lot.place ?? '' },
  { name: 'note', read: textField(2000), write: ({ lot }) => lot.note ?? '' },
]

/** A ledger entry as a row: with its lot's label and its material's name. */
export interface MovementRow {
  readonly movement: Movement
  readonly label: string
  readonly material: string
  readonly batch: string
}

const readKinds = ['count', 'receive', 'draw'] as const

/** The columns of a table of movements. */
export const movementColumns: readonly Column<MovementRow>[] = [
  { name: 'id', read: textField(64), write: ({ movement }) => movement.id },
  { name: 'at', read: textField(30), write: ({ movement }) => movement.at },
  { name: 'lot', needed: true, read: textField(64), write: ({ movement }) => movement.lotId },
  { name: 'label', read: textField(120), write: ({ label }) => label },
  { name: 'material', read: textField(120), write: ({ material }) => material },
  { name: 'kind', needed: true, read: wordField(movementKinds), write: ({ movement }) => movement.kind },
  {
    name: 'quantity',
    read: numberField(-MOST_QUANTITY, MOST_QUANTITY),
    write: ({ movement }) => writeNumber(movement.quantity),
  },
  {
    name: 'counted',
    read: numberField(0, MOST_QUANTITY),
    write: ({ movement }) => writeNumber(movement.counted),
  },
  { name: 'batch', read: textField(120), write: ({ batch }) => batch },
  { name: 'note', read: textField(2000), write: ({ movement }) => movement.note ?? '' },
]

export const writeLots = (rows: readonly LotRow[]): string => writeCsv(rows, lotColumns)
export const writeMovements = (rows: readonly MovementRow[]): string => writeCsv(rows, movementColumns)

/** What a file of lots or of movements would write; with any fault nothing is written. */
export interface LedgerIn {
  readonly faults: readonly CsvFault[]
  readonly lots: readonly Lot[]
  readonly movements: readonly Movement[]
  /** Rows that are in the books already. */
  readonly same: number
  readonly ignored: readonly string[]
}

interface Reader {
  readonly now: string
  readonly newId: () => string
}

/** Reads a table of lots: each that is not in the books yet is taken in, with its first entry. */
export function readLots(
  text: string,
  materials: readonly Material[],
  known: readonly Lot[],
  { now, newId }: Reader,
): Reading<LedgerIn> {
  const reading = readCsv(text, lotColumns)
  if (reading.kind === 'none') return reading
  const faults = [...reading.value.faults]
  const bad = new Set(faults.map(({ line }) => line))
  const byName = new Map<string, Material[]>()
  for (const material of materials) {
    const key = material.name.toLowerCase()
    byName.set(key, [...(byName.get(key) ?? []), material])
  }
  const ids = new Set(known.map(({ id }) => id))
  const lots: Lot[] = []
  const movements: Movement[] = []
  let same = 0
  for (const { line, values } of reading.value.rows) {
    if (bad.has(line)) continue
    if (values.id !== undefined && ids.has(String(values.id))) {
      same += 1
      continue
    }
    const named = byName.get(String(values.material).toLowerCase()) ?? []
    const [material] = named
    if (!material || named.length > 1) {
      faults.push({
        line,
        column: 'material',
        because: `read “${String(values.material).slice(0, 60)}”; ${material ? `${named.length} materials have that name: rename one` : 'no material here has that name'}.`,
      })
      continue
    }
    const lot = lotSchema.safeParse({
      id: newId(),
      materialId: material.id,
      label: values.label,
      source: values.source,
      date: values.date,
      madeAt: now,
      ...(values.price === undefined ? {} : { priceMinor: values.price }),
      ...(values.place === undefined ? {} : { place: values.place }),
      ...(values.note === undefined ? {} : { note: values.note }),
    })
    if (!lot.success) {
      faults.push({ line, because: issueWords(lot.error) })
      continue
    }
    if (material.unit === 'piece' && !Number.isInteger(values.quantity)) {
      faults.push({ line, column: 'quantity', because: `read ${String(values.quantity)}; pieces are whole.` })
      continue
    }
    lots.push(lot.data)
    movements.push({
      id: newId(),
      at: now,
      lotId: lot.data.id,
      kind: 'receive',
      quantity: Number(values.quantity),
    })
  }
  return ok({ faults: inTurn(faults), lots, movements, same, ignored: reading.value.ignored })
}

/**
 * Reads a table of movements: entries that are in the books already are passed over; a count, a receipt or a
 * draw that is not is written now. A count corrects by what the books say at that moment, rows of one lot in
 * their turn.
 */
export function readMovements(
  text: string,
  lots: readonly Lot[],
  balances: ReadonlyMap<string, LotBalance>,
  knownIds: ReadonlySet<string>,
  { now, newId }: Reader,
): Reading<LedgerIn> {
  const reading = readCsv(text, movementColumns)
  if (reading.kind === 'none') return reading
  const faults = [...reading.value.faults]
  const bad = new Set(faults.map(({ line }) => line))
  const lotIds = new Set(lots.map(({ id }) => id))
  const onHand = new Map([...balances].map(([id, balance]) => [id, balance.onHand]))
  const movements: Movement[] = []
  let same = 0
  for (const { line, values } of reading.value.rows) {
    if (bad.has(line)) continue
    if (values.id !== undefined && knownIds.has(String(values.id))) {
      same += 1
      continue
    }
    const lotId = String(values.lot)
    const kind = values.kind as (typeof movementKinds)[number]
    const fault = (column: string, because: string): void => {
      faults.push({ line, column, because })
    }
    if (!lotIds.has(lotId)) {
      fault('lot', `read “${lotId.slice(0, 60)}”; no lot here has that id.`)
      continue
    }
    if (!(readKinds as readonly string[]).includes(kind)) {
      fault('kind', `read “${kind}”; a new entry can be ${readKinds.join(', ')}.`)
      continue
    }
    const there = onHand.get(lotId) ?? 0
    const amount = kind === 'count' ? values.counted : values.quantity
    if (typeof amount !== 'number' || (kind !== 'count' && amount === 0)) {
      fault(kind === 'count' ? 'counted' : 'quantity', 'it is empty or nothing; say how much.')
      continue
    }
    const quantity =
      kind === 'count'
        ? countCorrection(amount, there)
        : kind === 'draw'
          ? -Math.abs(amount)
          : Math.abs(amount)
    const movement = movementSchema.safeParse({
      id: newId(),
      at: now,
      lotId,
      kind,
      quantity,
      ...(kind === 'count' ? { counted: amount } : {}),
      ...(there + quantity < 0 ? { uncovered: true } : {}),
      ...(values.note === undefined ? {} : { note: values.note }),
    })
    if (!movement.success) {
      faults.push({ line, because: issueWords(movement.error) })
      continue
    }
    onHand.set(lotId, there + quantity)
    movements.push(movement.data)
  }
  return ok({ faults: inTurn(faults), lots: [], movements, same, ignored: reading.value.ignored })
}
