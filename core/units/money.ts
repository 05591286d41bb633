import { none, ok, readNumber, type Reading } from './reading'

/** Money is a whole number of hundredths of the workshop's currency; a sum never loses a cent to rounding. */
export type Minor = number

const MAX_MINOR = 1e9

/** Reads a price: "12.50", "12,5", "£3", "3 €". Signs of currency are passed over: a workshop keeps one currency. */
export function parseMoney(text: string): Reading<Minor> {
  const typed = text.trim().replace(/^[^\d.,-]+|[^\d.,]+$/g, '')
  const value = readNumber(typed)
  if (value === undefined || text.includes('-') || text.includes('−'))
    return none(`“${text.trim()}” is not a price. Allowed: 12.50.`)
  const minor = Math.round(value * 100)
  if (minor > MAX_MINOR) return none(`“${text.trim()}” is more than ${formatMoney(MAX_MINOR, '')}.`)
  return ok(minor)
}

/** A price for reading: two decimals, the sign in front when it is a sign, behind when it is a word. */
export function formatMoney(minor: Minor, currency: string): string {
  const text = (minor / 100).toFixed(2)
  if (currency === '') return text
  return currency.length === 1 ? `${currency}${text}` : `${text} ${currency}`
}
