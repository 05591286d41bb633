import { stepsBefore } from '../makeup/step'
import { counted, none, ok, type Reading } from '../units'
import { causesOf } from './causes'
import { behind, changed, dried, enterNext, inHand, isBehind, canWorkOn, settle, stepAt } from './open-steps'
import type { Batch, BatchAction, RunEvent } from './records'
import type { RunState } from './run-state'

/** A break without a pause: longer than this, nobody was working. */
export const LONGEST_GAP_MS = 20 * 60_000

/** A run folded from its events. */
export interface Run {
  readonly state: RunState
  /** The last entry of the line that counts: what the next one comes after. */
  readonly head?: string
  /** The entries that count, oldest first; the last one is what an undo takes back. */
  readonly history: readonly RunEvent[]
  /**
   * Entries that no longer fit, as when two copies of a workshop both went on with the batch. Kept, shown,
   * not counted.
   */
  readonly setAside: readonly RunEvent[]
}

const planned = (batch: Batch): RunState => ({
  phase: 'planned',
  paused: false,
  stepIndex: 0,
  live: batch.pieces,
  doneInStep: 0,
  done: batch.plan.steps.map(() => 0),
  past: batch.plan.steps.map(() => false),
  stepMs: batch.plan.steps.map(() => 0),
  waits: new Map(),
  closes: new Map(),
  reached: batch.plan.steps.map(() => 0),
  begun: false,
  rejects: [],
  lateRounds: 0,
  weighing: new Map(),
  measured: new Map(),
  handsMs: 0,
  gapMs: 0,
  stepHandsMs: 0,
  lastMs: Date.parse(batch.madeAt),
})

/** Folds the entries of one batch into where it stands. The order they come in does not matter. */
export function foldRun(batch: Batch, events: readonly RunEvent[]): Run {
  const { path, undone, aside } = causesOf(events)
  let state = planned(batch)
  const history: RunEvent[] = []
  const setAside = [...aside]
  for (const event of path) {
    const { deed } = event
    const ms = Date.parse(event.at)
    // What is undone was not done, but the time that passed did pass.
    if (deed.type === 'undo' || undone.has(event.id)) {
      state = tick(state, ms)
      continue
    }
    const next = apply(batch, state, deed, ms)
    if (next.kind === 'ok') {
      state = next.value
      history.push(event)
    } else setAside.push(event)
  }
  const head = path.at(-1)?.id
  return { state, history, setAside, ...(head === undefined ? {} : { head }) }
}

/**
 * Decides whether a deed can be done now, and what to write down for it.
 * @param at ISO moment; @param id of the new entry
 * @returns the entry; or why not, in words for the person at the bench
 */
export function decide(batch: Batch, run: Run, deed: BatchAction, at: string, id: string): Reading<RunEvent> {
  if (deed.type === 'undo') {
    const last = run.history.at(-1)
    if (!last) return none('There is nothing to undo.')
    if (last.id !== deed.target)
      return none('Something else was done since, perhaps in another window. Look again before undoing.')
  } else {
    const next = apply(batch, run.state, deed, Date.parse(at))
    if (next.kind === 'none') return next
  }
  return ok({ id, batchId: batch.id, ...(run.head === undefined ? {} : { after: run.head }), at, deed })
}

