import { autoUpdate, flip, offset, shift, size, useFloating } from '@floating-ui/vue'
import type { Ref } from 'vue'

/** The highest that a list opens: about ten rows, the rest is scrolled. */
const MOST_PX = 420

/**
 * Where something that opens beside a button stands: below it, above where there is no room, never outside the window.
 * It is laid into the nearest place that holds floats (the panel of a dialog, else the station), so that nothing that
 * scrolls cuts it.
 */
export function useFloat(anchor: Ref<HTMLElement | null>, floating: Ref<HTMLElement | null>) {
  const place = shallowRef<HTMLElement>()
  watchPostEffect(() => {
    place.value ??= anchor.value?.closest<HTMLElement>('[data-floats]') ?? undefined
  })
  const { floatingStyles } = useFloating(anchor, floating, {
    strategy: 'fixed',
    placement: 'bottom-start',
    transform: false,
    whileElementsMounted: autoUpdate,
    middleware: [
      offset(2),
      flip({ padding: 8 }),
      shift({ padding: 8 }),
      size({
        padding: 8,
        apply({ rects, availableHeight, elements }) {
          elements.floating.style.minWidth = `${rects.reference.width}px`
          elements.floating.style.maxHeight = `${Math.max(120, Math.min(MOST_PX, availableHeight))}px`
        },
      }),
    ],
  })
  return { place, floatingStyles }
}
