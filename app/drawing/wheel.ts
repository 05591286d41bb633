import type { Sight } from './sight'

/** Whether a turn of the wheel looks nearer or further; the whole keeps still under one that scrolls the page. */
export const wheelZooms = (
  { ctrlKey, metaKey, deltaY }: Pick<WheelEvent, 'ctrlKey' | 'metaKey' | 'deltaY'>,
  { zoom }: Sight,
): boolean => zoom > 1 || ctrlKey || metaKey || deltaY < 0

/** Pixels, lines and pages of a wheel, as powers of two to one of them. */
const POWERS = [0.002, 0.05, 1] as const

/** How many times nearer a turn of the wheel brings; a pinch on a touchpad comes as one with the control key. */
export const wheelFactor = ({
  deltaY,
  deltaMode,
  ctrlKey,
}: Pick<WheelEvent, 'deltaY' | 'deltaMode' | 'ctrlKey'>): number =>
  2 ** (-deltaY * (POWERS[deltaMode] ?? 1) * (ctrlKey ? 10 : 1))
