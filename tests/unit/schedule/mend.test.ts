import {
  breaksOf,
  costOf,
  dragTo,
  mend,
  pulledUp,
  ScheduleSearch,
  setUpsOf,
  type BenchWork,
  type Problem,
} from '../../../core/schedule'
import { seededRandom } from '../../../core/units'
import { twoEvenings } from '../../support/benches'
import { randomShop } from '../../support/shops'

const DAY = 24 * 60

function searched(problem: Problem, seed: number) {
  const search = new ScheduleSearch(problem, seed)
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
      const anew = new ScheduleSearch(changed, seed).best.cost
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

describe('the session that runs', () => {
  const at = (from: number, minutes: number) => ({ worker: 0, start: from, end: from + minutes })
  const problem = twoEvenings(
    [
      { id: 'a.0', job: 0, minutes: 20, who: [0], after: [] },
      { id: 'a.1', job: 0, minutes: 30, who: [0], after: [{ work: 0, least: 600 }] },
      { id: 'b.0', job: 1, minutes: 30, who: [0], after: [] },
    ],
    [
      { id: 'a', works: [0, 1] },
      { id: 'b', works: [2] },
    ],
  )

  it('goes on at once where things went quicker, and moves on where they took longer; tomorrow stays', () => {
    // Laid an hour from now, then another; what is tomorrow was laid late in the evening on purpose.
    const laid = [at(60, 20), at(DAY + 60, 30), at(80, 30)]
    expect(pulledUp(problem, laid, 120).placed).toEqual([at(0, 20), at(DAY + 60, 30), at(20, 30)])
    const overrun = [at(-30, 20), at(DAY + 60, 30), at(-10, 30)]
    expect(pulledUp(problem, overrun, 120).placed).toEqual([at(0, 20), at(DAY + 60, 30), at(20, 30)])
  })
})

describe('two people', () => {
  const evening = [{ from: 0, to: 120 }]
  const problem: Problem = {
    ...twoEvenings(
      [
        { id: 'a.0', job: 0, minutes: 20, who: [0, 1], after: [] },
        { id: 'a.1', job: 0, minutes: 20, who: [0, 1], after: [{ work: 0, least: 40 }] },
        { id: 'b.0', job: 1, minutes: 10, who: [0, 1], after: [] },
        { id: 'b.1', job: 1, minutes: 10, who: [0, 1], after: [{ work: 2, least: 50 }] },
      ],
      [
        { id: 'a', works: [0, 1] },
        { id: 'b', works: [2, 3] },
      ],
    ),
    workers: [
      { id: 'ada', open: evening },
      { id: 'bo', open: evening },
    ],
  }
  const at = (worker: number, start: number, minutes: number) => ({ worker, start, end: start + minutes })

  it('pass a batch on only where it ends a good while earlier by it', () => {
    const [soak, other] = [at(0, 0, 20), at(1, 0, 10)]
    const own = [soak, at(0, 60, 20), other, at(1, 60, 10)]
    const passed = [soak, at(1, 60, 20), other, at(0, 60, 10)]
    // Each batch ends as early; each passing counts for a quarter of an hour.
    expect(costOf(problem, { placed: own }).ends).toBe(80 + 70)
    expect(costOf(problem, { placed: passed }).ends).toBe(80 + 70 + 2 * 15)
    const search = new ScheduleSearch(problem, 1)
    search.run(200)
    expect(search.best.cost).toMatchObject({ late: 0, end: 80, ends: 80 + 70 })
    const [soaked, painted, begun, ended] = search.best.plan.placed.map((spot) => spot?.worker)
    expect([soaked === painted, begun === ended]).toEqual([true, true])
  })
})

describe('setting up', () => {
  it('is counted once for works of one kit in a row in one session, and saved by laying them together', () => {
    const kits = ['red', 'blue', 'red', 'blue']
    const problem = twoEvenings(
      kits.map((can, job) => ({
        id: `w${job}`,
        job,
        minutes: 10,
        who: [0],
        after: [],
        kits: ['spraying', can],
      })),
      kits.map((_, i) => ({ id: String(i), works: [i] })),
    )
    const at = (start: number) => ({ worker: 0, start, end: start + 10 })
    // Spraying and red, then blue, red, blue: five; on two evenings spraying is set up twice.
    expect(setUpsOf(problem, { placed: [0, 10, 20, 30].map(at) })).toBe(5)
    expect(setUpsOf(problem, { placed: [at(0), at(DAY), at(10), at(DAY + 10)] })).toBe(4)
    const search = new ScheduleSearch(problem, 1)
    search.run(200)
    expect(search.best.cost.setUps).toBe(3)
  })
})
