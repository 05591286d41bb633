import {
  amount,
  coatUse,
  coefficients,
  crownOf,
  dressing,
  dressSteps,
  dressUses,
  examplePiece,
  examplePieces,
  flockUse,
  hands,
  inspectStep,
  judge,
  leafOf,
  open,
  openSecOf,
  plantUse,
  seconds,
  seeThroughOf,
  sets,
  share,
  snowOption,
  snowSlots,
  stepsWith,
  trunkOf,
  use,
  wetRounds,
  withoutLeaf,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { ONE, product, rest } from '../../quantities'
import { beyond, hopeless, isBare, notABush, notATree, type Sizes } from './suits'

const SIZES: Sizes = { well: [40, 230] }
const snowOnly: Dress = { adhesive: 'hairspray', form: 'ground' }

const k = coefficients('ready-tree', {
  spoilage: share('spoilage', 0.02),
  foamShare: share('of the foliage that is thrown on', 0.3, 'memory', 'the tree brings its own'),
  sticks: share('foam sticks in wet paint, of what is thrown', 0.4),
  plantMl: amount('full-strength medium at the foot, for each mm of trunk', 0.12, 'ml/mm'),
  lightShare: share('of what is thrown on, the lighter tone', 0.35),
  dressCm2Sec: amount(
    'colour and foam, for each cm² of crown',
    0.45,
    's/cm²',
    'memory',
    '30 s on a tree of 110 mm',
  ),
  drillSec: seconds('drill, medium', 25),
})

function suits({ piece }: PlantJob) {
  return judge({
    right: piece.habit === 'broadleaf' && piece.zone === 'back' && piece.leaf > 0.6,
    pro: [
      'half a minute each: no armature to make',
      'the plainest bought tree gains two tones and loses its shine',
      'as tough as it was bought',
    ],
    con: [
      beyond(piece, SIZES),
      piece.zone !== 'back' && 'a bought shape is seen for what it is from close by',
      piece.leaf <= 0.6 && piece.leaf > 0.15 && 'it has more foliage than this day leaves',
      piece.habit === 'conifer' && 'ready trees of its form are another purchase',
      notABush(piece),
    ],
    never: [
      notATree(piece),
      hopeless(piece, SIZES),
      (isBare(piece) || piece.leaf <= 0.15) && 'what is bought dressed can’t be made bare',
    ],
  })
}

/** A bought tree, sprayed and dressed anew. Common practice. */
export const readyTree: PlantMethod = {
  id: 'ready-tree',
  name: 'Re-dressed ready tree',
  makes: 'A bought tree sprayed its own colour, fine foam in the wet paint for volume.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'puff',
    effort: 'from the bag',
    handling: 'handled',
    together: [5, 20],
    seasons: 'in leaf',
    manner: 'ready',
  },
  setsInPlace: true,
  coefficients: Object.values(k),
  options: [snowOption],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    {
      id: 'tree',
      label: 'Ready trees',
      wish: { stuff: 'goods', goods: 'ready-tree', heightMm: piece.heightMm },
    },
    {
      id: 'canopy-paint',
      label: 'Canopy colour',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: piece.tones.base },
    },
    {
      id: 'foliage',
      label: 'Fine foam',
      wish: { stuff: 'foam', form: 'ground', grainMm: 0.5, colour: piece.tones.base },
    },
    {
      id: 'highlight',
      label: 'Second tone',
      wish: { stuff: 'foam', form: 'ground', grainMm: 0.4, colour: piece.tones.light },
      tone: { is: 'lighter', than: 'foliage' },
      optional: true,
    },
    { id: 'medium', label: 'Matte medium', wish: { stuff: 'liquid', liquid: 'matte-medium' } },
    ...snowSlots(choice, { id: 'adhesive', label: 'Hairspray' }),
    {
      id: 'hold',
      label: 'Hairspray',
      wish: { stuff: 'liquid', liquid: 'hairspray' },
      optional: true,
      mayShare: true,
    },
  ],
  work(task) {
    const { value, piece } = task
    const wet = openSecOf(task, 'paint')
    const each = value(k.dressCm2Sec) * piece.sideAreaCm2
    const round = wetRounds(wet, 4, each)
    const light = task.fill('highlight').parts.length > 0 ? task.input(k.lightShare) : undefined
    const trunk = trunkOf(task)
    const bare = withoutLeaf(task)
    const uses = [
      use(task, {
        slot: 'tree',
        step: 'dress',
        label: 'Trees',
        each: ONE,
      }),
      coatUse(task, { slot: 'canopy-paint', step: 'dress', label: 'Canopy colour' }, dressing.paintCoat),
      flockUse(task, {
        slot: 'foliage',
        step: 'dress',
        label: 'Fine foam',
        area: crownOf(task),
        seeThrough: seeThroughOf(task),
        leaf: leafOf(task),
        share: product(task.input(k.foamShare), light ? rest(light) : ONE),
        sticks: k.sticks,
      }),
      ...(light
        ? [
            coatUse(
              task,
              { slot: 'hold', step: 'highlight', label: 'Hairspray for the second tone' },
              dressing.mistCoat,
            ),
            flockUse(task, {
              slot: 'highlight',
              step: 'highlight',
              label: 'Second tone, from above',
              area: crownOf(task),
              seeThrough: seeThroughOf(task),
              leaf: leafOf(task),
              share: product(task.input(k.foamShare), light),
              sticks: k.sticks,
            }),
          ]
        : []),
      ...dressUses(bare, snowOnly),
      plantUse(task, { slot: 'medium', step: 'plant', label: 'Medium' }, k.plantMl, trunk),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'dress',
          title: 'Colour, fine foam in the wet',
          text: 'Matt colour all round the canopy, fine foam into the wet paint. Spare the trunk.',
          hands: hands(each, 60),
          within: open(task, 'paint'),
          atOnce: round.atOnce,
          wait: sets(task, 'paint', 'Let the paint dry'),
          tools: ['catch tray'],
          holders: [{ what: 'block place', each: 1, until: 'plant' }],
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          cautions: ['spray', 'dust'],
          faults: ['plastic-shine', 'loud-two-tone'],
          passes: 'Two tones; no plastic shine.',
        },
        light !== undefined && {
          id: 'highlight',
          title: 'Second tone from above',
          text: 'A mist of hairspray from above only, the lighter foam over it.',
          hands: hands(each / 3, 30),
          within: open(task, 'hairspray'),
          wait: sets(task, 'hairspray', 'Let it set'),
          tools: ['catch tray'],
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          cautions: ['spray', 'dust'],
          faults: ['loud-two-tone'],
        },
        ...dressSteps(bare, snowOnly),
        inspectStep(task, 'Two tones, no plastic shine, no two alike side by side.', ['plastic-shine']),
        {
          id: 'plant',
          title: 'Drill, full-strength medium',
          text: 'Small drill where it will stand; medium at full strength in the hole.',
          hands: hands(value(k.drillSec), 60),
          tools: ['drill'],
          cautions: ['drill'],
        },
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 110, { zone: 'back' }), 20),
    examplePieces(examplePiece('broadleaf', 'ovate', 180, { zone: 'back' }), 3),
  ],
}
