import { cutLengths, strandsOf, twistingOrder, usualAllowances, wireTree } from '../core/armature'
import { grow } from '../core/growth'
import { lineSize, sitterOf } from '../core/commissions'
import { speciesById } from '../core/plants'
import { race, report } from './race'

/**
 * A wire plan of 60 strands: the tree of strands, the length of each, what to cut, and the order of the work.
 * Beside it the growing of the skeleton that it is made from: the plan must not be what a maker waits for.
 */
const MOST_MS = 50
const beech = speciesById('beech')
const line = { id: 'bench', age: 'mature' } as const
const size = lineSize(line, { ratio: 35, stature: 1, viewingMm: 700 }, beech)
const { habitus } = sitterOf(line, beech, size, beech.seeThrough)
const skeleton = grow(habitus, 1)
const allowances = usualAllowances(habitus.heightMm)
const { plan = NaN, growth = NaN } = race(
  {
    plan: () => {
      const tree = wireTree(skeleton, 60)
      twistingOrder(tree)
      cutLengths(strandsOf(tree, allowances).map(({ lengthMm }) => lengthMm))
    },
    growth: () => {
      grow(habitus, 1)
    },
  },
  40,
  10,
)
report(
  `a wire plan of 60 strands: ${plan.toFixed(2)} ms (target under ${MOST_MS}), ${(plan / growth).toFixed(3)} of growing its skeleton`,
  plan < MOST_MS,
)
