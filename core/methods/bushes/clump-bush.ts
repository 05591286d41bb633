import { isBladed, isBushy } from '../../commissions'
import { number, quotient } from '../../quantities'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { examplePiece, examplePieces } from '../kit/examples'
import { hasLeaf, judge } from '../kit/fit'
import { pooled, poolSlot, sealingIfChosen, sealOption, sealSlots } from '../kit/ground'
import { clump, foam } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'

const k = coefficients('clump-bush', {
  spoilage: spoilage(0.02),
  clump: amount('clump foam in a bush', 0.035, 'g/cm³'),
  top: share('see-through of the lighter coat on top', 0.55),
  sticks: sticking('coarse foam sticks, of what is thrown', 0.5),
  tearSec: seconds('tear and set', 10),
  topSec: seconds('light coarse foam on top', 5),
})

/** Torn clump foam, set in glue over dry, sealed turf. Common practice. */
export const clumpBush = way('clump-bush', 'Clump bush', {
  makes: 'Torn clump foam set in neat glue, lighter coarse foam on the upper side, sealed.',
  profile: profile([4, 20], 'puff', 'from the bag', 'handled', [10, 20], 'clump'),
  seasons: 'all year',
  setsInPlace: true,
  figures: k,
  options: [
    option(
      'top',
      'Top',
      ['highlighted', 'highlighted', 'lighter coarse foam on what faces up'],
      ['bare', 'bare clump', 'as torn: for shade and rock feet'],
    ),
    sealOption,
  ],
  suits({ piece }) {
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
  },
  materials: ({ piece }, choice) => [
    slot('clump', 'Clump foam', clump(5, piece.tones.shade)),
    choice('top') === 'highlighted' &&
      slot('top', 'Coarse foam on top', foam(1.4, piece.tones.light), optional),
    poolSlot,
    sealSlots(choice),
  ],
  operations: (on) => {
    const size = Math.max(0.3, on.piece.heightMm / 12)
    const topped = on.choice('top') === 'highlighted' && on.has('top')
    const onTop = { area: on.above, seeThrough: on.input(k.top), sticks: k.sticks }
    return [
      on.work('tear', 'Tear', {
        text: 'Tear it, no balls, no two alike.',
        hands: on.value(k.tearSec) * 0.6 * size,
        takes: [on.take('clump', [on.volume, k.clump])],
        cautions: ['dust'],
        faults: ['balls'],
      }),
      on.inspect('No balls, no two alike.', ['balls']),
      pooled(on, quotient(on.above, number(2)), {
        title: 'Set in glue',
        text: `Neat PVA on the dry, sealed turf, set it in.${topped ? ' Lighter coarse foam over what faces up, while the glue is wet.' : ''}`,
        hands: on.value(k.tearSec) * 0.4 + (topped ? on.value(k.topSec) * size : 0),
        takes: [topped && on.indoors.flock('top', onTop)],
        cautions: ['dust'],
        faults: ['white-puddles', 'loud-two-tone'],
        passes: 'Shade below, light above.',
      }),
      sealingIfChosen(on, on.above),
    ]
  },
  examples: [examplePieces(examplePiece('shrub', 'mound', 12, { seeThrough: 0.15 }), 40)],
})
