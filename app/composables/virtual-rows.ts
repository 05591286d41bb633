import type { useVirtualizer } from '@tanstack/vue-virtual'

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
  type Virtualizer = ReturnType<typeof useVirtualizer<HTMLElement, Element>>
  /** What finds out which rows stand in the window: fetched for the first list that is long. */
  const virtual = shallowRef<Virtualizer['value']>()
  const scope = effectScope()
  async function fetchIt(): Promise<void> {
    const fetched = await import('@tanstack/vue-virtual')
    scope.run(() => {
      const virtualizer = fetched.useVirtualizer<HTMLElement, Element>(options)
      // It tells of a change by being the same anew.
      watch(
        virtualizer,
        (now) => {
          virtual.value = now
          triggerRef(virtual)
        },
        { immediate: true, flush: 'sync' },
      )
    })
  }
  const options = computed(() => {
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
      measureElement: (
        element: Element,
        entry: ResizeObserverEntry | undefined,
        { indexFromElement, itemSizeCache }: Virtualizer['value'],
      ) => (entry ? toldHeight(entry) : (itemSizeCache.get(list[indexFromElement(element)] ?? '') ?? rowPx)),
    }
  })
  let asked = false
  watch(
    isLong,
    (long) => {
      if (!long || asked) return
      asked = true
      void fetchIt()
    },
    { immediate: true },
  )
  const items = computed(() => (isLong.value ? virtual.value?.getVirtualItems() : undefined))
  const shown = computed(() => {
    if (items.value) return items.value.map(({ index, key }) => ({ index, key: String(key) }))
    const all = keys()
    return all.slice(0, isLong.value ? whole : all.length).map((key, index) => ({ index, key }))
  })
  const above = computed(() => {
    const first = items.value?.[0]
    return first ? Math.max(0, first.start - margin.value) : 0
  })
  const below = computed(() => {
    const last = items.value?.at(-1)
    if (last && virtual.value) return Math.max(0, virtual.value.getTotalSize() + margin.value - last.end)
    return (keys().length - shown.value.length) * rowPx
  })
  /** Called with each row's element, so that an open one takes the room that it really takes. */
  const measure = (element: unknown): void => {
    if (isLong.value && element instanceof HTMLElement) virtual.value?.measureElement(element)
  }
  return { shown, above, below, measure }
}
