import type { Point } from './types'

export const views = ['front', 'side', 'top'] as const
export type View = (typeof views)[number]

/** A point as seen from a side: across, up, and towards the eye. From above, up is away from the front. */
export function seenFrom(
  view: View,
  { x, y, z }: Point,
): readonly [across: number, up: number, near: number] {
  return view === 'front' ? [x, y, z] : view === 'side' ? [z, y, -x] : [x, -z, y]
}
