import { assign, misfitOf, nesting, wirePlan, type Nesting } from '../core/armature'
import { lineSize, sitterOf } from '../core/commissions'
import { grow } from '../core/growth'
import { speciesById } from '../core/plants'
import { seededRandom } from '../core/units'
import { race, report } from './race'

/** A wire plan of 60 strands. Beside it the growing of the skeleton: the plan must not be what a maker waits for. */
const MOST_PLAN_MS = 50
const beech = speciesById('beech')
const line = { id: 'bench', age: 'mature' } as const
const size = lineSize(line, { ratio: 35, stature: 1, viewingMm: 700 }, beech)
const { habitus } = sitterOf(line, beech, size, beech.seeThrough)
const skeleton = grow(habitus, 1)
const order = {
  heightMm: habitus.heightMm,
  trunkMm: habitus.trunkMm,
  strands: 60,
  stoutMm: 0.7,
  thinMm: 0.3,
  barkMm: 0.6,
  takeUp: 0.1,
  wiresMm: [0.3, 0.45, 0.7, 1],
}
const { plan = NaN, growth = NaN } = race(
  {
    plan: () => {
      wirePlan(skeleton, order)
    },
    growth: () => {
      grow(habitus, 1)
    },
  },
  40,
  10,
)
report(
  `a wire plan of 60 strands: ${plan.toFixed(2)} ms (target under ${MOST_PLAN_MS}), ${(plan / growth).toFixed(3)} of growing its skeleton`,
  plan < MOST_PLAN_MS,
)

/**
 * Discs to the first answer that holds them all: what is yielded before that is a layout in the making.
 * Beside it how much of the area that they take is covered: its bound is 1.
 */
const MOST_NEST_MS = 300
const random = seededRandom(7)
const radiiMm = Array.from({ length: 300 }, () => 4 + 34 * random() ** 1.4)
const sheets = Array.from({ length: 9 }, () => ({ widthMm: 340, heightMm: 300 }))
function first(): Nesting {
  const work = nesting({ radiiMm, sheets, gapMm: 1, seed: 1, tries: 0 })
  for (;;) {
    const { value, done } = work.next()
    if (done || value.left.length === 0) return value
  }
}
const { nest = NaN } = race(
  {
    nest: () => {
      first()
    },
  },
  12,
  4,
)
const { covered, sheets: used, left } = first()
const share =
  covered.slice(0, Math.max(1, used - 1)).reduce((sum, own) => sum + own, 0) / Math.max(1, used - 1)
report(
  `nesting 300 discs to the first answer that holds all: ${nest.toFixed(0)} ms (target under ${MOST_NEST_MS}), ${share.toFixed(2)} of a full pad covered, ${left.length} left`,
  nest < MOST_NEST_MS && left.length === 0,
)

/** Sprigs to trees. Beside it the simplest way: each tree takes the best that is left. */
const MOST_ASSIGN_MS = 100
const lengths = Array.from({ length: 200 }, () => 30 + 150 * random())
const heights = Array.from({ length: 60 }, () => 40 + 120 * random())
const costs = heights.map((height) => [
  ...lengths.map((mm) => misfitOf(mm, height)),
  ...heights.map(() => 10),
])
const sum = (columns: readonly number[]): number =>
  columns.reduce((all, column, row) => all + (costs[row]?.[column] ?? 0), 0)
function takeBest(): number[] {
  const taken = new Set<number>()
  return costs.map((row) => {
    let best = -1
    row.forEach((cost, column) => {
      if (!taken.has(column) && (best < 0 || cost < (row[best] ?? Infinity))) best = column
    })
    taken.add(best)
    return best
  })
}
const { exact = NaN, simple = NaN } = race(
  {
    exact: () => {
      assign(costs)
    },
    simple: () => {
      takeBest()
    },
  },
  20,
  5,
)
report(
  `200 sprigs to 60 trees: ${exact.toFixed(1)} ms (target under ${MOST_ASSIGN_MS}), ${(exact / simple).toFixed(1)} times taking the best that is left, at ${(sum(assign(costs)) / sum(takeBest())).toFixed(2)} of its misfit`,
  exact < MOST_ASSIGN_MS && sum(assign(costs)) <= sum(takeBest()) + 1e-9,
)
