import { ONE } from '../../quantities'
import { amount, coefficients, minutes, seconds, share, spoilage } from '../kit/rows'
import { dress, dressSlots, snowOption, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { judgeTree, type Sizes } from '../kit/fit'
import { pinned, pinSlots } from '../kit/ground'
import { liquid, sprinkledFibre, twig } from '../kit/materials'
import { slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const SIZES: Sizes = { well: [80, 250] }
const k = coefficients('root-tree', {
  spoilage: spoilage(0.1),
  glue: amount('PVA on the branches, for each cm² of crown', 0.03, 'ml/cm²'),
  longFibre: amount('12 mm fibre, for each cm² of crown', 0.008, 'g/cm²', 'memory', 'rich'),
  shortFibre: amount('2.5 mm fibre, for each cm² of crown', 0.004, 'g/cm²'),
  jetSec: seconds('water jet', 180),
  fibreSec: seconds('PVA and long fibre', 240),
  shortSec: seconds('spray adhesive and short fibre', 120),
  dryMin: minutes('the washed root dries', 2880, 'memory', 'two days'),
  filled: share('covered before the leaf, of what is seen', 0.15),
})

const leaf: Dressing = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled, slot: 'twig-glue' }

/** A cane root turned over: two orders of fibre for twigs, and leaf. Common practice. */
export const rootTree = way('root-tree', 'Root tree', {
  makes: 'A washed root turned over, long and short fibre on its branches, leaf.',
  profile: profile(SIZES.well, 'branches', 'made one by one', 'reached over', [1, 4], 'root'),
  seasons: 'any; roots when canes are cleared',
  figures: k,
  options: [snowOption],
  suits({ piece }) {
    const crooked =
      piece.crownForm === 'irregular' || piece.crownForm === 'spreading' || piece.crownForm === 'flat-topped'
    return judgeTree(piece, SIZES, {
      right: piece.habit === 'broadleaf' && piece.zone === 'front' && crooked,
      pro: [
        'crooked and old as nothing else: for a rock, a waterfall, the one tree that is looked at',
        'the root costs nothing',
      ],
      con: [
        !crooked && 'a root is crooked; this crown is regular',
        piece.zone !== 'front' && 'an eye-catcher, wasted behind others',
        piece.habit === 'conifer' && 'leaf on crooked limbs reads as a broadleaf',
      ],
      never: [piece.crownForm === 'conical' && 'no root grows a leader with whorls'],
    })
  },
  materials: ({ piece }, choice) => [
    slot('root', 'Roots', twig('root', piece.heightMm)),
    slot('pva', 'PVA', liquid('pva')),
    slot('long-fibre', 'Brown fibre, 12 mm', sprinkledFibre(12, '#5a4330')),
    slot('twig-glue', 'Spray adhesive for twigs', liquid('spray-adhesive')),
    slot('short-fibre', 'Brown fibre, 2.5 mm', sprinkledFibre(2.5, '#5a4330')),
    // The same can serves twigs and leaf.
    dressSlots(piece, leaf, choice),
    pinSlots(piece),
  ],
  operations: (on) => {
    const size = on.piece.heightMm / 160
    return [
      on.work('wash', 'Jet the root clean', {
        text: 'Water jet from all sides until no soil is left; then it dries for two days.',
        hands: [on.value(k.jetSec) * size, 60],
        takes: on.takePieces('root', ONE),
        wait: on.dries(k.dryMin, 'Dry for two days'),
        tools: ['hose', 'old brush'],
        needs: ['outdoors'],
        cautions: ['gathering'],
      }),
      pinned(on),
      on.glue('fibre', 'Long fibre on the branches', {
        text: 'PVA on the branch-like parts; 12 mm brown sprinkled richly, the piece turned as you go; tap off. Stem clean.',
        hands: [on.value(k.fibreSec) * size, 60],
        takes: [on.coat('pva', k.glue), on.coat('long-fibre', k.longFibre)],
        in: 'pva',
        until: 'Dry overnight',
        tools: ['brush', 'catch tray'],
        holders: [{ what: 'block place', each: 1, until: 'inspect' }],
        faults: ['fibre-clumps'],
      }),
      on.spray('twigs', 'Short fibre', {
        text: 'Spray adhesive on branches only; 2.5 mm brown from all sides: the second order of twig.',
        hands: on.value(k.shortSec) * size,
        takes: [on.coat('twig-glue', dressing.adhesiveCoat), on.coat('short-fibre', k.shortFibre)],
        can: 'spray-adhesive',
        within: on.open('spray-adhesive'),
        tools: ['catch tray'],
        faults: ['fibre-clumps'],
        passes: 'Two orders of twig; stem clean.',
      }),
      dress(on, leaf, 'twigs only'),
      on.inspect(
        on.isLeafy
          ? 'Stem clean, two orders of twig, light through the leaf.'
          : 'Stem clean, two orders of twig.',
        ['fibre-clumps'],
      ),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'spreading', 160, { zone: 'front' }), 4),
    examplePieces(examplePiece('broadleaf', 'irregular', 120, { zone: 'front', leaf: 0.33 }), 1),
  ],
})
