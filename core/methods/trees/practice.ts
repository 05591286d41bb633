import { amount, type Coefficient, type PlantTask } from '../../makeup'

/** Rows of a way whose times are those of long runs: a few pieces take longer each. */
export const practice = {
  few: amount('a run of fewer than this is slow', 20, 'piece', 'memory'),
  slow: amount('a short run takes so many times as long', 2, '', 'memory'),
}

/** By how much hands are slower than in a long run: 1 there. */
export const practised = (
  { started, value }: PlantTask,
  { few, slow }: { readonly few: Coefficient; readonly slow: Coefficient },
): number => (started < value(few) ? value(slow) : 1)
