import {
  amount,
  areaParts,
  coefficients,
  dries,
  exampleArea,
  examplePiece,
  fixedUse,
  hands,
  inspectStep,
  judge,
  partCm2,
  seconds,
  sets,
  share,
  stepsWith,
  use,
  wait,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, product } from '../../quantities'

const k = coefficients('cloth-grass', {
  spoilage: share('spoilage', 0),
  slopeCm2: amount('one slope at once, at most', 900, 'cm²'),
  more: amount('cloth for each cm² of ground', 1.15, 'cm²/cm²'),
  glueMl: amount('wood glue', 0.03, 'ml/cm²'),
  paintMl: amount('paint of each green', 0.006, 'ml/cm²'),
  layMin: dries('pva', 'glue under cloth dries'),
  laySec: seconds('cut the stitching, glue, lay', 240),
  trimSec: amount('trim, snip, vacuum, for each cm²', 1.2, 's/cm²'),
  brushSec: amount('four greens, for each cm²', 6, 's/cm²', 'memory', '10 min for 100 cm²'),
})

/** Four greens, the brightest first. Common practice: bright base, dull, highlight, muddy. */
const GREENS = [
  { id: 'bright', label: 'Bright base green', colour: '#6f8a3c' },
  { id: 'dull', label: 'Dull green', colour: '#66704a' },
  { id: 'highlight', label: 'Highlight, yellow-green', colour: '#a3ab55' },
  { id: 'muddy', label: 'Muddy brown-green', colour: '#5c4a38' },
] as const

function suits({ piece }: PlantJob) {
  return judge({
    right: false,
    pro: ['rough grazing on a slope, in one piece', 'no applicator wanted'],
    con: ['a nap like rough grazing: never a lawn, nor a meadow with stems'],
    never: [
      piece.habit !== 'grass' && 'it is the pile of a cloth: short rough grass',
      (piece.heightMm > 8 || piece.heightMm < 1) &&
        `the pile is 2 to 5 mm, this is ${Math.round(piece.heightMm)} mm`,
      piece.sward.mown && 'a mown sward is level, the pile is not',
    ],
  })
}

/** Towelling glued over a form and brushed with four greens. Common practice. */
export const clothGrass: PlantMethod = {
  id: 'cloth-grass',
  name: 'Cloth grass',
  makes: 'Towelling glued over the slope, trimmed, brushed nearly dry with four greens, flicked up.',
  kinds: ['area'],
  profile: {
    sizeMm: [2, 5],
    shows: 'puff',
    effort: 'made one by one',
    handling: 'handled',
    together: [1, 1],
    seasons: 'spring to autumn',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => areaParts(job, read, k.slopeCm2),
  slots: () => [
    { id: 'cloth', label: 'Towelling', wish: { stuff: 'sheet', sheet: 'cloth', colour: '#c9b365' } },
    { id: 'glue', label: 'Wood glue', wish: { stuff: 'liquid', liquid: 'pva' } },
    ...GREENS.map(({ id, label, colour }) => ({
      id,
      label,
      wish: { stuff: 'liquid' as const, liquid: 'paint' as const, colour },
    })),
  ],
  work(task) {
    const { value } = task
    const cm2 = partCm2(task)
    const area = fact('ground', cm2, 'cm²')
    const uses = [
      use(task, {
        slot: 'cloth',
        step: 'lay',
        label: 'Towelling',
        each: product(area, task.input(k.more)),
      }),
      fixedUse(task, { slot: 'glue', step: 'lay', label: 'Wood glue' }, k.glueMl, area),
      ...GREENS.map(({ id, label }) => fixedUse(task, { slot: id, step: 'brush', label }, k.paintMl, area)),
    ]
    const side = Math.sqrt(cm2 * value(k.more)) * 10
    return {
      uses,
      pours: [],
      cuts: [{ slot: 'cloth', what: 'piece of cloth', count: task.started, lengthMm: side, widthMm: side }],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'lay',
          title: 'Cut, glue, lay',
          text: 'Cut hems and stitching off. Glue on the form, cloth on it pile side up, pressed into every hollow; pins until it holds.',
          hands: hands(value(k.laySec), 30),
          wait: wait(value(k.layMin), 'closed joint', 'Dry under the cloth, overnight'),
          tools: ['scissors', 'knife'],
          cautions: ['wire-and-blades'],
        },
        {
          id: 'trim',
          title: 'Trim and vacuum',
          text: 'Shear the loops here and there, deeper on paths and around rock; tear the edges; vacuum.',
          hands: hands(value(k.trimSec) * cm2),
          tools: ['scissors', 'vacuum'],
          cautions: ['wire-and-blades', 'dust'],
          faults: ['straight-edge'],
        },
        {
          id: 'brush',
          title: 'Four greens, brushed nearly dry',
          text: 'Toothbrush wiped nearly dry, skimming: bright base, dull over it, highlight on what faces up, mud in hollows; unevenly. Flick the pile up while it dries.',
          hands: hands(value(k.brushSec) * cm2, 60),
          wait: sets(task, 'brush-paint', 'Let the paint dry'),
          tools: ['toothbrush'],
          faults: ['matted-cloth', 'orange-cast'],
        },
        inspectStep(task, 'No flat clumps, no hem.', ['matted-cloth', 'straight-edge']),
      ]),
    }
  },
  examples: [exampleArea(examplePiece('grass', 'blades', 4), 800)],
}
