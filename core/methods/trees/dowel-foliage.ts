import { discsCm2 } from '../../armature'
import { fact, number, ONE, rest, type Expression } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import { dressing } from '../kit/figures'
import type { Listed } from '../kit/listed'
import type { Operation, Taken } from '../kit/making'
import { dowelFigures as k, type PlannedTrees } from '../plans/discs'
import { isCoir, isGreenFirst } from './dowel-discs'

/** Foam lies on the discs, not on an outline; flat clear tightens it all. */
export function discFoliage(on: PlantMaking, { own }: PlannedTrees): Listed<Operation> {
  const onDiscs = fact(
    'discs of one tree',
    discsCm2(own),
    'cm²',
    'formula',
    'π/4 · d² of every disc on its stem',
  )
  const area = on.product(onDiscs, k.ragged)
  const leaf = on.isLeafy ? on.leaf : number(0.01)
  const light = on.has('highlight') ? on.input(dressing.lightShare) : undefined
  const foam = (id: string, share: Expression, label?: string): Taken =>
    on.crownFlock(id, { area, leaf, share, sticks: k.sticks }, label)
  const dark = foam('foliage', light ? rest(light) : ONE)
  const lit = light && foam('highlight', light, 'Light foam, from above')
  const each = on.value(k.foamSec) * area.value
  const inverted = on.choice('hang') === 'upswept'
  return [
    isCoir(on) && !isGreenFirst(on)
      ? on.spray('foam', 'Green, and foam while it is wet', {
          text: 'Spray the coir green all over; dark foam into the wet paint, over the bin; then light on top. When it has set tease the branches into shape. Missed brown reads as dieback.',
          hands: each,
          takes: [on.coat('pad-paint', dressing.paintCoat), dark, lit],
          within: on.open('paint', { tail: 'one tree at a time' }),
          atOnce: on.one('One tree to a wet coat.'),
          tools: ['catch tray'],
          faults: ['dieback', 'glued-trunk'],
        })
      : [
          on.spray('foam', 'Dark foam', {
            text: 'Adhesive over the discs; dark foam over the bin from all sides, shake. What falls goes back to its jar.',
            hands: each * (light ? rest(light).value : 1),
            takes: [on.take('adhesive', [area, k.foamCoat], 'Adhesive for the foam'), dark],
            can: 'spray-adhesive',
            within: on.open('spray-adhesive'),
            until: null,
            tools: ['catch tray'],
            faults: ['glued-trunk'],
          }),
          light &&
            on.spray('foam-light', 'A second coat, light foam', {
              text: 'A lighter coat from above, for what the dark foam has covered no longer grips; light foam from above only, shake.',
              hands: each * light.value,
              takes: [
                on.take('adhesive', [area, k.foamCoat, k.secondCoat], 'Adhesive under the light foam'),
                lit,
              ],
              can: 'spray-adhesive',
              within: on.open('spray-adhesive'),
              until: null,
              tools: ['catch tray'],
              faults: ['loud-two-tone'],
            }),
        ],
    on.spray('clear', `Flat clear, dried ${inverted ? 'upside down' : 'upright'}`, {
      text: `A generous coat of flat clear: it tightens everything. Dry it ${inverted ? 'upside down, so that branches rise' : 'upright, so that branches droop'}.`,
      hands: [on.value(k.clearSec) * area.value, 30],
      takes: [on.coat('clear', k.clearCoat)],
      wait: on.dries(k.clearMin, inverted ? 'Dry upside down' : 'Dry upright', 'clear'),
      faults: ['satin'],
    }),
    on.choice('snow') === 'laden' &&
      on.spray('snow', 'Snow', {
        text: 'A mist of adhesive from above only, then white powder through a sieve, a trace of black in it. No coat over it.',
        hands: 0.05 * area.value,
        takes: [on.coat('adhesive', dressing.mistCoat, 'Adhesive for the snow'), on.snow()],
        can: 'spray-adhesive',
        until: 'Let it set untouched',
        tools: ['sieve', 'catch tray'],
        faults: ['snow-sealed'],
      }),
  ]
}
