import { tonesOf, type Tones } from '../colour'
import {
  lineSize,
  lookOptions,
  madeAmount,
  type Commission,
  type Line,
  type LineSize,
  type Zone,
} from '../commissions'
import { grainForLeaf } from '../coverage'
import { swardOf, type GrassLayer, type Sward } from '../grass'
import {
  crownSideArea,
  crownSurface,
  crownTopArea,
  lookOn,
  organsOf,
  type CrownForm,
  type Habit,
  type Look,
  type Species,
} from '../plants'
import {
  fact,
  figure,
  most,
  ONE,
  product,
  quotient,
  roundedUp,
  type Coefficient,
  type Figure,
  type Leaf,
} from '../quantities'
import type { Origin, StockUnit } from '../units'
import { shared } from './shared'

/** One plant of a line as a way of making sees it. Model lengths in mm, areas in cm², volume in cm³. */
export interface Piece {
  readonly habit: Habit
  readonly crownForm: CrownForm
  readonly zone: Zone
  readonly heightMm: number
  readonly crownWidthMm: number
  readonly crownDepthMm: number
  readonly clearStemMm: number
  readonly trunkMm: number
  /** Real length over model length, stature and perspective counted: 116 for 1:87 at 75 %. */
  readonly realRatio: number
  /** The crown seen from the side. */
  readonly sideAreaCm2: number
  /** The crown seen from above. */
  readonly topAreaCm2: number
  /** Its outer surface, as a body of revolution. */
  readonly surfaceCm2: number
  readonly volumeCm3: number
  /** Share of the full foliage on the date depicted, 0–1. */
  readonly leaf: number
  /** Share of the crown that blossom covers on the day, 0–1, and its colour; catkins and cones don't count. */
  readonly bloom: number
  readonly bloomColour: string
  /** Wanted see-through in full leaf, 0–1. */
  readonly seeThrough: number
  readonly seeThroughOrigin: Origin
  readonly grainMm: number
  readonly tones: Tones
  /** What is seen of it from afar where it stands close together. */
  readonly sward: Sward
  /** It is what a tree drops, on so much ground under it. */
  readonly floor?: boolean
  /** The kinds of a mixed hedge or sward, the line's own first; absent where it is of one kind. */
  readonly kin?: readonly Kin[]
}

/** One kind of a mixed line: what it is called, its share of the line, 0–1, and its own piece. */
export interface Kin {
  readonly name: string
  readonly share: number
  readonly piece: Piece
}

/** What is to be made, in the four kinds that there are. */
export type Job =
  | { readonly kind: 'pieces'; readonly piece: Piece; readonly pieces: number }
  | {
      readonly kind: 'length'
      readonly piece: Piece
      readonly lengthMm: number
      readonly section: 'free' | 'trimmed'
    }
  | {
      readonly kind: 'area'
      readonly piece: Piece
      readonly areaCm2: number
      /** Layers of fibre as the maker has set them; absent: as its sward asks for. */
      readonly layers?: readonly GrassLayer[]
    }
  | {
      readonly kind: 'stock'
      readonly materialId: string
      readonly quantity: number
      readonly unit: StockUnit
    }

export type JobKind = Job['kind']
export type PlantJob = Exclude<Job, { kind: 'stock' }>

/** Words for each kind. */
export const jobWords: Record<JobKind, string> = {
  pieces: 'single pieces',
  length: 'hedge by the metre',
  area: 'grass by area',
  stock: 'stock',
}

/** Whether a piece is made of blades and fronds rather than of wood with a crown. */
export const isBladed = ({ habit }: Pick<Piece, 'habit'>): boolean =>
  habit === 'grass' || habit === 'reed' || habit === 'fern' || habit === 'herb'

/** Shrubs, and climbers as the mounds and mats that they are modelled as. */
export const isBushy = ({ habit }: Pick<Piece, 'habit'>): boolean => habit === 'shrub' || habit === 'climber'

/**
 * The plant of a line on a date, and the size and look that it follows from.
 * @param date YYYY-MM-DD
 * @param look of that date, where it is known already
 */
