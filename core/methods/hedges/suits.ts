import { isBladed, isBushy, type PlantJob } from '../../makeup'

/** What rules a hedge out, whatever it is built of; undefined where it can be one. */
export function notAHedge({ kind, piece }: PlantJob): string | undefined {
  if (kind !== 'length') return 'it is built along a line: give its length instead of pieces'
  if (isBladed(piece)) return 'blades stand in tufts, not in a hedge'
  if (piece.crownForm === 'wall') return 'what climbs wants its wall'
  return undefined
}

export const isHedgeWood = ({ piece }: PlantJob): boolean =>
  isBushy(piece) || piece.habit === 'broadleaf' || piece.habit === 'conifer'
