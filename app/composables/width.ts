import { useResizeObserver } from '@vueuse/core'

/**
 * The inner width of an element, px; 0 until the page has been laid out with it. It is told by the browser then: to ask
 * for it as soon as the element is there would lay the page out in the middle of its making.
 */
export function useWidth(
  element: Readonly<Ref<HTMLElement | SVGElement | null | undefined>>,
): Readonly<Ref<number>> {
  const width = ref(0)
  useResizeObserver(element, ([entry]) => {
    if (entry) width.value = entry.contentRect.width
  })
  return width
}
