import {
  constant,
  fact,
  most,
  ONE,
  product,
  quotient,
  rest,
  rounded,
  sum,
  type Expression,
} from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import type { Listed } from '../kit/listed'
import { trait, type Operation, type Taken } from '../kit/making'
import { amount, coefficients, minutes, seconds, share, spoilage } from '../kit/rows'

/** Amounts and times of a roll and tear. From memory unless marked. */
export const rollAndTearFigures = coefficients('roll-and-tear', {
  spoilage: spoilage(0),
  patchCm2: amount('worked at once, at most', 1000, 'cm²', 'memory', '0.1 m²'),
  hanks: amount('hanks on 100 cm²', 3, 'piece'),
  hankG: amount('fibre of a hank, for each mm of its height', 0.012, 'g/mm'),
  again: share('second round, smaller patches, of the first', 0.4),
  adhesiveMl: amount('spray adhesive in random strokes', 0.012, 'ml/cm²'),
  earthG: amount('earth over bare glue', 0.05, 'g/cm²'),
  fixMl: amount('hairspray on what shines', 0.006, 'ml/cm²'),
  rollSec: seconds('roll, tear, stage a hank', 20),
  spraySec: amount('adhesive, for each cm²', 0.08, 's/cm²'),
  dabSec: seconds('dab a hank on', 3),
  earthSec: amount('earth on glue, for each cm²', 0.3, 's/cm²'),
  combSec: amount('comb, earth, vacuum, for each cm²', 0.6, 's/cm²'),
  soakG: amount('earth on what shines', 0.01, 'g/cm²'),
  soakSec: amount('earth and water on what shines, for each cm²', 0.1, 's/cm²'),
  soakMin: minutes('soaked earth dries', 240),
  liftSec: amount('vacuum, for each cm²', 0.05, 's/cm²'),
  tackMin: minutes('spray adhesive on ground turns tacky', 15, 'common practice'),
  tackUntilMin: minutes('and stays so until', 35),
  restMin: minutes('before it is combed', 120, 'common practice'),
})
const k = rollAndTearFigures

/** Of the hanks, those of the second tone. Our estimate. */
const SECOND = fact('second tone', 0.4, '', 'memory')

const HUNDRED_CM2 = constant('', 100, 'cm²', 'as hanks are counted')

/** Adhesive in strokes, and hanks dabbed on while it is tacky: a round of all, or of some. */
function round(on: PlantMaking, hanks: number, again: boolean): Operation[] {
  const part = again ? on.value(k.again) : 1
  const tail = again ? '-2' : ''
  const label = again ? ', second round' : ''
  const area = again ? on.product(on.cm2('patch', on.partCm2), k.again) : on.cm2('patch', on.partCm2)
  const openSec = (on.value(k.tackUntilMin) - on.value(k.tackMin)) * 60
  const second = on.has('second') ? SECOND.value : 0
  return [
    on.spray(
      `glue${tail}`,
      again ? 'Second round: adhesive in smaller patches' : 'Adhesive in random strokes',
      {
        text: again
          ? 'Between and over the first, smaller, in other tones; wait until it no longer threads.'
          : 'Paper over the neighbours. Strokes and spots, none of them straight; then wait until it no longer threads.',
        hands: [on.value(k.spraySec) * on.partCm2 * part, again ? 30 : 60],
        takes: [on.take('adhesive', [area, k.adhesiveMl], `Spray adhesive${label}`)],
        wait: {
          ...on.rests(k.tackMin, 'Wait until it is tacky', 'tack clearing'),
          mostMin: on.value(k.tackUntilMin),
        },
        ...(again ? {} : { tools: ['paper'] }),
      },
    ),
    on.work(`dab${tail}`, again ? 'Dab on, earth' : 'Dab on, earth on bare glue', {
      text: again
        ? 'As before, lighter; earth on every spot of bare glue.'
        : 'Dab lightly, torn end down, tones in turn; turn the board. Earth on every spot of bare glue. Where it goes wrong: cover with earth and begin again.',
      hands: (on.value(k.dabSec) * hanks + on.value(k.earthSec) * on.partCm2) * part,
      takes: [on.take('earth', [area, k.earthG], `Earth over the glue${label}`)],
      within: on.within(
        openSec,
        `The ground stays tacky for about ${Math.round(openSec / 60)} minutes more.`,
      ),
      wait: on.rests(k.restMin, 'Leave it before combing', 'tack clearing'),
      ...(again
        ? {}
        : {
            atOnce: on.one('One patch while it is tacky.'),
            deal: {
              each: hanks,
              enough: 'Enough: the hanks of this patch are on. What is left bare gets earth.',
              suits: [
                trait('tone', { 'main tone': 1 - second, 'second tone': second }),
                trait('size', { thin: 0.4, usual: 0.4, thick: 0.2 }),
              ],
            },
          }),
      cautions: ['dust'],
      faults: ['rows', 'shiny-patches'],
    }),
  ]
}

