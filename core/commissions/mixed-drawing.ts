import { isPatch, shownMm, sitterOf, type DrawingSubject } from './drawing'
import { dealt, type Member } from './mix'
import type { Line } from './records'
import type { LineSize } from './sizes'

/** A kind of a line as it is drawn. */
export interface Drawn extends Member {
  readonly size: LineSize
  readonly seeThrough: number
}

/** One of the drawings that stand for a line, and how far to the right of its middle it stands, mm. */
export interface SitterPart<D extends Drawn = Drawn> {
  readonly sitter: DrawingSubject
  readonly of: D
  readonly offsetMm: number
}

/** Runs of one kind in the stretch of hedge that is shown: so many times its thickness long, and at most so many. */
const RUN = 1.1
const MOST_RUNS = 8
/** Neighbours in a hedge grow into each other by this share of a run, to both sides of where they meet. From memory. */
const INTO = 0.45

/**
 * The drawings that stand for a line: of one kind one; of a mixed hedge a row of runs, each of one kind, as high and
 * thick as the hedge; of a mixed sward all kinds over the whole patch, each with its share of the shoots.
 * @param kinds its own first
 */
export function sitterParts<D extends Drawn>(line: Line, kinds: readonly [D, ...D[]]): SitterPart<D>[] {
  const [own] = kinds
  const { amount } = line
  if (kinds.length > 1 && amount.kind === 'length') return hedgeParts({ ...line, amount }, kinds)
  if (kinds.length > 1 && isPatch(amount, own.size)) return patchParts({ ...line, amount }, kinds)
  return [{ sitter: sitterOf(line, own.species, own.size, own.seeThrough), of: own, offsetMm: 0 }]
}

type Of<Kind> = Line & { readonly amount: Extract<Line['amount'], { kind: Kind }> }

function hedgeParts<D extends Drawn>(line: Of<'length'>, kinds: readonly [D, ...D[]]): SitterPart<D>[] {
  const [{ size }] = kinds
  const whole = shownMm(line.amount, size)
  const rarest = Math.ceil(1 / Math.min(...shares(kinds)))
  const fits = Math.max(kinds.length, Math.round(whole / (RUN * size.crownWidthMm)), rarest)
  const count = Math.min(MOST_RUNS, fits)
  const each = whole / count
  return runsOf(withEach(dealt(shares(kinds), count), kinds.length)).flatMap(({ kind, from, places }, i) => {
    const of = kinds[kind]
    if (!of) return []
    // Within the stretch it goes on into its neighbours, ever thinner; at its ends it ends.
    const left = from === 0 ? 0 : INTO * each
    const right = from + places === count ? 0 : INTO * each
    const lengthMm = each * places + left + right
    const sitter = sitterOf(line, of.species, asHigh(of.size, size), of.seeThrough, i + 1)
    const row = {
      lengthMm,
      trimmed: line.amount.section === 'trimmed',
      fadeMm: [2 * left, 2 * right] as const,
    }
    return [
      {
        sitter: { ...sitter, habitus: { ...sitter.habitus, row } },
        of,
        offsetMm: (from + places / 2) * each - whole / 2 + (right - left) / 2,
      },
    ]
  })
}

function patchParts<D extends Drawn>(line: Of<'area'>, kinds: readonly [D, ...D[]]): SitterPart<D>[] {
  const lengthMm = shownMm(line.amount, kinds[0].size)
  return kinds.flatMap((of, i): SitterPart<D>[] => {
    const sitter = sitterOf(line, of.species, of.size, of.seeThrough, i + 1)
    const row = { lengthMm, trimmed: false, share: of.share }
    return [
      {
        sitter: isPatch(line.amount, of.size) ? { ...sitter, habitus: { ...sitter.habitus, row } } : sitter,
        of,
        offsetMm: 0,
      },
    ]
  })
}

const shares = (kinds: readonly Drawn[]): number[] => kinds.map(({ share }) => share)

/** Places that leave no kind out: a rare one takes one from the commonest. */
function withEach(places: readonly number[], kinds: number): number[] {
  const all = [...places]
  for (let kind = 0; kind < kinds; kind += 1) {
    if (all.includes(kind)) continue
    const counts = Array.from({ length: kinds }, (_, i) => all.filter((one) => one === i).length)
    all[all.lastIndexOf(counts.indexOf(Math.max(...counts)))] = kind
  }
  return all
}

/** Neighbouring places of one kind as one run. */
function runsOf(places: readonly number[]): { kind: number; from: number; places: number }[] {
  const runs: { kind: number; from: number; places: number }[] = []
  places.forEach((kind, from) => {
    const last = runs.at(-1)
    if (last?.kind === kind) last.places += 1
    else runs.push({ kind, from, places: 1 })
  })
  return runs
}

/** A kind as it grows in a hedge: cut or drawn up to the height and the thickness of the whole. */
const asHigh = (size: LineSize, hedge: LineSize): LineSize => ({
  ...size,
  heightMm: hedge.heightMm,
  heightShare: hedge.heightShare,
  crownWidthMm: hedge.crownWidthMm,
  clearStemMm: hedge.clearStemMm,
  crownBaseMm: hedge.crownBaseMm,
})

/** Which kind stands at each of so many places of a line on the plan. */
export const kindsAt = (kinds: readonly { readonly share: number }[], places: number): number[] =>
  kinds.length < 2
    ? new Array<number>(places).fill(0)
    : dealt(
        kinds.map(({ share }) => share),
        places,
      )
