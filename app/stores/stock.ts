import {
  foldRun,
  promisedBy,
  readLedger,
  logEntry,
  type LogEntry,
  type Run,
  type RunEvent,
} from '~~/core/batches'
import { stockStates, totalNeeds, type StockState } from '~~/core/stock'

/** What follows from the records: runs, promises, balances, the log. Derived, never stored. */
export const useStock = defineStore('stock', () => {
  const workshop = useWorkshop()

  const runs = computed<ReadonlyMap<string, Run>>(() => {
    const byBatch = new Map<string, RunEvent[]>()
    for (const event of workshop.events) {
      const list = byBatch.get(event.batchId)
      if (list) list.push(event)
      else byBatch.set(event.batchId, [event])
    }
    return new Map(workshop.batches.map((batch) => [batch.id, foldRun(batch, byBatch.get(batch.id) ?? [])]))
  })
  const ledger = computed(() => readLedger(workshop.lots, workshop.movements))
  const states = computed<StockState[]>(() =>
    stockStates(
      workshop.materials,
      workshop.lots,
      ledger.value.balances,
      totalNeeds(promisedBy(workshop.batches, runs.value)),
    ),
  )
  const stateById = computed(() => new Map(states.value.map((state) => [state.material.id, state])))
  const log = computed<LogEntry[]>(() =>
    workshop.batches
      .flatMap((batch) => {
        const run = runs.value.get(batch.id)
        const entry = run && logEntry(batch, run, ledger.value)
        return entry ? [entry] : []
      })
      .sort((a, b) => b.at.localeCompare(a.at)),
  )

  return { runs, ledger, states, stateById, log }
})
