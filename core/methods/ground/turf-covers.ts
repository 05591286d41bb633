import {
  amount,
  coefficients,
  exampleArea,
  examplePiece,
  hands,
  inspectStep,
  judge,
  minutes,
  open,
  partCm2,
  patchParts,
  sealingPours,
  sealingSlots,
  sealingStep,
  sealingUses,
  seconds,
  share,
  staysOpen,
  stepsWith,
  wait,
  type Piece,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact } from '../../quantities'
import { coverSlots, coverUses, EARTH, foamWish, liquidWish, type Cover } from './covers'

const k = coefficients('turf-covers', {
  spoilage: share('spoilage', 0),
  setUpSec: seconds('stage the covers', 30),
  wetSec: amount('glue and four covers, for each cm²', 0.75, 's/cm²'),
  glueMl: amount('glue under the turf', 0.03, 'ml/cm²'),
  baseG: amount('fine foam, base green', 0.012, 'g/cm²'),
  earthG: amount('earth tone, dusted', 0.02, 'g/cm²'),
  earthOn: share('share that earth is dusted on', 0.25),
  darkG: amount('dark coarse foam', 0.02, 'g/cm²'),
  darkOn: share('share at feet, sides and rock', 0.2),
  clumpG: amount('clump foam, where bushes stand', 0.08, 'g/cm²'),
  clumpOn: share('share under low bushes', 0.05),
  clumpGlueMl: amount('PVA where bushes stand', 0.1, 'ml/cm²'),
  lightG: amount('light coarse foam', 0.015, 'g/cm²'),
  lightOn: share('share that is lighter, on top', 0.2),
  lichenG: amount('lichen, where gaps are', 0.05, 'g/cm²'),
  lichenOn: share('share filled with lichen', 0.03),
  fibreG: amount('thin fibre, teased', 0.004, 'g/cm²'),
  fibreOn: share('share with thin fibre', 0.1),
  bushSec: amount('bushes, light foam, lichen, fibre, for each cm²', 0.8, 's/cm²'),
  openSec: staysOpen('pva', 'PVA stays open'),
  solidMin: minutes('until it is fully solid', 720),
})

/** The covers of turf in their order. Common practice; amounts from memory. */
const covers = ({ tones }: Piece): Cover[] => [
  { step: 'base', slot: 'glue', label: 'PVA under it', wish: liquidWish('pva'), rate: k.glueMl },
  { step: 'base', slot: 'green', label: 'Base green', wish: foamWish(tones.base, 0.5), rate: k.baseG },
  { step: 'base', slot: 'earth', label: 'Earth tone', wish: EARTH, rate: k.earthG, on: k.earthOn },
  {
    step: 'base',
    slot: 'dark',
    label: 'Dark, at feet and rock',
    wish: foamWish(tones.shade, 2.6),
    rate: k.darkG,
    on: k.darkOn,
  },
  {
    step: 'growth',
    slot: 'clump',
    label: 'Low bushes',
    wish: foamWish(tones.base, 4, 'clump'),
    rate: k.clumpG,
    on: k.clumpOn,
    optional: true,
  },
  {
    step: 'growth',
    slot: 'glue',
    label: 'PVA under the bushes',
    wish: liquidWish('pva'),
    rate: k.clumpGlueMl,
    on: k.clumpOn,
  },
  {
    step: 'growth',
    slot: 'light',
    label: 'Light, on top',
    wish: foamWish(tones.light, 2.6),
    rate: k.lightG,
    on: k.lightOn,
  },
  {
    step: 'growth',
    slot: 'lichen',
    label: 'Lichen in gaps',
    wish: { stuff: 'wool', wool: 'lichen' },
    rate: k.lichenG,
    on: k.lichenOn,
    optional: true,
  },
  {
    step: 'growth',
    slot: 'fibre',
    label: 'Thin fibre',
    wish: { stuff: 'wool', colour: tones.shade },
    rate: k.fibreG,
    on: k.fibreOn,
    optional: true,
  },
]

