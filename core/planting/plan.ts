import { zones, type KeepOut, type Zone } from '../commissions'
import { requireRange, seededRandom, seedOf, type Random } from '../units'
import { Field } from './field'
import { borderAround, layoutOf, borderMembersOf, middlesOn, type Border, type BorderMember } from './borders'
import { clearanceOf, type BoardPlace } from './geometry'
import {
  laidHedges,
  laidPatches,
  placesInHedges,
  type Hedge,
  type HedgeBed,
  type Patch,
  type PatchBed,
} from './runs'
import { plotPlaces, slotsOf, type PlotSlot } from './plots'
import type { Bed, Board, Placing, Spot } from './board'

export interface PlantingPlan {
  readonly board: Board
  readonly spots: readonly Spot[]
  readonly hedges: readonly Hedge[]
  readonly patches: readonly Patch[]
  /** Garden beds, with the lines that stand in each. */
  readonly borders: readonly Border[]
  /** Pieces that found no room, by line. */
  readonly left: readonly { readonly lineId: string; readonly code: string; readonly pieces: number }[]
  /** How far a crown reaches over a keep-out at most, mm. */
  readonly overhangMm: number
}

/** What is planted on a board. */
export interface Beds {
  readonly pieces: readonly Bed[]
  readonly hedges: readonly HedgeBed[]
  readonly patches: readonly PatchBed[]
}

/** Letter of a line: A to Z, then AA. */
export const codeOf = (place: number): string =>
  place < 26 ? String.fromCharCode(65 + place) : `${codeOf(Math.floor(place / 26) - 1)}${codeOf(place % 26)}`

/**
 * Places each piece by Poisson-disc sampling with a radius of its own: darts are thrown around its group, and
 * one that comes too near to a piece, an edge or a keep-out is thrown again. Source: variable-radius dart
 * throwing after Bridson 2007. Hedges are laid first, then what stands before a backdrop, then rows, which need room
 * on end; then the largest kinds.
 * @param seed the same seed gives the same plan
 * @throws RangeError when the board is not above 0 mm
 */
export function planPlanting(board: Board, beds: Beds, seed: string): PlantingPlan {
  requireRange('board width', board.widthMm, 'mm', { above: 0 })
  requireRange('board depth', board.depthMm, 'mm', { above: 0 })
  const hedges = laidHedges(board, beds.hedges)
  const field = new Field(board, beds.pieces, hedges)
  const inTurn = [...beds.pieces].sort(
    (a, b) =>
      Number(b.beforeBackdrop ?? false) - Number(a.beforeBackdrop ?? false) ||
      Number(rowOf(b)) - Number(rowOf(a)) ||
      widest(b) - widest(a) ||
      a.code.localeCompare(b.code),
  )
  const left: { lineId: string; code: string; pieces: number }[] = []
  const slots = slotsOf(beds.pieces)
  // What stands in a hedge has its place: all else keeps away from it.
  const inHedges = placesInHedges(beds.hedges, hedges)
  const stands = new Map(
    inTurn.map((bed) => [bed.lineId, plantInHedges(field, bed, inHedges.get(bed.lineId) ?? [])]),
  )
  const borders = zones.flatMap((zone) => {
    const laid = plantBorder(field, board, zone, beds.pieces)
    left.push(...laid.left)
    return laid.borders
  })
  for (const bed of inTurn) {
    if (bed.inBedMm !== undefined) continue
    const random = seededRandom(seedOf(`${seed}|${bed.lineId}`))
    const slot = slots.get(bed.lineId)
    const missed = slot
      ? plantPlot(field, board, bed, slot)
      : plantBed(field, bed, random, stands.get(bed.lineId))
    if (missed > 0) left.push({ lineId: bed.lineId, code: bed.code, pieces: missed })
  }
  const spots = field.spots
    .map(withoutWishes)
    .sort((a, b) => a.code.length - b.code.length || a.code.localeCompare(b.code) || a.number - b.number)
  return {
    board,
    spots,
    hedges,
    patches: laidPatches(board, beds.patches),
    borders,
    left,
    overhangMm: overhangOf(board.keepOuts, spots),
  }
}

/** A spot as it is kept: what it asked of its place has been heeded. */
const withoutWishes = ({
  outOfReachMm: _reach,
  waterside: _water,
  beforeBackdrop: _row,
  ...spot
}: Spot & Placing): Spot => spot

const widest = ({ crownsMm }: Bed): number => crownsMm.reduce((most, crown) => Math.max(most, crown), 0)

/** A few in a row find room among others; a hedge or an avenue does not. */
const rowOf = ({ inRow, groups, rows }: Bed): boolean =>
  rows !== undefined || (inRow && Math.max(...groups) >= 5)

/** How far crowns reach over keep-outs at most, mm. */
function overhangOf(keepOuts: readonly KeepOut[], spots: readonly Spot[]): number {
  let most = 0
  for (const keepOut of keepOuts)
    for (const spot of spots) most = Math.max(most, spot.crownMm / 2 - clearanceOf(keepOut, spot))
  return most
}

/**
 * Zones that the groups of what grows low are dealt to, for each that its line names: most of them there,
 * some in the others.
 */
const LOW_ZONES: Record<Zone, readonly Zone[]> = {
  front: ['front', 'front', 'front', 'middle', 'back'],
  middle: ['middle', 'middle', 'middle', 'front', 'back'],
  back: ['back', 'back', 'back', 'middle', 'front'],
}

