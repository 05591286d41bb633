import { tonesOf, type Tones } from '../colour'
import { grainForLeaf } from '../coverage'
import { swardOf, type Sward } from '../grass'
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
import type { Origin } from '../units'
import type { Commission, Line, Zone } from './records'
import { lineSize, lookOptions, type LineSize } from './sizes'

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
