import {
  aboveOf,
  amount,
  coatUse,
  coefficients,
  dressing,
  examplePiece,
  examplePieces,
  hands,
  hasLeaf,
  inspectStep,
  isBladed,
  isBushy,
  judge,
  paintStep,
  poolSlot,
  poolStep,
  poolUse,
  seconds,
  share,
  stepsWith,
  use,
  volumeOf,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { number, product, quotient } from '../../quantities'

const k = coefficients('mesh-bush', {
  spoilage: share('spoilage', 0.04),
  mesh: amount('mesh for each cm³, teased', 0.55, 'cm²/cm³', 'memory', 'a small bag makes hundreds'),
  teaseSec: seconds('tear, tease every way', 20),
})

function suits({ piece }: PlantJob) {
  const birch = piece.habit === 'broadleaf' && piece.heightMm <= 40
  return judge({
    right: isBushy(piece) && piece.seeThrough >= 0.15 && hasLeaf(piece) && piece.heightMm <= 25,
    pro: [
      'light, and seen through: between wool and wire',
      'hundreds from one bag, in its own colour',
      birch && 'fine ivy mesh reads as low birch or aspen, or as scrub of dry land',
    ],
    con: [
      piece.heightMm > 25 && `at ${Math.round(piece.heightMm)} mm the mesh sags`,
      piece.heightMm < 5 && 'smaller than mesh can be torn',
      piece.seeThrough < 0.15 && 'dense shrubs: clump is more like it',
      piece.habit === 'broadleaf' && 'no stem: only low ones, among others',
    ],
    never: [
      isBladed(piece) && 'it stands in blades',
      piece.habit === 'conifer' && 'a conifer has a leader and tiers',
      piece.habit === 'palm' && 'a palm has fronds on a bare stem',
      piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
      !hasLeaf(piece) && 'bare, it is a green net',
      (piece.heightMm > 45 || piece.heightMm < 3) &&
        `mesh gives 5 to 25 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** Foliage mesh teased to a bush. Common practice. */
export const meshBush: PlantMethod = {
  id: 'mesh-bush',
  name: 'Mesh bush',
  makes: 'Foliage mesh torn and teased to all sides, pushed into a pool of glue so that it stands.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [5, 25],
    shows: 'puff',
    effort: 'from the bag',
    handling: 'handled',
    together: [10, 20],
    seasons: 'in leaf',
    manner: 'mesh',
  },
  setsInPlace: true,
  coefficients: Object.values(k),
  options: [
    {
      id: 'mesh',
      name: 'Mesh',
      choices: [
        { id: 'foam', name: 'foam on net', words: 'leafy: shrubs of any kind' },
        { id: 'ivy', name: 'fine ivy kind', words: 'smaller leaf: low birch, or dry land' },
      ],
    },
    {
      id: 'colour',
      name: 'Colour',
      choices: [
        { id: 'own', name: 'as it comes', words: 'the bag’s own colour' },
        { id: 'sprayed', name: 'sprayed', words: 'misted with the colour of the day' },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    {
      id: 'mesh',
      label: 'Mesh',
      wish: {
        stuff: 'sheet',
        sheet: choice('mesh') === 'ivy' ? 'ivy-mesh' : 'mesh',
        colour: piece.tones.base,
      },
    },
    ...(choice('colour') === 'sprayed'
      ? [
          {
            id: 'paint',
            label: 'Colour of the day',
            wish: { stuff: 'liquid' as const, liquid: 'spray-paint' as const, colour: piece.tones.base },
          },
        ]
      : []),
    poolSlot,
  ],
  work(task) {
    const { value } = task
    const volume = volumeOf(task)
    const sprayed = task.choice('colour') === 'sprayed'
    const uses = [
      use(task, {
        slot: 'mesh',
        step: 'tease',
        label: 'Mesh',
        each: product(volume, task.input(k.mesh)),
      }),
      ...(sprayed
        ? [coatUse(task, { slot: 'paint', step: 'colour', label: 'Colour' }, dressing.mistCoat)]
        : []),
      poolUse(task, quotient(aboveOf(task), number(2))),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'tease',
          title: 'Tear and tease',
          text: 'Tear, never cut; tease it in every direction until no net can be seen.',
          hands: hands(value(k.teaseSec) * Math.max(0.3, task.piece.heightMm / 15)),
          faults: ['net-shows'],
        },
        sprayed &&
          paintStep(task, {
            id: 'colour',
            title: 'Mist the colour of the day',
            text: 'From above, lightly; the underside stays darker.',
          }),
        inspectStep(task, 'At least half as high as wide; no net.', ['pancake', 'net-shows']),
        poolStep(task, { faults: ['pancake', 'white-puddles'] }),
      ]),
    }
  },
  examples: [examplePieces(examplePiece('shrub', 'mound', 15), 60)],
}