function apply(
  batch: Batch,
  before: RunState,
  deed: Exclude<BatchAction, { type: 'undo' }>,
  ms: number,
): Reading<RunState> {
  const refusal = refuse(batch, before, deed, ms)
  if (refusal !== undefined) return none(refusal)
  const state = tick(before, ms)
  switch (deed.type) {
    case 'start':
      return ok({ ...state, phase: 'hands', begun: true })
    case 'pieces':
      return ok(settle(batch, closeRound(withDone(state, deed.count), ms), ms))
    case 'round': {
      const { within, atOnce } = stepAt(batch, state.stepIndex)
      const left = state.live - state.doneInStep
      const size = Math.min(atOnce?.count ?? left, left)
      return ok({
        ...state,
        round: { sinceMs: ms, closesMs: ms + (within?.sec ?? 0) * 1000, size, left: size },
      })
    }
    case 'advance':
      return ok(enterNext(batch, behind(state, state.stepIndex), ms))
    case 'turn':
      return ok(inHand(batch, dried(state, ms), deed.step))
    case 'reject': {
      const rejected = withRejects(state, deed)
      return ok(
        rejected.live === 0
          ? { ...rejected, phase: 'done', wait: undefined, round: undefined, waits: new Map() }
          : settle(batch, closeRound(rejected, ms), ms),
      )
    }
    case 'weigh-in':
      return ok({
        ...state,
        weighing: new Map(state.weighing).set(deed.materialId, {
          grams: deed.grams,
          unitsPerG: deed.unitsPerG,
        }),
      })
    case 'weigh-out': {
      const open = state.weighing.get(deed.materialId)
      const weighing = new Map(state.weighing)
      weighing.delete(deed.materialId)
      return ok({
        ...state,
        weighing,
        measured: added(state.measured, deed.materialId, ((open?.grams ?? 0) - deed.grams) * deed.unitsPerG),
      })
    }
    case 'use':
      return ok({ ...state, measured: added(state.measured, deed.materialId, deed.quantity) })
    case 'pause':
      return ok({ ...state, paused: true })
    case 'resume':
      return ok({ ...state, paused: false })
    case 'finish':
      return ok({ ...state, phase: 'finished', outcome: deed, wait: undefined, round: undefined })
    case 'abandon':
      return ok({ ...state, phase: 'abandoned', outcome: deed, wait: undefined, round: undefined })
  }
}

/** Why a deed can't be done now; undefined where it can. */
function refuse(
  batch: Batch,
  state: RunState,
  deed: Exclude<BatchAction, { type: 'undo' }>,
  ms: number,
): string | undefined {
  if (state.phase === 'finished' || state.phase === 'abandoned') return `This batch is ${state.phase}.`
  if (deed.type === 'abandon') return undefined
  if (deed.type === 'start') return state.phase === 'planned' ? undefined : 'This batch is running already.'
  if (state.phase === 'planned') return 'This batch has not been started.'
  if (deed.type === 'resume') return state.paused ? undefined : 'This batch is not paused.'
  if (state.paused) return 'This batch is paused. Go on first.'
  if (deed.type === 'pause') return undefined
  if (deed.type === 'turn') return refuseTurn(batch, state, deed.step, ms)
  if ('step' in deed && deed.step !== state.stepIndex)
    return `Step ${deed.step + 1} is behind us, perhaps from another window; the batch is at step ${state.stepIndex + 1}.`
  switch (deed.type) {
    case 'pieces': {
      const open = state.live - state.doneInStep
      if (state.phase !== 'hands') return 'This step is done already, perhaps from another window.'
      return deed.count > open
        ? `Only ${open} of ${state.live} are left to do in this step; ${deed.count} were marked.`
        : undefined
    }
    case 'round':
      if (state.phase !== 'hands') return 'This step is done already.'
      if (state.round) return 'A round is running already.'
      return stepAt(batch, state.stepIndex).within ? undefined : 'This step has no window.'
    case 'advance':
      if (state.phase !== 'waiting' || !state.wait) return 'There is no wait to end here.'
      return ms < state.wait.untilMs && !deed.early ? 'The wait is not over.' : undefined
    case 'reject':
      return refuseReject(state, deed)
    case 'weigh-in':
      return state.weighing.has(deed.materialId)
        ? 'This material is weighed in already; weigh it out first.'
        : undefined
    case 'weigh-out': {
      const open = state.weighing.get(deed.materialId)
      if (!open) return 'Weigh it in first.'
      return deed.grams > open.grams
        ? `It weighed ${open.grams} g going in and ${deed.grams} g coming out: it can’t have gained. Check the container.`
        : undefined
    }
    case 'finish':
      return state.phase === 'done' ? undefined : 'There are steps left. Do them, or abandon the batch.'
    case 'use':
      return undefined
  }
}

