import { fact } from '../../quantities'
import { amount, coefficients, minutes, seconds, spoilage } from '../kit/rows'
import { exampleHedge, examplePiece } from '../kit/examples'
import { isHedgeWood, judge, notAHedge } from '../kit/fit'
import { foam, goods, liquid } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { stretchParts } from '../kit/parts'
import { profile, way } from '../kit/way'

const k = coefficients('ready-hedge', {
  spoilage: spoilage(0),
  stretchMm: amount('a stretch at once, at most', 400, 'mm'),
  waste: amount('strip bought for each mm of hedge', 1.05, 'mm/mm', 'memory', 'ends and corners'),
  cutSec: amount('cut, square or roughen, for each mm', 0.25, 's/mm'),
  setSec: amount('glue and set, for each mm', 0.12, 's/mm'),
  glueMl: amount('PVA along the foot', 0.008, 'ml/mm'),
  jointSec: seconds('dress a joint', 25),
  jointG: amount('foam over a joint, for a mm of height', 0.004, 'g/mm'),
  dryMin: minutes('PVA under the strip', 720, 'memory', 'overnight'),
})
/** Strips are sold in such lengths, mm: each gives a joint. From memory. */
const STRIP_MM = 500

/** Bought strips of hedge, cut, set end to end, their joints dressed. Common practice. */
export const readyHedge = way('ready-hedge', 'Ready hedge strip, bought', {
  makes: 'Bought strips cut to the line, set end to end, joints dressed with foam of their tone.',
  kinds: ['length'],
  profile: profile([6, 40], 'puff', 'from the bag', 'handled', [1, 6], 'wool'),
  seasons: 'in leaf',
  figures: k,
  suits: (job) =>
    judge({
      right: false,
      pro: ['a metre in a quarter of an hour: nothing to make'],
      con: [
        'one height and one tone from end to end: roughen a free hedge, dress its joints',
        job.kind === 'length' &&
          job.section === 'free' &&
          'square as it comes: a clipped hedge is nearer to it',
        job.piece.leaf <= 0.3 && 'with so little leaf it is too full; twigs show a bare hedge',
      ],
      never: [
        notAHedge(job),
        !isHedgeWood(job) && 'no hedge is grown of it',
        (job.piece.heightMm > 55 || job.piece.heightMm < 5) &&
          `strips are sold from 6 to 40 mm, this is ${Math.round(job.piece.heightMm)} mm`,
      ],
    }),
  parts: (job, read) => stretchParts(job, read, k.stretchMm),
  materials: ({ piece }) => [
    slot('strip', 'Hedge strip', goods('ready-hedge', piece.heightMm, piece.tones.base)),
    slot('glue', 'PVA along the foot', liquid('pva')),
    slot('foliage', 'Foam for the joints', foam(0.8, piece.tones.base), optional),
  ],
  operations: (on) => {
    const mm = on.partMm
    const length = fact('stretch', mm, 'mm')
    const joints = fact('joints in a stretch', Math.max(1, Math.ceil(mm / STRIP_MM)), '', 'formula')
    return [
      on.work('cut', 'Cut, roughen', {
        text: 'Cut to the line, ends square at gates; a free hedge is plucked along its top until no edge is left.',
        hands: [on.value(k.cutSec) * mm, 60],
        takes: [on.take('strip', [length, k.waste])],
        tools: ['scissors', 'steel rule'],
      }),
      on.work('set', 'Set end to end', {
        text: 'PVA along the line; strips end to end, pushed together until no daylight is left between them.',
        hands: on.value(k.setSec) * mm,
        takes: [on.take('glue', [length, k.glueMl])],
        wait: on.rests(k.dryMin, 'Dry under the strip, overnight', 'closed joint', 'pva'),
        tools: ['steel rule'],
        faults: ['visible-join'],
      }),
      on.has('foliage') &&
        on.work('joints', 'Dress the joints', {
          text: 'A dab of PVA over each joint, foam of its tone pressed on; a few pinches elsewhere, so that no joint is told by it.',
          hands: on.value(k.jointSec) * joints.value,
          takes: [on.take('foliage', [joints, on.height, k.jointG])],
          faults: ['visible-join'],
        }),
      on.inspect('No joint is seen; the top runs with the ground.', ['visible-join']),
    ]
  },
  examples: [
    exampleHedge(examplePiece('shrub', 'multi-stemmed', 20), 1200, 'trimmed'),
    exampleHedge(examplePiece('shrub', 'multi-stemmed', 16), 300),
  ],
})
