import {
  difference,
  discArea,
  exponential,
  fact,
  figure,
  formulaOf,
  formulaWithKey,
  law,
  leavesOf,
  least,
  logarithm,
  most,
  number,
  numbersOf,
  ONE,
  power,
  product,
  property,
  quotient,
  rest,
  rounded,
  roundedDown,
  roundedUp,
  sum,
} from '../../../core/quantities'

const crown = fact('crown from the side', 45.2, 'cm²')
const coat = fact('coat, from the can', 0.03, 'ml/cm²', 'memory')

describe('a quantity computes', () => {
  test('by arithmetic, worked by hand', () => {
    expect(product(crown, coat).value).toBeCloseTo(1.356, 9)
    expect(sum(fact('a', 1.5, 'g'), fact('b', 2.25, 'g')).value).toBe(3.75)
    expect(difference(fact('a', 1.5, 'g'), fact('b', 2.25, 'g')).value).toBe(-0.75)
    expect(quotient(fact('a', 9, 'g'), fact('b', 4, 'ml')).value).toBe(2.25)
    expect(power(fact('a', 3, 'cm'), 2).value).toBe(9)
    expect(power(number(2.25), 0.5).value).toBe(1.5)
    expect(least(number(3), number(2), number(7)).value).toBe(2)
    expect(most(number(3), number(2), number(7)).value).toBe(7)
    expect(logarithm(number(Math.E)).value).toBe(1)
    expect(exponential(number(0)).value).toBe(1)
    expect(rest(number(0.15)).value).toBeCloseTo(0.85, 12)
    // A dot of 5 mm: 0.19635 cm².
    expect(discArea(fact('dot', 0.5, 'cm')).value).toBeCloseTo(0.19635, 5)
  })

  test('roundings forgive what floating point adds', () => {
    expect(roundedUp(number(0.1 * 3 * 10)).value).toBe(3)
    expect(roundedUp(number(3.001)).value).toBe(4)
    expect(roundedDown(number(0.7 * 10 - 1e-12)).value).toBe(7)
    expect(rounded(number(2.5)).value).toBe(3)
  })

  test('it is plain data, which a worker can be handed', () => {
    const whole = law('a law', 'a book', product(crown, coat))
    expect(structuredClone(whole)).toEqual(whole)
  })
})

describe('units are checked when it is built', () => {
  test('products and quotients carry them; what is counted and shares have none', () => {
    expect(product(crown, coat).unit).toBe('cm³')
    expect(figure(product(crown, coat), 'ml').unit).toBe('ml')
    expect(figure(product(crown, coat, fact('pieces started', 6, 'pieces')), 'ml').value).toBeCloseTo(
      8.136,
      9,
    )
    expect(quotient(fact('mass', 2, 'g'), fact('volume', 4, 'ml')).unit).toBe('g/cm³')
    expect(product(fact('g', 2, 'g/mm²'), fact('h', 3, 'mm'), fact('w', 3, 'mm')).unit).toBe('g')
    expect(quotient(fact('a', 1, 'mm²'), fact('b', 1, 'mm²')).unit).toBe('')
  })

  test('what can’t be added, compared or taken a logarithm of is refused by name', () => {
    const grams = fact('foam', 3, 'g')
    const millilitres = fact('medium', 3, 'ml')
    expect(() => sum(grams, millilitres)).toThrow('“foam” in g and “medium” in cm³')
    expect(() => difference(ONE, grams)).toThrow(RangeError)
    expect(() => most(grams, millilitres)).toThrow(RangeError)
    expect(() => logarithm(grams)).toThrow('must have no unit')
    expect(() => power(grams, 0.5)).toThrow(RangeError)
    expect(() => figure(product(crown, coat), 'g')).toThrow('a figure in g is worked out in cm³')
    expect(() => sum(fact('a', 1, 'mm'), fact('b', 1, 'cm'))).toThrow(RangeError)
    expect(() => fact('a', 1, 'furlong') && sum(fact('a', 1, 'furlong'))).toThrow('unit is “furlong”')
    expect(() => sum()).toThrow('has no terms')
  })
})

describe('it explains itself', () => {
  test('in words by the short names of what it rests on, and with the numbers', () => {
    expect(formulaOf(product(crown, coat))).toBe('crown from the side × coat')
    expect(numbersOf(product(crown, coat))).toBe('45.2 cm² × 0.03 ml/cm²')
    expect(formulaOf(product(crown, rest(fact('lost', 0.2, ''))))).toBe('crown from the side × (1 − lost)')
    expect(formulaOf(roundedUp(quotient(crown, product(crown, coat))))).toBe(
      'crown from the side ÷ (crown from the side × coat), rounded up',
    )
    expect(formulaOf(difference(crown, sum(crown, crown)))).toBe(
      'crown from the side − (crown from the side + crown from the side)',
    )
  })

  test('two that would be called alike are called by their whole names', () => {
    const base = fact('sticks, of the base', 0.4, '')
    const top = fact('sticks, of the top', 0.3, '')
    expect(formulaOf(product(base, top))).toBe('sticks, of the base × sticks, of the top')
  })

  test('a long sum of its own rows is called that', () => {
    const steps = Array.from({ length: 9 }, (_, i) => fact(`step ${i + 1}`, i + 1, 'min'))
    expect(formulaOf(sum(...steps))).toBe('the sum of all of these')
    expect(sum(...steps).value).toBe(45)
  })

  test('each leaf once, in the order of the formula, plain numbers left out', () => {
    const grain = property('grain', 0.5, 'mm')
    expect(leavesOf(product(grain, number(2), grain, ONE)).map(({ name }) => name)).toEqual(['grain'])
  })

  test('to a machine in letters', () => {
    const { formula, key } = formulaWithKey(roundedUp(product(crown, rest(coatShare))))
    expect(formula).toBe('ceil(x1 * (1 - x2) - 1e-9)')
    expect(key).toEqual({ x1: 45.2, x2: 0.4 })
  })
})
const coatShare = fact('share', 0.4, '')
