import {
  MM_IN_CM,
  discArea,
  number,
  product,
  quotient,
  type Coefficient,
  type Expression,
} from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import type { Operation } from '../kit/making'
import { pineFigures as k } from './wire-pine-operations'

/** Twice in full, with the cement dry between. Common practice. */
const PASSES = ['needles', 'needles-again'] as const

/** Pads of fibre, their colours, and needles on them. */
export function padFoliage(on: PlantMaking): Operation[] {
  const size = on.piece.heightMm / 240
  const half = (part: Coefficient): Expression => quotient(on.input(part), number(PASSES.length))
  const needles = on.indoors.crownFlock(
    'needles',
    { share: half(k.needleFoam), sticks: k.sticks },
    'Foam in the mix',
  )
  return [
    on.work('pads', 'Fibre pads', {
      text: 'Tease the fibre to flat thin pads. Glue on a few cradles at a time, a small pad in each; daylight between the tiers.',
      hands: [on.value(k.padsSec) * size, 60],
      takes: [on.coat('fibre', k.fibre), on.coat('pva', k.glue)],
      within: on.open('pva', { tail: 'few branches at a time' }),
      wait: on.sets('pva', 'Dry overnight'),
      tools: ['tweezers', 'scissors'],
      faults: ['cushions', 'wool-slides'],
    }),
    on.paint('paint', 'Orange above, grey-brown below', {
      text: 'Spray rust, then a breath of yellow, on the upper trunk and limbs. Brush the lower half grey-brown with a little green in it; the two meet unevenly. Tedious: split it over two evenings if you like.',
      hands: on.value(k.paintSec) * size,
      takes: [
        on.coat('upper-paint', k.upperCoat, 'Rust, upper half'),
        on.has('yellow-paint') && on.coat('yellow-paint', k.yellowCoat),
        on.coat('lower-paint', k.lowerCoat, 'Grey-brown, lower half'),
      ],
      tools: ['brush'],
      passes: 'Two zones of bark that meet unevenly.',
    }),
    on.work('prune', 'Prune', {
      text: 'Cut surplus fibre: after the paint and before the needles. Keep the cuttings as fallen stems.',
      hands: on.value(k.pruneSec) * size,
      yields: [
        on.byProduct(
          'rough-ground',
          'Fibre pruned off: fallen stems',
          on.product(on.crown, k.fibre, k.pruned, on.pieces),
        ),
      ],
      tools: ['scissors'],
      faults: ['cushions'],
    }),
    ...PASSES.map((id, i) =>
      on.glue(id, i === 0 ? 'Cement and needles' : 'Cement and needles again', {
        text:
          i === 0
            ? 'Foam and fibre one to one by small spoon. Cement on the pads; needles by spoon, inmost first, then outward and up.'
            : 'All of it once more over the dry first pass, where it is thin most.',
        hands: [on.value(k.needleSec) * size, 60],
        takes: [
          on.coat('cement', k.cementCoat, 'Cement for the needles'),
          needles,
          // By small spoon, one to one by volume.
          on.take('needle-fibre', [needles.perPiece.of, k.needleFibre], 'Fibre in the mix'),
        ],
        in: 'cement',
        until: 'Dry overnight',
        tools: ['small spoon', 'catch tray'],
        faults: ['cushions', 'glued-trunk'],
        ...(i === 1 ? { passes: 'Tiers apart, matt; no needles on the trunk.' } : {}),
      }),
    ),
  ]
}

/** Pastels on the bark, moss at the foot. */
export function foot(on: PlantMaking, surface: Expression): Operation {
  const bark = quotient(surface, number(2))
  const around = discArea(quotient(product(on.trunk, number(4)), MM_IN_CM))
  return on.work('foot', 'Pastels, moss, foot', {
    text: 'Flesh, umber and green pastel on the bark; moss and dead needles at the foot.',
    hands: (on.value(k.pastelSec) * on.piece.heightMm) / 240,
    takes: [
      on.has('pastel') && on.take('pastel', [bark, k.pastelG]),
      on.has('pastel-dark') && on.take('pastel-dark', [bark, k.pastelG]),
      on.take('moss', [around, k.mossG]),
    ],
    tools: ['brush'],
    cautions: ['dust'],
  })
}
