import { formatMoney, none, ok, parseMoney, plainNumber, readNumber, type Reading } from '../units'

/** Readers of fields that several tables have. */

export const textField =
  (most: number) =>
  (text: string): Reading<string> =>
    text.length <= most ? ok(text) : none(`read ${text.length} characters; allowed are ${most}.`)

/** One of some words, in any letter case. */
export const wordField =
  <W extends string>(words: readonly W[]) =>
  (text: string): Reading<W> => {
    const found = words.find((word) => word === text.toLowerCase())
    return found === undefined
      ? none(`read “${text.slice(0, 40)}”; allowed is ${words.join(', ')}.`)
      : ok(found)
  }

/** A number within bounds; decimals with a point or a comma. */
export const numberField =
  (least: number, most: number, whole = false) =>
  (text: string): Reading<number> => {
    const minus = /^[-−]\s*/.exec(text)?.[0] ?? ''
    const read = readNumber(text.slice(minus.length))
    const value = read !== undefined && minus !== '' ? -read : read
    if (value === undefined || value < least || value > most || (whole && !Number.isInteger(value)))
      return none(
        `read “${text.slice(0, 40)}”; allowed is a ${whole ? 'whole ' : ''}number from ${least} to ${most}.`,
      )
    return ok(value)
  }

export const moneyField = (text: string): Reading<number> => parseMoney(text)

/** A day as the calendar has it, written YYYY-MM-DD. */
export function dayField(text: string): Reading<string> {
  const ms = Date.parse(`${text}T00:00:00.000Z`)
  const real =
    /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(ms) && new Date(ms).toISOString().startsWith(text)
  return real ? ok(text) : none(`read “${text.slice(0, 40)}”; allowed is a day such as 2026-10-04.`)
}

export const writeNumber = (value: number | undefined): string =>
  value === undefined ? '' : plainNumber(value, 6)
export const writeMoney = (minor: number | undefined): string =>
  minor === undefined ? '' : formatMoney(minor, '')
