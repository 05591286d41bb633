import { madeAmount, type Amount, type Line, type Piece } from '../commissions'
import type { GrassLayer } from '../grass'
import { clearShare } from '../hedges'
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
import type { StockUnit } from '../units'
import { shared } from './shared'

/** What is to be made, in the four kinds that there are. */
export type Job =
  | { readonly kind: 'pieces'; readonly piece: Piece; readonly pieces: number }
  | {
      readonly kind: 'length'
      readonly piece: Piece
      readonly lengthMm: number
      readonly section: 'free' | 'trimmed'
      /** Trees that stand in it: where along its line, mm; and the share of its length that they keep clear. */
      readonly trees?: { readonly atMm: readonly number[]; readonly clear: number }
    }
  | {
      readonly kind: 'area'
      readonly piece: Piece
      readonly areaCm2: number
      /** So long and so wide, where it was said so. */
      readonly strip?: { readonly lengthMm: number; readonly widthMm: number }
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

/** The job that a line gives. */
export function jobOf(line: Pick<Line, 'amount' | 'layers' | 'gaps' | 'trees'>, piece: Piece): PlantJob {
  const { layers, trees } = line
  const amount = madeAmount(line)
  switch (amount.kind) {
    case 'pieces':
      return { kind: 'pieces', piece, pieces: amount.pieces }
    case 'length':
      return {
        kind: 'length',
        piece,
        lengthMm: amount.lengthMm,
        section: amount.section,
        ...(trees &&
          trees.length > 0 && {
            trees: { atMm: trees.map(({ atMm }) => atMm), clear: clearShare(trees, amount.lengthMm) },
          }),
      }
    case 'area':
      return {
        kind: 'area',
        piece,
        areaCm2: amount.areaCm2,
        ...(amount.strip && { strip: amount.strip }),
        ...(layers && { layers }),
      }
  }
}

/**
 * So much of a job, as what is left of it: all else about it stays.
 * @throws RangeError for an amount of another kind
 */
export function someOf(job: PlantJob, amount: Amount): PlantJob {
  if (job.kind === 'pieces' && amount.kind === 'pieces') return { ...job, pieces: amount.pieces }
  if (job.kind === 'length' && amount.kind === 'length') return { ...job, lengthMm: amount.lengthMm }
  if (job.kind === 'area' && amount.kind === 'area') return { ...job, areaCm2: amount.areaCm2 }
  throw new RangeError(`amount is by ${amount.kind}; it must be by ${job.kind}`)
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
export const partNoun = (share: Share | { readonly kind: 'stock' | 'planted' }): PartKind | 'piece' =>
  ('each' in share ? share.each : undefined) ?? 'piece'

/** How many parts a job falls into, and what each of them makes of it. */
export interface JobParts {
  readonly count: Figure
  readonly share: Share
}

/** Reads a coefficient, a maker's own value before the craft's. */
export type ReadCoefficient = (coefficient: Coefficient) => Leaf

/** How many pieces a job takes where it is made of single ones, and what each of them makes of it. */
export function piecesFor(job: PlantJob, read: ReadCoefficient): JobParts {
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
