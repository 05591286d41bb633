import { afterWait, stepsBefore } from '../makeup'
import type { Run } from './machine'
import type { Batch } from './records'

/** A window is told about so long before it closes, ms. */
const WARN_MS = 10 * 60_000

/** Something to tell whoever is away from the bench. */
export interface BenchNotice {
  /** The same for the same thing, so that it is told once. */
  readonly key: string
  readonly title: string
  readonly text: string
}

/** What there is to tell of open batches at a moment: what is dry, and windows that close within ten minutes. */
export function noticesAt(
  batches: readonly { readonly batch: Batch; readonly run: Pick<Run, 'state'> }[],
  nowMs: number,
): BenchNotice[] {
  return batches.flatMap(({ batch, run: { state } }) => {
    const ready = [...state.waits].flatMap(([at, { untilMs }]): BenchNotice[] => {
      const step = batch.plan.steps[at]
      if (nowMs < untilMs) return []
      return [
        {
          key: `${batch.id}|ready|${untilMs}`,
          title: `${batch.name}: ${afterWait(step ?? {})}`,
          text: step ? `After “${step.title}”. It can go on.` : 'It can go on.',
        },
      ]
    })
    const { steps } = batch.plan
    // What must be followed up, whatever is in hand meanwhile: until it has been.
    const isPending = (at: number): boolean =>
      steps.some((_, i) => !state.past[i] && !state.waits.has(i) && stepsBefore(steps, i).includes(at))
    const closing = new Set([
      ...[...state.waits.values()].flatMap(({ latestMs }) => latestMs ?? []),
      ...[...state.closes].flatMap(([at, closesMs]) => (isPending(at) ? [closesMs] : [])),
    ])
    return [
      ...ready,
      ...[...closing]
        .filter((closesMs) => nowMs >= closesMs - WARN_MS && nowMs < closesMs)
        .map((closesMs) => ({
          key: `${batch.id}|closing|${closesMs}`,
          title: `${batch.name}: closing`,
          text: `Its window closes in ${Math.max(1, Math.round((closesMs - nowMs) / 60_000))} min.`,
        })),
    ]
  })
}
