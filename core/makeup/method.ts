import type { PATIENCE, WirePlan } from '../armature'
import type { Piece, PieceSize } from '../commissions'
import type { Rendering } from '../renderings'
import type { Liquid, Material } from '../stock'
import type { Coefficient, Figure, Leaf } from '../quantities'
import type { Job, JobKind, JobParts, PlantJob, ReadCoefficient, Share } from './job'
import type { Filled, Slot } from './slots'
import type { Step } from './step'

export interface Suitability {
  readonly verdict: 'suits' | 'possible' | 'unsuited'
  readonly reasonsFor: readonly string[]
  readonly reasonsAgainst: readonly string[]
}

/** Something that makers do in more than one way. The first choice is the usual one. */
export interface Option {
  readonly id: string
  readonly name: string
  readonly choices: readonly { readonly id: string; readonly name: string; readonly words: string }[]
}

/**
 * So much of one material at one step: for one piece, for the batch, and what must lie on the tray where some
 * of it comes back.
 */
export interface Use {
  readonly slot: string
  readonly step: string
  readonly label: string
  /** Absent where the slot is open. */
  readonly material?: Material
  readonly perPiece: Figure
  /** What leaves the shelf for all pieces started. */
  readonly total: Figure
  readonly dispensed?: Figure
  /** Poured or laid for the whole batch, whatever becomes of single pieces. */
  readonly once?: boolean
  /** What is gone in the end, where the rest stands in a tub for the next batch; absent: all of it. */
  readonly consumed?: number
}

/** A mixture that is poured together: so much of this, so much of that, so much left at the end. */
export interface Pour {
  readonly title: string
  readonly lines: readonly { readonly label: string; readonly figure: Figure }[]
}

/** What is cut before or while it is made: so many of such a size from a slot's material. */
export interface Cut {
  readonly slot: string
  readonly what: string
  readonly count: number
  readonly lengthMm: number
  readonly widthMm?: number
}

/** What comes out besides the pieces, or is kept: it becomes a lot of its own. */
export interface Yield {
  readonly label: string
  readonly source: 'home-made' | 'by-product' | 'harvested'
  /** The material that it is; made known to the workshop where it is not yet. */
  readonly material: Omit<Material, 'changedAt' | 'removed' | 'fieldsAt'>
  readonly quantity: Figure
  /**
   * Of what the batch draws of each material, the share that goes into this lot. By-products take none: they
   * cost nothing.
   */
  readonly shares: readonly { readonly materialId: string; readonly share: number }[]
}

/** Everything that a way of making answers with, in one pass. */
export interface Estimate {
  readonly uses: readonly Use[]
  readonly pours: readonly Pour[]
  readonly cuts: readonly Cut[]
  readonly yields: readonly Yield[]
  readonly steps: readonly Step[]
}

/** The jar of a liquid that is chosen: of this slot, else of the first slot that takes of its kind. */
export type JarOf = (liquid: Liquid, slotId?: string) => Material | undefined

/** What a way of making works with. */
export interface Task {
  readonly job: Job
  /** What one piece, patch or stretch makes of the job. */
  readonly share: Share
  /** Pieces started, spares included; portions of a stock job. */
  readonly started: number
  /** Good ones expected of them: what is planted. */
  readonly good: number
  readonly choice: (optionId: string) => string
  readonly fill: (slotId: string) => Filled
  readonly jarOf?: JarOf
  readonly value: (coefficient: Coefficient) => number
  /** The coefficient as it goes into an amount. */
  readonly input: (coefficient: Coefficient) => Leaf
  /** Minutes that an open film takes in this room, from what it takes at 20 °C and 50 %. */
  readonly dryMin: (min: number) => number
  /** What is thrown into fresh spray is thrown outdoors. */
  readonly outdoors?: boolean
  /** What is free of a mixture that was kept, in its unit. */
  readonly kept: (materialId: string) => number
  /** Sizes of so many pieces, each its own; of very many fewer, which stand for all. */
  readonly sizes: (pieces: number) => readonly PieceSize[]
  /** An armature worked out from the skeleton, where it has been; until then a way estimates. */
  readonly wire?: WirePlan
  /** Pads that the batch's discs take as they have been nested; until then a way estimates. */
  readonly pads?: number
}

/** A task for plants: the piece is there. */
export interface PlantTask extends Task {
  readonly job: PlantJob
  readonly piece: Piece
}

interface Common {
  readonly id: string
  readonly name: string
  readonly makes: string
  readonly coefficients: readonly Coefficient[]
  readonly options: readonly Option[]
  /** Share of what is started that won't do. */
  readonly spoilage: Coefficient
}

