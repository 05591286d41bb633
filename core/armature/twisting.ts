import { counted } from '../units'
import type { TwoGauges } from './two-gauges'
import type { WireTree } from './wire-tree'

/** What hands do, one after the other, from the trunk up. Lengths in mm. */
export type Twist =
  | {
      readonly do: 'twist'
      readonly part: number
      readonly strands: number
      readonly lengthMm: number
      readonly wire: 'stout' | 'thin'
    }
  | { readonly do: 'split'; readonly part: number; readonly into: readonly number[] }
  | { readonly do: 'lash'; readonly part: number; readonly strands: number; readonly overMm: number }
  | { readonly do: 'tip'; readonly part: number; readonly lengthMm: number }

/**
 * The order of the work: stout wire from the trunk to where each limb ends, thin wires lashed on there, split and
 * twisted on to the tips. Each branch is finished before the next, the strongest last, as the trunk goes on.
 */
export function twistingOrder({ parts }: WireTree, { stout, limbs, lashMm }: TwoGauges): Twist[] {
  const branches = new Map<number, number[]>()
  for (const { id, parent } of parts) branches.set(parent, [...(branches.get(parent) ?? []), id])
  const limbParts = new Set(limbs.map(({ part }) => part))
  const steps: Twist[] = []
  /** Wires of the bundle that goes on into a part: stout ones to a limb's end, else thin ones. */
  const wiresOf = (id: number): number => {
    const own = stout[id] ?? 0
    return own > 0 ? own : limbParts.has(id) ? 1 : (parts[id]?.strands ?? 1)
  }
  const work = (id: number): void => {
    const part = parts[id]
    if (!part) return
    const { lengthMm, strands } = part
    const isStout = (stout[id] ?? 0) > 0
    if (limbParts.has(id))
      steps.push({ do: 'lash', part: id, strands: Math.max(2, strands), overMm: Math.min(lashMm, lengthMm) })
    if (!isStout && strands === 1) {
      steps.push({ do: 'tip', part: id, lengthMm })
      return
    }
    steps.push({
      do: 'twist',
      part: id,
      strands: isStout ? (stout[id] ?? 1) : strands,
      lengthMm,
      wire: isStout ? 'stout' : 'thin',
    })
    const own = (branches.get(id) ?? []).sort((a, b) => wiresOf(a) - wiresOf(b))
    if (own.length === 0) return
    steps.push({ do: 'split', part: id, into: own.map(wiresOf) })
    for (const branch of own) work(branch)
  }
  for (const foot of branches.get(-1) ?? []) work(foot)
  return steps
}

/** A step as it is said at the bench: "twist 24 stout strands for 38 mm", "split 9 from 15". */
export function twistWords(step: Twist): string {
  switch (step.do) {
    case 'twist':
      return `twist ${counted(step.strands, `${step.wire} strand`)} for ${Math.round(step.lengthMm)} mm`
    case 'split':
      return step.into.length === 2
        ? `split ${step.into[0] ?? 0} from ${step.into[1] ?? 0}`
        : `split into ${step.into.join(', ')}`
    case 'lash':
      return `lash ${counted(step.strands, 'thin wire')} to the limb over ${Math.round(step.overMm)} mm`
    case 'tip':
      return `bend one out for ${Math.round(step.lengthMm)} mm, loop its end, clip it`
  }
}

/** The order as a list that hands can follow: what is done in one go is one line. */
export function twistList(order: readonly Twist[]): string[] {
  const lines: string[] = []
  const out = (step: Twist | undefined): string | undefined =>
    step?.do === 'tip' ? `${Math.round(step.lengthMm)} mm` : undefined
  for (let i = 0; i < order.length; i += 1) {
    const step = order[i]
    const next = order[i + 1]
    const after = order[i + 2]
    if (!step) continue
    if (step.do === 'lash' && next?.do === 'twist') {
      lines.push(`${twistWords(step)}, twist them for ${Math.round(next.lengthMm)} mm`)
      i += 1
    } else if (step.do === 'lash' && next?.do === 'tip') {
      lines.push(`${twistWords(step)}, bend out for ${out(next) ?? ''}, loop, clip`)
      i += 1
    } else if (step.do === 'split' && step.into.length === 2 && out(next) !== undefined) {
      const [one = 1, rest = 1] = step.into
      if (one === 1 && rest === 1 && out(after) !== undefined) {
        lines.push(`part the last two: ${out(next) ?? ''} and ${out(after) ?? ''}, loop, clip`)
        i += 2
      } else {
        lines.push(`split off 1 of ${one + rest}: out for ${out(next) ?? ''}, loop, clip`)
        i += 1
      }
    } else lines.push(twistWords(step))
  }
  return lines
}
