import type { ShelfSort } from '~~/core/stock'

/** Columns of the shelf that can be shown, after the material's name. */
export const shelfColumns = [
  { id: 'onHand', word: 'On hand', sort: 'on hand', number: true },
  { id: 'wanted', word: 'Wanted', number: true },
  { id: 'over', word: 'Over, or lacking', sort: 'over', number: true },
  { id: 'state', word: 'State' },
  { id: 'grain', word: 'Grain, length', sort: 'grain', number: true },
  { id: 'age', word: 'Oldest jar', sort: 'age', number: true },
  { id: 'worth', word: 'Worth', sort: 'worth', number: true },
  { id: 'off', word: 'Colour off', sort: 'near', number: true },
] as const satisfies readonly {
  readonly id: string
  readonly word: string
  readonly sort?: ShelfSort
  readonly number?: boolean
}[]
export type ShelfColumn = (typeof shelfColumns)[number]['id']
export const usualColumns: readonly ShelfColumn[] = ['onHand', 'wanted', 'over', 'state']
