import type { WorkshopDocument } from '../../core/workshop'

/** A workshop whose lines all want the most that their fields admit: pieces, metres of hedge, area. */
export function largestAmounts(document: WorkshopDocument): WorkshopDocument {
  return {
    ...document,
    lines: document.lines.map((line) => {
      switch (line.amount.kind) {
        case 'pieces':
          return { ...line, amount: { kind: 'pieces', pieces: 10_000 } }
        case 'length':
          return { ...line, amount: { ...line.amount, lengthMm: 200_000 } }
        case 'area':
          return { ...line, amount: { kind: 'area', areaCm2: 1_000_000 } }
      }
    }),
  }
}
