import type { Habitus } from './types'

/** How far wind carries a plant's top, by its crown's width, and cuts its windward side short. From memory. */
const CARRIED = 0.42
const CUT = 0.62
const DRAWN_OUT = 0.3

/**
 * Where what grew upright comes to stand under lean and wind, across: the higher, the further it is carried;
 * to windward the crown is cut short. Undefined for what stands upright.
 */
export function leeward(
  plant: Pick<Habitus, 'leanDeg' | 'wind' | 'heightMm' | 'crownWidthMm'>,
): ((x: number, y: number) => number) | undefined {
  const lean = Math.tan(((plant.leanDeg ?? 0) * Math.PI) / 180)
  const wind = plant.wind ?? 0
  if (lean === 0 && wind === 0) return undefined
  return (x, y) => {
    const high = y / plant.heightMm
    const short = x < 0 ? 1 - CUT * wind * high : 1 + DRAWN_OUT * wind * high
    return x * short + lean * y + wind * CARRIED * plant.crownWidthMm * Math.max(0, high) ** 1.4
  }
}
