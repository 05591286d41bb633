import type { KeepOut, Zone } from '../commissions'
import type { PlantLayer } from './layers'

/** What is planted on: mm, from its front left corner. */
export interface Board {
  readonly widthMm: number
  readonly depthMm: number
  /** Kept clear along the edges, mm. */
  readonly edgeMm: number
  readonly keepOuts: readonly KeepOut[]
  /** Only this share of the width is planted, from the left; absent: all of it. */
  readonly plantedShare?: number
}

/** What a piece asks of its place besides room. */
export interface Placing {
  /** It breaks in a hand: it stands so far behind the front edge, and half as far from tracks, mm. */
  readonly outOfReachMm?: number
  /** It grows at the water. */
  readonly waterside?: boolean
  /** It belongs to the row that goes over into what is painted behind the back edge. */
  readonly beforeBackdrop?: boolean
}

/** How far apart what is planted in rows stands, mm at the model. */
export interface Rows {
  readonly apartMm: number
  readonly inRowMm: number
}

/** A line of pieces to be planted, in the order of their numbers. */
export interface Bed extends Placing {
  readonly lineId: string
  /** Letter of the line on the plan. */
  readonly code: string
  readonly layer: PlantLayer
  readonly zone: Zone
  /** Crown width of each piece, mm; the first is number 1. */
  readonly crownsMm: readonly number[]
  /** Thickness of the stem at the ground, mm: what must not stand in another's way. */
  readonly stemMm: number
  /** Sizes of its groups; the pieces are dealt out to them in order. */
  readonly groups: readonly number[]
  /** How much closer than crown to crown its pieces stand, 1 for touching crowns. */
  readonly closeness: number
  /** Whether the members of a group stand in a row, as in a hedge or an avenue. */
  readonly inRow: boolean
  /** Of what stands in a garden bed: its height, mm; tall kinds stand behind low ones. */
  readonly inBedMm?: number
  /** Of what is planted in rows or on a grid: how far apart. */
  readonly rows?: Rows
}

/** Where a piece stands: mm from the board's front left corner, to the right and to the back. */
export interface Spot {
  readonly lineId: string
  readonly code: string
  /** The piece's number in its line and batch, from 1. */
  readonly number: number
  readonly layer: PlantLayer
  readonly x: number
  readonly y: number
  readonly crownMm: number
  /** Half of the distance that it keeps to its like, mm. */
  readonly ownMm: number
  readonly stemMm: number
}
