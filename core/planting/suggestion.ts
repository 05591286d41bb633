import type { Zone } from '../commissions'
import { type Age, type Grouping, type Habitat, type HabitatId, type Species } from '../plants'
import { type PlantLayer } from './layers'

/** What a planting is suggested for. */
export interface PlantingWish {
  /** Real area, m². */
  readonly areaM2: number
  readonly habitats: readonly HabitatId[]
  /** Shares of the four ages; absent: as usual in the habitat. */
  readonly ages?: readonly [number, number, number, number]
  /** How many pieces the maker is ready to make. */
  readonly pieces: number
  /** Where they are fewer than nature has: thin over all of it, or as close as they grow on a part. Absent: thin. */
  readonly spread?: 'all' | 'part'
  /** Whether tall growth may stand before low: where nobody looks over that edge. */
  readonly tallInFront?: boolean
}

/** A line as suggested, to be changed or left out before it is taken. */
export interface SuggestedLine {
  readonly speciesId: string
  readonly name: string
  readonly layer: PlantLayer
  readonly age: Age
  readonly heightM: number
  /** Narrower than one that grew in the open, where it stands in a closed wood, m. */
  readonly crownWidthM?: number
  readonly pieces: number
  readonly zone: Zone
  /** Otherwise than its kind stands: in rows along a bank. */
  readonly stands?: Grouping
  /** Sizes of the groups that it stands in; odd wherever it stands in groups. */
  readonly groups: readonly number[]
  readonly reason: string
}

/** Lines for an area, the share of it that they plant, and what was left out. */
export interface Suggestion {
  readonly lines: readonly SuggestedLine[]
  /** Share of the area that is planted as closely as it grows; 1 where all of it is. */
  readonly plantedShare: number
  readonly said: readonly string[]
}

/** A species in a habitat, and how many of it the ground holds. */
export interface Expected {
  readonly species: Species
  readonly layer: PlantLayer
  readonly number: number
  readonly habitat: Habitat
  readonly at: Species['habitats']
  readonly ages: readonly [number, number, number, number]
}
