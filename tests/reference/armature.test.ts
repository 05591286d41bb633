import highsLoader from 'highs'
import { cutRods, nesting, packedRatio, shareSprigs, misfitOf, type Rod } from '../../core/armature'
import { runsBetween, stripPlan } from '../../core/hedges'
import { seededRandom } from '../../core/units'

/** HiGHS, an exact solver for linear and mixed-integer programs. */
const solver = highsLoader()
type Status = { readonly Status: string; readonly ObjectiveValue: number }
const solve = async (program: string): Promise<number> => {
  const answer = (await solver).solve(program) as Status
  expect(answer.Status).toBe('Optimal')
  return answer.ObjectiveValue
}

test('bundles: best-known packings of equal circles (circle-packing literature)', () => {
  for (const [strands, ratio] of [
    [2, 2],
    [3, 2.155],
    [4, 2.414],
    [7, 3],
    [12, 4.029],
    [19, 4.864],
    [37, 6.759],
  ] as const)
    expect(packedRatio(strands)).toBeCloseTo(ratio, 2)
})

describe('dowels against an exact solver', () => {
  /** Bin packing as a mixed-integer program: rod r begun, piece p in rod r; rods of one kind in order. */
  const program = (pieces: readonly number[], rod: number, kerf: number, rods: number): string => {
    const cells = (p: number) => Array.from({ length: rods }, (_, r) => `x${p}_${r}`).join(' + ')
    const fill = (r: number) => pieces.map((mm, p) => `${mm + kerf} x${p}_${r}`).join(' + ')
    return `Minimize
 obj: ${Array.from({ length: rods }, (_, r) => `${rod} y${r}`).join(' + ')}
Subject To
${pieces.map((_, p) => ` c${p}: ${cells(p)} = 1`).join('\n')}
${Array.from({ length: rods }, (_, r) => ` f${r}: ${fill(r)} - ${rod + kerf} y${r} <= 0`).join('\n')}
${Array.from({ length: rods - 1 }, (_, r) => ` o${r}: y${r} - y${r + 1} >= 0`).join('\n')}
Binary
 ${[...pieces.flatMap((_, p) => Array.from({ length: rods }, (_r, r) => `x${p}_${r}`)), ...Array.from({ length: rods }, (_, r) => `y${r}`)].join(' ')}
End`
  }

  test('as little rod is begun on 100 seeded batches', async () => {
    for (let seed = 1; seed <= 100; seed += 1) {
      const random = seededRandom(seed)
      const count = 4 + Math.floor(7 * random())
      const pieces = Array.from({ length: count }, () => Math.round(110 + 330 * random()))
      const kerf = 1 + Math.round(random())
      const plan = cutRods(pieces, [{ lengthMm: 914 }], kerf)
      expect(plan.boundMm).toBe(plan.totalMm)
      const exact = await solve(program(pieces, 914, kerf, Math.max(2, plan.rods.length)))
      expect(plan.totalMm).toBeCloseTo(exact, 6)
    }
  }, 60_000)

  test('strips of a hedge take as few rows of their sheet, on 40 seeded hedges with gates', async () => {
    for (let seed = 1; seed <= 40; seed += 1) {
      const random = seededRandom(seed)
      const lengthMm = Math.round(250 + 500 * random())
      const gaps = [{ atMm: Math.round(lengthMm * random()), widthMm: Math.round(20 + 40 * random()) }]
      const plan = stripPlan({
        runs: runsBetween(lengthMm, gaps),
        stripMm: 22,
        sheetWidthMm: 300,
        sheetHeightMm: 200,
        layers: 2,
        kerfMm: 2,
      })
      const exact = await solve(program(plan.strips, 300, 2, Math.max(2, plan.cut.rods.length)))
      expect(plan.cut.rods.length * 300).toBeCloseTo(exact, 6)
    }
  }, 60_000)

  test('rods of several lengths, few of each: nothing is cut that does not fit, and what can be is', () => {
    const rods: Rod[] = [
      { lengthMm: 500, count: 2 },
      { lengthMm: 914, count: 1 },
    ]
    const plan = cutRods([450, 450, 450, 450], rods, 2)
    // Two of 450 and a cut fit 914; one each the rods of 500.
    expect(plan.uncut).toEqual([])
    expect(plan.totalMm).toBe(1914)
    const short = cutRods([450, 450, 450, 450, 450, 1000], rods, 2)
    expect(short.uncut).toHaveLength(2)
    expect(short.uncut).toContain(5)
    for (const { rod, pieces, offcutMm } of short.rods) {
      const used = pieces.length * 450 + (pieces.length - 1) * 2
      expect(used).toBeLessThanOrEqual(rods[rod]!.lengthMm)
      expect(offcutMm).toBeLessThanOrEqual(rods[rod]!.lengthMm - used)
    }
    expect(() => cutRods([0], rods, 1)).toThrow('piece is 0 mm')
    expect(cutRods([], rods, 1)).toMatchObject({ rods: [], uncut: [], totalMm: 0 })
  })
})

