import { number, ONE, quotient, rest, type Expression } from '../../quantities'
import { plainNumber } from '../../units'
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
  middle: share('of an old road, where turf comes along its middle', 0.15),
  middleMl: amount('medium along the middle', 0.02, 'ml/cm²'),
  turfG: amount('fine turf along the middle', 0.02, 'g/cm²'),
  soilG: amount('soil along the middle', 0.03, 'g/cm²'),
  turfSec: amount('turf along the middle, for each cm² of the patch', 0.3, 's/cm²'),
  bitsG: amount('bits of foliage', 0.0005, 'g/cm²'),
  bitsMl: amount('specks of medium for them', 0.001, 'ml/cm²'),
  bitsSec: amount('bits of foliage, for each cm²', 0.15, 's/cm²'),
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

/** Where it lies along the scene, in words; nothing where its length was not said. */
function stripWords(on: PlantMaking): string {
  const { job } = on
  if (job.kind !== 'area' || !job.strip) return ''
  const { lengthMm, widthMm } = job.strip
  const metres = plainNumber(lengthMm / 1000, 2)
  return ` ${metres} m long, ${plainNumber(widthMm, 0)} mm wide.`
}

/** An old road: turf and soil come along its middle, where no wheel goes. */
function roadMiddle(on: PlantMaking): Operation[] {
  const middle = on.product(on.cm2('patch', on.partCm2), k.middle)
  return [
    on.work('turf', 'Turf along the middle', {
      text: `A thin line of medium along the middle, broken, nowhere straight; fine turf into it, a pinch of soil over its edges.${stripWords(on)}`,
      hands: [on.value(k.turfSec) * on.partCm2, 60],
      takes: [
        on.take('glue', [middle, k.middleMl], 'Medium along the middle'),
        on.take('turf', [middle, k.turfG]),
        on.take('soil', [middle, k.soilG]),
      ],
      within: on.open('medium', { by: k.openSec }),
      atOnce: on.one(`One patch of ${Math.round(on.partCm2)} cm².`),
      wait: on.sets('medium', 'Let it dry', k.dryMin),
      tools: ['brush', 'small spoon'],
      faults: ['rows', 'skinned-glue'],
      passes: 'Green only where no wheel goes.',
    }),
  ]
}

/** Paint over the tips, wiped nearly dry. @param how of the ground it goes on */
const tipped = (on: PlantMaking, slotId: string, title: string, how: string): Operation =>
  on.work(slotId, title, {
    text: `A brush wiped nearly dry, ${how}.`,
    hands: on.value(k.dryBrushSec) * on.partCm2,
    takes: [on.take(slotId, [on.cm2('patch', on.partCm2), k.dryBrushMl])],
    wait: on.sets('dry-brush', 'Let the paint dry'),
    tools: ['brush'],
    faults: ['shiny-patches'],
  })

/** Tone by tone, with paper over the neighbours. */
export function vergeOperations(on: PlantMaking): Listed<Operation> {
  const patch = on.cm2('patch', on.partCm2)
  const pattern = on.choice('pattern')
  const isTrack = pattern === 'track'
  const isRoad = pattern === 'road'
  const edges = on.input(k.edges)
  // What is no edge is shared out to the rounds before it.
  const share = quotient(rest(edges), number(isTrack ? 3 : 2))
  const bushy = on.product(patch, k.bushOn)
  const accent = on.choice('accent')
  const glue = (of: Expression) => [on.take('glue', [patch, k.glueMl, of], 'Glue in dots and strips')]
  return [
    isRoad
      ? roadMiddle(on)
      : tone(
          on,
          'first',
          isTrack ? 'Paper, straw along the middle' : 'Paper, centre strip, first tone',
          `Paper over the neighbours and over the wheel tracks. A strip of dots down the middle${isTrack ? '' : ' and at the sides'}, none of them in line.${stripWords(on)}`,
          isTrack ? 0.3 : 0.4,
          glue(ONE),
          share,
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
    !isRoad &&
      tone(
        on,
        'second',
        isTrack ? 'Green, between the wheels' : 'Second tone',
        isTrack
          ? 'Green beside the straw, between the wheels; where they run it stays bare.'
          : 'Fewer dots between the first, one tone on.',
        isTrack ? 0.25 : 0.3,
        [],
        share,
      ),
    isTrack &&
      tone(
        on,
        'again',
        'Second round',
        'Over both, sparser: a dot here and there, longer and lighter.',
        0.15,
        [],
        share,
      ),
    tone(
      on,
      'edge',
      isRoad ? 'Long straw at the edges' : 'Edges, longest',
      'The longest at walls, posts and ditch, where no wheel and no scythe comes.',
      0.3,
      isRoad ? glue(edges) : [],
      edges,
    ),
    isTrack &&
      on.has('bits') &&
      on.work('bits', 'Bits of foliage', {
        text: 'A pinch of leaf between the stems, pressed into specks of medium: what the wind brought.',
        hands: on.value(k.bitsSec) * on.partCm2,
        takes: [on.take('bits', [patch, k.bitsG]), on.take('glue', [patch, k.bitsMl], 'Specks of medium')],
        wait: on.sets('medium', 'Let it dry', k.dryMin),
        tools: ['tweezers'],
        faults: ['loud-two-tone'],
      }),
    (accent === 'blue' || accent === 'both') &&
      tipped(on, 'tips', 'Pale blue on the tips', 'over the tips only'),
    (accent === 'earth' || accent === 'both') &&
      tipped(on, 'tips-earth', 'Dark earth low down', 'at the foot of the stems and along the ruts'),
    on.inspect(isRoad ? 'Wheels’ lanes bare, edges uneven.' : 'Wheel tracks bare, edges uneven.', [
      'rows',
      'shiny-patches',
    ]),
  ]
}
