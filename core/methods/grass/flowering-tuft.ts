import { isBladed } from '../../commissions'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { fibre, liquid, powder, sheet } from '../kit/materials'
import { sharing, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { floweringTuftFigures, floweringTuftOperations } from './flowering-tuft-operations'

/** Tufts with flowers: tips dipped, or stems pushed in. Common practice. */
export const floweringTuft = way('flowering-tuft', 'Flowering tufts', {
  makes:
    'Tufts on a strip; tips touched with glue and dipped in flower powder, or stems pushed in and dipped.',
  kinds: ['pieces', 'area'],
  profile: profile([2, 16], 'branches', 'mass-made', 'protected', [10, 20], 'tuft'),
  seasons: 'the weeks that it flowers',
  figures: floweringTuftFigures,
  options: [
    option(
      'flowers',
      'Flowers',
      ['tips', 'on the tips', 'the tallest tips only, touched with glue and dipped upside down'],
      ['stems', 'on stems', 'two or three stems pushed into the wet tuft, dipped by tweezers'],
    ),
    option(
      'colours',
      'Colours',
      ['one', 'one', 'the colour of its flowers on the day'],
      ['two', 'two', 'seven tufts in ten in its own colour, three in a second'],
      ['three', 'three', 'a border or a meadow edge: each tuft one colour, dealt'],
    ),
  ],
  suits({ piece, kind }) {
    const flowers = piece.sward.heads > 0.02
    const sward = kind === 'area' && piece.habit !== 'herb'
    return judge({
      right: flowers && !sward && (piece.habit === 'herb' || piece.sward.heads > 0.1),
      pro: ['flowers in the colour of the day, tall and low mixed', 'for gardens, verges and meadow edges'],
      con: [
        sward && 'a sward by area wants layers, seed heads on top: tufts are for what stands out of it',
        piece.heightMm > 12 && 'taller than fibre that stands: stems pushed in, trimmed to twice the tuft',
      ],
      never: [
        !isBladed(piece) && 'its flowers sit on wood, not on blades',
        !flowers && 'it does not flower on this day: outside its weeks there is nothing to dip',
        (piece.heightMm > 22 || piece.heightMm < 2) &&
          `a flowering tuft is 2 to 16 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    })
  },
  materials: ({ piece }, choice) => {
    const { heightMm, sward } = piece
    const { base, light, head } = sward.colours
    return [
      slot('backing', 'Release backing', sheet('release')),
      slot('pva', 'PVA', liquid('pva')),
      slot('fibre', 'Fibre', fibre(Math.min(8, heightMm * 0.7), base)),
      choice('flowers') === 'stems' && slot('stems', 'Stems', fibre(Math.min(12, heightMm), light), sharing),
      slot('flower', 'Flower powder', powder('blossom', head)),
      choice('colours') !== 'one' && slot('flower-2', 'Second colour', powder('blossom', '#efe6e6')),
      choice('colours') === 'three' && slot('flower-3', 'Third colour', powder('blossom', '#dcbf3f')),
    ]
  },
  operations: floweringTuftOperations,
  examples: [
    examplePieces(
      examplePiece('herb', 'blades', 6, {
        sward: {
          heightMm: 6,
          straw: 0,
          heads: 0.3,
          mown: false,
          colours: { shade: '#3f5a33', base: '#5f7d3a', light: '#8fa84a', straw: '#bda76c', head: '#8a6aa0' },
        },
      }),
      60,
    ),
  ],
})