describe('sprigs against a linear-programming optimum', () => {
  const UNMET = 10
  /** The assignment as a linear program: its optimum is whole by itself (Birkhoff, von Neumann). */
  const program = (costs: readonly (readonly number[])[]): string => {
    const cells: [number, number, number][] = costs.flatMap((row, i) =>
      row.flatMap((cost, j): [number, number, number][] => (cost < Infinity ? [[i, j, cost]] : [])),
    )
    const sum = (own: readonly [number, number, number][]) => own.map(([i, j]) => `x${i}_${j}`).join(' + ')
    const columns = costs[0]!.length
    const rows = costs.map((_, i) => cells.filter(([at]) => at === i))
    const byColumn = Array.from({ length: columns }, (_, j) => cells.filter(([, at]) => at === j))
    return `Minimize
 obj: ${[...cells.map(([i, j, cost]) => `${cost.toFixed(9)} x${i}_${j}`), ...rows.map((_, i) => `${UNMET} u${i}`)].join(' + ')}
Subject To
${rows.map((own, i) => ` r${i}: ${own.length > 0 ? `${sum(own)} + ` : ''}u${i} = 1`).join('\n')}
${byColumn.flatMap((own, j) => (own.length > 0 ? [` c${j}: ${sum(own)} <= 1`] : [])).join('\n')}
End`
  }

  test('as many trees, at as little misfit, on 100 seeded boxes', async () => {
    for (let seed = 1; seed <= 100; seed += 1) {
      const random = seededRandom(seed)
      const lengths = Array.from({ length: 6 + Math.floor(14 * random()) }, () => 30 + 140 * random())
      const heights = Array.from({ length: 4 + Math.floor(12 * random()) }, () => 35 + 130 * random())
      const shared = shareSprigs(
        lengths,
        heights.map((heightMm) => ({ heightMm, sprigs: 1 })),
      )
      const own = shared.misfit + UNMET * shared.unmet.length
      const exact = await solve(program(heights.map((height) => lengths.map((mm) => misfitOf(mm, height)))))
      expect(own).toBeCloseTo(exact, 5)
    }
  }, 60_000)
})

test('equal discs in a square reach 97 % of the best-known radius (packing literature, from memory)', () => {
  for (const [count, best] of [
    [10, 0.148204],
    [20, 0.111382],
    [30, 0.091671],
  ] as const) {
    const side = 300
    const work = nesting({
      radiiMm: new Array<number>(count).fill(0.97 * best * side),
      sheets: [{ widthMm: side, heightMm: side }],
      gapMm: 0,
      seed: count,
      tries: 600,
    })
    let next = work.next()
    while (!next.done && next.value.left.length > 0) next = work.next()
    expect(next.value.left).toEqual([])
  }
})
