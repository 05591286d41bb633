import { none, type Reading } from '../../../core/units'

/** Undoes all that a transaction has written. */
export class Refused extends Error {}

/** What a transaction that was refused answers. @throws whatever else went wrong */
export function refusedWhole(error: unknown): Reading<never> {
  if (error instanceof Refused) return none(error.message)
  throw error
}
/** What was read, or the transaction is refused. @throws Refused */
export function wanted<T>(reading: Reading<T>): T {
  if (reading.kind === 'none') throw new Refused(reading.because)
  return reading.value
}
