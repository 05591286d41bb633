import type { Material } from '../stock'
import type { BatchStep } from './records'

/** How far a piece is dressed: not at all, with more to come, or with all that its way puts on it. */
type Dress = 'bare' | 'dressed in part' | 'dressed'

/** What leaves, needles and blades are made of, whatever glues them on. */
const DRESSING: ReadonlySet<Material['of']['stuff']> = new Set(['foam', 'fibre', 'pad'])

/**
 * What a piece looks like once a step is done, by what that step and those before it put on.
 * @param index of the step in `steps`
 * @param stuffOf what a material is made of; undefined for one that nobody knows
 */
export function stageAfter(
  steps: readonly Pick<BatchStep, 'materialIds'>[],
  index: number,
  stuffOf: (materialId: string) => Material['of']['stuff'] | undefined,
): Dress {
  const dressing = steps.flatMap(({ materialIds }, at) =>
    materialIds.some((id) => {
      const stuff = stuffOf(id)
      return stuff !== undefined && DRESSING.has(stuff)
    })
      ? [at]
      : [],
  )
  const done = dressing.filter((at) => at <= index).length
  return done === 0 ? 'bare' : done < dressing.length ? 'dressed in part' : 'dressed'
}
