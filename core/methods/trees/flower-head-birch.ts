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
  judge,
  minutes,
  open,
  openSecOf,
  piecesUse,
  seconds,
  sets,
  share,
  snowOption,
  startedOf,
  stepsWith,
  use,
  wait,
  wetRounds,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { figure, most, ONE, product, rounded } from '../../quantities'
import { catalogueRow } from '../../stock'
import { practice, practised } from './practice'
import { beyond, hopeless, isBare, notABush, notATree, tooFrail, type Sizes } from './suits'

const SIZES: Sizes = { well: [60, 180] }
/** The fine foam that goes into the wet black makes up some of what is seen. */
const k = coefficients('flower-head-birch', {
  spoilage: share('spoilage', 0.06),
  rays: share('rays worth keeping, of a head', 0.3),
  groutCoat: amount('pale grout in the wet, for each cm² of crown', 0.02, 'g/cm²'),
  blackCoat: amount('black on the crown', 0.012, 'ml/cm²'),
  foam: amount('fine foam in the wet black, for each cm² of crown', 0.006, 'g/cm²'),
  brushCoat: amount('dark grey for branches and scars', 0.002, 'ml/cm²'),
  cleanSec: seconds('strip, cut the point off', 15),
  paleSec: seconds('pale grey, grout', 10),
  blackSec: seconds('black on the crown', 5),
  foamSec: seconds('fine foam in the wet', 6),
  scarSec: seconds('branches, triangles, scars', 15),
  foamMin: minutes('the crown dries fully', 60),
  ...practice,
  filled: share('covered before the leaf, of what is seen', 0.25),
})

const dress: Dress = { adhesive: 'hairspray', form: 'leaf', filled: k.filled }

function suits({ piece }: PlantJob) {
  return judge({
    right: piece.habit === 'broadleaf' && !isBare(piece) && piece.seeThrough >= 0.25,
    pro: [
      'a pale stem and a dark airy crown: birch and aspen as they are',
      'a minute each in a run of hundreds, two in a few',
      'heads cost an afternoon in late autumn',
    ],
    con: [
      beyond(piece, SIZES),
      piece.seeThrough < 0.25 && 'the head stays airy; this crown is dense',
      piece.habit === 'conifer' && 'its fan is a broadleaf’s',
      piece.zone === 'front' && 'from close by the fan of the head shows',
      tooFrail(piece, 'protected'),
      notABush(piece),
    ],
    never: [
      notATree(piece),
      hopeless(piece, SIZES),
      isBare(piece) && 'bare, the head is a head: it shows what it is',
      piece.crownForm === 'conical' && 'no whorls about a leader',
    ],
  })
}

