/** A column of a table: its head, what stands in a cell, and what rows are ordered by. */
export interface Column<Row> {
  readonly id: string
  readonly head: string
  /** The words of a cell, where no slot of the column's name draws it. */
  readonly text?: (row: Row) => string
  /** What rows are ordered by when the head is pressed; absent: they are not. */
  readonly by?: (row: Row) => number | string | undefined
  /** The first press of its head brings the most to the top: much before little, old before new. */
  readonly mostFirst?: boolean
  /** Figures stand at the right. */
  readonly number?: boolean
  /** Its head is read out, not shown. */
  readonly headless?: boolean
  readonly hidden?: boolean
  /** What stands under the rows. */
  readonly total?: (rows: readonly Row[]) => string
  /** A class of its head and cells; `wide` is left out on a phone. */
  readonly cell?: string
}

/** The column that rows are ordered by, and which way; absent: as they come. */
export interface Order {
  readonly by: string
  readonly down: boolean
}
