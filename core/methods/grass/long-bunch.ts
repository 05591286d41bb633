import {
  amount,
  coefficients,
  examplePiece,
  examplePieces,
  fixedUse,
  hands,
  heightOf,
  inspectStep,
  judge,
  minutes,
  open,
  plantUse,
  seconds,
  sets,
  share,
  stepsWith,
  use,
  wait,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, product, sum } from '../../quantities'

const k = coefficients('long-bunch', {
  spoilage: share('spoilage', 0.05),
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

function suits({ piece }: PlantJob) {
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
}

/** Bunches of long grass and reed, bound and planted. Common practice. */
export const longBunch: PlantMethod = {
  id: 'long-bunch',
  name: 'Long-grass bunches',
  makes: 'Long fibre pinched and bound, CA at the foot, planted, splayed; offcuts lie as fallen stems.',
  kinds: ['pieces', 'area'],
  profile: {
    sizeMm: [12, 70],
    shows: 'branches',
    effort: 'made one by one',
    handling: 'protected',
    together: [5, 10],
    seasons: 'late summer to winter',
    manner: 'tuft',
  },
  setsInPlace: true,
  coefficients: Object.values(k),
  options: [
    {
      id: 'foot',
      name: 'Foot',
      choices: [
        { id: 'ca', name: 'bound, with CA', words: 'surer: nothing pulls out' },
        { id: 'pva', name: 'PVA alone', words: 'no fumes; stems may pull out' },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    {
      id: 'hank',
      label: 'Long fibre',
      wish: {
        stuff: 'wool',
        wool: 'hank',
        colour: piece.sward.straw > 0.4 ? piece.sward.colours.straw : piece.sward.colours.base,
      },
    },
    { id: 'tape', label: 'Tape', wish: { stuff: 'goods', goods: 'tape' } },
    ...(choice('foot') === 'ca'
      ? [{ id: 'ca', label: 'CA', wish: { stuff: 'liquid' as const, liquid: 'ca' as const } }]
      : []),
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'foot',
      label: 'Foam around the foot',
      wish: { stuff: 'foam', form: 'ground', grainMm: 0.5, colour: piece.sward.colours.base },
    },
  ],
  work(task) {
    const { value, piece } = task
    const withCa = task.choice('foot') === 'ca'
    const length = sum(heightOf(task), task.input(k.footMm))
    const width = fact('width', piece.crownWidthMm, 'mm')
    const uses = [
      use(task, {
        slot: 'hank',
        step: 'bind',
        label: 'Long fibre',
        each: product(length, width, task.input(k.fibreG)),
      }),
      fixedUse(task, { slot: 'tape', step: 'bind', label: 'Tape' }, k.tapeWidths, width),
      ...(withCa ? [fixedUse(task, { slot: 'ca', step: 'bind', label: 'CA' }, k.footCa, width)] : []),
      plantUse(task, { slot: 'pva', step: 'plant', label: 'PVA' }, k.holePva, width),
      fixedUse(task, { slot: 'pva', step: 'splay', label: 'PVA, to be thinned' }, k.footMl, width),
      fixedUse(task, { slot: 'foot', step: 'splay', label: 'Foam around the foot' }, k.footG, width),
    ]
    return {
      uses,
      pours: [],
      cuts: [{ slot: 'hank', what: 'bunches', count: task.started, lengthMm: length.value }],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'bind',
          title: 'Pinch and bind',
          text: `Pinch a bunch, stretch tape around its foot${withCa ? ', CA into the cut end' : ''}, trim the top unevenly. Keep the offcuts: they lie as fallen stems.`,
          hands: hands(value(k.bindSec)),
          ...(withCa ? { within: open(task, 'ca') } : {}),
          tools: ['scissors'],
          ...(withCa ? { needs: ['ventilation' as const] } : {}),
          cautions: withCa ? ['ca', 'wire-and-blades'] : ['wire-and-blades'],
          faults: ['brush-foot'],
        },
        inspectStep(task, 'Three-dimensional, no two tops level.', ['brush-foot']),
        {
          id: 'plant',
          title: 'Plant',
          text: 'A hole by awl, PVA in it, the foot in. Leave it for a day before handling.',
          hands: hands(value(k.plantSec)),
          wait: wait(value(k.holdMin), 'closed joint', 'A day before handling', 'common practice'),
          tools: ['skewer'],
          cautions: ['drilling'],
        },
        {
          id: 'splay',
          title: 'Splay, hide the foot',
          text: 'Splay it, stiffen the foot with dilute PVA, wick off what is too much with tissue; foam and fallen stems around the foot.',
          hands: hands(value(k.splaySec)),
          wait: sets(task, 'dilute-pva', 'Let it dry clear'),
          tools: ['tissue'],
          passes: 'Foot hidden, lean varied.',
          faults: ['brush-foot', 'white-puddles'],
        },
      ]),
    }
  },
  examples: [examplePieces(examplePiece('reed', 'blades', 35, { widthShare: 0.3 }), 10)],
}
