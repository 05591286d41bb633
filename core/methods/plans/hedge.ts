import {
  firstOf,
  grownMm,
  runsBetween,
  stripPlan,
  twigCuts,
  twigHoles,
  type Gap,
  type Run,
  type StripPlan,
  type TwigHole,
} from '../../hedges'
import type { Coefficient, PlantJob } from '../../makeup'
import type { Material } from '../../stock'
import { seedOf } from '../../units'
import { amount, coefficients, loss, seconds, share, spoilage, sticking } from '../kit/rows'
import { dries } from '../kit/setting'

/** What hedges take, built of twigs or cut from strips. */
export const twigFigures = coefficients('twig-hedge', {
  spoilage: spoilage(0),
  stretchMm: amount('worked at once, at most', 200, 'mm', 'common practice'),
  perHoleMm2: amount('ground for each hole', 40, 'mm²', 'common practice', '30 to 50'),
  holeMm: amount('hole', 2, 'mm', 'common practice'),
  bankShare: share('top of the bank that has holes, of the hedge’s width', 0.6),
  footMm: amount('of a twig, in the bank', 6, 'mm'),
  spread: share('variation of the twigs’ lengths', 0.18),
  dipMl: amount('PVA on the foot of a twig', 0.02, 'ml'),
  bankMl: amount('paste in a bank', 0.35, 'ml/cm²'),
  bushesEach: amount('small bushes, for each mm of hedge', 0.02, '/mm'),
  raiseSec: seconds('raise a bank of 200 mm', 1200),
  earthG: amount('earth over the holes', 0.12, 'g/cm²'),
  cementMl: amount('scenic cement over the earth', 0.08, 'ml/cm²'),
  base: loss('dense base of horsehair, cut off', 0.35, 'common practice'),
  filled: share('covered before the leaf, of what is seen', 0.25, 'memory', 'horsehair'),
  hairFill: share('of the hedge’s side, filled with teased horsehair', 0.45),
  brushMl: amount('glue brushed up the twigs', 0.02, 'ml/cm²'),
  drillSec: seconds('drill a hole', 3),
  twigSec: seconds('cut, dip, insert a twig', 15),
  bankSec: seconds('earth, mist, cement on 200 mm', 180),
  hairSec: seconds('tease, brown, scatter strips for 200 mm', 600),
  setHairSec: seconds('horsehair between twigs, from both sides, on 200 mm', 900),
  bushSec: seconds('small bushes and flowers on 200 mm', 240),
  cementDryMin: dries('cement'),
})

export const trimmedFigures = coefficients('trimmed-hedge', {
  spoilage: spoilage(0.03),
  stretchMm: amount('worked at once, at most', 300, 'mm'),
  thickMm: amount('thickness of the sheet of horsehair', 20, 'mm'),
  kerfMm: amount('lost between strips', 2, 'mm'),
  glueMl: amount('glue along the ground', 0.03, 'ml/cm²'),
  faceSeeThrough: share('see-through of the dressed faces', 0.12),
  stickShare: sticking('scatter sticks, of what is thrown', 0.4),
  cutSec: seconds('cut and square a strip', 60),
  sliceSec: seconds('slice a strip thinner, each time', 40),
  setSec: seconds('glue and set a strip, joints staggered', 50),
  faceSec: amount('dress, for each cm² of face', 0.35, 's/cm²'),
  dryMin: dries('pva', 'glue under a strip dries'),
})
const k = twigFigures
const t = trimmedFigures

type Value = (coefficient: Coefficient) => number
type HedgeJob = Extract<PlantJob, { kind: 'length' }>

/** Twigs and their holes along the whole hedge, gates and gaps left out. */
export interface TwigPlan {
  /** The holes that are laid out: of a very long hedge those of its beginning, which goes on in the same way. */
  readonly holes: readonly TwigHole[]
  /** As far as they go, mm along the hedge. */
  readonly laidMm: number
  /** Holes, and twigs by length, of the whole hedge. */
  readonly count: number
  readonly cuts: readonly { readonly lengthMm: number; readonly count: number }[]
  readonly widthMm: number
  readonly holeMm: number
  readonly grownMm: number
}

