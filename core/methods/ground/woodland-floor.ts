import {
  amount,
  areaParts,
  coefficients,
  exampleArea,
  examplePiece,
  hands,
  inspectStep,
  judge,
  open,
  partCm2,
  sealingPours,
  sealingSlots,
  sealingStep,
  sealingUses,
  share,
  staysOpen,
  stepsWith,
  type Piece,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact } from '../../quantities'
import { coverSlots, coverUses, EARTH, foamWish, liquidWish, type Cover } from './covers'

const k = coefficients('woodland-floor', {
  spoilage: share('spoilage', 0),
  patchCm2: amount('worked at once, at most', 500, 'cm²'),
  glueMl: amount('PVA under it', 0.03, 'ml/cm²'),
  earthG: amount('earth', 0.06, 'g/cm²'),
  earthOn: share('share where earth is seen', 0.35),
  litterG: amount('leaf litter', 0.03, 'g/cm²'),
  litterOn: share('share with litter', 0.8),
  sawdustG: amount('dyed sawdust, muted', 0.01, 'g/cm²', 'memory', 'sparingly: common practice'),
  sawdustOn: share('share with sawdust', 0.1),
  mossG: amount('moss and seedlings', 0.008, 'g/cm²'),
  mossOn: share('share with moss, on stumps and stones', 0.08),
  throwSec: amount('earth, litter, moss, for each cm²', 0.6, 's/cm²'),
  openSec: staysOpen('pva', 'PVA stays open'),
})

/** Moss is green in every season. From memory. */
const MOSS = '#4c5f36'

/** The covers of a wood's floor. Common practice; amounts from memory. */
const covers = ({ sward }: Piece): Cover[] => [
  { step: 'floor', slot: 'glue', label: 'PVA under it', wish: liquidWish('pva'), rate: k.glueMl },
  { step: 'floor', slot: 'earth', label: 'Earth', wish: EARTH, rate: k.earthG, on: k.earthOn },
  {
    step: 'floor',
    slot: 'litter',
    label: 'Leaf litter',
    wish: { stuff: 'powder', powder: 'litter', colour: sward.colours.straw },
    rate: k.litterG,
    on: k.litterOn,
  },
  {
    step: 'floor',
    slot: 'sawdust',
    label: 'Dyed sawdust, a little',
    wish: { stuff: 'powder', powder: 'sawdust', colour: '#44543a' },
    rate: k.sawdustG,
    on: k.sawdustOn,
    optional: true,
  },
  {
    step: 'moss',
    slot: 'moss',
    label: 'Moss and seedlings',
    wish: foamWish(MOSS, 0.5),
    rate: k.mossG,
    on: k.mossOn,
    optional: true,
  },
]

function suits({ piece }: PlantJob) {
  const floor = piece.floor === true
  return judge({
    right: floor,
    pro: [
      floor
        ? 'what a tree drops, on the ground under its crown: it lies before the tree is set'
        : 'litter with green between: what stands there is set into it afterwards',
    ],
    con: [!floor && 'it makes the floor, not the plants that stand on it'],
    never: [
      !floor && piece.habit !== 'fern' && piece.habit !== 'herb' && 'grass makes no leaf litter',
      piece.crownForm === 'wall' && 'on a wall nothing lies',
    ],
  })
}

/** The floor under trees, by area: earth, ground leaves, moss. It is laid before the trees are set. Common practice. */
export const woodlandFloor: PlantMethod = {
  id: 'woodland-floor',
  name: 'Leaf litter under trees',
  makes: 'Earth and ground leaves in PVA, drifted against trunks and banks, moss on stumps, sealed.',
  kinds: ['area'],
  floors: true,
  profile: {
    sizeMm: [0.2, 12],
    shows: 'puff',
    effort: 'from the bag',
    handling: 'handled',
    together: [1, 3],
    seasons: 'all year; fresh in autumn',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  slots: ({ piece }) => [...coverSlots(covers(piece)), ...sealingSlots],
  work(task) {
    const { value, piece } = task
    const cm2 = partCm2(task)
    const ground = fact('ground', cm2, 'cm²')
    const uses = [...coverUses(task, covers(piece), cm2), ...sealingUses(task, ground)]
    return {
      uses,
      pours: sealingPours(task, ground),
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'floor',
          title: 'Earth and litter',
          text: 'Before any trunk is set. PVA over the patch; earth first where it is worn; ground leaves over it, drifted against banks and where trunks will stand, thin on paths. A little dyed sawdust in the shade.',
          hands: hands(value(k.throwSec) * cm2, 60),
          within: open(task, 'pva', { by: k.openSec }),
          atOnce: { count: 1, because: 'window', what: 'Patch by patch, edges overlapping.' },
          tools: ['brush'],
          cautions: ['dust'],
          faults: ['litter-carpet'],
        },
        {
          id: 'moss',
          title: 'Moss and seedlings',
          text: 'A pinch of dark fine foam on stumps, stones and the north side of roots; nowhere in a row.',
          hands: hands((value(k.throwSec) * cm2) / 3, 30),
          tools: ['tweezers'],
        },
        sealingStep(task, cm2),
        inspectStep(task, 'Litter lies in drifts; earth and stone are partly seen.', [
          'litter-carpet',
          'beads',
        ]),
      ]),
    }
  },
  examples: [
    exampleArea(examplePiece('herb', 'blades', 1, { floor: true }), 400),
    exampleArea(examplePiece('fern', 'blades', 10), 120),
  ],
}
