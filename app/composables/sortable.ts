import type Sortable from 'sortablejs'

/**
 * Rows that can be dragged to another place by their grip, with mouse, pen or finger; what that takes is fetched when a
 * hand comes near.
 * @param list the element whose children are the rows @param draggable selector of those that can be moved
 * @param moved told which place a row left and which it came to, 0 for the first
 */
export function useSortable(
  list: Readonly<Ref<HTMLElement | null>>,
  draggable: string,
  moved: (from: number, to: number) => void,
): void {
  const dragging = shallowRef<typeof Sortable>()
  useNearHand(list, () => {
    void import('sortablejs').then((fetched) => {
      dragging.value = fetched.default
    })
  })
  let sortable: Sortable | undefined
  let next: ChildNode | null = null
  watch([list, dragging], ([element, Dragging]) => {
    sortable?.destroy()
    // Grips show a hand from now on.
    element?.classList.toggle('sorts', Dragging !== undefined)
    sortable =
      element && Dragging
        ? Dragging.create(element, {
            draggable,
            handle: '.grip',
            animation: 120,
            // The same on every device: the browser's own dragging knows no fingers.
            forceFallback: true,
            fallbackTolerance: 3,
            onChoose({ item }) {
              next = item.nextSibling
            },
            onUpdate({ item, oldDraggableIndex: from, newDraggableIndex: to }) {
              // The rows are drawn from the data: the row goes back, and follows when its data has moved.
              element.insertBefore(item, next)
              if (from !== undefined && to !== undefined && from !== to) moved(from, to)
            },
          })
        : undefined
  })
  onBeforeUnmount(() => {
    sortable?.destroy()
  })
}
