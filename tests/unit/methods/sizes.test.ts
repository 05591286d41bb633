import { makeUp, type MakeUp, type PlantJob } from '../../../core/makeup'
import { plantMethods } from '../../../core/methods'
import { grown } from '../../support/ways'
import { stocked } from '../../support/workshop'

/** An example at another ratio, twice the ratio half the size, and so many of it. */
function sized(job: PlantJob, ratio: number, count: number): PlantJob {
  const piece = { ...grown(job.piece, 87.1 / ratio), realRatio: ratio }
  const scaled = { ...job, piece }
  switch (scaled.kind) {
    case 'pieces':
      return { ...scaled, pieces: count }
    case 'length':
      return { ...scaled, lengthMm: 75 * count }
    case 'area':
      return { ...scaled, areaCm2: 100 * count }
  }
}

const states = stocked(() => 1e7)
const ratios = [220, 87.1, 48, 24]
const counts = [1, 12, 400]
const ways = plantMethods.map((method) => [method.id, method] as const)

describe.each(ways)('%s at every scale, for one, twelve and four hundred', (_, method) => {
  const example = method.examples[0]!
  const at = (ratio: number, count: number): MakeUp =>
    makeUp({ job: sized(example, ratio, count), method, states, dryingFactor: 1 })

  test('amounts and times are numbers above nothing, no wait is lost, what is used is named at a step', () => {
    const waits = at(87.1, 12).steps.filter(({ wait }) => wait).length
    for (const ratio of ratios)
      for (const count of counts) {
        const up = at(ratio, count)
        const where = `${method.id} 1:${ratio} × ${count}`
        for (const { perPiece, total, step } of up.uses) {
          // Of a bath that was kept nothing need be mixed for one: it is the kept one that is poured.
          const poured = up.uses.reduce((sum, use) => (use.step === step ? sum + use.total.value : sum), 0)
          expect([where, step, Number.isFinite(total.value) && poured > 0 && perPiece.value > 0]).toEqual([
            where,
            step,
            true,
          ])
          expect([where, up.steps.some(({ id }) => id === step)]).toEqual([where, true])
        }
        // Whole things are taken whole.
        for (const { slot, total } of up.uses)
          if (total.unit === 'piece')
            expect([where, slot, total.value]).toEqual([where, slot, Math.round(total.value)])
        expect([where, Number.isFinite(up.handsMin.value) && up.handsMin.value > 0]).toEqual([where, true])
        // What is bound of several sprigs has a step more, and no wait more or less; low grass has fewer layers.
        if (method.id !== 'layered-grass')
          expect([where, up.steps.filter(({ wait }) => wait).length]).toEqual([where, waits])
        for (const { atOnce } of up.steps) if (atOnce) expect(atOnce.count).toBeGreaterThanOrEqual(1)
      }
  })

  test('more of them take more of everything and longer', () => {
    const [few, many] = [at(87.1, 12), at(87.1, 400)]
    expect(many.handsMin.value).toBeGreaterThan(few.handsMin.value * 3)
    for (const { slot, step, total, once } of few.uses) {
      if (once) continue
      // Of two lengths that are mixed, both.
      const sum = (up: MakeUp): number =>
        up.uses.reduce(
          (all, use) => (use.slot === slot && use.step === step ? all + use.total.value : all),
          0,
        )
      expect([slot, total.value > 0 && sum(many) > sum(few) * 5]).toEqual([slot, true])
    }
  })

  test('a larger one takes longer, and more of what is brushed, sprayed or thrown', () => {
    if (example.kind !== 'pieces') return
    const [small, large] = [at(160, 12), at(48, 12)]
    // A head is thinned and sprayed in a run, a dot is set, in the same seconds whatever their size (common practice).
    const alike = ['flower-head-pine', 'flower-head-birch', 'tuft-sheet', 'drilled-board', 'ready-tufts']
    const bySize = !alike.includes(method.id)
    expect(large.handsMin.value).toBeGreaterThanOrEqual(small.handsMin.value)
    if (bySize) expect(large.handsMin.value).toBeGreaterThan(small.handsMin.value)
    const fixed = small.uses.filter(({ slot, step, perPiece, once }) => {
      const other = large.uses.find((use) => use.slot === slot && use.step === step)
      return !once && perPiece.unit !== 'piece' && other && other.perPiece.value <= perPiece.value * 1.01
    })
    // A drop in a hole of the board, a foot of the same width: they follow the board, not the tuft.
    const same = ['pva', 'fibre', 'second', 'pool', 'backing', 'ca', 'adhesive', 'pin']
    expect(fixed.map(({ slot }) => slot).filter((slot) => !same.includes(slot))).toEqual([])
  })
})
