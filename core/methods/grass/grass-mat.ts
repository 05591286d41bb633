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
  share,
  stepsWith,
  use,
  wait,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, product } from '../../quantities'

const k = coefficients('grass-mat', {
  spoilage: share('spoilage', 0),
  togetherCm2: amount('laid before the glue skins', 400, 'cm²'),
  torn: amount('mat for each cm² of ground, torn', 1.1, 'cm²/cm²'),
  scrapCm2: amount('one torn piece', 20, 'cm²'),
  glueMl: amount('white glue', 0.025, 'ml/cm²'),
  tearSec: seconds('peel or tear a piece', 10),
  setSec: seconds('glue and set a piece', 20),
  dryMin: dries('pva', 'white glue under a mat'),
})

function suits({ piece, kind }: PlantJob) {
  return judge({
    right: false,
    pro: ['quick cover for backdrops and banks', 'any season that a mat is sold in'],
    con: [
      piece.zone === 'front' && 'at the front one length and one tone read as a mat',
      piece.zone === 'middle' && 'mixed tones and bushes over the joins, or it reads as a mat',
      kind === 'area' && piece.sward.heads > 0.05 && 'no stems and no heads above it',
    ],
    never: [piece.habit !== 'grass' && 'a mat is grass', piece.heightMm > 12 && 'taller than any mat'],
  })
}

/** Grass mat, torn in pieces. Common practice. */
export const grassMat: PlantMethod = {
  id: 'grass-mat',
  name: 'Mats, torn',
  makes: 'Grass mat torn to pieces, edges pressed in white glue, tones mixed in clusters.',
  kinds: ['area'],
  profile: {
    sizeMm: [2, 8],
    shows: 'branches',
    effort: 'from the bag',
    handling: 'handled',
    together: [1, 1],
    seasons: 'by the mat',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => areaParts(job, read, k.togetherCm2),
  slots: ({ piece }) => [
    {
      id: 'mat',
      label: 'Grass mat',
      wish: { stuff: 'sheet', sheet: 'mat', colour: piece.sward.colours.base },
    },
    { id: 'glue', label: 'White glue', wish: { stuff: 'liquid', liquid: 'pva' } },
  ],
  work(task) {
    const { value } = task
    const cm2 = partCm2(task)
    const area = fact('ground', cm2, 'cm²')
    const scraps = Math.max(1, Math.round(cm2 / value(k.scrapCm2)))
    const uses = [
      use(task, {
        slot: 'mat',
        step: 'tear',
        label: 'Grass mat',
        each: product(area, task.input(k.torn)),
      }),
      fixedUse(task, { slot: 'glue', step: 'set', label: 'White glue' }, k.glueMl, area),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'tear',
          title: 'Tear',
          text: `Peel and tear about ${scraps} pieces for each patch, no straight edge and no two alike; thin the rims with your fingers.`,
          hands: hands(value(k.tearSec) * scraps),
          faults: ['straight-edge'],
        },
        {
          id: 'set',
          title: 'Glue and press the edges',
          text: 'White glue on the ground; press the edges, not the middle. Tones in clusters; bushes and tufts over the joins.',
          hands: hands(value(k.setSec) * scraps, 30),
          wait: wait(value(k.dryMin), 'closed joint', 'Dry under the mat, overnight'),
          faults: ['stripes', 'flat-tufts'],
        },
        inspectStep(task, 'No rectangle can be read.', ['straight-edge', 'stripes']),
      ]),
    }
  },
  examples: [exampleArea(examplePiece('grass', 'blades', 5, { zone: 'back' }), 500)],
}
