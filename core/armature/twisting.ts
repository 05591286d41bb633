import { counted } from '../units'
import type { WireTree } from './wire-tree'

/** What hands do, one after the other, from the trunk up. */
export type Twist =
  | { readonly do: 'twist'; readonly part: number; readonly strands: number; readonly lengthMm: number }
  | { readonly do: 'split'; readonly part: number; readonly into: readonly number[] }
  | { readonly do: 'tip'; readonly part: number; readonly lengthMm: number }

/** The order of the work: each branch is finished before the next, the strongest last, as the trunk goes on. */
export function twistingOrder({ parts }: WireTree): Twist[] {
  const branches = new Map<number, number[]>()
  for (const { id, parent } of parts) branches.set(parent, [...(branches.get(parent) ?? []), id])
  const steps: Twist[] = []
  const work = (id: number): void => {
    const part = parts[id]
    if (!part) return
    const { strands, lengthMm } = part
    if (strands === 1) {
      steps.push({ do: 'tip', part: id, lengthMm })
      return
    }
    steps.push({ do: 'twist', part: id, strands, lengthMm })
    const own = (branches.get(id) ?? []).sort((a, b) => (parts[a]?.strands ?? 0) - (parts[b]?.strands ?? 0))
    if (own.length === 0) return
    steps.push({ do: 'split', part: id, into: own.map((branch) => parts[branch]?.strands ?? 1) })
    for (const branch of own) work(branch)
  }
  for (const foot of branches.get(-1) ?? []) work(foot)
  return steps
}

/** A step as it is said at the bench: "twist 24 strands for 38 mm", "split 9 from 15". */
export function twistWords(step: Twist): string {
  switch (step.do) {
    case 'twist':
      return `twist ${counted(step.strands, 'strand')} for ${Math.round(step.lengthMm)} mm`
    case 'split':
      return step.into.length === 2
        ? `split ${step.into[0] ?? 0} from ${step.into[1] ?? 0}`
        : `split into ${step.into.join(', ')}`
    case 'tip':
      return `bend one out for ${Math.round(step.lengthMm)} mm, loop its end`
  }
}
