import {
  aboveOf,
  amount,
  coatUse,
  coefficients,
  dressing,
  dressSlots,
  dressSteps,
  dressUses,
  examplePiece,
  examplePieces,
  fixedUse,
  hands,
  hasLeaf,
  inspectStep,
  isBushy,
  judge,
  open,
  paintStep,
  sets,
  share,
  stepsWith,
  use,
  volumeOf,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, product } from '../../quantities'

const k = coefficients('bramble-mound', {
  spoilage: share('spoilage', 0.04),
  stuffing: amount('stuffing, teased thin', 0.008, 'g/cm³'),
  flowerCoat: amount('flower powder, for each cm² in flower', 0.008, 'g/cm²'),
  teaseCm3Sec: amount('tease thin, for each cm³', 12, 's/cm³', 'memory', 'a minute for a mound of 18 mm'),
  flowerCm2Sec: amount('dot the flowers, for each cm² from above', 2.5, 's/cm²'),
  filled: share('covered before the leaf, of what is seen', 0.15),
})

const dress: Dress = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled }

function suits({ piece }: PlantJob) {
  const scrambling = isBushy(piece) && piece.crownWidthMm >= piece.heightMm * 0.9
  return judge({
    right:
      scrambling && piece.heightMm >= 10 && piece.heightMm <= 30 && hasLeaf(piece) && piece.zone !== 'back',
    pro: ['arching threads at the edge, as scramblers have', 'wide and low from a pinch of stuffing'],
    con: [
      !scrambling && 'it lies wider than high; this stands',
      piece.heightMm > 30 && 'higher than threads hold',
      piece.heightMm < 10 && 'lower than it can be teased',
      piece.leaf < 0.3 && 'with so little leaf it is a web',
      piece.zone === 'back' && 'at the back wool does as well, in seconds',
    ],
    never: [
      !isBushy(piece) && 'it is a tangle on the ground: shrubs and scramblers',
      piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
      !hasLeaf(piece) && 'bare, it is brown wool',
      (piece.heightMm > 50 || piece.heightMm < 6) &&
        `mounds are 10 to 30 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** A mound of brambles: stuffing teased thin, brown, leaf. Common practice. */
export const brambleMound: PlantMethod = {
  id: 'bramble-mound',
  name: 'Bramble mound',
  makes: 'Stuffing teased until it can be read through, brown spray, leaf in two coats, dots of flower.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [10, 30],
    shows: 'puff',
    effort: 'mass-made',
    handling: 'reached over',
    together: [3, 6],
    seasons: 'late spring to autumn',
    manner: 'arching',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    { id: 'stuffing', label: 'Stuffing', wish: { stuff: 'wool', wool: 'stuffing' } },
    { id: 'brown', label: 'Brown', wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#5f4a37' } },
    ...dressSlots(piece, dress, choice),
    ...(piece.bloom > 0.02
      ? [
          {
            id: 'flower',
            label: 'Flower powder',
            wish: { stuff: 'powder' as const, powder: 'blossom' as const, colour: piece.bloomColour },
            optional: true,
          },
        ]
      : []),
  ],
  work(task) {
    const { value, piece } = task
    const flowers = piece.bloom > 0.02 && task.fill('flower').parts.length > 0
    const volume = volumeOf(task)
    const uses = [
      use(task, {
        slot: 'stuffing',
        step: 'tease',
        label: 'Stuffing',
        each: product(volume, task.input(k.stuffing)),
      }),
      coatUse(task, { slot: 'brown', step: 'brown', label: 'Brown' }, dressing.paintCoat),
      ...dressUses(task, dress),
      ...(flowers
        ? [
            coatUse(
              task,
              { slot: 'adhesive', step: 'flower', label: 'A mist for the flowers' },
              dressing.mistCoat,
            ),
            fixedUse(
              task,
              { slot: 'flower', step: 'flower', label: 'Flowers' },
              k.flowerCoat,
              product(aboveOf(task), fact('share in flower', piece.bloom, '', 'memory', 'on the day')),
            ),
          ]
        : []),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'tease',
          title: 'Tease thin',
          text: 'Until you can read through it; threads that arch out at the edge stay.',
          hands: hands(value(k.teaseCm3Sec) * piece.volumeCm3),
          faults: ['solid-lump'],
        },
        paintStep(task, {
          id: 'brown',
          title: 'Brown',
          text: 'All through, from both sides: no white inside.',
          faults: ['white-core', 'satin'],
        }),
        ...dressSteps(task, dress, { where: 'tops and arching threads' }),
        flowers && {
          id: 'flower',
          title: 'Dots of flower',
          text: 'A fresh mist of adhesive on what faces the light, and dots of powder into it while it is wet.',
          hands: hands(value(k.flowerCm2Sec) * piece.topAreaCm2, 30),
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          within: open(task, 'spray-adhesive'),
          wait: sets(task, 'spray-adhesive', 'Let it set'),
          tools: ['tweezers'],
          cautions: ['spray', 'dust'],
          faults: ['petal-blobs'],
        },
        inspectStep(task, 'Arching threads at the edge; no white.', ['white-core', 'solid-lump']),
      ]),
    }
  },
  examples: [examplePieces(examplePiece('shrub', 'mound', 18, { widthShare: 1.6, bloom: 0.2 }), 6)],
}
