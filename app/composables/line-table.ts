import type { Plant } from '../stores/plant'

/** Rows that are made in one frame. */
const ROWS_AT_ONCE = 3

interface LineTable {
  readonly table: Readonly<Ref<HTMLElement | null>>
  /** The body whose rows are the lines, and the selector of one. */
  readonly rows: Readonly<Ref<HTMLElement | null>>
  readonly row: string
  /** What a row usually takes. */
  readonly rowPx: number
}

/** The lines of a commission as a table: those in the window, a few with each frame, to be put in another order. */
export function useLineTable(plants: () => readonly Plant[], { table, rows, row, rowPx }: LineTable) {
  const { shown, above, below, measure } = useVirtualRows(
    () => plants().map(({ line }) => line.id),
    table,
    rowPx,
    HEAVY_ROWS,
  )
  const grown = useGrowing(() => shown.value.length, ROWS_AT_ONCE)
  const shownPlants = computed(() =>
    shown.value.slice(0, grown.value).flatMap(({ index }) => {
      const plant = plants()[index]
      return plant ? [{ plant, index }] : []
    }),
  )
  const { move } = useLineOrder(rows, row, (at) => shown.value[at]?.index)
  return { shownPlants, above, below, measure, move }
}
