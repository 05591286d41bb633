import { reducedOf, type Choice, type Chosen } from './choice'
import { leastReduced, type Prices } from './lagrange'

/** How far the choice has come: what is paid, what is spent where it is asked for, and by which covers. */
interface Label {
  readonly netMinor: number
  readonly spent: readonly number[]
  /** Nothing that goes on from here costs less. */
  readonly bound: number
  readonly cover: number
  readonly before?: Label
}

/** What may still be looked at before the proof is given up. */
export interface Patience {
  left: number
}

/**
 * Material by material, every choice that could still cost less than `below`: of two that have spent the same where it
 * counts the cheaper stays.
 * @param most labels that are kept at once; the most promising stay
 * @returns `complete` where none was given up
 */
export function chooseCovers(
  choice: Choice,
  { each }: Prices,
  below: number,
  most: number,
  patience: Patience,
): { readonly chosen?: Chosen; readonly complete: boolean } {
  const { asked } = choice
  const order = choice.covers
    .map((own, material) => ({
      material,
      least: leastReduced(own, asked, each).reduced,
      own: own
        .map((cover, at) => ({ cover, at, reduced: reducedOf(cover, asked, each) }))
        .sort((a, b) => a.reduced - b.reduced),
    }))
    .sort((a, b) => a.own.length - b.own.length)
  const priceOfGaps = (spent: readonly number[]): number =>
    asked.reduce((sum, { least }, k) => sum + (each[k] ?? 0) * Math.max(0, least - (spent[k] ?? 0)), 0)
  const nowhere = asked.map(() => 0)
  let rest = order.reduce((sum, { least }) => sum + least, 0)
  let complete = true
  let labels: Label[] = [{ netMinor: 0, spent: nowhere, bound: rest + priceOfGaps(nowhere), cover: -1 }]
  for (const { own, least } of order) {
    rest -= least
    const next = new Map<string, Label>()
    for (const label of labels)
      for (const { cover, at, reduced } of own) {
        // Dearer covers are further on: none of them can be in what is looked for.
        if (label.bound - least + reduced >= below) break
        patience.left -= 1
        const spent = asked.map(({ supplier, least: wanted }, k) =>
          Math.min(wanted, (label.spent[k] ?? 0) + (cover.spent[supplier] ?? 0)),
        )
        const netMinor = label.netMinor + cover.netMinor
        const bound = netMinor + rest + priceOfGaps(spent)
        if (bound >= below) continue
        const key = spent.join()
        const known = next.get(key)
        if (!known || netMinor < known.netMinor)
          next.set(key, { netMinor, spent, bound, cover: at, before: label })
      }
    labels = [...next.values()]
    if (labels.length > most) {
      complete = false
      labels = labels.sort((a, b) => a.bound - b.bound).slice(0, most)
    }
    if (patience.left < 0) return { complete: false }
  }
  let best: { label: Label; netMinor: number } | undefined
  for (const label of labels) {
    const netMinor = asked.reduce(
      (sum, { least, filler }, k) => sum + filler.cost(least - (label.spent[k] ?? 0)),
      label.netMinor,
    )
    if (netMinor < below && (!best || netMinor < best.netMinor)) best = { label, netMinor }
  }
  if (!best) return { complete }
  const picks = new Array<number>(order.length).fill(0)
  let label: Label | undefined = best.label
  for (let i = order.length - 1; i >= 0 && label; i -= 1) {
    picks[order[i]?.material ?? 0] = label.cover
    label = label.before
  }
  return { chosen: { picks, netMinor: best.netMinor }, complete }
}
