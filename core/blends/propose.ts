import { linearToLab, type Lab } from '../colour'
import type { NoSolution, BlendSearch, Solution } from './search'
import { nearestMix } from './solve'
import type { Grain } from './grains'
import { mixtureOf, portionsOf } from './mixture'
import { MOST_PARTS } from './records'
import { LIVELY, speckleOf } from './speckle'

/** What is offered for an aim. */
export interface Proposal {
  readonly kind: 'found'
  /** The nearest, and others of other materials; the nearest first, three at most. */
  readonly best: readonly Solution[]
  /** Fewest materials, then fewest parts, that come within a just-seen step of the best. */
  readonly simplest: Solution
  /** Whether close tones alone were looked through, since the nearest of all would read as dots. */
  readonly quiet: boolean
}

/** How many answers that differ in kind are looked for. */
const ANSWERS = 3
/**
 * Mixtures that each proof looks at: a maker waits for all of them together, and no longer for many jars than for few.
 * The nearest is worth most; whether fewer parts do is asked often.
 */
const PATIENCE = { nearest: 120_000, others: 50_000, simplest: 15_000, quiet: 30_000 }
/** What comes as near to the best as this is as good: a step that is just seen. */
const AS_GOOD = 1

/** Grains farther from what is wanted than these, ΔE₀₀, are tried in turn only where nearer ones won't do. */
const CLOSE = [10, 16, 24, 34] as const
/** A mix of close tones may lie so much farther off than one of loud ones: two steps that are just seen. */
const FOR_QUIET = 2 * AS_GOOD
/** Hues within this angle are of one kind; a grain of less chroma has none to speak of. From memory. */
const KIN_DEG = 40
const GREY = 12

/** Whether a grain is of the hue that is wanted, or of none: russet in a summer green is not. */
function isKin({ colour }: Grain, [, a, b]: Lab): boolean {
  const [, ga, gb] = linearToLab(colour)
  if (Math.hypot(ga, gb) < GREY || Math.hypot(a, b) < GREY) return true
  const turn = Math.abs(Math.atan2(gb, ga) - Math.atan2(b, a)) * (180 / Math.PI)
  return Math.min(turn, 360 - turn) <= KIN_DEG
}

/** So much of the parts may be of another hue: a trace. Common practice. */
const TRACE = 0.08

/** Whether a mix reads as dots, or has more than a trace of another hue. */
function isLoud(search: BlendSearch, { parts }: Solution): boolean {
  const grains = new Map(search.grains.map((grain) => [grain.material.id, grain]))
  const { portions } = portionsOf(parts, grains)
  const all = portions.reduce((sum, own) => sum + own.parts, 0)
  const foreign = portions.reduce(
    (sum, { grain, parts: own }) => sum + (isKin(grain, search.aim.wanted) ? 0 : own),
    0,
  )
  return foreign > TRACE * all || speckleOf(mixtureOf(portions)).mean >= LIVELY
}

/** A search that has a quiet answer, and that answer. */
interface Close {
  readonly search: BlendSearch
  readonly found: Solution
}

/**
 * The search among the closest tones that come about as near as all of them: close ones read as one, loud ones as dots.
 * What a bound asks for stays in. Undefined where no quiet mix comes as near.
 */
function amongCloseTones(search: BlendSearch, nearest: Solution): Close | undefined {
  const bounds = search.bounds ?? []
  const asked = new Set(bounds.flatMap(({ materialId, least = 0 }) => (least > 0 ? [materialId] : [])))
  const tried = (fits: (grain: Grain) => boolean): Close | undefined => {
    const grains = search.grains.filter((grain) => asked.has(grain.material.id) || fits(grain))
    if (grains.length === 0) return undefined
    const narrow = { ...search, grains }
    const found = nearestMix({ ...narrow, within: nearest.off + FOR_QUIET, patience: PATIENCE.quiet })
    return found.kind === 'found' && !isLoud(narrow, found) ? { search: narrow, found } : undefined
  }
  for (const most of CLOSE) {
    const close = tried((grain) => search.aim.off(grain.colour) <= most && isKin(grain, search.aim.wanted))
    if (close) return close
  }
  return tried((grain) => isKin(grain, search.aim.wanted))
}

