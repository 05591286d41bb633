import fc from 'fast-check'
import { foldRun, isOpen, type Batch } from '../../../core/batches'
import { balancesOf } from '../../../core/stock'
import {
  canonical,
  mergeWorkshops,
  newWorkshop,
  repairsOf,
  tables,
  withChange,
  type TableName,
  type WorkshopDocument,
} from '../../../core/workshop'
import { batch, commission, line, NOON } from '../../support/workshop'

/**
 * Thousands of histories of three copies, on the documents alone: what the commands write is written here as they write
 * it, so that a history takes a few milliseconds. The commands themselves are in merge-everything.test.ts.
 */
const HISTORIES = 10_000
const COPIES = 3
const JARS = ['jar-1', 'jar-2']
const HELD = 100

type Row = { readonly id: string }
type Copy = { document: WorkshopDocument }
const put = (copy: Copy, table: TableName, row: Row): void => {
  const rows = (copy.document[table] as readonly Row[]).filter(({ id }) => id !== row.id)
  copy.document = { ...copy.document, [table]: [...rows, row] }
}

const plain = batch()
/** A batch of one step: what merging does is not a matter of the steps. */
const small = (over: Partial<Batch>): Batch =>
  batch({ plan: { ...plain.plan, amounts: [], steps: plain.plan.steps.slice(2) }, ...over })

const start: WorkshopDocument = {
  ...newWorkshop(NOON),
  materials: [],
  commissions: [commission()],
  lines: [line({ id: 'l1' }), line({ id: 'l2' })],
  batches: ['b1', 'b2', 'b3'].map((id) => small({ id, lineId: 'l1' })),
  lots: JARS.map((id) => ({
    id,
    materialId: 'pva',
    label: id,
    source: 'bought' as const,
    date: '2026-10-01',
    madeAt: NOON,
  })),
  movements: JARS.map((lotId) => ({ id: `in-${lotId}`, at: NOON, lotId, kind: 'receive', quantity: HELD })),
}

/** Writes what a document needs to hold together, as a merge does. */
function sent(from: Copy, to: Copy, now: string): void {
  to.document = mergeWorkshops(to.document, from.document)
  for (const { table, row } of repairsOf(to.document, now).rows) put(to, table, row)
}

/** One deed: what is done, at which copy, and numbers to choose by. */
const deed = fc.record({
  what: fc.constantFrom(
    'draw',
    'count',
    'take in',
    'rename',
    'remove line',
    'remove commission',
    'plan',
    'follow',
    'send',
  ),
  who: fc.nat(COPIES - 1),
  a: fc.nat(8),
  b: fc.nat(8),
})
type Deed = typeof deed extends fc.Arbitrary<infer T> ? T : never

/** The one honest shelf: what stands in each jar. */
type Shelf = Map<string, number>

