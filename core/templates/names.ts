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
 * @param names from left to right: where each would begin, and how wide it is, px; where there is not room for all,
 * those that come first have theirs first
 * @param lines at most @param within they end here at the latest, px
 */
export function namesInLines(
  names: readonly { readonly x: number; readonly width: number; readonly first?: boolean }[],
  lines: number,
  within: number,
): ({ readonly line: number; readonly x: number } | undefined)[] {
  const all = names.map((_, i) => i)
  const asTheyCome = inLines(names, all, lines, within)
  if (!asTheyCome.includes(undefined)) return asTheyCome
  const isFirst = (i: number): boolean => names[i]?.first ?? false
  return inLines(names, [...all.filter(isFirst), ...all.filter((i) => !isFirst(i))], lines, within)
}

/** Each name in turn on the first line where nothing has its place. */
function inLines(
  names: readonly { readonly x: number; readonly width: number }[],
  turn: readonly number[],
  lines: number,
  within: number,
): ({ readonly line: number; readonly x: number } | undefined)[] {
  const placed: ({ line: number; x: number } | undefined)[] = names.map(() => undefined)
  const taken = Array.from({ length: lines }, (): { from: number; to: number }[] => [])
  for (const i of turn) {
    const name = names[i]
    if (!name) continue
    const x = Math.max(0, Math.min(name.x, within - name.width))
    const line = taken.findIndex((spans) => spans.every(({ from, to }) => to <= x || from >= x + name.width))
    taken[line]?.push({ from: x, to: x + name.width })
    if (line >= 0) placed[i] = { line, x }
  }
  return placed
}
