import { hazeShare, USUAL_HAZE } from '../colour'
import { formOf, type Form, type LookOptions, type Species } from '../plants'
import { normal, requireRange, seededRandom, seedOf, toModelMm } from '../units'
import type { Commission, Line, Zone } from './records'

/**
 * A line's plant as it will be built: real form, and model lengths in mm after scale, stature and forced
 * perspective.
 */
export interface LineSize {
  readonly form: Form
  readonly stature: number
  /** Share that forced perspective leaves of the size, 1 where none is wished. */
  readonly perspective: number
  /** Model length for a real length: 1 ÷ ratio × stature × perspective. */
  readonly scale: number
  /** Share of the full height that stands on the day: below 1 for what dies back or is mown. */
  readonly heightShare: number
  readonly heightMm: number
  readonly crownWidthMm: number
  readonly clearStemMm: number
  readonly crownBaseMm: number
  readonly trunkMm: number
}

type Scaled = Pick<Commission, 'ratio' | 'stature' | 'viewingMm' | 'boardDepthMm' | 'depthFactor'>
type Measured = Pick<Line, 'age' | 'heightM' | 'crownWidthM' | 'stature'> &
  Partial<Pick<Line, 'zone' | 'amount'>>

/** How far behind the board's front edge a zone lies, as a share of its depth. */
export const zoneDepth: Record<Zone, number> = { front: 0, middle: 0.5, back: 1 }

/** Board depth, mm, that is taken when none is given. */
export const USUAL_BOARD_DEPTH_MM = 600

/**
 * Share of the size for forced perspective: (v + z) / (v + k·z), with viewing distance v, distance z behind
 * the front, and k times the depth to be simulated. Source: similar triangles; to make plants smaller behind
 * is common practice.
 * @throws RangeError when v is not above 0, z below 0, or k below 1
 */
export function perspectiveFactor(viewingMm: number, behindMm: number, depthFactor: number): number {
  requireRange('viewing distance', viewingMm, 'mm', { above: 0 })
  requireRange('distance behind the front', behindMm, 'mm', { min: 0 })
  requireRange('depth factor', depthFactor, '', { min: 1 })
  return (viewingMm + behindMm) / (viewingMm + depthFactor * behindMm)
}

/** Share of pale sky that a commission's colours are mixed with for scale. */
export const hazeOf = (commission: Pick<Commission, 'ratio' | 'viewingMm' | 'haze'>): number =>
  hazeShare(commission.haze ?? USUAL_HAZE, commission.ratio, commission.viewingMm)

/** Share of the backdrop's colour that the row before it is mixed with, so that it goes over into it. From memory. */
const BACKDROP_SHARE = 0.1

/** What a line's look depends on besides species and date. */
export const lookOptions = (
  line: Pick<Line, 'age' | 'amount' | 'zone'>,
  commission: Pick<Commission, 'ratio' | 'viewingMm' | 'haze' | 'backdrop'>,
): LookOptions => ({
  haze: hazeOf(commission),
  ...(commission.backdrop !== undefined && line.zone === 'back'
    ? { backdrop: { colour: commission.backdrop, share: BACKDROP_SHARE } }
    : {}),
  age: line.age,
  clipped: line.amount.kind === 'length' && line.amount.section === 'trimmed',
})

/** How large something appears that stands in a zone, against the same thing at the front edge: v / (v + z). */
export function apparentShare(commission: Scaled, zone: Zone): number {
  const behind = zoneDepth[zone] * (commission.boardDepthMm ?? USUAL_BOARD_DEPTH_MM)
  return commission.viewingMm / (commission.viewingMm + behind)
}

/**
 * Sizes of a line at its commission's scale. Model length = real length ÷ ratio × stature × perspective.
 * Source: arithmetic; stature is common practice.
 * @param heightShare of the full height that stands on the day, for what dies back or is mown; a plant that
 * is lower is no narrower
 */
export function lineSize(line: Measured, commission: Scaled, species: Species, heightShare = 1): LineSize {
  const form = builtForm(line, species)
  const stature = line.stature ?? commission.stature
  const behind = zoneDepth[line.zone ?? 'front'] * (commission.boardDepthMm ?? USUAL_BOARD_DEPTH_MM)
  const perspective = perspectiveFactor(commission.viewingMm, behind, commission.depthFactor ?? 1)
  const scale = (toModelMm(1000, commission.ratio) / 1000) * stature * perspective
  const model = (metres: number): number => metres * 1000 * scale
  return {
    form,
    stature,
    perspective,
    scale,
    heightShare,
    heightMm: model(form.heightM) * heightShare,
    crownWidthMm: model(form.crownWidthM),
    clearStemMm: model(form.clearStemM) * heightShare,
    crownBaseMm: model(form.crownBaseM) * heightShare,
    trunkMm: model(form.dbhM),
  }
}

