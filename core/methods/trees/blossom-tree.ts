import { isBushy } from '../../commissions'
import { dress, dressSlots, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { judgeTree, tooFrail, type Sizes } from '../kit/fit'
import { liquid, powder, sprayPaint, twig } from '../kit/materials'
import { slot } from '../kit/slot'
import { amount, coefficients, seconds, spoilage } from '../kit/rows'
import { profile, way } from '../kit/way'
import { boundSprigs, sprigsOf } from './sprig-operations'

const SIZES: Sizes = { well: [30, 200] }
const leaf: Dressing = { adhesive: 'hairspray', form: 'ground' }

const k = coefficients('blossom-tree', {
  spoilage: spoilage(0.08),
  spare: amount('sprigs picked for one that is used', 1.1, ''),
  glue: amount('PVA dabbed on, for each cm² of crown', 0.006, 'ml/cm²'),
  petals: amount('petals on a crown in full flower, for each cm²', 0.008, 'g/cm²'),
  sortSec: seconds('pick and clean', 60),
  dabSec: seconds('dab and dip, for each 40 cm² of crown', 40),
})

/** A sprig in flower: dry, PVA dabbed at random, dipped in petals. Spring only. Common practice. */
export const blossomTree = way('blossom-tree', 'Blossom tree', {
  makes: 'A dry sprig in its first leaf, PVA dabbed at random, dipped in petals.',
  profile: profile(SIZES.well, 'branches', 'mass-made', 'protected', [5, 20], 'sprig'),
  seasons: 'while it flowers',
  bound: boundSprigs,
  figures: k,
  suits: ({ piece }) =>
    judgeTree(piece, SIZES, {
      bushes: true,
      right: piece.habit === 'broadleaf' && piece.bloom > 0.15,
      pro: [
        'flowers as petals of their own on a dry sprig, uneven as flowers open',
        'no bath: the blossom would stick to all of it',
      ],
      con: [
        piece.bloom > 0.02 && piece.bloom <= 0.15 && 'few flowers are open on the day',
        tooFrail(piece, 'protected'),
        isBushy(piece) && 'a sprig has one stem; a shrub wants several from the foot',
      ],
      never: [
        piece.bloom <= 0.02 && 'it is not in flower on the day depicted',
        piece.habit === 'conifer' && 'a conifer has no blossom',
      ],
    }),
  materials: ({ piece }, choice) => [
    slot('sprig', 'Sprigs', twig('sprig', Math.min(160, piece.heightMm))),
    slot('trunk-paint', 'Trunk colour', sprayPaint('#7d756b')),
    dressSlots(piece, leaf, choice),
    slot('pva', 'PVA', liquid('pva')),
    slot('petals', 'Petals', powder('blossom', piece.bloomColour)),
  ],
  operations: (on) => {
    const { sideAreaCm2, bloom } = on.piece
    const sprigs = sprigsOf(on.piece)
    return [
      on.work('sort', 'Sort and clean', {
        text: 'Pick straight ones: there is no bath to straighten them. Tweeze leaves, cut inward twigs.',
        hands: [on.value(k.sortSec) * sprigs.value, 60],
        takes: on.takePieces('sprig', [sprigs, k.spare]),
        tools: ['tweezers', 'cutters'],
        faults: ['one-sided'],
      }),
      on.paint('trunk', 'Trunk colour', {
        text: 'Grey-brown on both sides, in the foam block.',
        takes: [on.coat('trunk-paint', dressing.paintCoat)],
        tools: ['foam block'],
        holders: [{ what: 'block place', each: 1, until: 'inspect' }],
      }),
      dress(on, leaf),
      on.work('blossom', 'Dab, dip in petals', {
        text: 'All of it dry. Dab PVA at random along the twigs, more at the ends; dip in the petals; tap off. Some twigs stay without.',
        hands: [on.value(k.dabSec) * Math.max(0.3, sideAreaCm2 / 40) * Math.max(0.3, bloom), 60],
        takes: [
          on.take('pva', [on.crown, k.glue, on.bloom]),
          on.take('petals', [on.crown, k.petals, on.bloom]),
        ],
        within: on.open('pva', { tail: 'a tree at a time' }),
        wait: on.sets('pva', 'Dry overnight'),
        tools: ['brush', 'catch tray'],
        faults: ['petal-blobs'],
        passes: 'Uneven, as flowers open; no blobs.',
      }),
      on.inspect('Uneven blossom, twigs still seen.', ['petal-blobs', 'one-sided']),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 70, { bloom: 0.9, leaf: 0.3 }), 12),
    examplePieces(examplePiece('broadleaf', 'ovate', 130, { bloom: 0.5, leaf: 0 }), 1),
  ],
})