function suits({ piece }: PlantJob) {
  const low = piece.sward.heightMm <= 3
  return judge({
    right: false,
    pro: [
      low && 'so low, no stem is seen: foam reads as turf',
      'rock, slopes and bushes grow together in one order of covers',
      'no applicator wanted',
    ],
    con: [
      !low && `at ${Math.round(piece.sward.heightMm)} mm stems are seen; foam has none`,
      piece.sward.straw > 0.6 && 'dry turf is stems more than leaf',
    ],
    never: [
      piece.habit !== 'grass' && piece.habit !== 'herb' && 'it is turf: grass and low herbs',
      piece.sward.heightMm > 6 && 'foam gives no more than a few mm',
    ],
  })
}

/** Turf from covers in their order: base, earth, dark, all sealed hard; bushes, light, lichen, fibre, sealed again. */
export const turfCovers: PlantMethod = {
  id: 'turf-covers',
  name: 'Turf in covers',
  makes:
    'Base green, earth, dark at the feet, sealed hard; low bushes, light foam, lichen, thin fibre, sealed.',
  kinds: ['area'],
  profile: {
    sizeMm: [1, 4],
    shows: 'puff',
    effort: 'mass-made',
    handling: 'handled',
    together: [1, 2],
    seasons: 'spring to autumn',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) =>
    patchParts(job, read, { openSec: k.openSec, setUpSec: k.setUpSec, secPerCm2: k.wetSec }),
  slots: ({ piece }) => [...coverSlots(covers(piece)), ...sealingSlots],
  work(task) {
    const { value, piece } = task
    const cm2 = partCm2(task)
    const ground = fact('ground', cm2, 'cm²')
    const uses = [
      ...coverUses(task, covers(piece), cm2),
      ...sealingUses(task, ground, 'seal-base'),
      ...sealingUses(task, ground, 'seal'),
    ]
    return {
      uses,
      pours: sealingPours(task, ground, 2),
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'base',
          title: 'Base green, earth, dark',
          text: 'PVA over the patch. Base green from a cup, not a shaker; earth tone where feet and water go; dark coarse foam at the foot of slopes, around rock, under what will stand there. Lighter on top, never evenly.',
          hands: hands(value(k.setUpSec) + value(k.wetSec) * cm2, 90),
          within: open(task, 'pva', { by: k.openSec }),
          atOnce: { count: 1, because: 'window', what: 'Patch by patch; torn, overlapping edges.' },
          tools: ['brush'],
          cautions: ['dust'],
          faults: ['foam-dulled'],
        },
        sealingStep(task, cm2, { id: 'seal-base', title: 'Wet, seal, leave it to set hard' }),
        {
          id: 'harden',
          title: 'Fully solid first',
          text: 'Leave it until it is solid right through: what is set on soft turf sinks and lifts it.',
          hands: hands(0, 10),
          wait: wait(task.dryMin(value(k.solidMin)), 'open film', 'Until it is fully solid'),
          faults: ['ground-lifts'],
        },
        {
          id: 'growth',
          title: 'Bushes, light foam, lichen, fibre',
          text: 'Torn clump foam in PVA, light coarse foam on the upper side of it and of the slopes; a drop of dilute PVA. Lichen into the gaps, thin fibre teased over it.',
          hands: hands(value(k.bushSec) * cm2, 60),
          tools: ['tweezers'],
          faults: ['loud-two-tone'],
        },
        sealingStep(task, cm2, { title: 'Wet and seal all of it' }),
        inspectStep(task, 'Dark below, light above; no bare glue; no two patches alike.', [
          'shiny-patches',
          'loud-two-tone',
        ]),
      ]),
    }
  },
  examples: [
    exampleArea(examplePiece('grass', 'blades', 2), 900),
    exampleArea(examplePiece('herb', 'blades', 1.5), 60),
  ],
}
