import type { Batch, BatchStep } from './records'
import type { Run } from './machine'

type Air = BatchStep['gives'][number]

/** What still hangs in the air that a step can't stand near: since when, from which batch, and for how long yet. */
export interface InTheAir {
  readonly what: Air
  readonly batchName: string
  /** Until when it must be aired, ms of the clock. */
  readonly untilMs: number
}

/**
 * What other work has left in the air that this step must keep away from: the last of it that was done, in any
 * batch, within the step's time of airing.
 * @param nowMs of the clock
 * @returns the one that hangs longest; undefined where the air is clear
 */
export function stillInAir(
  step: Pick<BatchStep, 'apart'>,
  runs: readonly { readonly batch: Batch; readonly run: Run }[],
  nowMs: number,
): InTheAir | undefined {
  const { apart } = step
  if (!apart) return undefined
  let last: InTheAir | undefined
  for (const { batch, run } of runs)
    for (const { at, deed } of run.history) {
      if (deed.type !== 'pieces') continue
      const given = batch.plan.steps[deed.step]?.gives.find((air) => apart.from.includes(air))
      const untilMs = Date.parse(at) + apart.airMin * 60_000
      if (given && untilMs > nowMs && (!last || untilMs > last.untilMs))
        last = { what: given, batchName: batch.name, untilMs }
    }
  return last
}