/** What hedges are kept to: height, m, and thickness as a share of it. From memory. */
const KEPT = {
  free: { heightM: 2.2, thick: 0.8 },
  trimmed: { heightM: 1.6, thick: 0.5 },
} as const

/**
 * The form of a line's plant: as it is overwritten; in a hedge no higher and thicker than hedges are kept; else as it
 * grows.
 */
function builtForm({ age, heightM, crownWidthM, amount }: Measured, species: Species): Form {
  const own = formOf(species, age, { heightM, crownWidthM })
  if (amount?.kind !== 'length') return own
  const kept = KEPT[amount.section]
  const high = heightM ?? Math.min(own.heightM, kept.heightM)
  const thick = crownWidthM ?? Math.min(own.crownWidthM, kept.thick * high)
  return formOf(species, age, { heightM: high, crownWidthM: thick })
}

/** Spread of sizes in a batch: no two plants are alike. Coefficient of variation; common practice. */
export const SIZE_VARIATION = 0.12

/**
 * How closely crown and stem follow the height from piece to piece: the share of their spread that is their
 * own. From memory.
 */
const OWN_SPREAD = 0.5

/** Measures of one piece of a line, mm. */
export interface PieceSize {
  readonly heightMm: number
  readonly crownWidthMm: number
  readonly trunkMm: number
  readonly clearStemMm: number
  readonly crownBaseMm: number
}

/** Pieces whose sizes are dealt one by one; of more, as of tufts over a whole meadow, these stand for all. */
export const MOST_SIZES = 20_000

/**
 * Individual measures of a batch: log-normal around the line's, height, crown and stem varying together, each
 * a little on its own; the same each time for the same id, and the first pieces of a longer batch are those
 * of a shorter.
 * @param id of the line or batch that the pieces belong to
 * @throws RangeError when the variation is below 0 or above 0.6
 */
export const individualSizes = (
  size: PieceSize,
  pieces: number,
  id: string,
  variation = SIZE_VARIATION,
): PieceSize[] => dealtSizes(size, id, variation)(pieces)

/** How one piece differs from the middle of its line: factors of its height, crown and trunk. */
type Factors = readonly [height: number, crown: number, trunk: number]
/** Factors that were dealt lately, by line: each way of making asks for the same pieces. */
const factorsOf = new Map<string, (pieces: number) => readonly Factors[]>()
/** Lines whose factors are kept: more than are worked out side by side. */
const MOST_KEPT = 64

function dealtFactors(id: string, variation: number): (pieces: number) => readonly Factors[] {
  const key = `${variation} ${id}`
  const known = factorsOf.get(key)
  if (known) return known
  const random = seededRandom(seedOf(id))
  const sigma = Math.sqrt(Math.log(1 + variation * variation))
  const factor = (n: number): number => Math.exp(sigma * n - (sigma * sigma) / 2)
  const own = (shared: number): number =>
    factor(Math.sqrt(1 - OWN_SPREAD * OWN_SPREAD) * shared + OWN_SPREAD * normal(random))
  const dealt: Factors[] = []
  const deal = (pieces: number): readonly Factors[] => {
    while (dealt.length < pieces) {
      const shared = normal(random)
      dealt.push([factor(shared), own(shared), own(shared)])
    }
    return dealt
  }
  const [oldest] = factorsOf.keys()
  if (factorsOf.size >= MOST_KEPT && oldest !== undefined) factorsOf.delete(oldest)
  factorsOf.set(key, deal)
  return deal
}

/** Deals the measures of {@link individualSizes} to whoever asks for some of them, each piece's once. */
export function dealtSizes(
  size: PieceSize,
  id: string,
  variation = SIZE_VARIATION,
): (pieces: number) => PieceSize[] {
  requireRange('variation', variation, '', { min: 0, max: 0.6 })
  const dealt: PieceSize[] = []
  return (pieces) => {
    const factors = dealtFactors(id, variation)(pieces)
    for (let i = dealt.length; i < pieces; i += 1) {
      const [height, crown, trunk] = factors[i] as Factors
      dealt.push({
        heightMm: size.heightMm * height,
        crownWidthMm: size.crownWidthMm * crown,
        trunkMm: size.trunkMm * trunk,
        clearStemMm: size.clearStemMm * height,
        crownBaseMm: size.crownBaseMm * height,
      })
    }
    return dealt.slice(0, pieces)
  }
}
