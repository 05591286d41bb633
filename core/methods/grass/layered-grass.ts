import { layerFaults, readsAs } from '../../grass'
import { longestFor } from '../../stock'
import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { sealingIfChosen, sealOption, sealSlots } from '../kit/ground'
import { fibre, liquid } from '../kit/materials'
import { patchParts } from '../kit/parts'
import { sharing, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { grassFigures as k, layerSlot, layersOf } from '../plans/layers'
import { titleOf, laid, mixedFall } from './layered-grass-operations'

/** The longest fibre that an applicator sets upright, mm. Common practice. */
const LONGEST_MM = 12

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
  parts: (job, read, jarOf) =>
    patchParts(job, read, jarOf, {
      glue: 'medium',
      openSec: k.openSec,
      setUpSec: k.setUpSec,
      secPerCm2: k.patchSec,
    }),
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
