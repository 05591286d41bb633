import { amount, coefficients, minutes, seconds, share, spoilage } from '../kit/rows'
import { dress, dressSlots, snowOption, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { isBare, judgeTree, tooFrail, type Sizes } from '../kit/fit'
import { foam, paint, powder, sprayPaint, twig } from '../kit/materials'
import { darker, slot } from '../kit/slot'
import { practice, practised, raysOff } from '../kit/practice'
import { option, profile, way } from '../kit/way'

const SIZES: Sizes = { well: [60, 180] }
/** The fine foam that goes into the wet black makes up some of what is seen. */
const k = coefficients('flower-head-birch', {
  spoilage: spoilage(0.06),
  rays: share('rays worth keeping, of a head', 0.3),
  groutCoat: amount('pale grout in the wet, for each cm² of crown', 0.02, 'g/cm²'),
  blackCoat: amount('black on the crown', 0.012, 'ml/cm²'),
  foam: amount('fine foam in the wet black, for each cm² of crown', 0.006, 'g/cm²'),
  brushCoat: amount('dark grey for branches and scars', 0.002, 'ml/cm²'),
  cleanSec: seconds('strip, cut the point off', 15),
  paleSec: seconds('pale grey, grout', 10),
  blackSec: seconds('black on the crown', 5),
  foamSec: seconds('fine foam in the wet', 6),
  scarSec: seconds('branches, triangles, scars', 15),
  foamMin: minutes('the crown dries fully', 60),
  ...practice,
  filled: share('covered before the leaf, of what is seen', 0.25),
})

const leaf: Dressing = { adhesive: 'hairspray', form: 'leaf', filled: k.filled }

/** A birch from a dried flower head. Common practice. */
export const flowerHeadBirch = way('flower-head-birch', 'Flower-head birch', {
  makes:
    'A dried flower head: pale stem with grout in the wet, black crown, fine foam, leaf, dark triangles.',
  profile: profile(SIZES.well, 'branches', 'mass-made', 'protected', [20, 300], 'head'),
  seasons: 'in leaf',
  figures: k,
  options: [
    option(
      'armature',
      'From',
      ['head', 'flower heads', 'gathered by the hundred in late autumn'],
      ['sprig', 'sprigs', 'the same look: white stem, black tips, two passes of leaf'],
    ),
    snowOption,
  ],
  suits: ({ piece }) =>
    judgeTree(piece, SIZES, {
      right: piece.habit === 'broadleaf' && !isBare(piece) && piece.seeThrough >= 0.25,
      pro: [
        'a pale stem and a dark airy crown: birch and aspen as they are',
        'a minute each in a run of hundreds, two in a few',
        'heads cost an afternoon in late autumn',
      ],
      con: [
        piece.seeThrough < 0.25 && 'the head stays airy; this crown is dense',
        piece.habit === 'conifer' && 'its fan is a broadleaf’s',
        piece.zone === 'front' && 'from close by the fan of the head shows',
        tooFrail(piece, 'protected'),
      ],
      never: [
        isBare(piece) && 'bare, the head is a head: it shows what it is',
        piece.crownForm === 'conical' && 'no whorls about a leader',
      ],
    }),
  materials: ({ piece }, choice) => [
    choice('armature') === 'sprig'
      ? slot('head', 'Sprigs', twig('sprig', piece.heightMm))
      : slot('head', 'Flower heads', twig('head', piece.heightMm)),
    slot('stem-paint', 'Pale grey', sprayPaint('#b9b4ab')),
    slot('grout', 'Pale grout', powder('grout', '#c4bfb4')),
    slot('black', 'Black', sprayPaint('#26241f'), darker('stem-paint')),
    slot('core', 'Fine foam, core', foam(0.4, piece.tones.shade)),
    slot('scar-paint', 'Dark grey', paint('#45423e')),
    dressSlots(piece, leaf, choice),
  ],
  operations: (on) => {
    const slow = practised(on, k)
    return [
      on.work('clean', 'Leaves, lower branches and point off', {
        text: 'Strip the leaves and lower rays, cut the pointed top off; a centimetre of bare stem stays below as the foot to plant it by.',
        hands: [on.value(k.cleanSec) * slow, 30, 'common practice'],
        ...raysOff(on, k.rays, 'Lower rays: undergrowth'),
      }),
      on.spray('pale', 'Pale grey, grout in the wet', {
        text: 'Light grey rather than white, all round the stem; pale grout into the wet paint.',
        hands: [on.value(k.paleSec) * slow, 60, 'common practice'],
        takes: [on.coat('stem-paint', dressing.mistCoat), on.coat('grout', k.groutCoat)],
        wet: 8,
        holders: [{ what: 'block place', each: 1, until: 'inspect' }],
      }),
      on.spray('black', 'Black on the crown, fine foam in the wet', {
        text: 'Black on the crown only, from farther off in short bursts, sparing stem and branches; fine green foam into the wet black. Then it dries fully.',
        hands: [(on.value(k.blackSec) + on.value(k.foamSec)) * slow, 60, 'common practice'],
        takes: [on.coat('black', k.blackCoat), on.coat('core', k.foam)],
        wet: 8,
        wait: on.dries(k.foamMin, 'Dry fully', 'paint'),
        faults: ['black-stem'],
        passes: 'Pale stem, dark crown core.',
      }),
      dress(on, leaf, 'crown; a mist over it at the end', (3 + 0.03 * on.piece.sideAreaCm2) * slow),
      on.work('scars', 'Branches, triangles, scars', {
        text: 'Fine brush, dark grey: lower branches, a dark triangle under each, scars up the stem.',
        hands: [on.value(k.scarSec) * slow, 30, 'common practice'],
        takes: [on.coat('scar-paint', k.brushCoat)],
        tools: ['brush'],
      }),
      on.inspect('Pale stem, dark crown core, leaf at the edge.', ['black-stem'], { hands: 3 * slow }),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'ovate', 110, { seeThrough: 0.35 }), 200),
    examplePieces(examplePiece('broadleaf', 'ovate', 80, { seeThrough: 0.35, leaf: 0.4 }), 5),
  ],
})
