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
  flockUse,
  hands,
  heightOf,
  inspectStep,
  isBushy,
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
  stepsWith,
  use,
  wetRounds,
  withoutLeaf,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, product, sum } from '../../quantities'
import { beyond, hopeless, isBare, notATree, type Sizes } from './suits'

const SIZES: Sizes = { well: [25, 80] }
/** The wet paint holds half of the leaf; adhesive and a second throw the rest, where it is wanted dense. */
const k = coefficients('hemp-tree', {
  spoilage: share('spoilage', 0.05),
  leafAiry: share('leaf in the wet paint, of the foliage', 0.75, 'memory', 'strands make up the rest'),
  leafDense: share('leaf in the wet paint, of the foliage, where more follows', 0.5),
  extra: amount('rope besides the height', 10, 'mm'),
  neckCa: amount('CA around a neck, for each mm of rope', 0.007, 'ml/mm'),
  sticks: share('leaf sticks in wet paint, of what is thrown', 0.35),
  poolPva: amount('PVA in the pool for a foot, for each mm of rope', 0.04, 'ml/mm'),
  openSec: seconds('open the end', 60),
  neckSec: seconds('CA around the neck, cut below', 10),
  colourSec: seconds('colour, leaf in the wet', 20),
  poolSec: seconds('set in the pool', 20),
  filled: share('covered before the leaf, of what is seen', 0.5),
})

const dense: Dress = { adhesive: 'hairspray', form: 'leaf', filled: k.filled }

/** The rope that opens to a crown of its size, mm. Our estimate. */
const ropeMm = ({ heightMm }: { readonly heightMm: number }): number => Math.max(4, heightMm * 0.15)

function suits({ piece, kind }: PlantJob) {
  const low = isBushy(piece) || (piece.habit === 'broadleaf' && piece.heightMm < 80)
  return judge({
    right: low && !isBare(piece) && piece.seeThrough >= 0.18,
    pro: [
      'twigs are seen through the leaf: neither a puff nor a stick',
      'a minute and a half of hands, from a rope that lasts for hundreds',
      'core and leaf in any colour',
    ],
    con: [
      beyond(piece, SIZES),
      kind === 'length' && 'set bush by bush: without the bank and the skeleton of a hedge',
      piece.seeThrough < 0.18 && 'strands stay airy; this plant is dense',
      isBare(piece) && 'bare, it is the end of a rope',
      piece.habit === 'broadleaf' &&
        piece.clearStemMm > piece.heightMm * 0.3 &&
        'its strands part at the neck: a long clear stem is not in it',
    ],
    never: [notATree(piece), hopeless(piece, SIZES), piece.habit === 'conifer' && 'a rope has no leader'],
  })
}

