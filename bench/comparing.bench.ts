import { makeUp, rankMethods, sortWays, wayOf, type PlantJob, type Way } from '../core/makeup'
import { plantMethods } from '../core/methods'
import type { StockState } from '../core/stock'
import { newWorkshop } from '../core/workshop'
import { race, report } from './race'

const MOST_MS = 60
/** A shelf that has some of everything. */
const states: StockState[] = newWorkshop('2026-11-30T08:00:00.000Z').materials.map((material) => ({
  material,
  lots: [],
  onHand: 1_000,
}))

/** Every way of making a line's plant, worked out without an armature, with what it lacks, the best first. */
function compared(job: PlantJob): Way[] {
  const ways = rankMethods(plantMethods, job).map(({ method, suit }) =>
    wayOf({ method, suit, up: makeUp({ job, method, states, dryingFactor: 1 }) }, states, new Map()),
  )
  return sortWays(ways, 'suits')
}

/** One line of each kind that ways differ for. */
const jobs = plantMethods.flatMap(({ id, examples }) =>
  ['sprig-tree', 'wire-pine', 'trimmed-hedge', 'layered-grass'].includes(id) ? [examples[0]!] : [],
)
const times = race(
  Object.fromEntries(jobs.map((job, at) => [`${job.kind} ${at}`, () => compared(job)])),
  30,
  5,
)
const worst = Math.max(...Object.values(times))
console.log(
  Object.entries(times)
    .map(([name, ms]) => `${name}: ${ms.toFixed(1)} ms`)
    .join('; '),
)
report(`all ${plantMethods.length} ways of a line compared in at most ${MOST_MS} ms`, worst <= MOST_MS)
