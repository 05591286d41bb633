import { shared } from '../../makeup'
import { isBushy, type Piece } from '../../commissions'
import { fact } from '../../quantities'
import { amount, coefficients, minutes, seconds, spoilage } from '../kit/rows'
import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { foam, liquid, powder } from '../kit/materials'
import { sharing, slot } from '../kit/slot'
import { areaParts } from '../kit/parts'
import { staysOpen } from '../kit/setting'
import { profile, way } from '../kit/way'

const k = coefficients('planted-bed', {
  spoilage: spoilage(0),
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

/** Beds and borders: outline, earth pressed into PVA, plants set apart, flowers dusted on. Common practice. */
export const plantedBed = way('planted-bed', 'Planted bed or border', {
  makes: 'An outline drawn, dark earth pressed into PVA, plants of foam set in it, flowers in their season.',
  kinds: ['area'],
  profile: profile([1, 12], 'puff', 'mass-made', 'reached over', [1, 3], 'clump'),
  seasons: 'spring to autumn',
  figures: k,
  suits: ({ piece, kind }) =>
    judge({
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
    }),
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  materials: ({ piece }) => [
    slot('glue', 'PVA under the earth', liquid('pva'), sharing),
    slot('earth', 'Fine dark earth', powder('soil', '#5c4a34'), sharing),
    slot('leaf', 'Foam for the plants', foam(Math.max(0.5, piece.grainMm), piece.tones.base)),
    inFlower(piece) && [
      slot('spray', 'Hairspray', liquid('hairspray')),
      slot('flowers', 'Flower powder', powder('blossom', showOf(piece).colour)),
    ],
  ],
  operations: (on) => {
    const { piece, partCm2 } = on
    const coverCm2 = partCm2 * on.value(shared.swardCover)
    const count = Math.max(1, Math.round(coverCm2 / Math.max(0.005, piece.topAreaCm2)))
    const plants = fact('plants', count, '', 'formula', 'bed × cover ÷ a plant from above')
    const cover = on.cm2('ground that plants cover', coverCm2, 'bed × cover')
    const show = fact('share in flower on the day', showOf(piece).share, '', 'memory')
    const dabs = Math.max(1, Math.floor(on.openSec('pva', k.openSec) / on.value(k.plantSec)))
    return [
      on.work('earth', 'Outline and earth', {
        text: 'Pencil the outline on the board, a coin for circles. PVA inside it, dark earth on it, pressed in with a dry brush to a clean edge.',
        hands: on.value(k.earthSec) * partCm2,
        takes: [on.take('glue', [on.ground, k.glueMl]), on.take('earth', [on.ground, k.earthG])],
        within: on.open('pva'),
        atOnce: on.one('Bed by bed.'),
        wait: on.dries(k.dryMin, 'Dry before the vacuum', 'pva'),
        tools: ['pencil', 'brush'],
        faults: ['tide-line'],
      }),
      on.work('plants', 'Plants', {
        text: `Vacuum the dry earth once. ${count} to a bed of ${Math.round(partCm2)} cm²: a dab of PVA each, a pinch of foam, the tall ones inside or at the wall; earth stays seen between them.`,
        hands: on.value(k.plantSec) * count,
        takes: [
          on.take('leaf', [cover, k.leafG]),
          on.take('glue', [plants, k.dabMl], 'PVA under the plants'),
        ],
        within: on.open('pva'),
        atOnce: on.one(`Dab ${dabs} at most, then plant them.`),
        wait: on.sets('tacky-pva', 'Let it hold'),
        tools: ['tweezers'],
        faults: ['rows'],
      }),
      inFlower(piece) &&
        on.spray('flowers', 'Flowers', {
          text: `A short burst of hairspray on the plants, neighbours covered with paper; powder from a fine brush on ${Math.round(showOf(piece).share * 100)} % of them, never evenly. Tip the rest back.`,
          hands: [on.value(k.flowerSec) * coverCm2, 30],
          takes: [on.take('spray', [cover, k.sprayMl]), on.take('flowers', [cover, show, k.bloomG])],
          can: 'hairspray',
          within: on.open('hairspray', { by: k.sprayWetSec }),
          atOnce: on.one('Bed by bed.'),
          tools: ['brush', 'paper'],
          faults: ['petal-blobs'],
        }),
      on.inspect('A clean edge; earth seen; no two plants alike.', ['rows', 'petal-blobs']),
    ]
  },
  examples: [
    exampleArea(examplePiece('herb', 'blades', 5, { bloom: 0.3 }), 60),
    exampleArea(examplePiece('shrub', 'mound', 9), 200),
  ],
})