/** Rolled, torn, and set. */
export function rollAndTearOperations(on: PlantMaking): Listed<Operation> {
  const patch = on.cm2('patch', on.partCm2)
  const hanks = most(ONE, rounded(product(patch, quotient(on.input(k.hanks), HUNDRED_CM2))))
  const mixed = on.has('second')
  const soaks = on.choice('shine') === 'earth'
  const torn = (id: string, part: Expression): Taken =>
    on.take(id, [hanks, on.height, k.hankG, part, sum(ONE, on.input(k.again))])
  return [
    on.work('stage', 'Hanks first: roll, tear, stage', {
      text: `About ${hanks.value} hanks to a patch, in every tone, before any glue: roll between the palms, tear in half, lay them out torn end forward.`,
      hands: on.value(k.rollSec) * hanks.value,
      takes: [torn('hank', mixed ? rest(SECOND) : ONE), mixed && torn('second', SECOND)],
      tools: ['scissors'],
    }),
    round(on, hanks.value, false),
    soaks
      ? on.work('comb', 'Comb, earth', {
          text: 'Comb with a skewer; earth where glue is bare; vacuum lightly.',
          hands: on.value(k.combSec) * on.partCm2,
          tools: ['skewer', 'vacuum'],
          cautions: ['dust'],
          faults: ['lost-fibre'],
        })
      : on.spray('comb', 'Comb, earth, fix', {
          text: 'Comb with a skewer; earth and a mist of hairspray where it shines; vacuum lightly.',
          hands: on.value(k.combSec) * on.partCm2,
          takes: [on.take('fix', [patch, k.fixMl], 'Hairspray on shine')],
          can: 'hairspray',
          tools: ['skewer', 'vacuum'],
          cautions: ['dust'],
          faults: ['shiny-patches', 'lost-fibre'],
        }),
    round(on, hanks.value, true),
    on.work('comb-2', 'Comb, vacuum', {
      text: 'Comb with a skewer once more; vacuum lightly.',
      hands: on.value(k.combSec) * on.partCm2 * on.value(k.again),
      tools: ['skewer', 'vacuum'],
      cautions: ['dust'],
      faults: ['lost-fibre'],
    }),
    soaks && [
      on.work('soak', 'Soaked earth on what shines', {
        text: 'Look along it against the light. A pinch of earth on every spot that shines, a drop of water with detergent on each until it is dark.',
        hands: on.value(k.soakSec) * on.partCm2,
        takes: [on.take('earth', [patch, k.soakG], 'Earth on what shines')],
        wait: on.dries(k.soakMin, 'Dry before the vacuum'),
        tools: ['small spoon', 'spray bottle'],
        faults: ['tide-line'],
      }),
      on.work('lift', 'Vacuum what lies loose', {
        text: 'Through a stocking, held to the light first; what comes back is earth for the next patch.',
        hands: on.value(k.liftSec) * on.partCm2,
        tools: ['vacuum', 'stocking'],
        cautions: ['dust'],
        faults: ['lost-fibre'],
      }),
    ],
    on.inspect('No shine at low light, no rows.', ['rows', 'shiny-patches']),
  ]
}
