import { plantMethods } from '../../../core/methods'
import { breaksOf, type TimeRecord } from '../../../core/schedule'
import { evenings, exampleBatch, laid, orderOf, planned, ZONE } from '../../support/benches'

describe('every way of making', () => {
  it.each(plantMethods.map((method) => [method.id, method] as const))(
    '%s is laid without breaking anything',
    (_, method) => {
      const yes = (date: string): TimeRecord => ({
        id: `yes-${date}`,
        changedAt: '2026-11-01T00:00:00.000Z',
        kind: 'outdoors',
        date,
        from: '10:00',
        to: '16:00',
        fit: true,
      })
      const time = {
        people: [
          { id: 'ada', name: 'Ada' },
          { id: 'bo', name: 'Bo' },
        ],
        times: [...evenings, yes('2026-11-28'), yes('2026-12-05'), yes('2026-12-12'), yes('2026-12-19')],
        zone: ZONE,
      }
      const batches = method.examples.map((job, i) => planned(exampleBatch(method, job, `${method.id} ${i}`)))
      const { bench, plan } = laid(orderOf(batches, { time }))
      expect(breaksOf(bench.problem, plan)).toEqual([])
      const lost = [...plan.unplaced].map(([work, why]) => `${bench.problem.works[work]?.id}: ${why}`)
      expect(lost).toEqual([])
      // Each step of each batch is there, with all its pieces.
      for (const { batch } of batches)
        batch.plan.steps.forEach((step, i) => {
          const parts = bench.works.filter(
            ({ batchId, stepIndex }) => batchId === batch.id && stepIndex === i,
          )
          expect([step.id, parts.reduce((sum, { pieces }) => sum + pieces, 0)]).toEqual([
            step.id,
            batch.pieces,
          ])
        })
    },
  )

  it.each(plantMethods.map((method) => [method.id, method] as const))(
    '%s by the hundred is done in parts: none is longer than it would be for its share of the pieces',
    (_, method) => {
      const [job] = method.examples
      if (!job) throw new Error(`${method.id} has no example`)
      const batch = exampleBatch(method, job, 'Many', 400)
      const { bench } = laid(orderOf([planned(batch)]))
      const EVENING = 150
      bench.works.forEach(({ step, pieces, parts }, work) => {
        const { minutes = 0 } = bench.problem.works[work] ?? {}
        const share = (step.hands.onceSec + step.hands.eachSec * pieces) / 60
        const attended = step.wait?.attended ? step.wait.leastMin : 0
        expect(minutes).toBeLessThanOrEqual(Math.ceil(share + attended + 1e-6))
        // What sets up anew for each part does not eat the part up.
        if (parts > 1) expect([step.id, step.hands.onceSec / 60 < EVENING / 2]).toEqual([step.id, true])
        const isOne = pieces === 1 || pieces <= (step.within ? (step.atOnce?.count ?? 1) : 1)
        if (!isOne && step.hands.eachSec > 0) expect([step.id, minutes <= 360]).toEqual([step.id, true])
      })
    },
  )
})
