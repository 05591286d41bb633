import { sizeClasses } from '~~/core/armature'

/** The heap of those that are curved; the others are places of a size class. */
export const CURVED = 'curved'
type Heap = number | typeof CURVED

/** What has been tapped while a box is sorted, in order, box by box. It outlives a closed lid. */
export function useTally(boxId: () => string | undefined) {
  const workshop = useWorkshop()
  const taps = useKept<Record<string, Heap[]>>(`hardy-thicket:${workshop.key}:tally`, {})
  const own = computed(() => taps.value[boxId() ?? ''] ?? [])
  function become(heaps: Heap[]): void {
    const id = boxId()
    if (id !== undefined) taps.value = { ...taps.value, [id]: heaps }
  }
  const tap = (heap: Heap): void => become([...own.value, heap])
  const undo = (): void => become(own.value.slice(0, -1))
  /** Empties the tally of a box, also of one that is no longer in hand. */
  function clear(id: string): void {
    taps.value = { ...taps.value, [id]: [] }
  }
  /** How many lie on each heap. */
  const counts = computed(() => sizeClasses.map((_, i) => own.value.filter((heap) => heap === i).length))
  const curved = computed(() => own.value.filter((heap) => heap === CURVED).length)
  return { own, tap, undo, clear, counts, curved }
}
