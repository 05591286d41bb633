import type { Gluing, Lean, Reach } from '../../grass'
import {
  amount,
  coefficients,
  dries,
  seconds,
  share,
  staysOpen,
  type Coefficient,
  type Task,
} from '../../makeup'
import { product, type Expression } from '../../quantities'

/** What grass set in layers takes. */
export const grassFigures = coefficients('layered-grass', {
  spoilage: share('spoilage', 0),
  openSec: staysOpen('medium'),
  setUpSec: seconds('clip on and switch on', 20),
  patchSec: amount('glue and fibre, for each cm²', 0.7, 's/cm²'),
  tipSec: amount('touch tips, fibre, for each cm²', 1, 's/cm²'),
  refillSec: seconds('earth, fill the hopper, for each layer', 180),
  vacuumSec: amount('vacuum, for each cm²', 0.05, 's/cm²'),
  sticks: share('sticks, of what is thrown', 0.4),
  midShare: share('share of the patch that is its middle', 0.45),
  tipShare: share('share of the patch where tips are touched', 0.3),
  glueAll: amount('glue all over', 0.015, 'ml/cm²'),
  glueMid: amount('glue in the middle, generous', 0.03, 'ml/cm²', 'memory', 'plenty is common practice'),
  glueTips: amount('glue on tips, barely touched', 0.003, 'ml/cm²'),
  touchCm2: amount('reached by one touch of the brush', 0.5, 'cm²'),
  dryMin: dries('medium', 'fast matt medium dries'),
  leanDeg: amount('mean lean of a fibre', 24, '°'),
  combDeg: amount('lean that the vacuum combs in', 9, '°'),
  swept: share('of the lost fall, swept up mixed', 0.6),
})

/** Share of the patch that each gluing reaches. */
export const reachOf = (value: (coefficient: Coefficient) => number): Reach => ({
  'all over': 1,
  'mid-patch': value(grassFigures.midShare),
  'tips only': value(grassFigures.tipShare),
})

export const leanOf = (value: (coefficient: Coefficient) => number, combed: boolean): Lean => ({
  meanDeg: value(grassFigures.leanDeg),
  combDeg: combed ? value(grassFigures.combDeg) : 0,
})

/** Glue on a cm² of the patch as a whole, ml/cm², by where it goes. */
export function glueRate({ input }: Pick<Task, 'input'>, glue: Gluing): Expression {
  const { glueAll, glueMid, glueTips, midShare, tipShare } = grassFigures
  switch (glue) {
    case 'all over':
      return input(glueAll)
    case 'mid-patch':
      return product(input(midShare), input(glueMid))
    case 'tips only':
      return product(input(tipShare), input(glueTips))
  }
}
