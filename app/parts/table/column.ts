/** A column of a table: its head, what stands in a cell, and what rows are ordered by. */
export interface Column<Row> {
  readonly id: string
  readonly head: string
  /** The words of a cell, where no slot of the column's name draws it. */
  readonly text?: (row: Row) => string
  /** What rows are ordered by when the head is pressed; absent: they are not. */
  readonly by?: (row: Row) => number | string | undefined
  /** Figures stand at the right. */
  readonly number?: boolean
  /** Its head is read out, not shown. */
  readonly headless?: boolean
  readonly hidden?: boolean
  /** What stands under the rows. */
  readonly total?: (rows: readonly Row[]) => string
  readonly cell?: string
}
