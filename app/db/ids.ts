import { seedOf } from '../../core/units'

/** A new id: time first, so that ids sort roughly by age, then 80 bits of chance. */
export function newId(): string {
  const chance = crypto.getRandomValues(new Uint8Array(10))
  return `${Date.now().toString(36)}-${[...chance].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`
}

export const nowIso = (): string => new Date().toISOString()

/** Ids are no longer than this. */
const LONGEST = 64

/**
 * The id of something that follows from something else: what comes of an order's line, the batch of a harvest. Two
 * copies that write the same write it under the same id.
 */
export function derivedId(...of: readonly (string | number)[]): string {
  const id = of.join('-')
  return id.length <= LONGEST ? id : `${id.slice(0, LONGEST - 9)}-${seedOf(id).toString(36).slice(0, 8)}`
}
