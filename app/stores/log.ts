import { liveQuery } from 'dexie'
import { foldRun, logEntry, readLedger, type LogEntry, type RunEvent } from '~~/core/batches'
import type { Movement } from '~~/core/stock'

/** What has ended, read when it is asked for: by the Log, and by a batch that is looked at again. */
export const useLog = defineStore('log', () => {
  const workshop = useWorkshop()
  const entries = shallowRef<LogEntry[]>([])
  const reading = ref(false)
  const fault = ref('')

  /** Follows the ended batches as long as the page that shows them is there. */
  function follow(): void {
    const { db } = workshop
    if (!db) return
    reading.value = true
    const subscription = liveQuery(async () => {
      const open = new Set(await db.openBatches.toCollection().primaryKeys())
      const ended = (await db.batches.toArray()).filter(({ id }) => !open.has(id))
      const ids = ended.map(({ id }) => id)
      const [events, movements, lots, balances, aside] = await Promise.all([
        db.events.where('batchId').anyOf(ids).toArray(),
        db.movements.where('batchId').anyOf(ids).toArray(),
        db.lots.toArray(),
        db.balances.toArray(),
        db.setAside.toArray(),
      ])
      return { ended, events, movements, lots, balances, aside }
    }).subscribe({
      next: ({ ended, events, movements, lots, balances, aside }) => {
        const ledger = readLedger(
          lots,
          movements as Movement[],
          new Map(balances.map((row) => [row.id, row])),
          new Set(aside.map(({ id }) => id)),
        )
        const byBatch = new Map<string, RunEvent[]>()
        for (const event of events) {
          const list = byBatch.get(event.batchId)
          if (list) list.push(event)
          else byBatch.set(event.batchId, [event])
        }
        entries.value = ended
          .flatMap((batch) => {
            const entry = logEntry(batch, foldRun(batch, byBatch.get(batch.id) ?? []), ledger)
            return entry ? [entry] : []
          })
          .sort((a, b) => b.at.localeCompare(a.at))
        reading.value = false
      },
      error: (error: unknown) => {
        fault.value = error instanceof Error ? error.message : String(error)
        reading.value = false
      },
    })
    onScopeDispose(() => {
      subscription.unsubscribe()
      entries.value = []
    })
  }
  return { entries, reading, fault, follow }
})
