import { american } from './american'
import { asian } from './asian'
import { broadleaves } from './broadleaves'
import { conifers } from './conifers'
import { crops } from './crops'
import { dry } from './dry'
import { garden } from './garden'
import { ground } from './ground'
import { orchard } from './orchard'
import { shrubs } from './shrubs'
import { southern } from './southern'
import { weeds } from './weeds'
import type { Species } from '../types'

/**
 * The reference plants, for a plant in the open on fair ground. All measures, colours and dates are from
 * memory, rounded, as each row's origin says; a maker overwrites them line by line, or keeps kinds of their
 * own.
 */
export const speciesTable: readonly Species[] = [...conifers, ...broadleaves, ...orchard, ...american, ...southern, ...asian, ...dry, ...shrubs, ...garden, ...ground, ...crops, ...weeds]

const byId = new Map(speciesTable.map((species) => [species.id, species]))

/** The species with this id: a maker's own first, then ours. @throws RangeError when there is none */
export function speciesById(id: string, own: readonly Species[] = []): Species {
  const found = own.find((species) => species.id === id) ?? byId.get(id)
  if (!found) throw new RangeError(`species is ${id}; it must be one of ${[...own, ...speciesTable].map((species) => species.id).join(', ')}`)
  return found
}
