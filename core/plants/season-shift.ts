import { daysFrom, YEAR_DAYS } from './days'

/** Where a scene lies: latitude in degrees, south negative, and height above the sea in metres. */
export interface Place {
  readonly latitudeDeg: number
  readonly altitudeM: number
}

/** The place that the species table's dates hold for. */
export const REFERENCE_PLACE: Place = { latitudeDeg: 50, altitudeM: 100 }

const DAYS_PER_DEGREE = 4
const DAYS_PER_METRE = 4 / (400 * 0.3048)

/**
 * Days that spring comes later than at the reference place, and autumn sooner: 4 for each degree of latitude towards the pole and 4 for each
 * 400 ft up. Source: Hopkins 1918, the bioclimatic law. Its term for longitude is left out: it holds for one continent.
 */
export function hopkinsDays(place: Place): number {
  return (
    DAYS_PER_DEGREE * (Math.abs(place.latitudeDeg) - REFERENCE_PLACE.latitudeDeg) +
    DAYS_PER_METRE * (place.altitudeM - REFERENCE_PLACE.altitudeM)
  )
}

/** Beyond these the law would close the summer or the winter altogether; it is not carried further. */
export const LEAST_SHIFT_DAYS = -50
export const GREATEST_SHIFT_DAYS = 45

export const shiftDays = (place: Place): number =>
  Math.min(GREATEST_SHIFT_DAYS, Math.max(LEAST_SHIFT_DAYS, hopkinsDays(place)))

/** Between these days of the reference year the whole shift holds, as a delay in spring and as an advance in autumn; between them it passes over evenly. */
const SPRING = [70, 166] as const
const AUTUMN = [266, 324] as const

/** +1 in spring, −1 in autumn, even passages in summer and winter. */
function side(day: number): number {
  const d = daysFrom(0, day)
  if (d >= SPRING[0] && d <= SPRING[1]) return 1
  if (d > SPRING[1] && d < AUTUMN[0]) return 1 - (2 * (d - SPRING[1])) / (AUTUMN[0] - SPRING[1])
  if (d >= AUTUMN[0] && d <= AUTUMN[1]) return -1
  return -1 + (2 * daysFrom(AUTUMN[1], d)) / daysFrom(AUTUMN[1], SPRING[0])
}

/** The day of the year at a place on which happens what happens on a day of the reference year. */
export function localDay(referenceDay: number, place: Place): number {
  const south = place.latitudeDeg < 0 ? YEAR_DAYS / 2 : 0
  return daysFrom(0, referenceDay + shiftDays(place) * side(referenceDay) + south)
}

/** The day of the reference year, 0 up to 365, that a day at a place corresponds to; the inverse of {@link localDay}. */
export function referenceDay(day: number, place: Place): number {
  const north = day - (place.latitudeDeg < 0 ? YEAR_DAYS / 2 : 0)
  const shift = shiftDays(place)
  let [low, high] = [north - 60, north + 60]
  for (let i = 0; i < 24; i += 1) {
    const middle = (low + high) / 2
    if (middle + shift * side(middle) < north) low = middle
    else high = middle
  }
  return daysFrom(0, (low + high) / 2)
}
