import type { Batch, Run } from '~~/core/batches'

/** When what stays open of a run closes, ms; undefined for one that nothing hurries. */
export function closesMs({ state }: Run): number | undefined {
  const ends = [state.round?.closesMs, state.followByMs].filter((ms) => ms !== undefined)
  return ends.length === 0 ? undefined : Math.min(...ends)
}

/** Open batches whose window closes, the soonest first. */
export function useClosing(): ComputedRef<readonly { batch: Batch; run: Run; closes: number }[]> {
  const stock = useStock()
  return computed(() =>
    stock.open
      .flatMap(({ batch, run }) => {
        const closes = closesMs(run)
        return closes === undefined ? [] : [{ batch, run, closes }]
      })
      .sort((a, b) => a.closes - b.closes),
  )
}
