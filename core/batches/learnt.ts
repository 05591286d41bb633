import type { Run } from './machine'
import type { Batch } from './records'

/** What ended batches have taught of a coefficient, and how many of them that rests on. */
export interface Taught {
  readonly value: number
  readonly of: number
}

/**
 * Of the fibre that did not stick in a batch, the share that came back: what lay on the tray less what the jars lost,
 * ÷ what lay there and did not stick, over all that was weighed. Undefined where nothing was weighed, or nothing was to
 * come back, or more was lost than lay there: a slip at the scale teaches nothing.
 * @param sticks of what is thrown, the share that sticks, 0–1
 */
export function reclaimedShare(
  batch: Pick<Batch, 'plan'>,
  run: Pick<Run, 'state'>,
  sticks: number,
): number | undefined {
  const { measured, outcome } = run.state
  if (outcome?.type !== 'finish') return undefined
  const back = new Set(
    batch.plan.steps.flatMap((step) => step.back?.map(({ materialId }) => materialId) ?? []),
  )
  let fell = 0
  let came = 0
  for (const materialId of back) {
    const used = outcome.used.find((one) => one.materialId === materialId)?.quantity
    if (used === undefined || !measured.has(materialId)) continue
    const lay = batch.plan.amounts
      .filter((one) => one.materialId === materialId)
      .reduce((sum, { lies, quantity }) => sum + (lies ?? quantity), 0)
    fell += lay * (1 - sticks)
    came += lay - used
  }
  return fell > 0 && came >= 0 ? Math.min(1, came / fell) : undefined
}

/** What was foretold counts as much as this many batches. From memory. */
const FORETOLD_WEIGHS = 1
const LATEST = 6

/**
 * What to expect of the next batch by those before it. Source: conjugate normal update of a mean with known spread,
 * what was foretold worth one batch.
 * @param values that they came to, the latest first
 */
export function taughtBy(foretold: number, values: readonly number[]): Taught {
  const latest = values.slice(0, LATEST)
  const sum = latest.reduce((all, value) => all + value, 0)
  return { value: (FORETOLD_WEIGHS * foretold + sum) / (FORETOLD_WEIGHS + latest.length), of: latest.length }
}
