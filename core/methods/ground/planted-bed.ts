import {
  amount,
  areaParts,
  coefficients,
  exampleArea,
  examplePiece,
  fixedUse,
  hands,
  inspectStep,
  isBushy,
  judge,
  minutes,
  open,
  partCm2,
  seconds,
  sets,
  share,
  shared,
  staysOpen,
  stepsWith,
  wait,
  type Piece,
  type PlantJob,
  type PlantMethod,
  type PlantTask,
} from '../../makeup'
import { fact, product } from '../../quantities'
import { coverSlots, coverUses, foamWish, liquidWish, type Cover } from './covers'

const k = coefficients('planted-bed', {
  spoilage: share('spoilage', 0),
  patchCm2: amount('a bed at once, at most', 150, 'cm²'),
  glueMl: amount('PVA under the earth', 0.04, 'ml/cm²'),
  earthG: amount('earth, pressed in', 0.12, 'g/cm²'),
  leafG: amount('foam, for a plant of 1 cm²', 0.025, 'g/cm²'),
  dabMl: amount('PVA under a plant', 0.01, 'ml'),
  bloomG: amount('flower powder, for a plant of 1 cm² in full flower', 0.006, 'g/cm²'),
  sprayMl: amount('hairspray under the flowers', 0.01, 'ml/cm²'),
  earthSec: amount('draw, glue, press earth, for each cm²', 3, 's/cm²'),
  plantSec: seconds('set a plant', 6),
  flowerSec: amount('flower, for each cm² of plants', 1.5, 's/cm²'),
  dryMin: minutes('PVA under earth dries', 480),
  openSec: staysOpen('pva', 'PVA stays open'),
  sprayWetSec: staysOpen('hairspray', 'hairspray stays wet'),
})

/** A bed with fewer flowers than this gets no powder. From memory. */
const FEW_FLOWERS = 0.02
/** What shows above the leaf on the day: petals of a shrub, flower and seed heads of a herb. */
const showOf = ({ bloom, bloomColour, sward }: Piece): { share: number; colour: string } =>
  bloom >= sward.heads
    ? { share: bloom, colour: bloomColour }
    : { share: sward.heads, colour: sward.colours.head }
const inFlower = (piece: Piece): boolean => showOf(piece).share > FEW_FLOWERS

const covers: readonly Cover[] = [
  { step: 'earth', slot: 'glue', label: 'PVA under the earth', wish: liquidWish('pva'), rate: k.glueMl },
  {
    step: 'earth',
    slot: 'earth',
    label: 'Fine dark earth',
    wish: { stuff: 'powder', powder: 'soil', colour: '#5c4a34' },
    rate: k.earthG,
  },
]

function suits({ piece, kind }: PlantJob) {
  return judge({
    right: kind === 'area' && (piece.habit === 'herb' || isBushy(piece)) && piece.heightMm <= 12,
    pro: [
      'a bed has an edge, dark earth and plants apart from each other',
      inFlower(piece) && 'in flower on the day',
    ],
    con: [
      !inFlower(piece) && 'not in flower on the day: leaf only',
      piece.heightMm > 12 && `at ${Math.round(piece.heightMm)} mm a plant is made by itself`,
    ],
    never: [
      piece.habit !== 'herb' &&
        piece.habit !== 'fern' &&
        !isBushy(piece) &&
        'a bed is planted with herbs or low shrubs',
      piece.crownForm === 'wall' && 'what climbs wants its wall',
      piece.heightMm > 25 && 'foam gives low plants only',
    ],
  })
}

/** How many plants a patch of a bed holds, and the ground that they cover. */
function planted(task: PlantTask, cm2: number): { count: number; coverCm2: number } {
  const coverCm2 = cm2 * task.value(shared.swardCover)
  return { count: Math.max(1, Math.round(coverCm2 / Math.max(0.005, task.piece.topAreaCm2))), coverCm2 }
}

