import {
  amount,
  batchUse,
  coefficients,
  dries,
  examplePiece,
  examplePieces,
  fixedUse,
  hands,
  heightOf,
  inspectStep,
  judge,
  open,
  poolSlot,
  poolStep,
  poolUse,
  seconds,
  sets,
  share,
  startedOf,
  staysOpen,
  stepsWith,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, number, product, quotient, rest, roundedUp } from '../../quantities'

const k = coefficients('seed-heads', {
  spoilage: share('spoilage', 0.12, 'memory', 'make extra'),
  tipsEach: amount('tips from one curved sprig', 6, 'piece'),
  bare: share('left bare', 0.2),
  powderMm: amount('powder on a head, for each mm of its height', 0.001, 'g/mm'),
  glueMm: amount('a trace of glue, for each mm of its height', 0.0015, 'ml/mm'),
  cutSec: seconds('cut a tip', 5),
  dipSec: seconds('glue, dip', 10),
  openSec: staysOpen('trace', 'glue on a tip stays open'),
  dryMin: dries('trace', 'tips dry'),
})

function suits({ piece }: PlantJob) {
  const herb = piece.habit === 'herb' || piece.habit === 'fern'
  return judge({
    right: herb && piece.heightMm >= 10 && piece.heightMm <= 30,
    pro: [
      'fine forked stems, heads in purple, ochre and green, some bare',
      'stands in long grass, which holds it up',
    ],
    con: [
      piece.zone === 'front' && 'at the front but inboard: the edge snaps it',
      !herb && 'for a low shrub it is thin: among others',
      piece.heightMm < 10 && 'shorter than a tip that holds together',
      piece.heightMm > 30 && 'longer than tips are: whole sprigs',
    ],
    never: [
      piece.habit === 'grass' && 'a grass has no forked stem',
      piece.habit === 'palm' && 'a palm has fronds on a bare stem',
      (piece.habit === 'broadleaf' || piece.habit === 'conifer') && 'a tree is more than a tip',
      piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
      (piece.heightMm > 50 || piece.heightMm < 6) &&
        `tips are 10 to 30 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** Undergrowth and seed heads from sprig tips. Common practice. */
export const seedHeads: PlantMethod = {
  id: 'seed-heads',
  name: 'Sprig undergrowth, seed heads',
  makes: 'Sprig tips with a trace of glue, dipped in purple, ochre and green; one in five left bare.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [10, 30],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'protected',
    together: [10, 30],
    seasons: 'summer to winter',
    manner: 'sprig',
  },
  setsInPlace: true,
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }) => [
    {
      id: 'sprig',
      label: 'Curved sprigs, for tips',
      wish: { stuff: 'twig', twig: 'curved-sprig', heightMm: Math.max(20, piece.heightMm * 2) },
    },
    {
      id: 'head',
      label: 'Powder of the heads',
      wish: {
        stuff: 'powder',
        powder: 'blossom',
        colour: piece.sward.heads > 0.02 ? piece.sward.colours.head : '#b08a45',
      },
    },
    {
      id: 'ochre',
      label: 'Powder, ochre ones',
      wish: { stuff: 'powder', powder: 'pastel', colour: '#b08a45' },
      optional: true,
    },
    {
      id: 'foam',
      label: 'Fine foam, green ones',
      wish: { stuff: 'foam', form: 'ground', grainMm: 0.5, colour: piece.tones.base },
      optional: true,
    },
    { id: 'glue', label: 'Tacky PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    { ...poolSlot, mayShare: true },
  ],
  work(task) {
    const { value, piece, started } = task
    const green = task.fill('foam').parts.length > 0
    const ochre = task.fill('ochre').parts.length > 0
    const tones = 1 + (green ? 1 : 0) + (ochre ? 1 : 0)
    const dipped = rest(task.input(k.bare))
    const each = tones > 1 ? quotient(dipped, number(tones)) : dipped
    const height = heightOf(task)
    const uses = [
      batchUse(task, {
        slot: 'sprig',
        step: 'cut',
        label: 'Curved sprigs',
        total: roundedUp(quotient(startedOf(task), task.input(k.tipsEach))),
      }),
      fixedUse(task, { slot: 'head', step: 'dip', label: 'Powder' }, k.powderMm, product(height, each)),
      ...(ochre
        ? [
            fixedUse(
              task,
              { slot: 'ochre', step: 'dip', label: 'Ochre ones' },
              k.powderMm,
              product(height, each),
            ),
          ]
        : []),
      ...(green
        ? [
            fixedUse(
              task,
              { slot: 'foam', step: 'dip', label: 'Green ones' },
              k.powderMm,
              product(height, each),
            ),
          ]
        : []),
      fixedUse(
        task,
        { slot: 'glue', step: 'dip', label: 'A trace of glue' },
        k.glueMm,
        product(height, dipped),
      ),
      poolUse(task, fact('foot of a stem', 0.15, 'cm²', 'memory')),
    ]
    return {
      uses,
      pours: [],
      cuts: [{ slot: 'sprig', what: 'tips', count: started, lengthMm: piece.heightMm }],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'cut',
          title: 'Cut tips',
          text: `Tips of about ${Math.round(piece.heightMm)} mm, forked ones first; make extra.`,
          hands: hands(value(k.cutSec)),
          tools: ['cutters'],
          cautions: ['wire-and-blades'],
        },
        {
          id: 'dip',
          title: 'A trace of glue, dip',
          text: `A trace of glue on the head, dip, tap; about one in ${Math.round(1 / value(k.bare))} stays bare. ${tones > 1 ? 'The colours in turn: let the dealer choose.' : ''}`,
          hands: hands(value(k.dipSec) * dipped.value, 30),
          within: open(task, 'trace', { by: k.openSec }),
          atOnce: {
            count: Math.max(1, Math.floor(value(k.openSec) / value(k.dipSec))),
            because: 'window',
            what: `${value(k.dipSec)} s each.`,
          },
          wait: sets(task, 'trace', 'Let the heads dry', { by: k.dryMin }),
          tools: ['tweezers'],
          deal: {
            each: 1,
            suits: [
              {
                id: 'head',
                options: [
                  { name: 'heads in colour', share: each.value },
                  { name: 'ochre', share: ochre ? each.value : 0 },
                  { name: 'green', share: green ? each.value : 0 },
                  { name: 'bare', share: value(k.bare) },
                ].filter((option) => option.share > 0),
              },
            ],
          },
          cautions: ['dust'],
          faults: ['petal-blobs', 'too-orderly'],
        },
        inspectStep(task, 'Heads uneven, some bare; no glue seen.', ['too-orderly']),
        poolStep(task, {
          text: 'Place them quickly among long grass, glue at the foot only; the grass holds them up.',
          faults: ['too-orderly', 'shiny-patches'],
        }),
      ]),
    }
  },
  examples: [examplePieces(examplePiece('herb', 'blades', 16), 30)],
}
