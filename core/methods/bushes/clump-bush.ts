import {
  aboveOf,
  amount,
  coefficients,
  examplePiece,
  examplePieces,
  flockUse,
  hands,
  hasLeaf,
  inspectStep,
  isBladed,
  isBushy,
  judge,
  open,
  poolSlot,
  poolStep,
  poolUse,
  sealOption,
  sealPours,
  sealSlots,
  sealStep,
  sealUses,
  seconds,
  share,
  stepsWith,
  use,
  volumeOf,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { number, ONE, product, quotient } from '../../quantities'

const k = coefficients('clump-bush', {
  spoilage: share('spoilage', 0.02),
  clump: amount('clump foam in a bush', 0.035, 'g/cm³'),
  top: share('see-through of the lighter coat on top', 0.55),
  sticks: share('coarse foam sticks, of what is thrown', 0.5),
  tearSec: seconds('tear and set', 10),
  topSec: seconds('light coarse foam on top', 5),
})

function suits({ piece }: PlantJob) {
  const juniper = piece.habit === 'conifer' && piece.heightMm <= 25
  return judge({
    right: (isBushy(piece) || juniper) && piece.seeThrough < 0.3 && piece.heightMm <= 20 && hasLeaf(piece),
    pro: [
      'dense to the ground, at rock feet and among scrub',
      juniper && 'dark clump reads as juniper',
      'ten seconds each',
    ],
    con: [
      piece.seeThrough >= 0.3 && 'airy shrubs: mesh or wool lets light through',
      piece.heightMm > 20 && `at ${Math.round(piece.heightMm)} mm it is a ball`,
      piece.heightMm < 4 && 'lower than a torn piece',
      piece.zone === 'front' && piece.heightMm > 12 && 'at the front foam is seen as foam',
    ],
    never: [
      isBladed(piece) && 'it stands in blades',
      piece.habit === 'palm' && 'a palm has fronds on a bare stem',
      piece.habit === 'broadleaf' && 'a tree has a stem',
      piece.habit === 'conifer' && !juniper && 'a conifer has a leader and tiers',
      piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
      !hasLeaf(piece) && 'bare, it is a lump of foam',
      (piece.heightMm > 40 || piece.heightMm < 2) &&
        `clump gives 4 to 20 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** Torn clump foam, set in glue over dry, sealed turf. Common practice. */
export const clumpBush: PlantMethod = {
  id: 'clump-bush',
  name: 'Clump bush',
  makes: 'Torn clump foam set in neat glue, lighter coarse foam on the upper side, sealed.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [4, 20],
    shows: 'puff',
    effort: 'from the bag',
    handling: 'handled',
    together: [10, 20],
    seasons: 'all year',
    manner: 'clump',
  },
  setsInPlace: true,
  coefficients: Object.values(k),
  options: [
    {
      id: 'top',
      name: 'Top',
      choices: [
        { id: 'highlighted', name: 'highlighted', words: 'lighter coarse foam on what faces up' },
        { id: 'bare', name: 'bare clump', words: 'as torn: for shade and rock feet' },
      ],
    },
    sealOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    {
      id: 'clump',
      label: 'Clump foam',
      wish: { stuff: 'foam', form: 'clump', grainMm: 5, colour: piece.tones.shade },
    },
    ...(choice('top') === 'highlighted'
      ? [
          {
            id: 'top',
            label: 'Coarse foam on top',
            wish: {
              stuff: 'foam' as const,
              form: 'ground' as const,
              grainMm: 1.4,
              colour: piece.tones.light,
            },
            optional: true,
          },
        ]
      : []),
    poolSlot,
    ...sealSlots(choice),
  ],
  work(task) {
    const { value, piece } = task
    const volume = volumeOf(task)
    const size = Math.max(0.3, piece.heightMm / 12)
    const above = aboveOf(task)
    const topped = task.choice('top') === 'highlighted' && task.fill('top').parts.length > 0
    const uses = [
      use(task, {
        slot: 'clump',
        step: 'tear',
        label: 'Clump foam',
        each: product(volume, task.input(k.clump)),
      }),
      poolUse(task, quotient(above, number(2))),
      ...(topped
        ? [
            flockUse(task, {
              slot: 'top',
              step: 'pool',
              label: 'Coarse foam on top',
              area: above,
              seeThrough: task.input(k.top),
              leaf: ONE,
              share: ONE,
              sticks: k.sticks,
            }),
          ]
        : []),
      ...sealUses(task, above),
    ]
    return {
      uses,
      pours: sealPours(task, above),
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'tear',
          title: 'Tear',
          text: 'Tear it, no balls, no two alike.',
          hands: hands(value(k.tearSec) * 0.6 * size, 30),
          cautions: ['dust'],
          faults: ['balls'],
        },
        inspectStep(task, 'No balls, no two alike.', ['balls']),
        {
          ...poolStep(task, {
            text: `Neat PVA on the dry, sealed turf, set it in.${topped ? ' Lighter coarse foam over what faces up, while the glue is wet.' : ''}`,
            faults: ['white-puddles', 'loud-two-tone'],
          }),
          title: 'Set in glue',
          passes: 'Shade below, light above.',
          hands: hands(value(k.tearSec) * 0.4 + (topped ? value(k.topSec) * size : 0), 30),
          within: open(task, 'pva'),
          cautions: ['dust'],
        },
        sealStep(task, piece.topAreaCm2),
      ]),
    }
  },
  examples: [examplePieces(examplePiece('shrub', 'mound', 12, { seeThrough: 0.15 }), 40)],
}
