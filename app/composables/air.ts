import { foldRun, stillInAir, type Batch, type BatchStep, type InTheAir, type Run } from '~~/core/batches'

/** The longest that any step keeps away from what hangs in the air, min. */
const LONGEST_MIN = 120

/**
 * What other work has left in the air that a step can't stand near: of open batches, and of those whose pieces came
 * on a tray within the last two hours.
 */
export function useAir(
  step: () => BatchStep,
  nowMs: Readonly<Ref<number>>,
): ComputedRef<InTheAir | undefined> {
  const workshop = useWorkshop()
  const stock = useStock()
  const ended = shallowRef<readonly { batch: Batch; run: Run }[]>([])

  const endedIds = computed(() => {
    const since = new Date(nowMs.value - LONGEST_MIN * 60_000).toISOString()
    const late = workshop.trayEntries.filter(({ at }) => at > since).map(({ batchId }) => batchId)
    return [...new Set(late)].filter((id) => !stock.runs.has(id)).sort()
  })
  watch(
    () => endedIds.value.join('|'),
    async () => {
      const ids = endedIds.value
      const { db } = workshop.context()
      const events = ids.length === 0 ? [] : await db.events.where('batchId').anyOf(ids).toArray()
      ended.value = ids.flatMap((id) => {
        const batch = stock.batchById.get(id)
        return batch
          ? [
              {
                batch,
                run: foldRun(
                  batch,
                  events.filter((event) => event.batchId === id),
                ),
              },
            ]
          : []
      })
    },
    { immediate: true },
  )
  return computed(() => {
    const open = [...stock.runs].flatMap(([id, run]) => {
      const batch = stock.batchById.get(id)
      return batch ? [{ batch, run }] : []
    })
    return stillInAir(step(), [...open, ...ended.value], nowMs.value)
  })
}
