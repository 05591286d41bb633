import { breaksOf, costOf, dragTo, mend, Search, type BenchWork, type Problem } from '../../../core/schedule'
import { seededRandom } from '../../../core/units'
import { randomShop } from '../../support/shops'

const DAY = 24 * 60

function searched(problem: Problem, seed: number) {
  const search = new Search(problem, seed)
  search.run(20)
  return search.best.plan.placed
}

const shop = (seed: number): Problem =>
  randomShop(seededRandom(seed), {
    people: 1 + (seed % 2),
    jobs: 2 + (seed % 4),
    steps: 5,
    days: 16,
    rich: true,
  })

describe('mending a plan', () => {
  it('moves nothing where nothing has changed, in 200 workshops', () => {
    for (let seed = 1; seed <= 200; seed += 1) {
      const problem = shop(seed)
      const placed = searched(problem, seed)
      const mended = mend(problem, placed)
      expect(mended.moved).toEqual([])
      expect(breaksOf(problem, mended.plan)).toEqual([])
    }
  })

  it('after an evening is gone breaks nothing, and leaves what came before it alone, in 200 workshops', () => {
    let moved = 0
    let stayed = 0
    for (let seed = 1; seed <= 200; seed += 1) {
      const problem = shop(seed)
      const placed = searched(problem, seed)
      const gone = placed.find(Boolean)
      if (!gone) continue
      const day = Math.floor(gone.start / DAY)
      const workers = problem.workers.map((worker) => ({
        ...worker,
        open: worker.open.filter(({ from }) => Math.floor(from / DAY) !== day),
      }))
      const changed = { ...problem, workers }
      const mended = mend(changed, placed)
      expect(breaksOf(changed, mended.plan)).toEqual([])
      moved += mended.moved.length
      placed.forEach((spot, work) => {
        if (!spot || Math.floor(spot.start / DAY) >= day || mended.moved.includes(work)) return
        stayed += 1
        expect(mended.plan.placed[work]).toEqual(spot)
      })
      // No worse than laying all anew by rule.
      const anew = new Search(changed, seed).best.cost
      if (anew.unplaced === 0 && mended.cost.unplaced === 0)
        expect(mended.moved.length).toBeLessThanOrEqual(problem.works.length)
    }
    expect(moved).toBeGreaterThan(200)
    expect(stayed).toBeGreaterThan(50)
  })
})

describe('dragging', () => {
  it('breaks nothing, or is refused with a reason, wherever it goes, in 400 workshops', () => {
    let done = 0
    let refused = 0
    let [moved, all] = [0, 0]
    for (let seed = 1; seed <= 400; seed += 1) {
      const random = seededRandom(seed + 7)
      const problem = shop(seed)
      const works = problem.works.map((): BenchWork => ({ pinned: random() < 0.15 }) as BenchWork)
      let placed = searched(problem, seed)
      for (let drag = 0; drag < 5; drag += 1) {
        const work = Math.floor(random() * problem.works.length)
        const worker = Math.floor(random() * problem.workers.length)
        const open = problem.workers[worker]?.open ?? []
        const target = open[Math.floor(random() * open.length)]
        if (!target) continue
        const answer = dragTo({ problem, works }, placed, work, { ...target, worker })
        if (answer.kind === 'none') {
          refused += 1
          expect(answer.because).not.toBe('')
          continue
        }
        done += 1
        moved += answer.moved.length
        all += problem.works.length
        const spot = answer.plan.placed[work]
        expect(spot && spot.start >= target.from && spot.end <= target.to && spot.worker === worker).toBe(
          true,
        )
        expect(breaksOf(problem, answer.plan)).toEqual([])
        expect(answer.cost).toEqual(costOf(problem, answer.plan))
        problem.works.forEach((_, i) => {
          if (i !== work && works[i]?.pinned && placed[i]) expect(answer.plan.placed[i]).toEqual(placed[i])
        })
        placed = answer.plan.placed
      }
    }
    expect(done).toBeGreaterThan(200)
    expect(refused).toBeGreaterThan(100)
    // A drag moves what it must, not the whole plan.
    expect(moved / all).toBeLessThan(0.4)
  })
})
