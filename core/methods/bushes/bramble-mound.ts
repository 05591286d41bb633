import { isBushy } from '../../commissions'
import { dress, dressSlots, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { hasLeaf, judge } from '../kit/fit'
import { powder, sprayPaint, wool } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { amount, coefficients, share, spoilage } from '../kit/rows'
import { profile, way } from '../kit/way'

const k = coefficients('bramble-mound', {
  spoilage: spoilage(0.04),
  stuffing: amount('stuffing, teased thin', 0.008, 'g/cm³'),
  flowerCoat: amount('flower powder, for each cm² in flower', 0.008, 'g/cm²'),
  teaseCm3Sec: amount('tease thin, for each cm³', 12, 's/cm³', 'memory', 'a minute for a mound of 18 mm'),
  flowerCm2Sec: amount('dot the flowers, for each cm² from above', 2.5, 's/cm²'),
  filled: share('covered before the leaf, of what is seen', 0.15),
})

const leaf: Dressing = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled }

/** A mound of brambles: stuffing teased thin, brown, leaf. Common practice. */
export const brambleMound = way('bramble-mound', 'Bramble mound', {
  makes: 'Stuffing teased until it can be read through, brown spray, leaf in two coats, dots of flower.',
  profile: profile([10, 30], 'puff', 'mass-made', 'reached over', [3, 6], 'arching'),
  seasons: 'late spring to autumn',
  figures: k,
  suits({ piece }) {
    const scrambling = isBushy(piece) && piece.crownWidthMm >= piece.heightMm * 0.9
    return judge({
      right:
        scrambling && piece.heightMm >= 10 && piece.heightMm <= 30 && hasLeaf(piece) && piece.zone !== 'back',
      pro: ['arching threads at the edge, as scramblers have', 'wide and low from a pinch of stuffing'],
      con: [
        !scrambling && 'it lies wider than high; this stands',
        piece.heightMm > 30 && 'higher than threads hold',
        piece.heightMm < 10 && 'lower than it can be teased',
        piece.leaf < 0.3 && 'with so little leaf it is a web',
        piece.zone === 'back' && 'at the back wool does as well, in seconds',
      ],
      never: [
        !isBushy(piece) && 'it is a tangle on the ground: shrubs and scramblers',
        piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
        !hasLeaf(piece) && 'bare, it is brown wool',
        (piece.heightMm > 50 || piece.heightMm < 6) &&
          `mounds are 10 to 30 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    })
  },
  materials: ({ piece }, choice) => [
    slot('stuffing', 'Stuffing', wool('stuffing')),
    slot('brown', 'Brown', sprayPaint('#5f4a37')),
    dressSlots(piece, leaf, choice),
    piece.bloom > 0.02 && slot('flower', 'Flower powder', powder('blossom', piece.bloomColour), optional),
  ],
  operations: (on) => [
    on.work('tease', 'Tease thin', {
      text: 'Until you can read through it; threads that arch out at the edge stay.',
      hands: on.value(k.teaseCm3Sec) * on.piece.volumeCm3,
      takes: [on.take('stuffing', [on.volume, k.stuffing])],
      faults: ['solid-lump'],
    }),
    on.paint('brown', 'Brown', {
      text: 'All through, from both sides: no white inside.',
      takes: [on.coat('brown', dressing.paintCoat)],
      faults: ['white-core', 'satin'],
    }),
    dress(on, leaf, 'tops and arching threads'),
    on.piece.bloom > 0.02 &&
      on.has('flower') &&
      on.spray('flower', 'Dots of flower', {
        text: 'A fresh mist of adhesive on what faces the light, and dots of powder into it while it is wet.',
        hands: [on.value(k.flowerCm2Sec) * on.piece.topAreaCm2, 30],
        takes: [
          on.coat('adhesive', dressing.mistCoat, 'A mist for the flowers'),
          on.take('flower', [on.above, on.bloom, k.flowerCoat]),
        ],
        can: 'spray-adhesive',
        within: on.open('spray-adhesive'),
        tools: ['tweezers'],
        faults: ['petal-blobs'],
      }),
    on.inspect('Arching threads at the edge; no white.', ['white-core', 'solid-lump']),
  ],
  examples: [examplePieces(examplePiece('shrub', 'mound', 18, { widthShare: 1.6, bloom: 0.2 }), 6)],
})
