import { coverSlots } from '../kit/covers'
import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { sealingSlots } from '../kit/ground'
import { fibre } from '../kit/materials'
import { areaParts } from '../kit/parts'
import { slot } from '../kit/slot'
import { profile, way } from '../kit/way'
import { bareGroundFigures, covers, bareGroundOperations } from './bare-ground-operations'

/** Bare ground in its order, with a little grass. Common practice; amounts from memory. */
export const bareGround = way('bare-ground', 'Bare ground, a little grass', {
  makes:
    'Earth paint, fine soil through a stocking, sealed; a fifth of grass; stone, soils and foams, sealed.',
  kinds: ['area'],
  profile: profile([1, 8], 'puff', 'mass-made', 'handled', [1, 2], 'tuft'),
  seasons: 'all year',
  figures: bareGroundFigures,
  suits: ({ piece }) =>
    judge({
      right: false,
      pro: [
        'trodden, grazed or stony: more earth than leaf',
        'earth of three grades from the same pigments as the paint under it',
      ],
      con: ['a fifth of it is grass: a closed sward wants layers'],
      never: [
        piece.habit !== 'grass' &&
          piece.habit !== 'herb' &&
          'it is ground with a little grass and herbs on it',
        piece.sward.heightMm > 12 && 'what stands so high hides the ground',
      ],
    }),
  parts: (job, read) => areaParts(job, read, bareGroundFigures.patchCm2),
  materials: ({ piece }) => {
    const { heightMm, straw, colours } = piece.sward
    return [
      coverSlots(covers(piece)),
      slot('fibre', 'Fibre', fibre(Math.max(2, heightMm), straw > 0.5 ? colours.straw : colours.base)),
      sealingSlots,
    ]
  },
  operations: bareGroundOperations,
  examples: [
    exampleArea(examplePiece('grass', 'blades', 4), 700),
    exampleArea(examplePiece('herb', 'blades', 2), 40),
  ],
})
