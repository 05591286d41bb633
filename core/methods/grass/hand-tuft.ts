import { isBladed } from '../../commissions'
import { fact, number, quotient } from '../../quantities'
import { amount, coefficients, seconds, spoilage } from '../kit/rows'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { fibre, liquid } from '../kit/materials'
import { slot } from '../kit/slot'
import { dries, staysOpen } from '../kit/setting'
import { profile, way } from '../kit/way'

const k = coefficients('hand-tuft', {
  spoilage: spoilage(0.12),
  glueMl: amount('PVA in a mound, for a cm² of foot', 0.15, 'ml/cm²'),
  fibreG: amount('fibre in a tweezered ball, for a cm² of foot', 0.035, 'g/cm²'),
  sealCoat: amount('hairspray so that it does not shed, for a cm² of circle', 0.1, 'ml/cm²'),
  setSec: seconds('mound, ball of fibre, tease', 35),
  sealSec: seconds('seal', 4),
  openSec: staysOpen('pva', 'PVA stays open'),
  dryMin: dries('pva', 'dries through'),
})

/** Tufts by hand: a mound of PVA and a tweezered ball of fibre. Common practice. */
export const handTuft = way('hand-tuft', 'Tufts by hand', {
  makes: 'A mound of PVA on a release sheet, a tweezered ball of fibre pressed in and teased up, sealed.',
  profile: profile([3, 12], 'branches', 'made one by one', 'reached over', [5, 30], 'tuft'),
  seasons: 'all year, by tone',
  figures: k,
  suits: ({ piece }) =>
    judge({
      right: false,
      pro: ['no applicator, no high voltage: tweezers and glue'],
      con: ['fibres cross and lie: for a few, where no applicator is at hand', 'sheds unless it is sealed'],
      never: [
        !isBladed(piece) && 'it has stems and a crown, which fibres can’t show',
        (piece.heightMm > 14 || piece.heightMm < 2) &&
          `fibre is 2 to 12 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    }),
  materials: ({ piece }) => [
    slot('pva', 'PVA', liquid('pva')),
    slot('fibre', 'Fibre', fibre(piece.heightMm, piece.sward.colours.base)),
    slot('seal', 'Hairspray', liquid('hairspray')),
  ],
  operations: (on) => {
    const foot = quotient(on.above, number(3))
    const { parts } = on.fill('fibre')
    return [
      on.work('set', 'Mound, ball of fibre', {
        text: 'A mound of PVA on the release sheet. Take a pinch of fibre by tweezers, rolled between two fingers to a ball, press its foot in and tease the rest up; pull away what lies.',
        hands: [on.value(k.setSec) * Math.max(0.4, on.piece.heightMm / 6), 60],
        takes: [
          on.take('pva', [foot, k.glueMl]),
          parts.length < 2
            ? on.take('fibre', [foot, k.fibreG])
            : parts.map(({ material, share: part }) => ({
                ...on.take('fibre', [foot, k.fibreG, fact('share', part, '')]),
                material,
              })),
        ],
        within: on.open('pva', { by: k.openSec, what: 'a mound of PVA' }),
        wait: on.sets('pva', 'Dry through, overnight', k.dryMin),
        tools: ['tweezers'],
        faults: ['lying-fibres', 'fibre-clumps'],
      }),
      on.spray('seal', 'Seal against shedding', {
        text: 'Blow off what is loose, a light mist, tease apart before it sets.',
        hands: [on.value(k.sealSec), 30],
        takes: [on.take('seal', [on.above, k.sealCoat])],
        can: 'hairspray',
        faults: ['clogged-stems'],
      }),
      on.inspect('Holds when brushed with a finger.', ['fibre-clumps', 'clogged-stems']),
    ]
  },
  examples: [examplePieces(examplePiece('grass', 'blades', 6), 20)],
})