/** The three best that differ in kind, and the simplest that is as good: of close tones where others read as dots. */
export function proposeMixes(search: BlendSearch): Proposal | NoSolution {
  const first = proposeAmong(search)
  if (first.kind === 'none') return first
  const [nearest] = first.best
  const isQuiet = nearest === undefined || ![first.simplest, nearest].some((one) => isLoud(search, one))
  const close = isQuiet ? undefined : amongCloseTones(search, nearest)
  return close ? proposeAmong(close.search, close.found) : first
}

/** @param quiet a quiet answer; none that reads as dots is given beside it */
function proposeAmong(search: BlendSearch, quiet?: Solution): Proposal | NoSolution {
  const found: Solution[] = []
  for (let answer = 0; answer < ANSWERS; answer += 1) {
    const next = nearestMix({
      ...search,
      unlike: found.map(({ parts }) => parts),
      patience: answer === 0 ? PATIENCE.nearest : PATIENCE.others,
    })
    if (next.kind === 'none') {
      if (answer === 0) return next
      break
    }
    found.push(next)
  }
  const passes = (one: Solution): boolean => !quiet || !isLoud(search, one)
  const passing = found.filter(passes)
  const best = (quiet && passing.length === 0 ? [quiet] : passing).sort((a, b) => a.off - b.off)
  const [first] = best
  return first
    ? { kind: 'found', best, simplest: simplestOf(search, first, passes), quiet: quiet !== undefined }
    : { kind: 'none', proven: true }
}

/**
 * Tries fewer materials first, then fewer parts, and takes the first that is as good as the best.
 * @param passes whether a mix will do in other ways: two jars far apart are simple, and read as dots
 */
function simplestOf(search: BlendSearch, best: Solution, passes: (one: Solution) => boolean): Solution {
  const goodEnough = best.off + AS_GOOD
  const within = (mostMaterials: number, mostParts: number): Solution | undefined => {
    const found = nearestMix({
      ...search,
      mostMaterials,
      mostParts,
      enough: goodEnough,
      within: goodEnough,
      patience: PATIENCE.simplest,
    })
    return found.kind === 'found' && passes(found) ? found : undefined
  }
  for (let materials = 1; materials <= best.parts.length; materials += 1) {
    const found = within(materials, search.mostParts ?? MOST_PARTS)
    if (!found) continue
    const partsOf = ({ parts }: Solution): number => parts.reduce((sum, { parts: own }) => sum + own, 0)
    let simplest = found
    // What can be done with so many parts can be done with more: halved until the fewest are known.
    for (let least = materials; least < partsOf(simplest);) {
      const parts = Math.floor((least + partsOf(simplest) - 1) / 2)
      const fewer = within(materials, parts)
      if (fewer) simplest = fewer
      else least = parts + 1
    }
    // Of what is as simple, the nearest.
    const nearest = nearestMix({
      ...search,
      mostMaterials: materials,
      mostParts: partsOf(simplest),
      within: goodEnough,
      patience: PATIENCE.simplest,
    })
    return nearest.kind === 'found' && passes(nearest) ? nearest : simplest
  }
  return best
}

/** A material that is not there, and how near a mix would come with it. */
export interface Help {
  readonly grain: Grain
  readonly off: number
}

/** Help that gains less than this is none. */
const LEAST_GAIN = 0.5

/**
 * The single material, of those that could be got, that would bring the nearest mix nearest; undefined where none
 * would help.
 * @param off of the best without it
 */
export function bestHelp(search: BlendSearch, offers: readonly Grain[], off: number): Help | undefined {
  let help: Help | undefined
  for (const grain of offers) {
    const within = (help?.off ?? off) - (help ? 0.05 : LEAST_GAIN)
    if (within <= 0) break
    const bounds = [...(search.bounds ?? []), { materialId: grain.material.id, least: 1 }]
    const found = nearestMix({
      ...search,
      grains: [...search.grains, grain],
      bounds,
      within,
      patience: 20_000,
    })
    if (found.kind === 'found') help = { grain, off: found.off }
  }
  return help
}
