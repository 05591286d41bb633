import { quotient, roundedUp } from '../../quantities'
import { amount, coefficients, seconds, spoilage } from '../kit/rows'
import { dress, dressSlots, snowOption, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { judgeTree, type Sizes } from '../kit/fit'
import { liquid, paint, sprayPaint, twig } from '../kit/materials'
import { slot } from '../kit/slot'
import { dries } from '../kit/setting'
import { option, profile, way } from '../kit/way'

const SIZES: Sizes = { well: [100, 300] }
const leaf: Dressing = { adhesive: 'hairspray', form: 'leaf', shade: true }

const k = coefficients('twig-tree', {
  spoilage: spoilage(0.08),
  twigsEach: amount('twigs joined to a tree', 1.6, 'piece'),
  tipCm2: amount('crown for each sprig tip', 2.2, 'cm²'),
  tipsFromSprig: amount('tips from a curved sprig', 20, 'piece', 'memory', '15 to 25'),
  jointCa: amount('CA in a joint, for each mm of trunk', 0.025, 'ml/mm'),
  paste: amount('paste for joint, foot and flange, for each mm of height', 0.05, 'ml/mm'),
  edgeCoat: amount('medium on the edges of a crown', 0.01, 'ml/cm²'),
  tipGlue: amount('hot glue for a tip', 0.025, 'ml'),
  washCoat: amount('a thin dark wash', 0.004, 'ml/cm²'),
  joinSec: seconds('choose, trim, join, a tree of 180 mm', 300),
  footSec: seconds('paste foot, bark, flange, of a tree of 180 mm', 300),
  sprigTipSec: seconds('place a tip', 18, 'common practice', '15 to 20 minutes for a tree of 160 mm'),
  washSec: seconds('a thin wash, on a tree of 180 mm', 90),
  leafSec: seconds('base and highlight', 180),
  nightMin: dries('ca', 'CA in the joint'),
  pasteMin: dries('paste', 'paste dries'),
})

/** A foreground tree from garden twigs with sprig tips. Common practice. */
export const twigTree = way('twig-tree', 'Twig foreground tree', {
  makes:
    'Garden twigs joined at a natural joint, a foot of paste, sprig tips in hot glue, leaf in close tones.',
  profile: profile(SIZES.well, 'branches', 'made one by one', 'reached over', [1, 6], 'twig'),
  seasons: 'any',
  figures: k,
  options: [
    option(
      'leafing',
      'Leaf sticks by',
      ['hairspray', 'hairspray', 'sprayed, then sprinkled'],
      ['medium', 'edges dipped', 'the crown’s edges dipped in dilute medium, then sprinkled; never plunged'],
    ),
    snowOption,
  ],
  suits: ({ piece }) =>
    judgeTree(piece, SIZES, {
      right: piece.habit === 'broadleaf' && piece.zone === 'front',
      pro: [
        'real bark and a real fork: nothing made looks more like wood',
        piece.zone === 'front' && 'for the eye that comes close',
        'six in an evening, the two nights of drying not counted',
      ],
      con: [
        piece.zone !== 'front' && 'a quarter of an hour of tips for a tree that nobody looks at closely',
        piece.habit === 'conifer' && 'a twig forks like a broadleaf',
      ],
      never: [piece.crownForm === 'conical' && 'no twig grows whorls about a leader'],
    }),
  materials: ({ piece }, choice) => [
    slot('twig', 'Twigs', twig('twig', piece.heightMm)),
    slot('ca', 'CA', liquid('ca')),
    slot('paste', 'Modelling paste', liquid('paste')),
    slot('tips', 'Curved sprigs for tips', twig('curved-sprig', Math.min(110, piece.heightMm * 0.4))),
    slot('glue', 'Hot-glue chips', liquid('hot-glue')),
    slot('primer', 'Grey primer', sprayPaint('#8b8a87')),
    slot('wash', 'Dark wash', paint('#45423e')),
    choice('leafing') === 'medium' &&
      piece.leaf > 0.01 &&
      slot('medium', 'Matte medium for the edges', liquid('matte-medium')),
    dressSlots(piece, leaf, choice),
  ],
  operations: (on) => {
    const size = on.piece.heightMm / 180
    const tips = roundedUp(quotient(on.crown, on.input(k.tipCm2)))
    const dipped = on.choice('leafing') === 'medium'
    return [
      on.work('join', 'Choose, trim, join', {
        text: 'Compact twigs with forks close together; trim what crosses. Shave two where they will meet, at a natural joint; CA.',
        hands: [on.value(k.joinSec) * size, 60],
        takes: [on.takePieces('twig', k.twigsEach), on.take('ca', [on.trunk, k.jointCa])],
        wait: on.sets('ca', 'CA in the joint overnight', k.nightMin),
        tools: ['cutters', 'knife'],
        holders: [{ what: 'base', each: 1, until: 'inspect' }],
        cautions: ['gathering'],
        faults: ['visible-join', 'one-sided'],
      }),
      on.work('foot', 'Foot, bark, flange', {
        text: 'Paste with the fingers over joint and foot; bark it with an old toothbrush, upwards. Roots run out on a flange that will be planted under the ground, a post below.',
        hands: [on.value(k.footSec) * size, 60],
        takes: [on.take('paste', [on.height, k.paste])],
        within: on.open('paste'),
        wait: on.sets('paste', 'Dry overnight', k.pasteMin),
        tools: ['toothbrush'],
        faults: ['visible-join'],
        passes: 'The joint can’t be found.',
      }),
      on.work('tips', 'Tips in hot glue', {
        text: 'The pot on low with a few chips, never filled: old glue strings. Tip by tip with tweezers, outward and up, no two side by side. Dull: do two trees an evening if you like.',
        hands: [on.value(k.sprigTipSec) * tips.value, 120, 'common practice'],
        takes: [
          on.takePieces('tips', quotient(tips, on.input(k.tipsFromSprig))),
          on.take('glue', [tips, k.tipGlue]),
        ],
        within: on.open('hot-glue'),
        tools: ['glue pot', 'tweezers'],
        faults: ['glue-strings', 'one-sided'],
      }),
      on.paint('paint', 'Grey primer', {
        text: 'Grey primer on all of it.',
        takes: [on.coat('primer', dressing.paintCoat)],
      }),
      on.work('wash', 'Thin dark wash', {
        text: 'Over dry primer, where the trunk is too pale: easiest now, before any leaf.',
        hands: [on.value(k.washSec) * size, 60],
        takes: [on.coat('wash', k.washCoat)],
        wait: on.sets('wash', 'Let the wash dry'),
        tools: ['brush'],
        faults: ['trunk-colour'],
      }),
      dress(
        on,
        leaf,
        dipped
          ? 'tips, their edges dipped in dilute medium first (never plunged)'
          : 'tips only, the tree upright',
      ).map((one) =>
        dipped && one.step.id === 'dress'
          ? { ...one, takes: [on.coat('medium', k.edgeCoat), ...one.takes] }
          : one,
      ),
      on.inspect('The joint is invisible; no strings; close tones.', [
        'visible-join',
        'glue-strings',
        'loud-two-tone',
      ]),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 180, { zone: 'front' }), 6),
    examplePieces(examplePiece('broadleaf', 'spreading', 240, { zone: 'front', leaf: 0 }), 1),
  ],
})
