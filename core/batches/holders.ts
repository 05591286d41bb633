import { atHand, registerId, type ToolRecord } from '../tools'
import type { Run } from './machine'
import type { Batch, BatchStep } from './records'

/** What a batch under way occupies now, by holder. */
export function heldBy(batch: Batch, { state }: Run): Map<string, number> {
  const held = new Map<string, number>()
  if (!state.begun || state.phase === 'finished' || state.phase === 'abandoned') return held
  batch.plan.steps.forEach((step, i) => {
    for (const { what, each, until } of step.holders) {
      const last = batch.plan.steps.findIndex(({ id }) => id === until)
      const isFilled =
        state.past[i] === true || state.stepIndex === i || state.waits.has(i) || (state.done[i] ?? 0) > 0
      if (isFilled && state.past[last] !== true)
        held.set(what, Math.max(held.get(what) ?? 0, each * state.live))
    }
  })
  return held
}

/** A holder of which a batch wants more than are free. */
export interface HolderLimit {
  readonly what: string
  readonly needed: number
  readonly free: number
  /** Occupied by other batches. */
  readonly held: number
  /** As many pieces as there is room for at once. */
  readonly pieces: number
}

/**
 * Where holders are fewer than a batch wants at once. What the register does not name limits nothing.
 * @param held what other batches occupy
 */
export function holderLimits(
  steps: readonly Pick<BatchStep, 'holders'>[],
  pieces: number,
  register: ReadonlyMap<string, ToolRecord>,
  held: ReadonlyMap<string, number>,
): HolderLimit[] {
  const each = new Map<string, number>()
  for (const step of steps)
    for (const own of step.holders) each.set(own.what, Math.max(each.get(own.what) ?? 0, own.each))
  return [...each].flatMap(([what, one]): HolderLimit[] => {
    const record = register.get(registerId(what))
    if (!record || one <= 0) return []
    const taken = held.get(what) ?? 0
    const free = Math.max(0, atHand(record) - taken)
    const needed = one * pieces
    return needed <= free + 1e-9
      ? []
      : [{ what, needed, free, held: taken, pieces: Math.floor(free / one + 1e-9) }]
  })
}
