import { broadleaves } from './broadleaves'
import { conifers } from './conifers'
import { ground } from './ground'
import { shrubs } from './shrubs'
import { southern } from './southern'
import type { Species } from '../types'

/**
 * The reference plants, for a plant in the open on fair ground. All measures, colours and dates are from
 * memory, rounded, as each row's origin says; a maker overwrites them line by line, or keeps kinds of their
 * own.
 */
export const speciesTable: readonly Species[] = [...conifers, ...broadleaves, ...southern, ...shrubs, ...ground]

const byId = new Map(speciesTable.map((species) => [species.id, species]))

/** The species with this id: a maker's own first, then ours. @throws RangeError when there is none */
export function speciesById(id: string, own: readonly Species[] = []): Species {
  const found = own.find((species) => species.id === id) ?? byId.get(id)
  if (!found) throw new RangeError(`species is ${id}; it must be one of ${[...own, ...speciesTable].map((species) => species.id).join(', ')}`)
  return found
}
