import { isBladed } from '../../commissions'
import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { liquid, powder, sprinkledFibre, wool } from '../kit/materials'
import { areaParts } from '../kit/parts'
import { optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { rollAndTearFigures, rollAndTearOperations } from './roll-and-tear-operations'

/** Weeds from hanks, rolled, torn and dabbed on tacky ground. Common practice. */
export const rollAndTear = way('roll-and-tear', 'Weeds, rolled and torn', {
  makes:
    'Hanks of long fibre rolled, torn in half, dabbed on tacky ground; earth over the glue, combed, a second round.',
  kinds: ['area'],
  profile: profile([6, 25], 'branches', 'mass-made', 'reached over', [1, 1], 'tuft'),
  seasons: 'any tone; at its best dry',
  figures: rollAndTearFigures,
  options: [
    option(
      'fibre',
      'Fibre',
      ['hank', 'in hanks', 'long field fibre, cut as it is torn'],
      ['static', '12 mm static fibre', 'rolled and torn the same way; finer, and all of one length'],
    ),
    option(
      'shine',
      'Where it shines',
      ['mist', 'a mist of hairspray', 'with the first combing'],
      ['earth', 'soaked earth', 'earth on the spots, soaked, dried, vacuumed: surest at low light'],
    ),
  ],
  suits: ({ piece }) =>
    judge({
      right: piece.sward.straw > 0.35 && piece.heightMm >= 6 && isBladed(piece),
      pro: ['waste ground in any tone, wild and three-dimensional', 'large areas in one go'],
      con: [
        piece.heightMm < 6 && 'hanks are 6 mm and more; shorter is a carpet',
        piece.sward.straw <= 0.35 && 'reads as waste ground: this is greener and tended',
      ],
      never: [
        !isBladed(piece) && 'it is long fibre: blades, not a crown',
        (piece.heightMm > 30 || piece.heightMm < 3) &&
          `hanks give 6 to 25 mm, this is ${Math.round(piece.heightMm)} mm`,
        piece.sward.mown && 'what is mown does not stand in hanks',
      ],
    }),
  parts: (job, read) => areaParts(job, read, rollAndTearFigures.patchCm2),
  materials: ({ piece }, choice) => {
    const { base, straw } = piece.sward.colours
    const [main, second] = piece.sward.straw > 0.5 ? [straw, base] : [base, straw]
    const long = (tone: string) =>
      choice('fibre') === 'static' ? sprinkledFibre(12, tone) : wool('hank', tone)
    return [
      slot('hank', 'Long fibre, main tone', long(main)),
      slot('second', 'Long fibre, second tone', long(second), optional),
      slot('adhesive', 'Spray adhesive', liquid('spray-adhesive')),
      slot('earth', 'Earth', powder('soil', '#74603f')),
      choice('shine') === 'mist' && slot('fix', 'Hairspray', liquid('hairspray')),
    ]
  },
  operations: rollAndTearOperations,
  examples: [exampleArea(examplePiece('grass', 'blades', 12), 1500)],
})
