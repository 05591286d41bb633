import { isBushy } from '../../commissions'
import { dressSlots, snowOption } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { isBare, judgeTree, type Sizes } from '../kit/fit'
import { liquid, rod, sprayPaint } from '../kit/materials'
import { slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { hempTreeFigures, hempLeaf, ropeMm, hempTreeOperations } from './hemp-tree-operations'

const SIZES: Sizes = { well: [25, 80] }

/** A bush or low tree from the opened end of a hemp rope. Common practice. */
export const hempTree = way('hemp-tree', 'Hemp tree', {
  makes: 'The end of a hemp rope opened to its height, CA at the neck, colour, leaf in the wet paint.',
  kinds: ['pieces', 'length'],
  profile: profile(SIZES.well, 'branches', 'mass-made', 'handled', [5, 10], 'hemp'),
  seasons: 'in leaf',
  setsInPlace: true,
  figures: hempTreeFigures,
  options: [
    option(
      'density',
      'Leaf',
      ['airy', 'in the paint alone', 'airy: leaf only where the wet paint holds it'],
      ['dense', 'adhesive too', 'denser: a mist of adhesive and more leaf'],
    ),
    snowOption,
  ],
  suits({ piece, kind }) {
    const low = isBushy(piece) || (piece.habit === 'broadleaf' && piece.heightMm < 80)
    return judgeTree(piece, SIZES, {
      bushes: true,
      right: low && !isBare(piece) && piece.seeThrough >= 0.18,
      pro: [
        'twigs are seen through the leaf: neither a puff nor a stick',
        'a minute and a half of hands, from a rope that lasts for hundreds',
        'core and leaf in any colour',
      ],
      con: [
        kind === 'length' && 'set bush by bush: without the bank and the skeleton of a hedge',
        piece.seeThrough < 0.18 && 'strands stay airy; this plant is dense',
        isBare(piece) && 'bare, it is the end of a rope',
        piece.habit === 'broadleaf' &&
          piece.clearStemMm > piece.heightMm * 0.3 &&
          'its strands part at the neck: a long clear stem is not in it',
      ],
      never: [piece.habit === 'conifer' && 'a rope has no leader'],
    })
  },
  materials: ({ piece }, choice) => [
    slot('rope', 'Hemp rope', rod('rope', ropeMm(piece))),
    slot('ca', 'CA', liquid('ca')),
    slot('core-paint', 'Colour of the strands', sprayPaint('#5f4a37')),
    // In the paint alone one leaf is enough, and no adhesive but for snow.
    dressSlots(piece, hempLeaf, choice).filter(
      ({ id }) =>
        choice('density') === 'dense' ||
        (id !== 'highlight' && (id !== 'adhesive' || choice('snow') === 'laden')),
    ),
    slot('pva', 'PVA for the pool', liquid('pva')),
  ],
  operations: hempTreeOperations,
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 50, { seeThrough: 0.3 }), 10),
    examplePieces(examplePiece('shrub', 'multi-stemmed', 35, { seeThrough: 0.3 }), 20),
  ],
})
