import type { Piece } from '../../commissions'
import { cover, covered, coverSlots, EARTH, type GroundCover } from '../kit/covers'
import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { sealing, sealingSlots } from '../kit/ground'
import { clump, foam, liquid, wool } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { patchParts } from '../kit/parts'
import { amount, coefficients, minutes, seconds, share, spoilage } from '../kit/rows'
import { staysOpen } from '../kit/setting'
import { option, profile, way } from '../kit/way'

const k = coefficients('turf-covers', {
  spoilage: spoilage(0),
  setUpSec: seconds('stage the covers', 30),
  wetSec: amount('glue and four covers, for each cm²', 0.75, 's/cm²'),
  glueMl: amount('glue under the turf', 0.03, 'ml/cm²'),
  baseG: amount('fine foam, base green', 0.012, 'g/cm²'),
  earthG: amount('earth tone, dusted', 0.02, 'g/cm²'),
  earthOn: share('share that earth is dusted on', 0.25),
  darkG: amount('dark coarse foam', 0.02, 'g/cm²'),
  darkOn: share('share at feet, sides and rock', 0.2),
  clumpG: amount('clump foam, where bushes stand', 0.08, 'g/cm²'),
  clumpOn: share('share under low bushes', 0.05),
  clumpGlueMl: amount('PVA where bushes stand', 0.1, 'ml/cm²'),
  lightG: amount('light coarse foam', 0.015, 'g/cm²'),
  lightOn: share('share that is lighter, on top', 0.2),
  lichenG: amount('lichen, where gaps are', 0.05, 'g/cm²'),
  lichenOn: share('share filled with lichen', 0.03),
  fibreG: amount('thin fibre, teased', 0.004, 'g/cm²'),
  fibreOn: share('share with thin fibre', 0.1),
  bushSec: amount('bushes, light foam, lichen, fibre, for each cm²', 0.8, 's/cm²'),
  openSec: staysOpen('pva', 'PVA stays open'),
  solidMin: minutes('until it is fully solid', 720),
})

/** The covers of turf in their order. Common practice; amounts from memory. */
const covers = ({ tones: { base, light, shade } }: Piece): GroundCover[] => [
  cover('base', slot('glue', 'PVA under it', liquid('pva')), k.glueMl),
  cover('base', slot('green', 'Base green', foam(0.5, base)), k.baseG),
  cover('base', slot('earth', 'Earth tone', EARTH), k.earthG, k.earthOn),
  cover('base', slot('dark', 'Dark, at feet and rock', foam(2.6, shade)), k.darkG, k.darkOn),
  cover('growth', slot('clump', 'Low bushes', clump(4, base), optional), k.clumpG, k.clumpOn),
  cover('growth', slot('glue', 'PVA under the bushes', liquid('pva')), k.clumpGlueMl, k.clumpOn),
  cover('growth', slot('light', 'Light, on top', foam(2.6, light)), k.lightG, k.lightOn),
  cover('growth', slot('lichen', 'Lichen in gaps', wool('lichen'), optional), k.lichenG, k.lichenOn),
  cover('growth', slot('fibre', 'Thin fibre', wool(undefined, shade), optional), k.fibreG, k.fibreOn),
]

/** Both schools of laying the first covers: what they take is the same. Common practice. */
const ORDER_WORDS = {
  'fine-first':
    'PVA over the patch. Base green from a cup, not a shaker; earth tone where feet and water go; dark coarse foam at the foot of slopes, around rock, under what will stand there. Lighter on top, never evenly.',
  'coarse-first':
    'PVA over the patch. Dark coarse foam first, thick at the foot of slopes, around rock, thin elsewhere, pressed into the glue; then base green from a cup until the coarse shows through it only in places; earth tone where feet and water go. Lighter on top, never evenly.',
}

/** Turf from covers in their order: base, earth, dark, all sealed hard; bushes, light, lichen, fibre, sealed again. */
export const turfCovers = way('turf-covers', 'Turf in covers', {
  makes:
    'Base green, earth, dark at the feet, sealed hard; low bushes, light foam, lichen, thin fibre, sealed.',
  kinds: ['area'],
  profile: profile([1, 4], 'puff', 'mass-made', 'handled', [1, 2], 'tuft'),
  seasons: 'spring to autumn',
  figures: k,
  options: [
    option(
      'order',
      'Order',
      ['fine-first', 'fine first', 'a fine green all over, coarser and darker where it is rough'],
      ['coarse-first', 'coarse first', 'dark and coarse into the glue, then finer and lighter over it'],
    ),
  ],
  suits({ piece }) {
    const low = piece.sward.heightMm <= 3
    return judge({
      right: false,
      pro: [
        low && 'so low, no stem is seen: foam reads as turf',
        'rock, slopes and bushes grow together in one order of covers',
        'no applicator wanted',
      ],
      con: [
        !low && `at ${Math.round(piece.sward.heightMm)} mm stems are seen; foam has none`,
        piece.sward.straw > 0.6 && 'dry turf is stems more than leaf',
      ],
      never: [
        piece.habit !== 'grass' && piece.habit !== 'herb' && 'it is turf: grass and low herbs',
        piece.sward.heightMm > 6 && 'foam gives no more than a few mm',
      ],
    })
  },
  parts: (job, read, jarOf) =>
    patchParts(job, read, jarOf, {
      glue: 'pva',
      openSec: k.openSec,
      setUpSec: k.setUpSec,
      secPerCm2: k.wetSec,
    }),
  materials: ({ piece }) => [coverSlots(covers(piece)), sealingSlots],
  operations: (on) => [
    on.work(
      'base',
      on.choice('order') === 'coarse-first'
        ? 'Dark and coarse, then base green, earth'
        : 'Base green, earth, dark',
      {
        text: ORDER_WORDS[on.choice('order') as keyof typeof ORDER_WORDS],
        hands: [on.value(k.setUpSec) + on.value(k.wetSec) * on.partCm2, 90],
        takes: covered(on, covers(on.piece), 'base'),
        within: on.open('pva', { by: k.openSec }),
        atOnce: on.one('Patch by patch; torn, overlapping edges.'),
        tools: ['brush'],
        faults: ['foam-dulled'],
      },
    ),
    sealing(on, on.ground, { id: 'seal-base', title: 'Wet, seal, leave it to set hard' }, 2),
    on.work('harden', 'Fully solid first', {
      text: 'Leave it until it is solid right through: what is set on soft turf sinks and lifts it.',
      hands: [0, 10],
      wait: on.dries(k.solidMin, 'Until it is fully solid', 'pva'),
      faults: ['ground-lifts'],
    }),
    on.work('growth', 'Bushes, light foam, lichen, fibre', {
      text: 'Torn clump foam in PVA, light coarse foam on the upper side of it and of the slopes; a drop of dilute PVA. Lichen into the gaps, thin fibre teased over it.',
      hands: [on.value(k.bushSec) * on.partCm2, 60],
      takes: covered(on, covers(on.piece), 'growth'),
      tools: ['tweezers'],
      faults: ['loud-two-tone'],
    }),
    sealing(on, on.ground, { title: 'Wet and seal all of it' }, 0),
    on.inspect('Dark below, light above; no bare glue; no two patches alike.', [
      'shiny-patches',
      'loud-two-tone',
    ]),
  ],
  examples: [
    exampleArea(examplePiece('grass', 'blades', 2), 900),
    exampleArea(examplePiece('herb', 'blades', 1.5), 60),
  ],
})
