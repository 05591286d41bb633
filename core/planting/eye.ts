import { requireRange } from '../units'
import type { Board } from './board'

/** A point over the board, mm: from its front left corner to the right, to the back, and up. */
export interface Point3 {
  readonly x: number
  readonly y: number
  readonly z: number
}

/** Where one looks at the board from: around it, above it, and how far from its middle. */
export interface Eye {
  /** 0 from the front, 90 from the right. */
  readonly azimuthDeg: number
  /** Above the board's surface. */
  readonly elevationDeg: number
  readonly distanceMm: number
}

/** A point in the picture, px, how far in front of the eye it lies, mm, and how many px a mm takes there. */
export interface Seen {
  readonly x: number
  readonly y: number
  readonly depthMm: number
  readonly pxPerMm: number
}

/** Where a point is seen; undefined for what lies behind the eye. */
export type Projection = (point: Point3) => Seen | undefined

export const ELEVATIONS = { least: 3, most: 62 } as const
/** The usual view lies so far above the board's surface, degrees: a person who leans to the scene. From memory. */
const USUAL_ELEVATION = 17
/** Half of the board's depth and a third of its height are looked at. */
const MIDDLE = 0.46
const LOOKED_AT = 0.3
/** No nearer than this share of the board's diagonal from its middle. */
const NEAREST = 0.62
const NEAR_MM = 20

/** The viewing point: so far from the board's front edge, a little above it. @throws RangeError at no distance */
export function viewingEye(board: Pick<Board, 'widthMm' | 'depthMm'>, viewingMm: number): Eye {
  requireRange('viewing distance', viewingMm, 'mm', { above: 0 })
  return within(board, {
    azimuthDeg: 0,
    elevationDeg: USUAL_ELEVATION,
    distanceMm: viewingMm + board.depthMm * MIDDLE,
  })
}

/** An eye held where the board can be seen from: above its surface, outside of it, not too far. */
export function within(board: Pick<Board, 'widthMm' | 'depthMm'>, eye: Eye): Eye {
  const diagonal = Math.hypot(board.widthMm, board.depthMm)
  return {
    azimuthDeg: ((((eye.azimuthDeg + 180) % 360) + 360) % 360) - 180,
    elevationDeg: Math.min(ELEVATIONS.most, Math.max(ELEVATIONS.least, eye.elevationDeg)),
    distanceMm: Math.min(diagonal * 12, Math.max(diagonal * NEAREST, eye.distanceMm)),
  }
}

/** What is in the picture: the board, the height of what stands on it, and the picture's size, px. */
export interface Frame {
  readonly board: Pick<Board, 'widthMm' | 'depthMm'>
  readonly tallestMm: number
  readonly widthPx: number
  readonly heightPx: number
}

/**
 * True perspective from an eye: what is twice as far away is half as large (a pinhole camera). The focal
 * length lets all of the board be seen from a given eye, and stays as the eye moves.
 * @param home the eye that all of it is seen from
 */
export function projection(frame: Frame, eye: Eye, home: Eye): Projection {
  const { widthPx, heightPx } = frame
  const look = camera(frame, eye)
  const fit = fitOf(frame, home)
  return (point) => {
    const { right, up, depthMm } = look(point)
    if (depthMm < NEAR_MM) return undefined
    const pxPerMm = fit.focalPx / depthMm
    return { x: widthPx / 2 + right * pxPerMm, y: heightPx * fit.middle - up * pxPerMm, depthMm, pxPerMm }
  }
}

/** A point by the eye's own directions, mm. */
function camera({ board, tallestMm }: Frame, { azimuthDeg, elevationDeg, distanceMm }: Eye) {
  const [a, e] = [(azimuthDeg * Math.PI) / 180, (elevationDeg * Math.PI) / 180]
  const [sa, ca, se, ce] = [Math.sin(a), Math.cos(a), Math.sin(e), Math.cos(e)]
  const target = { x: board.widthMm / 2, y: board.depthMm * MIDDLE, z: tallestMm * LOOKED_AT }
  return (point: Point3) => {
    const [dx, dy, dz] = [point.x - target.x, point.y - target.y, point.z - target.z]
    // Away from the eye along the ground, then tilted by its elevation.
    const back = -dx * sa + dy * ca
    return {
      right: dx * ca + dy * sa,
      up: dz * ce + back * se,
      depthMm: distanceMm + back * ce - dz * se,
    }
  }
}

/** Room left around the board, as a share of the picture. */
const MARGIN = 0.025

/** The focal length at which the board and what stands on it fill the picture, and where its middle lies. */
function fitOf(frame: Frame, home: Eye): { focalPx: number; middle: number } {
  const look = camera(frame, home)
  let [wide, top, bottom] = [0, -Infinity, Infinity]
  for (const x of [0, frame.board.widthMm])
    for (const y of [0, frame.board.depthMm])
      for (const z of [0, frame.tallestMm]) {
        const { right, up, depthMm } = look({ x, y, z })
        const depth = Math.max(NEAR_MM, depthMm)
        wide = Math.max(wide, Math.abs(right) / depth)
        top = Math.max(top, up / depth)
        bottom = Math.min(bottom, up / depth)
      }
  const focalPx = Math.min(
    (frame.widthPx * (1 - 2 * MARGIN)) / (2 * wide),
    (frame.heightPx * (1 - 2 * MARGIN)) / (top - bottom),
  )
  return { focalPx, middle: 0.5 + ((top + bottom) / 2 / frame.heightPx) * focalPx }
}
