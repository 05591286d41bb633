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