/** Beds and borders: outline, earth pressed into PVA, plants set apart, flowers dusted on. Common practice. */
export const plantedBed: PlantMethod = {
  id: 'planted-bed',
  name: 'Planted bed or border',
  makes: 'An outline drawn, dark earth pressed into PVA, plants of foam set in it, flowers in their season.',
  kinds: ['area'],
  profile: {
    sizeMm: [1, 12],
    shows: 'puff',
    effort: 'mass-made',
    handling: 'reached over',
    together: [1, 3],
    seasons: 'spring to autumn',
    manner: 'clump',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  slots: ({ piece }) => [
    ...coverSlots(covers),
    {
      id: 'leaf',
      label: 'Foam for the plants',
      wish: foamWish(piece.tones.base, Math.max(0.5, piece.grainMm)),
    },
    ...(inFlower(piece)
      ? [
          { id: 'spray', label: 'Hairspray', wish: liquidWish('hairspray') },
          {
            id: 'flowers',
            label: 'Flower powder',
            wish: { stuff: 'powder' as const, powder: 'blossom' as const, colour: showOf(piece).colour },
          },
        ]
      : []),
  ],
  work(task) {
    const { value, piece } = task
    const cm2 = partCm2(task)
    const { count, coverCm2 } = planted(task, cm2)
    const covered = fact('ground that plants cover', coverCm2, 'cm²', 'formula', 'bed × cover')
    const flowered = product(covered, fact('share in flower on the day', showOf(piece).share, '', 'memory'))
    const uses = [
      ...coverUses(task, covers, cm2),
      fixedUse(task, { slot: 'leaf', step: 'plants', label: 'Foam for the plants' }, k.leafG, covered),
      fixedUse(
        task,
        { slot: 'glue', step: 'plants', label: 'PVA under the plants' },
        k.dabMl,
        fact('plants', count, '', 'formula', 'bed × cover ÷ a plant from above'),
      ),
      ...(inFlower(piece)
        ? [
            fixedUse(task, { slot: 'spray', step: 'flowers', label: 'Hairspray' }, k.sprayMl, covered),
            fixedUse(task, { slot: 'flowers', step: 'flowers', label: 'Flower powder' }, k.bloomG, flowered),
          ]
        : []),
    ]
    const openSec = value(k.openSec)
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'earth',
          title: 'Outline and earth',
          text: 'Pencil the outline on the board, a coin for circles. PVA inside it, dark earth on it, pressed in with a dry brush to a clean edge.',
          hands: hands(value(k.earthSec) * cm2, 30),
          within: open(task, 'pva'),
          atOnce: { count: 1, because: 'window', what: 'Bed by bed.' },
          wait: wait(task.dryMin(value(k.dryMin)), 'open film', 'Dry before the vacuum'),
          tools: ['pencil', 'brush'],
          cautions: ['dust'],
          faults: ['tide-line'],
        },
        {
          id: 'plants',
          title: 'Plants',
          text: `Vacuum the dry earth once. ${count} to a bed of ${Math.round(cm2)} cm²: a dab of PVA each, a pinch of foam, the tall ones inside or at the wall; earth stays seen between them.`,
          hands: hands(value(k.plantSec) * count, 30),
          within: open(task, 'pva'),
          atOnce: {
            count: 1,
            because: 'window',
            what: `Dab ${Math.max(1, Math.floor(openSec / value(k.plantSec)))} at most, then plant them.`,
          },
          wait: sets(task, 'tacky-pva', 'Let it hold'),
          tools: ['tweezers'],
          faults: ['rows'],
        },
        inFlower(piece) && {
          id: 'flowers',
          title: 'Flowers',
          text: `A short burst of hairspray on the plants, neighbours covered with paper; powder from a fine brush on ${Math.round(showOf(piece).share * 100)} % of them, never evenly. Tip the rest back.`,
          hands: hands(value(k.flowerSec) * coverCm2, 30),
          within: open(task, 'hairspray', { by: k.sprayWetSec }),
          atOnce: { count: 1, because: 'window', what: 'Bed by bed.' },
          wait: sets(task, 'hairspray', 'Let it set'),
          tools: ['brush', 'paper'],
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          cautions: ['spray', 'dust'],
          faults: ['petal-blobs'],
        },
        inspectStep(task, 'A clean edge; earth seen; no two plants alike.', ['rows', 'petal-blobs']),
      ]),
    }
  },
  examples: [
    exampleArea(examplePiece('herb', 'blades', 5, { bloom: 0.3 }), 60),
    exampleArea(examplePiece('shrub', 'mound', 9), 200),
  ],
}
