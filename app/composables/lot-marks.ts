/** Where lots stand and how they look, by the lot's id. */
export function useLotMarks() {
  const workshop = useWorkshop()
  const marks = computed(() => new Map(workshop.lotMarks.map((mark) => [mark.id, mark])))
  /** Shelf and box in words; empty where nothing was noted. */
  const placeOf = (lotId: string): string => {
    const mark = marks.value.get(lotId)
    return [mark?.shelf, mark?.box].filter(Boolean).join(', ')
  }
  return { marks, placeOf }
}
