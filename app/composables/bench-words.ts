import { msOf, wallAt, type Bench } from '~~/core/schedule'

/**
 * Minutes of a bench as the workshop's clocks show them, and whose hands its hands are.
 * @param bench the one that is shown; another than the kept one where something is only asked about
 */
export function useBenchWords(bench: () => Bench | undefined) {
  const calendar = useCalendar()
  const wallOf = (minute: number) => wallAt(msOf(bench()?.originMs ?? 0, minute), calendar.zone)
  /** HH:MM. */
  const clock = (minute: number): string => wallOf(minute).time
  /** Day of the week and date. */
  const day = (minute: number): string => formatWeekday(wallOf(minute).date)
  /** The day, or that there is none as far ahead as batches are laid. */
  const dayBy = (minute: number): string => (minute === Infinity ? 'not within half a year' : day(minute))
  const moment = (minute: number): string => `${day(minute)} ${clock(minute)}`
  const personOf = (worker: number): string => calendar.nameOf(bench()?.problem.workers[worker]?.id ?? '')
  const severalPeople = computed(() => (bench()?.problem.workers.length ?? 0) > 1)
  /** "clamps", "block places": holders of a kind. */
  const holdersOf = (holder: number | undefined): string =>
    holder === undefined ? 'holders' : `${bench()?.problem.holders[holder]?.id ?? 'holder'}s`
  return { clock, day, dayBy, moment, personOf, severalPeople, holdersOf }
}
