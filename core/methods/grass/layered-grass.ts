import { layerFaults, readsAs, touchesFor, swardToneWords, type GrassLayer } from '../../grass'
import {
  backOf,
  exampleArea,
  examplePiece,
  fibreUses,
  hands,
  inspectStep,
  judge,
  longestFor,
  open,
  partCm2,
  patchParts,
  sealOption,
  sealPours,
  sealSlots,
  sealStep,
  sealUses,
  sets,
  staticStep,
  stepsWith,
  use,
  type PlantJob,
  type PlantMethod,
  type PlantTask,
  type StepDraft,
  type Use,
  type Yield,
} from '../../makeup'
import { fact, figure, product } from '../../quantities'
import { catalogueRow } from '../../stock'
import { plainNumber } from '../../units'
import { glueRate, grassFigures as k } from './grass-figures'
import { layersOf, layerSlot, vacuumOf } from './layer-plan'

/** The longest fibre that an applicator sets upright, mm. Common practice. */
const LONGEST_MM = 12

function suits({ piece }: PlantJob) {
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
}

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
function touches({ value }: PlantTask, cm2: number): NonNullable<StepDraft['deal']> {
  const reach = value(k.tipShare)
  return {
    each: Math.min(1000, touchesFor(Math.min(0.95, Math.max(0.02, reach)), cm2, value(k.touchCm2))),
    enough: `Enough: glue has touched ${Math.round(reach * 100)} % of the patch.`,
    suits: [
      { id: 'spot', options: SPOTS.map((name) => ({ name, share: 1 })) },
      {
        id: 'touch',
        options: [
          { name: 'one touch', share: 0.55 },
          { name: 'two side by side', share: 0.3 },
          { name: 'a streak with the wind', share: 0.15 },
        ],
      },
    ],
  }
}

function layerStep(task: PlantTask, layer: GrassLayer, place: number, cm2: number): StepDraft {
  const { value } = task
  const id = layerSlot(place)
  const openHands = value(k.setUpSec) + value(layer.glue === 'tips only' ? k.tipSec : k.patchSec) * cm2
  return staticStep({
    id,
    title: titleOf(layer, place),
    text: `${glueWords[layer.glue]}; ${plainNumber(cm2, 0)} cm² at once. Earth lead on, little fibre in the hopper, applicator 10 mm off.`,
    hands: hands(openHands, value(k.refillSec)),
    within: open(task, 'medium', { by: k.openSec }),
    atOnce: {
      count: 1,
      because: 'window',
      what: `One patch of ${plainNumber(cm2, 0)} cm² while the glue is open.`,
    },
    wait: sets(task, 'medium', 'Let the layer dry', { by: k.dryMin }),
    tools: ['brush', 'paper'],
    ...(layer.glue === 'tips only' ? { deal: touches(task, cm2) } : {}),
    faults: ['skinned-glue', 'lying-fibres', place === 0 ? 'shiny-patches' : 'carpet-of-grass'],
    passes: place === 0 ? 'No bare glue; soil seen between.' : 'Sparser than the layer below.',
  })
}

/** What is loose is lifted when the layer is dry, never out of wet glue; and combed, where a wind is wanted. */
function vacuumStep(task: PlantTask, uses: readonly Use[], place: number, cm2: number): StepDraft {
  const combs = task.choice('comb') !== 'upright'
  return {
    id: vacuumOf(place),
    title: combs ? 'Vacuum, comb the wind in' : 'Vacuum, held still',
    text: `Through a stocking, ${combs ? 'drawn one way, against the wind that you want' : 'held still above it, so that nothing is combed'}; tip it back into this tone’s jar.`,
    hands: hands(task.value(k.vacuumSec) * cm2, 30),
    tools: ['vacuum', 'paper'],
    back: backOf(uses, layerSlot(place)),
    cautions: ['dust'],
    faults: ['lost-fibre'],
  }
}

