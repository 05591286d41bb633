import { layerFaults, readsAs, swardToneWords, touchesFor, type GrassLayer } from '../../grass'
import type { Yield } from '../../makeup'
import { fact } from '../../quantities'
import { longestFor } from '../../stock'
import { plainNumber } from '../../units'
import type { PlantMaking } from '../kit/bench'
import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { sealingIfChosen, sealOption, sealSlots } from '../kit/ground'
import { trait, type Draft, type Operation } from '../kit/making'
import { fibre, liquid } from '../kit/materials'
import { patchParts } from '../kit/parts'
import { sharing, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { glueRate, grassFigures as k, layerSlot, layersOf, vacuumOf } from '../plans/layers'

/** The longest fibre that an applicator sets upright, mm. Common practice. */
const LONGEST_MM = 12

const titleOf = (layer: GrassLayer, place: number): string =>
  `Layer ${place + 1}: ${plainNumber(layer.lengthMm, 1)} mm, ${swardToneWords[layer.tone]}`

const glueWords: Record<GrassLayer['glue'], string> = {
  'all over': 'Glue over the whole patch, thin, its edge nowhere straight',
  'mid-patch': 'Plenty of glue mid-patch only, in blotches',
  'tips only': 'Barely touch the tips of what stands with a brush, here and there',
}

/** Where a touch goes, so that none is in line with the last. From memory. */
const SPOTS = ['back left', 'back', 'back right', 'front left', 'front', 'front right'] as const

/** Touches on tips, dealt over the patch until they have reached the share that they are to reach. */
function touches(on: PlantMaking): NonNullable<Draft['deal']> {
  const reach = on.value(k.tipShare)
  const wanted = Math.min(0.95, Math.max(0.02, reach))
  return {
    each: Math.min(1000, touchesFor(wanted, on.partCm2, on.value(k.touchCm2))),
    enough: `Enough: glue has touched ${Math.round(reach * 100)} % of the patch.`,
    suits: [
      { id: 'spot', options: SPOTS.map((name) => ({ name, share: 1 })) },
      trait('touch', { 'one touch': 0.55, 'two side by side': 0.3, 'a streak with the wind': 0.15 }),
    ],
  }
}

/** One layer: glue and fibre while it is open; what is loose is lifted when it is dry, never out of wet glue. */
function laid(on: PlantMaking, layer: GrassLayer, place: number): Operation[] {
  const id = layerSlot(place)
  const onTips = layer.glue === 'tips only'
  const cm2 = plainNumber(on.partCm2, 0)
  const combs = on.choice('comb') !== 'upright'
  const patch = on.cm2('patch', on.partCm2)
  const perCm2 = fact('fibres on a cm² of the patch', layer.perCm2, '/cm²', 'memory')
  return [
    on.static(id, titleOf(layer, place), {
      text: `${glueWords[layer.glue]}; ${cm2} cm² at once. Earth lead on, little fibre in the hopper, applicator 10 mm off.`,
      hands: [
        on.value(k.setUpSec) + on.value(onTips ? k.tipSec : k.patchSec) * on.partCm2,
        on.value(k.refillSec),
      ],
      takes: [
        on.take('glue', [patch, ...glueRate[layer.glue]], `Glue, ${layer.glue}`),
        on.fibre(id, { perCm2, area: patch, sticks: k.sticks }),
      ],
      within: on.open('medium', { by: k.openSec }),
      atOnce: on.one(`One patch of ${cm2} cm² while the glue is open.`),
      wait: on.sets('medium', 'Let the layer dry', k.dryMin),
      tools: ['brush', 'paper'],
      ...(onTips ? { deal: touches(on) } : {}),
      faults: ['skinned-glue', 'lying-fibres', place === 0 ? 'shiny-patches' : 'carpet-of-grass'],
      passes: place === 0 ? 'No bare glue; soil seen between.' : 'Sparser than the layer below.',
    }),
    on.work(vacuumOf(place), combs ? 'Vacuum, comb the wind in' : 'Vacuum, held still', {
      text: `Through a stocking, ${combs ? 'drawn one way, against the wind that you want' : 'held still above it, so that nothing is combed'}; tip it back into this tone’s jar.`,
      hands: on.value(k.vacuumSec) * on.partCm2,
      tools: ['vacuum', 'paper'],
      vacuums: id,
      cautions: ['dust'],
      faults: ['lost-fibre'],
    }),
  ]
}

/** Falls of several tones that can't be parted: what is swept up of what did not come back. */
function mixedFall(on: PlantMaking, layers: readonly Operation[]): Yield[] {
  const fibres = layers.flatMap(({ takes }) => takes.filter(({ dispensed }) => dispensed))
  const stick = on.value(k.sticks)
  const lost = fibres.reduce(
    (sum, { dispensed, total }) => sum + total.value - (dispensed?.value ?? 0) * stick,
    0,
  )
  const tones = new Set(fibres.flatMap(({ material }) => (material ? [material.family] : [])))
  if (tones.size < 2 || lost <= 0) return []
  return [
    on.byProduct(
      'rough-ground',
      'Mixed fall',
      on.product(fact('what did not come back', lost, 'g'), k.swept),
    ),
  ]
}

/** Grass by area, set in layers where it is to stay: short and close below, long and sparse above. Common practice. */
export const layeredGrass = way('layered-grass', 'Grass in layers', {
  makes: 'Static fibre in layers where it stays: short and close, then longer and sparser, vacuumed between.',
  kinds: ['area'],
  profile: profile([1, LONGEST_MM], 'branches', 'made one by one', 'reached over', [1, 1], 'tuft'),
  seasons: 'all year, by tone; at its best in late summer',
  planner: { kind: 'layers' },
  figures: k,
  options: [
    option(
      'comb',
      'Vacuum',
      ['wind', 'combs a wind', 'drawn one way, stems lean with it'],
      ['upright', 'upright', 'held still above: lifts what is loose, combs nothing'],
    ),
    sealOption,
  ],
  suits({ piece }) {
    const grass = piece.habit === 'grass' || piece.habit === 'reed'
    return judge({
      right: grass && piece.heightMm >= 1,
      pro: [
        `${readsAs(piece.heightMm, piece.realRatio)}, built up from the ground: the longest stems fewest`,
        'soil stays partly seen, as in a meadow, and the vacuum combs a wind in',
        'what does not stand comes back from the vacuum',
      ],
      con: [
        piece.heightMm > LONGEST_MM * 1.25 &&
          `${Math.round(piece.heightMm)} mm is longer than fibre that stands by itself: bunches for the tallest`,
        piece.habit === 'herb' && 'fibres give the stems; leaves and flowers are to be added',
      ],
      never: [
        !grass && piece.habit !== 'herb' && 'it is blades set upright, and this has stems and a crown',
        piece.heightMm > 30 && 'far longer than any fibre',
      ],
    })
  },
  parts: (job, read) =>
    patchParts(job, read, { openSec: k.openSec, setUpSec: k.setUpSec, secPerCm2: k.patchSec }),
  materials: (job, choice) => {
    const { heightMm, colours } = job.piece.sward
    return [
      slot('glue', 'Fast matt medium', liquid('matte-medium')),
      layersOf(job).map((layer, i) => {
        const most = longestFor(Math.max(layer.lengthMm, heightMm))
        return slot(
          layerSlot(i),
          titleOf(layer, i),
          fibre(layer.lengthMm, colours[layer.tone], most),
          sharing,
        )
      }),
      sealSlots(choice),
    ]
  },
  operations: (on) => {
    const layers = layersOf(on.job)
    const steps = layers.flatMap((layer, i) => laid(on, layer, i))
    const [fault] = layerFaults(layers)
    const text = `Look along it from the front, and down on it, in daylight.${fault ? ` Mind: ${fault}` : ''}`
    return [
      steps,
      sealingIfChosen(on, on.cm2('patch', on.partCm2)),
      on.inspect(
        'Soil partly seen, the longest stems fewest, no shine at low light.',
        ['carpet-of-grass', 'shiny-patches'],
        { text, yields: mixedFall(on, steps) },
      ),
    ]
  },
  examples: [
    exampleArea(examplePiece('grass', 'blades', 12, { widthShare: 0.5 }), 600),
    exampleArea(examplePiece('grass', 'blades', 1.2), 20),
  ],
})
