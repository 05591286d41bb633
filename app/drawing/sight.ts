import type { Room } from './line-up'

/** How the line-up is looked at: magnified about the ground, and moved. */
export interface Sight {
  readonly zoom: number
  readonly panX: number
  readonly panY: number
}
export const WHOLE: Sight = { zoom: 1, panX: 0, panY: 0 }
export const MOST_ZOOM = 24

/** Where a place of the layout is seen. */
export const seenX = (sight: Sight, x: number): number => x * sight.zoom + sight.panX

/** A magnification about the top left corner, as zooming behaviours count it: a place p is seen at k · p + (x, y). */
export interface Transform {
  readonly k: number
  readonly x: number
  readonly y: number
}
export const transformOf = ({ zoom, panX, panY }: Sight, groundPx: number): Transform => ({
  k: zoom,
  x: panX,
  y: panY + groundPx * (1 - zoom),
})
export const sightOf = ({ k, x, y }: Transform, groundPx: number): Sight =>
  k === 1 ? WHOLE : { zoom: k, panX: x, panY: y - groundPx * (1 - k) }

/** How a picture that was painted at one sight lies at another, as a CSS transform about its top left corner. */
export function movedTo(painted: Sight, now: Sight, groundPx: number): string | undefined {
  if (painted === now) return undefined
  const [from, to] = [transformOf(painted, groundPx), transformOf(now, groundPx)]
  const k = to.k / from.k
  return `translate(${to.x - k * from.x}px, ${to.y - k * from.y}px) scale(${k})`
}

/** Keeps the plants in sight: the drawing can't be pushed away altogether, and the whole stands where it belongs. */
export function keptInSight(sight: Sight, room: Room): Sight {
  if (sight.zoom === 1) return WHOLE
  const wide = room.widthPx * sight.zoom
  return {
    zoom: sight.zoom,
    panX: Math.min(room.widthPx * 0.6, Math.max(room.widthPx * 0.4 - wide, sight.panX)),
    panY: Math.min(room.groundPx * sight.zoom, Math.max(-room.groundPx * 0.6, sight.panY)),
  }
}
