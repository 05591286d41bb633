import { most, ONE, rounded, type Coefficient } from '../../quantities'
import { amount } from './rows'
import type { PlantMaking } from './bench'
import type { Draft } from './making'

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

/** What is cut off a dried flower head, and what of it is kept. @param rays worth keeping, of a head */
export const raysOff = (on: PlantMaking, rays: Coefficient, label: string): Omit<Draft, 'text'> => ({
  takes: on.takePieces('head', ONE),
  yields: [on.byProduct('curved-sprigs', label, most(ONE, rounded(on.product(on.pieces, rays))))],
  tools: ['scissors'],
  cautions: ['gathering'],
})
