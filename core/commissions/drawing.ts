import { branchingOf, isClothed, leafKindOf, organsOf, type Species } from '../plants'
import type { DressKind, Habitus } from '../growth'
import { seedOf } from '../units'
import type { Line } from './records'
import type { LineSize } from './sizes'

/** Stems are drawn at least this share of the height thick, so that they can be seen. */
const THINNEST_STEM = 0.012
const THINNEST_OF_MANY = 0.006

/**
 * Everything that a drawing follows from, but the season: what it is grown into, dressed with, and its seed.
 * Plain data, so that a worker can be asked for it.
 */
export interface DrawingSubject {
  readonly habitus: Habitus
  readonly dress: DressKind
  readonly seed: number
}

/** What climbs a wall or a trellis stands off it by this share of its width. From memory. */
const WALL_DEPTH = 0.22

/** How much of a hedge is shown: so many times its height, and at least twice its thickness. */
const STRETCH = 3

/** The stretch of hedge that stands for a line, mm: no longer than it is. */
const stretchMm = (
  lengthMm: number,
  size: Pick<LineSize, 'heightMm' | 'heightShare' | 'crownWidthMm'>,
): number => Math.min(lengthMm, Math.max((STRETCH * size.heightMm) / size.heightShare, 2 * size.crownWidthMm))

/** How wide a patch of grass or a field is shown: so many times its height, and its plant's width at least. */
const PATCH = { heights: 3, widths: 4 } as const

/**
 * How wide what stands for a line is, mm: a crown; a stretch of hedge; a patch of what is planned by area and
 * has blades.
 */
export function shownMm(
  amount: Line['amount'],
  size: Pick<LineSize, 'heightMm' | 'heightShare' | 'crownWidthMm' | 'form'>,
): number {
  if (amount.kind === 'length') return stretchMm(amount.lengthMm, size)
  if (!isPatch(amount, size)) return size.crownWidthMm
  const high = (PATCH.heights * size.heightMm) / size.heightShare
  return Math.max(
    size.crownWidthMm,
    Math.min(Math.sqrt(amount.areaCm2) * 10, Math.max(high, PATCH.widths * size.crownWidthMm)),
  )
}

/** Whether a line is drawn as a patch: grass, reeds, ferns and herbs by area. */
export const isPatch = (
  amount: Line['amount'],
  { form }: Pick<LineSize, 'form'>,
): amount is Extract<Line['amount'], { kind: 'area' }> =>
  amount.kind === 'area' && form.crownForm === 'blades'

/**
 * What a line's plant is drawn from: at its full height, which the look of the day then lowers; so one
 * drawing serves the whole year. A hedge is a stretch of it. The line's id is the seed: screen and paper show
 * the same plant.
 * @param piece number of the piece in the line, from 1, for its own seed; absent: the line's example
 */
export function sitterOf(
  line: Pick<Line, 'id' | 'leanDeg' | 'wind'> & Partial<Pick<Line, 'amount'>>,
  species: Species,
  size: LineSize,
  seeThrough: number,
  piece?: number,
): DrawingSubject {
  const full = (mm: number): number => mm / size.heightShare
  const wall = size.form.crownForm === 'wall'
  return {
    habitus: {
      habit: species.habit,
      crownForm: size.form.crownForm,
      arrangement: species.arrangement,
      stems: size.form.stems,
      lobes: species.growth.lobes,
      droop: species.growth.droop,
      branching: branchingOf(species, size.form.crownForm),
      ...(species.growth.tips === undefined ? {} : { tips: species.growth.tips }),
      heightMm: full(size.heightMm),
      crownWidthMm: wall ? size.crownWidthMm * WALL_DEPTH : size.crownWidthMm,
      clearStemMm: full(size.clearStemMm),
      crownBaseMm: full(size.crownBaseMm),
      trunkMm: Math.max(
        size.trunkMm,
        full(size.heightMm) * (size.form.stems > 1 ? THINNEST_OF_MANY : THINNEST_STEM),
      ),
      leanDeg: line.leanDeg,
      wind: line.wind,
      ...rowOf(line.amount, size),
    },
    dress: {
      seeThrough,
      leafMm: species.leafMm * size.scale,
      leafRealMm: species.leafMm,
      leaf: leafKindOf(species),
      clothed: isClothed(species),
      ...organsOf(species),
      bark: species.bark.marks,
    },
    seed: seedOf(piece === undefined ? line.id : `${line.id}#${piece}`),
  }
}

/** The row that stands for a line: of a hedge, a patch, or what climbs a wall; nothing for a single plant. */
function rowOf(amount: Line['amount'] | undefined, size: LineSize): Pick<Habitus, 'row'> {
  if (amount?.kind === 'length')
    return { row: { lengthMm: stretchMm(amount.lengthMm, size), trimmed: amount.section === 'trimmed' } }
  if (amount && isPatch(amount, size)) return { row: { lengthMm: shownMm(amount, size), trimmed: false } }
  if (size.form.crownForm === 'wall') return { row: { lengthMm: size.crownWidthMm, trimmed: false } }
  return {}
}
