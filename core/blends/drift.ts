import { difference2000, fromHex, type Lab, type Sealing } from '../colour'
import type { Grain } from './grains'
import { mixtureOf, portionsOf, sealedOf } from './mixture'
import type { BlendParts } from './records'

/** A lot of a material in a mix whose colour is known, and what comes of mixing from it. */
export interface LotDrift {
  readonly lotId: string
  readonly materialId: string
  /** ΔE₀₀ of the mix, sealed, from what it is by the material's own colour. */
  readonly drift: number
  readonly sealed: Lab
}

/**
 * What a mix becomes from each lot whose own colour was measured: the same recipe, another bag.
 * @param lots of the materials in the mix, with their measured colours
 */
export function lotDrifts(
  parts: BlendParts,
  grains: ReadonlyMap<string, Grain>,
  lots: readonly { readonly lotId: string; readonly materialId: string; readonly colour: string }[],
  sealing: Sealing,
): LotDrift[] {
  const { portions } = portionsOf(parts, grains)
  if (portions.length === 0) return []
  const own = sealedOf(mixtureOf(portions), sealing)
  return lots.flatMap(({ lotId, materialId, colour }): LotDrift[] => {
    if (!portions.some(({ grain }) => grain.material.id === materialId)) return []
    const changed = portions.map((portion) =>
      portion.grain.material.id === materialId
        ? { ...portion, grain: { ...portion.grain, hex: colour, colour: fromHex(colour) } }
        : portion,
    )
    const sealed = sealedOf(mixtureOf(changed), sealing)
    return [{ lotId, materialId, drift: difference2000(sealed, own), sealed }]
  })
}

/** A material that would stand in for another in a mix, and what comes of it. */
export interface StandIn {
  readonly grain: Grain
  /** ΔE₀₀ of the mix from what it is with the material that it should be, sealed. */
  readonly drift: number
  /** Ratio of its grain to that of the one that it stands in for. */
  readonly grainRatio: number
}

/** Stand-ins that are looked at, the nearest first. */
const SHOWN = 4

/**
 * What could stand in for a material of a mix, the least drift first: the same parts, another jar.
 * @param others what is there besides, the same use allowed
 */
export function standIns(
  parts: BlendParts,
  outId: string,
  grains: ReadonlyMap<string, Grain>,
  others: readonly Grain[],
  sealing: Sealing,
): StandIn[] {
  const { portions } = portionsOf(parts, grains)
  const out = grains.get(outId)
  if (!out || portions.length === 0) return []
  const own = sealedOf(mixtureOf(portions), sealing)
  return others
    .filter(({ material }) => !parts.some(({ materialId }) => materialId === material.id))
    .map((grain): StandIn => {
      const changed = portions.map((portion) => (portion.grain === out ? { ...portion, grain } : portion))
      return {
        grain,
        drift: difference2000(sealedOf(mixtureOf(changed), sealing), own),
        grainRatio: grain.sizeMm / out.sizeMm,
      }
    })
    .sort((a, b) => a.drift - b.drift || a.grain.material.id.localeCompare(b.grain.material.id))
    .slice(0, SHOWN)
}
