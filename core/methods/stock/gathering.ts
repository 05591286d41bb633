import { gatheringById, gatherings, type Gathering, type Sowing } from '../../harvest'
import type { StepDraft, StockMethod } from '../../makeup'
import { type Coefficient } from '../../quantities'
import { type TradeOrigin } from '../../units'
import { amount, coefficients, minutes, seconds, share } from '../kit/rows'
import { stockWay } from '../kit/way'
import { MIN_PER_DAY, figuresOf, bringHome, common } from './bring-home'

function gatherMethod(of: Gathering): StockMethod {
  const id = `gather-${of.id}`
  const k = figuresOf(id, of)
  return stockWay({
    ...common(of),
    id,
    name: `Gathering ${of.name.toLowerCase()}`,
    makes: `${of.name}, gathered ${of.when}; cleaned and dried.`,
    figures: k,
    operations: (on) => [
      on.choice('leave') === 'to-ask' &&
        on.work('ask', 'Ask for leave', {
          text: `Ask the owner, and the authority where the ground or the kind may be protected; write down who said yes, and for how much. ${of.mind}`,
          hands: [0, 900],
          cautions: ['gathering'],
          passes: 'A yes from somebody who may give it. Without it, don’t go.',
        }),
      bringHome(on, of, k),
    ],
  })
}

/** Growing it: sown under glass, set out, cut when it has ripened. Common practice; figures from memory. */
function sowMethod(of: Gathering, sowing: Sowing): StockMethod {
  const id = `sow-${of.id}`
  const k = {
    ...figuresOf(id, of),
    ...coefficients(id, {
      perPlant: amount('fit for the shelf, of one plant', 6, 'piece'),
      survive: share('seedlings that come to the cut', 0.7),
      sowMin: minutes('sow a tray', 30),
      plantSec: seconds('set one out', 40),
      indoorDays: amount('under glass', sowing.indoorWeeks * 7, 'd'),
      outdoorDays: amount('in the bed, until it is cut', sowing.outdoorWeeks * 7, 'd'),
    }),
  }
  return stockWay({
    ...common(of),
    id,
    name: `Sowing ${of.name.toLowerCase()}`,
    makes: `${of.name} from seed: sown under glass, set out in spring, cut ${of.when}.`,
    figures: k,
    operations: (on) => {
      const each = on.value(k.perPlant) * Math.max(0.02, on.value(k.survive))
      const plants = Math.max(1, Math.ceil(on.job.quantity / each))
      const grown = (by: Coefficient, what: string, origin: TradeOrigin): StepDraft['wait'] => ({
        leastMin: on.value(by) * MIN_PER_DAY,
        kind: 'growth',
        what,
        origin,
      })
      return [
        on.work('sow', 'Sow under glass', {
          text: `Seed of last year’s plants thinly on damp sand and earth, pressed on, not covered: for ${plants} plants. Light, not above 20 °C; water from below.`,
          hands: [0, Math.round(on.value(k.sowMin) * 60)],
          wait: grown(k.indoorDays, 'Until they have four leaves and the last frost is past', 'memory'),
        }),
        on.work('set-out', 'Set out', {
          text: `After the last frost, ${plants} plants a hand’s breadth apart, in poor soil and full sun: a rich bed makes them limp. Hardened off for a week before. Water for a fortnight, weed, then leave them alone. A tall kind can seed itself into the neighbour’s: cut in time.`,
          hands: [0, Math.round(600 + plants * on.value(k.plantSec))],
          wait: grown(k.outdoorDays, `To be cut ${of.when}`, 'common practice'),
          needs: ['outdoors'],
          cautions: ['gathering'],
        }),
        bringHome(on, of, k),
      ]
    },
  })
}

/** What is gathered, and what is grown to be gathered, as ways of making stock out of nothing but time. */
export const gatherMethods: readonly StockMethod[] = gatherings.flatMap((of) => [
  gatherMethod(of),
  ...(of.sowing ? [sowMethod(of, of.sowing)] : []),
])

/**
 * How something is brought in; undefined for what this version does not know, or what is not sown.
 * @param how gathered where it stands, or grown from seed
 */
export function gatherMethodFor(gather: string, how: 'gather' | 'sow'): StockMethod | undefined {
  const of = gatheringById(gather)
  return of && gatherMethods.find(({ id }) => id === `${how}-${of.id}`)
}
