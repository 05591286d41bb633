import { requireRange } from '../units'
import { assign } from './assign'

/** A class that sprigs are sorted into, by length in mm; the last is open above. */
export interface SizeClass {
  readonly fromMm: number
  readonly toMm: number
}

const EDGES = [20, 35, 50, 65, 80, 100, 120, 145, 175, 210, 260] as const

/** The classes of the printed gauge. From memory: about a fifth from one to the next. */
export const sizeClasses: readonly SizeClass[] = EDGES.slice(1).map((toMm, i) => ({
  fromMm: EDGES[i] ?? 0,
  toMm,
}))

/** A tree that wants a sprig of about its height, or several bound together. */
export interface WantedTree {
  readonly heightMm: number
  readonly sprigs: number
}

/** What became of a wish. */
export interface Served {
  readonly wanted: number
  /** Places in the list of sprigs; the first is the leader. */
  readonly sprigs: readonly number[]
}

export interface Sorting {
  readonly served: readonly Served[]
  /** Trees without a sprig, by place. */
  readonly unmet: readonly number[]
  /** Sprigs that nobody took, by place: tips, bushes, undergrowth. */
  readonly left: readonly number[]
  /** Sum of misfits of those that are served; see {@link misfitOf}. */
  readonly misfit: number
}

/** How far a sprig may be too short or too tall, by the wanted height. From memory. */
const SHORTEST = 0.88
const TALLEST = 1.7
/** A short sprig stays short; a tall one is cut at the foot, and its fine top stays. From memory. */
const SHORT_COSTS = 3
const TALL_COSTS = 0.6
/** Sprigs that are bound to the leader are shorter. From memory. */
const COMPANION = 0.82
const UNMET = 10

/**
 * How badly a sprig of a length serves a height: 0 for its own height, more for one that is too short, or too
 * tall and to be cut; Infinity where it can't.
 */
export function misfitOf(lengthMm: number, wantedMm: number): number {
  const share = lengthMm / wantedMm
  if (share < SHORTEST || share > TALLEST) return Infinity
  return share < 1 ? (1 - share) * SHORT_COSTS : (share - 1) * TALL_COSTS
}

/** Lengths that a tree wants: its own, and for those that are bound to it shorter ones. */
const lengthsOf = ({ heightMm, sprigs }: WantedTree): number[] =>
  Array.from({ length: sprigs }, (_, i) => (i === 0 ? heightMm : heightMm * COMPANION))

/**
 * Shares sprigs out to trees: as many trees as can be, and of all ways to do that the one with the least
 * misfit. A tree of several sprigs gets all of them, or none.
 * @param lengthsMm lengths of the sprigs, mm
 * @throws RangeError when a length or height is not above 0, or a tree wants no sprig
 */
export function shareSprigs(lengthsMm: readonly number[], wanted: readonly WantedTree[]): Sorting {
  for (const length of lengthsMm) requireRange('sprig', length, 'mm', { above: 0 })
  for (const { heightMm, sprigs } of wanted) {
    requireRange('height', heightMm, 'mm', { above: 0 })
    requireRange('sprigs', sprigs, '', { min: 1, max: 12 })
  }
  let trees = wanted.map((_, i) => i)
  for (;;) {
    const slots = trees.flatMap((tree) =>
      lengthsOf(wanted[tree] ?? { heightMm: 1, sprigs: 1 }).map((lengthMm) => ({ tree, lengthMm })),
    )
    const columns = assign(
      slots.map(({ lengthMm }) => [
        ...lengthsMm.map((own) => misfitOf(own, lengthMm)),
        ...slots.map(() => UNMET),
      ]),
    )
    const got = new Map<number, number[]>()
    let misfit = 0
    const empty = new Map<number, number>()
    slots.forEach(({ tree, lengthMm }, i) => {
      const at = columns[i] ?? -1
      if (at < 0 || at >= lengthsMm.length) {
        empty.set(tree, (empty.get(tree) ?? 0) + 1)
        return
      }
      got.set(tree, [...(got.get(tree) ?? []), at])
      misfit += misfitOf(lengthsMm[at] ?? 0, lengthMm)
    })
    // Trees that got some of their sprigs and not all give them back; the one that lacks most goes first.
    const [worst] = [...empty.entries()].filter(([tree]) => got.has(tree)).sort((a, b) => b[1] - a[1])
    if (worst) {
      trees = trees.filter((tree) => tree !== worst[0])
      continue
    }
    const taken = new Set([...got.values()].flat())
    return {
      served: [...got.entries()]
        .map(([tree, sprigs]) => ({ wanted: tree, sprigs }))
        .sort((a, b) => a.wanted - b.wanted),
      unmet: wanted.flatMap((_, i) => (got.has(i) ? [] : [i])),
      left: lengthsMm.flatMap((_, i) => (taken.has(i) ? [] : [i])),
      misfit,
    }
  }
}

/**
 * Lengths that stand for a tally: those of a class spread evenly through it.
 * @param counts by class, as {@link sizeClasses}
 */
export const lengthsOfTally = (counts: readonly number[]): number[] =>
  counts.flatMap((count, i) => {
    const { fromMm = 0, toMm = 0 } = sizeClasses[i] ?? {}
    return Array.from({ length: count }, (_, at) => fromMm + ((at + 0.5) / count) * (toMm - fromMm))
  })
