/** What pieces occupy while they are worked on. Prices in hundredths, from memory; they are there to be overwritten. */
export interface Holder {
  /** As steps name it. */
  readonly what: string
  readonly plural: string
  readonly unit: 'piece' | 'm'
  readonly priceMinor: number
}

const holder = (
  what: string,
  plural: string,
  priceMinor: number,
  unit: Holder['unit'] = 'piece',
): Holder => ({
  what,
  plural,
  unit,
  priceMinor,
})

export const holders: readonly Holder[] = [
  holder('peg', 'pegs', 5),
  holder('clamp', 'clamps', 150),
  holder('block place', 'places in foam blocks', 4),
  holder('base', 'bases to stand on', 10),
  holder('drying card place', 'places on drying card', 2),
  holder('board hole', 'holes in drilled boards', 9),
  holder('steel tray', 'steel trays', 300),
  holder('drying line', 'metres of drying line', 40, 'm'),
  holder('jar', 'jars with lids', 60),
]

/** The holder that a step names. */
export const holderByName = (what: string): Holder | undefined => holders.find((row) => row.what === what)
