import { setTimeout as wait } from 'node:timers/promises'
import { simulatedPriceLists } from '../prices/simulated'

/** The price list service of this server. A real one takes its place here. */
export const priceLists = simulatedPriceLists(
  () => Date.now(),
  async (ms) => {
    await wait(ms)
  },
)