/** A birch from a dried flower head. Common practice. */
export const flowerHeadBirch: PlantMethod = {
  id: 'flower-head-birch',
  name: 'Flower-head birch',
  makes:
    'A dried flower head: pale stem with grout in the wet, black crown, fine foam, leaf, dark triangles.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'mass-made',
    handling: 'protected',
    together: [20, 300],
    seasons: 'in leaf',
    manner: 'head',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'armature',
      name: 'From',
      choices: [
        { id: 'head', name: 'flower heads', words: 'gathered by the hundred in late autumn' },
        { id: 'sprig', name: 'sprigs', words: 'the same look: white stem, black tips, two passes of leaf' },
      ],
    },
    snowOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    choice('armature') === 'sprig'
      ? { id: 'head', label: 'Sprigs', wish: { stuff: 'twig', twig: 'sprig', heightMm: piece.heightMm } }
      : {
          id: 'head',
          label: 'Flower heads',
          wish: { stuff: 'twig', twig: 'head', heightMm: piece.heightMm },
        },
    {
      id: 'stem-paint',
      label: 'Pale grey',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#b9b4ab' },
    },
    { id: 'grout', label: 'Pale grout', wish: { stuff: 'powder', powder: 'grout', colour: '#c4bfb4' } },
    {
      id: 'black',
      label: 'Black',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#26241f' },
      tone: { is: 'darker', than: 'stem-paint' },
    },
    {
      id: 'core',
      label: 'Fine foam, core',
      wish: { stuff: 'foam', form: 'ground', grainMm: 0.4, colour: piece.tones.shade },
    },
    { id: 'scar-paint', label: 'Dark grey', wish: { stuff: 'liquid', liquid: 'paint', colour: '#45423e' } },
    ...dressSlots(piece, dress, choice),
  ],
  work(task) {
    const { piece, value } = task
    const slow = practised(task, k)
    const crown = crownOf(task)
    const uses = [
      ...piecesUse(task, {
        slot: 'head',
        step: 'clean',
        label: 'Heads',
        each: ONE,
      }),
      coatUse(task, { slot: 'stem-paint', step: 'pale', label: 'Pale grey' }, dressing.mistCoat),
      use(task, {
        slot: 'grout',
        step: 'pale',
        label: 'Grout',
        each: product(crown, task.input(k.groutCoat)),
      }),
      coatUse(task, { slot: 'black', step: 'black', label: 'Black' }, k.blackCoat),
      use(task, {
        slot: 'core',
        step: 'black',
        label: 'Fine foam',
        each: product(crown, task.input(k.foam)),
      }),
      ...dressUses(task, dress),
      coatUse(task, { slot: 'scar-paint', step: 'scars', label: 'Dark grey' }, k.brushCoat),
    ]
    const air = { needs: ['ventilation' as const], gives: ['aerosol' as const, 'solvent' as const] }
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [
        {
          label: 'Lower rays: undergrowth',
          source: 'by-product',
          material: catalogueRow('curved-sprigs'),
          quantity: figure(most(ONE, rounded(product(startedOf(task), task.input(k.rays)))), 'piece'),
          shares: [],
        },
      ],
      steps: stepsWith(uses, [
        {
          id: 'clean',
          title: 'Leaves, lower branches and point off',
          text: 'Strip the leaves and lower rays, cut the pointed top off; a centimetre of bare stem stays below as the foot to plant it by.',
          hands: hands(value(k.cleanSec) * slow, 30, 'common practice'),
          tools: ['scissors'],
          cautions: ['wire-and-blades', 'gathering'],
        },
        {
          id: 'pale',
          title: 'Pale grey, grout in the wet',
          text: 'Light grey rather than white, all round the stem; pale grout into the wet paint.',
          hands: hands(value(k.paleSec) * slow, 60, 'common practice'),
          within: open(task, 'paint'),
          atOnce: wetRounds(openSecOf(task, 'paint'), 8, value(k.paleSec) * slow).atOnce,
          wait: sets(task, 'paint', 'Let the paint dry'),
          tools: ['catch tray'],
          holders: [{ what: 'block place', each: 1, until: 'inspect' }],
          ...air,
          cautions: ['spray', 'grout'],
        },
        {
          id: 'black',
          title: 'Black on the crown, fine foam in the wet',
          text: 'Black on the crown only, from farther off in short bursts, sparing stem and branches; fine green foam into the wet black. Then it dries fully.',
          hands: hands((value(k.blackSec) + value(k.foamSec)) * slow, 60, 'common practice'),
          within: open(task, 'paint'),
          atOnce: wetRounds(openSecOf(task, 'paint'), 8, (value(k.blackSec) + value(k.foamSec)) * slow)
            .atOnce,
          wait: wait(task.dryMin(value(k.foamMin)), 'open film', 'Dry fully'),
          tools: ['catch tray'],
          ...air,
          cautions: ['spray', 'dust'],
          faults: ['black-stem'],
          passes: 'Pale stem, dark crown core.',
        },
        ...dressSteps(task, dress, { where: 'crown; a mist over it at the end' }).map((draft) =>
          draft.id.startsWith('dress')
            ? { ...draft, hands: hands((3 + 0.03 * piece.sideAreaCm2) * slow, 60, 'common practice') }
            : draft,
        ),
        {
          id: 'scars',
          title: 'Branches, triangles, scars',
          text: 'Fine brush, dark grey: lower branches, a dark triangle under each, scars up the stem.',
          hands: hands(value(k.scarSec) * slow, 30, 'common practice'),
          tools: ['brush'],
        },
        inspectStep(task, 'Pale stem, dark crown core, leaf at the edge.', ['black-stem']),
      ]).map((step) =>
        step.id === 'inspect' ? { ...step, hands: { ...step.hands, eachSec: 3 * slow } } : step,
      ),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'ovate', 110, { seeThrough: 0.35 }), 200),
    examplePieces(examplePiece('broadleaf', 'ovate', 80, { seeThrough: 0.35, leaf: 0.4 }), 5),
  ],
}
