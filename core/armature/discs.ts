import { crownProfile, type CrownForm } from '../plants'
import { requireRange } from '../units'
import type { NestOrder } from './nest'

/** A conifer to be built of discs on a dowel. Lengths in mm at the model. */
export interface DiscOrder {
  readonly heightMm: number
  readonly crownWidthMm: number
  readonly crownForm: CrownForm
  /** Height of the first living branch. */
  readonly firstBranchMm: number
  readonly trunkMm: number
  /** Thickness of a pad as it is bought, and how many layers it is split into: 1, 2 or 4. */
  readonly padMm: number
  readonly layers: 1 | 2 | 4
}

/** A disc of foliage on the stem, numbered from the bottom. */
export interface Disc {
  readonly number: number
  readonly atMm: number
  readonly diameterMm: number
}

/** A disc that is cut from the pad and then split into those that follow one another on the stem. */
export interface PadCut {
  readonly diameterMm: number
  readonly discs: readonly number[]
}

export interface DiscTree {
  readonly dowelMm: number
  /** Where the taper of the top begins, above the ground. */
  readonly taperFromMm: number
  readonly discs: readonly Disc[]
  readonly cuts: readonly PadCut[]
}

/** The first living branch of a timber conifer: about 10 ft, in real mm. Common practice. */
export const FIRST_BRANCH_REAL_MM = 3048
/** Discs follow one another by so much of a layer's thickness, at the bottom and at the top. From memory. */
const CLOSE = { bottom: 0.85, top: 0.6 } as const
/** A disc is cut larger than the crown is wide: its edge is ragged. From memory. */
const RAGGED = 1.08
/** No smaller disc is cut: what is above it is a pinch of fibre. From memory. */
const SMALLEST_MM = 7
/** The top of the dowel is tapered over so much of the height. From memory. */
const TAPER = 0.4

/**
 * Dowel and discs of one tree: discs by the crown's profile from the first branch to the top, the largest at
 * the bottom, spaced by their thickness; each cut disc is split into its layers.
 * @throws RangeError when a measure is not a length, or the first branch is not below the top
 */
export function discTree(order: DiscOrder): DiscTree {
  const { heightMm, crownWidthMm, firstBranchMm, padMm, layers } = order
  requireRange('height', heightMm, 'mm', { above: 0 })
  requireRange('crown width', crownWidthMm, 'mm', { above: 0 })
  requireRange('pad', padMm, 'mm', { above: 0 })
  requireRange('first branch', firstBranchMm, 'mm', { min: 0, max: heightMm * 0.9 })
  const thickMm = padMm / layers
  const depth = heightMm - firstBranchMm
  const discs: Disc[] = []
  // The narrow foot of a crown's outline is not built: branches begin at their widest and go up from there.
  const widest = widestAbove(order.crownForm)
  for (let at = firstBranchMm; at < heightMm - thickMm * 0.4;) {
    const t = (at - firstBranchMm) / depth
    const diameterMm = crownWidthMm * widest(Math.min(1, t)) * RAGGED
    if (diameterMm < SMALLEST_MM && discs.length > 0) break
    discs.push({ number: discs.length + 1, atMm: at, diameterMm: Math.max(SMALLEST_MM, diameterMm) })
    at += thickMm * (CLOSE.bottom + (CLOSE.top - CLOSE.bottom) * t)
  }
  const cuts: PadCut[] = []
  for (let i = 0; i < discs.length; i += layers) {
    const group = discs.slice(i, i + layers)
    cuts.push({
      diameterMm: Math.max(...group.map(({ diameterMm }) => diameterMm)),
      discs: group.map(({ number }) => number),
    })
  }
  return { dowelMm: heightMm, taperFromMm: heightMm * (1 - TAPER), discs, cuts }
}

const PROFILE_STEPS = 200
const profiles = new Map<CrownForm, Float64Array>()

/** How wide a crown is at a share of its height or anywhere above it, by its width; worked out once a form. */
function widestAbove(form: CrownForm): (t: number) => number {
  let table = profiles.get(form)
  if (!table) {
    table = new Float64Array(PROFILE_STEPS + 1)
    let most = 0
    for (let i = PROFILE_STEPS; i >= 0; i -= 1) {
      most = Math.max(most, crownProfile(form, i / PROFILE_STEPS))
      table[i] = most
    }
    profiles.set(form, table)
  }
  const steps = table
  return (t) => {
    const at = Math.max(0, t) * PROFILE_STEPS
    const i = Math.min(PROFILE_STEPS - 1, Math.floor(at))
    const [low, high] = [steps[i] ?? 0, steps[i + 1] ?? 0]
    return low + (high - low) * (at - i)
  }
}

/** Area of pad that cut discs take as squares of their own circle, cm²: π/4 · d² each. */
export const cutAreaCm2 = (cuts: readonly Pick<PadCut, 'diameterMm'>[]): number =>
  cuts.reduce((sum, { diameterMm }) => sum + (Math.PI / 400) * diameterMm * diameterMm, 0)

/**
 * A ragged star for a disc: points of its outline, mm about its middle, notched deeply and unevenly.
 * @param random 0–1
 */
export function raggedStar(diameterMm: number, random: () => number): [x: number, y: number][] {
  const rays = Math.max(7, Math.min(17, Math.round(diameterMm / 4)))
  return Array.from({ length: rays * 2 }, (_, i) => {
    const angle = ((i + 0.5 * (random() - 0.5)) / (rays * 2)) * 2 * Math.PI
    const share = i % 2 === 0 ? 0.92 + 0.08 * random() : 0.55 + 0.2 * random()
    const r = (diameterMm / 2) * share
    return [Math.cos(angle) * r, Math.sin(angle) * r]
  })
}

/** All discs on a tree's stem, cm², before they are cut ragged. */
export const discsCm2 = ({ discs }: DiscTree): number =>
  discs.reduce((sum, { diameterMm }) => sum + (Math.PI / 4) * (diameterMm / 10) ** 2, 0)

/** Discs of several trees that are nested in pads together: what each is called, and whose it is. */
export interface PadOrder extends NestOrder {
  readonly labels: readonly string[]
  readonly treeOf: readonly number[]
}

/** What of a pad discs take at first, of its area: more pads are laid out than will be cut. Our estimate. */
const LOOSELY = 0.6

/** The order for nesting discs of several trees, each cut so many times. @param strip share of a pad that is kept */
export function padOrder(
  trees: readonly DiscTree[],
  pad: { readonly widthMm: number; readonly heightMm: number },
  strip: number,
  times: number,
): PadOrder {
  const discs = trees.flatMap(({ cuts }, tree) =>
    cuts.flatMap((cut) =>
      Array.from({ length: times }, () => ({
        radiusMm: cut.diameterMm / 2,
        tree,
        label: `${tree + 1}·${cut.discs.join('·')}`,
      })),
    ),
  )
  const sheet = { widthMm: pad.widthMm * (1 - strip), heightMm: pad.heightMm }
  const area = discs.reduce((sum, { radiusMm }) => sum + Math.PI * radiusMm * radiusMm, 0)
  const sheets = Math.max(1, Math.ceil(area / (sheet.widthMm * sheet.heightMm * LOOSELY)) + 1)
  return {
    radiiMm: discs.map(({ radiusMm }) => radiusMm),
    labels: discs.map(({ label }) => label),
    treeOf: discs.map(({ tree }) => tree),
    sheets: Array.from({ length: sheets }, () => sheet),
    gapMm: 1,
    seed: 1,
    tries: 240,
  }
}