function act(
  { what, who, a, b }: Deed,
  all: readonly Copy[],
  shelf: Shelf,
  now: () => string,
  id: string,
): void {
  const copy = all[who] as Copy
  const { document } = copy
  const jars = document.lots.map((lot) => lot.id)
  const jar = jars[a % jars.length] as string
  const stands = shelf.get(jar) ?? 0
  switch (what) {
    case 'draw': {
      const quantity = Math.min(b + 1, stands)
      if (quantity === 0) return
      shelf.set(jar, stands - quantity)
      put(copy, 'movements', { id, at: now(), lotId: jar, kind: 'draw', quantity: -quantity } as Row)
      return
    }
    case 'count': {
      const books = balancesOf(document.movements).get(jar)?.onHand ?? 0
      const found = { id, at: now(), lotId: jar, kind: 'count', quantity: stands - books, counted: stands }
      put(copy, 'movements', found as Row)
      return
    }
    case 'take in': {
      // A parcel is taken in once at each copy, under the ids that follow from its line.
      const lotId = `parcel-${a % 2}`
      if (jars.includes(lotId)) return
      const at = now()
      if (!shelf.has(lotId)) shelf.set(lotId, 50)
      put(copy, 'lots', { ...(start.lots[0] as Row), id: lotId, madeAt: at } as Row)
      put(copy, 'movements', { id: `in-${lotId}`, at, lotId, kind: 'receive', quantity: 50 } as Row)
      return
    }
    case 'rename':
    case 'remove line': {
      const stored = document.lines[a % document.lines.length]
      if (!stored || stored.removed) return
      const isUsed = document.batches.some(({ lineId }) => lineId === stored.id)
      // What a batch hangs on can't be removed where the batch is known.
      if (what === 'remove line' && isUsed) return
      put(
        copy,
        'lines',
        withChange(stored, what === 'rename' ? { name: `Line ${b}` } : { removed: true }, now()),
      )
      return
    }
    case 'remove commission': {
      const [stored] = document.commissions
      if (!stored || stored.removed || document.batches.some(({ lineId }) => lineId === 'l1')) return
      put(copy, 'commissions', withChange(stored, { removed: true }, now()))
      return
    }
    case 'plan': {
      const of = document.lines[a % document.lines.length]
      if (of && !of.removed) put(copy, 'batches', small({ id, lineId: of.id, madeAt: now() }))
      return
    }
    case 'follow': {
      const [first, then] = [
        document.batches[a % document.batches.length],
        document.batches[b % document.batches.length],
      ]
      if (!first || !then || first.id === then.id) return
      const follows = (of: string): string | undefined =>
        document.layings.find((row) => row.id === of)?.follows
      // As the command does, no ring is closed in one copy.
      for (let at: string | undefined = first.id; at !== undefined; at = follows(at))
        if (at === then.id) return
      const stored = document.layings.find((row) => row.id === then.id)
      put(
        copy,
        'layings',
        stored
          ? withChange(stored, { follows: first.id }, now())
          : { id: then.id, changedAt: now(), works: [], follows: first.id },
      )
      return
    }
    default:
      sent(copy, all[(who + 1 + (a % (COPIES - 1))) % COPIES] as Copy, now())
  }
}

/** Most rows are the same objects in all copies. */
const texts = new WeakMap<object, string>()
function textOfRow(row: object): string {
  const text = texts.get(row) ?? canonical(row)
  texts.set(row, text)
  return text
}
const textOf = ({ document }: Copy): string =>
  tables.map((name) => `${name} ${(document[name] as readonly object[]).map(textOfRow).join()}`).join()

/** Sends around until nobody learns anything new. @returns how many rounds that took */
function settle(all: readonly Copy[], now: () => string): number {
  for (let round = 1; round <= 6; round += 1) {
    for (const from of all) for (const to of all) if (from !== to) sent(from, to, now())
    const [first, ...others] = all.map(textOf)
    if (others.every((text) => text === first)) return round
  }
  throw new Error('the copies never come to the same')
}

test(`in ${HISTORIES} histories three copies come to the same, to the honest shelf, and to what holds together`, () => {
  let serial = 0
  fc.assert(
    fc.property(fc.array(deed, { minLength: 3, maxLength: 12 }), (deeds) => {
      let second = 0
      const now = (): string => new Date(Date.parse(NOON) + (second += 1) * 1000).toISOString()
      const all: Copy[] = Array.from({ length: COPIES }, () => ({ document: start }))
      const shelf: Shelf = new Map(JARS.map((jar) => [jar, HELD]))
      for (const one of deeds) act(one, all, shelf, now, `x${(serial += 1)}`)
      settle(all, now)
      const { document } = all[0] as Copy
      const balances = balancesOf(document.movements)
      for (const [jar, stands] of shelf) {
        const onHand = balances.get(jar)?.onHand ?? 0
        if (onHand !== stands) throw new Error(`${jar} holds ${stands}, the books say ${onHand}`)
      }
      const follows = new Map(document.layings.map((row) => [row.id, row.follows]))
      for (const id of follows.keys()) {
        let steps = 0
        for (let at = follows.get(id); at !== undefined; at = follows.get(at))
          if ((steps += 1) > follows.size) throw new Error(`${id} waits for itself`)
      }
      const lines = new Map(document.lines.map((row) => [row.id, row]))
      for (const one of document.batches)
        if (isOpen(foldRun(one, [])) && lines.get(one.lineId ?? '')?.removed)
          throw new Error(`${one.id} is open, and its line is gone`)
      for (const { removed, commissionId } of document.lines)
        if (!removed && document.commissions.find(({ id }) => id === commissionId)?.removed)
          throw new Error('a line is there, and its commission is gone')
    }),
    { numRuns: HISTORIES },
  )
})