/**
 * Sets all that stands in beds of a zone into one of them, where most of it has room: over what is kept clear
 * nothing stands.
 */
function plantBorder(
  field: Field,
  board: Board,
  zone: Zone,
  pieces: readonly Bed[],
): Pick<PlantingPlan, 'borders' | 'left'> {
  const beds = pieces.filter((bed) => bed.zone === zone && bed.inBedMm !== undefined)
  const members = borderMembersOf(beds, (bed, crownMm) => pieceOf(bed, 1, crownMm).ownMm)
  if (members.length === 0) return { borders: [], left: [] }
  const layout = layoutOf(members, board.widthMm * (board.plantedShare ?? 1) - 2 * board.edgeMm)
  const pieceAt = ({ bed, number }: BorderMember) => pieceOf(bed, number, bed.crownsMm[number - 1] ?? 0)
  const placeIn = (middle: BoardPlace, i: number): BoardPlace => {
    const { x, y } = layout.places[i] ?? { x: 0, y: 0 }
    return { x: middle.x + x, y: middle.y + y }
  }
  let best: { middle: BoardPlace; free: number } | undefined
  for (const middle of middlesOn(board, zone, layout)) {
    const free = members.filter((member, i) => field.free(pieceAt(member), placeIn(middle, i))).length
    if (!best || free > best.free) best = { middle, free }
    if (free === members.length) break
  }
  const spots: Spot[] = []
  const missed = new Map<Bed, number>()
  members.forEach((member, i) => {
    const spot = { ...pieceAt(member), ...placeIn(best?.middle ?? { x: 0, y: 0 }, i) }
    if (field.free(spot, spot)) {
      field.add(spot)
      spots.push(spot)
    } else missed.set(member.bed, (missed.get(member.bed) ?? 0) + 1)
  })
  return {
    borders: spots.length > 0 ? [borderAround(spots)] : [],
    left: [...missed].map(([{ lineId, code }, count]) => ({ lineId, code, pieces: count })),
  }
}

/** Sets pieces in the rows of their plot, over what is kept clear. */
function plantPlot(field: Field, board: Board, bed: Bed, slot: PlotSlot): number {
  if (!bed.rows) return bed.crownsMm.length
  let next = 0
  for (const place of plotPlaces(board, bed, bed.rows, slot)) {
    const crownMm = bed.crownsMm[next]
    if (crownMm === undefined) break
    const piece = pieceOf(bed, next + 1, crownMm)
    if (!field.free(piece, place)) continue
    field.add({ ...piece, ...place })
    next += 1
  }
  return bed.crownsMm.length - next
}

/** So much closer stands the row before a backdrop: no gap shows where the board ends. From memory. */
const CLOSER = 0.75

/** A piece of a bed before it has a place. */
function pieceOf(bed: Bed, number: number, crownMm: number): Omit<Spot, 'x' | 'y'> & Placing {
  const { outOfReachMm, waterside, beforeBackdrop } = bed
  // In rows neighbours stand as close as the rows say, crowns touching or not.
  const closest = bed.rows ? Math.min(bed.rows.apartMm, bed.rows.inRowMm) * 0.49 : Infinity
  return {
    lineId: bed.lineId,
    code: bed.code,
    number,
    layer: bed.layer,
    crownMm,
    stemMm: bed.stemMm,
    ownMm: Math.min(closest, Math.max(0.5, (crownMm / 2) * bed.closeness * (beforeBackdrop ? CLOSER : 1))),
    ...(outOfReachMm === undefined ? {} : { outOfReachMm }),
    ...(waterside ? { waterside } : {}),
    ...(beforeBackdrop ? { beforeBackdrop } : {}),
  }
}

/** Sets the first pieces of a bed where they stand in hedges; in rows and beds none does. Returns how many. */
function plantInHedges(field: Field, bed: Bed, places: readonly BoardPlace[]): number {
  if (bed.rows !== undefined || bed.inBedMm !== undefined) return 0
  const some = places.slice(0, bed.crownsMm.length)
  some.forEach((place, i) => field.add({ ...pieceOf(bed, i + 1, bed.crownsMm[i] ?? 0), ...place }))
  return some.length
}

/** @param placed pieces of it that have a place already: the first */
function plantBed(field: Field, bed: Bed, random: Random, placed = 0): number {
  let number = placed
  let missed = 0
  let group = 0
  for (const size of bed.groups) {
    const zones = LOW_ZONES[bed.zone]
    const zone = bed.layer === 'ground' && !bed.inRow ? (zones[group % zones.length] ?? bed.zone) : bed.zone
    group += 1
    let members: Spot[] = []
    let heading = 0
    for (let i = 0; i < size && number < bed.crownsMm.length; i += 1) {
      number += 1
      const crownMm = bed.crownsMm[number - 1] ?? 0
      const piece = pieceOf(bed, number, crownMm)
      const inLine = bed.inRow ? field.inLine(piece, members, heading, random) : undefined
      const joined = bed.inRow ? inLine?.place : field.beside(piece, members, zone, random)
      const place = joined ?? field.centre(piece, zone, random)
      if (!place) {
        missed += 1
        continue
      }
      const spot = { ...piece, ...place }
      field.add(spot)
      // A row that can go on at neither end goes on elsewhere, as a new one.
      if (!joined && bed.inRow) {
        members = []
        heading = field.headingAt(place)
      }
      if (inLine?.first) members.unshift(spot)
      else members.push(spot)
    }
  }
  return missed + Math.max(0, bed.crownsMm.length - number)
}
