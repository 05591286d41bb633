import {
  aboveOf,
  amount,
  coefficients,
  dries,
  examplePiece,
  examplePieces,
  fixedUse,
  hands,
  inspectStep,
  isBladed,
  judge,
  open,
  seconds,
  sets,
  share,
  staysOpen,
  stepsWith,
  use,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, number, product, quotient } from '../../quantities'

const k = coefficients('hand-tuft', {
  spoilage: share('spoilage', 0.12),
  glueMl: amount('PVA in a mound, for a cm² of foot', 0.15, 'ml/cm²'),
  fibreG: amount('fibre in a tweezered ball, for a cm² of foot', 0.035, 'g/cm²'),
  sealCoat: amount('hairspray so that it does not shed, for a cm² of circle', 0.1, 'ml/cm²'),
  setSec: seconds('mound, ball of fibre, tease', 35),
  sealSec: seconds('seal', 4),
  openSec: staysOpen('pva', 'PVA stays open'),
  dryMin: dries('pva', 'dries through'),
})

function suits({ piece }: PlantJob) {
  return judge({
    right: false,
    pro: ['no applicator, no high voltage: tweezers and glue'],
    con: ['fibres cross and lie: for a few, where no applicator is at hand', 'sheds unless it is sealed'],
    never: [
      !isBladed(piece) && 'it has stems and a crown, which fibres can’t show',
      (piece.heightMm > 14 || piece.heightMm < 2) &&
        `fibre is 2 to 12 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** Tufts by hand: a mound of PVA and a tweezered ball of fibre. Common practice. */
export const handTuft: PlantMethod = {
  id: 'hand-tuft',
  name: 'Tufts by hand',
  makes: 'A mound of PVA on a release sheet, a tweezered ball of fibre pressed in and teased up, sealed.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [3, 12],
    shows: 'branches',
    effort: 'made one by one',
    handling: 'reached over',
    together: [5, 30],
    seasons: 'all year, by tone',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }) => [
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'fibre',
      label: 'Fibre',
      wish: { stuff: 'fibre', lengthMm: piece.heightMm, colour: piece.sward.colours.base },
    },
    { id: 'seal', label: 'Hairspray', wish: { stuff: 'liquid', liquid: 'hairspray' } },
  ],
  work(task) {
    const { value } = task
    const foot = quotient(aboveOf(task), number(3))
    const lengths = task.fill('fibre').parts
    const uses = [
      fixedUse(task, { slot: 'pva', step: 'set', label: 'PVA' }, k.glueMl, foot),
      ...(lengths.length === 0
        ? [fixedUse(task, { slot: 'fibre', step: 'set', label: 'Fibre' }, k.fibreG, foot)]
        : lengths.map(({ material, share: part }) => ({
            ...use(task, {
              slot: 'fibre',
              step: 'set',
              label: 'Fibre',
              each: product(foot, task.input(k.fibreG), fact('share', part, '')),
            }),
            material,
          }))),
      fixedUse(task, { slot: 'seal', step: 'seal', label: 'Hairspray' }, k.sealCoat, aboveOf(task)),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'set',
          title: 'Mound, ball of fibre',
          text: 'A mound of PVA on the release sheet. Take a pinch of fibre by tweezers, rolled between two fingers to a ball, press its foot in and tease the rest up; pull away what lies.',
          hands: hands(value(k.setSec) * Math.max(0.4, task.piece.heightMm / 6), 60),
          within: open(task, 'pva', { by: k.openSec, what: 'a mound of PVA' }),
          wait: sets(task, 'pva', 'Dry through, overnight', { by: k.dryMin }),
          tools: ['tweezers'],
          cautions: ['dust'],
          faults: ['lying-fibres', 'fibre-clumps'],
        },
        {
          id: 'seal',
          title: 'Seal against shedding',
          text: 'Blow off what is loose, a light mist, tease apart before it sets.',
          hands: hands(value(k.sealSec), 30),
          wait: sets(task, 'hairspray', 'Let it set'),
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          cautions: ['spray'],
          faults: ['clogged-stems'],
        },
        inspectStep(task, 'Holds when brushed with a finger.', ['fibre-clumps', 'clogged-stems']),
      ]),
    }
  },
  examples: [examplePieces(examplePiece('grass', 'blades', 6), 20)],
}
