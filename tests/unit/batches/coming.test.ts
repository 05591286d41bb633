import { arrivalsOfBatch, doneOn, foldRun, type Batch } from '../../../core/batches'
import { batch, minutesAfter } from '../../support/workshop'

const DAY = 24 * 60
const stockBatch = (elapsedMin: number, over: Partial<Batch> = {}): Batch => {
  const made = batch()
  return {
    ...made,
    makes: { kind: 'stock' },
    ...over,
    plan: {
      ...made.plan,
      elapsedMin,
      yields: [
        {
          label: 'Litter',
          source: 'home-made',
          materialId: 'leaf-litter',
          quantity: 40,
          material: { name: 'Litter', unit: 'g', of: { stuff: 'other' } },
          shares: [],
        },
      ],
    },
  }
}
const start = (of: Batch) =>
  foldRun(of, [{ id: 'e1', batchId: of.id, at: minutesAfter(0), deed: { type: 'start' } }])

describe('what a batch will put on the shelf', () => {
  test('comes when its time is over, counted from its start', () => {
    const long = stockBatch(10 * DAY)
    const day = minutesAfter(10 * DAY).slice(0, 10)
    expect(doneOn(long, start(long), minutesAfter(0))).toBe(day)
    expect(doneOn(long, start(long), minutesAfter(3 * DAY))).toBe(day)
  })

  test('is never said to have come yesterday', () => {
    const short = stockBatch(60)
    expect(doneOn(short, start(short), minutesAfter(5 * DAY))).toBe(minutesAfter(5 * DAY).slice(0, 10))
  })

  test('not begun, it is counted from now', () => {
    const planned = stockBatch(2 * DAY)
    expect(doneOn(planned, foldRun(planned, []), minutesAfter(DAY))).toBe(minutesAfter(3 * DAY).slice(0, 10))
  })

  test('a bath that is kept from a batch of trees does not come twice', () => {
    const trees = stockBatch(60, { makes: { kind: 'pieces' } })
    expect(arrivalsOfBatch(trees, start(trees), minutesAfter(0))).toEqual([])
    const made = stockBatch(60)
    expect(arrivalsOfBatch(made, start(made), minutesAfter(0))).toMatchObject([
      { materialId: 'leaf-litter', quantity: 40, what: 'making' },
    ])
  })
})
