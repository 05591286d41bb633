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
  inspectStep,
  isBushy,
  judge,
  open,
  paintStep,
  piecesUse,
  seconds,
  sets,
  share,
  stepsWith,
  use,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, product } from '../../quantities'
import { sprigsOf } from './sprig-count'
import { beyond, hopeless, notATree, tooFrail, type Sizes } from './suits'

const SIZES: Sizes = { well: [30, 200] }
const dress: Dress = { adhesive: 'hairspray', form: 'ground' }

const k = coefficients('blossom-tree', {
  spoilage: share('spoilage', 0.08),
  spare: amount('sprigs picked for one that is used', 1.1, ''),
  glue: amount('PVA dabbed on, for each cm² of crown', 0.006, 'ml/cm²'),
  petals: amount('petals on a crown in full flower, for each cm²', 0.008, 'g/cm²'),
  sortSec: seconds('pick and clean', 60),
  dabSec: seconds('dab and dip, for each 40 cm² of crown', 40),
})

function suits({ piece }: PlantJob) {
  return judge({
    right: piece.habit === 'broadleaf' && piece.bloom > 0.15,
    pro: [
      'flowers as petals of their own on a dry sprig, uneven as flowers open',
      'no bath: the blossom would stick to all of it',
    ],
    con: [
      beyond(piece, SIZES),
      piece.bloom > 0.02 && piece.bloom <= 0.15 && 'few flowers are open on the day',
      tooFrail(piece, 'protected'),
      isBushy(piece) && 'a sprig has one stem; a shrub wants several from the foot',
    ],
    never: [
      notATree(piece),
      hopeless(piece, SIZES),
      piece.bloom <= 0.02 && 'it is not in flower on the day depicted',
      piece.habit === 'conifer' && 'a conifer has no blossom',
    ],
  })
}

/** A sprig in flower: dry, PVA dabbed at random, dipped in petals. Spring only. Common practice. */
export const blossomTree: PlantMethod = {
  id: 'blossom-tree',
  name: 'Blossom tree',
  makes: 'A dry sprig in its first leaf, PVA dabbed at random, dipped in petals.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'mass-made',
    handling: 'protected',
    together: [5, 20],
    seasons: 'while it flowers',
    manner: 'sprig',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    {
      id: 'sprig',
      label: 'Sprigs',
      wish: { stuff: 'twig', twig: 'sprig', heightMm: Math.min(160, piece.heightMm) },
    },
    {
      id: 'trunk-paint',
      label: 'Trunk colour',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#7d756b' },
    },
    ...dressSlots(piece, dress, choice),
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'petals',
      label: 'Petals',
      wish: { stuff: 'powder', powder: 'blossom', colour: piece.bloomColour },
    },
  ],
  work(task) {
    const { piece, value } = task
    const sprigs = sprigsOf(piece)
    const crown = crownOf(task)
    const inFlower = fact('share in flower', piece.bloom, '', 'memory', 'on the day')
    const uses = [
      ...piecesUse(task, {
        slot: 'sprig',
        step: 'sort',
        label: 'Sprigs',
        each: product(sprigs, task.input(k.spare)),
      }),
      coatUse(task, { slot: 'trunk-paint', step: 'trunk', label: 'Trunk colour' }, dressing.paintCoat),
      ...dressUses(task, dress),
      use(task, {
        slot: 'pva',
        step: 'blossom',
        label: 'PVA',
        each: product(crown, task.input(k.glue), inFlower),
      }),
      use(task, {
        slot: 'petals',
        step: 'blossom',
        label: 'Petals',
        each: product(crown, task.input(k.petals), inFlower),
      }),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'sort',
          title: 'Sort and clean',
          text: 'Pick straight ones: there is no bath to straighten them. Tweeze leaves, cut inward twigs.',
          hands: hands(value(k.sortSec) * sprigs.value, 60),
          tools: ['tweezers', 'cutters'],
          cautions: ['wire-and-blades'],
          faults: ['one-sided'],
        },
        paintStep(task, {
          id: 'trunk',
          title: 'Trunk colour',
          text: 'Grey-brown on both sides, in the foam block.',
          tools: ['foam block'],
          holders: [{ what: 'block place', each: 1, until: 'inspect' }],
        }),
        ...dressSteps(task, dress),
        {
          id: 'blossom',
          title: 'Dab, dip in petals',
          text: 'All of it dry. Dab PVA at random along the twigs, more at the ends; dip in the petals; tap off. Some twigs stay without.',
          hands: hands(
            value(k.dabSec) * Math.max(0.3, piece.sideAreaCm2 / 40) * Math.max(0.3, piece.bloom),
            60,
          ),
          within: open(task, 'pva', { tail: 'a tree at a time' }),
          wait: sets(task, 'pva', 'Dry overnight'),
          tools: ['brush', 'catch tray'],
          cautions: ['dust'],
          faults: ['petal-blobs'],
          passes: 'Uneven, as flowers open; no blobs.',
        },
        inspectStep(task, 'Uneven blossom, twigs still seen.', ['petal-blobs', 'one-sided']),
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 70, { bloom: 0.9, leaf: 0.3 }), 12),
    examplePieces(examplePiece('broadleaf', 'ovate', 130, { bloom: 0.5, leaf: 0 }), 1),
  ],
}
