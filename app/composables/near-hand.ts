import { useEventListener, useMediaQuery } from '@vueuse/core'

/**
 * Fetches what a hand on something will want, once, when the pointer or the keys come to it; at once where fingers
 * touch, as nothing comes before the touch.
 */
export function useNearHand(box: Readonly<Ref<HTMLElement | null>>, fetchIt: () => void): void {
  let isFetched = false
  const once = (): void => {
    if (isFetched) return
    isFetched = true
    fetchIt()
  }
  const fingers = useMediaQuery('(any-pointer: coarse)')
  for (const comes of ['pointerover', 'focusin', 'wheel'] as const)
    useEventListener(box, comes, once, { passive: true })
  watch(
    [fingers, box],
    ([touch, element]) => {
      if (touch && element) once()
    },
    { immediate: true },
  )
}
