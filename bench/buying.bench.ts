import highsLoader from 'highs'
import { cheapestBasket } from '../core/buying'
import { leastByProgram, randomBasket, type Solver } from '../tests/support/baskets'
import { report } from './race'

const SIZE = { materials: 40, offers: 6, suppliers: 4 }
const MOST_MS = 1000
const LISTS = 21
const REFERENCES = 3

/** What a workshop needs: 40 materials with 6 offers each of 4 suppliers. Beside it HiGHS with a program of its own. */
const timed = <T>(work: () => T): { value: T; ms: number } => {
  const start = performance.now()
  const value = work()
  return { value, ms: performance.now() - start }
}
const lists = Array.from({ length: LISTS }, (_, i) => randomBasket(i + 1, SIZE))
for (const list of lists.slice(0, 3)) cheapestBasket(list)
const ours = lists.map((list) => timed(() => cheapestBasket(list)))
const times = ours.map(({ ms }) => ms).sort((a, b) => a - b)
const slowest = times.at(-1) ?? NaN
const proven = ours.filter(({ value }) => value && value.notBelowMinor > value.netMinor - 0.5).length
console.log(
  `${SIZE.materials} materials × ${SIZE.offers} offers × ${SIZE.suppliers} suppliers: median ${times[LISTS >> 1]?.toFixed(0)} ms, slowest ${slowest.toFixed(0)} ms, ${proven} of ${LISTS} proven the cheapest`,
)
report(`under ${MOST_MS} ms, all proven`, slowest < MOST_MS && proven === LISTS)

const solver = (await highsLoader()) as unknown as Solver
const theirs = lists.slice(0, REFERENCES).map((list) => timed(() => leastByProgram(solver, list)))
const apart = theirs.map(({ value }, i) => Math.abs((value ?? NaN) - (ours[i]?.value?.netMinor ?? NaN)))
const ratio =
  theirs.reduce((sum, { ms }) => sum + ms, 0) / ours.slice(0, REFERENCES).reduce((sum, { ms }) => sum + ms, 0)
console.log(
  `HiGHS on ${REFERENCES} of them: ${ratio.toFixed(1)} times as long; costs apart by ${Math.max(...apart).toFixed(2)} hundredths at most`,
)
// Its own tolerance is a hundredth of a hundredth of the cost.
report('the same cost as HiGHS', Math.max(...apart) < 12)
