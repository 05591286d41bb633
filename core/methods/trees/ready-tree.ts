import { ONE, rest, type Expression } from '../../quantities'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { snowOnly, snowOption, snowSlots, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { isBare, judgeTree, type Sizes } from '../kit/fit'
import { foam, goods, liquid, sprayPaint } from '../kit/materials'
import { lighter, optional, sharing, slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const SIZES: Sizes = { well: [40, 230] }
const snow: Dressing = { adhesive: 'hairspray', form: 'ground' }

const k = coefficients('ready-tree', {
  spoilage: spoilage(0.02),
  foamShare: share('of the foliage that is thrown on', 0.3, 'memory', 'the tree brings its own'),
  sticks: sticking('foam sticks in wet paint, of what is thrown', 0.4),
  plantMl: amount('full-strength medium at the foot, for each mm of trunk', 0.12, 'ml/mm'),
  lightShare: share('of what is thrown on, the lighter tone', 0.35),
  dressCm2Sec: amount(
    'colour and foam, for each cm² of crown',
    0.45,
    's/cm²',
    'memory',
    '30 s on a tree of 110 mm',
  ),
  drillSec: seconds('drill, medium', 25),
})

/** A bought tree, sprayed and dressed anew. Common practice. */
export const readyTree = way('ready-tree', 'Re-dressed ready tree', {
  makes: 'A bought tree sprayed its own colour, fine foam in the wet paint for volume.',
  profile: profile(SIZES.well, 'puff', 'from the bag', 'handled', [5, 20], 'ready'),
  seasons: 'in leaf',
  setsInPlace: true,
  figures: k,
  options: [snowOption],
  suits: ({ piece }) =>
    judgeTree(piece, SIZES, {
      right: piece.habit === 'broadleaf' && piece.zone === 'back' && piece.leaf > 0.6,
      pro: [
        'half a minute each: no armature to make',
        'the plainest bought tree gains two tones and loses its shine',
        'as tough as it was bought',
      ],
      con: [
        piece.zone !== 'back' && 'a bought shape is seen for what it is from close by',
        piece.leaf <= 0.6 && piece.leaf > 0.15 && 'it has more foliage than this day leaves',
        piece.habit === 'conifer' && 'ready trees of its form are another purchase',
      ],
      never: [(isBare(piece) || piece.leaf <= 0.15) && 'what is bought dressed can’t be made bare'],
    }),
  materials: ({ piece }, choice) => [
    slot('tree', 'Ready trees', goods('ready-tree', piece.heightMm)),
    slot('canopy-paint', 'Canopy colour', sprayPaint(piece.tones.base)),
    slot('foliage', 'Fine foam', foam(0.5, piece.tones.base)),
    slot('highlight', 'Second tone', foam(0.4, piece.tones.light), lighter('foliage'), optional),
    slot('medium', 'Matte medium', liquid('matte-medium')),
    snowSlots(choice, { id: 'adhesive', label: 'Hairspray' }),
    slot('hold', 'Hairspray', liquid('hairspray'), optional, sharing),
  ],
  operations: (on) => {
    const each = on.value(k.dressCm2Sec) * on.piece.sideAreaCm2
    const light = on.has('highlight') ? on.input(k.lightShare) : undefined
    const thrown = (part: Expression) => ({ share: on.product(k.foamShare, part), sticks: k.sticks })
    return [
      on.spray('dress', 'Colour, fine foam in the wet', {
        text: 'Matt colour all round the canopy, fine foam into the wet paint. Spare the trunk.',
        hands: each,
        takes: [
          on.take('tree', ONE),
          on.coat('canopy-paint', dressing.paintCoat),
          on.crownFlock('foliage', thrown(light ? rest(light) : ONE)),
        ],
        wet: 4,
        holders: [{ what: 'block place', each: 1, until: 'plant' }],
        faults: ['plastic-shine', 'loud-two-tone'],
        passes: 'Two tones; no plastic shine.',
      }),
      light !== undefined &&
        on.spray('highlight', 'Second tone from above', {
          text: 'A mist of hairspray from above only, the lighter foam over it.',
          hands: [each / 3, 30],
          takes: [
            on.coat('hold', dressing.mistCoat, 'Hairspray for the second tone'),
            on.crownFlock('highlight', thrown(light), 'Second tone, from above'),
          ],
          can: 'hairspray',
          within: on.open('hairspray'),
          tools: ['catch tray'],
          faults: ['loud-two-tone'],
        }),
      snowOnly(on, snow),
      on.inspect('Two tones, no plastic shine, no two alike side by side.', ['plastic-shine']),
      on.work('plant', 'Drill, full-strength medium', {
        text: 'Small drill where it will stand; medium at full strength in the hole.',
        hands: [on.value(k.drillSec), 60],
        takes: [on.takeGood('medium', [on.trunk, k.plantMl])],
        tools: ['drill'],
      }),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 110, { zone: 'back' }), 20),
    examplePieces(examplePiece('broadleaf', 'ovate', 180, { zone: 'back' }), 3),
  ],
})
