import { liveQuery } from 'dexie'
import { takenSince } from '~~/core/stock'
import { addDays } from '~~/core/units'

/** What batches took of some materials in the year up to now, by material; read from the ledger itself. */
export function useYearUse(materialIds: readonly string[]) {
  const workshop = useWorkshop()
  const now = useToday()
  const taken = shallowRef<ReadonlyMap<string, number>>(new Map())
  watch(
    [() => workshop.db, now],
    ([db], _before, onCleanup) => {
      if (!db) return
      const since = addDays(now.value, -365)
      const reading = liveQuery(() =>
        db.transaction('r', [db.lots, db.movements], () =>
          Promise.all(
            materialIds.map(async (id) => {
              const lots = await db.lots.where('materialId').equals(id).primaryKeys()
              return [id, takenSince(await db.movements.where('lotId').anyOf(lots).toArray(), since)] as const
            }),
          ),
        ),
      ).subscribe((pairs) => {
        taken.value = new Map(pairs)
      })
      onCleanup(() => reading.unsubscribe())
    },
    { immediate: true },
  )
  return taken
}
