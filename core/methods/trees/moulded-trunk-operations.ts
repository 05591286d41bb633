import { ONE } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import { snowOnly, type Dressing } from '../kit/dress'
import { dressing } from '../kit/figures'
import { pinned } from '../kit/ground'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { amount, coefficients, minutes, row, seconds, spoilage, sticking } from '../kit/rows'

/** Of the shared dressing only snow is used. */
const snow: Dressing = { adhesive: 'hairspray', form: 'ground', slot: 'snow-glue' }

/** Amounts and times of a moulded trunk. From memory unless marked. */
export const mouldedTrunkFigures = coefficients('moulded-trunk', {
  spoilage: spoilage(0.03),
  ends: row('share of branch ends', 0.3, '', [0.05, 1], 'memory', 'of the crown from the side'),
  washCoat: amount('a thin dark wash', 0.004, 'ml/cm²'),
  coat: amount('coat of adhesive', 0.03, 'ml/cm²'),
  sticks: sticking('sticks, of what is pressed on', 0.85),
  bendSec: seconds('bend a trunk', 60),
  coatSec: seconds('coat the ends, for each 40 cm² of crown', 60),
  pressSec: seconds('press the clumps on, for each 40 cm² of crown', 45, 'common practice'),
  clearMin: minutes('milk turns clear', 25, 'common practice', '20–30 minutes; a few white spots remain'),
  tackyMin: row('stays tacky', 1440, 'min', [30, 10_000], 'common practice', 'still open the next day'),
  gripMin: minutes('grips', 720, 'memory', 'overnight'),
})
const k = mouldedTrunkFigures

/** Bent, coated, clumps pressed on. */
export function mouldedTrunkOperations(on: PlantMaking): Listed<Operation> {
  const size = Math.max(0.4, on.piece.sideAreaCm2 / 40)
  const clear = on.time(on.task.dryMin(on.value(k.clearMin)) * 60)
  return [
    on.work('bend', 'Twist off and bend', {
      text: 'Bend the branches to all sides: as delivered they are flat. Look at it from above; it should be round.',
      hands: [on.value(k.bendSec) * size, 60],
      takes: [on.take('trunk', ONE)],
      tools: ['cutters'],
      faults: on.piece.habit === 'conifer' ? ['spiral', 'one-sided'] : ['one-sided'],
    }),
    pinned(on),
    on.choice('trunk') === 'wash' &&
      on.work('wash', 'Wash the trunk', {
        text: 'Dark paint thinned well, over trunk and limbs; wipe it off the ridges.',
        hands: [20, 60],
        takes: [on.coat('wash', k.washCoat)],
        wait: on.sets('wash', 'Let the wash dry'),
        tools: ['brush'],
        faults: ['trunk-colour'],
      }),
    on.work('coat', 'Coat the branch ends', {
      text: `A thin coat of contact adhesive on both sides of the ends only. Nothing touches while it is white; about ${clear} until it is clear.`,
      hands: [on.value(k.coatSec) * size, 60],
      takes: [on.coat('adhesive', k.coat, undefined, k.ends)],
      wait: {
        ...on.dries(k.clearMin, 'Wait until the milk turns clear'),
        kind: 'tack clearing',
        mostMin: on.value(k.tackyMin),
      },
      tools: ['brush'],
      holders: [{ what: 'base', each: 1, until: 'press' }],
      needs: ['ventilation'],
      gives: ['solvent'],
      faults: ['shiny-patches'],
    }),
    on.work('press', 'Press the clumps on', {
      text: 'Push it into the bag, roll, squeeze, shake; split the big lumps. Put back what fell.',
      hands: [on.value(k.pressSec) * size, 30, 'common practice'],
      takes: [on.indoors.crownFlock('clump', { sticks: k.sticks })],
      wait: on.rests(k.gripMin, 'Leave it to grip'),
      tools: ['catch tray'],
      cautions: ['dust'],
      faults: ['fallen-foliage', 'one-sided'],
    }),
    on.choice('hold') === 'spray' &&
      on.spray('hold', 'A mist of spray adhesive', {
        text: 'From farther off, over the foliage; it holds what a hand would rub off.',
        hands: 6,
        takes: [on.coat('hold', dressing.mistCoat)],
        can: 'spray-adhesive',
        faults: ['shiny-patches'],
      }),
    snowOnly(on, snow),
    on.inspect('Nothing falls when it is tapped; branches partly visible.', ['one-sided', 'fallen-foliage'], {
      title: 'Touch up, inspect',
      text: 'Squeeze loose clumps again, trim what sticks out.',
      hands: 12,
    }),
  ]
}
