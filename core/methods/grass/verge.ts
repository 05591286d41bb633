import {
  amount,
  areaParts,
  backOf,
  coefficients,
  dries,
  exampleArea,
  examplePiece,
  fibreUses,
  fixedUse,
  hands,
  inspectStep,
  judge,
  open,
  partCm2,
  seconds,
  sets,
  share,
  staticStep,
  staysOpen,
  stepsWith,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, number, product, quotient, rest, type Expression } from '../../quantities'

const k = coefficients('verge', {
  spoilage: share('spoilage', 0),
  patchCm2: amount('glued at once, at most', 150, 'cm²', 'memory', 'dots and strips skin soon'),
  dotted: share('share of the ground that gets dots and strips', 0.4),
  glueMl: amount('quick glue in dots and strips, for a cm² of ground', 0.02, 'ml/cm²'),
  fibres: amount('fibres on a glued cm²', 350, '/cm²'),
  edges: share('share of the glued ground that is edge, with 7 mm', 0.25),
  sticks: share('sticks, of what is thrown', 0.35),
  paperSec: seconds('paper over the neighbours', 90),
  dotSec: amount('dots, strips and fibre, for each cm²', 1.4, 's/cm²'),
  openSec: staysOpen('medium'),
  dryMin: dries('medium', 'fast matt medium dries'),
  dryBrushMl: amount('dry-brushed paint', 0.002, 'ml/cm²'),
  dryBrushSec: amount('dry-brush, for each cm²', 0.5, 's/cm²'),
})

function suits({ piece }: PlantJob) {
  return judge({
    right: false,
    pro: [
      'grows out of stones and along tracks: wheel marks stay bare',
      'tones one after the other, edges uneven',
    ],
    con: ['dots and strips with bare ground between: for verges and tracks, not for a closed sward'],
    never: [
      piece.habit !== 'grass' && piece.habit !== 'herb' && 'it is grass, set where it grows',
      piece.heightMm > 16 && 'longer than fibre that stands by itself',
    ],
  })
}

/** Verges and tracks: dots and strips of quick glue on the ground, tone by tone. Common practice. */
export const verge: PlantMethod = {
  id: 'verge',
  name: 'Verge, set in place',
  makes: 'Dots and strips of quick glue where it grows, one tone after the other; wheel tracks stay bare.',
  kinds: ['area'],
  profile: {
    sizeMm: [2, 12],
    shows: 'branches',
    effort: 'made one by one',
    handling: 'reached over',
    together: [1, 1],
    seasons: 'all year, by tone',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'accent',
      name: 'Tips',
      choices: [
        { id: 'none', name: 'as they are', words: 'no paint over the fibre' },
        { id: 'blue', name: 'pale blue', words: 'straw turns to grey-leaved steppe' },
        { id: 'earth', name: 'dark earth', words: 'it is dying' },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  slots: ({ piece }, choice) => [
    { id: 'glue', label: 'Fast matt medium', wish: { stuff: 'liquid', liquid: 'matte-medium' } },
    {
      id: 'first',
      label: 'First tone',
      wish: { stuff: 'fibre', lengthMm: Math.min(4, piece.heightMm * 0.6), colour: piece.sward.colours.base },
    },
    {
      id: 'second',
      label: 'Second tone',
      wish: {
        stuff: 'fibre',
        lengthMm: Math.min(6, piece.heightMm * 0.8),
        colour: piece.sward.colours.light,
      },
    },
    {
      id: 'edge',
      label: 'Edges, longest',
      wish: { stuff: 'fibre', lengthMm: piece.heightMm, colour: piece.sward.colours.straw },
    },
    ...(choice('accent') === 'none'
      ? []
      : [
          {
            id: 'tips',
            label: 'Paint for the tips',
            wish: {
              stuff: 'liquid' as const,
              liquid: 'paint' as const,
              colour: choice('accent') === 'blue' ? '#b9c4c9' : '#4c3a2c',
            },
          },
        ]),
  ],
  work(task) {
    const { value } = task
    const cm2 = partCm2(task)
    const area = fact('patch', cm2, 'cm²')
    const glued = product(area, task.input(k.dotted))
    const edges = task.input(k.edges)
    const half = quotient(rest(edges), number(2))
    const tone = (slot: string, label: string, part: Expression) =>
      fibreUses(task, {
        slot,
        step: slot,
        label,
        perCm2: task.input(k.fibres),
        area: glued,
        share: part,
        sticks: k.sticks,
      })
    const accent = task.choice('accent') !== 'none'
    const uses = [
      fixedUse(task, { slot: 'glue', step: 'first', label: 'Glue in dots and strips' }, k.glueMl, area),
      ...tone('first', 'First tone', half),
      ...tone('second', 'Second tone', half),
      ...tone('edge', 'Edges', edges),
      ...(accent ? [fixedUse(task, { slot: 'tips', step: 'tips', label: 'Tips' }, k.dryBrushMl, area)] : []),
    ]
    const pass = (id: string, title: string, text: string, part: number) =>
      staticStep({
        id,
        title,
        text: `${text} Earth lead on, applicator about 10 mm off. Lift the paper, tip all to one place, vacuum once through a stocking: it goes back into this tone’s jar.`,
        hands: hands(value(k.paperSec) / 3 + value(k.dotSec) * cm2 * part, 60),
        within: open(task, 'medium', { by: k.openSec, what: 'a dot of quick glue', tail: 'work fast' }),
        atOnce: { count: 1, because: 'window', what: `One patch of ${Math.round(cm2)} cm².` },
        wait: sets(task, 'medium', 'Let it dry', { by: k.dryMin }),
        tools: ['paper', 'skewer', 'vacuum'],
        back: backOf(uses, id),
        faults: ['skinned-glue', 'lost-fibre', 'lying-fibres'],
      })
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        pass(
          'first',
          'Paper, centre strip, first tone',
          'Paper over the neighbours and over the wheel tracks. A strip of dots down the middle and at the sides, none of them in line.',
          0.4,
        ),
        pass('second', 'Second tone', 'Fewer dots between the first, one tone on.', 0.3),
        pass(
          'edge',
          'Edges, longest',
          'The longest at walls, posts and ditch, where no wheel and no scythe comes.',
          0.3,
        ),
        accent && {
          id: 'tips',
          title: 'Dry-brush the tips',
          text: 'A brush wiped nearly dry, over the tips only.',
          hands: hands(value(k.dryBrushSec) * cm2, 30),
          wait: sets(task, 'dry-brush', 'Let the paint dry'),
          tools: ['brush'],
          faults: ['shiny-patches'],
        },
        inspectStep(task, 'Wheel tracks bare, edges uneven.', ['rows', 'shiny-patches']),
      ]),
    }
  },
  examples: [exampleArea(examplePiece('grass', 'blades', 7), 300)],
}
