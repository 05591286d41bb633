import type { Shape, Template } from '../templates'
import { counted, plainNumber } from '../units'
import type { Dot } from './tray'

/** Dots of a tray at 1:1, to lie under the backing; or holes of a board, to be drilled through it. */
export function dotSheet(
  dots: readonly Dot[],
  of: {
    readonly title: string
    readonly widthMm: number
    readonly heightMm: number
    readonly drill?: boolean
  },
): Template {
  const sizes = new Map<number, number>()
  for (const { diameterMm } of dots) sizes.set(diameterMm, (sizes.get(diameterMm) ?? 0) + 1)
  const words = [...sizes]
    .sort((a, b) => b[0] - a[0])
    .map(([diameter, count]) => `${count} of ${plainNumber(diameter, 1)} mm`)
  const edge: Shape = {
    kind: 'path',
    layer: of.drill ? 'cut' : 'label',
    closed: true,
    widthMm: 0.25,
    points: [
      [0, 0],
      [of.widthMm, 0],
      [of.widthMm, of.heightMm],
      [0, of.heightMm],
    ],
  }
  const marks = dots.flatMap(({ x, y, diameterMm }): Shape[] => {
    const at = [x, of.heightMm - y] as const
    const circle: Shape = { kind: 'circle', layer: 'cut', at, radiusMm: diameterMm / 2 }
    if (!of.drill) return [circle]
    const arm = Math.min(1.5, diameterMm / 4)
    const line = (dx: number, dy: number): Shape => ({
      kind: 'path',
      layer: 'fold',
      points: [
        [at[0] - dx, at[1] - dy],
        [at[0] + dx, at[1] + dy],
      ],
    })
    return [circle, line(arm, 0), line(0, arm)]
  })
  return {
    title: of.title,
    note: `${counted(dots.length, of.drill ? 'hole' : 'dot')}: ${words.join(', ')}.`,
    widthMm: of.widthMm,
    heightMm: of.heightMm,
    shapes: [edge, ...marks],
  }
}
