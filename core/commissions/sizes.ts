import { formOf, type Form, type Species } from '../plants'
import { normal, seededRandom, seedOf, toModelMm } from '../units'
import type { Commission, Line } from './records'

/** A line's plant as it will be built: real form, and model lengths in mm after scale and stature. */
export interface LineSize {
  readonly form: Form
  readonly stature: number
  readonly heightMm: number
  readonly crownWidthMm: number
  readonly clearStemMm: number
  readonly trunkMm: number
}

/** Sizes of a line at its commission's scale. Model length = real length ÷ ratio × stature. Source: arithmetic; stature is common practice. */
export function lineSize(line: Pick<Line, 'age' | 'heightM' | 'crownWidthM' | 'stature'>, commission: Pick<Commission, 'ratio' | 'stature'>, species: Species): LineSize {
  const form = formOf(species, line.age, { heightM: line.heightM, crownWidthM: line.crownWidthM })
  const stature = line.stature ?? commission.stature
  const model = (metres: number): number => toModelMm(metres * 1000, commission.ratio) * stature
  return { form, stature, heightMm: model(form.heightM), crownWidthMm: model(form.crownWidthM), clearStemMm: model(form.clearStemM), trunkMm: model(form.dbhM) }
}

/** Spread of sizes in a batch: no two plants are alike. Coefficient of variation; common practice. */
export const SIZE_VARIATION = 0.12

/**
 * Individual target heights of a batch, mm: log-normal around the line's height, the same each time for the same id.
 * @param id of the line or batch that the pieces belong to
 */
export function individualHeights(heightMm: number, pieces: number, id: string, variation = SIZE_VARIATION): number[] {
  const random = seededRandom(seedOf(id))
  const sigma = Math.sqrt(Math.log(1 + variation * variation))
  return Array.from({ length: pieces }, () => heightMm * Math.exp(sigma * normal(random) - (sigma * sigma) / 2))
}
