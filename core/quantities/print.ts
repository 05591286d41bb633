import { plainNumber } from '../units/reading'
import { isLeaf, type Expression, type Leaf, type Law, type ExpressionNode } from './expression'

/** A number as a person would write it beside a formula: small ones to four decimals, large ones to one. */
export function numberWords(value: number): string {
  const size = Math.abs(value)
  if (size !== 0 && size < 0.0005) return value.toExponential(1).replace('e-', ' · 10^−')
  return plainNumber(value, size < 0.1 ? 4 : size < 10 ? 2 : 1)
}

/** With its unit; money, which is kept in hundredths, in whole units. */
export const amountOf = ({ value, unit }: Pick<Leaf, 'value' | 'unit'>): string =>
  unit === ''
    ? numberWords(value)
    : unit === 'hundredths'
      ? plainNumber(value / 100, 2)
      : `${numberWords(value)} ${unit}`

/** What tells two leaves apart: a coefficient is one wherever it stands. */
export const keyOf = ({ coefficient, is, name, value, unit }: Leaf): string =>
  coefficient ?? `${is}|${name}|${value}|${unit}`

/** Every leaf, each once, in the order in which it stands in the formula; plain numbers are left out. */
export function leavesOf(of: Expression): Leaf[] {
  const found = new Map<string, Leaf>()
  const walk = (one: Expression): void => {
    if (!isLeaf(one)) one.of.forEach(walk)
    else if (one.name !== '' && !found.has(keyOf(one))) found.set(keyOf(one), one)
  }
  walk(of)
  return [...found.values()]
}

/** The laws that stand in it, each once. */
export function lawsOf(of: Expression): Law[] {
  const found = new Map<string, Law>()
  const walk = (one: Expression): void => {
    if (isLeaf(one)) return
    if (one.law) found.set(one.law.name, one.law)
    one.of.forEach(walk)
  }
  walk(of)
  return [...found.values()]
}

/** How tightly what is printed holds together: a part that holds less than its place wants gets brackets. */
const holds = { sum: 1, product: 2, power: 3, whole: 4 } as const
interface Text {
  readonly text: string
  readonly holds: number
}

interface Signs {
  readonly times: string
  readonly over: string
  readonly minus: string
  readonly leaf: (leaf: Leaf) => string
  /** Whether factors that only turn one unit into another are left out: who reads knows them. */
  readonly plain: boolean
  readonly call: (name: Call, of: readonly string[]) => Text
}
type Call = 'least' | 'most' | 'logarithm' | 'exponential' | 'round up' | 'round down' | 'round'

const whole = (text: string): Text => ({ text, holds: holds.whole })

const isNumber = (of: Expression): boolean => isLeaf(of) && of.is === 'constant' && of.name === ''
const isConversion = (of: Expression): boolean => isNumber(of) && of.unit !== ''

function printed(of: Expression, signs: Signs): Text {
  if (isLeaf(of)) return whole(signs.leaf(of))
  if (signs.plain) {
    const [over, under] = of.of
    if (of.op === 'quotient' && over && under && isConversion(under)) return printed(over, signs)
    // 2/3 is a number, not a sum to be worked out.
    if (of.op === 'quotient' && over && under && isNumber(over) && isNumber(under))
      return whole(`${signs.leaf(over as Leaf)}/${signs.leaf(under as Leaf)}`)
  }
  const texts = of.of.map((one) => printed(one, signs))
  const [first = whole(''), second = whole('')] = texts
  const at = ({ text, holds: own }: Text, least: number): string => (own < least ? `(${text})` : text)
  switch (of.op) {
    case 'law':
      return first
    case 'sum':
      return texts.length === 1
        ? first
        : { text: texts.map(({ text }) => text).join(' + '), holds: holds.sum }
    case 'product':
      return texts.length === 1
        ? first
        : {
            text: texts.map((text) => at(text, holds.product)).join(` ${signs.times} `),
            holds: holds.product,
          }
    case 'difference':
      return { text: `${first.text} ${signs.minus} ${at(second, holds.product)}`, holds: holds.sum }
    case 'quotient':
      return {
        text: `${at(first, holds.product)} ${signs.over} ${at(second, holds.power)}`,
        holds: holds.product,
      }
    case 'power':
      return { text: `${at(first, holds.whole)}^${at(second, holds.whole)}`, holds: holds.power }
    default:
      return signs.call(
        of.op,
        texts.map(({ text }) => text),
      )
  }
}