/** How much of a maker a way takes: from the bag, by the dozen, one by one. Common practice. */
export const efforts = ['from the bag', 'mass-made', 'made one by one'] as const
/** What a finished piece bears: nothing, a sleeve that passes, a hand. From memory. */
export const handlings = ['protected', 'reached over', 'handled'] as const
export type Handling = (typeof handlings)[number]

/** What kind of a way it is, for laying ways side by side. */
export interface Profile {
  /** Heights that it suits, mm at the model. */
  readonly sizeMm: readonly [least: number, most: number]
  /** Whether branches are seen, or a puff of foliage. */
  readonly shows: 'branches' | 'puff'
  readonly effort: (typeof efforts)[number]
  readonly handling: Handling
  /** Pieces that are well made together. */
  readonly together: readonly [least: number, most: number]
  /** When it looks right. */
  readonly seasons: string
  /** How it is drawn. */
  readonly rendering: Rendering
}

/**
 * What a way plans besides amounts and steps. Each kind has a planner in `methods/plans/`, and a panel that shows what
 * it planned.
 */
export type Planner =
  | { readonly kind: 'layers' }
  | { readonly kind: 'discs' }
  /** Tufts on a tray of dots, or in the holes of a board. */
  | { readonly kind: 'tray'; readonly of: 'dots' | 'holes' }
  /** A hedge: twigs in holes along it, or strips from sheets. */
  | { readonly kind: 'hedge'; readonly of: 'twigs' | 'strips' }
  /** An armature of wire: its figures, and how many strands it is proposed. */
  | {
      readonly kind: 'wire'
      readonly barkMm: Coefficient
      readonly takeUp: Coefficient
      readonly patience: (choice: (optionId: string) => string) => keyof typeof PATIENCE
    }

/** Several twigs bound to a tree: how many for a piece, and the longest good one, mm. */
export interface BoundTwigs {
  readonly twigs: (piece: Piece) => number
  readonly longestMm: number
}

/** A way to make plants. One file a method. */
export interface PlantMethod extends Common {
  readonly kinds: readonly Exclude<JobKind, 'stock'>[]
  readonly profile: Profile
  readonly suits: (job: PlantJob) => Suitability
  /** Its last steps set the pieces where they stay: planting out does not set them again. */
  readonly setsInPlace?: boolean
  readonly planner?: Planner
  readonly bound?: BoundTwigs
  /** It uses pieces that are there: it is for those who have some, and proposed to nobody. */
  readonly reuses?: boolean
  /** It makes the floor under trees, which no other way does. */
  readonly floors?: boolean
  /** Of what is made where it stays: the parts that it is made in. Absent: pieces, as many as fill it. */
  readonly parts?: (job: PlantJob, read: ReadCoefficient, jarOf: JarOf) => JobParts
  readonly slots: (job: PlantJob, choice: (optionId: string) => string) => readonly Slot[]
  readonly work: (task: PlantTask) => Estimate
  /** Jobs that it is tried on. */
  readonly examples: readonly PlantJob[]
}

/** A way to make stock from stock. */
export interface StockMethod extends Common {
  readonly kinds: readonly ['stock']
  /** The material that it makes, and what comes with it: each can be asked for. */
  readonly product: string
  readonly also?: readonly string[]
  readonly slots: (job: Extract<Job, { kind: 'stock' }>) => readonly Slot[]
  readonly work: (task: Task & { readonly job: Extract<Job, { kind: 'stock' }> }) => Estimate
  readonly examples: readonly Extract<Job, { kind: 'stock' }>[]
}

export type Method = PlantMethod | StockMethod

export const isPlantMethod = (method: Method): method is PlantMethod => method.kinds[0] !== 'stock'

/** The planner of what is made up, where it is of this kind. */
export function plannerOf<K extends Planner['kind']>(
  { method }: { readonly method: Method },
  kind: K,
): Extract<Planner, { kind: K }> | undefined {
  const planner = isPlantMethod(method) ? method.planner : undefined
  return planner?.kind === kind ? (planner as Extract<Planner, { kind: K }>) : undefined
}

/** The choice of an option that holds: the stored one where the method knows it, else the usual one. */
export function choiceOf(
  method: Pick<Method, 'options'>,
  chosen: Readonly<Record<string, string>>,
  optionId: string,
): string {
  const option = method.options.find(({ id }) => id === optionId)
  // A shared part may ask for an option that this way does not offer: the usual of nothing.
  if (!option) return ''
  const stored = Object.hasOwn(chosen, optionId) ? chosen[optionId] : undefined
  const known = option.choices.find(({ id }) => id === stored) ?? option.choices[0]
  if (!known) throw new RangeError(`option ${optionId} has no choices`)
  return known.id
}
