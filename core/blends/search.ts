import type { Grain } from './grains'
import type { Bound, BlendParts, Texture } from './records'
import type { Aim } from './target'
import type { Group } from './uses'

/** What is looked for: whole parts of these grains that come nearest to an aim. */
export interface BlendSearch {
  readonly grains: readonly Grain[]
  readonly aim: Aim
  readonly texture: Texture
  readonly groups?: readonly Group[]
  readonly bounds?: readonly Bound[]
  /** Parts in all, and materials, at most. */
  readonly mostParts?: number
  readonly mostMaterials?: number
  /** A mix as near as this is near enough: nothing nearer is looked for, as nobody could tell. */
  readonly enough?: number
  /** Answers that another must differ from by two tones at least: lengths of one tone are one. */
  readonly unlike?: readonly BlendParts[]
  /** Only mixes nearer than this count. */
  readonly within?: number
  /** How many mixtures are looked at before the search gives up proving. */
  readonly patience?: number
}

/** The nearest mix that keeps all that was asked. */
export interface Solution {
  readonly kind: 'found'
  readonly parts: BlendParts
  /** ΔE₀₀ from what is wanted, once sealed. */
  readonly off: number
  /** Whether it is proven: no mix that keeps what was asked is nearer by more than `enough`. */
  readonly proven: boolean
  /** No mix of these grains at all, in whatever parts, comes nearer than this. */
  readonly nothingBelow: number
}

export interface NoSolution {
  readonly kind: 'none'
  /** Proven that there is none; else none was found. */
  readonly proven: boolean
}
