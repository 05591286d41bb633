import { daysFrom, YEAR_DAYS } from './days'
import { cycleOf, showOf, smooth, type Stage } from './phenology'
import { TROPICS_DEG, tropicalYear, type Place } from './season-shift'
import type { Species } from './types'

/** At the driest, the share of a deciduous crown that has fallen, and of what is left that has turned. From memory. */
const FALLEN_AT_DRIEST = 0.85
const TURNED_AT_DRIEST = 0.6
/** New leaves come with the first rains, three quarters of the way round from the middle of the last ones. */
const RAINS_BEGIN = 0.75
const FLUSH = 0.12
/** Share of its show that a kind has on any day at the equator. From memory. */
const ALL_YEAR = 0.2
/** Flowers at the end of the dry season, fruit in the rains: middle and width as shares of the year. From memory. */
const FLOWERS = [0.66, 0.16] as const
const FRUITS = [0.95, 0.2] as const

/**
 * A species' stage in a wet and dry year: no winter; what sheds its leaves does so in the dry season, the
 * more the farther from the equator, and evergreens stand as they are. A simple model, from memory.
 * @param day of the year at the place
 */
export function tropicalStage(species: Species, day: number, place: Place): Stage {
  const { dryness, phase } = tropicalYear(day, place)
  const cycle = cycleOf(species)
  const sheds = species.keeps !== 'evergreen'
  const flush = Math.max(0, 1 - Math.abs(phase - RAINS_BEGIN - FLUSH / 2) / FLUSH)
  // At the equator there is no dry season to flower after: some of it all year round.
  const depth = Math.min(1, Math.abs(place.latitudeDeg) / TROPICS_DEG)
  const show = (
    own: readonly [number, number] | undefined,
    [from, length]: readonly [number, number],
  ): number =>
    own
      ? depth * showOf([from * YEAR_DAYS, length * YEAR_DAYS], daysFrom(0, phase * YEAR_DAYS), 0.35, 0.35) +
        (1 - depth) * ALL_YEAR
      : 0
  return {
    day: cycle.full + 40,
    out: 1,
    hardened: 1 - 0.6 * smooth(flush) * dryness,
    turned: sheds ? TURNED_AT_DRIEST * dryness : 0,
    fallen: sheds ? FALLEN_AT_DRIEST * dryness : 0,
    flower: show(cycle.flower, FLOWERS),
    fruit: show(cycle.fruit, FRUITS),
  }
}

/** Share of the full height that a grass or herb has: it is low when it is dry. */
export const tropicalHeight = ({ standing }: Species, { fallen }: Stage): number =>
  standing ? 1 - (1 - Math.max(0.3, standing.winter)) * (fallen / FALLEN_AT_DRIEST) : 1
