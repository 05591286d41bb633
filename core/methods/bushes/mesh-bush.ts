import { isBladed, isBushy } from '../../commissions'
import { number, quotient } from '../../quantities'
import { amount, coefficients, seconds, spoilage } from '../kit/rows'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { hasLeaf, judge } from '../kit/fit'
import { pooled, poolSlot } from '../kit/ground'
import { sheet, sprayPaint } from '../kit/materials'
import { slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'

const k = coefficients('mesh-bush', {
  spoilage: spoilage(0.04),
  mesh: amount('mesh for each cm³, teased', 0.55, 'cm²/cm³', 'memory', 'a small bag makes hundreds'),
  teaseSec: seconds('tear, tease every way', 20),
})

/** Foliage mesh teased to a bush. Common practice. */
export const meshBush = way('mesh-bush', 'Mesh bush', {
  makes: 'Foliage mesh torn and teased to all sides, pushed into a pool of glue so that it stands.',
  profile: profile([5, 25], 'puff', 'from the bag', 'handled', [10, 20], 'mesh'),
  seasons: 'in leaf',
  setsInPlace: true,
  figures: k,
  options: [
    option(
      'mesh',
      'Mesh',
      ['foam', 'foam on net', 'leafy: shrubs of any kind'],
      ['ivy', 'fine ivy kind', 'smaller leaf: low birch, or dry land'],
    ),
    option(
      'colour',
      'Colour',
      ['own', 'as it comes', 'the bag’s own colour'],
      ['sprayed', 'sprayed', 'misted with the colour of the day'],
    ),
  ],
  suits({ piece }) {
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
  },
  materials: ({ piece }, choice) => [
    slot('mesh', 'Mesh', sheet(choice('mesh') === 'ivy' ? 'ivy-mesh' : 'mesh', piece.tones.base)),
    choice('colour') === 'sprayed' && slot('paint', 'Colour of the day', sprayPaint(piece.tones.base)),
    poolSlot,
  ],
  operations: (on) => [
    on.work('tease', 'Tear and tease', {
      text: 'Tear, never cut; tease it in every direction until no net can be seen.',
      hands: on.value(k.teaseSec) * Math.max(0.3, on.piece.heightMm / 15),
      takes: [on.take('mesh', [on.volume, k.mesh])],
      faults: ['net-shows'],
    }),
    on.choice('colour') === 'sprayed' &&
      on.paint('colour', 'Mist the colour of the day', {
        text: 'From above, lightly; the underside stays darker.',
        takes: [on.coat('paint', dressing.mistCoat)],
      }),
    on.inspect('At least half as high as wide; no net.', ['pancake', 'net-shows']),
    pooled(on, quotient(on.above, number(2)), { faults: ['pancake', 'white-puddles'] }),
  ],
  examples: [examplePieces(examplePiece('shrub', 'mound', 15), 60)],
})
