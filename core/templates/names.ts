/** A name on a drawing: where its foot begins, and how wide it is, px. */
export interface NameBox {
  readonly name: string
  readonly x: number
  readonly y: number
  readonly width: number
}

/**
 * The names that can be printed without lying over each other: each in turn, unless one before it has its place.
 * @param boxes the most important first @param height of a line of names, px
 */
export function namesApart(boxes: readonly NameBox[], height: number): ReadonlySet<string> {
  const taken: NameBox[] = []
  for (const box of boxes) {
    const isOver = taken.some(
      ({ x, y, width }) => Math.abs(y - box.y) < height && box.x < x + width && x < box.x + box.width,
    )
    if (!isOver) taken.push(box)
  }
  return new Set(taken.map(({ name }) => name))
}

/**
 * Names under what they belong to, one below the other where there is no room side by side: for each the line that it
 * stands on, 0 for the first, and where it begins; undefined where there is no room on any.
 * @param names from left to right: where each would begin, and how wide it is, px
 * @param lines at most @param within they end here at the latest, px
 */
export function namesInLines(
  names: readonly { readonly x: number; readonly width: number }[],
  lines: number,
  within: number,
): ({ readonly line: number; readonly x: number } | undefined)[] {
  const ends = Array.from({ length: lines }, () => -Infinity)
  return names.map(({ x: wanted, width }) => {
    const x = Math.max(0, Math.min(wanted, within - width))
    const line = ends.findIndex((end) => end <= x)
    if (line < 0) return undefined
    ends[line] = x + width
    return { line, x }
  })
}
