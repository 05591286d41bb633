import { proposedStrands, type PATIENCE } from '../../armature'
import type { Piece } from '../../commissions'
import type { PlantMaking } from '../kit/bench'
import type { Operation } from '../kit/making'
import { amount, coefficients, minutes, seconds, share, spoilage } from '../kit/rows'
import { dries, staysOpen } from '../kit/setting'
import { type WireWork } from './wire-work'

/** The numbers that a tree of twisted wire rests on. */
export const wireFigures = coefficients('wire-broadleaf', {
  spoilage: spoilage(0, 'memory', 'what goes wrong is twisted again'),
  takeUp: share('length that the twist takes up', 0.1, 'memory', 'the lay angle'),
  barkMm: amount('bark on the trunk, all coats together', 0.6, 'mm'),
  offcuts: share('wire cut off and lost', 0.05),
  latexCoat: amount('a coat of latex', 0.05, 'ml/cm²', 'memory', '8 ml on a tree of 200 mm'),
  barked: share('of the wood, under bark', 0.75, 'memory', 'trunk and first limbs, none on twigs'),
  groutDensity: amount('dry bark, its grout', 1.8, 'g/ml', 'memory', '15 to 20 g on an oak of 200 mm'),
  groutLeft: share('left in the bowl and on the brush', 0.4),
  pvaShare: amount('PVA to a gram of grout', 0.4, 'ml/g'),
  tipCm2: amount('crown for each sprig tip', 2.2, 'cm²'),
  tipsFromSprig: amount('tips from a sprig', 20, 'piece', 'memory', '15 to 25'),
  longEnds: share('sprig tips where ends are left long, of the usual', 0.5),
  caEach: amount('CA for a tip', 0.012, 'ml'),
  activatorEach: amount('activator for a tip', 0.03, 'ml'),
  brushCoat: amount('dry-brushed paint', 0.003, 'ml/cm²'),
  trunkSec: seconds('fold, and twist to the first branch, of a tree of 200 mm', 300),
  rootsSec: seconds('roots and pin, of a tree of 200 mm', 480),
  limbsSec: seconds('main branches, of a tree of 200 mm', 360),
  tipSec: seconds('lash, split, loop, clip: for each strand', 40, 'memory', '40 minutes for sixty'),
  latexSec: seconds('latex, on a tree of 200 mm', 300),
  pasteSec: seconds('a coat of paste, on a tree of 200 mm', 600),
  sprigTipSec: seconds('a sprig tip', 18, 'memory', '25 minutes for an oak of 200 mm'),
  primerSec: seconds('primer, on a tree of 200 mm', 120),
  brownSec: seconds('dark-brown mist, on a tree of 200 mm', 60),
  brushSec: seconds('dry-brush grey, then brown, on a tree of 200 mm', 300),
  latexMin: dries('latex', 'latex dries clear'),
  pasteMin: dries('grout-paste', 'a coat of paste cures'),
  lastPasteMin: minutes('the last coat cures', 720, 'memory', 'overnight'),
  pasteWetSec: staysOpen('grout-paste', 'grout and PVA stay workable'),
})
const k = wireFigures

export type WirePatience = keyof typeof PATIENCE

/** Strands that are proposed for a choice of patience; of which the maker may set another number. */
export const broadleafStrands = ({ heightMm, zone }: Piece, patience: string): number =>
  proposedStrands(heightMm, zone, patience as WirePatience)

/** What every step with pliers wants. */
const WIRES = { cautions: ['wire'], tools: ['pliers', 'cutters'] }

/** Wire twisted to trunk, roots, limbs and tips. */
export function twisted(on: PlantMaking, { stout, thin, cuts }: WireWork, strands: number): Operation[] {
  const size = on.piece.heightMm / 200
  const bulk = on.choice('bulk') === 'wire' ? ' and wind more round it for bulk' : ''
  const ends = on.choice('ends') === 'long' ? ', left long and bent' : ', short and uneven'
  return [
    on.work('hank', 'Cut, fold, twist the trunk', {
      text: `Cut by the list, lay the stout strands side by side, fold the hank and keep the foot loop. Twist to the first branch on the sheet. About ${strands} tips in the end.`,
      hands: [on.value(k.trunkSec) * size, 60],
      takes: [stout],
      cuts,
      ...WIRES,
      faults: ['one-sided'],
    }),
    on.work('roots', 'Roots and pin', {
      text: 'Open the foot: two to four strands a root, looped and clipped; the rest twisted to a centre pin to plant by. Level it until it stands alone.',
      hands: on.value(k.rootsSec) * size,
      ...WIRES,
      passes: 'It stands by itself.',
    }),
    on.work('limbs', 'Main branches', {
      text: 'Split as the sheet says, the weaker first, and twist each limb to its next fork. Round from above. What loosens is twisted again with the pliers.',
      hands: on.value(k.limbsSec) * size,
      ...WIRES,
      faults: ['one-sided'],
    }),
    on.work('split', 'Lash, split, loop, clip', {
      text: `Lash four or five thin wires to each limb${bulk}, split them in bunches of three to five, never under two. Double each tip back into a loop, twist it, clip the loop to two ends${ends}.`,
      hands: on.value(k.tipSec) * strands,
      takes: [thin],
      ...WIRES,
      faults: ['round-ends', 'one-sided'],
      passes: 'Round from above; no loop left whole.',
    }),
  ]
}
