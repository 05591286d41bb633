import fc from 'fast-check'
import { assign, lengthsOfTally, misfitOf, shareSprigs, sizeClasses } from '../../../core/armature'

describe('the assignment', () => {
  test('is the least of all, tried one by one', () => {
    const least = (
      costs: readonly (readonly number[])[],
      row: number,
      taken: ReadonlySet<number>,
    ): number => {
      if (row === costs.length) return 0
      let best = Infinity
      costs[row]!.forEach((cost, column) => {
        if (!taken.has(column))
          best = Math.min(best, cost + least(costs, row + 1, new Set([...taken, column])))
      })
      return best
    }
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }).chain((rows) =>
          fc.array(fc.array(fc.integer({ min: 0, max: 50 }), { minLength: 6, maxLength: 6 }), {
            minLength: rows,
            maxLength: rows,
          }),
        ),
        (costs) => {
          const columns = assign(costs)
          expect(new Set(columns).size).toBe(costs.length)
          const sum = columns.reduce((all, column, row) => all + costs[row]![column]!, 0)
          expect(sum).toBe(least(costs, 0, new Set()))
        },
      ),
      { numRuns: 100 },
    )
  })
  test('nothing is shared out to nobody; more rows than columns are refused', () => {
    expect(assign([])).toEqual([])
    expect(() => assign([[1], [2]])).toThrow('rows is 2')
  })
})

describe('sprigs shared out', () => {
  test('a sprig of the height fits; a little short costs more than a little tall; far off it can’t be', () => {
    expect(misfitOf(100, 100)).toBe(0)
    expect(misfitOf(95, 100)).toBeGreaterThan(misfitOf(105, 100))
    expect(misfitOf(80, 100)).toBe(Infinity)
    expect(misfitOf(180, 100)).toBe(Infinity)
  })
  test('two lines that want one sprig: the one that it fits gets it, the other is told', () => {
    const { served, unmet, left } = shareSprigs(
      [100],
      [
        { heightMm: 70, sprigs: 1 },
        { heightMm: 98, sprigs: 1 },
      ],
    )
    expect(served).toEqual([{ wanted: 1, sprigs: [0] }])
    expect(unmet).toEqual([0])
    expect(left).toEqual([])
  })
  test('a wide tree gets all of its sprigs or none: no half trees', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 30, max: 170, noNaN: true }), { maxLength: 25 }),
        fc.array(
          fc.record({
            heightMm: fc.double({ min: 30, max: 170, noNaN: true }),
            sprigs: fc.integer({ min: 1, max: 3 }),
          }),
          { maxLength: 10 },
        ),
        (lengths, wanted) => {
          const { served, unmet, left } = shareSprigs(lengths, wanted)
          for (const { wanted: at, sprigs } of served) expect(sprigs).toHaveLength(wanted[at]!.sprigs)
          const taken = served.flatMap(({ sprigs }) => sprigs)
          expect(new Set(taken).size).toBe(taken.length)
          expect(taken.length + left.length).toBe(lengths.length)
          expect(served.length + unmet.length).toBe(wanted.length)
        },
      ),
      { numRuns: 60 },
    )
  })
  test('a second box adds trees while there are too few sprigs, and none when all are served', () => {
    const wanted = Array.from({ length: 20 }, (_, i) => ({ heightMm: 60 + 4 * i, sprigs: 1 }))
    const box = lengthsOfTally([0, 0, 2, 3, 4, 2, 1, 0, 0, 0])
    const one = shareSprigs(box, wanted).served.length
    const two = shareSprigs([...box, ...box], wanted).served.length
    expect(two).toBeGreaterThan(one)
    expect(shareSprigs([...box, ...box, ...box, ...box], wanted.slice(0, 5)).unmet).toEqual([])
  })
  test('a tally stands for lengths within its classes, from the shortest to the longest', () => {
    const lengths = lengthsOfTally(sizeClasses.map(() => 3))
    expect(lengths).toHaveLength(30)
    lengths.forEach((mm, i) => {
      const { fromMm, toMm } = sizeClasses[Math.floor(i / 3)]!
      expect(mm).toBeGreaterThan(fromMm)
      expect(mm).toBeLessThan(toMm)
    })
    expect(() => shareSprigs([0], [])).toThrow('sprig is 0 mm')
  })
})
