import * as Comlink from 'comlink'
import type { Reading } from '~~/core/units'
import type { WorkshopFiles } from '../workers/workshop-file.worker'

/**
 * Whole workshops as files, read and written by a worker that lives as long as who asks for it.
 * @throws Error with the reason, of what could not be done
 */
export function useWorkshopFiles() {
  let worker: Worker | undefined
  let remote: Comlink.Remote<WorkshopFiles> | undefined
  onBeforeUnmount(() => worker?.terminate())
  const files = (): Comlink.Remote<WorkshopFiles> => {
    worker ??= new Worker(new URL('../workers/workshop-file.worker.ts', import.meta.url), { type: 'module' })
    remote ??= Comlink.wrap<WorkshopFiles>(worker)
    return remote
  }
  const orThrow = <T>(reading: Reading<T>): T => {
    if (reading.kind === 'none') throw new Error(reading.because)
    return reading.value
  }
  return {
    read: (file: Blob) => files().read(file),
    merge: async (key: string) => orThrow(await files().merge(key)),
    copy: async (key: string) => orThrow(await files().copy(key)),
    written: async (key: string) => orThrow(await files().written(key)),
    counts: async (key: string) => orThrow(await files().counts(key)),
  }
}
