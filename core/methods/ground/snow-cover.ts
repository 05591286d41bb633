import {
  amount,
  areaParts,
  backOf,
  coefficients,
  dries,
  exampleArea,
  examplePiece,
  fibreUses,
  fixedUse,
  hands,
  inspectStep,
  judge,
  open,
  partCm2,
  sets,
  share,
  staticStep,
  staysOpen,
  stepsWith,
  use,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, MM_IN_CM, product, property, quotient, rest } from '../../quantities'
import { liquidWish } from './covers'

const k = coefficients('snow-cover', {
  spoilage: share('spoilage', 0),
  patchCm2: amount('worked at once, at most', 300, 'cm²'),
  stemsOn: share('share with stems that stand out of the snow', 0.15),
  perCm2: amount('fibres where stems stand', 120, '/cm²'),
  stemGlueMl: amount('matt medium under the stems', 0.02, 'ml/cm²'),
  sticks: share('sticks, of what is thrown', 0.4),
  glueMl: amount('PVA under the snow', 0.05, 'ml/cm²'),
  lost: share('lost, of the powder that is sieved', 0.15),
  stemSec: amount('glue and fibre, for each cm² of stems', 2, 's/cm²'),
  snowSec: amount('glue and powder, for each cm²', 0.8, 's/cm²'),
  stemDryMin: dries('medium', 'matt medium dries'),
  openSec: staysOpen('pva', 'PVA stays open'),
  dryMin: dries('pva', 'PVA under snow dries'),
})

/** Bulk density of very fine white powder, g/ml; from memory, as the catalogue has it. */
const BULK_G_PER_ML = 0.5

function suits({ piece }: PlantJob) {
  const winter = piece.sward.straw > 0.5 || piece.leaf < 0.4
  return judge({
    right: false,
    pro: [winter && 'the plants stand dead on the day: stems out of the snow'],
    con: [
      'only for a scene under snow',
      !winter && `on the day it is green: snow on it would be a late fall`,
    ],
    never: [
      piece.habit !== 'grass' &&
        piece.habit !== 'herb' &&
        piece.habit !== 'reed' &&
        'it is ground with stems in it',
      piece.crownForm === 'wall' && 'on a wall no snow lies',
    ],
  })
}

/** Ground under snow: stems first, then very fine powder over glue, with no coat over it. Common practice. */
export const snowCover: PlantMethod = {
  id: 'snow-cover',
  name: 'Snow, stems through it',
  makes: 'Dry stems in islands, PVA, very fine white powder with a trace of black; no coat over it.',
  kinds: ['area'],
  profile: {
    sizeMm: [1, 20],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'protected',
    together: [1, 2],
    seasons: 'winter',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'depth',
      name: 'Snow lies',
      choices: [
        { id: '15', name: '15 cm deep', words: 'real depth: as after a night of snow' },
        { id: '5', name: '5 cm', words: 'a cover that grass comes through' },
        { id: '10', name: '10 cm', words: 'tracks show the ground' },
        { id: '30', name: '30 cm', words: 'deep: stones and low plants are gone' },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  slots: ({ piece }) => [
    { id: 'stem-glue', label: 'Matt medium under the stems', wish: liquidWish('matte-medium') },
    {
      id: 'stems',
      label: 'Stems',
      wish: {
        stuff: 'fibre',
        lengthMm: Math.max(2, piece.sward.heightMm),
        colour: piece.sward.colours.straw,
      },
    },
    { id: 'glue', label: 'PVA under the snow', wish: liquidWish('pva') },
    { id: 'snow', label: 'Snow powder', wish: { stuff: 'powder', powder: 'snow' } },
  ],
  work(task) {
    const { value } = task
    const cm2 = partCm2(task)
    const ground = fact('ground', cm2, 'cm²')
    const stems = product(ground, task.input(k.stemsOn))
    const fibre = fibreUses(task, {
      slot: 'stems',
      step: 'stems',
      label: 'Stems',
      area: stems,
      perCm2: task.input(k.perCm2),
      sticks: k.sticks,
    })
    const snow = task.fill('snow').parts[0]?.material
    const deep = quotient(
      fact('real depth', Number(task.choice('depth')) * 10, 'mm', 'line'),
      fact('ratio', task.piece.realRatio, ''),
    )
    const bulk = property('bulk density', snow?.bulkGPerMl ?? BULK_G_PER_ML, 'g/ml', 'memory', snow?.name)
    const uses = [
      fixedUse(task, { slot: 'stem-glue', step: 'stems', label: 'Matt medium' }, k.stemGlueMl, stems),
      ...fibre,
      fixedUse(task, { slot: 'glue', step: 'snow', label: 'PVA under the snow' }, k.glueMl, ground),
      use(task, {
        slot: 'snow',
        step: 'snow',
        label: 'Snow powder',
        // Powder that stays as deep as wished, and what is lost over it.
        each: quotient(product(ground, quotient(deep, MM_IN_CM), bulk), rest(task.input(k.lost))),
      }),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        staticStep({
          id: 'stems',
          title: 'Stems in islands',
          text: 'Matt medium in uneven islands; sparse dry fibre, earth lead on; vacuum when it is dry. Snow has buried the rest.',
          hands: hands(value(k.stemSec) * stems.value, 60),
          within: open(task, 'medium'),
          atOnce: { count: 1, because: 'window', what: 'A few islands at a time.' },
          wait: sets(task, 'medium', 'Let it dry', { by: k.stemDryMin }),
          tools: ['vacuum'],
          back: backOf(fibre, 'stems'),
          faults: ['lost-fibre', 'carpet-of-grass'],
        }),
        {
          id: 'snow',
          title: 'Snow',
          text: 'PVA between the stems, brushed up against banks; the powder through a fine sieve, a trace of black pigment in it, deeper in the lee. Blow it off stems and tracks. No coat over it: sealing turns it grey.',
          hands: hands(value(k.snowSec) * cm2, 60),
          within: open(task, 'pva', { by: k.openSec }),
          atOnce: { count: 1, because: 'window', what: 'Patch by patch, edges overlapping.' },
          wait: sets(task, 'pva', 'Dry overnight, untouched', { by: k.dryMin }),
          tools: ['sieve', 'brush'],
          cautions: ['dust'],
          faults: ['snow-sealed'],
        },
        inspectStep(task, 'Stems stand out of it, none is white; no glue shines.', [
          'snow-sealed',
          'shiny-patches',
        ]),
      ]),
    }
  },
  examples: [
    exampleArea(examplePiece('grass', 'blades', 5), 400),
    exampleArea(examplePiece('reed', 'blades', 14), 30),
  ],
}