export function pieceOf(
  line: Line,
  commission: Commission,
  species: Species,
  date: string,
  look: Look = lookOn(species, date, commission, lookOptions(line, commission)),
): { piece: Piece; size: LineSize; look: Look } {
  const size = lineSize(line, commission, species, look.height)
  const crownDepthMm = size.heightMm - size.crownBaseMm
  const topAreaCm2 = crownTopArea(size.crownWidthMm) / 100
  return {
    size,
    look,
    piece: {
      habit: species.habit,
      crownForm: size.form.crownForm,
      zone: line.zone,
      heightMm: size.heightMm,
      crownWidthMm: size.crownWidthMm,
      crownDepthMm,
      clearStemMm: size.clearStemMm,
      trunkMm: size.trunkMm,
      realRatio: 1 / size.scale,
      sideAreaCm2: crownSideArea(size.form.crownForm, size.crownWidthMm, crownDepthMm) / 100,
      topAreaCm2,
      surfaceCm2: crownSurface(size.form.crownForm, size.crownWidthMm, crownDepthMm) / 100,
      volumeCm3: (2 / 3) * topAreaCm2 * (crownDepthMm / 10),
      leaf: look.leaf,
      bloom: isBlossom(species) ? look.flower.share : 0,
      bloomColour: look.flower.colour,
      seeThrough: line.seeThrough ?? species.seeThrough,
      seeThroughOrigin: line.seeThrough === undefined ? species.origin : 'yours',
      grainMm: grainForLeaf(species.leafMm, 1 / size.scale),
      tones: look.tones,
      sward: swardOf(look, tonesOf(look.green), size.heightMm),
    },
  }
}

/** Whether what a species flowers with is petals. */
const isBlossom = (species: Species): boolean => {
  const { flower } = organsOf(species)
  return flower === 'blossom' || flower === 'domes' || flower === 'plates'
}

/** The job that a line gives. */
export function jobOf(line: Pick<Line, 'amount' | 'layers' | 'gaps'>, piece: Piece): PlantJob {
  const { layers } = line
  const amount = madeAmount(line)
  switch (amount.kind) {
    case 'pieces':
      return { kind: 'pieces', piece, pieces: amount.pieces }
    case 'length':
      return { kind: 'length', piece, lengthMm: amount.lengthMm, section: amount.section }
    case 'area':
      return { kind: 'area', piece, areaCm2: amount.areaCm2, ...(layers && { layers }) }
  }
}

/** What is made where it stays, part by part: a patch of ground, a stretch of hedge. Else it is a piece. */
export const partKinds = ['patch', 'stretch'] as const
export type PartKind = (typeof partKinds)[number]

/** What one good piece makes of a job: itself, so much of the hedge's length, so much of the patch. */
export type Share =
  | { readonly kind: 'pieces' }
  | { readonly kind: 'length'; readonly mmEach: number; readonly each?: PartKind }
  | { readonly kind: 'area'; readonly cm2Each: number; readonly each?: PartKind }

/** What a job's parts are called: a patch, a stretch; where it is made of single ones, a piece. */
export const partNoun = (share: Share | { readonly kind: 'stock' }): PartKind | 'piece' =>
  ('each' in share ? share.each : undefined) ?? 'piece'

/** How many parts a job falls into, and what each of them makes of it. */
export interface Parts {
  readonly count: Figure
  readonly share: Share
}

/** Reads a coefficient, a maker's own value before the craft's. */
export type ReadCoefficient = (coefficient: Coefficient) => Leaf

/** How many pieces a job takes where it is made of single ones, and what each of them makes of it. */
export function piecesFor(job: PlantJob, read: ReadCoefficient): Parts {
  switch (job.kind) {
    case 'pieces':
      return {
        count: figure(fact('pieces of the line', job.pieces, 'pieces', 'line'), 'pieces'),
        share: { kind: 'pieces' },
      }
    case 'length': {
      const closeness = read(job.section === 'trimmed' ? shared.trimmedCloseness : shared.hedgeCloseness)
      const mmEach = product(fact('crown width', job.piece.crownWidthMm, 'mm'), closeness)
      const length = fact('length', job.lengthMm, 'mm', 'line')
      return {
        count: figure(most(ONE, roundedUp(quotient(length, mmEach))), 'pieces'),
        share: { kind: 'length', mmEach: mmEach.value },
      }
    }
    case 'area': {
      const cover = read(shared.swardCover)
      const tuft = fact('a tuft from above', job.piece.topAreaCm2, 'cm²', 'formula', 'π/4 · crown width²')
      const area = fact('area', job.areaCm2, 'cm²', 'line')
      const cm2Each = quotient(tuft, cover)
      return {
        count: figure(most(ONE, roundedUp(quotient(area, cm2Each))), 'pieces'),
        share: { kind: 'area', cm2Each: cm2Each.value },
      }
    }
  }
}
