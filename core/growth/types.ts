import type { BarkMarks, Branching, CrownForm, Habit, LeafKind, OrganKind, Species } from '../plants'

/** What a skeleton is grown into. Lengths in mm at the model. */
export interface Habitus {
  readonly habit: Habit
  readonly crownForm: CrownForm
  readonly arrangement: Species['arrangement']
  readonly heightMm: number
  readonly crownWidthMm: number
  readonly clearStemMm: number
  /** Height that the lowest foliage hangs down to. */
  readonly crownBaseMm: number
  readonly trunkMm: number
  readonly stems: number
  /** Clumps, pads or tiers that the crown divides into; 0 for one even crown. */
  readonly lobes: number
  /** How far shoots hang: −1 stiffly upright, 1 hanging. */
  readonly droop: number
  readonly branching: Branching
  /** Growing tips; the pipe model counts them. Absent: as many as read well. */
  readonly tips?: number
  /** Lean of the stem to the right, degrees. */
  readonly leanDeg?: number
  /** How far wind from the left has shaped it, 0–1. */
  readonly wind?: number
  /** A stretch of hedge of such plants instead of one: as high as the plant and as thick as its crown is wide. */
  readonly row?: Row
}

/** A stretch of hedge along x. */
export interface Row {
  readonly lengthMm: number
  /** Cut to a box with rounded shoulders; else it keeps its own uneven top. */
  readonly trimmed: boolean
  /** How far it thins out towards its left and right end, where another kind grows into it, mm; absent: not at all. */
  readonly fadeMm?: readonly [left: number, right: number]
  /** Share of the shoots of a patch that are of this plant, 0–1; absent: all. */
  readonly share?: number
}

/** What a skeleton is dressed with. */
export interface DressKind {
  /** Share of the background seen through the crown in full leaf, 0–1. */
  readonly seeThrough: number
  /** Length of a leaf at the model, mm. */
  readonly leafMm: number
  /** Length of a leaf on the real plant, mm: what else it bears is scaled as its leaves are. */
  readonly leafRealMm: number
  readonly leaf: LeafKind
  /** Needles clothe the last twigs all year: they are not seen. */
  readonly clothed: boolean
  /** What flowers and fruit look like, of those that show. */
  readonly flower: OrganKind | undefined
  readonly fruit: OrganKind | undefined
  readonly bark: BarkMarks
}

/** A point in the plant, mm: x to the right, y up from the ground, z towards the viewer. */
export interface Point {
  readonly x: number
  readonly y: number
  readonly z: number
}

/** A node of the skeleton. */
export interface Node extends Point {
  /** Index of the node that it grew from; −1 at the foot. A node comes after its parent. */
  readonly parent: number
  /** Diameter of the segment that ends here, mm. */
  dMm: number
  /** 0 the stem, 1 its limbs, and so on. */
  order: number
}

export interface Skeleton {
  readonly nodes: readonly Node[]
  /** Indices of the nodes that nothing grows from. */
  readonly tips: readonly number[]
  /** Roots at the ground as polylines of point and diameter; outside the pipe model's count. */
  readonly roots: readonly (readonly (Point & { readonly dMm: number })[])[]
}

/** The wood that a crown is hung on, and the places in it that foliage gathers about. */
export interface LimbFrame {
  readonly nodes: Node[]
  readonly masses: readonly Point[]
}
