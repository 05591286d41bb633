import { stepsBefore } from '../makeup/step'
import type { Batch, BatchStep } from './records'
import type { RunState, Wait } from './run-state'

/** @throws RangeError where the batch has no such step */
export const stepAt = (batch: Batch, index: number): BatchStep => {
  const step = batch.plan.steps[index]
  if (!step) throw new RangeError(`step is ${index}; it must be below ${batch.plan.steps.length}`)
  return step
}

/** When all good pieces are done: the wait begins, or the next step. */
export function settle(batch: Batch, state: RunState, ms: number): RunState {
  if (state.phase !== 'hands' || state.doneInStep < state.live) return state
  const at = state.stepIndex
  const { wait } = stepAt(batch, at)
  if (!wait || wait.leastMin <= 0) return enterNext(batch, behind(state, at), ms)
  const begun: Wait = {
    sinceMs: ms,
    untilMs: ms + wait.leastMin * 60_000,
    ...(wait.mostMin === undefined ? {} : { latestMs: ms + wait.mostMin * 60_000 }),
  }
  return {
    ...state,
    phase: 'waiting',
    round: undefined,
    wait: begun,
    waits: new Map(state.waits).set(at, begun),
  }
}

/** A step with its wait is over and done with. */
export function behind(state: RunState, at: number): RunState {
  const waits = new Map(state.waits)
  const latest = waits.get(at)?.latestMs
  waits.delete(at)
  return {
    ...state,
    waits,
    past: changed(state.past, at, () => true),
    closes: latest === undefined ? state.closes : new Map(state.closes).set(at, latest),
  }
}

/** Waits that are over, of whatever step, are behind. */
export const dried = (state: RunState, ms: number): RunState =>
  [...state.waits].reduce((now, [at, { untilMs }]) => (untilMs <= ms ? behind(now, at) : now), state)

export const isBehind = (state: RunState, at: number, ms: number): boolean =>
  state.past[at] === true || (state.waits.get(at)?.untilMs ?? Infinity) <= ms

/** Whether a step can be worked on: it is not behind, does not dry, and all that it needs is there. */
export const canWorkOn = (batch: Batch, state: RunState, at: number, ms: number): boolean =>
  state.past[at] === false &&
  !state.waits.has(at) &&
  stepsBefore(batch.plan.steps, at).every((one) => isBehind(state, one, ms))

/** Steps besides the one in hand that can be worked on now, in their order. @param ms since 1970 */
export const openBeside = (batch: Batch, state: RunState, ms: number): number[] =>
  state.phase === 'hands' || state.phase === 'waiting'
    ? batch.plan.steps.flatMap((_, at) =>
        at !== state.stepIndex && canWorkOn(batch, state, at, ms) ? [at] : [],
      )
    : []

/** The step that comes after one is behind: the first that can be worked on; else what dries the shortest. */
export function enterNext(batch: Batch, before: RunState, ms: number): RunState {
  const state = dried(before, ms)
  const next = batch.plan.steps.findIndex((_, at) => canWorkOn(batch, state, at, ms))
  if (next >= 0) {
    const entered = inHand(batch, state, next)
    // Where pieces were rejected meanwhile, a step that was left may be done already.
    return (state.done[next] ?? 0) > 0 ? settle(batch, entered, ms) : entered
  }
  const [drying] = [...state.waits].sort(([, a], [, b]) => a.untilMs - b.untilMs)
  return drying
    ? inHand(batch, state, drying[0])
    : { ...state, wait: undefined, round: undefined, stepHandsMs: 0, followByMs: undefined, phase: 'done' }
}

/** A step is taken in hand, as far as it has come. */
export function inHand(batch: Batch, state: RunState, at: number): RunState {
  const wait = state.waits.get(at)
  const closes = stepsBefore(batch.plan.steps, at).flatMap((one) => state.closes.get(one) ?? [])
  return {
    ...state,
    phase: wait ? 'waiting' : 'hands',
    stepIndex: at,
    doneInStep: state.done[at] ?? 0,
    stepHandsMs: state.stepMs[at] ?? 0,
    round: undefined,
    wait,
    followByMs: closes.length > 0 ? Math.min(...closes) : undefined,
  }
}

export const changed = <T>(row: readonly T[], at: number, to: (own: T) => T): T[] =>
  row.map((own, i) => (i === at ? to(own) : own))
