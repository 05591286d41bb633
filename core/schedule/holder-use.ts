import { counted } from '../units'

interface Taken {
  readonly from: number
  readonly to: number
  readonly amount: number
  readonly unit: number
}

/** When enough may have come free, and the unit that takes it until then; Infinity where it never will. */
export interface Busy {
  readonly until: number
  readonly unit: number | undefined
}

/** What of one holder is taken when: it grows as works are laid. */
export class HolderUse {
  private readonly taken: Taken[] = []

  constructor(readonly capacity: number) {}

  /** What keeps so many from being free all through [from, to): the latest of it; undefined where nothing does. */
  busy(from: number, to: number, amount: number): Busy | undefined {
    if (amount > this.capacity + 1e-9) return { until: Infinity, unit: undefined }
    // What is taken changes only where something begins: looked at there, and at the start.
    const within = this.taken.filter((own) => own.from < to && own.to > from)
    const moments = [from, ...within.map((own) => own.from).filter((at) => at > from)]
    let latest: Busy | undefined
    for (const at of moments) {
      const there = within.filter((own) => own.from <= at && own.to > at)
      const sum = there.reduce((total, own) => total + own.amount, 0)
      const first = there.toSorted((a, b) => a.to - b.to)[0]
      if (!first || sum + amount <= this.capacity + 1e-9) continue
      if (!latest || first.to > latest.until) latest = { until: first.to, unit: first.unit }
    }
    return latest
  }

  take(from: number, to: number, amount: number, unit: number): void {
    this.taken.push({ from, to, amount, unit })
  }

  /** Gives back what was taken last. */
  undoLast(): void {
    this.taken.pop()
  }
}

/** Why a work finds no holders: "it wants 12 pegs, and there are 5". */
export const tooFew = (wanted: number, holder: string, there: number): string =>
  `it wants ${counted(wanted, holder)}, and there ${there === 1 ? 'is' : 'are'} ${there}`
