import { awgMm, bundleMm, gaugeMm, packedRatio } from '../../core/armature'
import { seededRandom } from '../../core/units'

/** Smallest circles about equal circles: circle-packing literature; values from memory. */
test.each([
  [2, 2],
  [3, 2.155],
  [4, 2.414],
  [7, 3],
  [12, 4.029],
  [19, 4.864],
  [37, 6.759],
])('%d strands packed are %d times as thick as one', (strands, ratio) => {
  expect(packedRatio(strands)).toBeCloseTo(ratio, 2)
})

/**
 * The same by other means: discs in a ring that shrinks pushed apart until they no longer overlap. It never
 * finds a smaller ring than the best known, and comes within a few hundredths of it.
 */
function packedByForce(strands: number, seed: number): number {
  const random = seededRandom(seed)
  const at = Array.from(
    { length: strands },
    () => [3 * random() - 1.5, 3 * random() - 1.5] as [number, number],
  )
  let ring = Math.sqrt(strands) * 1.6
  let best = Infinity
  for (let round = 0; round < 260; round += 1) {
    let worst = Infinity
    for (let step = 0; step < 260 && worst > 1e-3; step += 1) {
      worst = 0
      for (let i = 0; i < strands; i += 1) {
        const a = at[i]!
        for (let j = 0; j < i; j += 1) {
          const b = at[j]!
          const [dx, dy] = [a[0] - b[0], a[1] - b[1]]
          const d = Math.hypot(dx, dy) || 1e-9
          if (d >= 2) continue
          worst = Math.max(worst, 2 - d)
          const push = (2 - d) / 2 / d
          a[0] += dx * push
          a[1] += dy * push
          b[0] -= dx * push
          b[1] -= dy * push
        }
        const out = Math.hypot(a[0], a[1])
        if (out > ring - 1) {
          worst = Math.max(worst, out - ring + 1)
          const k = (ring - 1) / out
          a[0] *= k
          a[1] *= k
        }
      }
    }
    if (worst > 1e-3) break
    best = ring
    ring *= 0.995
  }
  return best
}

test.each([3, 5, 8, 12, 16, 20, 24, 30])(
  '%d discs pushed together come near the table, and not below it',
  (strands) => {
    const found = Math.min(...[1, 2, 3, 4, 5, 6].map((seed) => packedByForce(strands, seed)))
    expect(found).toBeGreaterThan(packedRatio(strands) * 0.996)
    expect(found).toBeLessThan(packedRatio(strands) * 1.06)
  },
)

test('more strands are never thinner, and a bundle never holds more wire than its circle', () => {
  for (let strands = 2; strands <= 400; strands += 1) {
    expect(packedRatio(strands)).toBeGreaterThanOrEqual(packedRatio(strands - 1) * 0.998)
    expect(strands / packedRatio(strands) ** 2).toBeLessThan(Math.PI / Math.sqrt(12))
  }
  // 19 strands of 0.5 mm, twisted by hand.
  expect(bundleMm(19, 0.5, 1)).toBeCloseTo(2.432, 2)
  expect(() => bundleMm(0, 0.5)).toThrow(RangeError)
  expect(() => bundleMm(3, 0)).toThrow('wire is 0 mm')
})

/** ASTM B258: 36 is 0.127 mm and 0000 is 11.684; 24 is 0.511. BS 3737: 22, 26, 30. */
test('gauges are those of the standards', () => {
  expect(awgMm(36)).toBeCloseTo(0.127, 6)
  expect(awgMm(-3)).toBeCloseTo(11.684, 3)
  expect(awgMm(24)).toBeCloseTo(0.511, 3)
  expect(awgMm(18)).toBeCloseTo(1.024, 3)
  expect([22, 26, 30].map((gauge) => gaugeMm('SWG', gauge))).toEqual([0.711, 0.457, 0.315])
  // Six gauges of the American series halve the diameter, all but half a percent.
  expect(awgMm(20) / awgMm(26)).toBeCloseTo(2, 1)
})
