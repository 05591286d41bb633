import { individualSizes, lineSize, type Commission, type Line } from '../commissions'
import type { Grouping, Species } from '../plants'
import type { Bed, Board } from './plan'
import { codeOf } from './plan'
import { groupsOf, layerOf } from './suggest'

/** How close pieces of a grouping stand: 1 for crowns that touch; a grove grows into one crown. From memory. */
const CLOSENESS: Record<Grouping, number> = {
  alone: 1.5,
  few: 0.9,
  grove: 0.78,
  drift: 0.8,
  row: 0.92,
  carpet: 0.7,
}
/** Tufts and flowers keep more room, and shine through each other's gaps. From memory. */
const LOOSER_ON_GROUND = 1.9
/** Groups where a line is set otherwise than its kind stands. From memory. */
const USUAL_SIZE: Record<Grouping, readonly [number, number]> = {
  alone: [1, 1],
  few: [3, 5],
  grove: [5, 9],
  drift: [5, 15],
  row: [5, 15],
  carpet: [9, 31],
}

/** Kept clear along the board's edges where nothing else is said, mm. */
export const USUAL_EDGE_MM = 6

/** Lines of a commission as beds: each piece with its own crown, in the odd groups of its kind. */
export function bedsOf(
  commission: Commission,
  lines: readonly { readonly line: Line; readonly species: Species }[],
): Bed[] {
  return lines.map(({ line, species }, place): Bed => {
    const size = lineSize(line, commission, species)
    const layer = layerOf(species)
    const as = line.stands ?? species.groups.as
    const groups =
      line.stands === undefined || line.stands === species.groups.as
        ? groupsOf(species, line.pieces)
        : groupsOf({ groups: { as, size: [...USUAL_SIZE[as]] } }, line.pieces)
    return {
      lineId: line.id,
      code: codeOf(place),
      layer,
      zone: line.zone,
      crownsMm: individualSizes(size, line.pieces, line.id).map(({ crownWidthMm }) => crownWidthMm),
      stemMm: size.trunkMm,
      groups: exactly(groups, line.pieces),
      inRow: as === 'row',
      closeness: CLOSENESS[as] * (layer === 'ground' && as !== 'row' ? LOOSER_ON_GROUND : 1),
    }
  })
}

/** Groups for exactly so many pieces: what is left over after the odd ones stands alone. */
function exactly(groups: readonly number[], pieces: number): number[] {
  const left = pieces - groups.reduce((sum, size) => sum + size, 0)
  return left > 0 ? [...groups, ...new Array<number>(left).fill(1)] : [...groups]
}

/** The board of a commission; undefined until its size is known. */
export function boardOf({ boardWidthMm, boardDepthMm, keepOuts }: Commission): Board | undefined {
  return boardWidthMm === undefined || boardDepthMm === undefined
    ? undefined
    : { widthMm: boardWidthMm, depthMm: boardDepthMm, edgeMm: USUAL_EDGE_MM, keepOuts: keepOuts ?? [] }
}