/** Counts the time since the last entry: as work while hands were at it, as a gap where it was too long for that. */
function tick(state: RunState, ms: number): RunState {
  const passed = Math.max(0, ms - state.lastMs)
  const atWork = state.phase === 'hands' && !state.paused
  const counted = atWork && passed <= LONGEST_GAP_MS ? passed : 0
  return {
    ...state,
    lastMs: Math.max(ms, state.lastMs),
    handsMs: state.handsMs + counted,
    stepHandsMs: state.stepHandsMs + counted,
    stepMs: counted === 0 ? state.stepMs : changed(state.stepMs, state.stepIndex, (own) => own + counted),
    gapMs: state.gapMs + (atWork ? passed - counted : 0),
  }
}

/** Why another step can't be taken up now. */
function refuseTurn(batch: Batch, state: RunState, at: number, ms: number): string | undefined {
  const step = batch.plan.steps[at]
  if (!step || state.past[at]) return `Step ${at + 1} is behind us, perhaps from another window.`
  if (at === state.stepIndex) return `“${step.title}” is in hand already.`
  if (state.round) return 'A round is running: end it first.'
  if (state.phase === 'done') return 'All steps are done.'
  if (state.waits.has(at) || canWorkOn(batch, state, at, ms)) return undefined
  const missing = stepsBefore(batch.plan.steps, at).find((one) => !isBehind(state, one, ms))
  return `“${step.title}” comes after “${stepAt(batch, missing ?? 0).title}”.`
}

/** Why pieces can't be rejected so. */
function refuseReject(state: RunState, deed: Extract<BatchAction, { type: 'reject' }>): string | undefined {
  const open = state.phase === 'hands' ? state.live - state.doneInStep : 0
  const done = state.live - open
  if (deed.of === 'done' && deed.count > done)
    return `Only ${counted(done, 'piece')} of this step ${done === 1 ? 'is' : 'are'} done; ${deed.count} were rejected.`
  if (deed.of === 'open' && deed.count > open)
    return `Only ${counted(open, 'piece')} of this step ${open === 1 ? 'is' : 'are'} left to do; ${deed.count} were rejected.`
  return deed.count > state.live
    ? `Only ${counted(state.live, 'good piece')} ${state.live === 1 ? 'is' : 'are'} left; ${deed.count} were rejected.`
    : undefined
}

/** Marks pieces done in the step in hand. */
function withDone(state: RunState, count: number): RunState {
  const { round } = state
  return {
    ...state,
    doneInStep: state.doneInStep + count,
    done: changed(state.done, state.stepIndex, (own) => own + count),
    reached: changed(state.reached, state.stepIndex, (own) => own + count),
    ...(round ? { round: { ...round, left: Math.max(0, round.left - count) } } : {}),
  }
}

/**
 * Takes pieces out: of those done, of those not done, or of the latter first. What a rejected piece has been
 * through stays used.
 */
function withRejects(state: RunState, deed: Extract<BatchAction, { type: 'reject' }>): RunState {
  const open = state.phase === 'hands' ? state.live - state.doneInStep : 0
  const ofOpen = deed.of === 'done' ? 0 : Math.min(open, deed.count)
  const ofDone = deed.count - ofOpen
  const { round } = state
  const live = state.live - deed.count
  return {
    ...state,
    live,
    doneInStep: state.doneInStep - ofDone,
    // Of a step that was left for another, all that is good may be done now.
    done: state.done.map((own, i) => (i === state.stepIndex ? own - ofDone : Math.min(own, live))),
    rejects: [...state.rejects, { count: deed.count, reason: deed.reason, step: deed.step }],
    ...(round ? { round: { ...round, left: Math.max(0, round.left - ofOpen) } } : {}),
  }
}

/** Ends a round when its pieces are done or gone, and notes whether the window had closed before. */
function closeRound(state: RunState, ms: number): RunState {
  const { round } = state
  if (!round || (round.left > 0 && state.doneInStep < state.live)) return state
  return { ...state, round: undefined, lateRounds: state.lateRounds + (ms > round.closesMs ? 1 : 0) }
}

function added(map: ReadonlyMap<string, number>, key: string, quantity: number): Map<string, number> {
  return new Map(map).set(key, (map.get(key) ?? 0) + quantity)
}
