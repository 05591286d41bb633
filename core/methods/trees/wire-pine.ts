import { wantedStoutMm } from '../../armature'
import { snowOnly, snowOption, snowSlots, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { hasPlates, judgeTree, type Sizes } from '../kit/fit'
import { fibre, foam, liquid, paint, powder, rod, sprayPaint, wool } from '../kit/materials'
import { optional, sharing, slot } from '../kit/slot'
import { profile, way } from '../kit/way'
import { foot, padFoliage } from './wire-pine-foliage'
import { pineFigures as k, pineStrands, wood } from './wire-pine-operations'
import { wireWork } from './wire-work'

const SIZES: Sizes = { well: [150, 350], atMostMm: 600 }
/** Needles are thrown by the steps of its own; of the shared dressing only snow is used. */
const snow: Dressing = { adhesive: 'hairspray', form: 'ground' }

/** A pine with plates: armatures strapped together, pads of teased fibre, needles twice. Common practice. */
export const wirePine = way('wire-pine', 'Wire pine', {
  makes:
    'Two or three wire armatures strapped together, bark of paste and sawdust, pads of teased fibre in cradled ends, needles twice.',
  profile: profile(SIZES.well, 'branches', 'made one by one', 'reached over', [1, 3], 'wire'),
  seasons: 'all year',
  planner: { kind: 'wire', barkMm: k.barkMm, takeUp: k.takeUp, patience: () => 'quick' },
  figures: k,
  options: [snowOption],
  suits({ piece }) {
    const plated = hasPlates(piece)
    return judgeTree(piece, SIZES, {
      right: plated,
      pro: [
        plated &&
          'plates of needles on bent limbs, with air between them: what wire and teased fibre do best',
        'two colours of bark, rough below and orange above',
        'planted by its own pin; it bends before it breaks',
      ],
      con: [
        piece.zone !== 'front' && 'two and a half hours of hands for a tree that is not looked at closely',
        piece.habit === 'conifer' && !plated && 'whorls about a leader are quicker and truer on a dowel',
        piece.habit === 'broadleaf' && 'its plates are a pine’s; a broadleaf wants a finer fork',
      ],
      never: [piece.habit === 'broadleaf' && piece.leaf < 0.3 && 'without leaf nothing hides its cradles'],
    })
  },
  materials: ({ piece }, choice) => {
    const { base, shade } = piece.tones
    const stoutMm = wantedStoutMm(piece.trunkMm, pineStrands(piece), k.barkMm.value)
    return [
      slot('wire', 'Stout wire', rod('wire', stoutMm)),
      slot('thin-wire', 'Thin wire', rod('wire', Math.max(0.25, stoutMm * 0.5))),
      slot('paste', 'Modelling paste', liquid('paste')),
      slot('umber', 'Raw umber', paint('#5c4a38')),
      slot('sawdust', 'Sawdust', powder('sawdust')),
      slot('cement', 'Scenic cement', liquid('cement')),
      slot('fibre', 'Teased fibre', wool(undefined, shade)),
      slot('pva', 'PVA', liquid('pva')),
      slot('upper-paint', 'Upper trunk, rust', sprayPaint('#a8663a')),
      slot('lower-paint', 'Lower trunk, grey-brown', paint('#7a7065')),
      slot('needles', 'Needles: fine foam', foam(Math.min(0.6, piece.grainMm), base)),
      slot('needle-fibre', 'Needles: fibre', fibre(2, base)),
      slot('yellow-paint', 'A breath of yellow', sprayPaint('#c8a43a'), optional),
      slot('pastel', 'Flesh pastel', powder('pastel', '#d9a98a'), optional),
      slot('pastel-dark', 'Umber pastel', powder('pastel', '#5c4a38'), optional),
      slot('moss', 'Moss at the foot', foam(0.5, '#5b6a35'), sharing),
      snowSlots(choice, { id: 'adhesive', label: 'Hairspray' }),
    ]
  },
  operations: (on) => [
    wood(on),
    padFoliage(on),
    foot(on, wireWork(on, on.task.wire?.strands ?? pineStrands(on.piece), k.offcuts).surface),
    snowOnly(on, snow),
    on.inspect('Two zones of bark, tiers apart, matt.', ['cushions', 'wire-look']),
  ],
  examples: [
    examplePieces(examplePiece('conifer', 'irregular', 220, { zone: 'front' }), 1),
    examplePieces(examplePiece('conifer', 'flat-topped', 330, { zone: 'front' }), 3),
  ],
})
