import { isBladed } from '../../commissions'
import { ONE } from '../../quantities'
import { coefficients, seconds, spoilage } from '../kit/rows'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { goods } from '../kit/materials'
import { slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const k = coefficients('as-they-are', {
  spoilage: spoilage(0.05, 'memory', 'falls apart in the hand'),
  dustSec: seconds('brush the dust off, mark the best side, of 120 mm', 20),
})

/** Pieces that are there, from an old layout or a box, looked over and used again. Common practice. */
export const asTheyAre = way('as-they-are', 'Pieces that are there', {
  makes: 'Pieces from an old layout or bought long ago: dusted, looked over, used as they are.',
  profile: profile([2, 400], 'puff', 'from the bag', 'handled', [1, 100], 'ready'),
  seasons: 'as they are',
  reuses: true,
  figures: k,
  suits: ({ piece }) =>
    judge({
      right: false,
      pro: ['nothing to make: they are there'],
      con: [
        piece.zone !== 'back' && 'tired ones stand at the back, and at seams between two grasses',
        'of the season that they were made for',
      ],
      never: [],
    }),
  materials: ({ piece }) => [slot('piece', 'Pieces that are there', goods('old-piece', piece.heightMm))],
  operations: (on) => [
    on.work('dust', 'Dust and look over', {
      text: `A soft brush, ${isBladed(on.piece) ? 'with the blades' : 'from the stem outwards'}; what hangs loose comes off. The best side is marked at the foot.`,
      hands: on.value(k.dustSec) * Math.max(0.2, on.piece.heightMm / 120),
      takes: [on.takePieces('piece', ONE)],
      tools: ['brush'],
      cautions: ['dust'],
      holders: [{ what: 'block place', each: 1, until: 'inspect' }],
    }),
    on.inspect('Holds when it is shaken; no bare side, no shine, no mould.', ['dieback', 'mould']),
  ],
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 120, { zone: 'back' }), 9),
    examplePieces(examplePiece('shrub', 'mound', 20), 6),
  ],
})
