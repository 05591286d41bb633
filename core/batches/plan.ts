import { needsOf, type MakeUp } from '../methods'
import type { Batch } from './records'

/** What a make-up foretells, as it is kept with the batch. @param name of the batch, for the bench and the log */
export function planFrom(makeUp: MakeUp, lineId: string, name: string): Omit<Batch, 'id' | 'madeAt'> {
  const pieces = makeUp.started.value
  const good = Math.floor(pieces * (1 - makeUp.method.spoilage.share) + 1e-9)
  const labels = new Map<string, string[]>()
  for (const { materialId, label } of makeUp.amounts)
    labels.set(materialId, [...(labels.get(materialId) ?? []), label])
  return {
    lineId,
    name,
    methodId: makeUp.method.id,
    pieces,
    plan: {
      expectedGood: good,
      handsMin: makeUp.handsMin.value,
      elapsedMin: makeUp.elapsedMin.value,
      ...(makeUp.costEachMinor === undefined
        ? {}
        : { costMinor: makeUp.costEachMinor.value * Math.max(1, good) }),
      amounts: needsOf(makeUp.amounts).map(({ materialId, quantity }) => ({
        materialId,
        quantity,
        label: (labels.get(materialId) ?? []).join(', '),
      })),
      steps: makeUp.steps.map((step) => ({
        ...step,
        cautions: [...step.cautions],
        faults: [...step.faults],
        materialIds: [...step.materialIds],
      })),
    },
  }
}
