import { useRafFn } from '@vueuse/core'

/**
 * How many of a list are shown: a few at once, and so many more with each frame, so that the first are there before
 * the last are made.
 * @param total of them @param atOnce that a frame has time for
 */
export function useGrowing(total: () => number, atOnce: number): Ref<number> {
  const shown = ref(atOnce)
  const { pause, resume } = useRafFn(
    () => {
      if (shown.value < total()) shown.value += atOnce
      else pause()
    },
    { immediate: false },
  )
  watch(total, (now) => now > shown.value && resume(), { immediate: true })
  return shown
}
