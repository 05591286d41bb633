import { addDays, daysBetween } from '~~/core/units'

/** Where days stand on a width of 100, from one day to another. */
export function useDayScale(from: () => string, to: () => string) {
  const span = computed(() => Math.max(1, daysBetween(from(), to())))
  const at = (day: string): number =>
    (100 * Math.min(span.value, Math.max(0, daysBetween(from(), day)))) / span.value
  /** The first of each month that has room for its name. */
  const months = computed(() => {
    const firsts: string[] = []
    for (let day = from(), i = 0; i <= span.value; i += 1, day = addDays(day, 1))
      if (day.endsWith('-01')) firsts.push(day)
    return firsts
  })
  /** Mondays, where all of them have room for a name. */
  const weeks = computed(() => {
    if (span.value > 56) return undefined
    const mondays: string[] = []
    for (let i = 0; i <= span.value; i += 1) {
      const day = addDays(from(), i)
      if (new Date(`${day}T00:00:00Z`).getUTCDay() === 1) mondays.push(day)
    }
    return mondays
  })
  return { at, months, weeks, span }
}
