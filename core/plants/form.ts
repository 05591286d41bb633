import { requireRange } from '../units/reading'
import { ages, type Age, type CrownForm, type Habit } from './kinds'
import type { Species } from './types'

/** The measures of a reference plant at an age; real lengths in metres. */
export interface Form {
  readonly habit: Habit
  readonly crownForm: CrownForm
  readonly heightM: number
  readonly crownWidthM: number
  readonly clearStemM: number
  /** Height that the lowest foliage hangs down to; the clear stem, but for weeping kinds. */
  readonly crownBaseM: number
  readonly dbhM: number
  readonly stems: number
}

/** A measure that is the same at all ages, or one of four. */
export const atAge = <T extends string | number>(value: T | readonly [T, T, T, T], age: Age): T =>
  typeof value === 'object' ? value[ages.indexOf(age) as 0 | 1 | 2 | 3] : value

/**
 * The form of a species at an age, with what a maker overwrote.
 * An overwritten height carries the crown along in proportion unless the crown is overwritten too.
 * @throws RangeError when an overwritten measure is not above 0 m
 */
export function formOf(
  species: Species,
  age: Age,
  overwritten: { heightM?: number; crownWidthM?: number } = {},
): Form {
  const at = ages.indexOf(age)
  const clearStem = atAge(species.clearStem, age)
  const heightM = overwritten.heightM ?? species.heightM[at] ?? species.heightM[2]
  const crownWidthM = overwritten.crownWidthM ?? heightM * (species.crownRatio[at] ?? species.crownRatio[2])
  requireRange('height', heightM, 'm', { above: 0 })
  requireRange('crown width', crownWidthM, 'm', { above: 0 })
  return {
    habit: species.habit,
    crownForm: atAge(species.crownForm, age),
    heightM,
    crownWidthM,
    clearStemM: heightM * clearStem,
    crownBaseM: heightM * atAge(species.crownBase ?? clearStem, age),
    dbhM: heightM * species.dbhRatio,
    stems: atAge(species.stems, age),
  }
}

/**
 * The outline of a crown form: half-width as a share of the greatest half-width, at a height share of the crown.
 * One function serves the drawing, the growth of branches and the projected area, so that they can't disagree.
 * @param t 0 at the crown's base, 1 at its top
 * @returns 0–1
 */
export function crownProfile(form: CrownForm, t: number): number {
  if (t < 0 || t > 1) return 0
  const round = (n: number, u: number): number => (1 - Math.abs(2 * u - 1) ** n) ** (1 / n)
  switch (form) {
    case 'columnar':
      return Math.min(1, (round(3.2, t ** 0.9) * (1 - 0.2 * t)) / 0.92)
    case 'conical':
      return Math.min(1, 0.55 + 8 * t) * (1 - t) ** 0.92
    case 'ovate':
      return Math.sin(Math.PI * t ** 0.68)
    case 'rounded':
      return round(2.2, t)
    case 'spreading':
      return round(2.6, t ** 1.12)
    case 'vase':
      return Math.sin(Math.PI * t ** 1.5)
    case 'weeping':
      return Math.min(1, 1.12 * (1 - t ** 2.6) ** 0.5 * (0.82 + 0.18 * t))
    case 'layered':
      return Math.min(1, (1 - t ** 2.2) ** 0.6 * (0.86 + 0.14 * Math.sin(9 * t)))
    case 'flat-topped':
      return round(3, t ** 0.8)
    case 'irregular':
      return (round(2.4, t ** 1.2) * (0.9 + 0.1 * Math.sin(11 * t + 0.6))) / 0.992
    case 'multi-stemmed':
      return Math.min(1, 1.68 * (t + 0.06) ** 0.42 * (1 - t) ** 0.4)
    case 'prostrate':
      return (1 - t ** 1.6) ** 0.5
    case 'mound':
      return Math.sqrt(1 - t * t)
    case 'wall':
      return t < 0.72 ? 1 : Math.sqrt(1 - ((t - 0.72) / 0.28) ** 2)
    case 'tuft':
      return Math.sin(Math.PI * Math.min(1, 0.18 + 0.82 * t) ** 1.25)
    case 'blades':
      return (0.34 + 0.76 * t) * (t > 0.85 ? Math.sqrt((1 - t) / 0.15) : 1)
  }
}

/**
 * Area of the crown seen from the side, in the square of the unit of the lengths given: the outline
 * integrated over the crown's depth.
 * @throws RangeError when a length is not above 0
 */
export function crownSideArea(form: CrownForm, width: number, depth: number): number {
  requireRange('crown width', width, '', { above: 0 })
  requireRange('crown depth', depth, '', { above: 0 })
  return width * depth * crownFill(form)
}

/** The share of its bounding rectangle that a crown outline fills (π/4 for an ellipse). Midpoint rule, 400 steps. */
export function crownFill(form: CrownForm): number {
  const known = fills.get(form)
  if (known !== undefined) return known
  const steps = 400
  let sum = 0
  for (let i = 0; i < steps; i += 1) sum += crownProfile(form, (i + 0.5) / steps)
  fills.set(form, sum / steps)
  return sum / steps
}
const fills = new Map<CrownForm, number>()

/** Area of the crown seen from above, a circle: branches spread to the light on all sides (common practice). */
export const crownTopArea = (width: number): number => (Math.PI / 4) * width * width

/**
 * Outer surface of a crown, in the square of the unit of the lengths given: its outline turned round the stem,
 * 2π ∫ r ds (Pappus), without the flat underside. Frustums between 400 heights.
 * @throws RangeError when a length is not above 0
 */
export function crownSurface(form: CrownForm, width: number, depth: number): number {
  requireRange('crown width', width, '', { above: 0 })
  requireRange('crown depth', depth, '', { above: 0 })
  const steps = 400
  const radius = (i: number): number => (width / 2) * crownProfile(form, i / steps)
  let sum = 0
  for (let i = 0; i < steps; i += 1) {
    const [below, above] = [radius(i), radius(i + 1)]
    sum += Math.PI * (below + above) * Math.hypot(depth / steps, above - below)
  }
  return sum
}
