import type { NoSolution, BlendSearch, Solution } from './search'
import { nearestMix } from './solve'
import type { Grain } from './grains'
import { MOST_PARTS } from './records'

/** What is offered for an aim. */
export interface Proposal {
  readonly kind: 'found'
  /** The nearest, and others of other materials; the nearest first, three at most. */
  readonly best: readonly Solution[]
  /** Fewest materials, then fewest parts, that come within a just-seen step of the best. */
  readonly simplest: Solution
}

/** How many answers that differ in kind are looked for. */
const ANSWERS = 3
/** What comes as near to the best as this is as good: a step that is just seen. */
const AS_GOOD = 1

/** The three best that differ in kind, and the simplest that is as good. */
export function proposeMixes(search: BlendSearch): Proposal | NoSolution {
  const best: Solution[] = []
  for (let answer = 0; answer < ANSWERS; answer += 1) {
    const found = nearestMix({
      ...search,
      unlike: best.map(({ parts }) => parts),
    })
    if (found.kind === 'none') {
      if (answer === 0) return found
      break
    }
    best.push(found)
  }
  best.sort((a, b) => a.off - b.off)
  const [first] = best
  return first ? { kind: 'found', best, simplest: simplestOf(search, first) } : { kind: 'none', proven: true }
}

/** Tries fewer materials first, then fewer parts, and takes the first that is as good as the best. */
function simplestOf(search: BlendSearch, best: Solution): Solution {
  const goodEnough = best.off + AS_GOOD
  const within = (mostMaterials: number, mostParts: number): Solution | undefined => {
    const found = nearestMix({ ...search, mostMaterials, mostParts, enough: goodEnough, within: goodEnough })
    return found.kind === 'found' ? found : undefined
  }
  for (let materials = 1; materials <= best.parts.length; materials += 1) {
    const found = within(materials, search.mostParts ?? MOST_PARTS)
    if (!found) continue
    const partsOf = ({ parts }: Solution): number => parts.reduce((sum, { parts: own }) => sum + own, 0)
    let simplest = found
    for (let parts = materials; parts < partsOf(simplest); parts += 1) {
      const fewer = within(materials, parts)
      if (fewer) simplest = fewer
    }
    // Of what is as simple, the nearest.
    const nearest = nearestMix({
      ...search,
      mostMaterials: materials,
      mostParts: partsOf(simplest),
      within: goodEnough,
    })
    return nearest.kind === 'found' ? nearest : simplest
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
