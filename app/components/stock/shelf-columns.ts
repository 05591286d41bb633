import { hueTurn, type Shortage, type ShelfRow } from '~~/core/stock'
import { counted, formatQuantity, plainNumber } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** Columns of the shelf that can be shown or not, beside a material's colour, its name and what can be done with it. */
export const shelfChoices = [
  { id: 'onHand', word: 'On hand' },
  { id: 'bar', word: 'Bar' },
  { id: 'wanted', word: 'Wanted' },
  { id: 'over', word: 'Over, or lacking' },
  { id: 'state', word: 'State' },
  { id: 'grain', word: 'Grain, length' },
  { id: 'age', word: 'Oldest jar' },
  { id: 'worth', word: 'Worth' },
  { id: 'off', word: 'Colour off' },
] as const
export type ShelfColumn = (typeof shelfChoices)[number]['id']
export const usualColumns: readonly ShelfColumn[] = ['onHand', 'bar', 'wanted', 'over', 'state']

/** A material on the shelf with what is wanted of it. */
export interface ShelfItem extends ShelfRow {
  /** By open batches and all that is left to make, in its unit. */
  readonly claimed: number
  readonly short?: Shortage
}

/** The columns of the shelf. @param shown those that were chosen @param money words of a price */
export function columnsOf(
  shown: readonly ShelfColumn[],
  money: (minor: number) => string,
): readonly Column<ShelfItem>[] {
  const own: Record<ShelfColumn, Omit<Column<ShelfItem>, 'id' | 'head'>> = {
    onHand: { number: true, cell: 'wide', mostFirst: true, by: ({ state }) => state.onHand },
    bar: { headless: true, cell: 'wide' },
    wanted: {
      number: true,
      cell: 'wide',
      mostFirst: true,
      by: ({ claimed }) => (claimed > 0 ? claimed : undefined),
      text: ({ claimed, state }) => (claimed > 0 ? formatQuantity(claimed, state.material.unit) : ''),
    },
    over: { number: true, by: ({ claimed, state }) => state.onHand - claimed },
    state: { cell: 'state wide' },
    grain: {
      number: true,
      by: ({ sizeMm }) => sizeMm,
      text: ({ sizeMm }) => (sizeMm === undefined ? '' : `${plainNumber(sizeMm, 2)} mm`),
    },
    age: {
      number: true,
      mostFirst: true,
      by: ({ days }) => days,
      text: ({ days }) => (days === undefined ? '' : counted(days, 'day')),
    },
    worth: {
      number: true,
      mostFirst: true,
      by: ({ worthMinor }) => worthMinor,
      text: ({ worthMinor }) => (worthMinor > 0 ? money(worthMinor) : ''),
    },
    off: {
      number: true,
      by: ({ off }) => off,
      text: ({ off }) => (off === undefined ? '' : `ΔE ${plainNumber(off, 1)}`),
    },
  }
  return [
    { id: 'colour', head: 'Colour', cell: 'colour wide', by: ({ state }) => hueTurn(state.material) },
    { id: 'name', head: 'Material', by: ({ state }) => state.material.name },
    ...shelfChoices.map(({ id, word }) => ({ id, head: word, hidden: !shown.includes(id), ...own[id] })),
    { id: 'act', head: 'Actions', headless: true, number: true },
  ]
}
