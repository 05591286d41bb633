import { mended, reducedOf, type Asked, type Choice, type Chosen } from './choice'
import type { Cover } from './covers'

/**
 * A price on each hundredth that is spent where it is asked for, the lower bound that it gives, and a choice
 * found on the way.
 */
export interface Prices {
  readonly each: readonly number[]
  readonly bound: number
  readonly chosen?: Chosen
}

const ROUNDS = 90
/** Every so many rounds what is bought at those prices is mended to a basket that can be had. */
const MEND_EVERY = 6

/**
 * Lagrange's bound, raised by subgradients: each material is bought as if a hundredth spent where it is asked for were
 * worth so much. Nobody pays more than a hundredth for a hundredth, so the prices stay from 0 to 1. Source: Held, Wolfe
 * and Crowder 1974, as in any textbook; from memory.
 * @param upTo the cost that is to be beaten, in hundredths
 */
export function lagrange(choice: Choice, upTo: number): Prices {
  const { covers, asked } = choice
  let each = asked.map(() => 0)
  let best: Prices = { each, bound: -Infinity }
  let chosen: Chosen | undefined
  let stretch = 1
  let since = 0
  for (let round = 0; round < ROUNDS; round += 1) {
    const target = Math.min(upTo, chosen?.netMinor ?? upTo)
    const spent = asked.map(() => 0)
    const picks: number[] = []
    let bound = asked.reduce((sum, { least }, k) => sum + (each[k] ?? 0) * least, 0)
    for (const own of covers) {
      const { at, reduced } = leastReduced(own, asked, each)
      bound += reduced
      picks.push(at)
      asked.forEach(({ supplier }, k) => {
        spent[k] = (spent[k] ?? 0) + (own[at]?.spent[supplier] ?? 0)
      })
    }
    if (bound > best.bound + 1e-9) {
      best = { each, bound }
      since = 0
    } else if ((since += 1) % 5 === 0) stretch /= 2
    if (round % MEND_EVERY === 0) {
      const tried = mended(choice, picks)
      if (!chosen || tried.netMinor < chosen.netMinor) chosen = tried
    }
    const slope = asked.map(({ least }, k) => least - (spent[k] ?? 0))
    const steep = slope.reduce((sum, own) => sum + own * own, 0)
    if (best.bound >= target || steep === 0 || stretch < 1e-4) break
    const step = (stretch * Math.max(1, target - bound)) / steep
    each = each.map((own, k) => Math.min(1, Math.max(0, own + step * (slope[k] ?? 0))))
  }
  return { ...best, ...(chosen ? { chosen } : {}) }
}

/** The cover that costs least at these prices; of equals the first. */
export function leastReduced(
  own: readonly Cover[],
  asked: readonly Asked[],
  each: readonly number[],
): { readonly at: number; readonly reduced: number } {
  let at = 0
  let reduced = Infinity
  for (let i = 0; i < own.length; i += 1) {
    const cover = own[i]
    const cost = cover ? reducedOf(cover, asked, each) : Infinity
    if (cost < reduced) [at, reduced] = [i, cost]
  }
  return { at, reduced }
}

/** Without the covers that nothing below so much can hold. */
export function stillPossible(choice: Choice, { each, bound }: Prices, below: number): Choice {
  return {
    asked: choice.asked,
    covers: choice.covers.map((own) => {
      const { reduced } = leastReduced(own, choice.asked, each)
      return own.filter((cover) => bound - reduced + reducedOf(cover, choice.asked, each) < below)
    }),
  }
}
