import {
  amount,
  coatUse,
  coefficients,
  crownOf,
  dressing,
  dressSlots,
  dressSteps,
  dressUses,
  examplePiece,
  examplePieces,
  hands,
  hasLeaf,
  inspectStep,
  judge,
  minutes,
  open,
  piecesUse,
  pinSlots,
  pinStep,
  pinUses,
  seconds,
  sets,
  share,
  snowOption,
  stepsWith,
  use,
  wait,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { ONE, product } from '../../quantities'
import { beyond, hopeless, notABush, notATree, type Sizes } from './suits'

const SIZES: Sizes = { well: [80, 250] }
const k = coefficients('root-tree', {
  spoilage: share('spoilage', 0.1),
  glue: amount('PVA on the branches, for each cm² of crown', 0.03, 'ml/cm²'),
  longFibre: amount('12 mm fibre, for each cm² of crown', 0.008, 'g/cm²', 'memory', 'rich'),
  shortFibre: amount('2.5 mm fibre, for each cm² of crown', 0.004, 'g/cm²'),
  jetSec: seconds('water jet', 180),
  fibreSec: seconds('PVA and long fibre', 240),
  shortSec: seconds('spray adhesive and short fibre', 120),
  dryMin: minutes('the washed root dries', 2880, 'memory', 'two days'),
  filled: share('covered before the leaf, of what is seen', 0.15),
})

const dress: Dress = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled, slot: 'twig-glue' }

function suits({ piece }: PlantJob) {
  const crooked =
    piece.crownForm === 'irregular' || piece.crownForm === 'spreading' || piece.crownForm === 'flat-topped'
  return judge({
    right: piece.habit === 'broadleaf' && piece.zone === 'front' && crooked,
    pro: [
      'crooked and old as nothing else: for a rock, a waterfall, the one tree that is looked at',
      'the root costs nothing',
    ],
    con: [
      beyond(piece, SIZES),
      !crooked && 'a root is crooked; this crown is regular',
      piece.zone !== 'front' && 'an eye-catcher, wasted behind others',
      piece.habit === 'conifer' && 'leaf on crooked limbs reads as a broadleaf',
      notABush(piece),
    ],
    never: [
      notATree(piece),
      hopeless(piece, SIZES),
      piece.crownForm === 'conical' && 'no root grows a leader with whorls',
    ],
  })
}

/** A cane root turned over: two orders of fibre for twigs, and leaf. Common practice. */
export const rootTree: PlantMethod = {
  id: 'root-tree',
  name: 'Root tree',
  makes: 'A washed root turned over, long and short fibre on its branches, leaf.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'made one by one',
    handling: 'reached over',
    together: [1, 4],
    seasons: 'any; roots when canes are cleared',
    manner: 'root',
  },
  coefficients: Object.values(k),
  options: [snowOption],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    { id: 'root', label: 'Roots', wish: { stuff: 'twig', twig: 'root', heightMm: piece.heightMm } },
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'long-fibre',
      label: 'Brown fibre, 12 mm',
      wish: { stuff: 'fibre', how: 'sprinkled', lengthMm: 12, colour: '#5a4330' },
    },
    {
      id: 'twig-glue',
      label: 'Spray adhesive for twigs',
      wish: { stuff: 'liquid', liquid: 'spray-adhesive' },
    },
    {
      id: 'short-fibre',
      label: 'Brown fibre, 2.5 mm',
      wish: { stuff: 'fibre', how: 'sprinkled', lengthMm: 2.5, colour: '#5a4330' },
    },
    // The same can serves twigs and leaf.
    ...dressSlots(piece, dress, choice),
    ...pinSlots(piece),
  ],
  work(task) {
    const { value } = task
    const crown = crownOf(task)
    const size = task.piece.heightMm / 160
    const per = (slot: string, step: string, label: string, of: typeof k.glue) =>
      use(task, {
        slot,
        step,
        label,
        each: product(crown, task.input(of)),
      })
    const uses = [
      ...piecesUse(task, {
        slot: 'root',
        step: 'wash',
        label: 'Roots',
        each: ONE,
      }),
      per('pva', 'fibre', 'PVA', k.glue),
      per('long-fibre', 'fibre', 'Long fibre', k.longFibre),
      coatUse(task, { slot: 'twig-glue', step: 'twigs', label: 'Spray adhesive' }, dressing.adhesiveCoat),
      per('short-fibre', 'twigs', 'Short fibre', k.shortFibre),
      ...pinUses(task),
      ...dressUses(task, dress),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'wash',
          title: 'Jet the root clean',
          text: 'Water jet from all sides until no soil is left; then it dries for two days.',
          hands: hands(value(k.jetSec) * size, 60),
          wait: wait(task.dryMin(value(k.dryMin)), 'open film', 'Dry for two days'),
          tools: ['hose', 'old brush'],
          needs: ['outdoors'],
          cautions: ['water-jet', 'gathering'],
        },
        pinStep(task),
        {
          id: 'fibre',
          title: 'Long fibre on the branches',
          text: 'PVA on the branch-like parts; 12 mm brown sprinkled richly, the piece turned as you go; tap off. Stem clean.',
          hands: hands(value(k.fibreSec) * size, 60),
          within: open(task, 'pva'),
          wait: sets(task, 'pva', 'Dry overnight'),
          tools: ['brush', 'catch tray'],
          holders: [{ what: 'block place', each: 1, until: 'inspect' }],
          cautions: ['dust'],
          faults: ['fibre-clumps'],
        },
        {
          id: 'twigs',
          title: 'Short fibre',
          text: 'Spray adhesive on branches only; 2.5 mm brown from all sides: the second order of twig.',
          hands: hands(value(k.shortSec) * size, 60),
          within: open(task, 'spray-adhesive'),
          wait: sets(task, 'spray-adhesive', 'Let it set'),
          tools: ['catch tray'],
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          cautions: ['spray', 'dust'],
          faults: ['fibre-clumps'],
          passes: 'Two orders of twig; stem clean.',
        },
        ...dressSteps(task, dress, { where: 'twigs only' }),
        inspectStep(
          task,
          hasLeaf(task.piece)
            ? 'Stem clean, two orders of twig, light through the leaf.'
            : 'Stem clean, two orders of twig.',
          ['fibre-clumps'],
        ),
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'spreading', 160, { zone: 'front' }), 4),
    examplePieces(examplePiece('broadleaf', 'irregular', 120, { zone: 'front', leaf: 0.33 }), 1),
  ],
}
