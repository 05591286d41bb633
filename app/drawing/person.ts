import { personPaths } from './person-outline'

/** A standing person of 1.75 m, seen from the front; the measure of everything. @param heightPx of the person */
export function paintPerson(
  context: CanvasRenderingContext2D,
  x: number,
  groundY: number,
  heightPx: number,
): void {
  context.fillStyle = token('ink')
  for (const path of personPaths) {
    context.beginPath()
    for (const [i, [px, py]] of path.entries())
      context[i === 0 ? 'moveTo' : 'lineTo'](x + px * heightPx, groundY - py * heightPx)
    context.closePath()
    context.fill()
  }
  context.beginPath()
  context.arc(x, groundY - 0.93 * heightPx, 0.066 * heightPx, 0, 2 * Math.PI)
  context.fill()
}
