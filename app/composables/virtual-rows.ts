import { useVirtualizer } from '@tanstack/vue-virtual'

/** How many rows are shown whole, so that the browser’s own search finds each; and how many beyond the window. */
interface Shown {
  readonly whole: number
  readonly beyond: number
}
const USUAL: Shown = { whole: 300, beyond: 12 }
/** What a window is likely to show, until the browser tells. */
const LIKELY_PX = 800

/** How large the window is, and how high a row, are told by the browser after it has laid the page out. */
function toldRect(
  { scrollElement }: { readonly scrollElement: Element | null },
  tell: (rect: { width: number; height: number }) => void,
): (() => void) | undefined {
  if (!scrollElement) return undefined
  const observer = new ResizeObserver(([entry]) => {
    if (entry) tell({ width: entry.contentRect.width, height: entry.contentRect.height })
  })
  observer.observe(scrollElement)
  return () => {
    observer.disconnect()
  }
}
/** Where the page stands when a table comes is where it stays; it is moved only to make up for rows that grow. */
function scrollOnce(
  offset: number,
  { adjustments }: { readonly adjustments?: number | undefined },
  { scrollElement }: { readonly scrollElement: Element | null },
): void {
  if (adjustments !== undefined) scrollElement?.scrollTo({ top: offset + adjustments })
}
const toldHeight = ({ borderBoxSize: [box], contentRect }: ResizeObserverEntry): number =>
  Math.round(box?.blockSize ?? contentRect.height)

/** Rows of fields take longer to make than rows of words. */
export const HEAVY_ROWS: Shown = { whole: 24, beyond: 3 }

/**
 * Rows of a long table that stand in the window, and the room that those above and below take.
 * @param keys of all rows, in their order
 * @param table the table; what scrolls of the page scrolls it
 * @param rowPx what a row usually takes
 */
export function useVirtualRows(
  keys: () => readonly string[],
  table: Readonly<Ref<HTMLElement | null>>,
  rowPx: number,
  { whole, beyond }: Shown = USUAL,
) {
  const scroller = shallowRef<HTMLElement>()
  const margin = ref(0)
  /** Where the table stands is asked for in the next frame, once: at once would lay the page out while it is made. */
  let frame = 0
  function place(): void {
    frame ||= requestAnimationFrame(() => {
      frame = 0
      const top = table.value?.offsetTop ?? 0
      if (Math.abs(top - margin.value) > 1) margin.value = top
    })
  }
  onMounted(() => {
    scroller.value = table.value?.closest<HTMLElement>('.scroller') ?? undefined
    place()
  })
  onUpdated(place)
  onBeforeUnmount(() => {
    cancelAnimationFrame(frame)
  })
  const isLong = computed(() => keys().length > whole)
  const virtualizer = useVirtualizer<HTMLElement, Element>(
    computed(() => {
      const list = keys()
      return {
        count: isLong.value ? list.length : 0,
        getScrollElement: () => scroller.value ?? null,
        estimateSize: () => rowPx,
        getItemKey: (index: number) => list[index] ?? index,
        overscan: beyond,
        scrollMargin: margin.value,
        initialRect: { width: 0, height: LIKELY_PX },
        observeElementRect: toldRect,
        scrollToFn: scrollOnce,
        measureElement: (element, entry, { indexFromElement, itemSizeCache }) =>
          entry ? toldHeight(entry) : (itemSizeCache.get(list[indexFromElement(element)] ?? '') ?? rowPx),
      }
    }),
  )
  const shown = computed(() =>
    isLong.value
      ? virtualizer.value.getVirtualItems().map(({ index, key }) => ({ index, key: String(key) }))
      : keys().map((key, index) => ({ index, key })),
  )
  const above = computed(() => {
    const [first] = virtualizer.value.getVirtualItems()
    return first ? Math.max(0, first.start - margin.value) : 0
  })
  const below = computed(() => {
    const last = virtualizer.value.getVirtualItems().at(-1)
    return last ? Math.max(0, virtualizer.value.getTotalSize() + margin.value - last.end) : 0
  })
  /** Called with each row's element, so that an open one takes the room that it really takes. */
  const measure = (element: unknown): void => {
    if (isLong.value && element instanceof HTMLElement) virtualizer.value.measureElement(element)
  }
  return { shown, above, below, measure }
}
