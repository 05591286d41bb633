import { linearToLab, mixLinear, sealedLab, toHex, type Lab, type Linear, type Sealing } from '../colour'
import type { Grain } from './grains'
import type { BlendParts, Texture } from './records'

/** So many parts of one grain, by volume of the loose heap. */
export interface Portion {
  readonly grain: Grain
  readonly parts: number
}

/** A mixture as it will look and weigh. */
export interface Mixture {
  readonly portions: readonly Portion[]
  /** Share of the area that each portion shows, 0–1, in their order. */
  readonly shown: readonly number[]
  readonly dry: Linear
  readonly dryHex: string
  /** Size of the grain that the whole shows like: as much area for its volume, mm. */
  readonly grainMm: number
  /** Volume of the mix, of what its heaps come to: fibre and grain lie into one another. */
  readonly settled: number
  /** g of one millilitre of the mix as it lies. */
  readonly bulkGPerMl: number
  /** g/ml of the grains themselves. */
  readonly densityGPerMl: number
}

/** Parts with their grains; those whose grain is not known are left out and named. */
export function portionsOf(
  parts: BlendParts,
  grains: ReadonlyMap<string, Grain>,
): { portions: Portion[]; unknown: string[] } {
  const portions: Portion[] = []
  const unknown: string[] = []
  for (const { materialId, parts: count } of parts) {
    const grain = grains.get(materialId)
    if (grain) portions.push({ grain, parts: count })
    else unknown.push(materialId)
  }
  return { portions, unknown }
}

/** By how much foam and fibre at one to one come to less than both heaps. Our estimate; none of one alone. */
const SETTLES = 0.2

/**
 * What a mixture shows: the mean of its grains' linear light, weighted by the area that each shows.
 * @throws RangeError of nothing
 */
export function mixtureOf(portions: readonly Portion[]): Mixture {
  const areas = portions.map(({ grain, parts }) => grain.areaPerMl * parts)
  const dry = mixLinear(portions.map(({ grain }, i) => [grain.colour, areas[i] ?? 0]))
  const area = areas.reduce((sum, own) => sum + own, 0)
  const ml = portions.reduce((sum, { parts }) => sum + parts, 0)
  const g = portions.reduce((sum, { grain, parts }) => sum + grain.bulkGPerMl * parts, 0)
  const solidMl = portions.reduce(
    (sum, { grain, parts }) => sum + (grain.bulkGPerMl / grain.densityGPerMl) * parts,
    0,
  )
  const fibre =
    portions.reduce((sum, { grain, parts }) => sum + (grain.shape === 'fibre' ? parts : 0), 0) / ml
  const settled = 1 - SETTLES * 4 * fibre * (1 - fibre)
  return {
    portions,
    shown: areas.map((own) => own / area),
    dry,
    dryHex: toHex(dry),
    grainMm: (1.5 * solidMl * 1000) / area,
    settled,
    bulkGPerMl: g / (ml * settled),
    densityGPerMl: g / solidMl,
  }
}

/** The colour of a mixture once sealed, CIELAB. */
export const sealedOf = ({ dry }: Pick<Mixture, 'dry'>, sealing: Sealing): Lab =>
  sealedLab(linearToLab(dry), sealing)

/** Within this ratio grains look of one size; from the others on mixed, and rough. From memory. */
const grainRatios = { one: 1.7, mixed: 2, rough: 4 } as const

/** Whether sizes of grains, mm, keep a wish for texture. */
export function keepsTexture(texture: Texture, smallestMm: number, largestMm: number): boolean {
  const ratio = largestMm / smallestMm
  switch (texture) {
    case 'any':
      return true
    case 'one':
      return ratio <= grainRatios.one
    case 'mixed':
      return ratio >= grainRatios.mixed
    case 'rough':
      return ratio >= grainRatios.rough
  }
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))

/** Whether parts are told in their smallest whole numbers: 2 : 2 is 1 : 1. */
export const isSmallest = (counts: readonly number[]): boolean =>
  counts.reduce((common, count) => divisor(common, count), 0) <= 1
