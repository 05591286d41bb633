import {
  amount,
  coatUse,
  coefficients,
  crownOf,
  dressing,
  examplePiece,
  examplePieces,
  hands,
  inspectStep,
  judge,
  open,
  openSecOf,
  piecesUse,
  seconds,
  sets,
  share,
  startedOf,
  stepsWith,
  use,
  wetRounds,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { figure, most, ONE, product, rounded } from '../../quantities'
import { catalogueRow } from '../../stock'
import { practice, practised } from './practice'
import { beyond, hasPlates, hopeless, isBare, notABush, notATree, tooFrail, type Sizes } from './suits'

const SIZES: Sizes = { well: [60, 180] }

const k = coefficients('flower-head-pine', {
  spoilage: share('spoilage', 0.06),
  rays: share('rays worth keeping, of a head', 0.5),
  coffeeCoat: amount('coffee grounds in the wet, for each cm² of crown', 0.006, 'g/cm²'),
  flockCoat: amount('fibre flock in the wet, for each cm² of crown', 0.003, 'g/cm²'),
  greenCoat: amount('green on the crown', 0.014, 'ml/cm²'),
  orangeCoat: amount('orange on the upper trunk', 0.002, 'ml/cm²'),
  thinSec: seconds('thin the head to tiers', 18),
  barkSec: seconds('brown, coffee, brown mist', 14),
  crownSec: seconds('green, flock in the wet', 10),
  trunkSec: seconds('orange upper trunk', 6),
  ...practice,
})

function suits({ piece }: PlantJob) {
  const plated = hasPlates(piece)
  return judge({
    right: plated && piece.zone !== 'front',
    pro: [
      'open tiers with sky between them, for pines by the dozen',
      'under a minute each in a run of a hundred',
      'no wire, no wool, no night of drying',
    ],
    con: [
      beyond(piece, SIZES),
      piece.zone === 'front' && 'from close by the fan of the head shows',
      piece.habit === 'conifer' && !plated && 'a head has no whorls about a leader',
      tooFrail(piece, 'protected'),
      notABush(piece),
    ],
    never: [
      notATree(piece),
      hopeless(piece, SIZES),
      piece.habit !== 'conifer' && 'its tiers and its orange bark are a pine’s',
      isBare(piece) && 'without needles it is a head',
    ],
  })
}

/** A pine from a dried flower head. Common practice. */
export const flowerHeadPine: PlantMethod = {
  id: 'flower-head-pine',
  name: 'Flower-head pine',
  makes: 'A dried flower head thinned to tiers, coffee grounds for bark, fibre flock in the wet green.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'mass-made',
    handling: 'protected',
    together: [20, 100],
    seasons: 'all year',
    manner: 'head',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }) => [
    { id: 'head', label: 'Flower heads', wish: { stuff: 'twig', twig: 'head', heightMm: piece.heightMm } },
    { id: 'brown', label: 'Brown', wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#5f4a37' } },
    { id: 'coffee', label: 'Coffee grounds', wish: { stuff: 'powder', powder: 'coffee' } },
    {
      id: 'green',
      label: 'Oxide green',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: piece.tones.shade },
    },
    { id: 'flock', label: 'Fibre flock', wish: { stuff: 'fibre', lengthMm: 2, colour: piece.tones.base } },
    { id: 'orange', label: 'Upper trunk', wish: { stuff: 'liquid', liquid: 'paint', colour: '#b0713f' } },
  ],
  work(task) {
    const { value } = task
    const slow = practised(task, k)
    const grams = (slot: string, step: string, label: string, of: typeof k.coffeeCoat) =>
      use(task, { slot, step, label, each: product(crownOf(task), task.input(of)) })
    const uses = [
      ...piecesUse(task, {
        slot: 'head',
        step: 'thin',
        label: 'Heads',
        each: ONE,
      }),
      coatUse(task, { slot: 'brown', step: 'bark', label: 'Brown, twice' }, dressing.paintCoat),
      grams('coffee', 'bark', 'Coffee grounds', k.coffeeCoat),
      coatUse(task, { slot: 'green', step: 'crown', label: 'Green' }, k.greenCoat),
      grams('flock', 'crown', 'Fibre flock', k.flockCoat),
      coatUse(task, { slot: 'orange', step: 'trunk', label: 'Orange, white, brown' }, k.orangeCoat),
    ]
    const air = { needs: ['ventilation' as const], gives: ['aerosol' as const, 'solvent' as const] }
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [
        {
          label: 'Rays cut out: undergrowth',
          source: 'by-product',
          material: catalogueRow('curved-sprigs'),
          quantity: figure(most(ONE, rounded(product(startedOf(task), task.input(k.rays)))), 'piece'),
          shares: [],
        },
      ],
      steps: stepsWith(uses, [
        {
          id: 'thin',
          title: 'Thin to open tiers',
          text: 'Cut whole rays out until the head stands in tiers with sky between them; a centimetre of bare stem stays below as the foot to plant it by.',
          hands: hands(value(k.thinSec) * slow, 30, 'common practice'),
          tools: ['scissors'],
          cautions: ['wire-and-blades', 'gathering'],
          faults: ['opaque-head'],
        },
        {
          id: 'bark',
          title: 'Brown, coffee in the wet, brown mist',
          text: 'Brown all over; fully dry coffee grounds into the wet paint on stem and limbs; a brown mist over it.',
          hands: hands(value(k.barkSec) * slow, 60, 'common practice'),
          within: open(task, 'paint'),
          atOnce: wetRounds(openSecOf(task, 'paint'), 8, value(k.barkSec) * slow).atOnce,
          wait: sets(task, 'paint', 'Let the paint dry'),
          tools: ['catch tray'],
          holders: [{ what: 'block place', each: 1, until: 'inspect' }],
          ...air,
          cautions: ['spray', 'dust'],
          faults: ['mould'],
        },
        {
          id: 'crown',
          title: 'Green on the crown, flock in the wet',
          text: 'Oxide green on the crown only; fibre flock into the wet paint.',
          hands: hands(value(k.crownSec) * slow, 60, 'common practice'),
          within: open(task, 'paint'),
          atOnce: wetRounds(openSecOf(task, 'paint'), 8, value(k.crownSec) * slow).atOnce,
          wait: sets(task, 'paint', 'Let the paint dry'),
          tools: ['catch tray'],
          ...air,
          cautions: ['spray', 'dust'],
        },
        {
          id: 'trunk',
          title: 'Upper trunk',
          text: 'Orange with white and brown on the upper trunk, by brush.',
          hands: hands(value(k.trunkSec) * slow, 30, 'common practice'),
          tools: ['brush'],
          faults: ['trunk-colour'],
        },
        {
          ...inspectStep(task, 'Sky visible between the tiers.', ['opaque-head']),
          hands: hands(2 * slow, 0),
        },
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('conifer', 'irregular', 110), 100),
    examplePieces(examplePiece('conifer', 'flat-topped', 80), 6),
  ],
}
