import { proposedStrands, type PATIENCE } from '../../armature'
import type { Piece } from '../../commissions'
import { MM_IN_CM, number, ONE, quotient, roundedUp, sum, type Expression } from '../../quantities'
import { amount, coefficients, minutes, seconds, share, spoilage } from '../kit/rows'
import type { PlantMaking } from '../kit/bench'
import { dressing } from '../kit/figures'
import type { Operation } from '../kit/making'
import { dries, staysOpen } from '../kit/setting'
import { type WireWork } from './wire-work'

const COATS = 3

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

/** Latex, then bark of grout and PVA in coats, each cured before the next. */
export function barked(on: PlantMaking, surface: Expression): Operation[] {
  const coats = COATS + (on.choice('bulk') === 'paste' ? 1 : 0)
  const size = on.piece.heightMm / 200
  const bark = on.product(
    surface,
    k.barked,
    quotient(on.input(k.barkMm), MM_IN_CM),
    quotient(number(coats), number(COATS)),
  )
  const grout = on.product(bark, k.groutDensity, sum(ONE, on.input(k.groutLeft)))
  const coat = quotient(grout, number(coats))
  return [
    on.work('latex', 'Latex', {
      text: 'A thin coat with an old brush from the foot up, none on the tips: a drop there dries as a bead. It dries clear.',
      hands: on.value(k.latexSec) * size,
      takes: [on.take('latex', [surface, k.latexCoat])],
      within: on.open('latex', { tail: 'little at a time' }),
      wait: on.sets('latex', 'Dry until it is clear', k.latexMin),
      tools: ['old brush'],
      holders: [{ what: 'base', each: 1, until: 'inspect' }],
      needs: ['ventilation'],
      faults: ['tip-drops'],
    }),
    ...Array.from({ length: coats }, (_, i): Operation => {
      const last = i === coats - 1
      const text =
        i === 0
          ? 'Grout and PVA to a paste, over trunk and first limbs, none on twigs: it fills the lines of the twist and thickens.'
          : last
            ? 'Finer and higher up. Dab dry grout where moss would grow. On until no wire shows.'
            : 'A finer mix, a little higher up.'
      return on.work(i === 0 ? 'paste' : `paste-${i + 1}`, `Bark paste, coat ${i + 1} of ${coats}`, {
        text,
        hands: [on.value(k.pasteSec) * size, 120],
        takes: [
          on.take('grout', coat, `Grout, coat ${i + 1}`),
          on.take('pva', [coat, k.pvaShare], `PVA, coat ${i + 1}`),
        ],
        within: on.open('grout-paste', { by: k.pasteWetSec }),
        wait: last
          ? on.sets('grout-paste', 'Let the last coat cure overnight', k.lastPasteMin)
          : on.sets('grout-paste', 'Let the coat cure', k.pasteMin),
        tools: ['old brush', 'bowl'],
        faults: ['wire-look'],
        ...(last ? { passes: 'No wire seen from the viewing distance.' } : {}),
      })
    }),
  ]
}

/** Sprig tips, about one to a branch end: by the crown, whatever the wire; and the colours of the wood. */
export function tipped(on: PlantMaking): Operation[] {
  const size = on.piece.heightMm / 200
  const full = quotient(on.crown, on.input(k.tipCm2))
  const tips = roundedUp(on.choice('ends') === 'long' ? on.product(full, k.longEnds) : full)
  return [
    on.work('tips', 'Sprig tips', {
      text: 'Branch by branch: a speck of CA, the tip held a second, a breath of activator. Tips lean on along the twig, outward and up.',
      hands: [on.value(k.sprigTipSec) * tips.value, 60],
      takes: [
        on.takePieces('tips', quotient(tips, on.input(k.tipsFromSprig)), 'Sprigs to cut up'),
        on.take('ca', [tips, k.caEach]),
        on.has('activator') && on.take('activator', [tips, k.activatorEach]),
      ],
      within: on.open('ca', { tail: 'hold the tip before you dab' }),
      tools: ['tweezers'],
      needs: ['ventilation'],
      gives: ['solvent'],
      faults: ['visible-join'],
    }),
    on.paint('paint', 'Grey primer', {
      text: 'Grey primer all over.',
      hands: on.value(k.primerSec) * size,
      takes: [on.coat('primer', dressing.paintCoat)],
    }),
    on.paint('brown', 'Dark brown from below', {
      text: 'A dark-brown mist from below, over dry primer.',
      hands: [on.value(k.brownSec) * size, 30],
      takes: [on.coat('bark-paint', dressing.mistCoat)],
    }),
    on.work('brush', 'Dry-brush grey, then brown', {
      text: 'Pale grey, then brown, on the ridges. Trunks are grey and grey-brown, rarely brown.',
      hands: [on.value(k.brushSec) * size, 60],
      takes: [on.coat('brush-paint', k.brushCoat), on.coat('brush-brown', k.brushCoat)],
      wait: on.sets('dry-brush', 'Let the paint dry'),
      tools: ['brush'],
      faults: ['trunk-colour'],
    }),
  ]
}
