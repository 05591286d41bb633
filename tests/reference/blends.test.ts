import highsLoader from 'highs'
import { fromHex, mixLinear, toLab, usualSealing, type Linear } from '../../core/colour'
import { aimAt, meshes, mixtureOf, nearestMix, type Aim, type Grain } from '../../core/blends'
import { seededRandom } from '../../core/units'
import { flocks, foam, grain, leafColour, nearestByTrying } from '../support/grains'

const PARTS = 8
const MATERIALS = 4
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
      expect([i, off, partsWithin(highs, grains, aim, off * 0.95)]).toEqual([i, off, 'none'])
      if (i % 5 === 0) expect(partsWithin(highs, grains, aim, off * 1.05)).not.toBe('none')
    }
    expect(checked).toBeGreaterThan(45)
  })
})

interface Highs {
  readonly solve: (program: string) => {
    readonly Status: string
    readonly Columns: Record<string, { readonly Primal: number }>
  }
}

/**
 * Looks for whole parts within a difference by integer programs: the parts' areas beyond a plane must not add up above
 * 0. Planes touch what is as near, found along 900 rays; where an answer lies beyond it all the same, the plane that
 * parts it is added, and it is asked again.
 */
function partsWithin(
  highs: Highs,
  grains: readonly Grain[],
  aim: Aim,
  difference: number,
): 'none' | readonly number[] {
  const centre = centreOf(aim)
  const minus = (light: Linear): Linear => light.map((own, i) => own - (centre[i] ?? 0)) as unknown as Linear
  const slope = (light: Linear): Linear =>
    [0, 1, 2].map((axis) => {
      const beside = (by: number): Linear =>
        light.map((own, i) => own + (i === axis ? by : 0)) as unknown as Linear
      return (aim.off(beside(1e-5)) - aim.off(beside(-1e-5))) / 2e-5
    }) as unknown as Linear
  // Steps along each axis that look alike, so that rays are spread evenly.
  const stretch = [0, 1, 2].map(
    (axis) => aim.off(centre.map((own, i) => own + (i === axis ? 1e-3 : 0)) as unknown as Linear) / 1e-3,
  )
  const rimAlong = (ray: Linear): Linear => {
    const at = (length: number): Linear =>
      centre.map((own, i) => own + length * (ray[i] ?? 0)) as unknown as Linear
    let [inside, outside] = [0, 0.001]
    while (aim.off(at(outside)) < difference) outside *= 2
    for (let i = 0; i < 24; i += 1) {
      const middle = (inside + outside) / 2
      if (aim.off(at(middle)) < difference) inside = middle
      else outside = middle
    }
    return at(outside)
  }
  const rim = Array.from({ length: 900 }, (_, i) => {
    const z = 1 - (2 * i + 1) / 900
    const turn = i * 2.399963
    const round = Math.sqrt(1 - z * z)
    return rimAlong(
      [round * Math.cos(turn), round * Math.sin(turn), z].map(
        (own, k) => own / (stretch[k] ?? 1),
      ) as unknown as Linear,
    )
  })
  const along = (light: Linear, normal: Linear): number =>
    minus(light).reduce((sum, own, i) => sum + own * (normal[i] ?? 0), 0)
  const rowOf = (normal: Linear): number[] => {
    const reach = Math.max(...rim.map((light) => along(light, normal)))
    return grains.map(({ colour, areaPerMl }) => (areaPerMl * (along(colour, normal) - reach)) / 1000)
  }
  const planes = rim.filter((_, i) => i % 30 === 0).map((light) => rowOf(slope(light)))
  for (let round = 0; round < 60; round += 1) {
    const answer = highs.solve(program(grains.length, planes))
    if (answer.Status === 'Infeasible') return 'none'
    expect(answer.Status).toBe('Optimal')
    const parts = grains.map((_, i) => Math.round(answer.Columns[`p${i}`]?.Primal ?? 0))
    const light = mixLinear(grains.map(({ colour, areaPerMl }, i) => [colour, areaPerMl * (parts[i] ?? 0)]))
    if (aim.off(light) <= difference * 1.002) return parts
    planes.push(rowOf(slope(rimAlong(minus(light)))))
  }
  throw new Error('the planes do not close in')
}

/** Least parts in all that keep every plane, the materials and the parts that are allowed. */
function program(count: number, planes: readonly (readonly number[])[]): string {
  const names = Array.from({ length: count }, (_, i) => i)
  const total = names.map((i) => `p${i}`).join(' + ')
  const row = (plane: readonly number[]): string => {
    const most = Math.max(...plane.map(Math.abs))
    return `${plane.map((value, i) => `${value < 0 ? '-' : '+'} ${(Math.abs(value) / most).toFixed(9)} p${i}`).join(' ')} <= 0`
  }
  return [
    'Minimize',
    ` ${total}`,
    'Subject To',
    ...planes.map(row),
    `${total} >= 1`,
    `${total} <= ${PARTS}`,
    `${names.map((i) => `u${i}`).join(' + ')} <= ${MATERIALS}`,
    ...names.map((i) => `p${i} - ${PARTS} u${i} <= 0`),
    'Bounds',
    ...names.map((i) => `p${i} <= ${PARTS}`),
    'General',
    names.map((i) => `p${i}`).join(' '),
    'Binary',
    names.map((i) => `u${i}`).join(' '),
    'End',
  ].join('\n')
}

/** The light at which an aim is met, by walking downhill. */
function centreOf(aim: Aim): Linear {
  let at: [number, number, number] = [0.2, 0.2, 0.2]
  let step = 0.1
  while (step > 1e-7) {
    const tries = [0, 1, 2].flatMap((axis) =>
      [-step, step].map((by) => at.map((own, i) => own + (i === axis ? by : 0)) as [number, number, number]),
    )
    const better = tries.find((light) => aim.off(light) < aim.off(at))
    if (better) at = better
    else step /= 2
  }
  return at
}

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
