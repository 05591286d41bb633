import type { Dexie, Table } from 'dexie'
import { foldRun, isOpen, type Batch, type RunEvent } from '../../core/batches'
import {
  addToBalances,
  balancesOf,
  inCausalOrder,
  LastCounts,
  type LotBalance,
  type Movement,
} from '../../core/stock'

/** A table by its name: of a database, or of the transaction that upgrades one. */
type TableOf = (name: string) => Table

/** How many rows of a long table are read at once. */
const ROWS_AT_ONCE = 20_000
/**
 * How many are read at once beside a maker's work: what is pressed meanwhile waits for no more than these,
 * some 20 ms.
 */
const ROWS_BESIDE = 400

/** Goes through a table by its ids, some thousand rows at a time. */
export async function inParts<T extends { id: string }>(
  table: Table<T, string>,
  each: (rows: T[]) => void | Promise<void>,
  rowsAtOnce = ROWS_AT_ONCE,
): Promise<void> {
  let last: string | undefined
  for (;;) {
    const part: T[] = await (last === undefined ? table.orderBy('id') : table.where('id').above(last))
      .limit(rowsAtOnce)
      .toArray()
    await each(part)
    last = part.at(-1)?.id
    if (part.length < rowsAtOnce || last === undefined) return
  }
}

export const balanceRows = (balances: ReadonlyMap<string, LotBalance>): (LotBalance & { id: string })[] =>
  [...balances].map(([id, balance]) => ({ id, ...balance }))

/** Ids of open batches, and of run entries that don't count, from all batches. */
async function runsOf(table: TableOf): Promise<{ open: string[]; setAside: string[] }> {
  const byBatch = new Map<string, RunEvent[]>()
  await inParts<RunEvent>(table('events'), (events) => {
    for (const event of events) {
      const list = byBatch.get(event.batchId)
      if (list) list.push(event)
      else byBatch.set(event.batchId, [event])
    }
  })
  const open: string[] = []
  const setAside: string[] = []
  await inParts<Batch>(table('batches'), (batches) => {
    for (const batch of batches) {
      const run = foldRun(batch, byBatch.get(batch.id) ?? [])
      if (isOpen(run)) open.push(batch.id)
      setAside.push(...run.setAside.map(({ id }) => id))
    }
  })
  return { open, setAside }
}

/**
 * Works out afresh what is kept beside the records: after records came from outside (an import, a merge, an upgrade).
 * Within the caller's transaction.
 */
export async function rebuildDerived(table: TableOf): Promise<void> {
  const { open, setAside } = await runsOf(table)
  const aside = new Set(setAside)
  const balances = new Map<string, LotBalance>()
  const counts = new LastCounts(aside)
  await inParts<Movement>(table('movements'), (movements) => void counts.see(movements))
  await inParts<Movement>(table('movements'), (movements) =>
    addToBalances(balances, movements, aside, counts),
  )
  const write = async (name: string, rows: readonly { id: string }[]): Promise<void> => {
    await table(name).clear()
    await table(name).bulkPut([...rows])
  }
  await write(
    'openBatches',
    open.map((id) => ({ id })),
  )
  await write(
    'setAside',
    setAside.map((id) => ({ id })),
  )
  await write('balances', balanceRows(balances))
}

/**
 * Books entries into the stored balances. Within the transaction that adds the entries.
 * @param asOf their moments are those at which they were so, and stay: a jar was counted before it is written
 */
export async function bookMovements(
  table: TableOf,
  movements: readonly Movement[],
  asOf = false,
): Promise<void> {
  if (movements.length === 0) return
  const ids = [...new Set(movements.map(({ lotId }) => lotId))]
  const countedIds = [...new Set(movements.flatMap(({ kind, lotId }) => (kind === 'count' ? [lotId] : [])))]
  const stored = (await table('balances').bulkGet(ids)) as ((LotBalance & { id: string }) | undefined)[]
  const balances = new Map<string, LotBalance>()
  for (const balance of stored) if (balance) balances.set(balance.id, { ...balance })
  // A count looks back on all that was moved in its lot.
  const before: Movement[] =
    countedIds.length > 0 ? await table('movements').where('lotId').anyOf(countedIds).toArray() : []
  const last = new Map<string, string>()
  for (const { lotId, at } of before) if (at > (last.get(lotId) ?? '')) last.set(lotId, at)
  const booked = asOf
    ? [...movements]
    : inCausalOrder(
        movements,
        (lotId) => last.get(lotId),
        (lotId) => balances.get(lotId)?.counted?.at,
      )
  await table('movements').bulkAdd(booked)
  const isCounted = new Set(countedIds)
  addToBalances(
    balances,
    booked.filter(({ lotId }) => !isCounted.has(lotId)),
  )
  if (countedIds.length > 0) {
    const aside = new Set(((await table('setAside').toArray()) as { id: string }[]).map(({ id }) => id))
    const all = [...before, ...booked.filter(({ lotId }) => isCounted.has(lotId))]
    for (const [id, balance] of balancesOf(all, aside)) balances.set(id, balance)
  }
  await table('balances').bulkPut(balanceRows(balances))
}

/**
 * Checks the stored balances against the whole ledger, a few hundred entries at a time, and sets right what differs.
 * @returns ids of the lots that were set right; none in a sound workshop
 */
export async function checkBalances(db: Dexie): Promise<string[]> {
  const table: TableOf = (name) => db.table(name)
  const aside = new Set(((await table('setAside').toArray()) as { id: string }[]).map(({ id }) => id))
  const before = await table('movements').count()
  const summed = new Map<string, LotBalance>()
  const counts = new LastCounts(aside)
  /** Goes through the ledger, with as long a rest after each part as the work took: the page comes first. */
  const restingAfter = async (each: (movements: Movement[]) => void): Promise<void> => {
    let began = performance.now()
    await inParts<Movement>(
      table('movements'),
      async (movements) => {
        each(movements)
        await new Promise((resolve) => setTimeout(resolve, performance.now() - began))
        began = performance.now()
      },
      ROWS_BESIDE,
    )
  }
  await restingAfter((movements) => void counts.see(movements))
  await restingAfter((movements) => addToBalances(summed, movements, aside, counts))
  return db.transaction('rw', ['movements', 'balances'], async () => {
    // Something was booked meanwhile: the next check will see.
    if ((await table('movements').count()) !== before) return []
    const stored = new Map(
      ((await table('balances').toArray()) as (LotBalance & { id: string })[]).map((row) => [row.id, row]),
    )
    const wrong = [...summed].filter(([id, sum]) => {
      const row = stored.get(id)
      return !row || Math.abs(row.onHand - sum.onHand) > 1e-5 || Math.abs(row.received - sum.received) > 1e-5
    })
    await table('balances').bulkPut(balanceRows(new Map(wrong)))
    return wrong.map(([id]) => id)
  })
}
