import { individualSizes, lineSize, type Commission, type Line } from '../commissions'
import type { Handling } from '../makeup'
import type { Grouping, HabitatId, Species } from '../plants'
import { layerGroupsOf, layerOf } from './layers'
import type { Bed, Board } from './board'
import { codeOf, type Beds } from './plan'
import type { HedgeBed, PatchBed } from './runs'

/** How close pieces of a grouping stand: 1 for crowns that touch; a grove grows into one crown. From memory. */
const CLOSENESS: Record<Grouping, number> = {
  alone: 1.5,
  few: 0.9,
  grove: 0.78,
  drift: 0.8,
  row: 0.92,
  bed: 0.78,
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
  bed: [3, 7],
  carpet: [9, 31],
}

/** What breaks in a hand stands so far from where hands reach: the front edge, and tracks. From memory. */
const OUT_OF_REACH_MM = 70

/** Places at the water. */
const WATERSIDE: ReadonlySet<HabitatId> = new Set(['reed-swamp', 'carr'])
/** Whether a kind grows at the water: more of it stands there than anywhere else. */
export function isWaterside({ habitats }: Pick<Species, 'habitats'>): boolean {
  const sum = (some: Species['habitats']): number => some.reduce((all, { perHa }) => all + perHa, 0)
  return sum(habitats.filter(({ habitat }) => WATERSIDE.has(habitat))) > sum(habitats) / 2
}

/** Kept clear along the board's edges where nothing else is said, mm. */
export const USUAL_EDGE_MM = 6

/**
 * Lines of a commission as beds: pieces with a crown each, in the odd groups of their kind; hedges by their
 * length, grass by its area.
 */
export function bedsOf(
  commission: Commission,
  lines: readonly {
    readonly line: Line
    readonly species: Species
    readonly handling?: Handling | undefined
  }[],
): Beds {
  const pieces: Bed[] = []
  const hedges: HedgeBed[] = []
  const patches: PatchBed[] = []
  lines.forEach(({ line, species, handling }, place) => {
    const size = lineSize(line, commission, species)
    const { amount } = line
    const common = { lineId: line.id, code: codeOf(place), zone: line.zone }
    const drawn = line.drawn === undefined ? {} : { drawn: line.drawn }
    if (amount.kind === 'length')
      hedges.push({
        ...common,
        widthMm: size.crownWidthMm,
        lengthMm: amount.lengthMm,
        gaps: line.gaps,
        ...(line.trees && { trees: line.trees }),
        ...drawn,
      })
    else if (amount.kind === 'area') patches.push({ ...common, areaCm2: amount.areaCm2, ...drawn })
    else
      pieces.push({
        ...common,
        ...pieceBed(line, species, size, amount.pieces),
        ...(handling === 'protected' ? { outOfReachMm: OUT_OF_REACH_MM } : {}),
        ...(isWaterside(species) ? { waterside: true } : {}),
        ...(commission.backdrop !== undefined && line.zone === 'back' && layerOf(species) !== 'ground'
          ? { beforeBackdrop: true }
          : {}),
      })
  })
  return { pieces, hedges, patches }
}

function pieceBed(
  line: Line,
  species: Species,
  size: ReturnType<typeof lineSize>,
  count: number,
): Omit<Bed, 'lineId' | 'code' | 'zone'> {
  const layer = layerOf(species)
  const as = line.stands ?? species.groups.as
  const groups =
    line.stands === undefined || line.stands === species.groups.as
      ? layerGroupsOf(species, count)
      : layerGroupsOf({ groups: { as, size: [...USUAL_SIZE[as]] } }, count)
  return {
    layer,
    crownsMm: individualSizes(size, count, line.id).map(({ crownWidthMm }) => crownWidthMm),
    stemMm: size.trunkMm,
    groups: exactly(groups, count),
    inRow: as === 'row',
    ...(as === 'bed' ? { inBedMm: size.heightMm } : {}),
    ...(species.rows && (line.stands ?? species.groups.as) === species.groups.as
      ? {
          rows: {
            apartMm: species.rows.apartM * 1000 * size.scale,
            inRowMm: species.rows.inRowM * 1000 * size.scale,
          },
        }
      : {}),
    closeness: CLOSENESS[as] * (layer === 'ground' && as !== 'row' && as !== 'bed' ? LOOSER_ON_GROUND : 1),
  }
}

/** Groups for exactly so many pieces: what is left over after the odd ones stands alone. */
function exactly(groups: readonly number[], pieces: number): number[] {
  const left = pieces - groups.reduce((sum, size) => sum + size, 0)
  return left > 0 ? [...groups, ...new Array<number>(left).fill(1)] : [...groups]
}

/** The board of a commission; undefined until its size is known. */
export function boardOf({
  boardWidthMm,
  boardDepthMm,
  keepOuts,
  plantedShare,
}: Commission): Board | undefined {
  return boardWidthMm === undefined || boardDepthMm === undefined
    ? undefined
    : {
        widthMm: boardWidthMm,
        depthMm: boardDepthMm,
        edgeMm: USUAL_EDGE_MM,
        keepOuts: keepOuts ?? [],
        ...(plantedShare === undefined ? {} : { plantedShare }),
      }
}
