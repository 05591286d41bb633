import type { Piece } from '../../commissions'
import { cover, covered, coverSlots, EARTH, type GroundCover } from '../kit/covers'
import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { sealing, sealingSlots } from '../kit/ground'
import { foam, liquid, powder } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { areaParts } from '../kit/parts'
import { amount, coefficients, share, spoilage } from '../kit/rows'
import { staysOpen } from '../kit/setting'
import { profile, way } from '../kit/way'

const k = coefficients('woodland-floor', {
  spoilage: spoilage(0),
  patchCm2: amount('worked at once, at most', 500, 'cm²'),
  glueMl: amount('PVA under it', 0.03, 'ml/cm²'),
  earthG: amount('earth', 0.06, 'g/cm²'),
  earthOn: share('share where earth is seen', 0.35),
  litterG: amount('leaf litter', 0.03, 'g/cm²'),
  litterOn: share('share with litter', 0.8),
  sawdustG: amount('dyed sawdust, muted', 0.01, 'g/cm²', 'memory', 'sparingly: common practice'),
  sawdustOn: share('share with sawdust', 0.1),
  mossG: amount('moss and seedlings', 0.008, 'g/cm²'),
  mossOn: share('share with moss, on stumps and stones', 0.08),
  throwSec: amount('earth, litter, moss, for each cm²', 0.6, 's/cm²'),
  openSec: staysOpen('pva', 'PVA stays open'),
})

/** Moss is green in every season. From memory. */
const MOSS = '#4c5f36'

/** The covers of a wood's floor. Common practice; amounts from memory. */
const covers = ({ sward }: Piece): GroundCover[] => [
  cover('floor', slot('glue', 'PVA under it', liquid('pva')), k.glueMl),
  cover('floor', slot('earth', 'Earth', EARTH), k.earthG, k.earthOn),
  cover('floor', slot('litter', 'Leaf litter', powder('litter', sward.colours.straw)), k.litterG, k.litterOn),
  cover(
    'floor',
    slot('sawdust', 'Dyed sawdust, a little', powder('sawdust', '#44543a'), optional),
    k.sawdustG,
    k.sawdustOn,
  ),
  cover('moss', slot('moss', 'Moss and seedlings', foam(0.5, MOSS), optional), k.mossG, k.mossOn),
]

/** The floor under trees, by area: earth, ground leaves, moss. It is laid before the trees are set. Common practice. */
export const woodlandFloor = way('woodland-floor', 'Leaf litter under trees', {
  makes: 'Earth and ground leaves in PVA, drifted against trunks and banks, moss on stumps, sealed.',
  kinds: ['area'],
  floors: true,
  profile: profile([0.2, 12], 'puff', 'from the bag', 'handled', [1, 3], 'tuft'),
  seasons: 'all year; fresh in autumn',
  figures: k,
  suits({ piece }) {
    const floor = piece.floor === true
    return judge({
      right: floor,
      pro: [
        floor
          ? 'what a tree drops, on the ground under its crown: it lies before the tree is set'
          : 'litter with green between: what stands there is set into it afterwards',
      ],
      con: [!floor && 'it makes the floor, not the plants that stand on it'],
      never: [
        !floor && piece.habit !== 'fern' && piece.habit !== 'herb' && 'grass makes no leaf litter',
        piece.crownForm === 'wall' && 'on a wall nothing lies',
      ],
    })
  },
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  materials: ({ piece }) => [coverSlots(covers(piece)), sealingSlots],
  operations: (on) => [
    on.work('floor', 'Earth and litter', {
      text: 'Before any trunk is set. PVA over the patch; earth first where it is worn; ground leaves over it, drifted against banks and where trunks will stand, thin on paths. A little dyed sawdust in the shade.',
      hands: [on.value(k.throwSec) * on.partCm2, 60],
      takes: covered(on, covers(on.piece), 'floor'),
      within: on.open('pva', { by: k.openSec }),
      atOnce: on.one('Patch by patch, edges overlapping.'),
      tools: ['brush'],
      faults: ['litter-carpet'],
    }),
    on.work('moss', 'Moss and seedlings', {
      text: 'A pinch of dark fine foam on stumps, stones and the north side of roots; nowhere in a row.',
      hands: (on.value(k.throwSec) * on.partCm2) / 3,
      takes: covered(on, covers(on.piece), 'moss'),
      tools: ['tweezers'],
    }),
    sealing(on, on.ground),
    on.inspect('Litter lies in drifts; earth and stone are partly seen.', ['litter-carpet', 'beads']),
  ],
  examples: [
    exampleArea(examplePiece('herb', 'blades', 1, { floor: true }), 400),
    exampleArea(examplePiece('fern', 'blades', 10), 120),
  ],
})
