/** A length drawn: units laid onto pixels, both ends kept. */
export interface Linear {
  /** The end of the scale, in its unit. */
  readonly end: number
  readonly pxPerUnit: number
  /** Where a value lies, px; what is beyond an end lies at it. */
  readonly px: (value: number) => number
  /** What lies at a pixel, in the scale's unit. */
  readonly unit: (px: number) => number
}

/** A scale from one span onto another: [0, 50] mm onto [14, 514] px draws 10 px to the mm. */
export function linear(
  [from, to]: readonly [number, number],
  [start, stop]: readonly [number, number],
): Linear {
  const pxPerUnit = (stop - start) / (to - from)
  const within = (value: number, least: number, most: number): number =>
    Math.min(most, Math.max(least, value))
  return {
    end: to,
    pxPerUnit,
    px: (value) => start + (within(value, from, to) - from) * pxPerUnit,
    unit: (px) => from + (within(px, start, stop) - start) / pxPerUnit,
  }
}