const spoken: Record<Call, (of: readonly string[]) => Text> = {
  least: (of) => whole(`(the least of ${of.join('; ')})`),
  most: (of) => whole(`(the most of ${of.join('; ')})`),
  logarithm: ([of]) => whole(`ln(${of})`),
  exponential: ([of]) => whole(`e^(${of})`),
  'round up': ([of]) => ({ text: `${of}, rounded up`, holds: 0 }),
  'round down': ([of]) => ({ text: `${of}, rounded down`, holds: 0 }),
  round: ([of]) => ({ text: `${of}, rounded`, holds: 0 }),
}
const called: Record<Call, (of: readonly string[]) => Text> = {
  least: (of) => whole(`min(${of.join(', ')})`),
  most: (of) => whole(`max(${of.join(', ')})`),
  logarithm: ([of]) => whole(`log(${of})`),
  exponential: ([of]) => whole(`exp(${of})`),
  'round up': ([of]) => whole(`ceil(${of} - 1e-9)`),
  'round down': ([of]) => whole(`floor(${of} + 1e-9)`),
  round: ([of]) => whole(`round(${of})`),
}

/** The part of a name that names it: "sticks" of "sticks, of what is thrown". */
const short = (name: string): string => name.split(/[,(]/)[0]?.trim() ?? name

/** A name for each leaf: the short one, and the whole one where two would be called alike. */
function namesOf(leaves: readonly Leaf[]): ReadonlyMap<string, string> {
  const times = new Map<string, number>()
  for (const { name } of leaves) times.set(short(name), (times.get(short(name)) ?? 0) + 1)
  return new Map(
    leaves.map((leaf) => [keyOf(leaf), times.get(short(leaf.name)) === 1 ? short(leaf.name) : leaf.name]),
  )
}

const inWords = (of: Expression, leaf: Signs['leaf']): string =>
  printed(of, {
    times: '×',
    over: '÷',
    minus: '−',
    plain: true,
    leaf,
    call: (name, parts) => spoken[name](parts),
  }).text

/** So many terms are read one by one; more are called the sum of what stands below. */
const TERMS = 6

/** The formula in words: "crown from the side × coat". */
export function formulaOf(of: Expression): string {
  if (of.op === 'sum' && of.of.length > TERMS && of.of.every(isLeaf)) return 'the sum of all of these'
  const names = namesOf(leavesOf(of))
  return inWords(of, (leaf) => (leaf.name === '' ? amountOf(leaf) : (names.get(keyOf(leaf)) ?? leaf.name)))
}

/** The formula with the numbers in it: "45.2 cm² × 0.03 ml/cm²". Factors between units are left out. */
export const numbersOf = (of: Expression): string => inWords(of, amountOf)

/** The formula as a machine reads it, and what its letters stand for: "a * b". */
export function formulaWithKey(of: Expression): { formula: string; key: Record<string, number> } {
  const letters = new Map(leavesOf(of).map((leaf, i) => [keyOf(leaf), `x${i + 1}`]))
  const key: Record<string, number> = {}
  const { text } = printed(of, {
    times: '*',
    over: '/',
    minus: '-',
    plain: false,
    leaf(leaf) {
      const letter = letters.get(keyOf(leaf))
      if (letter === undefined) return leaf.value < 0 ? `(${leaf.value})` : String(leaf.value)
      key[letter] = leaf.value
      return letter
    },
    call: (name, parts) => called[name](parts),
  })
  return { formula: text, key }
}

/** Whether a rounding or a limit stands in it: small changes then say little. */
export function hasSteps(of: Expression): boolean {
  if (isLeaf(of)) return false
  const { op }: ExpressionNode = of
  return (
    op === 'round' ||
    op === 'round up' ||
    op === 'round down' ||
    op === 'least' ||
    op === 'most' ||
    of.of.some(hasSteps)
  )
}
