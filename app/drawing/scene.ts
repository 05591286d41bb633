import type { Point3, Projection } from '../../core/planting'
import { paintPerson } from './person'
import { spriteOf } from './sprites'
import type { Standing } from './standing'

/**
 * Paints what stands on the board from far to near, a shadow under each, and a person of 1.75 m among them.
 * @param elevationDeg of the eye: from higher up a plant is seen less tall
 * @param fine px of the canvas to one of the picture
 * @returns how many are still to come
 */
export function paintStanding(
  context: CanvasRenderingContext2D,
  standing: readonly Standing[],
  project: Projection,
  {
    elevationDeg,
    person,
    fine,
  }: {
    readonly elevationDeg: number
    readonly person: Point3 & { readonly heightMm: number }
    readonly fine: number
  },
): number {
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
    const { look } = one
    const { size } = one.plant
    const pxPerMm = seen.pxPerMm * one.share
    const { sprite, isComing } = spriteOf(one.sitter, look, pxPerMm * fine)
    if (isComing) waiting += 1
    const crownPx = size.crownWidthMm * pxPerMm
    shadow(context, seen.x, seen.y, crownPx * 0.42)
    if (!sprite) {
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
