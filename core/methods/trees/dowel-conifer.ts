import { snowOption, snowSlots } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { hasLeaf, judgeTree, notABush, type Sizes } from '../kit/fit'
import { foam, goods, liquid, pad, paint, rod, sprayPaint } from '../kit/materials'
import { lighter, optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { dowelFigures as k, pinMm, planTrees, USUAL_PIN_MM } from '../plans/discs'
import { branches } from './dowel-discs'
import { discFoliage } from './dowel-foliage'
import { stems } from './dowel-stems'

const SIZES: Sizes = { well: [100, 450], atMostMm: 700 }
/** No pad is wider. From memory. */
const WIDEST_MM = 300

/** A conifer of a rasped dowel and ragged discs of pad or coir. Common practice. */
export const dowelConifer = way('dowel-conifer', 'Dowel conifer', {
  makes: 'A rasped and tapered dowel, ragged discs of pad or coir threaded from the top, foam, flat clear.',
  profile: profile(SIZES.well, 'branches', 'mass-made', 'handled', [6, 12], 'discs'),
  seasons: 'all year',
  planner: { kind: 'discs' },
  figures: k,
  options: [
    option(
      'pad',
      'Discs',
      ['fibre', 'natural fibre pad', 'ready green; split once'],
      ['coir', 'coir, two laid over each other', 'limp: doubled, painted green, foam into the paint'],
    ),
    option(
      'layers',
      'Pad',
      ['once', 'split once', 'two discs from each that is cut'],
      ['twice', 'split twice', 'four thin ones: finer, and the hardest cut there is'],
      ['whole', 'not split', 'quick and coarse'],
    ),
    option(
      'paint',
      'Green of coir',
      ['tree', 'on the tree', 'sprayed on the tree, foam into the wet paint'],
      ['discs', 'on the discs first', 'both sides reached; foam on adhesive afterwards'],
    ),
    option(
      'hang',
      'Branches',
      ['drooping', 'drooping', 'dries upright'],
      ['upswept', 'upswept', 'dries upside down'],
    ),
    option(
      'foot',
      'First branch',
      ['timber', 'at 10 scale feet', 'as in a managed wood: about 3 real metres up'],
      ['own', 'where the plant has it', 'by the form of the line: down to the ground in the open'],
    ),
    snowOption,
  ],
  suits({ piece }) {
    const whorled = piece.crownForm === 'conical' || piece.crownForm === 'columnar'
    return judgeTree(piece, SIZES, {
      bushes: true,
      right: piece.habit === 'conifer' && piece.crownForm === 'conical',
      pro: [
        'a straight stem with tiers about it: a spruce’s own plan',
        'a dozen trunks at once, every one of another height',
        piece.heightMm > 160 && 'taller than any sprig',
      ],
      con: [
        piece.habit === 'conifer' && !whorled && 'its crown is no cone: plates want a wire pine',
        piece.crownForm === 'columnar' && 'so narrow a crown shows the edges of its discs',
        piece.zone === 'front' &&
          piece.heightMm < 140 &&
          'from close by the discs are seen for what they are',
      ],
      never: [
        notABush(piece),

        piece.habit !== 'conifer' && 'discs on a stem make a cone in tiers, which a broadleaf is not',
        piece.crownWidthMm > WIDEST_MM &&
          `its lowest discs would be ${Math.round(piece.crownWidthMm)} mm wide, more than a pad`,
        !hasLeaf(piece) && 'a larch without needles would be bare discs',
      ],
    })
  },
  materials: ({ piece }, choice) => {
    const { base, light, shade } = piece.tones
    const grainMm = Math.max(0.4, piece.grainMm)
    const hole = pinMm(piece.trunkMm, k.pinShare.value)
    return [
      slot('dowel', 'Dowel rods', rod('dowel', Math.max(2, piece.trunkMm))),
      hole < USUAL_PIN_MM
        ? slot('pin', 'Wire for pins', rod('wire', hole))
        : slot('pin', 'Pins', goods('pin')),
      slot('ca', 'CA', liquid('ca')),
      slot('stain', 'Stain', liquid('stain', '#5d5145')),
      slot('brush-paint', 'Dry-brush, grey', paint('#b7b2a8')),
      choice('pad') === 'coir'
        ? [
            slot('pad', 'Coir', pad('coir', 25, shade)),
            slot('pad-paint', 'Green for the coir', sprayPaint(shade)),
          ]
        : slot('pad', 'Pads', pad('fibre', 25, shade)),
      slot('adhesive', 'Spray adhesive', liquid('spray-adhesive')),
      slot('foliage', 'Dark foam', foam(grainMm, base)),
      slot('highlight', 'Light foam', foam(grainMm, light), lighter('foliage'), optional),
      slot('clear', 'Flat clear', liquid('varnish')),
      snowSlots(choice),
    ]
  },
  operations: (on) => {
    const planned = planTrees(on)
    return [
      stems(on, planned),
      branches(on, planned),
      discFoliage(on, planned),
      on.inspect('Tapers to the top; first branch in its place; no bare ring; matt.', [
        'square-disc',
        'bare-ring',
      ]),
    ]
  },
  examples: [
    examplePieces(examplePiece('conifer', 'conical', 241, { widthShare: 0.36, zone: 'back' }), 18),
    examplePieces(examplePiece('conifer', 'conical', 110, { widthShare: 0.4 }), 1),
    examplePieces(examplePiece('conifer', 'conical', 400, { widthShare: 0.3 }), 2),
  ],
})
