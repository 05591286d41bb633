import { stillInAir } from '../../../core/batches'
import { foldRun, type RunEvent } from '../../../core/batches'
import { batch, minutesAfter, NOON } from '../../support/workshop'
import { step } from '../../../core/makeup'

const hands = { onceSec: 0, eachSec: 10, origin: 'memory' as const }
const sealing = batch({
  id: 'seal',
  name: 'Turf',
  plan: {
    ...batch().plan,
    steps: [step({ id: 'seal', title: 'Seal', text: '', hands, gives: ['wet alcohol'] })],
  },
})
const done: RunEvent[] = [
  { id: 'e1', at: NOON, batchId: 'seal', deed: { type: 'start' } },
  {
    id: 'e2',
    at: minutesAfter(5),
    batchId: 'seal',
    after: 'e1',
    deed: { type: 'pieces', step: 0, count: 1 },
  },
]
const runs = [{ batch: sealing, run: foldRun(sealing, done) }]
const ms = (minutes: number): number => Date.parse(minutesAfter(minutes))
const fibre = { apart: { from: ['wet alcohol' as const, 'aerosol' as const], airMin: 30 } }

describe('what hangs in the air', () => {
  test('alcohol of another batch keeps an applicator away for half an hour, not longer', () => {
    expect(stillInAir(fibre, runs, ms(10))).toEqual({
      what: 'wet alcohol',
      batchName: 'Turf',
      untilMs: ms(35),
    })
    expect(stillInAir(fibre, runs, ms(34.9))).toBeDefined()
    expect(stillInAir(fibre, runs, ms(35))).toBeUndefined()
  })

  test('a step that keeps away from nothing, or from something else, is not held up', () => {
    expect(stillInAir({}, runs, ms(10))).toBeUndefined()
    expect(stillInAir({ apart: { from: ['aerosol'], airMin: 30 } }, runs, ms(10))).toBeUndefined()
    expect(stillInAir(fibre, [], ms(10))).toBeUndefined()
  })
})
