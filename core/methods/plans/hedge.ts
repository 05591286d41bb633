import {
  clearFor,
  hedgeStrips,
  hedgeTwigs,
  USUAL_SHEET,
  type Gap,
  type HedgeStrips,
  type HedgeTree,
  type TwigPlan,
} from '../../hedges'
import type { Job, PlantJob } from '../../makeup'
import type { Coefficient } from '../../quantities'
import { amount, coefficients, loss, seconds, share, spoilage, sticking } from '../kit/rows'
import type { Material } from '../../stock'
import { plainNumber } from '../../units'
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
  sheetShare: amount('foam sheet under a bank, with what is cut off', 1.15, 'cm²/cm²'),
  dotsMl: amount('adhesive in dots under foam sheet', 0.03, 'ml/cm²'),
  skin: share('of a bank’s paste, where it is a skin over foam', 0.35),
  layBankSec: seconds('cut and glue 200 mm of foam strip', 240),
  closedMin: dries('construction', 'adhesive under foam sheet closes'),
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

/** Where trees stand along a hedge, in words: "300, 760 mm"; empty where none do. */
export const treesAlong = (job: Job): string =>
  job.kind === 'length' && job.trees ? `${job.trees.atMm.map((mm) => plainNumber(mm, 0)).join(', ')} mm` : ''

type Value = (coefficient: Coefficient) => number
/** A hedge along its line: its piece, and how long it is in all. */
type Hedge = Pick<Extract<PlantJob, { kind: 'length' }>, 'piece' | 'lengthMm'>

/** Twigs of a hedge. @param seed the line’s id, so that paper and screen have the same holes */
export const twigPlanOf = (
  { piece, lengthMm }: Hedge,
  gaps: readonly Gap[],
  value: Value,
  seed: string,
  trees: readonly HedgeTree[] = [],
): TwigPlan =>
  hedgeTwigs({
    lengthMm,
    gaps,
    clear: clearFor(trees),
    heightMm: piece.heightMm,
    bankMm: piece.crownWidthMm * value(k.bankShare),
    perHoleMm2: value(k.perHoleMm2),
    holeMm: value(k.holeMm),
    footMm: value(k.footMm),
    spread: value(k.spread),
    seed,
  })

/** Size of a sheet, mm; of one that nobody has chosen yet, the usual one. */
export const sheetOf = (material: Material | undefined): { widthMm: number; heightMm: number } =>
  material?.of.stuff === 'sheet' && material.of.widthMm !== undefined && material.of.heightMm !== undefined
    ? { widthMm: material.of.widthMm, heightMm: material.of.heightMm }
    : USUAL_SHEET

/** Strips of a trimmed hedge, cut from sheets of what is chosen. */
export const stripPlanOf = (
  { piece, lengthMm }: Hedge,
  gaps: readonly Gap[],
  value: Value,
  material: Material | undefined,
): HedgeStrips =>
  hedgeStrips({
    lengthMm,
    gaps,
    heightMm: piece.heightMm,
    widthMm: piece.crownWidthMm,
    thickMm: value(t.thickMm),
    kerfMm: value(t.kerfMm),
    sheet: sheetOf(material),
  })
