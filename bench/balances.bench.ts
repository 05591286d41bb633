import { balancesOf } from '../core/stock'
import { largeWorkshop } from './large-workshop'
import { race, report } from './race'

/**
 * Balances of all lots against a bare loop that sums the same movements by lot into a map.
 * Target: at no less than half the bare loop's speed.
 */
const { movements } = largeWorkshop()

function bareLoop(): Map<string, number> {
  const sums = new Map<string, number>()
  for (const { lotId, quantity } of movements) sums.set(lotId, (sums.get(lotId) ?? 0) + quantity)
  return sums
}

/** The sum of everything, without asking which lot: the floor, for the record. */
function blindSum(): number {
  let sum = 0
  for (const movement of movements) sum += movement.quantity
  return sum
}

const {
  balances = NaN,
  bare = NaN,
  blind = NaN,
} = race({ balances: () => balancesOf(movements), bare: bareLoop, blind: blindSum })
const ratio = bare / balances
console.log(
  `balances of ${movements.length} movements: ${balances.toFixed(3)} ms; bare loop by lot ${bare.toFixed(3)} ms; blind sum ${blind.toFixed(3)} ms`,
)
report(`speed against the bare loop by lot: ${ratio.toFixed(2)} (target at least 0.50)`, ratio >= 0.5)
