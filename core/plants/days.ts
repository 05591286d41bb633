const MS_PER_DAY = 86_400_000

/** Days in the year that phenology turns in; a leap day shares the look of its neighbour. */
export const YEAR_DAYS = 365

/** Day of the year, 1 to 366, of a date such as "2026-10-04". @throws RangeError for anything else */
export function dayOfYear(date: string): number {
  const ms = Date.parse(`${date}T00:00:00Z`)
  if (!/^\d{4}-\d{2}-\d{2}$/.test(date) || Number.isNaN(ms))
    throw new RangeError(`date is ${date}; it must be YYYY-MM-DD`)
  return Math.round((ms - Date.UTC(Number(date.slice(0, 4)), 0, 1)) / MS_PER_DAY) + 1
}

/** The same year's date of a day of the year, 1 to 366, as YYYY-MM-DD. */
export function dateOfDay(year: number, day: number): string {
  return new Date(Date.UTC(year, 0, 1) + (day - 1) * MS_PER_DAY).toISOString().slice(0, 10)
}

/** Day of a common year, 1 to 365, of "MM-DD". @throws RangeError for a day that no common year has */
export function dayOfMonthDay(monthDay: string): number {
  const [month = 0, day = 0] = monthDay.split('-').map(Number)
  const date = new Date(Date.UTC(2025, month - 1, day))
  if (date.getUTCMonth() !== month - 1 || date.getUTCDate() !== day)
    throw new RangeError(`day is ${monthDay}; it must be MM-DD of a common year`)
  return dayOfYear(date.toISOString().slice(0, 10))
}

/** Days from one day of the year to the next time another comes, 0 up to a year. */
export const daysFrom = (from: number, to: number): number =>
  (((to - from) % YEAR_DAYS) + YEAR_DAYS) % YEAR_DAYS

/** Whether "MM-DD" is a day that every year has. */
export function isDayOfYear(monthDay: string): boolean {
  const [month = 0, day = 0] = monthDay.split('-').map(Number)
  const date = new Date(Date.UTC(2025, month - 1, day))
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day
}
