import { fibreMass } from '../../coverage'
import {
  aboveOf,
  amount,
  backOf,
  coefficients,
  dries,
  examplePiece,
  examplePieces,
  fibreUses,
  fixedUse,
  hands,
  inspectStep,
  isBladed,
  judge,
  open,
  seconds,
  sets,
  share,
  staticStep,
  staysOpen,
  stepsWith,
  use,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { product, property } from '../../quantities'

const k = coefficients('flowering-tuft', {
  spoilage: share('spoilage', 0.1),
  backing: amount('release backing, of its circle from above', 1.6, '', 'memory', 'with its gap'),
  footShare: share('foot, of its circle from above', 0.35),
  glueMl: amount('PVA in a dot, for a cm² of foot', 0.1, 'ml/cm²'),
  fibres: amount('fibres on a cm²', 700, '/cm²'),
  sticks: share('sticks, of what is thrown', 0.3),
  dipped: share('of its fibre, tips that are dipped', 0.4),
  powderG: amount('flower powder to a gram of dipped fibre', 2, 'g/g', 'memory', 'at most'),
  tipCoat: amount('glue on its tips, for a cm² of foot', 0.05, 'ml/cm²'),
  stems: amount('stem fibres in a tuft', 3, 'piece', 'memory', 'two or three'),
  dotSec: seconds('dot and fibre', 3),
  dipSec: seconds('glue on tips, dip inverted', 5),
  stemSec: seconds('stems dipped and pushed in, tips dipped', 20),
  openSec: staysOpen('pva', 'a dot stays open'),
  tipOpenSec: staysOpen('trace', 'glue on tips stays open'),
  dryMin: dries('pva', 'dots dry through'),
  tipDryMin: dries('trace', 'tips dry'),
})

/** Of a stem fibre that is open, dtex. Our estimate. */
const USUAL_DTEX = 22

function suits({ piece, kind }: PlantJob) {
  const flowers = piece.sward.heads > 0.02
  const sward = kind === 'area' && piece.habit !== 'herb'
  return judge({
    right: flowers && !sward && (piece.habit === 'herb' || piece.sward.heads > 0.1),
    pro: ['flowers in the colour of the day, tall and low mixed', 'for gardens, verges and meadow edges'],
    con: [
      sward && 'a sward by area wants layers, seed heads on top: tufts are for what stands out of it',
      piece.heightMm > 12 && 'taller than fibre that stands: stems pushed in, trimmed to twice the tuft',
    ],
    never: [
      !isBladed(piece) && 'its flowers sit on wood, not on blades',
      !flowers && 'it does not flower on this day: outside its weeks there is nothing to dip',
      (piece.heightMm > 22 || piece.heightMm < 2) &&
        `a flowering tuft is 2 to 16 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** Tufts with flowers: tips dipped, or stems pushed in. Common practice. */
export const floweringTuft: PlantMethod = {
  id: 'flowering-tuft',
  name: 'Flowering tufts',
  makes:
    'Tufts on a strip; tips touched with glue and dipped in flower powder, or stems pushed in and dipped.',
  kinds: ['pieces', 'area'],
  profile: {
    sizeMm: [2, 16],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'protected',
    together: [10, 20],
    seasons: 'the weeks that it flowers',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'flowers',
      name: 'Flowers',
      choices: [
        {
          id: 'tips',
          name: 'on the tips',
          words: 'the tallest tips only, touched with glue and dipped upside down',
        },
        {
          id: 'stems',
          name: 'on stems',
          words: 'two or three stems pushed into the wet tuft, dipped by tweezers',
        },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    { id: 'backing', label: 'Release backing', wish: { stuff: 'sheet', sheet: 'release' } },
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'fibre',
      label: 'Fibre',
      wish: { stuff: 'fibre', lengthMm: Math.min(8, piece.heightMm * 0.7), colour: piece.sward.colours.base },
    },
    ...(choice('flowers') === 'stems'
      ? [
          {
            id: 'stems',
            label: 'Stems',
            wish: {
              stuff: 'fibre' as const,
              lengthMm: Math.min(12, piece.heightMm),
              colour: piece.sward.colours.light,
            },
            mayShare: true,
          },
        ]
      : []),
    {
      id: 'flower',
      label: 'Flower powder',
      wish: { stuff: 'powder', powder: 'blossom', colour: piece.sward.colours.head },
    },
  ],
  work(task) {
    const { value, piece } = task
    const onStems = task.choice('flowers') === 'stems'
    const above = aboveOf(task)
    const foot = product(above, task.input(k.footShare))
    const dip = onStems ? 'stems' : 'dip'
    const stem = onStems ? task.fill('stems').parts[0]?.material : undefined
    const stemOf = stem?.of.stuff === 'fibre' ? stem.of : { lengthMm: piece.heightMm, dtex: USUAL_DTEX }
    const fibre = task.fill('fibre').parts[0]?.material.of
    const bladeOf = fibre?.stuff === 'fibre' ? fibre : { lengthMm: piece.heightMm, dtex: USUAL_DTEX }
    const standing = product(
      fibreMass(
        task.input(k.fibres),
        property('length of the blades', bladeOf.lengthMm, 'mm', 'stock'),
        property('linear density of the blades', bladeOf.dtex, 'dtex'),
      ),
      foot,
    )
    const uses = [
      use(task, {
        slot: 'backing',
        step: 'tufts',
        label: 'Release backing',
        each: product(above, task.input(k.backing)),
      }),
      fixedUse(task, { slot: 'pva', step: 'tufts', label: 'PVA in the dot' }, k.glueMl, foot),
      fixedUse(task, { slot: 'pva', step: dip, label: 'PVA on the tips' }, k.tipCoat, foot),
      ...fibreUses(task, {
        slot: 'fibre',
        step: 'tufts',
        label: 'Fibre',
        perCm2: task.input(k.fibres),
        area: foot,
        sticks: k.sticks,
      }),
      ...(onStems
        ? [
            use(task, {
              slot: 'stems',
              step: dip,
              label: 'Stems',
              each: fibreMass(
                task.input(k.stems),
                property('length', stemOf.lengthMm, 'mm', 'stock', stem?.name),
                property('linear density', stemOf.dtex, 'dtex'),
              ),
            }),
          ]
        : []),
      fixedUse(
        task,
        { slot: 'flower', step: dip, label: 'Flower powder' },
        k.powderG,
        product(standing, task.input(k.dipped)),
      ),
    ]
    // A tuft without flowers here and there, and low ones between the tall. From memory.
    const flowered = {
      each: 1,
      suits: [
        {
          id: 'flowers',
          options: [
            { name: 'in flower', share: 0.8 },
            { name: 'bare', share: 0.2 },
          ],
        },
        {
          id: 'height',
          options: [
            { name: 'tall', share: 0.4 },
            { name: 'low', share: 0.6 },
          ],
        },
      ],
    }
    const wet = Math.max(1, Math.floor(value(k.tipOpenSec) / value(k.dipSec)))
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        staticStep({
          id: 'tufts',
          title: 'Tufts on a strip',
          text: `Dots that must not touch on a strip of backing over the steel tray; fibre at once.${onStems ? ' Stems follow while it is wet: go on with a few at a time.' : ''}`,
          hands: hands(value(k.dotSec), 120),
          within: open(task, 'pva', { by: k.openSec, what: 'a dot of PVA' }),
          atOnce: onStems
            ? { count: 8, because: 'window', what: 'Stems must go in while the dots are wet.' }
            : { count: 20, because: 'holder', what: 'A strip that a hand can turn over holds about twenty.' },
          ...(onStems ? {} : { wait: sets(task, 'pva', 'Dry through, overnight', { by: k.dryMin }) }),
          tools: ['steel tray'],
          back: backOf(uses, 'tufts'),
          faults: ['joined-dots', 'lying-fibres'],
        }),
        onStems
          ? {
              id: 'stems',
              title: 'Stems in, tips dipped',
              text: 'Two or three stem fibres dipped and pushed into the wet tuft; tease upright as the glue starts to set, trim to twice the tuft at most; each tip dipped by tweezers. Tall and low mixed, three colours or more.',
              hands: hands(value(k.stemSec), 60),
              wait: sets(task, 'pva', 'Dry through, overnight', { by: k.dryMin }),
              tools: ['tweezers', 'scissors'],
              deal: flowered,
              cautions: ['dust'],
              faults: ['over-long-stems', 'shiny-patches'],
            }
          : {
              id: 'dip',
              title: 'Tips: glue, dip upside down',
              text: 'Cut the strip to hold it. Glue on the tallest tips only, dip them upside down into the powder, tap. One colour after the other; pour what is left back.',
              hands: hands(value(k.dipSec), 60),
              within: open(task, 'trace', { by: k.tipOpenSec, what: 'glue on tips' }),
              atOnce: { count: wet, because: 'window', what: `${Math.round(value(k.dipSec))} s each.` },
              wait: sets(task, 'trace', 'Let the tips dry', { by: k.tipDryMin }),
              tools: ['tweezers', 'scissors'],
              deal: flowered,
              cautions: ['dust'],
              faults: ['petal-blobs', 'shiny-patches'],
            },
        inspectStep(task, 'Stems no more than twice the tuft’s height; no shine at the foot.', [
          'over-long-stems',
          'petal-blobs',
        ]),
      ]),
    }
  },
  examples: [
    examplePieces(
      examplePiece('herb', 'blades', 6, {
        sward: {
          heightMm: 6,
          straw: 0,
          heads: 0.3,
          mown: false,
          colours: { shade: '#3f5a33', base: '#5f7d3a', light: '#8fa84a', straw: '#bda76c', head: '#8a6aa0' },
        },
      }),
      60,
    ),
  ],
}
