import {
  amount,
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
  patchParts,
  seconds,
  sets,
  share,
  staticStep,
  staysOpen,
  stepsWith,
  type PlantJob,
  type PlantMethod,
  type StepDraft,
} from '../../makeup'
import { fact, number, product, quotient, rest, type Expression } from '../../quantities'

const k = coefficients('verge', {
  spoilage: share('spoilage', 0),
  setUpSec: seconds('clip on and switch on', 30),
  dotted: share('share of the ground that gets dots and strips', 0.4),
  glueMl: amount('quick glue in dots and strips, for a cm² of ground', 0.02, 'ml/cm²'),
  fibres: amount('fibres on a glued cm²', 350, '/cm²'),
  edges: share('share of the glued ground that is edge, with 7 mm', 0.25),
  sticks: share('sticks, of what is thrown', 0.35),
  paperSec: seconds('paper over the neighbours', 90),
  dotSec: amount('dots, strips and fibre, for each cm²', 1.4, 's/cm²'),
  openSec: staysOpen('medium'),
  dryMin: dries('medium', 'fast matt medium dries'),
  bushOn: share('share under bushes', 0.03),
  bushG: amount('clump where bushes stand', 0.08, 'g/cm²'),
  bushGlueMl: amount('PVA where bushes stand', 0.1, 'ml/cm²'),
  bushSec: amount('bushes, for each cm² of the patch', 0.2, 's/cm²'),
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
  parts: (job, read) =>
    patchParts(job, read, { openSec: k.openSec, setUpSec: k.setUpSec, secPerCm2: k.dotSec }),
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
    {
      id: 'bush',
      label: 'Clump for bushes',
      wish: { stuff: 'foam', form: 'clump', grainMm: 5, colour: piece.tones.shade },
      optional: true,
    },
    { id: 'bush-glue', label: 'PVA under the bushes', wish: { stuff: 'liquid', liquid: 'pva' } },
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
    const bushes = task.fill('bush').parts.length > 0
    const bushy = product(area, task.input(k.bushOn))
    const uses = [
      fixedUse(task, { slot: 'glue', step: 'first', label: 'Glue in dots and strips' }, k.glueMl, area),
      ...tone('first', 'First tone', half),
      ...tone('second', 'Second tone', half),
      ...tone('edge', 'Edges', edges),
      ...(bushes
        ? [
            fixedUse(task, { slot: 'bush', step: 'bushes', label: 'Clump for bushes' }, k.bushG, bushy),
            fixedUse(
              task,
              { slot: 'bush-glue', step: 'bushes', label: 'PVA under the bushes' },
              k.bushGlueMl,
              bushy,
            ),
          ]
        : []),
      ...(accent ? [fixedUse(task, { slot: 'tips', step: 'tips', label: 'Tips' }, k.dryBrushMl, area)] : []),
    ]
    const pass = (id: string, title: string, text: string, part: number) =>
      staticStep({
        id,
        title,
        text: `${text} Earth lead on, applicator about 10 mm off.`,
        hands: hands(value(k.paperSec) / 6 + value(k.dotSec) * cm2 * part, 60),
        within: open(task, 'medium', { by: k.openSec, what: 'a dot of quick glue', tail: 'work fast' }),
        atOnce: { count: 1, because: 'window', what: `One patch of ${Math.round(cm2)} cm².` },
        wait: sets(task, 'medium', 'Let it dry', { by: k.dryMin }),
        tools: ['paper', 'skewer'],
        faults: ['skinned-glue', 'lying-fibres'],
      })
    // Never into wet glue: when the tone is dry.
    const lift = (id: string): StepDraft => ({
      id: `${id}-back`,
      title: 'Lift the paper, vacuum',
      text: 'Lift the paper, tip all to one place, vacuum once through a stocking: it goes back into this tone’s jar.',
      hands: hands(value(k.paperSec) / 6, 30),
      tools: ['vacuum'],
      back: backOf(uses, id),
      cautions: ['dust'],
      faults: ['lost-fibre'],
    })
    const bushSteps: StepDraft[] = bushes
      ? [
          {
            id: 'bushes',
            title: 'Bushes',
            text: 'Torn clump in PVA at walls and posts, few and in groups; then it dries.',
            hands: hands(value(k.bushSec) * cm2, 30),
            within: open(task, 'pva'),
            wait: sets(task, 'pva', 'Let them hold'),
            tools: ['tweezers'],
            cautions: ['dust'],
            faults: ['balls', 'white-puddles'],
          },
        ]
      : []
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
        lift('first'),
        ...bushSteps,
        pass('second', 'Second tone', 'Fewer dots between the first, one tone on.', 0.3),
        lift('second'),
        pass(
          'edge',
          'Edges, longest',
          'The longest at walls, posts and ditch, where no wheel and no scythe comes.',
          0.3,
        ),
        lift('edge'),
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
