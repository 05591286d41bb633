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

/** A workshop with so many lines, all of them in its first commission: the demo's, over and over. */
export function manyLines(document: WorkshopDocument, count: number): WorkshopDocument {
  const [commission] = document.commissions
  const { lines } = document
  if (!commission || lines.length === 0) throw new Error('the workshop has no line to begin with')
  return {
    ...document,
    lines: Array.from({ length: count }, (_, i) => {
      const line = lines[i % lines.length] as (typeof lines)[number]
      return {
        ...line,
        id: i < lines.length ? line.id : `many-${i}`,
        commissionId: commission.id,
        order: i,
        name: `${line.name} ${i}`,
      }
    }),
  }
}

/** A workshop at full size whose lines are the largest plants that a line may ask for. */
export const tallestPlants = (document: WorkshopDocument): WorkshopDocument => ({
  ...largestAmounts(document),
  commissions: document.commissions.map((commission) => ({ ...commission, ratio: 1 })),
  lines: largestAmounts(document).lines.map((line) => ({ ...line, heightM: 130, crownWidthM: 90 })),
})

/** A workshop of plants that are taller and thinner than any, and denser: they have the most leaves. */
export const thinnestPlants = (document: WorkshopDocument): WorkshopDocument => ({
  ...document,
  lines: document.lines.map((line) => ({ ...line, heightM: 60, crownWidthM: 0.3, seeThrough: 0.02 })),
})
