import { batchSchema, planFrom, stepAt } from '../../../core/batches'
import { makeUp, methodById, methods } from '../../../core/methods'
import { NOON, piece, stocked } from '../../support/workshop'

const plants: Record<string, string> = {
  'sprig-tree': 'silver-birch',
  'moulded-trunk': 'pedunculate-oak',
  'wool-bush': 'gorse',
  'tuft-sheet': 'sea-couch',
}

describe('the plan kept with a batch', () => {
  test.each(methods.map(({ id }) => [id]))('of %s is valid, and says what the make-up said', (id) => {
    const up = makeUp({
      piece: piece({ speciesId: plants[id] }).piece,
      method: methodById(id),
      wanted: 30,
      states: stocked(),
      dryingFactor: 1.3,
    })
    const batch = { ...planFrom(up, 'l1', 'First'), id: 'b1', madeAt: NOON }
    expect(batchSchema.safeParse(batch).success).toBe(true)
    expect(batch.pieces).toBe(up.started.value)
    expect(batch.plan.expectedGood).toBeGreaterThanOrEqual(30)
    expect(batch.plan.expectedGood).toBeLessThanOrEqual(batch.pieces)
    expect(batch.plan.steps.map((step) => step.title)).toEqual(up.steps.map((step) => step.title))
    for (const { materialId, quantity } of batch.plan.amounts) {
      expect(quantity).toBeCloseTo(
        up.amounts
          .filter((amount) => amount.materialId === materialId)
          .reduce((sum, amount) => sum + amount.total.value, 0),
        9,
      )
    }
    expect(new Set(batch.plan.amounts.map(({ materialId }) => materialId)).size).toBe(
      batch.plan.amounts.length,
    )
    expect(batch.plan.costMinor! / batch.plan.expectedGood).toBeCloseTo(up.costEachMinor!.value, 6)
  })

  test('a step beyond the last is named', () => {
    const up = makeUp({
      piece: piece().piece,
      method: methodById('sprig-tree'),
      wanted: 3,
      states: stocked(),
      dryingFactor: 1,
    })
    expect(() => stepAt({ ...planFrom(up, 'l1', 'x'), id: 'b', madeAt: NOON }, 40)).toThrow('step is 40')
  })
})
