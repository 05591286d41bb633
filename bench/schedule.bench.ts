import {
  lowerBoundsOf,
  SerialScheme,
  ScheduleSearch,
  type Hold,
  type BatchActivities,
  type Problem,
  type Activity,
} from '../core/schedule'
import { seededRandom } from '../core/units'
import { report } from './race'

/** Forty batches of ten steps in two people's evenings over half a year: what a busy workshop has at once. */
const BATCHES = 40
const STEPS = 10
const DAYS = 180
const MOST_MS = 2_000
/** What a drag may take before the hand feels it. */
const MOST_DRAG_MS = 50

const random = seededRandom(11)
const whole = (least: number, most: number): number => least + Math.floor(random() * (most - least + 1))
const works: Activity[] = []
const holds: Hold[] = []
const jobs = Array.from({ length: BATCHES }, (_, job): BatchActivities => {
  const own = Array.from({ length: STEPS }, (_, k) => {
    const least = [0, 20, 600, 1_000][whole(0, 3)] ?? 0
    works.push({
      id: `${job}.${k}`,
      job,
      minutes: whole(5, 40),
      who: [0, 1],
      after: k === 0 ? [] : [{ work: works.length - 1, least }],
      ...(random() < 0.3 ? { kits: [`kit ${whole(0, 4)}`] } : {}),
    })
    return works.length - 1
  })
  holds.push({ holder: 0, amount: whole(5, 20), from: own[1] ?? 0, to: own[4] ?? 0, until: 'start' })
  return { id: `${job}`, works: own, due: whole(20, DAYS) * 1440 }
})
const evenings = Array.from({ length: DAYS }, (_, day) => ({
  from: day * 1440 + 1140,
  to: day * 1440 + 1290,
}))
const problem: Problem = {
  workers: [
    { id: 'a', open: evenings },
    { id: 'b', open: evenings },
  ],
  slots: [],
  holders: [{ id: 'pegs', capacity: 60 }],
  holds,
  jobs,
  works,
  horizon: DAYS * 1440,
}

const timed = <T>(run: () => T): [T, number] => {
  const began = performance.now()
  return [run(), performance.now() - began]
}
const [search, firstMs] = timed(() => new ScheduleSearch(problem, 1))
const first = search.best.cost
const layer = new SerialScheme(problem)
const order = layer.units.map(({ job }) => job)
const [, onceMs] = timed(() => {
  for (let i = 0; i < 20; i += 1) layer.lay(order)
})
timed(() => {
  const until = performance.now() + 5_000
  while (performance.now() < until) search.run(10)
})
const bounds = lowerBoundsOf(problem)
const { cost } = search.best
const ms = (value: number): string => `${value.toFixed(0)} ms`
report(
  `first proposal for ${BATCHES} batches of ${STEPS} steps ${ms(firstMs)}, at most ${MOST_MS}`,
  firstMs <= MOST_MS,
)
report(`all of them laid once ${ms(onceMs / 20)}, at most ${MOST_DRAG_MS}`, onceMs / 20 <= MOST_DRAG_MS)
report(
  `minutes late: ${first.late} at first, ${cost.late} after 5 s, no plan below ${bounds.late}`,
  bounds.late <= cost.late && cost.late <= first.late && cost.unplaced === 0,
)
