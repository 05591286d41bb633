import { liveQuery } from 'dexie'
import { foldRun, reclaimedShare, taughtBy, type RunEvent } from '~~/core/batches'
import { shared } from '~~/core/makeup'
import { worthOf, type Learnt } from '~~/core/quantities'
import { methodCoefficient } from '~~/core/methods'

/** So many ended batches are read for what they teach. */
const LOOKED_AT = 60

/** What ended batches have taught, way by way. Derived, never stored. */
export const useLearnt = defineStore('learnt', () => {
  const workshop = useWorkshop()
  /** Of each way with fibre that comes back: the shares that did, the latest batch first. */
  const shares = shallowRef<ReadonlyMap<string, readonly number[]>>(new Map())
  /** Of what is thrown, the share that sticks in a way of making. */
  function sticksIn(methodId: string): number | undefined {
    const coefficient = methodCoefficient(`${methodId}/sticks`)
    return coefficient && worthOf(coefficient, workshop.ownValues).value
  }
  watch(
    () => workshop.db,
    (db, _before, onCleanup) => {
      shares.value = new Map()
      if (!db) return
      const reading = liveQuery(async () => {
        const open = new Set(await db.openBatches.toCollection().primaryKeys())
        const ended = (
          await db.batches
            .filter(({ id, plan }) => !open.has(id) && plan.steps.some(({ back }) => back !== undefined))
            .toArray()
        )
          .sort((a, b) => b.madeAt.localeCompare(a.madeAt))
          .slice(0, LOOKED_AT)
        const events = await db.events
          .where('batchId')
          .anyOf(ended.map(({ id }) => id))
          .toArray()
        return { ended, events }
      }).subscribe(({ ended, events }) => {
        const byBatch = new Map<string, RunEvent[]>()
        for (const event of events) byBatch.set(event.batchId, [...(byBatch.get(event.batchId) ?? []), event])
        const byMethod = new Map<string, number[]>()
        for (const batch of ended) {
          const sticks = sticksIn(batch.methodId)
          if (sticks === undefined) continue
          const share = reclaimedShare(batch, foldRun(batch, byBatch.get(batch.id) ?? []), sticks)
          if (share !== undefined)
            byMethod.set(batch.methodId, [...(byMethod.get(batch.methodId) ?? []), share])
        }
        shares.value = byMethod
      })
      onCleanup(() => reading.unsubscribe())
    },
    { immediate: true },
  )
  const byMethod = computed(
    () =>
      new Map(
        [...shares.value].map(([methodId, list]): [string, Learnt] => [
          methodId,
          new Map([[shared.reclaimed.id, taughtBy(shared.reclaimed.value, list)]]),
        ]),
      ),
  )
  const of = (methodId: string): Learnt | undefined => byMethod.value.get(methodId)
  return { of }
})
