import { useDocumentVisibility, useIntervalFn } from '@vueuse/core'

/**
 * The time, ticking. It is read from the clock each time, so a slept-through hour is an hour; nothing is
 * counted down.
 */
export function useClock(everyMs = 250): Ref<number> {
  const now = ref(Date.now())
  const read = (): void => {
    now.value = Date.now()
  }
  useIntervalFn(read, everyMs)
  watch(useDocumentVisibility(), read)
  return now
}
