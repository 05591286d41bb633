import { sitterOf, type Sitter } from '../../core/commissions'
import { mix } from '../../core/colour'
import { along, isInside, type Corner, type PlantingPlan, type Point3, type Seen } from '../../core/planting'
import { seededRandom, seedOf } from '../../core/units'
import type { Plant } from '../stores/commission'
import { paintPerson } from './person'
import { isGrown, spriteOf } from './sprites'

/** Something that stands in the scene: a sitter, where, and how much smaller or larger than its line's example. */
export interface Standing extends Point3 {
  readonly sitter: Sitter
  readonly plant: Plant
  readonly share: number
}

/** Plants of one line that differ, so that none looks like the next. */
const VARIANTS = 4
/** Pieces of a hedge stand at this share of its width, and grass at this share of a tuft's. */
const HEDGE_STEP = 0.55
const GRASS_STEP = 0.62
/** Tufts that stand for a patch of grass. */
const MOST_TUFTS = 1400

/** All that stands on a plan: pieces, hedges in short pieces, tufts for grass. */
export function standingOn(plan: PlantingPlan, plants: ReadonlyMap<string, Plant>): Standing[] {
  const found: Standing[] = []
  const sitters = new Map<string, Sitter>()
  const sitter = (plant: Plant, variant: number, lengthMm?: number): Sitter => {
    const name = `${plant.line.id}#${variant}`
    const amount = plant.line.amount
    const line =
      lengthMm !== undefined && amount.kind === 'length'
        ? { ...plant.line, amount: { ...amount, lengthMm } }
        : { ...plant.line, amount: { kind: 'pieces' as const, pieces: 1 } }
    const known =
      sitters.get(name) ?? sitterOf(line, plant.species, plant.size, plant.piece.seeThrough, variant + 1)
    sitters.set(name, known)
    return known
  }
  for (const spot of plan.spots) {
    const plant = plants.get(spot.lineId)
    if (!plant) continue

    found.push({
      x: spot.x,
      y: spot.y,
      z: 0,
      sitter: sitter(plant, spot.number % VARIANTS),
      plant,
      share: spot.crownMm / Math.max(0.1, plant.size.crownWidthMm),
    })
  }
  for (const hedge of plan.hedges) {
    const plant = plants.get(hedge.lineId)
    if (!plant) continue
    const step = hedge.widthMm * HEDGE_STEP
    for (let i = 0; (i + 0.5) * step < hedge.lengthMm && i < 3000; i += 1) {
      found.push({
        ...along(hedge.points, (i + 0.5) * step),
        z: 0,
        sitter: sitter(plant, i % VARIANTS, hedge.widthMm),
        plant,
        share: 1,
      })
    }
  }
  for (const patch of plan.patches) {
    const plant = plants.get(patch.lineId)
    if (!plant) continue
    for (const [i, place] of scattered(
      patch.points,
      plant.size.crownWidthMm * GRASS_STEP,
      patch.lineId,
    ).entries()) {
      found.push({
        ...place,
        z: 0,
        sitter: sitter(plant, i % VARIANTS),
        plant,
        share: 0.8 + 0.4 * ((i * 0.618) % 1),
      })
    }
  }
  return found
}

/** Places spread over an area, so far apart on average, the same each time. */
function scattered(points: readonly Corner[], apartMm: number, seed: string): { x: number; y: number }[] {
  const xs = points.map(([x]) => x)
  const ys = points.map(([, y]) => y)
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  const count = Math.min(MOST_TUFTS, Math.ceil(((x1 - x0) * (y1 - y0)) / Math.max(0.01, apartMm * apartMm)))
  const random = seededRandom(seedOf(seed))
  return Array.from({ length: count }, () => ({
    x: x0 + (x1 - x0) * random(),
    y: y0 + (y1 - y0) * random(),
  })).filter((place) => isInside(points, place))
}

const EARTH = '#8b8069'
const TRACK = '#8f8d86'
const CLEAR = '#c4bda9'
const EDGE = '#6b5a43'
/** Thickness of the board, mm. */
const BOARD_MM = 12

type Project = (point: Point3) => Seen | undefined

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
  project: Project,
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
  for (const { points, lineId } of plan.patches)
    fill(flat(points), mix(ground, plants.get(lineId)?.look.overall ?? ground, 0.7))
  for (const { kind, points, widthMm } of keepOuts) {
    if (kind === 'shape') {
      fill(flat(points), CLEAR)
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
        TRACK,
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

/** Time for painting sprites in one frame, ms. */
const FRAME_MS = 28

/**
 * Paints what stands on the board from far to near, a shadow under each, and a person of 1.75 m among them.
 * @param elevationDeg of the eye: from higher up a plant is seen less tall
 * @param fine px of the canvas to one of the picture
 * @returns how many are still to come that have grown already
 */
export function paintStanding(
  context: CanvasRenderingContext2D,
  standing: readonly Standing[],
  project: Project,
  {
    elevationDeg,
    person,
    fine,
    patient,
  }: {
    readonly elevationDeg: number
    readonly person: Point3 & { readonly heightMm: number }
    readonly fine: number
    /** However long it takes: for a picture that is kept. */
    readonly patient: boolean
  },
): number {
  const start = performance.now()
  const shown = standing
    .flatMap((one) => {
      const seen = project(one)
      return seen ? [{ one, seen }] : []
    })
    .sort((a, b) => b.seen.depthMm - a.seen.depthMm)
  const figure = project(person)
  let waiting = 0
  let figured = false
  const figureNow = (): void => {
    if (figured || !figure) return
    figured = true
    shadow(context, figure.x, figure.y, person.heightMm * 0.16 * figure.pxPerMm)
    paintPerson(context, figure.x, figure.y, person.heightMm * figure.pxPerMm)
  }
  const e = (elevationDeg * Math.PI) / 180
  for (const { one, seen } of shown) {
    if (figure && seen.depthMm < figure.depthMm) figureNow()
    const { size, look } = one.plant
    const pxPerMm = seen.pxPerMm * one.share
    const hurry = !patient && performance.now() - start > FRAME_MS
    const sprite = spriteOf(one.sitter, look, pxPerMm * fine, hurry)
    const crownPx = size.crownWidthMm * pxPerMm
    shadow(context, seen.x, seen.y, crownPx * 0.42)
    if (!sprite) {
      if (isGrown(one.sitter)) waiting += 1
      context.fillStyle = `${look.overall}66`
      context.beginPath()
      context.ellipse(
        seen.x,
        seen.y - (size.heightMm * pxPerMm) / 2,
        crownPx / 2,
        (size.heightMm * pxPerMm) / 2,
        0,
        0,
        7,
      )
      context.fill()
      continue
    }
    const k = pxPerMm / sprite.pxPerMm
    // Upright things are foreshortened, and show some of their round top instead.
    const flat = Math.min(1, Math.cos(e) + 0.5 * Math.sin(e) * Math.min(1, size.crownWidthMm / size.heightMm))
    const [wide, high] = [sprite.picture.width * k, sprite.picture.height * k * flat]
    context.drawImage(sprite.picture, seen.x - sprite.footX * k, seen.y - sprite.footY * k * flat, wide, high)
  }
  figureNow()
  return waiting
}

function shadow(context: CanvasRenderingContext2D, x: number, y: number, r: number): void {
  if (r < 0.6) return
  context.fillStyle = 'rgb(30 34 24 / 0.12)'
  context.beginPath()
  context.ellipse(x + r * 0.25, y, r, r * 0.3, 0, 0, 7)
  context.fill()
}
