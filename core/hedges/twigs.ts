import { normal, requireRange, seededRandom, seedOf } from '../units'
import { firstOf, grownMm, runsBetween, runsMm, type Gap, type HedgeRun } from './gaps'

/** A hole in the bank, mm along the hedge and across it from its middle; and the twig that stands in it. */
export interface TwigHole {
  readonly alongMm: number
  readonly acrossMm: number
  /** Length of the twig above the bank, mm. */
  readonly heightMm: number
}

export interface TwigOrder {
  readonly runs: readonly HedgeRun[]
  /** Width of the bank's top that has holes. */
  readonly widthMm: number
  /** Ground for each hole, mm². Common practice: one for 30 to 50. */
  readonly perHoleMm2: number
  readonly holeMm: number
  readonly heightMm: number
  /** Coefficient of variation of the twigs' lengths. */
  readonly spread: number
  readonly seed: number
}

/** No twig is shorter than this share of the hedge's height, nor longer than that. From memory. */
const SHORTEST = 0.45
const LONGEST = 1.2
const DARTS = 30

/**
 * Holes at random along a hedge, none touching the next, and a twig for each; the longest stand in the middle.
 * @throws RangeError when width or density are not above 0
 */
export function twigHoles(order: TwigOrder): TwigHole[] {
  const { widthMm, perHoleMm2, holeMm, heightMm, spread } = order
  requireRange('width', widthMm, 'mm', { above: 0 })
  requireRange('ground for each hole', perHoleMm2, 'mm²', { above: 0 })
  requireRange('hole', holeMm, 'mm', { above: 0 })
  const random = seededRandom(order.seed)
  const least = holeMm * 1.25
  const holes: TwigHole[] = []
  for (const { fromMm, toMm } of order.runs) {
    const wanted = Math.max(1, Math.round(((toMm - fromMm) * widthMm) / perHoleMm2))
    // Cells as wide as two holes keep apart: only neighbours are looked at.
    const across = Math.ceil(widthMm / least) + 2
    const cells = new Map<number, TwigHole[]>()
    for (let i = 0; i < wanted; i += 1) {
      for (let dart = 0; dart < DARTS; dart += 1) {
        const alongMm = fromMm + random() * (toMm - fromMm)
        const acrossMm = (random() - 0.5) * widthMm
        const cell = Math.floor(alongMm / least) * across + Math.floor((acrossMm + widthMm / 2) / least)
        const isNear = [-across, 0, across].some((row) =>
          [-1, 0, 1].some((column) =>
            cells
              .get(cell + row + column)
              ?.some((other) => Math.hypot(other.alongMm - alongMm, other.acrossMm - acrossMm) < least),
          ),
        )
        if (isNear) continue
        const middle = 1 - 0.3 * Math.abs(acrossMm / (widthMm / 2)) ** 2
        const wished = heightMm * middle * (1 + spread * normal(random))
        const hole = {
          alongMm,
          acrossMm,
          heightMm: Math.min(heightMm * LONGEST, Math.max(heightMm * SHORTEST, wished)),
        }
        const own = cells.get(cell)
        if (own) own.push(hole)
        else cells.set(cell, [hole])
        holes.push(hole)
        break
      }
    }
  }
  return holes.sort((a, b) => a.alongMm - b.alongMm)
}

/** Twigs to cut: lengths with what stands in the bank, rounded up to 5 mm, and how many of each; the longest first. */
export function twigCuts(holes: readonly TwigHole[], footMm: number): { lengthMm: number; count: number }[] {
  const counts = new Map<number, number>()
  for (const { heightMm } of holes) {
    const lengthMm = Math.ceil((heightMm + footMm) / 5 - 1e-9) * 5
    counts.set(lengthMm, (counts.get(lengthMm) ?? 0) + 1)
  }
  return [...counts].map(([lengthMm, count]) => ({ lengthMm, count })).sort((a, b) => b.lengthMm - a.lengthMm)
}

/** Twigs and their holes along the whole hedge, gates and gaps left out. */
export interface TwigPlan {
  /** The holes that are laid out: of a very long hedge those of its beginning, which goes on in the same way. */
  readonly holes: readonly TwigHole[]
  /** As far as they go, mm along the hedge. */
  readonly laidMm: number
  /** Holes, and twigs by length, of the whole hedge. */
  readonly count: number
  readonly cuts: readonly { readonly lengthMm: number; readonly count: number }[]
  readonly widthMm: number
  readonly holeMm: number
  readonly grownMm: number
}

/** Only a few twigs fit into less than this, mm. */
const LEAST_MM = 3
/** Holes that are laid out one by one: of more, the share of each length is known well enough. */
const MOST_HOLES = 6_000

/**
 * Twigs of a hedge from end to end.
 * @param of lengths in mm; `bankMm` is the width of the bank that has holes, `footMm` what of a twig is in it
 */
export function hedgeTwigs(of: {
  readonly lengthMm: number
  readonly gaps: readonly Gap[]
  /** Where trees stand: the hedge goes on, and no hole is drilled. */
  readonly clear?: readonly Gap[]
  readonly heightMm: number
  readonly bankMm: number
  readonly perHoleMm2: number
  readonly holeMm: number
  readonly footMm: number
  readonly spread: number
  readonly seed: string
}): TwigPlan {
  const { lengthMm, gaps, clear = [], perHoleMm2, holeMm, heightMm, spread } = of
  const shut = [...gaps, ...clear]
  const widthMm = Math.max(LEAST_MM, of.bankMm)
  const runs = firstOf(runsBetween(lengthMm, shut), (MOST_HOLES * perHoleMm2) / widthMm)
  const holes = twigHoles({ runs, widthMm, perHoleMm2, holeMm, heightMm, spread, seed: seedOf(of.seed) })
  const times = grownMm(lengthMm, shut) / Math.max(1e-9, runsMm(runs))
  return {
    holes,
    laidMm: runs.at(-1)?.toMm ?? 0,
    count: Math.round(holes.length * times),
    cuts: twigCuts(holes, of.footMm).map((cut) => ({ ...cut, count: Math.round(cut.count * times) })),
    widthMm,
    holeMm,
    grownMm: grownMm(lengthMm, gaps),
  }
}
