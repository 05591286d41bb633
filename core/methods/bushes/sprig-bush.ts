import { isBladed, isBushy } from '../../commissions'
import { quotient, roundedUp } from '../../quantities'
import { dress, dressSlots, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { judge } from '../kit/fit'
import { liquid, sprayPaint, twig } from '../kit/materials'
import { amount, coefficients, seconds, share, spoilage } from '../kit/rows'
import { slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const k = coefficients('sprig-bush', {
  spoilage: spoilage(0.06),
  bushesEach: amount('bushes from one sprig', 8, 'piece', 'memory', '6 to 12'),
  paintSec: seconds('paint a whole sprig, both sides', 25),
  dressSec: seconds('adhesive and leaf over a whole sprig, one pass', 30),
  cutSec: seconds('cut a bush off', 6),
  setSec: seconds('hole, glue, set', 18),
  holeMl: amount('white glue in the hole of a bush', 0.02, 'ml'),
  filled: share('covered before the leaf, of what is seen', 0.15),
})

const leaf: Dressing = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled }

/** A sprig dressed whole, then cut into many bushes. Common practice. */
export const sprigBush = way('sprig-bush', 'Bushes cut from a dressed sprig', {
  makes: 'A sprig painted, glued and leafed whole, then cut into twigs: each a bush, set in a hole.',
  profile: profile([12, 40], 'branches', 'mass-made', 'reached over', [8, 60], 'sprig'),
  seasons: 'in leaf; bare too',
  setsInPlace: true,
  figures: k,
  suits: ({ piece }) =>
    judge({
      right: isBushy(piece) && piece.heightMm >= 12 && piece.heightMm <= 40,
      pro: [
        'dressed once for many: seconds a bush, with true twigs',
        'no two alike, and nothing is left of the sprig',
      ],
      con: [
        piece.heightMm > 40 && 'so tall a piece is most of a sprig: build it, or set it whole',
        piece.heightMm < 12 && 'shorter ones are wool or mesh in seconds',
        piece.seeThrough < 0.15 && 'dense shrubs: clump is more like it',
      ],
      never: [
        isBladed(piece) && 'it stands in blades',
        !isBushy(piece) && 'it is a shrub from many stems; this has one',
        piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
        (piece.heightMm > 60 || piece.heightMm < 8) &&
          `twigs of a sprig give 12 to 40 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    }),
  materials: ({ piece }, choice) => [
    slot('sprig', 'Sprigs', twig('sprig', Math.max(60, piece.heightMm * 3))),
    slot('paint', 'Colour of the twigs', sprayPaint('#5f4a37')),
    dressSlots(piece, leaf, choice),
    slot('pva', 'White glue', liquid('pva')),
  ],
  operations: (on) => {
    const each = on.value(k.bushesEach)
    return [
      on.paint('paint', 'Paint the whole sprig', {
        text: `Both sides, held by its stem; about ${Math.round(each)} bushes come of one.`,
        hands: on.value(k.paintSec) / each,
        takes: [
          on.takeOnce('sprig', roundedUp(quotient(on.pieces, on.input(k.bushesEach)))),
          on.coat('paint', dressing.mistCoat),
        ],
      }),
      dress(on, leaf, 'the whole sprig', on.value(k.dressSec) / each),
      on.work('cut', 'Cut it into bushes', {
        text: `From the tips inwards, each about ${Math.round(on.piece.heightMm)} mm with a fork low down; a bare end of some mm for the hole.`,
        hands: on.value(k.cutSec),
        cuts: [{ slot: 'sprig', what: 'bushes', count: on.started, lengthMm: on.piece.heightMm }],
        tools: ['cutters'],
        cautions: ['wire-and-blades'],
        faults: ['too-orderly'],
      }),
      on.inspect('No two alike; twigs seen through the leaf.', ['too-orderly', 'bare-patches']),
      on.work('plant', 'Each in a hole', {
        text: 'Prick a hole by awl, white glue in it, the bush in; lean some, and let neighbours touch.',
        hands: on.value(k.setSec),
        takes: [on.takeGood('pva', [k.holeMl], 'White glue in the holes')],
        within: on.open('pva', { what: 'white glue in a hole' }),
        atOnce: on.rounds('pva', on.value(k.setSec)).atOnce,
        wait: on.sets('pva', 'Dry overnight'),
        tools: ['awl', 'tweezers'],
        faults: ['too-orderly', 'white-puddles'],
      }),
    ]
  },
  examples: [
    examplePieces(examplePiece('shrub', 'multi-stemmed', 25), 40),
    examplePieces(examplePiece('shrub', 'mound', 14, { leaf: 0 }), 12),
  ],
})
