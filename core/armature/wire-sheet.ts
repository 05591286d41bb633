import type { Point } from '../growth'
import { placeLabels, type TemplatePoint, type Shape, type Template } from '../templates'
import { counted, plainNumber } from '../units'
import type { WirePlan } from './wire-plan'

const MARGIN_MM = 8
const TYPE_MM = 2.4
/** Room for the gauge of cut lengths beside the tree, mm. */
const GAUGE_MM = 34
/** Of single wires only those are named that are at least so long, mm. */
const NAMED_FROM_MM = 12

interface Extent {
  readonly left: number
  readonly right: number
  readonly top: number
}

function extentOf(points: readonly (readonly [number, number])[]): Extent {
  let [left, right, top] = [-8, 8, 1]
  for (const [x, y] of points) {
    left = Math.min(left, x)
    right = Math.max(right, x)
    top = Math.max(top, y)
  }
  return { left, right, top }
}

/**
 * The armature at 1:1 from the front and the side, on which wire is laid: every part with its strands and its
 * length, and beside it one gauge with a tick for each length that is cut.
 */
export function wireSheet(plan: WirePlan, title: string): Template {
  const front = (p: Point): readonly [number, number] => [p.x, p.y]
  const side = (p: Point): readonly [number, number] => [p.z, p.y]
  const lengths = [
    ...plan.two.stoutCut.lengths.map((cut) => ({ ...cut, what: `${plainNumber(plan.stoutMm, 2)} mm` })),
    ...plan.two.thinCut.lengths.map((cut) => ({ ...cut, what: `${plainNumber(plan.thinMm, 2)} mm` })),
  ]
  const longest = lengths.reduce((most, { lengthMm }) => Math.max(most, lengthMm), 0)
  const views = [front, side].map((of) => {
    const seen = extentOf(plan.tree.parts.flatMap(({ points }) => points.map(of)))
    return { of, ...seen }
  })
  const height = Math.max(longest, ...views.map(({ top }) => top)) + 2 * MARGIN_MM
  const ground = height - MARGIN_MM
  const shapes: Shape[] = []
  let x = GAUGE_MM + MARGIN_MM
  views.forEach(({ of, left, right }, i) => {
    const foot = x - left
    shapes.push(...viewShapes(plan, of, foot, ground), {
      kind: 'path',
      layer: 'label',
      points: [
        [x, ground],
        [x + right - left, ground],
      ],
      widthMm: 0.3,
    })
    shapes.push({
      kind: 'text',
      layer: 'label',
      at: [foot, ground + 5],
      text: i === 0 ? 'front' : 'side',
      sizeMm: 3,
      align: 'middle',
    })
    x += right - left + 3 * MARGIN_MM
  })
  shapes.push(...gauge(lengths, ground))
  return {
    title,
    note: `${counted(plan.strands, 'strand')}. Lay the wire on the lines; figures are strands · mm. The gauge at the left has a tick for each length that is cut.`,
    widthMm: x - 2 * MARGIN_MM,
    heightMm: height,
    shapes,
  }
}

/** One line from the ground up, with a tick and the number of wires at each length that is cut. */
function gauge(
  lengths: readonly { readonly lengthMm: number; readonly count: number; readonly what: string }[],
  ground: number,
): Shape[] {
  const longest = lengths.reduce((most, { lengthMm }) => Math.max(most, lengthMm), 0)
  const [x] = [5]
  const names = placeLabels(
    lengths.map(({ lengthMm, count, what }) => ({
      at: [x + 4, ground - lengthMm] as const,
      text: `${count} × ${lengthMm}, ${what}`,
    })),
    TYPE_MM,
    0.8,
  )
  return [
    {
      kind: 'path',
      layer: 'cut',
      points: [
        [x, ground],
        [x, ground - longest],
      ],
      widthMm: 0.3,
    },
    ...lengths.flatMap(({ lengthMm, count, what }, i): Shape[] => [
      {
        kind: 'path',
        layer: 'cut',
        points: [
          [x - 2, ground - lengthMm],
          [x + 3, ground - lengthMm],
        ],
        widthMm: 0.3,
      },
      {
        kind: 'text',
        layer: 'label',
        at: names[i]?.at ?? [x + 5, ground - lengthMm],
        text: `${count} × ${lengthMm}, ${what}`,
        sizeMm: TYPE_MM,
      },
    ]),
  ]
}

function viewShapes(
  plan: WirePlan,
  of: (point: Point) => readonly [number, number],
  foot: number,
  ground: number,
): Shape[] {
  const at = (point: Point): TemplatePoint => {
    const [x, y] = of(point)
    return [foot + x, ground - y]
  }
  const named = plan.tree.parts.flatMap(({ id, strands: tips, lengthMm, points }) => {
    const strands = plan.two.stout[id] || tips
    if (strands < 2 && lengthMm < NAMED_FROM_MM) return []
    const middle = points[Math.floor(points.length / 2)]
    return middle && lengthMm >= 4 ? [{ at: at(middle), text: `${strands}·${Math.round(lengthMm)}` }] : []
  })
  const places = placeLabels(named, TYPE_MM, 0.9)
  return [
    ...plan.tree.parts.map(({ id, points }): Shape => ({
      kind: 'path',
      layer: 'fold',
      points: points.map(at),
      widthMm: Math.max(0.2, plan.thickMm[id] ?? 0.2),
    })),
    ...named.flatMap(({ at: from, text }, i): Shape[] => {
      const place = places[i]
      if (!place) return []
      return [
        ...(place.leads
          ? [
              {
                kind: 'path' as const,
                layer: 'label' as const,
                points: [from, place.at] as const,
                widthMm: 0.1,
              },
            ]
          : []),
        { kind: 'text', layer: 'label', at: place.at, text, sizeMm: TYPE_MM },
      ]
    }),
  ]
}
