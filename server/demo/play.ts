import {
  decide,
  endingEntries,
  foldRun,
  standsWhenDone,
  proposedKept,
  proposedUse,
  type Batch,
  type BatchAction,
  type Run,
  type RunEvent,
} from '../../core/batches'
import { balancesOf, lotsOf, stockStates, type StockState } from '../../core/stock'
import type { WorkshopDocument } from '../../core/workshop'

export const DAY = 86_400_000
export const MINUTE = 60_000

/**
 * How a demo batch went. `slow` and `used` are real ÷ planned; `stopAt` leaves it open at that step,
 * `tackyAgoMs` says when a glue that stays open was put on.
 */
export interface Course {
  readonly name: string
  readonly slow: number
  readonly used: number
  readonly rejects: readonly { readonly step: number; readonly reason: string; readonly count: number }[]
  readonly stopAt?: { readonly step: string; readonly done: number }
  readonly tackyAgoMs?: number
  /** Planned, and not begun yet. */
  readonly planned?: boolean
  /** Pieces that have been planted since. */
  readonly planted?: number
  readonly note?: string
}

/** Chance and ids of the demo, both in a row of their own. */
export interface Dice {
  readonly random: () => number
  readonly newId: () => string
}

export const statesOf = (document: WorkshopDocument): StockState[] =>
  stockStates(document.materials, document.lots, balancesOf(document.movements))

/** Plays a batch by the same rules as the bench, and writes down what it did. @param startMs when it was begun */
export function play(
  document: WorkshopDocument,
  batch: Batch,
  story: Course,
  startMs: number,
  nowMs: number,
  { random, newId }: Dice,
): void {
  let ms = startMs
  document.batches.push(batch)
  if (story.planned) return
  const events: RunEvent[] = []
  const act = (deed: BatchAction): Run => {
    const written = decide(batch, foldRun(batch, events), deed, new Date(ms).toISOString(), newId())
    if (written.kind === 'none') throw new Error(`demo batch ${story.name}: ${written.because}`)
    events.push(written.value)
    return foldRun(batch, events)
  }
  let run = act({ type: 'start' })
  while (run.state.phase === 'hands' || run.state.phase === 'waiting') {
    const at = run.state.stepIndex
    const step = batch.plan.steps[at]
    if (!step) break
    if (run.state.phase === 'waiting') {
      ms = Math.max(ms, run.state.wait?.untilMs ?? ms) + (5 + 40 * random()) * MINUTE
      if (step.wait && step.wait.leastMin > 200) ms = nextEvening(ms)
      run = act({ type: 'advance', step: at })
      continue
    }
    ms += step.hands.onceSec * story.slow * 1000
    if (story.stopAt?.step === step.id) {
      if (story.tackyAgoMs === undefined) ms = Math.min(ms, nowMs - 26 * 60 * MINUTE)
      ms += story.stopAt.done * step.hands.eachSec * 1000
      act({ type: 'pieces', step: at, count: story.stopAt.done })
      break
    }
    for (const { reason, count } of story.rejects.filter((reject) => reject.step === at)) {
      ms += 20_000
      run = act({ type: 'reject', step: at, count, reason })
    }
    while (run.state.phase === 'hands' && run.state.stepIndex === at) {
      const count = Math.min(
        run.state.live - run.state.doneInStep,
        Math.max(1, Math.ceil(600 / Math.max(1, step.hands.eachSec))),
      )
      ms += count * step.hands.eachSec * story.slow * (0.9 + 0.2 * random()) * 1000
      if (story.tackyAgoMs !== undefined && step.wait?.mostMin !== undefined) ms = nowMs - story.tackyAgoMs
      run = act({ type: 'pieces', step: at, count })
    }
  }
  if (run.state.phase === 'done') {
    ms += 2 * MINUTE
    const used = proposedUse(batch, run).map(({ materialId, proposed }) => ({
      materialId,
      quantity: roundUse(document, materialId, proposed * story.used * (0.95 + 0.1 * random())),
    }))
    const at = new Date(ms).toISOString()
    const tray = `Tray ${document.batches.length}`
    const kept = proposedKept(batch, run)
      .filter(({ quantity }) => quantity > 0)
      .map(({ materialId, quantity }) => ({ materialId, quantity: roundUse(document, materialId, quantity) }))
    run = act({
      type: 'finish',
      tray,
      date: at.slice(0, 10),
      handsMin: Math.round((run.state.handsMs / MINUTE) * 10) / 10,
      used,
      kept,
      ...(story.note === undefined ? {} : { note: story.note }),
    })
    const balances = balancesOf(document.movements)
    const eventId = events.at(-1)?.id ?? ''
    const entries = endingEntries({
      batch,
      eventId,
      at,
      used: used.map((use) => ({ ...use, name: use.materialId })),
      kept,
      lotsOf: (id) => lotsOf(id, document.lots, balances),
      newId,
      allowUncovered: false,
    })
    if (entries.kind === 'uncovered') throw new Error(`demo batch ${story.name}: ${entries.because}`)
    for (const { materialId, material } of entries.value.yields)
      if (!document.materials.some(({ id }) => id === materialId))
        document.materials.push({ ...material, id: materialId, changedAt: at })
    document.lots.push(...entries.value.lots)
    document.movements.push(...entries.value.movements)
    if (batch.makes.kind !== 'stock')
      document.trayEntries.push({
        id: newId(),
        at,
        batchId: batch.id,
        tray,
        count: run.state.live,
        to: standsWhenDone(batch) ? 'planted' : 'to be planted',
        eventId,
      })
    if (story.planted !== undefined)
      document.trayEntries.push({
        id: newId(),
        at: new Date(ms + 2 * DAY).toISOString(),
        batchId: batch.id,
        tray,
        count: story.planted,
        from: 'to be planted',
        to: 'planted',
      })
  }
  document.events.push(...events)
}

/** What was used, as a maker would write it down; of a tub that was kept never more than stood in it. */
function roundUse(document: WorkshopDocument, materialId: string, quantity: number): number {
  const material = document.materials.find(({ id }) => id === materialId)
  if (material?.unit === 'piece') return Math.round(quantity)
  const rounded = Math.round(quantity * 100) / 100
  if (material?.of.stuff !== 'mixture') return rounded
  const balances = balancesOf(document.movements)
  const there = lotsOf(materialId, document.lots, balances).reduce((sum, { onHand }) => sum + onHand, 0)
  return there > 0 ? Math.min(rounded, there) : rounded
}

const nextEvening = (ms: number): number => {
  const evening = Math.floor(ms / DAY) * DAY + 19 * 60 * MINUTE
  return evening >= ms ? evening : evening + DAY
}
