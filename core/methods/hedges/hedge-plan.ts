import {
  grownMm,
  runsBetween,
  stripPlan,
  twigCuts,
  twigHoles,
  type Gap,
  type StripPlan,
  type TwigHole,
} from '../../hedges'
import type { Coefficient, PlantJob } from '../../makeup'
import type { Material } from '../../stock'
import { seedOf } from '../../units'
import { trimmedFigures as t, twigFigures as k } from './hedge-figures'

type Value = (coefficient: Coefficient) => number
type HedgeJob = Extract<PlantJob, { kind: 'length' }>

/** Twigs and their holes along the whole hedge, gates and gaps left out. */
export interface TwigPlan {
  readonly holes: readonly TwigHole[]
  readonly cuts: readonly { readonly lengthMm: number; readonly count: number }[]
  readonly widthMm: number
  readonly holeMm: number
  readonly grownMm: number
}

/** Only a few twigs fit into less than this, mm. */
const LEAST_MM = 3

/** @param seed the line’s id, so that paper and screen have the same holes */
export function twigPlanOf(
  { piece, lengthMm }: Pick<HedgeJob, 'piece' | 'lengthMm'>,
  gaps: readonly Gap[],
  value: Value,
  seed: string,
): TwigPlan {
  const widthMm = Math.max(LEAST_MM, piece.crownWidthMm * value(k.bankShare))
  const holes = twigHoles({
    runs: runsBetween(lengthMm, gaps),
    widthMm,
    perHoleMm2: value(k.perHoleMm2),
    holeMm: value(k.holeMm),
    heightMm: piece.heightMm,
    spread: value(k.spread),
    seed: seedOf(seed),
  })
  return {
    holes,
    cuts: twigCuts(holes, value(k.footMm)),
    widthMm,
    holeMm: value(k.holeMm),
    grownMm: grownMm(lengthMm, gaps),
  }
}

/** A sheet of horsehair that nobody has chosen yet, mm. From memory. */
const USUAL_SHEET = { widthMm: 300, heightMm: 200 }

/** Size of a sheet, mm. */
export const sheetOf = (material: Material | undefined): { widthMm: number; heightMm: number } =>
  material?.of.stuff === 'sheet' && material.of.widthMm !== undefined && material.of.heightMm !== undefined
    ? { widthMm: material.of.widthMm, heightMm: material.of.heightMm }
    : USUAL_SHEET

/** Layers of horsehair side by side that make up a hedge's thickness. */
export const layersAcross = (job: Pick<HedgeJob, 'piece'>, value: Value): number =>
  Math.max(1, Math.round(job.piece.crownWidthMm / value(t.thickMm)))

/** Strips of a trimmed hedge, cut from sheets of what is chosen. */
export function stripPlanOf(
  job: Pick<HedgeJob, 'piece' | 'lengthMm'>,
  gaps: readonly Gap[],
  value: Value,
  material: Material | undefined,
): StripPlan {
  const sheet = sheetOf(material)
  return stripPlan({
    runs: runsBetween(job.lengthMm, gaps),
    stripMm: Math.min(sheet.heightMm, job.piece.heightMm),
    sheetWidthMm: sheet.widthMm,
    sheetHeightMm: sheet.heightMm,
    layers: layersAcross(job, value),
    kerfMm: value(t.kerfMm),
  })
}
