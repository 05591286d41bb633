import type { TemplatePoint } from './template'

/** A place that is named. */
export interface Named {
  readonly at: TemplatePoint
  readonly text: string
}

/** Where a name stands: its left end and its foot; and whether it has gone so far that a line leads to it. */
export interface PlacedLabel {
  readonly at: TemplatePoint
  readonly leads: boolean
}

/** Width of a letter or figure by the height of the type. From memory. */
const LETTER = 0.6
/** Directions around a place, the best first: right above, right below, left above, left below, above, below. */
const AROUND: readonly TemplatePoint[] = [
  [1, -1],
  [1, 1],
  [-1, -1],
  [-1, 1],
  [0, -1],
  [0, 1],
]
/** How far off names go before they are let touch. */
const RINGS = [1, 2.4, 4, 6, 9, 13]

interface Box {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}

/**
 * Places names beside their places so that they touch neither each other nor another place: each in the nearest
 * room that is left. What finds none stands where it would stand alone.
 * @param sizeMm height of the type @param clearMm half the width of what stands at a place
 */
export function placeLabels(names: readonly Named[], sizeMm: number, clearMm: number): PlacedLabel[] {
  const cell = Math.max(4, sizeMm * 3)
  const taken = new Map<string, Box[]>()
  const cells = ({ x0, y0, x1, y1 }: Box): string[] => {
    const keys: string[] = []
    for (let i = Math.floor(x0 / cell); i <= Math.floor(x1 / cell); i += 1)
      for (let j = Math.floor(y0 / cell); j <= Math.floor(y1 / cell); j += 1) keys.push(`${i}|${j}`)
    return keys
  }
  const take = (box: Box): void => {
    for (const key of cells(box)) taken.set(key, [...(taken.get(key) ?? []), box])
  }
  const isFree = (box: Box): boolean =>
    cells(box).every((key) =>
      (taken.get(key) ?? []).every(
        (other) => box.x1 <= other.x0 || other.x1 <= box.x0 || box.y1 <= other.y0 || other.y1 <= box.y0,
      ),
    )
  for (const { at } of names)
    take({ x0: at[0] - clearMm, y0: at[1] - clearMm, x1: at[0] + clearMm, y1: at[1] + clearMm })
  return names.map(({ at: [x, y], text }) => {
    const width = text.length * sizeMm * LETTER
    const boxAt = ([dx, dy]: TemplatePoint, ring: number): Box => {
      const off = clearMm * ring + 0.2
      const x0 = dx > 0 ? x + off : dx < 0 ? x - off - width : x - width / 2
      const y1 = dy < 0 ? y - off * 0.4 : y + off * 0.4 + sizeMm
      const lifted = dx === 0 ? (dy < 0 ? -off * 0.6 : off * 0.6) : 0
      return { x0, y0: y1 - sizeMm + lifted, x1: x0 + width, y1: y1 + lifted }
    }
    for (const ring of RINGS)
      for (const way of AROUND) {
        const box = boxAt(way, ring)
        if (!isFree(box)) continue
        take(box)
        return { at: [box.x0, box.y1], leads: ring > 2 }
      }
    const [first = [1, -1]] = AROUND
    const box = boxAt(first, 1)
    return { at: [box.x0, box.y1], leads: false }
  })
}
