import { dressSlots, snowOption } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { judgeTree, type Sizes } from '../kit/fit'
import { liquid, paint, sprayPaint, twig } from '../kit/materials'
import { slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { twigLeaf, twigTreeFigures, twigTreeOperations } from './twig-tree-operations'

const SIZES: Sizes = { well: [100, 300] }

/** A foreground tree from garden twigs with sprig tips. Common practice. */
export const twigTree = way('twig-tree', 'Twig foreground tree', {
  makes:
    'Garden twigs joined at a natural joint, a foot of paste, sprig tips in hot glue, leaf in close tones.',
  profile: profile(SIZES.well, 'branches', 'made one by one', 'reached over', [1, 6], 'twig'),
  seasons: 'any',
  figures: twigTreeFigures,
  options: [
    option(
      'leafing',
      'Leaf sticks by',
      ['hairspray', 'hairspray', 'sprayed, then sprinkled'],
      ['medium', 'edges dipped', 'the crown’s edges dipped in dilute medium, then sprinkled; never plunged'],
    ),
    snowOption,
  ],
  suits: ({ piece }) =>
    judgeTree(piece, SIZES, {
      right: piece.habit === 'broadleaf' && piece.zone === 'front',
      pro: [
        'real bark and a real fork: nothing made looks more like wood',
        piece.zone === 'front' && 'for the eye that comes close',
        'six in an evening, the two nights of drying not counted',
      ],
      con: [
        piece.zone !== 'front' && 'a quarter of an hour of tips for a tree that nobody looks at closely',
        piece.habit === 'conifer' && 'a twig forks like a broadleaf',
      ],
      never: [piece.crownForm === 'conical' && 'no twig grows whorls about a leader'],
    }),
  materials: ({ piece }, choice) => [
    slot('twig', 'Twigs', twig('twig', piece.heightMm)),
    slot('ca', 'CA', liquid('ca')),
    slot('paste', 'Modelling paste', liquid('paste')),
    slot('tips', 'Curved sprigs for tips', twig('curved-sprig', Math.min(110, piece.heightMm * 0.4))),
    slot('glue', 'Hot-glue chips', liquid('hot-glue')),
    slot('primer', 'Grey primer', sprayPaint('#8b8a87')),
    slot('wash', 'Dark wash', paint('#45423e')),
    choice('leafing') === 'medium' &&
      piece.leaf > 0.01 &&
      slot('medium', 'Matte medium for the edges', liquid('matte-medium')),
    dressSlots(piece, twigLeaf, choice),
  ],
  operations: twigTreeOperations,
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 180, { zone: 'front' }), 6),
    examplePieces(examplePiece('broadleaf', 'spreading', 240, { zone: 'front', leaf: 0 }), 1),
  ],
})
