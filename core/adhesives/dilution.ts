import { requireRange } from '../units/reading'

/** A dilution by volume: 1 : 5 is one part of the concentrate to five of water. */
export interface Dilution {
  readonly concentrate: number
  readonly water: number
}

/** Matte medium for soaking sprigs, 1 : 5. Common practice. */
export const soakingMedium: Dilution = { concentrate: 1, water: 5 }

/** What to pour for a bath that a batch is dipped in. All volumes in ml. */
export interface Bath {
  readonly totalMl: number
  readonly concentrateMl: number
  readonly waterMl: number
  /** What the pieces carry away. */
  readonly takenMl: number
  /** What stays in the bath at the end, and can be kept for the next batch. */
  readonly leftMl: number
}

/**
 * Volumes of concentrate and water in a mixed volume. Source: arithmetic, ratio by volume.
 * @throws RangeError for a volume below 0 ml or parts that aren't above 0
 */
export function pour(totalMl: number, dilution: Dilution): { concentrateMl: number; waterMl: number } {
  requireRange('volume', totalMl, 'ml', { min: 0 })
  requireRange('parts of concentrate', dilution.concentrate, '', { above: 0 })
  requireRange('parts of water', dilution.water, '', { min: 0 })
  const concentrateMl = (totalMl * dilution.concentrate) / (dilution.concentrate + dilution.water)
  return { concentrateMl, waterMl: totalMl - concentrateMl }
}

/**
 * A bath deep enough to dip the last piece: what all pieces carry away, plus what must still stand in the
 * bath at the end.
 * @param pieces number dipped
 * @param takenMlEach what one piece carries away after shaking off, ml
 * @param standingMl what must stand in the bath for the last piece, ml
 */
export function bathFor(pieces: number, takenMlEach: number, standingMl: number, dilution: Dilution): Bath {
  requireRange('pieces', pieces, '', { min: 0 })
  requireRange('pick-up', takenMlEach, 'ml', { min: 0 })
  requireRange('standing bath', standingMl, 'ml', { min: 0 })
  const takenMl = pieces * takenMlEach
  const totalMl = takenMl + standingMl
  return { totalMl, ...pour(totalMl, dilution), takenMl, leftMl: standingMl }
}
