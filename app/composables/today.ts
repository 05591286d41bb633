import { useIntervalFn } from '@vueuse/core'

const day = ref('')

/** Today, in the maker's own time zone; it turns over at midnight by itself. */
export function useToday(): Readonly<Ref<string>> {
  const read = (): void => {
    const now = today()
    if (now !== day.value) day.value = now
  }
  read()
  useIntervalFn(read, 60_000)
  return day
}
