import { isBladed, isBushy } from '../../commissions'
import { ONE, number, quotient } from '../../quantities'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { examplePiece, examplePieces } from '../kit/examples'
import { hasLeaf, judge } from '../kit/fit'
import { pooled, poolSlot } from '../kit/ground'
import { foam, goods, liquid } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const k = coefficients('ready-bushes', {
  spoilage: spoilage(0.02),
  shapeSec: seconds('pull apart, shorten, turn, of 20 mm', 12),
  foamShare: share('of the foliage that is thrown on', 0.2, 'memory', 'the bush brings its own'),
  sticks: sticking('foam sticks, of what is thrown', 0.45),
  dressSec: amount('mist and foam, for each cm² of crown', 0.5, 's/cm²'),
  mistMl: amount('hairspray, a mist', 0.01, 'ml/cm²'),
})

/** Bought bushes pulled out of their shape, freshened in the tone of the scene, set in pools. Common practice. */
export const readyBushes = way('ready-bushes', 'Ready bushes, bought', {
  makes: 'Bought bushes pulled out of shape, a little foam of the scene’s own tone, set in pools.',
  profile: profile([8, 50], 'puff', 'from the bag', 'handled', [5, 40], 'clump'),
  seasons: 'in leaf',
  setsInPlace: true,
  figures: k,
  suits: ({ piece }) =>
    judge({
      right: false,
      pro: ['half a minute each: nothing to make', 'foam of your own ties them to the rest'],
      con: [
        'a bought shape: pull each apart, no two alike',
        piece.zone === 'front' && 'from close by it is seen for what it is',
        piece.leaf < 0.5 && 'it has more leaf than this day leaves',
      ],
      never: [
        !isBushy(piece) && 'it is no bush',
        isBladed(piece) && 'it stands in blades',
        piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
        !hasLeaf(piece) && 'what is bought in leaf can’t be made bare',
        (piece.heightMm > 70 || piece.heightMm < 5) &&
          `bushes are sold from 8 to 50 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    }),
  materials: ({ piece }) => [
    slot('bush', 'Ready bushes', goods('ready-bush', piece.heightMm, piece.tones.base)),
    slot('hold', 'Hairspray', liquid('hairspray'), optional),
    slot('foliage', 'Fine foam of the scene’s tone', foam(0.5, piece.tones.base), optional),
    poolSlot,
  ],
  operations: (on) => [
    on.work('shape', 'Pull out of shape', {
      text: 'Pull each apart a little, shorten one side, cut the flat foot; the tallest to the back.',
      hands: on.value(k.shapeSec) * Math.max(0.4, on.piece.heightMm / 20),
      takes: [on.takePieces('bush', ONE)],
      tools: ['scissors'],
      faults: ['balls'],
    }),
    on.has('hold') &&
      on.has('foliage') &&
      on.spray('dress', 'A little of the scene’s own foam', {
        text: 'A mist of hairspray on what faces up, fine foam over it, so that it belongs to what stands beside it.',
        hands: on.value(k.dressSec) * on.piece.sideAreaCm2,
        takes: [
          on.take('hold', [on.crown, k.mistMl]),
          on.crownFlock('foliage', { share: on.input(k.foamShare), sticks: k.sticks }),
        ],
        can: 'hairspray',
        wet: 4,
        faults: ['loud-two-tone'],
      }),
    on.inspect('No two alike; the tone of the scene.', ['balls', 'loud-two-tone']),
    pooled(on, quotient(on.above, number(2))),
  ],
  examples: [examplePieces(examplePiece('shrub', 'mound', 20), 24)],
})
