import { isBladed, isBushy } from '../../commissions'
import { rounded } from '../../quantities'
import { amount, coefficients, seconds, share, spoilage } from '../kit/rows'
import { dress, dressSlots, snowOption, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { liquid, twig } from '../kit/materials'
import { slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const k = coefficients('built-scrub', {
  spoilage: spoilage(0.05),
  sprigs: amount('curved sprigs in one', 5, 'piece', 'memory', '4 to 7'),
  insertionCa: amount('CA at an insertion', 0.03, 'ml'),
  cleanSec: seconds('clean a sprig, inward twigs off', 60),
  buildSec: seconds('drill, shave, CA, hold: all insertions', 240),
  filled: share('covered before the leaf, of what is seen', 0.2),
})

const leaf: Dressing = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled }

/** A large shrub built of curved sprigs pinned to a flat one. Common practice. */
export const builtScrub = way('built-scrub', 'Built scrub', {
  makes: 'Curved sprigs drilled and pinned onto a flat one on both sides, CA, dense leaf in two coats.',
  profile: profile([40, 120], 'branches', 'made one by one', 'protected', [2, 6], 'sprig'),
  seasons: 'late summer; bare too',
  figures: k,
  options: [snowOption],
  suits: ({ piece }) =>
    judge({
      right: isBushy(piece) && piece.heightMm >= 40 && piece.heightMm <= 120,
      pro: [
        'depth on both sides: a big shrub seen from near',
        'dying or dense, bare or in leaf',
        'uses up the curved sprigs',
      ],
      con: [
        piece.heightMm < 40 && 'smaller ones are done by wool and mesh in seconds',
        piece.heightMm > 120 && 'larger than sprigs build well',
        piece.zone === 'front' && 'it snaps: inboard, where no sleeve passes',
      ],
      never: [
        isBladed(piece) && 'it stands in blades',
        !isBushy(piece) && 'it is a shrub from many stems; this has one',
        piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
        (piece.heightMm > 180 || piece.heightMm < 22) &&
          `it is built 40 to 120 mm high, this is ${Math.round(piece.heightMm)} mm`,
      ],
    }),
  materials: ({ piece }, choice) => [
    slot('sprig', 'Curved sprigs', twig('curved-sprig', piece.heightMm)),
    slot('ca', 'CA', liquid('ca')),
    dressSlots(piece, leaf, choice),
  ],
  operations: (on) => {
    const sprigs = rounded(on.input(k.sprigs))
    const size = on.piece.heightMm / 70
    return [
      on.work('clean', 'Pick and clean', {
        text: `A flat sprig for the back of each and ${sprigs.value - 1} more; inward twigs off.`,
        hands: on.value(k.cleanSec) * size,
        takes: on.takePieces('sprig', sprigs),
        tools: ['tweezers', 'cutters'],
      }),
      on.work('build', 'Drill, shave, insert', {
        text: 'Drill at the size of the next stem, shave its end, a speck of CA, hold for seconds; three to six insertions on both faces until it is two thirds as deep as wide.',
        hands: on.value(k.buildSec) * size,
        takes: [on.take('ca', [sprigs, k.insertionCa])],
        within: on.open('ca'),
        tools: ['pin vice', 'knife'],
        needs: ['ventilation'],
        faults: ['one-sided'],
      }),
      dress(on, leaf),
      on.inspect('Depth at least two thirds of the width.', ['one-sided', 'bare-patches']),
    ]
  },
  examples: [examplePieces(examplePiece('shrub', 'multi-stemmed', 70), 6)],
})
