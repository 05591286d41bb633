import highsLoader from 'highs'
import { fromHex, mixLinear, toLab, usualSealing } from '../../core/colour'
import { aimAt, meshes, mixtureOf, nearestMix } from '../../core/blends'
import { seededRandom } from '../../core/units'
import { partsWithin, type Highs } from '../support/mix-program'
import { flocks, foam, grain, leafColour, nearestByTrying } from '../support/grains'

const PARTS = 8
const MATERIALS = 4
const MOST = { parts: PARTS, materials: MATERIALS }
const CONVEX = 7

describe('100 seeded mixes of 6 to 8 flocks, to 8 parts of 4', () => {
  const random = seededRandom(2026)
  const instances = Array.from({ length: 100 }, (_, i) => {
    const grains = flocks(6 + (i % 3), random)
    return { grains, aim: aimAt(toLab(leafColour(random)), usualSealing) }
  })
  const best = instances.map(({ grains, aim }) => {
    const found = nearestMix({
      grains,
      aim,
      texture: 'any',
      mostParts: PARTS,
      mostMaterials: MATERIALS,
      enough: 0,
    })
    return found.kind === 'found' && found.proven ? found.off : NaN
  })

  test('each is the optimum of trying them all', () => {
    instances.forEach(({ grains, aim }, i) => {
      expect(best[i]).toBeCloseTo(
        nearestByTrying(grains, ({ dry }) => aim.off(dry), PARTS, MATERIALS),
        6,
      )
    })
  })

  test('a mixed-integer solver (HiGHS) finds none that is nearer by a twentieth, within planes of its own', async () => {
    const highs = (await highsLoader()) as unknown as Highs
    let checked = 0
    for (const [i, { grains, aim }] of instances.entries()) {
      const off = best[i] ?? NaN
      // Beyond this what looks as near is no convex body any more, and planes around it prove less.
      if (off > CONVEX || off < 0.05) continue
      checked += 1
      expect([i, off, partsWithin(highs, grains, aim, off * 0.95, MOST)]).toEqual([i, off, 'none'])
      if (i % 5 === 0) expect(partsWithin(highs, grains, aim, off * 1.05, MOST)).not.toBe('none')
    }
    expect(checked).toBeGreaterThan(45)
  })
})

test('the visible-area law: spheres of two sizes dropped at random, seen from above (Monte Carlo)', () => {
  // Equal volume of 1 mm and 0.25 mm balls at random in a box, seen from above; the first hit shows its colour.
  const random = seededRandom(5)
  const side = 12
  const balls = (diameter: number, volume: number) =>
    Array.from({ length: Math.round(volume / ((Math.PI / 6) * diameter ** 3)) }, () => ({
      x: random() * side,
      y: random() * side,
      z: random(),
      r: diameter / 2,
    }))
  const volume = 10
  const all = [...balls(1, volume), ...balls(0.25, volume)]
  const cells = 480
  const top = new Float64Array(cells * cells).fill(-1)
  const owner = new Uint8Array(cells * cells)
  const pixel = side / cells
  for (const { x, y, z, r } of all)
    for (let row = Math.floor((y - r) / pixel); row <= (y + r) / pixel; row += 1)
      for (let column = Math.floor((x - r) / pixel); column <= (x + r) / pixel; column += 1) {
        const [dx, dy] = [(column + 0.5) * pixel - x, (row + 0.5) * pixel - y]
        if (dx * dx + dy * dy > r * r) continue
        const at = ((row + cells) % cells) * cells + ((column + cells) % cells)
        if (z <= (top[at] ?? -1)) continue
        top[at] = z
        owner[at] = r > 0.3 ? 1 : 2
      }
  const coarse = owner.filter((one) => one === 1).length
  const fine = owner.filter((one) => one === 2).length
  const { shown } = mixtureOf([
    { grain: grain(foam('coarse', 1, '#ffffff')), parts: 1 },
    { grain: grain(foam('fine', 0.25, '#000000')), parts: 1 },
  ])
  expect(Math.abs(coarse / (coarse + fine) - (shown[0] ?? 0))).toBeLessThan(0.02)
})

test('light adds up: half black and half white dots measure as 50 % of the light (IEC 61966-2-1)', () => {
  const [red] = mixLinear([
    [fromHex('#000000'), 1],
    [fromHex('#ffffff'), 1],
  ])
  expect(red).toBeCloseTo(0.5, 9)
})

test('sieves: openings by number as in ISO 3310-1 / ASTM E11', () => {
  const opening = (number: string) => meshes.find((mesh) => mesh.number === number)?.openingMm
  expect(['10', '18', '35', '60', '120'].map(opening)).toEqual([2, 1, 0.5, 0.25, 0.125])
  // Next finer sieves of the R 20/3 series are by the square root of two.
  meshes.slice(1).forEach(({ openingMm }, i) => {
    expect((meshes[i]?.openingMm ?? 0) / openingMm).toBeCloseTo(Math.SQRT2, 1)
  })
})
