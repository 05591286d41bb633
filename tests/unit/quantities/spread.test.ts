import {
  explain,
  fact,
  figure,
  formulaOf,
  logarithm,
  mattersMost,
  most,
  number,
  product,
  quotient,
  rest,
  roundedUp,
  slopesOf,
  spreadOf,
  sum,
  type Expression,
  type Leaf,
} from '../../../core/quantities'

const unsure = (name: string, value: number, spread: number, unit = ''): Leaf => ({
  ...fact(name, value, unit, 'memory'),
  is: 'coefficient',
  coefficient: `way/${name}`,
  spread,
})

describe('what a value does when a leaf is a hundredth more', () => {
  const a = unsure('a', 3, 0.2)
  const b = unsure('b', 0.4, 0.3)

  /** The same by another means: the whole is worked out again with the leaf a little more. */
  const byDifference = (build: (a: Leaf, b: Leaf) => Expression, which: 'a' | 'b'): number => {
    const step = 1e-6
    const more = (leaf: Leaf, own: 'a' | 'b'): Leaf =>
      own === which ? { ...leaf, value: leaf.value * (1 + step) } : leaf
    const less = (leaf: Leaf, own: 'a' | 'b'): Leaf =>
      own === which ? { ...leaf, value: leaf.value * (1 - step) } : leaf
    return (build(more(a, 'a'), more(b, 'b')).value - build(less(a, 'a'), less(b, 'b')).value) / (200 * step)
  }
  const all: [string, (a: Leaf, b: Leaf) => Expression][] = [
    ['a product', (x, y) => product(x, y, x)],
    ['a quotient of a rest', (x, y) => quotient(x, rest(y))],
    ['a logarithm', (x, y) => product(logarithm(y), x)],
    ['a sum', (x, y) => sum(x, y, product(x, number(2)))],
    ['the most of two', (x, y) => most(product(x, number(2)), y)],
  ]
  test.each(all)('%s: dual numbers and differences agree', (_, build) => {
    for (const { leaf, slope } of slopesOf(build(a, b)))
      expect(slope).toBeCloseTo(byDifference(build, leaf.name as 'a' | 'b'), 6)
  })

  test('a rounding passes on what is rounded', () => {
    expect(slopesOf(roundedUp(product(a, number(10))))).toEqual([{ leaf: a, slope: 0.3 }])
  })
})

describe('how far a value may be off', () => {
  test('of a product spreads add as squares: 20 % and 15 % are 25 %', () => {
    expect(spreadOf(product(unsure('a', 10, 0.2), unsure('b', 4, 0.15)))).toBeCloseTo(40 * 0.25, 9)
  })

  test('a leaf that stands twice is one doubt, not two', () => {
    const a = unsure('a', 10, 0.1)
    expect(spreadOf(sum(a, a))).toBeCloseTo(2, 9)
    expect(spreadOf(sum(a, unsure('b', 10, 0.1)))).toBeCloseTo(Math.SQRT2, 9)
  })

  test('what is known leaves no doubt', () => {
    expect(spreadOf(product(fact('height', 90, 'mm'), number(2)))).toBe(0)
    expect(mattersMost(product(fact('height', 90, 'mm'), number(2)))).toBeUndefined()
  })

  test('with a rounding it is sampled, the same each time: a fine rounding changes little, a coarse one much', () => {
    const a = unsure('a', 400, 0.1)
    const fine = roundedUp(a)
    expect(spreadOf(fine) / 40).toBeGreaterThan(0.95)
    expect(spreadOf(fine) / 40).toBeLessThan(1.05)
    expect(spreadOf(fine)).toBe(spreadOf(roundedUp(a)))
    // 0.4 of a pad is one pad, whatever a tenth more or less is.
    expect(spreadOf(roundedUp(unsure('b', 0.4, 0.1)))).toBe(0)
  })

  test('what matters most is told with its share of the doubt', () => {
    const sticks = unsure('sticks, of what is thrown', 0.4, 0.3)
    const told = explain(
      figure(product(fact('crown', 50, 'cm²'), unsure('coat', 0.03, 0.1, 'ml/cm²'), sticks), 'ml'),
    )
    expect(told.doubt?.by).toBe(sticks)
    expect(told.doubt?.byShare).toBeCloseTo(0.9, 9)
    expect(told.doubt?.share).toBeCloseTo(Math.sqrt(0.1), 9)
    expect(told.formula).toBe('crown × coat × sticks')
    expect(told.leaves).toHaveLength(3)
  })

  test('a figure that is a number of its own has no sum to show', () => {
    const told = explain(figure(fact('pieces started', 14, 'pieces', 'yours'), 'pieces'))
    expect(told.numbers).toBeUndefined()
    expect(told.doubt).toBeUndefined()
    expect(formulaOf(fact('pieces started', 14, 'pieces'))).toBe('pieces started')
  })
})
