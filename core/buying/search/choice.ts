import type { Cover } from './covers'
import type { Filler } from './filler'

/** What a parcel asks for: so much spent at a supplier, in hundredths, and what fills a gap. */
export interface Asked {
  readonly supplier: number
  readonly least: number
  readonly filler: Filler
}

/** One cover of each material is taken, so that enough is spent where a parcel asks for it. */
export interface Choice {
  /** Covers of each material, the cheapest first; none of them empty. */
  readonly covers: readonly (readonly Cover[])[]
  readonly asked: readonly Asked[]
}

/** Which cover of each material, and what it all costs with what fills the gaps, in hundredths. */
export interface Chosen {
  readonly picks: readonly number[]
  readonly netMinor: number
}

const spentAt = (cover: Cover | undefined, { supplier }: Asked): number => cover?.spent[supplier] ?? 0

/** What is still to be spent where it is asked for. */
const gapsOf = ({ covers, asked }: Choice, picks: readonly number[]): number[] =>
  asked.map((one) => covers.reduce((left, own, i) => left - spentAt(own[picks[i] ?? 0], one), one.least))

const costWith = ({ covers, asked }: Choice, picks: readonly number[], gaps: readonly number[]): number =>
  covers.reduce((sum, own, i) => sum + (own[picks[i] ?? 0]?.netMinor ?? Infinity), 0) +
  asked.reduce((sum, { filler }, k) => sum + filler.cost(gaps[k] ?? 0), 0)

/**
 * Mends picks that spend too little somewhere: one material at a time takes the cover that brings the sums nearer for
 * the least, until nothing is gained over packs that only fill.
 */
export function mended(choice: Choice, start: readonly number[]): Chosen {
  const { covers, asked } = choice
  const picks = [...start]
  let gaps = gapsOf(choice, picks)
  let best: Chosen = { picks: [...picks], netMinor: costWith(choice, picks, gaps) }
  for (let turn = 0; turn < 2 * covers.length && gaps.some((gap) => gap > 0); turn += 1) {
    let swap: { material: number; cover: number; rate: number } | undefined
    covers.forEach((own, material) => {
      const now = own[picks[material] ?? 0]
      own.forEach((cover, at) => {
        let nearer = 0
        asked.forEach((one, k) => {
          const gap = gaps[k] ?? 0
          const after = gap - spentAt(cover, one) + spentAt(now, one)
          nearer += Math.max(0, gap) - Math.max(0, after)
        })
        if (nearer <= 0) return
        const rate = (cover.netMinor - (now?.netMinor ?? 0)) / nearer
        if (!swap || rate < swap.rate) swap = { material, cover: at, rate }
      })
    })
    if (!swap || swap.rate > 1.5) break
    picks[swap.material] = swap.cover
    gaps = gapsOf(choice, picks)
    const netMinor = costWith(choice, picks, gaps)
    if (netMinor < best.netMinor) best = { picks: [...picks], netMinor }
  }
  return best
}

/** What a cover costs where a hundredth spent at a supplier is worth so much. */
export function reducedOf(cover: Cover, asked: readonly Asked[], each: readonly number[]): number {
  let reduced = cover.netMinor
  for (let k = 0; k < asked.length; k += 1) {
    const one = asked[k]
    if (one) reduced -= (each[k] ?? 0) * spentAt(cover, one)
  }
  return reduced
}
