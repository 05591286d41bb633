import {
  amount,
  areaParts,
  backOf,
  coefficients,
  dries,
  exampleArea,
  examplePiece,
  fibreUses,
  hands,
  inspectStep,
  judge,
  open,
  partCm2,
  sealingPours,
  sealingSlots,
  sealingStep,
  sealingUses,
  seconds,
  sets,
  share,
  staticStep,
  stepsWith,
  timeWords,
  wait,
  within,
  type Piece,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, product } from '../../quantities'
import { coverSlots, coverUses, EARTH, foamWish, liquidWish, type Cover } from './covers'

const k = coefficients('bare-ground', {
  spoilage: share('spoilage', 0),
  patchCm2: amount('worked at once, at most', 500, 'cm²'),
  paintMl: amount('earth paint', 0.02, 'ml/cm²', 'memory', 'one step brighter than wanted: covers dull it'),
  coatMl: amount(
    '3 : 1 coat, the medium in it',
    0.03,
    'ml/cm²',
    'memory',
    '3 : 1 medium : water, common practice',
  ),
  fineG: amount('fine soil', 0.05, 'g/cm²'),
  grassOn: share('share with grass', 0.2),
  perCm2: amount('fibres where grass stands', 250, '/cm²'),
  grassGlueMl: amount('matt medium under the grass', 0.02, 'ml/cm²'),
  stoneG: amount('pale fine stone', 0.06, 'g/cm²'),
  stoneOn: share('share with stone', 0.15),
  mediumG: amount('medium soil', 0.08, 'g/cm²'),
  mediumOn: share('share with medium soil, around the stone', 0.15),
  coarseG: amount('coarse soil', 0.1, 'g/cm²'),
  coarseOn: share('share with a little coarse soil', 0.04),
  foamG: amount('fine foam', 0.01, 'g/cm²'),
  foamOn: share('share with fine foam', 0.2),
  tuftG: amount('coarse foam, isolated', 0.02, 'g/cm²'),
  tuftOn: share('share with isolated coarse foam', 0.03),
  sticks: share('sticks, of what is thrown', 0.4),
  paintSec: amount('paint, coat, soil, for each cm²', 0.8, 's/cm²'),
  grassSec: amount('glue and fibre, for each cm² of grass', 2, 's/cm²'),
  coverSec: amount('stone, soils, foams, for each cm²', 0.7, 's/cm²'),
  paintDryMin: dries('brush-paint', 'earth paint dries'),
  openSec: seconds('3 : 1 coat stays open', 300),
  dryMin: dries('medium', 'matt medium dries'),
})

/** The covers of bare ground in their order. Common practice; amounts from memory. */
const covers = ({ tones }: Piece): Cover[] => [
  {
    step: 'earth',
    slot: 'paint',
    label: 'Earth paint',
    wish: { stuff: 'liquid', liquid: 'paint', colour: '#8a7252' },
    rate: k.paintMl,
  },
  {
    step: 'soil',
    slot: 'coat',
    label: 'Matt medium, 3 : 1',
    wish: liquidWish('matte-medium'),
    rate: k.coatMl,
  },
  {
    step: 'soil',
    slot: 'fine',
    label: 'Fine soil',
    wish: { stuff: 'powder', powder: 'soil', colour: '#806a49' },
    rate: k.fineG,
  },
  {
    step: 'grass',
    slot: 'glue',
    label: 'Matt medium under the grass',
    wish: liquidWish('matte-medium'),
    rate: k.grassGlueMl,
    on: k.grassOn,
  },
  {
    step: 'covers',
    slot: 'stone',
    label: 'Pale fine stone',
    wish: { stuff: 'powder', powder: 'grout', colour: '#c4bfb4' },
    rate: k.stoneG,
    on: k.stoneOn,
  },
  { step: 'covers', slot: 'medium', label: 'Medium soil', wish: EARTH, rate: k.mediumG, on: k.mediumOn },
  {
    step: 'covers',
    slot: 'coarse',
    label: 'Coarse soil, at its edges',
    wish: { stuff: 'powder', powder: 'soil', colour: '#6b563e' },
    rate: k.coarseG,
    on: k.coarseOn,
    optional: true,
  },
  {
    step: 'covers',
    slot: 'foam',
    label: 'Fine foam',
    wish: foamWish(tones.base, 0.5),
    rate: k.foamG,
    on: k.foamOn,
  },
  {
    step: 'covers',
    slot: 'tufts',
    label: 'Coarse foam, here and there',
    wish: foamWish(tones.shade, 2.6),
    rate: k.tuftG,
    on: k.tuftOn,
    optional: true,
  },
]