/** A bush or low tree from the opened end of a hemp rope. Common practice. */
export const hempTree: PlantMethod = {
  id: 'hemp-tree',
  name: 'Hemp tree',
  makes: 'The end of a hemp rope opened to its height, CA at the neck, colour, leaf in the wet paint.',
  kinds: ['pieces', 'length'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'mass-made',
    handling: 'handled',
    together: [5, 10],
    seasons: 'in leaf',
    manner: 'hemp',
  },
  setsInPlace: true,
  coefficients: Object.values(k),
  options: [
    {
      id: 'density',
      name: 'Leaf',
      choices: [
        { id: 'airy', name: 'in the paint alone', words: 'airy: leaf only where the wet paint holds it' },
        { id: 'dense', name: 'adhesive too', words: 'denser: a mist of adhesive and more leaf' },
      ],
    },
    snowOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => {
    const dressed = dressSlots(piece, dense, choice)
    return [
      {
        id: 'rope',
        label: 'Hemp rope',
        wish: { stuff: 'rope', diameterMm: ropeMm(piece) },
      },
      { id: 'ca', label: 'CA', wish: { stuff: 'liquid', liquid: 'ca' } },
      {
        id: 'core-paint',
        label: 'Colour of the strands',
        wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#5f4a37' },
      },
      // In the paint alone one leaf is enough, and no adhesive but for snow.
      ...(choice('density') === 'dense'
        ? dressed
        : dressed.filter(
            ({ id }) => id !== 'highlight' && (id !== 'adhesive' || choice('snow') === 'laden'),
          )),
      { id: 'pva', label: 'PVA for the pool', wish: { stuff: 'liquid', liquid: 'pva' } },
    ]
  },
  work(task) {
    const { piece, value } = task
    const leafy = piece.leaf > 0.01
    const more = task.choice('density') === 'dense'
    const snowOnly = more ? task : withoutLeaf(task)
    const rope = fact('rope', ropeMm(piece), 'mm', 'formula', 'its thickness')
    const size = piece.heightMm / 50
    const colourSec = value(k.colourSec) * size
    const round = wetRounds(openSecOf(task, 'paint'), 0, colourSec)
    const uses = [
      use(task, {
        slot: 'rope',
        step: 'open',
        label: 'Rope',
        each: sum(heightOf(task), task.input(k.extra)),
      }),
      use(task, {
        slot: 'ca',
        step: 'neck',
        label: 'CA',
        each: product(rope, task.input(k.neckCa)),
      }),
      coatUse(task, { slot: 'core-paint', step: 'colour', label: 'Colour' }, dressing.paintCoat),
      ...(leafy
        ? [
            flockUse(task, {
              slot: 'foliage',
              step: 'colour',
              label: 'Leaf in the wet paint',
              area: crownOf(task),
              seeThrough: seeThroughOf(task),
              leaf: leafOf(task),
              share: task.input(more ? k.leafDense : k.leafAiry),
              sticks: k.sticks,
            }),
          ]
        : []),
      ...dressUses(snowOnly, dense),
      plantUse(task, { slot: 'pva', step: 'pool', label: 'PVA' }, k.poolPva, rope),
    ]
    const air = { needs: ['ventilation' as const], gives: ['aerosol' as const, 'solvent' as const] }
    return {
      uses,
      pours: [],
      cuts: [
        { slot: 'rope', what: 'rope ends', count: task.started, lengthMm: piece.heightMm + value(k.extra) },
      ],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'open',
          title: 'Open the end',
          text: `Untwist the rope’s end over ${Math.round(piece.heightMm)} mm and bend every strand out, no two alike: straight ones make a broom.`,
          hands: hands(value(k.openSec) * size, 30),
          tools: ['tweezers'],
          faults: ['broom-shape'],
        },
        {
          id: 'neck',
          title: 'CA at the neck, cut below',
          text: 'A little CA all around the neck, head down so that it can’t run up the strands; cut below it.',
          hands: hands(value(k.neckSec)),
          within: open(task, 'ca'),
          tools: ['knife'],
          needs: ['ventilation'],
          cautions: ['ca', 'wire-and-blades'],
          faults: ['glue-run'],
        },
        {
          id: 'colour',
          title: leafy ? 'Colour, leaf in the wet' : 'Colour',
          text: `Spray the strands all round${leafy ? '; leaf into the wet paint from above and below' : ''}. A paler colour gives a paler core.`,
          hands: hands(colourSec, 60),
          within: open(task, 'paint'),
          atOnce: round.atOnce,
          wait: sets(task, 'paint', 'Let the paint dry'),
          tools: ['catch tray'],
          holders: [{ what: 'block place', each: 1, until: 'pool' }],
          ...air,
          cautions: ['spray', 'dust'],
        },
        ...dressSteps(snowOnly, dense, { where: 'tips, where it is thin' }),
        inspectStep(task, 'Forked, and spread to all sides.', ['broom-shape', 'glue-run']),
        {
          id: 'pool',
          title: 'Set in a pool',
          text: 'A pool of PVA as wide as the foot, several together; push in with a stick.',
          hands: hands(value(k.poolSec), 30),
          within: open(task, 'pva'),
          wait: sets(task, 'pva', 'Dry overnight'),
          tools: ['skewer'],
        },
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 50, { seeThrough: 0.3 }), 10),
    examplePieces(examplePiece('shrub', 'multi-stemmed', 35, { seeThrough: 0.3 }), 20),
  ],
}