/** Only a few twigs fit into less than this, mm. */
const LEAST_MM = 3
/** Holes that are laid out one by one: of more, the share of each length is known well enough. */
const MOST_HOLES = 6_000

/** @param seed the line’s id, so that paper and screen have the same holes */
export function twigPlanOf(
  { piece, lengthMm }: Pick<HedgeJob, 'piece' | 'lengthMm'>,
  gaps: readonly Gap[],
  value: Value,
  seed: string,
): TwigPlan {
  const widthMm = Math.max(LEAST_MM, piece.crownWidthMm * value(k.bankShare))
  const perHoleMm2 = value(k.perHoleMm2)
  const all = runsBetween(lengthMm, gaps)
  const whole = grownMm(lengthMm, gaps)
  const runs = firstOf(all, (MOST_HOLES * perHoleMm2) / widthMm)
  const holes = twigHoles({
    runs,
    widthMm,
    perHoleMm2,
    holeMm: value(k.holeMm),
    heightMm: piece.heightMm,
    spread: value(k.spread),
    seed: seedOf(seed),
  })
  const times = whole / Math.max(1e-9, lengthOf(runs))
  return {
    holes,
    laidMm: runs.at(-1)?.toMm ?? 0,
    count: Math.round(holes.length * times),
    cuts: twigCuts(holes, value(k.footMm)).map((cut) => ({ ...cut, count: Math.round(cut.count * times) })),
    widthMm,
    holeMm: value(k.holeMm),
    grownMm: whole,
  }
}

const lengthOf = (runs: readonly Run[]): number =>
  runs.reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0)

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

/** A strip can't be sliced thinner than this without falling apart, mm. Our estimate. */
const THINNEST_SLICE_MM = 5
/** A strip is sliced where it is thicker than the hedge by this. Our estimate. */
const WORTH_SLICING = 1.4

/** Strips that one of the sheet's thickness is sliced to where the hedge is thinner: of 20 mm, two for one of 10.5. */
export function slicesOf(job: Pick<HedgeJob, 'piece'>, value: Value): number {
  const [thick, wanted] = [value(t.thickMm), job.piece.crownWidthMm]
  if (thick < wanted * WORTH_SLICING) return 1
  return Math.max(1, Math.min(Math.round(thick / wanted), Math.floor(thick / THINNEST_SLICE_MM)))
}

/** Strips that are laid and cut one by one; of more, a part is worked out, and the rest goes on in the same way. */
const MOST_STRIPS = 400

/** Strips of a trimmed hedge, cut from sheets of what is chosen. */
export function stripPlanOf(
  job: Pick<HedgeJob, 'piece' | 'lengthMm'>,
  gaps: readonly Gap[],
  value: Value,
  material: Material | undefined,
): HedgeStrips {
  const sheet = sheetOf(material)
  const all = runsBetween(job.lengthMm, gaps)
  const layers = layersAcross(job, value)
  const wholeMm = lengthOf(all) * layers
  // Neighbouring layers differ, the third is as the first.
  const laid = Math.max(2, Math.min(layers, Math.floor(MOST_STRIPS / 4)))
  const someLayers = Math.min(layers, laid)
  const runs = firstOf(all, (MOST_STRIPS * sheet.widthMm) / someLayers)
  const plan = stripPlan({
    runs,
    stripMm: Math.min(sheet.heightMm, job.piece.heightMm),
    sheetWidthMm: sheet.widthMm,
    sheetHeightMm: sheet.heightMm,
    layers: someLayers,
    kerfMm: value(t.kerfMm),
  })
  const times = wholeMm / Math.max(1e-9, lengthOf(runs) * someLayers)
  const slices = slicesOf(job, value)
  const rows = Math.ceil((plan.cut.rods.length * times) / slices - 1e-9)
  return { ...plan, times, slices, rows, sheets: Math.ceil(rows / plan.rowsPerSheet) }
}

/** The strips that were laid, and how many times as many the whole hedge takes. */
export interface HedgeStrips extends StripPlan {
  readonly times: number
  /** Thinner strips that each is sliced to. */
  readonly slices: number
  /** Rows of the sheet that are cut for the whole hedge. */
  readonly rows: number
}
