import { seededRandom } from '../units'
import { tiltOf, type Lean } from './lean'
import { widthMmOf, type Reach, type StandingFibre } from './stand'

/** Fibres as they stand on a strip, in flat arrays of mm: feet, tips, width; and which fibre each is. */
export interface FibreField {
  readonly count: number
  /** For each: foot to the right, foot to the back, tip to the right, tip to the back, tip up, width, foot up. */
  readonly at: Float32Array
  readonly kind: Uint8Array
}

/** Numbers that each fibre takes in `at`. */
export const FIELD_STRIDE = 7
/** Fibres that a picture shows at most: a thicker stand is thinned evenly. */
const MOST = 60_000

/**
 * Sets the fibres of a stand on a strip, each with a length of its own about the cut one's, a place and a lean.
 * Mid-patch and tips lie in blotches, as a brush leaves them.
 * @param widthMm, depthMm of the strip
 */
export function fibreField(
  fibres: readonly StandingFibre[],
  of: {
    readonly widthMm: number
    readonly depthMm: number
    readonly reach: Reach
    readonly lean: Lean
    readonly seed: number
  },
): FibreField {
  const { widthMm, depthMm, reach, lean } = of
  const random = seededRandom(of.seed)
  const areaCm2 = (widthMm * depthMm) / 100
  const all = fibres.reduce((sum, { perCm2 }) => sum + perCm2 * areaCm2, 0)
  const thinned = Math.min(1, MOST / Math.max(1, all))
  const counts = fibres.map(({ perCm2 }) => Math.round(perCm2 * areaCm2 * thinned))
  const count = counts.reduce((sum, one) => sum + one, 0)
  const at = new Float32Array(count * FIELD_STRIDE)
  const kind = new Uint8Array(count)
  const inReach = blotches(widthMm, depthMm, random)
  let next = 0
  fibres.forEach((fibre, k) => {
    const share = reach[fibre.glue]
    for (let i = 0; i < (counts[k] ?? 0); i += 1) {
      const [x, y] = inReach(share)
      const tilt = tiltOf(lean, random)
      // Cut fibre varies little; from memory.
      const length = fibre.lengthMm * (0.94 + 0.12 * random())
      const o = next * FIELD_STRIDE
      at[o] = x
      at[o + 1] = y
      at[o + 2] = x + tilt.right * length
      at[o + 3] = y + tilt.back * length
      at[o + 4] = (fibre.footMm ?? 0) + tilt.up * length
      at[o + 5] = widthMmOf(fibre)
      at[o + 6] = fibre.footMm ?? 0
      kind[next] = k
      next += 1
    }
  })
  return { count, at, kind }
}

/** Blotches of a few waves: the share of the strip where they are highest. */
function blotches(
  widthMm: number,
  depthMm: number,
  random: () => number,
): (share: number) => [number, number] {
  const waves = Array.from({ length: 5 }, () => ({
    kx: (0.08 + random() * 0.22) * (random() < 0.5 ? -1 : 1),
    ky: 0.08 + random() * 0.22,
    turn: random() * 7,
  }))
  const height = (x: number, y: number): number =>
    waves.reduce((sum, { kx, ky, turn }) => sum + Math.sin(kx * x + ky * y + turn), 0)
  const samples = Array.from({ length: 400 }, () => height(random() * widthMm, random() * depthMm)).sort(
    (a, b) => b - a,
  )
  return (share) => {
    const least = share >= 1 ? -Infinity : (samples[Math.floor(share * samples.length)] ?? -Infinity)
    for (let tries = 0; tries < 60; tries += 1) {
      const x = random() * widthMm
      const y = random() * depthMm
      if (height(x, y) >= least) return [x, y]
    }
    return [random() * widthMm, random() * depthMm]
  }
}