/** Falls of several tones that can't be parted: what is swept up of what did not come back. */
function mixedFall(task: PlantTask, uses: readonly Use[]): Yield[] {
  const lost = uses.reduce(
    (sum, { slot, lies, total }) =>
      slot.startsWith('layer') && lies ? sum + total.value - lies.value * task.value(k.sticks) : sum,
    0,
  )
  const tones = new Set(
    uses.flatMap(({ slot, material }) => (slot.startsWith('layer') && material ? [material.family] : [])),
  )
  if (tones.size < 2 || lost <= 0) return []
  return [
    {
      label: 'Mixed fall',
      source: 'by-product',
      material: catalogueRow('rough-ground'),
      quantity: figure(product(fact('what did not come back', lost, 'g'), task.input(k.swept)), 'g'),
      shares: [],
    },
  ]
}

/** Grass by area, set in layers where it is to stay: short and close below, long and sparse above. Common practice. */
export const layeredGrass: PlantMethod = {
  id: 'layered-grass',
  name: 'Grass in layers',
  makes: 'Static fibre in layers where it stays: short and close, then longer and sparser, vacuumed between.',
  kinds: ['area'],
  profile: {
    sizeMm: [1, LONGEST_MM],
    shows: 'branches',
    effort: 'made one by one',
    handling: 'reached over',
    together: [1, 1],
    seasons: 'all year, by tone; at its best in late summer',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'comb',
      name: 'Vacuum',
      choices: [
        { id: 'wind', name: 'combs a wind', words: 'drawn one way, stems lean with it' },
        { id: 'upright', name: 'upright', words: 'held still above: lifts what is loose, combs nothing' },
      ],
    },
    sealOption,
  ],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) =>
    patchParts(job, read, { openSec: k.openSec, setUpSec: k.setUpSec, secPerCm2: k.patchSec }),
  slots: (job, choice) => [
    { id: 'glue', label: 'Fast matt medium', wish: { stuff: 'liquid', liquid: 'matte-medium' } },
    ...layersOf(job).map((layer, i) => ({
      id: layerSlot(i),
      label: titleOf(layer, i),
      wish: {
        stuff: 'fibre' as const,
        lengthMm: layer.lengthMm,
        mostMm: longestFor(Math.max(layer.lengthMm, job.piece.sward.heightMm)),
        colour: job.piece.sward.colours[layer.tone],
      },
      mayShare: true,
    })),
    ...sealSlots(choice),
  ],
  work(task) {
    const layers = layersOf(task.job)
    const cm2 = partCm2(task)
    const area = fact('patch', cm2, 'cm²')
    const uses: Use[] = [
      ...layers.flatMap((layer, i) => [
        use(task, {
          slot: 'glue',
          step: layerSlot(i),
          label: `Glue, ${layer.glue}`,
          each: product(area, glueRate(task, layer.glue)),
        }),
        ...fibreUses(task, {
          slot: layerSlot(i),
          step: layerSlot(i),
          label: titleOf(layer, i),
          perCm2: fact('fibres on a cm² of the patch', layer.perCm2, '/cm²', 'memory'),
          area,
          sticks: k.sticks,
        }),
      ]),
      ...sealUses(task, area),
    ]
    const faults = layerFaults(layers)
    return {
      uses,
      pours: sealPours(task, area),
      cuts: [],
      yields: mixedFall(task, uses),
      steps: stepsWith(uses, [
        ...layers.flatMap((layer, i) => [layerStep(task, layer, i, cm2), vacuumStep(task, uses, i, cm2)]),
        sealStep(task, cm2),
        {
          ...inspectStep(task, 'Soil partly seen, the longest stems fewest, no shine at low light.', [
            'carpet-of-grass',
            'shiny-patches',
          ]),
          text: `Look along it from the front, and down on it, in daylight.${faults.length > 0 ? ` Mind: ${faults[0]}` : ''}`,
        },
      ]),
    }
  },
  examples: [
    exampleArea(examplePiece('grass', 'blades', 12, { widthShare: 0.5 }), 600),
    exampleArea(examplePiece('grass', 'blades', 1.2), 20),
  ],
}
