import { deleteWorkshop, wipeWorkshop } from '../db/commands/data'
import type { Reading } from '~~/core/units'
import { startService, type Started } from '../workers/service'

/**
 * Whole workshops as files, read and written by a worker that lives as long as who asks for it.
 * @throws Error with the reason, of what could not be done
 */
export function useWorkshopFiles() {
  let started: Started<'workshop-file'> | undefined
  onBeforeUnmount(() => started?.end())
  const files = () => (started ??= startService('workshop-file')).service
  const orThrow = <T>(reading: Reading<T>): T => {
    if (reading.kind === 'none') throw new Error(reading.because)
    return reading.value
  }
  return {
    read: (file: Blob) => files().read(file),
    merge: async (key: string) => orThrow(await files().merge(key)),
    copy: async (key: string) => orThrow(await files().copy(key)),
    written: async (key: string) => orThrow(await files().written(key)),
    /** Empties the workshop that is open; {@link remove} does away with one that is not. */
    wipe: () => wipeWorkshop(useWorkshop().context()),
    remove: deleteWorkshop,
    counts: async (key: string) => orThrow(await files().counts(key)),
  }
}
