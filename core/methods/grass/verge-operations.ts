import { number, quotient, rest, type Expression } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import type { Listed } from '../kit/listed'
import type { Taken, Operation } from '../kit/making'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { dries, staysOpen } from '../kit/setting'

/** Amounts and times of a verge. From memory unless marked. */
export const vergeFigures = coefficients('verge', {
  spoilage: spoilage(0),
  setUpSec: seconds('clip on and switch on', 30),
  dotted: share('share of the ground that gets dots and strips', 0.4),
  glueMl: amount('quick glue in dots and strips, for a cm² of ground', 0.02, 'ml/cm²'),
  fibres: amount('fibres on a glued cm²', 350, '/cm²'),
  edges: share('share of the glued ground that is edge, with 7 mm', 0.25),
  sticks: sticking('sticks, of what is thrown', 0.35),
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
const k = vergeFigures

/** One tone: its dots and strips while the glue is open; then what is loose is lifted, never out of wet glue. */
function tone(
  on: PlantMaking,
  id: string,
  title: string,
  text: string,
  ground: number,
  glue: Listed<Taken>,
  share: Expression,
) {
  const perCm2 = on.input(k.fibres)
  const area = on.product(on.cm2('patch', on.partCm2), k.dotted)
  return [
    on.static(id, title, {
      text: `${text} Earth lead on, applicator about 10 mm off.`,
      hands: [on.value(k.paperSec) / 6 + on.value(k.dotSec) * on.partCm2 * ground, 60],
      takes: [glue, on.fibre(id, { perCm2, area, share, sticks: k.sticks })],
      within: on.open('medium', { by: k.openSec, what: 'a dot of quick glue', tail: 'work fast' }),
      atOnce: on.one(`One patch of ${Math.round(on.partCm2)} cm².`),
      wait: on.sets('medium', 'Let it dry', k.dryMin),
      tools: ['paper', 'skewer'],
      faults: ['skinned-glue', 'lying-fibres'],
    }),
    on.work(`${id}-back`, 'Lift the paper, vacuum', {
      text: 'Lift the paper, tip all to one place, vacuum once through a stocking, held to the light first; suction that never falls means a hole. It goes back into this tone’s jar.',
      hands: on.value(k.paperSec) / 6,
      tools: ['vacuum', 'stocking'],
      vacuums: id,
      cautions: ['dust'],
      faults: ['lost-fibre'],
    }),
  ]
}

/** Tone by tone, with paper over the neighbours. */
export function vergeOperations(on: PlantMaking): Listed<Operation> {
  const patch = on.cm2('patch', on.partCm2)
  const edges = on.input(k.edges)
  const half = quotient(rest(edges), number(2))
  const bushy = on.product(patch, k.bushOn)
  const glue = [on.take('glue', [patch, k.glueMl], 'Glue in dots and strips')]
  return [
    tone(
      on,
      'first',
      'Paper, centre strip, first tone',
      'Paper over the neighbours and over the wheel tracks. A strip of dots down the middle and at the sides, none of them in line.',
      0.4,
      glue,
      half,
    ),
    on.has('bush') &&
      on.glue('bushes', 'Bushes', {
        text: 'Torn clump in PVA at walls and posts, few and in groups; then it dries.',
        hands: on.value(k.bushSec) * on.partCm2,
        takes: [on.take('bush', [bushy, k.bushG]), on.take('bush-glue', [bushy, k.bushGlueMl])],
        in: 'pva',
        until: 'Let them hold',
        tools: ['tweezers'],
        cautions: ['dust'],
        faults: ['balls', 'white-puddles'],
      }),
    tone(on, 'second', 'Second tone', 'Fewer dots between the first, one tone on.', 0.3, [], half),
    tone(
      on,
      'edge',
      'Edges, longest',
      'The longest at walls, posts and ditch, where no wheel and no scythe comes.',
      0.3,
      [],
      edges,
    ),
    on.choice('accent') !== 'none' &&
      on.work('tips', 'Dry-brush the tips', {
        text: 'A brush wiped nearly dry, over the tips only.',
        hands: on.value(k.dryBrushSec) * on.partCm2,
        takes: [on.take('tips', [patch, k.dryBrushMl])],
        wait: on.sets('dry-brush', 'Let the paint dry'),
        tools: ['brush'],
        faults: ['shiny-patches'],
      }),
    on.inspect('Wheel tracks bare, edges uneven.', ['rows', 'shiny-patches']),
  ]
}
