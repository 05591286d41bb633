import { batchName, batchSchema, nextBatchName, planFrom, stepAt } from '../../../core/batches'
import { makeUp, type Job } from '../../../core/makeup'
import { methods } from '../../../core/methods'
import { NOON, stocked, workedOut } from '../../support/workshop'

describe('the plan kept with a batch', () => {
  test.each(methods.map((method) => [method.id, method] as const))(
    'of %s is valid for each of its example jobs, and says what the make-up said',
    (_id, method) => {
      for (const job of method.examples as readonly Job[]) {
        const up = makeUp({ job, method, states: stocked(), dryingFactor: 1.3 })
        const batch = { ...planFrom(up, 'l1', 'First'), id: 'b1', madeAt: NOON }
        const checked = batchSchema.safeParse(batch)
        expect(checked.error?.issues ?? []).toEqual([])
        expect(batch.pieces).toBe(up.started.value)
        expect(batch.plan.expectedGood).toBeGreaterThanOrEqual(up.wanted.value)
        expect(batch.plan.expectedGood).toBeLessThanOrEqual(batch.pieces)
        expect(batch.plan.steps.map((step) => step.title)).toEqual(up.steps.map((step) => step.title))
        const total = (id: string): number =>
          up.uses.reduce((sum, use) => (use.material?.id === id ? sum + use.total.value : sum), 0)
        for (const id of new Set(batch.plan.amounts.map(({ materialId }) => materialId)))
          expect(
            batch.plan.amounts.reduce((sum, row) => (row.materialId === id ? sum + row.quantity : sum), 0),
          ).toBeCloseTo(total(id), 9)
        if (up.costEachMinor)
          expect(batch.plan.costMinor! / batch.plan.expectedGood).toBeCloseTo(up.costEachMinor.value, 6)
      }
    },
  )

  test('the next batch of a line is numbered after all that it ever had', () => {
    const beech = { id: 'l1', name: 'Beech' }
    const before = [{ lineId: 'l1' }, { lineId: 'l2' }, {}, { lineId: 'l1' }]
    expect(nextBatchName(beech, [])).toBe('Beech, batch 1')
    expect(nextBatchName(beech, before, { nth: 1 })).toBe('Beech, batch 4')
    expect(nextBatchName(beech, before, { what: 'refreshed' })).toBe('Beech, refreshed 3')
    const long = nextBatchName({ ...beech, name: 'B'.repeat(120) }, before)
    expect([long.length, long.slice(-10)]).toEqual([120, '…, batch 3'])
  })

  test('ten thousand wanted can be started, and a long name of a line makes a valid name for its batch', () => {
    const up = workedOut('tuft-sheet', { speciesId: 'sea-couch', amount: { kind: 'pieces', pieces: 10_000 } })
    const name = batchName('A hedge of hawthorn and blackthorn with a very long name indeed, '.repeat(3), 27)
    expect(name.length).toBeLessThanOrEqual(120)
    expect(name).toMatch(/… 27$/)
    const batch = { ...planFrom(up, 'l1', name), id: 'b1', madeAt: NOON }
    expect(batchSchema.safeParse(batch).success).toBe(true)
    expect(batch.pieces).toBeGreaterThan(10_000)
  })

  test('one piece started still expects one good one', () => {
    expect(workedOut('sprig-tree', {}, { started: 1 }).expectedGood).toBe(1)
    // Of two 0.16 of a piece is likely to be lost; of ten 0.8.
    expect(workedOut('sprig-tree', {}, { started: 2 }).expectedGood).toBe(2)
    expect(workedOut('sprig-tree', {}, { started: 10 }).expectedGood).toBe(9)
  })

  test('a step beyond the last is named', () => {
    const up = workedOut('sprig-tree', { amount: { kind: 'pieces', pieces: 3 } })
    expect(() => stepAt({ ...planFrom(up, 'l1', 'x'), id: 'b', madeAt: NOON }, 40)).toThrow('step is 40')
  })
})
