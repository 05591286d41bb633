import type { Sight } from './sight'

/** A turn of a wheel, as a browser's event tells of it. */
export interface WheelTurn {
  readonly deltaY: number
  /** 0 px, 1 lines, 2 pages. */
  readonly deltaMode: number
  readonly ctrlKey: boolean
  readonly metaKey: boolean
}

/** Whether a turn of the wheel looks nearer or further; the whole keeps still under one that scrolls the page. */
export const wheelZooms = (
  { ctrlKey, metaKey, deltaY }: Omit<WheelTurn, 'deltaMode'>,
  { zoom }: Sight,
): boolean => zoom > 1 || ctrlKey || metaKey || deltaY < 0

/** Pixels, lines and pages of a wheel, as powers of two to one of them. */
const POWERS = [0.002, 0.05, 1] as const

/** How many times nearer a turn of the wheel brings; a pinch on a touchpad comes as one with the control key. */
export const wheelFactor = ({ deltaY, deltaMode, ctrlKey }: Omit<WheelTurn, 'metaKey'>): number =>
  2 ** (-deltaY * (POWERS[deltaMode] ?? 1) * (ctrlKey ? 10 : 1))
