import { normal, requireRange, seededRandom } from '../units'

/**
 * How fibres lean: their feet are upright, each leans at random to any side, and all of them a little one way
 * where the vacuum has combed them.
 */
export interface Lean {
  /** Mean lean at random, degrees from the vertical. */
  readonly meanDeg: number
  /** Lean that all of them have to the right, degrees. */
  readonly combDeg: number
}

/** The mean of a Rayleigh distribution is σ·√(π/2): two tilts at right angles, each normal with σ. */
const RAYLEIGH = Math.sqrt(Math.PI / 2)
/** No fibre lies flatter than this. From memory. */
const FLATTEST_DEG = 80
const RAD = Math.PI / 180

/** One fibre's tilt, to the right and to the back: of its length, what lies level; and what stands. */
export interface Tilt {
  readonly right: number
  readonly back: number
  readonly up: number
}

/** The next tilt by chance. */
export function tiltOf({ meanDeg, combDeg }: Lean, random: () => number): Tilt {
  const sigma = meanDeg / RAYLEIGH
  const right = normal(random) * sigma + combDeg
  const back = normal(random) * sigma
  const lean = Math.min(FLATTEST_DEG, Math.hypot(right, back)) * RAD
  const turn = Math.atan2(back, right)
  return { right: Math.sin(lean) * Math.cos(turn), back: Math.sin(lean) * Math.sin(turn), up: Math.cos(lean) }
}

/** Tilts that a mean is taken over. */
const SAMPLES = 4000
const known = new Map<string, readonly Tilt[]>()

/** The same tilts for the same lean, every time. */
export function tiltsOf(lean: Lean): readonly Tilt[] {
  requireRange('lean', lean.meanDeg, '°', { min: 0, max: FLATTEST_DEG })
  requireRange('comb', lean.combDeg, '°', { min: -FLATTEST_DEG, max: FLATTEST_DEG })
  const key = `${lean.meanDeg}|${lean.combDeg}`
  const before = known.get(key)
  if (before) return before
  const random = seededRandom(7)
  const tilts = Array.from({ length: SAMPLES }, () => tiltOf(lean, random))
  known.set(key, tilts)
  return tilts
}

const meanOf = (tilts: readonly Tilt[], of: (tilt: Tilt) => number): number =>
  tilts.reduce((sum, tilt) => sum + of(tilt), 0) / tilts.length

/** Mean share of a fibre's length that stands: the mean of cos(lean). */
export const meanUp = (lean: Lean): number => meanOf(tiltsOf(lean), ({ up }) => up)

/** Mean share of a fibre's length that lies level, seen from above: the mean of sin(lean). */
export const meanLevel = (lean: Lean): number => meanOf(tiltsOf(lean), ({ up }) => Math.sqrt(1 - up * up))
