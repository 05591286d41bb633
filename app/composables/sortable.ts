import type Sortable from 'sortablejs'

/**
 * Rows that can be dragged to another place by their grip, with mouse, pen or finger; what that takes is fetched when a
 * hand comes near.
 * @param list the element whose children are the rows @param draggable selector of those that can be moved
 * @param moved told which place a row left and which it came to, 0 for the first
 */
function useSortable(
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

/**
 * The lines of the commission in a table, put in order by dragging or by keys.
 * @param placeOf the place among the commission's plants of a row, by its place among those that stand in the window
 */
export function useLineOrder(
  rows: Readonly<Ref<HTMLElement | null>>,
  draggable: string,
  placeOf: (row: number) => number | undefined,
) {
  const moveLine = useDeed('moveLine')
  const commission = useCommission()
  async function move(from: number, to: number): Promise<void> {
    const [line, other] = [commission.plants[from]?.line, commission.plants[to]?.line]
    if (!line || !other || line === other) return
    // The table leaves out lines that can't be worked out: the place counts them too.
    const others = commission.lines.filter(({ id }) => id !== line.id)
    const place = others.findIndex(({ id }) => id === other.id) + (to > from ? 1 : 0)
    await moveLine(line.id, place)
  }
  useSortable(rows, draggable, (from, to) => {
    const [left, came] = [placeOf(from), placeOf(to)]
    if (left !== undefined && came !== undefined) void move(left, came)
  })
  return { move }
}
