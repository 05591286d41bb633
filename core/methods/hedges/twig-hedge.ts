import {
  dressing,
  dressSlots,
  dressSteps,
  dressUses,
  exampleHedge,
  examplePiece,
  fixedUse,
  hands,
  hasLeaf,
  inspectStep,
  judge,
  open,
  paintStep,
  partMm,
  sets,
  stepsWith,
  stretchParts,
  use,
  wait,
  type Dress,
  type PlantJob,
  type PlantMethod,
  type PlantTask,
} from '../../makeup'
import { fact, most, ONE, product, quotient, rest, rounded, type Expression } from '../../quantities'
import { plainNumber } from '../../units'
import { twigFigures as k } from './hedge-figures'
import { isHedgeWood, notAHedge } from './suits'

/** Two scatters of near tones; horsehair makes up a part of what is seen already. */
const dress: Dress = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled }
const HARDLY_ANY_LEAF = 0.15

function suits(job: PlantJob) {
  const { piece } = job
  const free = job.kind === 'length' && job.section === 'free'
  return judge({
    right: free && isHedgeWood(job),
    pro: [
      'a skeleton of twigs with growth between them: daylight comes through, as in a field hedge',
      piece.leaf < HARDLY_ANY_LEAF && 'bare, it shows its twigs',
    ],
    con: [
      !free && 'clipped to a section it is less work cut from strips',
      piece.heightMm > 55 && `at ${Math.round(piece.heightMm)} mm twigs must be joined`,
    ],
    never: [
      notAHedge(job),
      piece.heightMm < 12 &&
        `at ${Math.round(piece.heightMm)} mm holes and twigs are wider than what they stand for: a strip, or mesh along a line`,
      piece.heightMm > 90 && `twigs give 12 to 55 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** A stretch of hedge as dressing sees it: a crown as long as the stretch. */
function stretchOf(task: PlantTask): PlantTask {
  const lengthCm = partMm(task) / 10
  const { piece } = task
  return {
    ...task,
    piece: {
      ...piece,
      sideAreaCm2: (lengthCm * piece.heightMm) / 10,
      topAreaCm2: (lengthCm * piece.crownWidthMm) / 10,
    },
  }
}

/** Holes, and so twigs, in one stretch. */
const twigsIn = (task: PlantTask): Expression =>
  most(
    ONE,
    rounded(
      quotient(
        product(
          fact('stretch', partMm(task), 'mm'),
          fact('width of the hedge', task.piece.crownWidthMm, 'mm'),
          task.input(k.bankShare),
        ),
        task.input(k.perHoleMm2),
      ),
    ),
  )

/** A field hedge by the metre: twigs in a bank, teased horsehair between them. Common practice. */
export const twigHedge: PlantMethod = {
  id: 'twig-hedge',
  name: 'Twig hedge',
  makes:
    'Twigs in holes of a raised bank, teased horsehair worked between them, two scatters, daylight kept.',
  kinds: ['length'],
  profile: {
    sizeMm: [12, 55],
    shows: 'branches',
    effort: 'made one by one',
    handling: 'protected',
    together: [1, 3],
    seasons: 'winter to summer',
    manner: 'twig',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'bank',
      name: 'Bank',
      choices: [
        {
          id: 'built',
          name: 'built',
          words: 'a low bank of paste along the line, dried before it is drilled',
        },
        { id: 'there', name: 'is there', words: 'the ground has its bank already' },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => stretchParts(job, read, k.stretchMm),
  slots: ({ piece }, choice) => [
    { id: 'twigs', label: 'Twigs', wish: { stuff: 'twig', twig: 'stem', heightMm: piece.heightMm } },
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    ...(choice('bank') === 'built'
      ? [{ id: 'bank', label: 'Paste for the bank', wish: { stuff: 'liquid', liquid: 'paste' } } as const]
      : []),
    {
      id: 'bushes',
      label: 'Small sprig bushes',
      wish: { stuff: 'twig', twig: 'curved-sprig', heightMm: piece.heightMm * 0.6 },
      optional: true,
    },
    { id: 'earth', label: 'Earth', wish: { stuff: 'powder', powder: 'soil', colour: '#74603f' } },
    { id: 'cement', label: 'Scenic cement', wish: { stuff: 'liquid', liquid: 'cement' } },
    { id: 'hair', label: 'Rubberised horsehair', wish: { stuff: 'sheet', sheet: 'horsehair' } },
    {
      id: 'brown',
      label: 'Brown for the horsehair',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#5f4a37' },
    },
    ...dressSlots(piece, dress, choice),
  ],
  work(task) {
    const { value, piece } = task
    const mm = partMm(task)
    const twigs = twigsIn(task)
    const of200 = mm / 200
    const top = fact('top of the bank', (mm * piece.crownWidthMm) / 100, 'cm²', 'formula', 'stretch × width')
    const side = fact('side of the stretch', (mm * piece.heightMm) / 100, 'cm²')
    const dressed = stretchOf(task)
    const leafy = hasLeaf(piece)
    const bank = task.choice('bank') === 'built'
    const bushes = task.fill('bushes').parts.length > 0
    const uses = [
      ...(bank ? [fixedUse(task, { slot: 'bank', step: 'raise', label: 'Bank' }, k.bankMl, top)] : []),
      ...(bushes
        ? [
            fixedUse(
              task,
              { slot: 'bushes', step: 'below', label: 'Small sprig bushes' },
              k.bushesEach,
              fact('stretch', mm, 'mm'),
            ),
          ]
        : []),
      use(task, {
        slot: 'twigs',
        step: 'twigs',
        label: 'Twigs',
        each: twigs,
      }),
      fixedUse(task, { slot: 'pva', step: 'twigs', label: 'PVA on their feet' }, k.dipMl, twigs),
      fixedUse(task, { slot: 'earth', step: 'bank', label: 'Earth' }, k.earthG, top),
      fixedUse(task, { slot: 'cement', step: 'bank', label: 'Cement over the earth' }, k.cementMl, top),
      use(task, {
        slot: 'hair',
        step: 'hair',
        label: 'Horsehair',
        each: quotient(product(side, task.input(k.hairFill)), rest(task.input(k.base))),
      }),
      fixedUse(task, { slot: 'brown', step: 'hair', label: 'Brown' }, dressing.paintCoat, side),
      fixedUse(task, { slot: 'cement', step: 'work-in', label: 'Glue up the twigs' }, k.brushMl, side),
      ...dressUses(dressed, dress),
    ]
    const strip = piece.heightMm
    return {
      uses,
      pours: [],
      cuts: [
        {
          slot: 'twigs',
          what: 'twigs, about',
          count: twigs.value * task.started,
          lengthMm: strip + value(k.footMm),
        },
        {
          slot: 'hair',
          what: 'strips, dense base cut off',
          count: task.started * Math.max(1, Math.round(2 * value(k.hairFill) * of200)),
          lengthMm: mm,
          widthMm: strip,
        },
      ],
      yields: [],
      steps: stepsWith(uses, [
        bank && {
          id: 'raise',
          title: 'Raise the bank',
          text: 'Paste along the line, a few mm high, its flanks uneven; a damp brush over it.',
          hands: hands(value(k.raiseSec) * of200, 60),
          within: open(task, 'paste'),
          wait: sets(task, 'paste', 'Dry overnight'),
          tools: ['old brush'],
          faults: ['regular-row'],
        },
        {
          id: 'drill',
          title: 'Holes at random',
          text: `Lay the hole sheet on it and drill ${twigs.value} holes of ${plainNumber(value(k.holeMm), 1)} mm for each stretch, or drill at random without it; vacuum the dust. Standing trees are glued in now, before the row.`,
          hands: hands(value(k.drillSec) * twigs.value, 120),
          tools: ['drill', 'vacuum'],
          cautions: ['drilling', 'dust'],
          faults: ['holes-seen', 'grout-ring'],
        },
        {
          id: 'twigs',
          title: 'Twigs',
          text: `Cut to length, no two alike, the longest in the middle; dip the foot, insert. ${twigs.value} for each stretch.`,
          hands: hands(value(k.twigSec) * twigs.value),
          within: open(task, 'pva', { what: 'PVA on a dipped foot' }),
          atOnce: { count: 1, because: 'window', what: 'Dip and insert one by one.' },
          wait: wait(value(k.cementDryMin), 'closed joint', 'Leave the feet overnight'),
          tools: ['cutters'],
          cautions: ['wire-and-blades'],
          faults: ['regular-row'],
        },
        {
          id: 'bank',
          title: 'Earth over the holes',
          text: 'Earth over holes and feet; a mist with a drop of detergent, then cement.',
          hands: hands(value(k.bankSec) * of200, 60),
          wait: sets(task, 'cement', 'Let the cement dry', { by: k.cementDryMin }),
          tools: ['spray bottle'],
          cautions: ['dust'],
          faults: ['holes-seen', 'beads', 'tide-line'],
        },
        {
          ...paintStep(stretchOf(task), {
            id: 'hair',
            title: 'Horsehair: strip, tease, brown',
            text: 'Thin strips; cut the dense base off and discard it. Tease apart until daylight shows, spray it brown.',
          }),
          hands: hands(value(k.hairSec) * of200, 60),
          tools: ['scissors', 'tweezers'],
          cautions: ['spray', 'wire-and-blades', 'dust'],
          faults: ['solid-wall'],
        },
        ...dressSteps(dressed, dress, { where: 'teased strips, on both sides' }),
        {
          id: 'work-in',
          title: 'Work it between the twigs',
          text: `Glue brushed up the twigs; horsehair between them from both sides, across the joints of the stretches. Stop while daylight comes through.${leafy ? '' : ' Bare: little horsehair, for the fine twigs only.'}`,
          hands: hands(value(k.setHairSec) * of200, 60),
          within: open(task, 'cement'),
          atOnce: { count: 1, because: 'window', what: 'One stretch at a time.' },
          wait: sets(task, 'cement', 'Let it dry overnight', { by: k.cementDryMin }),
          tools: ['tweezers', 'brush'],
          faults: ['solid-wall', 'regular-row'],
        },
        {
          id: 'below',
          title: 'Small bushes, flowers below',
          text: 'Small sprig bushes in it, flowers beneath, their stems over-length and pushed in with a blade.',
          hands: hands(value(k.bushSec) * of200),
          tools: ['flat blade'],
          faults: ['regular-row'],
        },
        inspectStep(task, 'From the side: a skeleton, and daylight.', ['solid-wall', 'holes-seen']),
      ]),
    }
  },
  examples: [
    exampleHedge(examplePiece('shrub', 'multi-stemmed', 25), 800),
    exampleHedge(examplePiece('shrub', 'multi-stemmed', 20, { leaf: 0 }), 150),
  ],
}
