import {
  formatModelLength,
  formatMoney,
  formatQuantity,
  formatRealLength,
  type StockUnit,
  formatMinutes,
  significant,
} from '~~/core/units'
import type { Figure } from '~~/core/quantities'

/** Figures in the workshop's own units and currency. */
export function useFormat() {
  const workshop = useWorkshop()
  const units = computed(() => workshop.settings.units)
  return {
    model: (mm: number): string => formatModelLength(mm, units.value),
    real: (mm: number): string => formatRealLength(mm, units.value),
    money: (minor: number): string => formatMoney(Math.round(minor), workshop.settings.currency),
    /** Small sums keep two figures, however small: a tuft costs less than a hundredth. */
    moneyEach: (minor: number): string =>
      minor > 0 && minor < 10
        ? [significant(minor / 100, 2), workshop.settings.currency].filter(Boolean).join(' ')
        : formatMoney(Math.round(minor), workshop.settings.currency),
    figure: (figure: Figure): string =>
      showFigure(figure.value, figure.unit, (minor) =>
        formatMoney(Math.round(minor), workshop.settings.currency),
      ),
  }
}

const stockUnits = new Set(['g', 'ml', 'piece', 'mm', 'cm2'])

function showFigure(value: number, unit: string, money: (minor: number) => string): string {
  if (unit === 'hundredths') return money(value)
  if (unit === 'min') return formatMinutes(value)
  if (stockUnits.has(unit)) return formatQuantity(value, unit as StockUnit)
  if (unit === '%') return `${Math.round(value * 100)} %`
  return `${Math.round(value * 100) / 100} ${unit}`.trim()
}

const dayMonth = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' })
const dayMonthYear = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
})
const moment = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
})

export const formatDay = (date: string): string => dayMonth.format(new Date(`${date}T00:00:00Z`))
const weekday = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
})
/** "Thu 3 Dec". */
export const formatWeekday = (date: string): string =>
  weekday.format(new Date(`${date}T00:00:00Z`)).replace(',', '')
export const formatDate = (date: string): string => dayMonthYear.format(new Date(`${date}T00:00:00Z`))
export const formatMoment = (iso: string): string => moment.format(new Date(iso))
/** Today in the maker's own time zone, as YYYY-MM-DD. */
export const today = (): string =>
  new Date(Date.now() - new Date().getTimezoneOffset() * 60_000).toISOString().slice(0, 10)

/** "49° N, 640 m". */
export const formatPlace = (latitudeDeg: number, altitudeM: number): string =>
  `${Math.abs(latitudeDeg)}° ${latitudeDeg < 0 ? 'S' : 'N'}, ${altitudeM} m`
