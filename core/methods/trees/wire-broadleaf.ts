import { proposedStrands, wantedStoutMm, type PATIENCE } from '../../armature'
import type { Piece } from '../../makeup'
import { MM_IN_CM, number, ONE, quotient, roundedUp, sum, type Expression } from '../../quantities'
import { amount, coefficients, minutes, seconds, share, spoilage } from '../kit/rows'
import type { Bench } from '../kit/bench'
import { dress, dressSlots, snowOption, type Dress } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { isBare, judgeTree, type Sizes } from '../kit/fit'
import type { Operation } from '../kit/making'
import { liquid, paint, powder, rod, sprayPaint, twig } from '../kit/materials'
import { darker, optional, slot } from '../kit/slot'
import { dries, staysOpen } from '../kit/setting'
import { option, profile, way } from '../kit/way'
import { wireWork, type WireWork } from './wire-work'

const SIZES: Sizes = { well: [120, 400], atMostMm: 700 }
const COATS = 3

/** The numbers that a tree of twisted wire rests on. */
const k = coefficients('wire-broadleaf', {
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

const leaf: Dress = { adhesive: 'hairspray', form: 'leaf', shade: true }

type Patience = keyof typeof PATIENCE
/** Strands that are proposed for a choice of patience; of which the maker may set another number. */
const strandsOf = ({ heightMm, zone }: Piece, patience: string): number =>
  proposedStrands(heightMm, zone, patience as Patience)

/** What every step with pliers wants. */
const WIRES = { cautions: ['wire'], tools: ['pliers', 'cutters'] }

/** Wire twisted to trunk, roots, limbs and tips. */
function twisted(on: Bench, { stout, thin, cuts }: WireWork, strands: number): Operation[] {
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
function barked(on: Bench, surface: Expression): Operation[] {
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
function tipped(on: Bench): Operation[] {
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

/** A broadleaf of twisted wire: trunk and limbs of one hank, thin wire lashed on. Common practice. */
export const wireBroadleaf = way('wire-broadleaf', 'Twisted-wire broadleaf', {
  makes:
    'A hank of wire twisted to trunk, roots and limbs, thin wires lashed on and split to tips, bark of grout and PVA.',
  profile: profile(SIZES.well, 'branches', 'made one by one', 'handled', [1, 4], 'wire'),
  seasons: 'bare and late autumn best; summer with more leaf',
  planner: {
    kind: 'wire',
    barkMm: k.barkMm,
    takeUp: k.takeUp,
    patience: (choice) => choice('patience') as Patience,
  },
  figures: k,
  options: [
    option(
      'patience',
      'Strands',
      ['usual', 'as many as read well', 'about sixty for 150 mm at the front'],
      ['quick', 'fewer', 'an evening less; more left to sprig tips'],
      ['fine', 'more', 'finer forks, half as much again to twist'],
    ),
    option(
      'bulk',
      'Bulk',
      ['wire', 'by wire', 'thin wire wound round the limbs; fewer coats'],
      ['paste', 'by paste', 'one coat more; softer joints'],
    ),
    option(
      'ends',
      'Ends',
      ['short', 'clipped short', 'two short ends at each tip, sprig tips between'],
      ['long', 'long and bent', 'ends left long and bent; fewer sprig tips'],
    ),
    snowOption,
  ],
  suits({ piece }) {
    const bare = isBare(piece)
    return judgeTree(piece, SIZES, {
      right: piece.habit === 'broadleaf' && piece.zone === 'front',
      pro: [
        'every limb where you want it: the fork of the plant itself, not what a box holds',
        bare
          ? 'a bare tree shows its wood: this is where wire is at its best'
          : piece.leaf < 0.5 && 'with so little leaf the branches are seen',
        piece.heightMm > 160 && 'taller than any sprig',
        'tough: it is planted by its own pin, and bends before it breaks',
      ],
      con: [
        piece.zone === 'back' && 'an evening and more of hands for a tree that stands at the back',
        piece.zone === 'middle' && 'hours of hands for a tree that is not looked at closely',
        piece.leaf > 0.9 && piece.seeThrough < 0.18 && 'in dense summer leaf little of the work is seen',
        piece.habit === 'conifer' && 'a conifer of whorls wants a dowel or, with plates, a wire pine',
      ],
      never: [],
    })
  },
  materials: ({ piece }, choice) => {
    const stoutMm = wantedStoutMm(piece.trunkMm, strandsOf(piece, choice('patience')), k.barkMm.value)
    return [
      slot('wire', 'Stout wire', rod('wire', stoutMm)),
      slot('thin-wire', 'Thin wire', rod('wire', Math.max(0.2, stoutMm * 0.45))),
      slot('latex', 'Latex', liquid('latex')),
      slot('grout', 'Grout', powder('grout', '#8f8b84')),
      slot('pva', 'PVA', liquid('pva')),
      slot('tips', 'Sprig tips', twig('curved-sprig', Math.min(90, piece.heightMm * 0.3))),
      slot('ca', 'CA', liquid('ca')),
      slot('activator', 'Activator', liquid('activator'), optional),
      slot('primer', 'Grey primer', sprayPaint('#8b8a87')),
      slot('bark-paint', 'Dark brown', sprayPaint('#3d3128'), darker('primer')),
      slot('brush-paint', 'Dry-brush, pale grey', paint('#b7b2a8')),
      slot('brush-brown', 'Dry-brush, brown', paint('#6b5440')),
      dressSlots(piece, leaf, choice),
    ]
  },
  operations: (on) => {
    const strands = on.task.wire?.strands ?? strandsOf(on.piece, on.choice('patience'))
    const wire = wireWork(on, strands, k.offcuts)
    return [
      twisted(on, wire, strands),
      barked(on, wire.surface),
      tipped(on),
      dress(on, leaf),
      on.inspect(
        on.isLeafy
          ? 'Stands alone, no wire at viewing distance, see-through near the target.'
          : 'Stands alone, no wire at viewing distance, tips finer than limbs.',
        ['wire-look', 'round-ends', 'tip-drops'],
      ),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 200, { zone: 'front' }), 1),
    examplePieces(examplePiece('broadleaf', 'spreading', 340, { leaf: 0 }), 1),
    examplePieces(examplePiece('broadleaf', 'ovate', 150, { leaf: 0.33 }), 3),
  ],
})
