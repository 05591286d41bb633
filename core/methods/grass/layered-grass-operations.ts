import { swardToneWords, touchesFor, type GrassLayer } from '../../grass'
import type { Yield } from '../../makeup'
import { fact } from '../../quantities'
import { plainNumber } from '../../units'
import type { PlantMaking } from '../kit/bench'
import { trait, type Draft, type Operation } from '../kit/making'
import { glueRate, grassFigures as k, layerSlot, vacuumOf } from '../plans/layers'

export const titleOf = (layer: GrassLayer, place: number): string =>
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
export function laid(on: PlantMaking, layer: GrassLayer, place: number): Operation[] {
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
      text: `Through a stocking, held to the light first; suction that never falls means a hole. The nozzle ${combs ? 'drawn one way, against the wind that you want' : 'held still above it, so that nothing is combed'}; tip it back into this tone’s jar.`,
      hands: on.value(k.vacuumSec) * on.partCm2,
      tools: ['vacuum', 'stocking', 'paper'],
      vacuums: id,
      cautions: ['dust'],
      faults: ['lost-fibre'],
    }),
  ]
}

/** Falls of several tones that can't be parted: what is swept up of what did not come back. */
export function mixedFall(on: PlantMaking, layers: readonly Operation[]): Yield[] {
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
