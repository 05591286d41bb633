import { pack, pieces, type CatalogueRow } from './rows'

/** A pack of tufts on a sheet. Prices from memory, here to be overwritten. */
const tufts =
  (tone: string, colour: string) =>
  (fromMm: number, toMm: number, name: string): CatalogueRow =>
    pieces(
      `ready-tufts-${tone.replace(' ', '-')}-${name}`,
      `Ready tufts, ${tone}, ${fromMm}–${toMm} mm`,
      { stuff: 'goods', goods: 'ready-tuft', fromMm, toMm, colour },
      { family: 'ready tufts', ...pack(100, 700) },
    )
const inSizes = (tone: string, colour: string): CatalogueRow[] => {
  const of = tufts(tone, colour)
  return [of(2, 4, 'low'), of(4, 7, 'middle'), of(7, 14, 'high')]
}
const bushes = (tone: string, colour: string): CatalogueRow =>
  pieces(
    `ready-bushes-${tone}`,
    `Ready bushes, ${tone} green`,
    { stuff: 'goods', goods: 'ready-bush', fromMm: 10, toMm: 40, colour },
    { family: 'ready bushes', ...pack(20, 900) },
  )
const strip = (fromMm: number, toMm: number, name: string): CatalogueRow => ({
  ...pieces(
    `ready-hedge-${name}`,
    `Ready hedge strip, ${fromMm}–${toMm} mm high`,
    { stuff: 'goods', goods: 'ready-hedge', fromMm, toMm, colour: '#4f6a3a' },
    { family: 'ready hedge strip', ...pack(1500, 850) },
  ),
  unit: 'mm',
})
const old = (id: string, name: string, fromMm: number, toMm: number): CatalogueRow =>
  pieces(
    `old-pieces-${id}`,
    name,
    { stuff: 'goods', goods: 'old-piece', fromMm, toMm },
    { note: 'Entered as they are found: from an old layout, a box, a friend.' },
  )

/** Pieces that are bought ready, and those that are there already. */
export const boughtPieces: readonly CatalogueRow[] = [
  ...inSizes('green', '#5f7a3c'),
  ...inSizes('light green', '#7d9650'),
  ...inSizes('straw', '#b59f63'),
  ...inSizes('autumn', '#8f7a45'),
  bushes('mid', '#56703a'),
  bushes('dark', '#3f5531'),
  strip(8, 16, 'low'),
  strip(16, 30, 'high'),
  old('small', 'Old pieces, under 60 mm', 5, 60),
  old('medium', 'Old trees, 60–140 mm', 60, 140),
  old('large', 'Old trees, over 140 mm', 140, 400),
]

/** The row of the list that old pieces of a height are entered under. */
export function oldPieceFor(heightMm: number): CatalogueRow {
  const rows = boughtPieces.filter(({ of }) => of.stuff === 'goods' && of.goods === 'old-piece')
  const [smallest] = rows
  if (!smallest) throw new RangeError('rows of old pieces are none; there must be some')
  // Each begins where the one below ends.
  return rows.findLast(({ of }) => 'fromMm' in of && (of.fromMm ?? 0) <= heightMm) ?? smallest
}
