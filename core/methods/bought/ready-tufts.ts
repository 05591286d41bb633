import { isBladed } from '../../commissions'
import { ONE, number, quotient, rest } from '../../quantities'
import { counted } from '../../units'
import { amount, coefficients, seconds, spoilage } from '../kit/rows'
import { exampleArea, examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { fineEarth, goods, tackyPva } from '../kit/materials'
import { lighter, optional, sharing, slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const k = coefficients('ready-tufts', {
  spoilage: spoilage(0.03, 'memory', 'torn at the edge of the sheet'),
  secondShare: amount('of the second tone, one in so many', 3, ''),
  mixSec: seconds('lift off the sheet, tones mixed in a dish', 2),
  setSec: seconds('a dot of glue, a tuft on it', 7),
  dotMl: amount('PVA in a dot, for a cm² of foot', 0.1, 'ml/cm²'),
  earthSec: seconds('earth on what shines', 2),
  earthG: amount('earth on what shines, for a cm² of foot', 0.02, 'g/cm²'),
})

/** Bought tufts, lifted off their sheet and set: two tones mixed, white glue, not pressed down. Common practice. */
export const readyTufts = way('ready-tufts', 'Ready tufts, bought', {
  makes: 'Bought tufts lifted off their sheet, two tones mixed, each on a dot of white glue.',
  kinds: ['pieces', 'area'],
  profile: profile([2, 14], 'puff', 'from the bag', 'reached over', [10, 200], 'tuft'),
  seasons: 'as they are sold',
  setsInPlace: true,
  figures: k,
  suits: ({ piece }) =>
    judge({
      right: false,
      pro: ['nine seconds each: nothing to make', 'no applicator, no high voltage'],
      con: [
        'one shape and one height: mix two tones, turn them, tear some in half',
        piece.zone === 'front' && 'from close by they are seen for what they are',
      ],
      never: [
        !isBladed(piece) && 'it has stems and a crown, which a tuft has not',
        (piece.heightMm > 18 || piece.heightMm < 1.5) &&
          `tufts are sold from 2 to 14 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    }),
  materials: ({ piece }) => [
    slot('tufts', 'Ready tufts', goods('ready-tuft', piece.heightMm, piece.sward.colours.base)),
    slot('second', 'A second tone', goods('ready-tuft', piece.heightMm), lighter('tufts'), optional),
    slot('glue', 'White glue', tackyPva),
    slot('earth', 'Fine earth', fineEarth, optional, sharing),
  ],
  operations: (on) => {
    const second = on.has('second') ? quotient(ONE, on.input(k.secondShare)) : undefined
    const eachSec = on.value(k.setSec)
    const { count, what } = on.rounds('pva', eachSec).atOnce
    const foot = quotient(on.above, number(3))
    return [
      on.work('lift', 'Lift and mix', {
        text: 'Lift them off the sheet with a flat blade. Tones mixed in a dish, so that the hand takes what comes.',
        hands: on.value(k.mixSec),
        takes: [
          on.takePieces('tufts', second ? rest(second) : ONE),
          second ? on.takePieces('second', second, 'The second tone') : [],
        ],
        tools: ['flat blade', 'bowl'],
      }),
      on.work('plant', 'Dot and set', {
        text: 'From the back: a dot of white glue, a tuft on it, turned, not pressed down. Groups, a few alone, none in a row.',
        hands: eachSec,
        takes: [on.takeGood('glue', [foot, k.dotMl])],
        within: on.open('pva'),
        atOnce: on.atOnce(count, what),
        wait: on.sets('tacky-pva', 'Let it hold'),
        tools: ['tweezers'],
        faults: ['shiny-patches', 'rows'],
      }),
      on.has('earth') &&
        on.work('earth', 'Earth on what shines', {
          text: `Look along the ground against the light; a pinch on every spot that shines. ${counted(on.started, 'tuft')}.`,
          hands: on.value(k.earthSec),
          takes: [on.takeGood('earth', [foot, k.earthG])],
          tools: ['small spoon'],
          faults: ['shiny-patches'],
        }),
      on.inspect('No shine, no row, no two alike side by side.', ['rows', 'shiny-patches']),
    ]
  },
  examples: [
    examplePieces(examplePiece('grass', 'blades', 6), 60),
    exampleArea(examplePiece('grass', 'blades', 4), 120),
  ],
})
