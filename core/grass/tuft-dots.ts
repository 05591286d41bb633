/** Dots from a rice grain to a pea, mm. Common practice. */
const SMALLEST_DOT_MM = 2
export const LARGEST_DOT_MM = 8

/** The part of a biscuit-tin lid that dots go on, mm. From memory. */
export const tuftSheetMm = { widthMm: 180, heightMm: 260 } as const

/** The dot for a tuft of so many mm: from a rice grain to a pea. @param spread a tuft’s width, of its foot */
export const dotFor = (crownWidthMm: number, spread: number): number =>
  Math.min(LARGEST_DOT_MM, Math.max(SMALLEST_DOT_MM, crownWidthMm / spread))

/** How far dots keep from one another, by their width, mm. From memory. */
export const dotGapMm = (dot: number): number => Math.max(3, dot * 0.8)
