import type { Coefficient } from '../../quantities'
import { amount } from './rows'
import type { PlantMaking } from './bench'

/** Rows of a way whose times are those of long runs: a few pieces take longer each. */
export const practice = {
  few: amount('a run of fewer than this is slow', 20, 'piece'),
  slow: amount('a short run takes so many times as long', 2, ''),
}

/** By how much hands are slower than in a long run: 1 there. */
export const practised = (
  on: PlantMaking,
  { few, slow }: { readonly few: Coefficient; readonly slow: Coefficient },
): number => (on.started < on.value(few) ? on.value(slow) : 1)
