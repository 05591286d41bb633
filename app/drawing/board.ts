import { mix } from '../../core/colour'
import { WATER, type Corner, type PlantingPlan, type Point3, type Projection } from '../../core/planting'
import type { Plant } from '../stores/plant'

const EARTH = '#8b8069'
/** Earth that has been dug: a bed's. */
const TILLED = '#6f5d47'
const TRACK = '#8f8d86'
const CLEAR = '#c4bda9'
const EDGE = '#6b5a43'
/** Thickness of the board, mm. */
const BOARD_MM = 12

/** Colour of the ground: earth, and the green or straw of what grows low on it. */
function groundColour(plants: Iterable<Plant>): string {
  const low = [...plants].filter(({ species }) => species.habit === 'grass' || species.habit === 'herb')
  const grass = low.reduce<string | undefined>(
    (mixed, { look }, i) => (mixed === undefined ? look.overall : mix(mixed, look.overall, 1 / (i + 1))),
    undefined,
  )
  return grass === undefined ? EARTH : mix(EARTH, grass, 0.5)
}

/** Paints the board with its edge, what is kept clear, and grass, seen in perspective. */
export function paintBoard(
  context: CanvasRenderingContext2D,
  plan: PlantingPlan,
  plants: ReadonlyMap<string, Plant>,
  project: Projection,
): void {
  const { widthMm: w, depthMm: d, keepOuts } = plan.board
  const fill = (points: readonly Point3[], colour: string): void => {
    const seen = points.map(project)
    if (seen.some((point) => point === undefined)) return
    context.fillStyle = colour
    context.beginPath()
    for (const point of seen) if (point) context.lineTo(point.x, point.y)
    context.closePath()
    context.fill()
  }
  const flat = (points: readonly Corner[]): Point3[] => points.map(([x, y]) => ({ x, y, z: 0 }))
  const ground = groundColour(plants.values())
  const sides: readonly (readonly [Corner, Corner])[] = [
    [
      [0, 0],
      [w, 0],
    ],
    [
      [0, d],
      [w, d],
    ],
    [
      [0, 0],
      [0, d],
    ],
    [
      [w, 0],
      [w, d],
    ],
  ]
  for (const [[ax, ay], [bx, by]] of sides)
    fill(
      [
        { x: ax, y: ay, z: 0 },
        { x: bx, y: by, z: 0 },
        { x: bx, y: by, z: -BOARD_MM },
        { x: ax, y: ay, z: -BOARD_MM },
      ],
      EDGE,
    )
  fill(
    flat([
      [0, 0],
      [w, 0],
      [w, d],
      [0, d],
    ]),
    ground,
  )
  // What runs on beyond the board ends at its edge.
  context.save()
  context.beginPath()
  for (const corner of [
    project({ x: 0, y: 0, z: 0 }),
    project({ x: w, y: 0, z: 0 }),
    project({ x: w, y: d, z: 0 }),
    project({ x: 0, y: d, z: 0 }),
  ])
    if (corner) context.lineTo(corner.x, corner.y)
  context.closePath()
  context.clip()
  for (const { points } of plan.borders) fill(flat(points), TILLED)
  for (const { points, lineId } of plan.patches)
    fill(flat(points), mix(ground, plants.get(lineId)?.look.overall ?? ground, 0.7))
  for (const { kind, points, widthMm, water } of keepOuts) {
    if (kind === 'shape') {
      fill(flat(points), water ? WATER : CLEAR)
      continue
    }
    for (const [i, b] of points.entries()) {
      const a = points[i - 1]
      if (!a) continue
      const length = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1
      const [nx, ny] = [((a[1] - b[1]) / length) * (widthMm / 2), ((b[0] - a[0]) / length) * (widthMm / 2)]
      fill(
        flat([
          [a[0] + nx, a[1] + ny],
          [b[0] + nx, b[1] + ny],
          [b[0] - nx, b[1] - ny],
          [a[0] - nx, a[1] - ny],
        ]),
        water ? WATER : TRACK,
      )
      fill(flat(roundOf(b, widthMm / 2)), TRACK)
    }
  }
  context.restore()
}

/** Corners of a disc: a track's pieces join in it. */
const roundOf = ([x, y]: Corner, r: number): Corner[] =>
  Array.from({ length: 16 }, (_, i): Corner => [
    x + r * Math.cos((i / 8) * Math.PI),
    y + r * Math.sin((i / 8) * Math.PI),
  ])
