import { fact, sum } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import { dress, snowOnly, type Dressing } from '../kit/dress'
import { dressing } from '../kit/figures'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'

/** The wet paint holds half of the leaf; adhesive and a second throw the rest, where it is wanted dense. */
export const hempTreeFigures = coefficients('hemp-tree', {
  spoilage: spoilage(0.05),
  leafAiry: share('leaf in the wet paint, of the foliage', 0.75, 'memory', 'strands make up the rest'),
  leafDense: share('leaf in the wet paint, of the foliage, where more follows', 0.5),
  extra: amount('rope besides the height', 10, 'mm'),
  neckCa: amount('CA around a neck, for each mm of rope', 0.007, 'ml/mm'),
  sticks: sticking('leaf sticks in wet paint, of what is thrown', 0.35),
  poolPva: amount('PVA in the pool for a foot, for each mm of rope', 0.04, 'ml/mm'),
  openSec: seconds('open the end', 60),
  neckSec: seconds('CA around the neck, cut below', 10),
  colourSec: seconds('colour, leaf in the wet', 20),
  poolSec: seconds('set in the pool', 20),
  filled: share('covered before the leaf, of what is seen', 0.5),
})
const k = hempTreeFigures

export const hempLeaf: Dressing = { adhesive: 'hairspray', form: 'leaf', filled: k.filled }

/** The rope that opens to a crown of its size, mm. Our estimate. */
export const ropeMm = ({ heightMm }: { readonly heightMm: number }): number => Math.max(4, heightMm * 0.15)

/** A rope opened, locked, coloured, leaf in the wet paint. */
export function hempTreeOperations(on: PlantMaking): Listed<Operation> {
  const { heightMm } = on.piece
  const more = on.choice('density') === 'dense'
  const rope = fact('rope', ropeMm(on.piece), 'mm', 'formula', 'its thickness')
  const size = heightMm / 50
  const inPaint = on.input(more ? k.leafDense : k.leafAiry)
  return [
    on.work('open', 'Open the end', {
      text: `Untwist the rope’s end over ${Math.round(heightMm)} mm and bend every strand out, no two alike: straight ones make a broom.`,
      hands: on.value(k.openSec) * size,
      takes: [on.take('rope', sum(on.height, on.input(k.extra)))],
      cuts: [{ slot: 'rope', what: 'rope ends', count: on.started, lengthMm: heightMm + on.value(k.extra) }],
      tools: ['tweezers'],
      faults: ['broom-shape'],
    }),
    on.work('neck', 'CA at the neck, cut below', {
      text: 'A little CA all around the neck, head down so that it can’t run up the strands; cut below it.',
      hands: on.value(k.neckSec),
      takes: [on.take('ca', [rope, k.neckCa])],
      within: on.open('ca'),
      tools: ['knife'],
      needs: ['ventilation'],
      faults: ['glue-run'],
    }),
    on.spray('colour', on.isLeafy ? 'Colour, leaf in the wet' : 'Colour', {
      text: `Spray the strands all round${on.isLeafy ? '; leaf into the wet paint from above and below' : ''}. A paler colour gives a paler core.`,
      hands: on.value(k.colourSec) * size,
      takes: [
        on.coat('core-paint', dressing.paintCoat),
        on.isLeafy && on.crownFlock('foliage', { share: inPaint, sticks: k.sticks }, 'Leaf in the wet paint'),
      ],
      wet: 0,
      holders: [{ what: 'block place', each: 1, until: 'pool' }],
      cautions: ['dust'],
    }),
    more ? dress(on, hempLeaf, 'tips, where it is thin') : snowOnly(on, hempLeaf),
    on.inspect('Forked, and spread to all sides.', ['broom-shape', 'glue-run']),
    on.glue('pool', 'Set in a pool', {
      text: 'A pool of PVA as wide as the foot, several together; push in with a stick.',
      hands: on.value(k.poolSec),
      takes: [on.takeGood('pva', [rope, k.poolPva])],
      in: 'pva',
      until: 'Dry overnight',
      tools: ['skewer'],
    }),
  ]
}
