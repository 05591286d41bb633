import { amount, coefficients, seconds, share, spoilage } from '../kit/rows'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { hasPlates, isBare, judgeTree, tooFrail, type Sizes } from '../kit/fit'
import { fibre, paint, powder, sprayPaint, twig } from '../kit/materials'
import { slot } from '../kit/slot'
import { practice, practised, raysOff } from '../kit/practice'
import { profile, way } from '../kit/way'

const SIZES: Sizes = { well: [60, 180] }

const k = coefficients('flower-head-pine', {
  spoilage: spoilage(0.06),
  rays: share('rays worth keeping, of a head', 0.5),
  coffeeCoat: amount('coffee grounds in the wet, for each cm² of crown', 0.006, 'g/cm²'),
  flockCoat: amount('fibre flock in the wet, for each cm² of crown', 0.003, 'g/cm²'),
  greenCoat: amount('green on the crown', 0.014, 'ml/cm²'),
  orangeCoat: amount('orange on the upper trunk', 0.002, 'ml/cm²'),
  thinSec: seconds('thin the head to tiers', 18),
  barkSec: seconds('brown, coffee, brown mist', 14),
  crownSec: seconds('green, flock in the wet', 10),
  trunkSec: seconds('orange upper trunk', 6),
  ...practice,
})

/** A pine from a dried flower head. Common practice. */
export const flowerHeadPine = way('flower-head-pine', 'Flower-head pine', {
  makes: 'A dried flower head thinned to tiers, coffee grounds for bark, fibre flock in the wet green.',
  profile: profile(SIZES.well, 'branches', 'mass-made', 'protected', [20, 100], 'head'),
  seasons: 'all year',
  figures: k,
  suits({ piece }) {
    const plated = hasPlates(piece)
    return judgeTree(piece, SIZES, {
      right: plated && piece.zone !== 'front',
      pro: [
        'open tiers with sky between them, for pines by the dozen',
        'under a minute each in a run of a hundred',
        'no wire, no wool, no night of drying',
      ],
      con: [
        piece.zone === 'front' && 'from close by the fan of the head shows',
        piece.habit === 'conifer' && !plated && 'a head has no whorls about a leader',
        tooFrail(piece, 'protected'),
      ],
      never: [
        piece.habit !== 'conifer' && 'its tiers and its orange bark are a pine’s',
        isBare(piece) && 'without needles it is a head',
      ],
    })
  },
  materials: ({ piece }) => [
    slot('head', 'Flower heads', twig('head', piece.heightMm)),
    slot('brown', 'Brown', sprayPaint('#5f4a37')),
    slot('coffee', 'Coffee grounds', powder('coffee')),
    slot('green', 'Oxide green', sprayPaint(piece.tones.shade)),
    slot('flock', 'Fibre flock', fibre(2, piece.tones.base)),
    slot('orange', 'Upper trunk', paint('#b0713f')),
  ],
  operations: (on) => {
    const slow = practised(on, k)
    return [
      on.work('thin', 'Thin to open tiers', {
        text: 'Cut whole rays out until the head stands in tiers with sky between them; a centimetre of bare stem stays below as the foot to plant it by.',
        hands: [on.value(k.thinSec) * slow, 30, 'common practice'],
        ...raysOff(on, k.rays, 'Rays cut out: undergrowth'),
        faults: ['opaque-head'],
      }),
      on.spray('bark', 'Brown, coffee in the wet, brown mist', {
        text: 'Brown all over; fully dry coffee grounds into the wet paint on stem and limbs; a brown mist over it.',
        hands: [on.value(k.barkSec) * slow, 60, 'common practice'],
        takes: [on.coat('brown', dressing.paintCoat, 'Brown, twice'), on.coat('coffee', k.coffeeCoat)],
        wet: 8,
        holders: [{ what: 'block place', each: 1, until: 'inspect' }],
        faults: ['mould'],
      }),
      on.spray('crown', 'Green on the crown, flock in the wet', {
        text: 'Oxide green on the crown only; fibre flock into the wet paint.',
        hands: [on.value(k.crownSec) * slow, 60, 'common practice'],
        takes: [on.coat('green', k.greenCoat), on.coat('flock', k.flockCoat)],
        wet: 8,
      }),
      on.work('trunk', 'Upper trunk', {
        text: 'Orange with white and brown on the upper trunk, by brush.',
        hands: [on.value(k.trunkSec) * slow, 30, 'common practice'],
        takes: [on.coat('orange', k.orangeCoat, 'Orange, white, brown')],
        tools: ['brush'],
        faults: ['trunk-colour'],
      }),
      on.inspect('Sky visible between the tiers.', ['opaque-head'], { hands: 2 * slow }),
    ]
  },
  examples: [
    examplePieces(examplePiece('conifer', 'irregular', 110), 100),
    examplePieces(examplePiece('conifer', 'flat-topped', 80), 6),
  ],
})