function suits({ piece }: PlantJob) {
  return judge({
    right: false,
    pro: [
      'trodden, grazed or stony: more earth than leaf',
      'earth of three grades from the same pigments as the paint under it',
    ],
    con: ['a fifth of it is grass: a closed sward wants layers'],
    never: [
      piece.habit !== 'grass' && piece.habit !== 'herb' && 'it is ground with a little grass and herbs on it',
      piece.sward.heightMm > 12 && 'what stands so high hides the ground',
    ],
  })
}

/** Bare ground in its order, with a little grass. Common practice; amounts from memory. */
export const bareGround: PlantMethod = {
  id: 'bare-ground',
  name: 'Bare ground, a little grass',
  makes:
    'Earth paint, fine soil through a stocking, sealed; a fifth of grass; stone, soils and foams, sealed.',
  kinds: ['area'],
  profile: {
    sizeMm: [1, 8],
    shows: 'puff',
    effort: 'mass-made',
    handling: 'handled',
    together: [1, 2],
    seasons: 'all year',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  slots: ({ piece }) => [
    ...coverSlots(covers(piece)),
    {
      id: 'fibre',
      label: 'Fibre',
      wish: {
        stuff: 'fibre',
        lengthMm: Math.max(2, piece.sward.heightMm),
        colour: piece.sward.straw > 0.5 ? piece.sward.colours.straw : piece.sward.colours.base,
      },
    },
    ...sealingSlots,
  ],
  work(task) {
    const { value, piece } = task
    const cm2 = partCm2(task)
    const ground = fact('ground', cm2, 'cm²')
    const grass = product(ground, task.input(k.grassOn))
    const fibre = fibreUses(task, {
      slot: 'fibre',
      step: 'grass',
      label: 'Fibre',
      area: grass,
      perCm2: task.input(k.perCm2),
      sticks: k.sticks,
    })
    const uses = [
      ...coverUses(task, covers(piece), cm2),
      ...fibre,
      ...sealingUses(task, ground, 'seal-soil'),
      ...sealingUses(task, ground, 'seal'),
    ]
    return {
      uses,
      pours: sealingPours(task, ground, 2),
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'earth',
          title: 'Earth paint',
          text: 'Paint one step brighter than wanted, in two tones that run into each other: covers dull it, and loose earth looks brighter until it is sealed.',
          hands: hands((value(k.paintSec) * cm2) / 2, 60),
          wait: sets(task, 'brush-paint', 'Let the paint dry', { by: k.paintDryMin }),
          tools: ['brush'],
          needs: ['daylight'],
          faults: ['foam-dulled'],
        },
        {
          id: 'soil',
          title: 'Coat and fine soil',
          text: 'Medium 3 : 1 with water over it; fine soil shaken through a stocking, heavier on high ground and at rock feet.',
          hands: hands((value(k.paintSec) * cm2) / 2, 60),
          within: within(
            value(k.openSec),
            `The coat stays open for about ${timeWords(value(k.openSec) / 60)}.`,
          ),
          atOnce: { count: 1, because: 'window', what: 'Patch by patch, edges overlapping.' },
          cautions: ['dust'],
          faults: ['tide-line'],
        },
        sealingStep(task, cm2, {
          id: 'seal-soil',
          title: 'Wet very finely, seal',
          text: 'The finest mist that there is until the soil darkens, then dilute PVA beside it, to run in; lift puddles with torn tissue. A tide line: mist glue, dust, mist glue.',
        }),
        staticStep({
          id: 'grass',
          title: 'A little grass',
          text: 'Matt medium in uneven islands on about a fifth, edges dabbed; earth lead on, fibre; vacuum once when it is dry. Nothing in rows.',
          hands: hands(value(k.grassSec) * grass.value, 60),
          within: open(task, 'medium'),
          atOnce: { count: 1, because: 'window', what: 'A few islands at a time.' },
          wait: wait(
            task.dryMin(value(k.dryMin)),
            'open film',
            'Let it dry before the vacuum',
            'common practice',
          ),
          tools: ['vacuum'],
          back: backOf(fibre, 'grass'),
          faults: ['lost-fibre', 'skinned-glue'],
        }),
        {
          id: 'covers',
          title: 'Stone, soils, foams',
          text: 'Pale fine stone in drifts; medium soil and a little coarse around its edges; fine foams; coarse foam here and there; fine foam over it.',
          hands: hands(value(k.coverSec) * cm2, 60),
          cautions: ['dust'],
          faults: ['loud-two-tone'],
        },
        sealingStep(task, cm2, { title: 'Wet and seal all of it' }),
        inspectStep(task, 'Earth of one family; no tide line; stone lies in the soil, not on it.', [
          'tide-line',
          'beads',
        ]),
      ]),
    }
  },
  examples: [
    exampleArea(examplePiece('grass', 'blades', 4), 700),
    exampleArea(examplePiece('herb', 'blades', 2), 40),
  ],
}
