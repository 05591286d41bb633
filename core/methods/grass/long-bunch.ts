import { sum } from '../../quantities'
import { amount, coefficients, minutes, seconds, spoilage } from '../kit/rows'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { foam, goods, liquid, wool } from '../kit/materials'
import { slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'

const k = coefficients('long-bunch', {
  spoilage: spoilage(0.05),
  footMm: amount('foot below the ground', 5, 'mm'),
  fibreG: amount('fibre, for each mm of height and mm of width', 0.00035, 'g/mm²'),
  tapeWidths: amount('tape around its foot, of its width', 2.5, 'mm/mm'),
  footCa: amount('CA at its foot, for each mm of width', 0.005, 'ml/mm'),
  holePva: amount('PVA in its hole, for each mm of width', 0.015, 'ml/mm'),
  footMl: amount('PVA in the dilute at its foot, for each mm of width', 0.005, 'ml/mm'),
  footG: amount('foam around its foot, for each mm of width', 0.004, 'g/mm'),
  bindSec: seconds('pinch, bind, CA, trim', 60),
  plantSec: seconds('hole, glue, set', 25),
  splaySec: seconds('splay, stiffen, hide the foot', 40),
  holdMin: minutes('before it is handled', 1440, 'common practice', 'a day'),
})

/** Bunches of long grass and reed, bound and planted. Common practice. */
export const longBunch = way('long-bunch', 'Long-grass bunches', {
  makes: 'Long fibre pinched and bound, CA at the foot, planted, splayed; offcuts lie as fallen stems.',
  kinds: ['pieces', 'area'],
  profile: profile([12, 70], 'branches', 'made one by one', 'protected', [5, 10], 'tuft'),
  seasons: 'late summer to winter',
  setsInPlace: true,
  figures: k,
  options: [
    option(
      'foot',
      'Foot',
      ['ca', 'bound, with CA', 'surer: nothing pulls out'],
      ['pva', 'PVA alone', 'no fumes; stems may pull out'],
    ),
  ],
  suits({ piece }) {
    const blades = piece.habit === 'grass' || piece.habit === 'reed'
    return judge({
      right: blades && piece.heightMm > 15,
      pro: [
        'the tallest: reeds and long grass that no fibre from an applicator reaches',
        'leans and splays as it grows',
      ],
      con: [
        piece.heightMm <= 15 && 'fibre from an applicator does this height with less work',
        piece.realRatio > 130 && 'single stems are coarse at this scale: for the front only',
      ],
      never: [
        !blades && 'it is long fibre alone: blades, no leaf',
        (piece.heightMm > 90 || piece.heightMm < 8) &&
          `bunches are 10 to 70 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    })
  },
  materials: ({ piece }, choice) => {
    const { colours, straw } = piece.sward
    return [
      slot('hank', 'Long fibre', wool('hank', straw > 0.4 ? colours.straw : colours.base)),
      slot('tape', 'Tape', goods('tape')),
      choice('foot') === 'ca' && slot('ca', 'CA', liquid('ca')),
      slot('pva', 'PVA', liquid('pva')),
      slot('foot', 'Foam around the foot', foam(0.5, colours.base)),
    ]
  },
  operations: (on) => {
    const withCa = on.choice('foot') === 'ca'
    const length = sum(on.height, on.input(k.footMm))
    return [
      on.work('bind', 'Pinch and bind', {
        text: `Pinch a bunch, stretch tape around its foot${withCa ? ', CA into the cut end' : ''}, trim the top unevenly. Keep the offcuts: they lie as fallen stems.`,
        hands: on.value(k.bindSec),
        takes: [
          on.take('hank', [length, on.width, k.fibreG]),
          on.take('tape', [on.width, k.tapeWidths]),
          withCa && on.take('ca', [on.width, k.footCa]),
        ],
        cuts: [{ slot: 'hank', what: 'bunches', count: on.started, lengthMm: length.value }],
        ...(withCa ? { within: on.open('ca'), needs: ['ventilation'] } : {}),
        tools: ['scissors'],
        faults: ['brush-foot'],
      }),
      on.inspect('Three-dimensional, no two tops level.', ['brush-foot']),
      on.work('plant', 'Plant', {
        text: 'A hole by awl, PVA in it, the foot in. Leave it for a day before handling.',
        hands: on.value(k.plantSec),
        takes: [on.takeGood('pva', [on.width, k.holePva])],
        wait: on.rests(k.holdMin, 'A day before handling', 'closed joint', 'pva'),
        tools: ['skewer'],
        cautions: ['drilling'],
      }),
      on.work('splay', 'Splay, hide the foot', {
        text: 'Splay it, stiffen the foot with dilute PVA, wick off what is too much with tissue; foam and fallen stems around the foot.',
        hands: on.value(k.splaySec),
        takes: [
          on.take('pva', [on.width, k.footMl], 'PVA, to be thinned'),
          on.take('foot', [on.width, k.footG]),
        ],
        wait: on.sets('dilute-pva', 'Let it dry clear'),
        tools: ['tissue'],
        passes: 'Foot hidden, lean varied.',
        faults: ['brush-foot', 'white-puddles'],
      }),
    ]
  },
  examples: [examplePieces(examplePiece('reed', 'blades', 35, { widthShare: 0.3 }), 10)],
})
