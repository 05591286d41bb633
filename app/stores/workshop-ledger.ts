import { liveQuery, type Subscription } from 'dexie'
import type { RunEvent } from '~~/core/batches'
import type { Lot, LotBalance, Movement } from '~~/core/stock'
import { counted } from '~~/core/units'
import type { WorkshopDb } from '../db/database'
import { checkBalances } from '../db/derived'
import type { Followed, Following } from './workshop-following'

/** The stored balances are checked so long after a workshop was opened: what is shown first comes first, ms. */
const CHECKED_AFTER_MS = 4_000

/** What grows with every batch: lots and what they hold, and what happens at the bench. */
export function workshopLedger({ isOpen, broken }: Followed, { follow, followTable, soundOf }: Following) {
  const ledger = {
    /** What does not need the lots is shown before they are read. */
    ledgerRead: ref(false),
    lots: shallowRef<Lot[]>([]),
    balances: shallowRef<ReadonlyMap<string, LotBalance>>(new Map()),
    /** Movements of batches that made lots which are still there: what those lots cost follows from them. */
    makings: shallowRef<Movement[]>([]),
    setAside: shallowRef<ReadonlySet<string>>(new Set()),
    /** Entries of the batches that are open, by batch; what has ended is read by the pages that show it. */
    openEvents: shallowRef<ReadonlyMap<string, readonly RunEvent[]>>(new Map()),
  }
  const { ledgerRead, lots, balances, makings, setAside, openEvents } = ledger
  const perBatch = new Map<string, Subscription>()

  /** Follows what is set aside and the open batches; resolves when they have answered once. */
  const followRuns = (opened: WorkshopDb): Promise<void>[] => [
    follow(
      () => opened.setAside.toArray(),
      (rows) => {
        setAside.value = new Set(rows.map(({ id }) => id))
      },
    ),
    follow(
      () => opened.openBatches.toCollection().primaryKeys(),
      (ids) => {
        watchOpen(opened, ids)
      },
    ),
  ]

  /** Follows lots and balances, and looks in the background whether they agree. */
  async function followLots(opened: WorkshopDb): Promise<void> {
    await Promise.all([
      followTable(opened, 'lots', lots),
      follow(
        () => opened.balances.toArray(),
        (rows) => {
          balances.value = new Map(rows.map((row) => [row.id, row]))
        },
      ),
      follow(
        async () => {
          const made = (await opened.lots.toArray()).flatMap(({ from }) => (from ? [from.batchId] : []))
          return opened.movements
            .where('batchId')
            .anyOf([...new Set(made)])
            .toArray()
        },
        (rows) => {
          makings.value = rows
        },
      ),
    ])
    ledgerRead.value = true
    void checkLedger(opened)
  }

  /** In the background the stored balances are checked against the whole ledger, and set right where they differ. */
  async function checkLedger(opened: WorkshopDb): Promise<void> {
    await new Promise((resolve) => setTimeout(resolve, CHECKED_AFTER_MS))
    if (!isOpen(opened)) return
    try {
      const wrong = await checkBalances(opened)
      if (wrong.length > 0)
        useNotices().fault(
          `The balances of ${counted(wrong.length, 'lot')} were not what the ledger adds up to, and are set right.`,
        )
    } catch {
      // Closed meanwhile: the next opening checks again.
    }
  }

  /** Follows the entries of each open batch by itself: a piece done re-reads one batch. */
  function watchOpen(opened: WorkshopDb, ids: readonly string[]): void {
    const wanted = new Set(ids)
    for (const [id, subscription] of perBatch)
      if (!wanted.has(id)) {
        subscription.unsubscribe()
        perBatch.delete(id)
        const left = new Map(openEvents.value)
        left.delete(id)
        openEvents.value = left
      }
    for (const id of ids) {
      if (perBatch.has(id)) continue
      perBatch.set(
        id,
        liveQuery(() => opened.events.where('batchId').equals(id).toArray()).subscribe({
          next: (events) => {
            openEvents.value = new Map(openEvents.value).set(id, soundOf('events', events))
          },
          error: broken,
        }),
      )
    }
  }

  function end(): void {
    perBatch.forEach((subscription) => subscription.unsubscribe())
    perBatch.clear()
    openEvents.value = new Map()
    ledgerRead.value = false
  }

  return { ledger, followRuns, followLots, end }
}
