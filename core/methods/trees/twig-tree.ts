import {
  amount,
  coatUse,
  coefficients,
  crownOf,
  dressing,
  dressSlots,
  dressSteps,
  dressUses,
  dries,
  examplePiece,
  examplePieces,
  fixedUse,
  hands,
  heightOf,
  inspectStep,
  judge,
  open,
  paintStep,
  piecesUse,
  seconds,
  sets,
  share,
  snowOption,
  stepsWith,
  trunkOf,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { quotient, roundedUp, type Expression } from '../../quantities'
import { beyond, hopeless, notABush, notATree, type Sizes } from './suits'

const SIZES: Sizes = { well: [100, 300] }
const dress: Dress = { adhesive: 'hairspray', form: 'leaf', shade: true }

const k = coefficients('twig-tree', {
  spoilage: share('spoilage', 0.08),
  twigsEach: amount('twigs joined to a tree', 1.6, 'piece'),
  tipCm2: amount('crown for each sprig tip', 2.2, 'cm²'),
  tipsFromSprig: amount('tips from a curved sprig', 20, 'piece', 'memory', '15 to 25'),
  jointCa: amount('CA in a joint, for each mm of trunk', 0.025, 'ml/mm'),
  paste: amount('paste for joint, foot and flange, for each mm of height', 0.05, 'ml/mm'),
  edgeCoat: amount('medium on the edges of a crown', 0.01, 'ml/cm²'),
  tipGlue: amount('hot glue for a tip', 0.025, 'ml'),
  washCoat: amount('a thin dark wash', 0.004, 'ml/cm²'),
  joinSec: seconds('choose, trim, join, a tree of 180 mm', 300),
  footSec: seconds('paste foot, bark, flange, of a tree of 180 mm', 300),
  sprigTipSec: seconds('place a tip', 18, 'common practice', '15 to 20 minutes for a tree of 160 mm'),
  washSec: seconds('a thin wash, on a tree of 180 mm', 90),
  leafSec: seconds('base and highlight', 180),
  nightMin: dries('ca', 'CA in the joint'),
  pasteMin: dries('paste', 'paste dries'),
})

function suits({ piece }: PlantJob) {
  return judge({
    right: piece.habit === 'broadleaf' && piece.zone === 'front',
    pro: [
      'real bark and a real fork: nothing made looks more like wood',
      piece.zone === 'front' && 'for the eye that comes close',
      'six in an evening, the two nights of drying not counted',
    ],
    con: [
      beyond(piece, SIZES),
      piece.zone !== 'front' && 'a quarter of an hour of tips for a tree that nobody looks at closely',
      piece.habit === 'conifer' && 'a twig forks like a broadleaf',
      notABush(piece),
    ],
    never: [
      notATree(piece),
      hopeless(piece, SIZES),
      piece.crownForm === 'conical' && 'no twig grows whorls about a leader',
    ],
  })
}

/** A foreground tree from garden twigs with sprig tips. Common practice. */
export const twigTree: PlantMethod = {
  id: 'twig-tree',
  name: 'Twig foreground tree',
  makes:
    'Garden twigs joined at a natural joint, a foot of paste, sprig tips in hot glue, leaf in close tones.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'made one by one',
    handling: 'reached over',
    together: [1, 6],
    seasons: 'any',
    manner: 'twig',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'leafing',
      name: 'Leaf sticks by',
      choices: [
        { id: 'hairspray', name: 'hairspray', words: 'sprayed, then sprinkled' },
        {
          id: 'medium',
          name: 'edges dipped',
          words: 'the crown’s edges dipped in dilute medium, then sprinkled; never plunged',
        },
      ],
    },
    snowOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    { id: 'twig', label: 'Twigs', wish: { stuff: 'twig', twig: 'twig', heightMm: piece.heightMm } },
    { id: 'ca', label: 'CA', wish: { stuff: 'liquid', liquid: 'ca' } },
    { id: 'paste', label: 'Modelling paste', wish: { stuff: 'liquid', liquid: 'paste' } },
    {
      id: 'tips',
      label: 'Curved sprigs for tips',
      wish: { stuff: 'twig', twig: 'curved-sprig', heightMm: Math.min(110, piece.heightMm * 0.4) },
    },
    { id: 'glue', label: 'Hot-glue chips', wish: { stuff: 'liquid', liquid: 'hot-glue' } },
    {
      id: 'primer',
      label: 'Grey primer',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#8b8a87' },
    },
    { id: 'wash', label: 'Dark wash', wish: { stuff: 'liquid', liquid: 'paint', colour: '#45423e' } },
    ...(choice('leafing') === 'medium' && piece.leaf > 0.01
      ? [{ id: 'medium', label: 'Matte medium', wish: { stuff: 'liquid', liquid: 'matte-medium' } } as const]
      : []),
    ...dressSlots(piece, dress, choice),
  ],
  work(task) {
    const { piece, value } = task
    const many = (slot: string, step: string, label: string, each: Expression) =>
      piecesUse(task, {
        slot,
        step,
        label,
        each,
      })
    const height = heightOf(task)
    const tips = roundedUp(quotient(crownOf(task), task.input(k.tipCm2)))
    const size = piece.heightMm / 180
    const uses = [
      ...many('twig', 'join', 'Twigs', task.input(k.twigsEach)),
      fixedUse(task, { slot: 'ca', step: 'join', label: 'CA' }, k.jointCa, trunkOf(task)),
      fixedUse(task, { slot: 'paste', step: 'foot', label: 'Paste' }, k.paste, height),
      ...many('tips', 'tips', 'Curved sprigs', quotient(tips, task.input(k.tipsFromSprig))),
      fixedUse(task, { slot: 'glue', step: 'tips', label: 'Hot glue' }, k.tipGlue, tips),
      coatUse(task, { slot: 'primer', step: 'paint', label: 'Grey primer' }, dressing.paintCoat),
      coatUse(task, { slot: 'wash', step: 'wash', label: 'Dark wash' }, k.washCoat),
      ...(task.choice('leafing') === 'medium' && piece.leaf > 0.01
        ? [coatUse(task, { slot: 'medium', step: 'dress', label: 'Medium for the edges' }, k.edgeCoat)]
        : []),
      ...dressUses(task, dress),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'join',
          title: 'Choose, trim, join',
          text: 'Compact twigs with forks close together; trim what crosses. Shave two where they will meet, at a natural joint; CA.',
          hands: hands(value(k.joinSec) * size, 60),
          wait: sets(task, 'ca', 'CA in the joint overnight', { by: k.nightMin }),
          tools: ['cutters', 'knife'],
          holders: [{ what: 'base', each: 1, until: 'inspect' }],
          cautions: ['wire-and-blades', 'ca', 'gathering'],
          faults: ['visible-join', 'one-sided'],
        },
        {
          id: 'foot',
          title: 'Foot, bark, flange',
          text: 'Paste with the fingers over joint and foot; bark it with an old toothbrush, upwards. Roots run out on a flange that will be planted under the ground, a post below.',
          hands: hands(value(k.footSec) * size, 60),
          within: open(task, 'paste'),
          wait: sets(task, 'paste', 'Dry overnight', { by: k.pasteMin }),
          tools: ['toothbrush'],
          faults: ['visible-join'],
          passes: 'The joint can’t be found.',
        },
        {
          id: 'tips',
          title: 'Tips in hot glue',
          text: 'The pot on low with a few chips, never filled: old glue strings. Tip by tip with tweezers, outward and up, no two side by side. Dull: do two trees an evening if you like.',
          hands: hands(value(k.sprigTipSec) * tips.value, 120, 'common practice'),
          within: open(task, 'hot-glue'),
          tools: ['glue pot', 'tweezers'],
          cautions: ['hot-glue'],
          faults: ['glue-strings', 'one-sided'],
        },
        paintStep(task, {
          id: 'paint',
          title: 'Grey primer',
          text: 'Grey primer on all of it.',
        }),
        {
          id: 'wash',
          title: 'Thin dark wash',
          text: 'Over dry primer, where the trunk is too pale: easiest now, before any leaf.',
          hands: hands(value(k.washSec) * size, 60),
          wait: sets(task, 'wash', 'Let the wash dry'),
          tools: ['brush'],
          faults: ['trunk-colour'],
        },
        ...dressSteps(task, dress, {
          where:
            task.choice('leafing') === 'medium'
              ? 'tips, their edges dipped in dilute medium first (never plunged)'
              : 'tips only, the tree upright',
        }),
        inspectStep(task, 'The joint is invisible; no strings; close tones.', [
          'visible-join',
          'glue-strings',
          'loud-two-tone',
        ]),
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 180, { zone: 'front' }), 6),
    examplePieces(examplePiece('broadleaf', 'spreading', 240, { zone: 'front', leaf: 0 }), 1),
  ],
}
