import { wantedStoutMm } from '../../armature'
import { dress, dressSlots, snowOption, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { isBare, judgeTree, type Sizes } from '../kit/fit'
import { liquid, paint, powder, rod, sprayPaint, twig } from '../kit/materials'
import { darker, optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { barked, tipped } from './wire-broadleaf-bark'
import { wireFigures as k, broadleafStrands, twisted, type WirePatience } from './wire-broadleaf-operations'
import { wireWork } from './wire-work'

const SIZES: Sizes = { well: [120, 400], atMostMm: 700 }
const leaf: Dressing = { adhesive: 'hairspray', form: 'leaf', shade: true }

/** A broadleaf of twisted wire: trunk and limbs of one hank, thin wire lashed on. Common practice. */
export const wireBroadleaf = way('wire-broadleaf', 'Twisted-wire broadleaf', {
  makes:
    'A hank of wire twisted to trunk, roots and limbs, thin wires lashed on and split to tips, bark of grout and PVA.',
  profile: profile(SIZES.well, 'branches', 'made one by one', 'handled', [1, 4], 'wire'),
  seasons: 'bare and late autumn best; summer with more leaf',
  planner: {
    kind: 'wire',
    barkMm: k.barkMm,
    takeUp: k.takeUp,
    patience: (choice) => choice('patience') as WirePatience,
  },
  figures: k,
  options: [
    option(
      'patience',
      'Strands',
      ['usual', 'as many as read well', 'about sixty for 150 mm at the front'],
      ['quick', 'fewer', 'an evening less; more left to sprig tips'],
      ['fine', 'more', 'finer forks, half as much again to twist'],
    ),
    option(
      'bulk',
      'Bulk',
      ['wire', 'by wire', 'thin wire wound round the limbs; fewer coats'],
      ['paste', 'by paste', 'one coat more; softer joints'],
    ),
    option(
      'ends',
      'Ends',
      ['short', 'clipped short', 'two short ends at each tip, sprig tips between'],
      ['long', 'long and bent', 'ends left long and bent; fewer sprig tips'],
    ),
    snowOption,
  ],
  suits({ piece }) {
    const bare = isBare(piece)
    return judgeTree(piece, SIZES, {
      right: piece.habit === 'broadleaf' && piece.zone === 'front',
      pro: [
        'every limb where you want it: the fork of the plant itself, not what a box holds',
        bare
          ? 'a bare tree shows its wood: this is where wire is at its best'
          : piece.leaf < 0.5 && 'with so little leaf the branches are seen',
        piece.heightMm > 160 && 'taller than any sprig',
        'tough: it is planted by its own pin, and bends before it breaks',
      ],
      con: [
        piece.zone === 'back' && 'an evening and more of hands for a tree that stands at the back',
        piece.zone === 'middle' && 'hours of hands for a tree that is not looked at closely',
        piece.leaf > 0.9 && piece.seeThrough < 0.18 && 'in dense summer leaf little of the work is seen',
        piece.habit === 'conifer' && 'a conifer of whorls wants a dowel or, with plates, a wire pine',
      ],
      never: [],
    })
  },
  materials: ({ piece }, choice) => {
    const stoutMm = wantedStoutMm(piece.trunkMm, broadleafStrands(piece, choice('patience')), k.barkMm.value)
    return [
      slot('wire', 'Stout wire', rod('wire', stoutMm)),
      slot('thin-wire', 'Thin wire', rod('wire', Math.max(0.2, stoutMm * 0.45))),
      slot('latex', 'Latex', liquid('latex')),
      slot('grout', 'Grout', powder('grout', '#8f8b84')),
      slot('pva', 'PVA', liquid('pva')),
      slot('tips', 'Sprig tips', twig('curved-sprig', Math.min(90, piece.heightMm * 0.3))),
      slot('ca', 'CA', liquid('ca')),
      slot('activator', 'Activator', liquid('activator'), optional),
      slot('primer', 'Grey primer', sprayPaint('#8b8a87')),
      slot('bark-paint', 'Dark brown', sprayPaint('#3d3128'), darker('primer')),
      slot('brush-paint', 'Dry-brush, pale grey', paint('#b7b2a8')),
      slot('brush-brown', 'Dry-brush, brown', paint('#6b5440')),
      dressSlots(piece, leaf, choice),
    ]
  },
  operations: (on) => {
    const strands = on.task.wire?.strands ?? broadleafStrands(on.piece, on.choice('patience'))
    const wire = wireWork(on, strands, k.offcuts)
    return [
      twisted(on, wire, strands),
      barked(on, wire.surface),
      tipped(on),
      dress(on, leaf),
      on.inspect(
        on.isLeafy
          ? 'Stands alone, no wire at viewing distance, see-through near the target.'
          : 'Stands alone, no wire at viewing distance, tips finer than limbs.',
        ['wire-look', 'round-ends', 'tip-drops'],
      ),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 200, { zone: 'front' }), 1),
    examplePieces(examplePiece('broadleaf', 'spreading', 340, { leaf: 0 }), 1),
    examplePieces(examplePiece('broadleaf', 'ovate', 150, { leaf: 0.33 }), 3),
  ],
})
