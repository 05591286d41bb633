import type { Tones } from '../colour'
import type { Zone } from '../commissions'
import type { CrownForm, Habit } from '../plants'
import type { Material, MaterialKind } from '../stock'
import type { Figure, Input, Origin } from '../units'
import type { CautionId } from './cautions'
import type { FaultId } from './faults'

/** One piece of a line as a method sees it: what is to be built. Model lengths in mm, areas in cm², volume in cm³. */
export interface Piece {
  readonly habit: Habit
  readonly crownForm: CrownForm
  readonly zone: Zone
  readonly heightMm: number
  readonly crownWidthMm: number
  readonly crownDepthMm: number
  readonly clearStemMm: number
  readonly trunkMm: number
  /** The crown seen from the side. */
  readonly sideAreaCm2: number
  /** The crown seen from above. */
  readonly topAreaCm2: number
  readonly volumeCm3: number
  /** Share of the full foliage on the date depicted, 0–1. */
  readonly leaf: number
  /** Wanted see-through in full leaf, 0–1. */
  readonly seeThrough: number
  readonly seeThroughOrigin: Origin
  readonly grainMm: number
  readonly tones: Tones
}

/** Whether a piece is made of blades and fronds rather than of wood with a crown. */
export const isBladed = ({ habit }: Pick<Piece, 'habit'>): boolean =>
  habit === 'grass' || habit === 'reed' || habit === 'fern' || habit === 'herb'

/** Shrubs, and climbers as the mounds and mats that they are modelled as. */
export const isBushy = ({ habit }: Pick<Piece, 'habit'>): boolean => habit === 'shrub' || habit === 'climber'

export interface Suit {
  readonly verdict: 'suits' | 'possible' | 'unsuited'
  readonly reasonsFor: readonly string[]
  readonly reasonsAgainst: readonly string[]
}

/** What a slot would like to have. Distances are judged by kind: grain and length by ratio, colour by ΔE. */
export interface Wish {
  readonly grainMm?: number
  readonly fibreMm?: number
  readonly heightMm?: number
  readonly colour?: string
}

/** A place in a method that one material fills. */
export interface Slot {
  readonly id: string
  readonly label: string
  readonly kind: MaterialKind
  readonly wish: (piece: Piece) => Wish
}

/** So much of one material: for one piece, for the whole batch, and what must be on the tray where some of it comes back. */
export interface Amount {
  readonly slot: string
  readonly label: string
  readonly materialId: string
  readonly materialName: string
  readonly unit: Material['unit']
  readonly perPiece: Figure
  /** What leaves stock for all pieces started. */
  readonly total: Figure
  readonly onTray?: Figure
}

/** A mixture that is poured together: so much of this, so much of that, so much left at the end. */
export interface Pour {
  readonly title: string
  readonly lines: readonly { readonly label: string; readonly figure: Figure }[]
}

export interface StepWait {
  readonly min: number
  readonly what: string
  readonly origin: Origin
}

/** What was started must be followed up within `sec`; so at most `atOnce` pieces at a time. */
export interface StepWindow {
  readonly sec: number
  readonly what: string
  readonly atOnce: number
  readonly origin: Origin
}

/** One operation, worked out for a batch. It is copied into the batch when the batch is planned, so that later changes leave it alone. */
export interface PlannedStep {
  readonly id: string
  readonly title: string
  readonly text: string
  /** Hands-on time: once for the batch, and for each piece. */
  readonly batchSec: number
  readonly pieceSec: number
  readonly timeOrigin: Origin
  readonly wait?: StepWait
  readonly window?: StepWindow
  readonly cautions: readonly CautionId[]
  readonly faults: readonly FaultId[]
  /** Materials that can be weighed in and out at this step. */
  readonly materialIds: readonly string[]
}

/** What a method works with. */
export interface Work {
  readonly piece: Piece
  /** Pieces started, spares included. */
  readonly started: number
  /** The material in a slot. @throws RangeError when the slot is empty; a method is only asked when all slots are filled. */
  readonly use: (slot: string) => Material
  /** How much longer water-based coats dry here than at 20 °C and 50 %. */
  readonly dryingFactor: number
}

/** A way to make a kind of piece. One file a method. */
export interface Method {
  readonly id: string
  readonly name: string
  readonly makes: string
  /** Share of the pieces started that won't do. */
  readonly spoilage: { readonly share: number; readonly origin: Origin }
  readonly slots: readonly Slot[]
  readonly suits: (piece: Piece) => Suit
  readonly amounts: (work: Work) => readonly Amount[]
  readonly pours: (work: Work) => readonly Pour[]
  readonly steps: (work: Work) => readonly PlannedStep[]
}

export type { Figure, Input, Origin }
