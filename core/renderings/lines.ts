import { LINE_STRIDE, MARK_STRIDE, TRAIT_STRIDE, type PlantDrawing } from '../drawing'
import type { Point } from '../growth'

/** Lines of wood as they are gathered: from, to, and the diameters at both ends, mm. */
export class WoodLines {
  private readonly numbers: number[] = []

  add(a: Point, b: Point, d1: number, d2: number): void {
    this.numbers.push(a.x, a.y, a.z, b.x, b.y, b.z, d1, d2)
  }

  /** As a drawing holds them. */
  toArray(): Float32Array {
    return Float32Array.from(this.numbers)
  }
}

/** Visits each line of a drawing's wood. */
export function eachWood(
  { wood }: Pick<PlantDrawing, 'wood'>,
  visit: (a: Point, b: Point, d1: number, d2: number) => void,
): void {
  for (let i = 0; i < wood.length; i += LINE_STRIDE)
    visit(
      { x: wood[i] ?? 0, y: wood[i + 1] ?? 0, z: wood[i + 2] ?? 0 },
      { x: wood[i + 3] ?? 0, y: wood[i + 4] ?? 0, z: wood[i + 5] ?? 0 },
      wood[i + 6] ?? 0,
      wood[i + 7] ?? 0,
    )
}

/** The middle of each stretch of foliage. */
export function markPlaces({ marks }: Pick<PlantDrawing, 'marks'>): Point[] {
  return Array.from({ length: marks.length / MARK_STRIDE }, (_, i) => ({
    x: marks[i * MARK_STRIDE] ?? 0,
    y: marks[i * MARK_STRIDE + 1] ?? 0,
    z: marks[i * MARK_STRIDE + 2] ?? 0,
  }))
}

/** A drawing whose foliage is moved: each stretch goes to where `to` puts it, or away where that is undefined. */
export function withMarks(
  drawing: PlantDrawing,
  to: (place: Point, i: number) => Point | undefined,
): PlantDrawing {
  const marks: number[] = []
  const traits: number[] = []
  markPlaces(drawing).forEach((place, i) => {
    const next = to(place, i)
    if (!next) return
    const o = i * MARK_STRIDE
    marks.push(next.x, next.y, next.z, ...drawing.marks.slice(o + 3, o + MARK_STRIDE))
    traits.push(...drawing.markTraits.slice(i * TRAIT_STRIDE, (i + 1) * TRAIT_STRIDE))
  })
  return { ...drawing, marks: Float32Array.from(marks), markTraits: Uint8Array.from(traits) }
}

/** A drawing all of whose points are moved, in wood and foliage alike. */
export function displaced(drawing: PlantDrawing, to: (place: Point) => Point): PlantDrawing {
  const wood = new WoodLines()
  eachWood(drawing, (a, b, d1, d2) => {
    wood.add(to(a), to(b), d1, d2)
  })
  return withMarks({ ...drawing, wood: wood.toArray() }, to)
}
