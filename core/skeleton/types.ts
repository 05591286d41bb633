import type { CrownForm, Habit } from '../plants'

/** What a skeleton is grown into. Lengths in mm at the model. */
export interface Habitus {
  readonly habit: Habit
  readonly crownForm: CrownForm
  readonly heightMm: number
  readonly crownWidthMm: number
  readonly clearStemMm: number
  readonly trunkMm: number
  readonly stems: number
}

/** A point in the plant, mm: x to the right, y up from the ground, z towards the viewer. */
export interface Point { readonly x: number; readonly y: number; readonly z: number }

/** A node of the skeleton; `parent` is the index of the node it grew from, −1 at the foot. `dMm` is the stem's diameter there. */
export interface Node extends Point { readonly parent: number; dMm: number }

export interface Skeleton { readonly nodes: readonly Node[]; readonly tips: readonly number[] }
