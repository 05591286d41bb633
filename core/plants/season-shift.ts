import { daysFrom, YEAR_DAYS } from './days'

/**
 * How the seasons follow latitude and height: gently, as gardeners and foresters find; or by Hopkins' law,
 * its outer bound.
 */
export const seasonLaws = ['gentle', 'hopkins'] as const
export type SeasonLaw = (typeof seasonLaws)[number]

/** Where a scene lies: latitude in degrees, south negative, and height above the sea in metres. */
export interface Place {
  readonly latitudeDeg: number
  readonly altitudeM: number
  readonly seasonLaw?: SeasonLaw
  /** Days that spring and autumn come later than foretold, for who knows the place better. */
  readonly springDays?: number
  readonly autumnDays?: number
}

/** The place that the species table's dates hold for. */
export const REFERENCE_PLACE: Place = { latitudeDeg: 50, altitudeM: 100 }

/** Within this of the equator the year is wet and dry, not warm and cold. General knowledge. */
export const TROPICS_DEG = 23
export const isTropical = ({ latitudeDeg }: Pick<Place, 'latitudeDeg'>): boolean =>
  Math.abs(latitudeDeg) < TROPICS_DEG

const DAYS_PER_DEGREE = 4
const DAYS_PER_METRE = 4 / (400 * 0.3048)

/**
 * Days that spring comes later than at the reference place, and autumn sooner: 4 for each degree of latitude
 * towards the pole and 4 for each 400 ft up. Source: Hopkins 1918, the bioclimatic law. Its term for
 * longitude is left out: it holds for one continent.
 */
export function hopkinsDays(place: Pick<Place, 'latitudeDeg' | 'altitudeM'>): number {
  return (
    DAYS_PER_DEGREE * (Math.abs(place.latitudeDeg) - REFERENCE_PLACE.latitudeDeg) +
    DAYS_PER_METRE * (place.altitudeM - REFERENCE_PLACE.altitudeM)
  )
}

/**
 * Days of spring to a degree, and to 100 m; autumn follows by less. General knowledge of gardeners and
 * foresters; the numbers are from memory.
 */
const GENTLE_PER_DEGREE = 2.5
const GENTLE_PER_100_M = 2.5
const AUTUMN_SHARE = 0.4

/**
 * How many days later spring and autumn come than at the reference place. Autumn comes sooner where spring
 * comes later.
 */
export interface Shifts {
  readonly spring: number
  readonly autumn: number
}

function lawOf(place: Place): Shifts {
  if (place.seasonLaw === 'hopkins') {
    const days = hopkinsDays(place)
    return { spring: days, autumn: -days }
  }
  const days =
    GENTLE_PER_DEGREE * (Math.abs(place.latitudeDeg) - REFERENCE_PLACE.latitudeDeg) +
    (GENTLE_PER_100_M * (place.altitudeM - REFERENCE_PLACE.altitudeM)) / 100
  return { spring: days, autumn: -AUTUMN_SHARE * days }
}

/**
 * Days of the reference year between which the whole shift holds, in spring and in autumn; it passes over
 * evenly between them.
 */
const SPRING = [100, 140] as const
const AUTUMN = [280, 315] as const
const SUMMER_LENGTH = AUTUMN[0] - SPRING[1]
const WINTER_LENGTH = YEAR_DAYS - AUTUMN[1] + SPRING[0]

/** No season is squeezed below this share of its length at the reference place. */
const LEAST_SEASON = 0.6

/**
 * The shifts that are shown at a place: by its law, with what its maker knows better, held so that neither
 * summer nor winter is squeezed below 60 % of its length.
 */
export function shiftsAt(place: Place): Shifts {
  const law = lawOf(place)
  const spring = law.spring + (place.springDays ?? 0)
  const autumn = law.autumn + (place.autumnDays ?? 0)
  const taken = spring - autumn
  const room = (1 - LEAST_SEASON) * (taken > 0 ? SUMMER_LENGTH : WINTER_LENGTH)
  const held = Math.abs(taken) > room ? room / Math.abs(taken) : 1
  return { spring: spring * held, autumn: autumn * held }
}

/** Days later on a day of the reference year. */
function shiftOn(day: number, { spring, autumn }: Shifts): number {
  const d = daysFrom(0, day)
  if (d >= SPRING[0] && d <= SPRING[1]) return spring
  if (d > SPRING[1] && d < AUTUMN[0]) return spring + ((autumn - spring) * (d - SPRING[1])) / SUMMER_LENGTH
  if (d >= AUTUMN[0] && d <= AUTUMN[1]) return autumn
  return autumn + ((spring - autumn) * daysFrom(AUTUMN[1], d)) / WINTER_LENGTH
}

const halfYear = ({ latitudeDeg }: Place): number => (latitudeDeg < 0 ? YEAR_DAYS / 2 : 0)

/** The day of the year at a place on which happens what happens on a day of the reference year. Outside the tropics. */
export const localDay = (referenceDay: number, place: Place): number =>
  daysFrom(0, referenceDay + shiftOn(referenceDay, shiftsAt(place)) + halfYear(place))

/**
 * The day of the reference year, 0 up to 365, that a day at a place corresponds to; the inverse of {@link
 * localDay}.
 */
export function referenceDay(day: number, place: Place): number {
  const north = day - halfYear(place)
  const shifts = shiftsAt(place)
  const most = Math.max(Math.abs(shifts.spring), Math.abs(shifts.autumn)) + 1
  let [low, high] = [north - most, north + most]
  for (let i = 0; i < 28; i += 1) {
    const middle = (low + high) / 2
    if (middle + shiftOn(middle, shifts) < north) low = middle
    else high = middle
  }
  return daysFrom(0, (low + high) / 2)
}

/** Middle of the wet season in the northern tropics, day of the year: the rains follow the sun. From memory. */
const WET_MIDDLE = 210
/** The same at a place, day of the year: half a year on in the south. */
export const wetMiddle = (place: Place): number => WET_MIDDLE + halfYear(place) + (place.springDays ?? 0)

/**
 * The tropical year: how dry it is, 0–1, and how far along, 0–1 from the middle of the rains to the next. The
 * dry season is the deeper the farther from the equator, and nothing at it: so nothing flips there from one
 * side to the other.
 */
export function tropicalYear(
  day: number,
  place: Place,
): { readonly dryness: number; readonly phase: number } {
  const phase = daysFrom(wetMiddle(place), day) / YEAR_DAYS
  const swing = (1 - Math.cos(2 * Math.PI * phase)) / 2
  const depth = Math.min(1, Math.abs(place.latitudeDeg) / TROPICS_DEG)
  return { dryness: depth * swing * swing, phase }
}
