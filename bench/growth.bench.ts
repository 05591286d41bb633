import { lineSize, sitterOf } from '../core/commissions'
import { speciesById } from '../core/plants'
import { fillCrown } from '../core/growth/envelope'
import { REACH } from '../core/growth/colonise'
import { grow } from '../core/growth/grow'
import { frameOf } from '../core/growth/limbs'
import { PointGrid } from '../core/growth/point-grid'
import { seededRandom } from '../core/units'
import { race, report } from './race'

/**
 * Time per tip of a skeleton at 100, 1 000 and 10 000 tips. The bound beside it is the neighbour search
 * alone: the same points in the same grid, asked once for each node that the skeleton has. Growth near to
 * linear keeps the time per tip; quadratic growth would multiply it by 100.
 */
const beech = speciesById('beech')
const line = { id: 'bench', age: 'mature' } as const
const size = lineSize(line, { ratio: 87.1, stature: 1, viewingMm: 700 }, beech)
const { habitus } = sitterOf(line, beech, size, beech.seeThrough)
const perTip: number[] = []
for (const tips of [100, 1_000, 10_000]) {
  const { nodes } = grow({ ...habitus, tips }, 1)
  const { masses } = frameOf(habitus, habitus.heightMm / 40, seededRandom(1))
  const points = fillCrown(habitus, masses, Math.round(tips * 1.12), seededRandom(1))
  const spacing = Math.cbrt((habitus.crownWidthMm ** 2 * habitus.heightMm * 0.5) / points.length) * 0.86
  const search = (): number => {
    const grid = new PointGrid(points, (spacing * REACH) / 3)
    let met = 0
    for (const node of nodes)
      grid.near(node, spacing * REACH, (i) => {
        const point = points[i]
        if (point && Math.hypot(point.x - node.x, point.y - node.y, point.z - node.z) < spacing * REACH)
          met += 1
      })
    return met
  }
  const rounds = tips >= 10_000 ? 3 : tips >= 1_000 ? 15 : 60
  const { whole = NaN, bound = NaN } = race(
    { whole: () => grow({ ...habitus, tips }, 1), bound: search },
    rounds,
    Math.ceil(rounds / 4),
  )
  perTip.push((whole / tips) * 1000)
  console.log(
    `${tips} tips, ${nodes.length} nodes: ${whole.toFixed(1)} ms, ${((whole / tips) * 1000).toFixed(1)} µs a tip; neighbour search alone ${bound.toFixed(1)} ms, ratio ${(whole / bound).toFixed(2)}`,
  )
}
const growth = (perTip[2] ?? NaN) / (perTip[0] ?? NaN)
report(`time per tip at 10 000 against 100 tips: ${growth.toFixed(2)} (target at most 4)`, growth <= 4)
