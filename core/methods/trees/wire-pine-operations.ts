import { proposedStrands } from '../../armature'
import type { Piece } from '../../commissions'
import type { PlantMaking } from '../kit/bench'
import type { Operation } from '../kit/making'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { dries } from '../kit/setting'
import { wireWork } from './wire-work'

/** Amounts and times of a pine of wire. From memory unless marked. */
export const pineFigures = coefficients('wire-pine', {
  spoilage: spoilage(0, 'memory', 'what goes wrong is twisted again'),
  takeUp: share('length that the twist takes up', 0.1),
  barkMm: amount('bark on the trunk, all coats together', 1.2, 'mm'),
  offcuts: share('wire cut off and lost', 0.05),
  pasteCoat: amount('bark paste on the wood', 0.14, 'ml/cm²'),
  umberShare: amount('umber to a millilitre of paste', 0.06, 'ml/ml'),
  sawdustShare: amount('sawdust to a millilitre of paste', 0.12, 'g/ml'),
  thickenCoat: amount('cement and sawdust where it is too thin', 0.04, 'ml/cm²'),
  thickened: share('wood that is too thin', 0.5),
  thickenDust: amount('sawdust to a millilitre of cement, to thicken', 0.5, 'g/ml'),
  needleFoam: share('foam of the needles, of the foliage', 0.34, 'memory', 'the pads make up a third'),
  needleFibre: amount('fibre to a gram of foam, one to one by volume', 1.2, 'g/g'),
  pastelG: amount('a pastel dusted on bark', 0.001, 'g/cm²'),
  mossG: amount('moss and dead needles at the foot', 0.05, 'g/cm²'),
  yellowCoat: amount('a breath of yellow', 0.003, 'ml/cm²'),
  fibre: amount(
    'teased fibre in the pads, for each cm² of crown',
    0.006,
    'g/cm²',
    'memory',
    'before it is pruned',
  ),
  pruned: share('fibre pruned off again', 0.15),
  glue: amount('PVA for the pads, for each cm² of crown', 0.012, 'ml/cm²'),
  cementCoat: amount('a coat of cement on the pads', 0.03, 'ml/cm²'),
  sticks: sticking('needles stick in a pass, of what is spooned', 0.55),
  upperCoat: amount('orange on the upper trunk', 0.01, 'ml/cm²'),
  lowerCoat: amount('brush paint on the lower trunk', 0.006, 'ml/cm²'),
  joinSec: seconds('join armatures, roots, pin', 900),
  endsSec: seconds('clip, bend, cradle the ends', 600),
  thickenSec: seconds('cement and sawdust', 300),
  barkSec: seconds('bark paste with a stiff brush', 1200),
  padsSec: seconds('fibre pads', 2400),
  paintSec: seconds('orange above, grey-brown below', 1500, 'memory', 'tedious'),
  pruneSec: seconds('prune', 300),
  needleSec: seconds('cement and needles, a pass', 900),
  pastelSec: seconds('pastels, moss, foot', 300),
  pasteMin: dries('paste'),
})
const k = pineFigures

export const pineStrands = ({ heightMm, zone }: Piece): number => proposedStrands(heightMm, zone, 'quick')

/** Wire joined, and the wood on it. */
export function wood(on: PlantMaking): Operation[] {
  const { heightMm } = on.piece
  const wire = wireWork(on, on.task.wire?.strands ?? pineStrands(on.piece), k.offcuts)
  const joined = heightMm > 240 ? 3 : 2
  const size = heightMm / 240
  const paste = on.product(wire.surface, k.pasteCoat)
  const thickened = on.product(wire.surface, k.thickenCoat, k.thickened)
  const wires = { tools: ['pliers', 'cutters'], cautions: ['wire'] }
  return [
    on.work('hank', `Join ${joined} armatures, roots and pin`, {
      text: `Twist ${joined} hanks by the sheet, strap wire round the foot and set them one above the other. Roots of two to four strands, a pin; mount it on a foam slab that is sunk in later.`,
      hands: [on.value(k.joinSec) * size, 60],
      takes: [wire.stout],
      cuts: wire.cuts,
      ...wires,
      faults: ['one-sided'],
    }),
    on.work('split', 'Clip loops, bend, cradle the ends', {
      text: 'Clip the loops; strong bends; each branch end opened like a shallow hand, so that the wool does not slide off. Tiers apart, and seen from above all round.',
      hands: on.value(k.endsSec) * size,
      takes: [wire.thin],
      ...wires,
      faults: ['round-ends', 'wool-slides'],
    }),
    on.glue('thicken', 'Thicken', {
      text: 'Where a limb is too thin: scenic cement, sawdust over it.',
      hands: on.value(k.thickenSec) * size,
      takes: [
        on.take('cement', thickened, 'Cement, to thicken'),
        on.take('sawdust', [thickened, k.thickenDust], 'Sawdust, to thicken'),
      ],
      in: 'cement',
      until: 'Dry overnight',
      tools: ['brush', 'catch tray'],
      holders: [{ what: 'base', each: 1, until: 'inspect' }],
    }),
    on.work('bark', 'Bark paste', {
      text: 'Paste, raw umber, sawdust. A stiff brush drawn upwards makes ribs; coarse below, fine and thin above.',
      hands: [on.value(k.barkSec) * size, 120],
      takes: [
        on.take('paste', paste),
        on.take('umber', [paste, k.umberShare]),
        on.take('sawdust', [paste, k.sawdustShare], 'Sawdust in the paste'),
      ],
      within: on.open('paste', { tail: 'a limb at a time' }),
      wait: on.sets('paste', 'Dry overnight', k.pasteMin),
      tools: ['old brush', 'bowl'],
      faults: ['wire-look'],
    }),
  ]
}
