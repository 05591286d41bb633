import type { Habit } from '../plants'
import { FLIES, type Material } from '../stock'
import type { Grain } from './grains'
import type { BlendUse } from './records'

/** A group of stuffs of which a blend must have some: needles are foam and fibre. */
export interface Group {
  readonly name: string
  readonly has: (grain: Grain) => boolean
  /** Least and most share of the parts that it may take. */
  readonly share: readonly [least: number, most: number]
}

/** What may go into a blend for a use, and what must. */
interface UseRule {
  readonly takes: (grain: Grain) => boolean
  readonly groups: readonly Group[]
}

const of = ({ material }: Grain): Material['of'] => material.of
const isFoam = (grain: Grain, most = Infinity): boolean => {
  const stuff = of(grain)
  return stuff.stuff === 'foam' && stuff.form === 'ground' && stuff.grainMm <= most
}
const isLeaf = (grain: Grain): boolean => {
  const stuff = of(grain)
  return stuff.stuff === 'foam' && stuff.form === 'leaf'
}
const isClump = (grain: Grain): boolean => {
  const stuff = of(grain)
  return stuff.stuff === 'foam' && stuff.form === 'clump'
}
const isLichen = (grain: Grain): boolean => of(grain).stuff === 'wool'
const isFibre = (grain: Grain, most = Infinity): boolean => {
  const stuff = of(grain)
  return stuff.stuff === 'fibre' && stuff.lengthMm <= most
}
const flies = (grain: Grain): boolean => {
  const stuff = of(grain)
  return stuff.stuff === 'fibre' && stuff.dtex <= FLIES.dtex
}
const isPowder = (grain: Grain, ...kinds: readonly string[]): boolean => {
  const stuff = of(grain)
  return stuff.stuff === 'powder' && kinds.includes(stuff.powder ?? 'other')
}

/** Common practice; the shares of needles around 1 foam : 1 fibre are from memory. */
const rules: Record<BlendUse, UseRule> = {
  crown: { takes: (grain) => isFoam(grain) || isLeaf(grain), groups: [] },
  scrub: {
    takes: (grain) =>
      isLichen(grain) ||
      isClump(grain) ||
      isFoam(grain) ||
      isLeaf(grain) ||
      isFibre(grain, 6) ||
      isPowder(grain, 'other'),
    groups: [],
  },
  turf: {
    takes: (grain) => isFoam(grain) || isFibre(grain, 6) || isPowder(grain, 'litter', 'sawdust'),
    groups: [],
  },
  needles: {
    takes: (grain) => isFoam(grain, 1) || isFibre(grain, 4),
    groups: [
      { name: 'fine foam', has: (grain) => isFoam(grain, 1), share: [1 / 3, 2 / 3] },
      { name: 'static fibre', has: (grain) => isFibre(grain, 4), share: [1 / 3, 2 / 3] },
    ],
  },
  litter: {
    takes: (grain) =>
      isPowder(grain, 'litter', 'coffee', 'sawdust', 'soil', 'other') || isLeaf(grain) || isFoam(grain, 1.5),
    groups: [],
  },
  // What can be thrown: cut sisal and the like do not fly.
  sward: { takes: (grain) => isFibre(grain, FLIES.lengthMm) && flies(grain), groups: [] },
  ground: { takes: (grain) => isPowder(grain, 'soil', 'grout', 'coffee', 'sawdust', 'litter'), groups: [] },
}

/**
 * What a blend of a line's own tone is for: needles for a conifer, fibre for a sward, else its crown.
 * @param as how its amount is given: in pieces, by length, by area
 */
export function useFor(habit: Habit, as: 'pieces' | 'length' | 'area'): BlendUse {
  if (habit === 'conifer') return 'needles'
  return as === 'area' && (habit === 'grass' || habit === 'reed') ? 'sward' : 'crown'
}

/** Whether a material may go into a blend for this use. */
export const takes = (use: BlendUse, grain: Grain): boolean => rules[use].takes(grain)

/** Groups that a blend for this use must have parts of. */
export const blendGroupsOf = (use: BlendUse): readonly Group[] => rules[use].groups
