import { isBladed } from '../../commissions'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { leafScatter, liquid, powder, tackyPva, wool } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { fieldFibreFigures, fieldFibreOperations } from './field-fibre-operations'

/** Weeds from bundles of long field fibre. Common practice. */
export const fieldFibre = way('field-fibre', 'Field-fibre weeds', {
  makes:
    'A bundle banded or twisted, its end in tacky glue, cut into about eight, squashed open, leaf over a dish.',
  profile: profile([10, 35], 'branches', 'mass-made', 'reached over', [8, 24], 'tuft'),
  seasons: 'any, by leaf and tone',
  figures: fieldFibreFigures,
  options: [
    option(
      'bind',
      'Bundle',
      ['band', 'banded', 'quick, nothing wasted: about eight from a bundle'],
      ['twist', 'twisted', 'CA through the middle, held by clamps until it sets; the middle is lost'],
    ),
  ],
  suits: ({ piece }) =>
    judge({
      right: (piece.habit === 'herb' || piece.habit === 'fern') && piece.heightMm >= 10,
      pro: ['stems that branch and stand free, with leaf on them', 'eight to a bundle'],
      con: [
        piece.heightMm < 10 && 'short for bundles: they get stiff',
        piece.habit === 'grass' && 'made for weeds with leaf; plain grass is less work in bunches',
        piece.habit === 'reed' && 'leaf makes a weed of a reed',
      ],
      never: [
        !isBladed(piece) && 'it is a bundle of fibre: no wood in it',
        (piece.heightMm > 50 || piece.heightMm < 6) &&
          `bundles give 10 to 35 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    }),
  materials: ({ piece }, choice) => [
    slot('hank', 'Long fibre', wool('hank', piece.tones.base)),
    choice('bind') === 'twist' ? slot('lock', 'CA', liquid('ca')) : slot('lock', 'Tacky PVA', tackyPva),
    slot('adhesive', 'Spray adhesive', liquid('spray-adhesive')),
    slot('leaf', 'Leaf', leafScatter(piece.grainMm, piece.tones.base)),
    piece.sward.heads > 0.02 &&
      slot('flower', 'Flower powder', powder('blossom', piece.sward.colours.head), optional),
  ],
  operations: fieldFibreOperations,
  examples: [examplePieces(examplePiece('herb', 'blades', 18), 24)],
})
