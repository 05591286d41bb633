import { requireRange, seededRandom, type Random } from '../units'
import { relaxed, type Circle } from './relax'

/** A pad or sheet to cut discs from, mm. */
export interface NestSheet {
  readonly widthMm: number
  readonly heightMm: number
}

export interface PlacedDisc {
  readonly disc: number
  readonly sheet: number
  readonly x: number
  readonly y: number
}

export interface Nesting {
  readonly placed: readonly PlacedDisc[]
  /** Discs that found no place, by place in the list. */
  readonly left: readonly number[]
  /** Share of each sheet that discs cover. */
  readonly covered: readonly number[]
  /** Sheets that are begun. */
  readonly sheets: number
  /** Whether every disc has been tried: before, what is left has not had its turn. */
  readonly whole: boolean
}

export interface NestOrder {
  readonly radiiMm: readonly number[]
  readonly sheets: readonly NestSheet[]
  /** Between discs, for the scissors. */
  readonly gapMm: number
  readonly seed: number
  /** Tries at something better, before it stops by itself. */
  readonly tries: number
}

/** The densest that equal discs lie, π/√12 (Thue; Fejes Tóth); discs of several sizes may lie denser. */
export const HEXAGONAL = Math.PI / Math.sqrt(12)

/**
 * Nests discs in sheets: at once by putting the largest first where they touch two others or an edge; then, as
 * long as it is asked, better and better, by pressing one more disc into a sheet and letting all make way, and by
 * beginning anew in another order. Yields the best so far after each try.
 * @throws RangeError when a disc or a sheet has no size
 */
export function* nesting(order: NestOrder): Generator<Nesting, Nesting> {
  for (const radius of order.radiiMm) requireRange('radius', radius, 'mm', { above: 0 })
  for (const { widthMm, heightMm } of order.sheets) {
    requireRange('sheet width', widthMm, 'mm', { above: 0 })
    requireRange('sheet height', heightMm, 'mm', { above: 0 })
  }
  const random = seededRandom(order.seed)
  const bySize = order.radiiMm.map((_, i) => i).sort((a, b) => radiusOf(order, b) - radiusOf(order, a))
  let best = yield* firstFit(order, bySize)
  yield resultOf(order, best)
  let quiet = 0
  for (let tries = 0; tries < order.tries; tries += 1) {
    if (best.left.length === 0 && (sheetsUsed(best) <= leastSheets(order) || quiet > 40)) break
    let next = best
    if (best.left.length > 0) next = pressed(order, best, random) ?? next
    else next = emptied(order, best, random) ?? next
    if (next === best && tries % 6 === 5) next = yield* firstFit(order, shuffled(bySize, order, random), best)
    if (isBetter(order, next, best)) {
      best = next
      quiet = 0
    } else quiet += 1
    yield resultOf(order, best)
  }
  return resultOf(order, best)
}

interface Layout {
  /** Discs of each sheet. */
  readonly sheets: readonly (readonly (Circle & { readonly disc: number })[])[]
  readonly left: readonly number[]
}

const radiusOf = ({ radiiMm }: NestOrder, disc: number): number => radiiMm[disc] ?? 0
const sheetsUsed = ({ sheets }: Layout): number => sheets.filter((discs) => discs.length > 0).length

/** By area alone no fewer sheets than this can do. */
function leastSheets(order: NestOrder): number {
  let area = order.radiiMm.reduce((sum, r) => sum + Math.PI * r * r, 0)
  const sizes = order.sheets.map(({ widthMm, heightMm }) => widthMm * heightMm).sort((a, b) => b - a)
  const share = boundShare(order.radiiMm)
  let count = 0
  for (const size of sizes) {
    if (area <= 1e-9) break
    area -= size * share
    count += 1
  }
  return count
}

/** Share of a sheet that discs can cover at the most: alike ones as a honeycomb, others up to all of it. */
export function boundShare(radiiMm: readonly number[]): number {
  const [least, most] = [Math.min(...radiiMm), Math.max(...radiiMm)]
  // Discs this alike can't lie denser than equal ones (Blind 1969).
  return least / most >= 0.7429 ? HEXAGONAL : 1
}

const areaLeft = (order: NestOrder, { left }: Layout): number =>
  left.reduce((sum, disc) => sum + radiusOf(order, disc) ** 2, 0)

function isBetter(order: NestOrder, a: Layout, b: Layout): boolean {
  if (a === b) return false
  const [left, was] = [areaLeft(order, a), areaLeft(order, b)]
  if (Math.abs(left - was) > 1e-9) return left < was
  return sheetsUsed(a) < sheetsUsed(b)
}

function resultOf(order: NestOrder, { sheets, left }: Layout, whole = true): Nesting {
  return {
    placed: sheets.flatMap((discs, sheet) => discs.map(({ disc, x, y }) => ({ disc, sheet, x, y }))),
    left,
    covered: sheets.map((discs, i) => {
      const { widthMm = 1, heightMm = 1 } = order.sheets[i] ?? {}
      return discs.reduce((sum, { r }) => sum + Math.PI * r * r, 0) / (widthMm * heightMm)
    }),
    sheets: sheetsUsed({ sheets, left }),
    whole,
  }
}

/** So many discs are laid together; more go group by group, each on sheets of its own. */
const TOGETHER = 800
/** Discs after which word is given. */
const A_WHILE = 150

/** Discs in the order given; where there are very many, in groups of neighbours in the list, each in that order. */
function groupsOf(discs: readonly number[]): number[][] {
  if (discs.length <= TOGETHER) return [[...discs]]
  const groups = Array.from({ length: Math.ceil(discs.length / TOGETHER) }, (): number[] => [])
  for (const disc of discs) groups[Math.floor(disc / TOGETHER)]?.push(disc)
  return groups
}

/**
 * Each disc into the first sheet where it finds a place.
 * @param shown the best so far, that is told meanwhile; absent: what this one has come to
 */
function* firstFit(order: NestOrder, discs: readonly number[], shown?: Layout): Generator<Nesting, Layout> {
  const sheets: (Circle & { disc: number })[][] = order.sheets.map(() => [])
  const left: number[] = []
  // A radius that found no place in a sheet will find none later: the sheets only fill.
  const tooLarge = order.sheets.map(() => Infinity)
  const open = new Set(discs)
  let begun = 0
  for (const group of groupsOf(discs)) {
    const from = begun
    for (const disc of group) {
      const r = radiusOf(order, disc)
      let found = false
      for (let i = from; i < order.sheets.length && !found; i += 1) {
        const size = order.sheets[i]
        if (!size || r >= (tooLarge[i] ?? Infinity)) continue
        const place = placeFor(r, sheets[i] ?? [], size, order.gapMm)
        if (place) {
          sheets[i]?.push({ disc, r, ...place })
          begun = Math.max(begun, i + 1)
          found = true
        } else tooLarge[i] = r
      }
      if (!found) left.push(disc)
      open.delete(disc)
      if (open.size % A_WHILE === A_WHILE - 1)
        yield shown ? resultOf(order, shown) : resultOf(order, { sheets, left: [...left, ...open] }, false)
    }
  }
  return { sheets, left }
}

/** The lowest place, then the leftmost, where a disc touches two of edges and discs and overlaps none. */
function placeFor(
  r: number,
  discs: readonly Circle[],
  { widthMm, heightMm }: NestSheet,
  gap: number,
): { readonly x: number; readonly y: number } | undefined {
  if (2 * r > widthMm + 1e-9 || 2 * r > heightMm + 1e-9) return undefined
  let best: { x: number; y: number } | undefined
  const isFree = (x: number, y: number): boolean => {
    if (x < r - 1e-7 || y < r - 1e-7 || x > widthMm - r + 1e-7 || y > heightMm - r + 1e-7) return false
    for (const other of discs) {
      const apart = r + other.r + gap - 1e-7
      const dx = x - other.x
      const dy = y - other.y
      if (dx * dx + dy * dy < apart * apart) return false
    }
    return true
  }
  const offer = (x: number, y: number): void => {
    if (best && (y > best.y + 1e-9 || (y > best.y - 1e-9 && x >= best.x))) return
    if (isFree(x, y)) best = { x, y }
  }
  offer(r, r)
  offer(widthMm - r, r)
  offer(r, heightMm - r)
  offer(widthMm - r, heightMm - r)
  for (let i = 0; i < discs.length; i += 1) {
    const a = discs[i]
    if (!a) continue
    const reach = a.r + r + gap
    for (const x of [r, widthMm - r]) {
      const rest = reach * reach - (x - a.x) ** 2
      if (rest >= 0) {
        offer(x, a.y - Math.sqrt(rest))
        offer(x, a.y + Math.sqrt(rest))
      }
    }
    for (const y of [r, heightMm - r]) {
      const rest = reach * reach - (y - a.y) ** 2
      if (rest >= 0) {
        offer(a.x - Math.sqrt(rest), y)
        offer(a.x + Math.sqrt(rest), y)
      }
    }
    for (let j = 0; j < i; j += 1) {
      const b = discs[j]
      if (!b) continue
      const other = b.r + r + gap
      const dx = b.x - a.x
      const dy = b.y - a.y
      const d2 = dx * dx + dy * dy
      if (d2 >= (reach + other) ** 2 || d2 < 1e-12) continue
      const d = Math.sqrt(d2)
      const along = (reach * reach - other * other + d2) / (2 * d)
      const up2 = reach * reach - along * along
      if (up2 < 0) continue
      const up = Math.sqrt(up2)
      const [mx, my] = [a.x + (dx * along) / d, a.y + (dy * along) / d]
      offer(mx - (dy * up) / d, my + (dx * up) / d)
      offer(mx + (dy * up) / d, my - (dx * up) / d)
    }
  }
  return best
}

/** Another order: mostly by size, a few discs out of their place. */
function shuffled(bySize: readonly number[], order: NestOrder, random: Random): number[] {
  return bySize
    .map((disc) => ({ disc, key: radiusOf(order, disc) * (1 + 0.35 * (random() - 0.5)) }))
    .sort((a, b) => b.key - a.key)
    .map(({ disc }) => disc)
}

/** One of the discs that are left, pressed into a sheet: all of that sheet make way for it, where they can. */
function pressed(order: NestOrder, { sheets, left }: Layout, random: Random): Layout | undefined {
  const disc = left[Math.floor(random() * Math.min(3, left.length))]
  if (disc === undefined) return undefined
  return into(order, { sheets, left }, disc, random)
}

function into(order: NestOrder, { sheets, left }: Layout, disc: number, random: Random): Layout | undefined {
  const r = radiusOf(order, disc)
  const free = order.sheets
    .map(({ widthMm, heightMm }, i) => ({
      i,
      wide: Math.min(widthMm, heightMm),
      free: widthMm * heightMm - (sheets[i] ?? []).reduce((sum, { r: own }) => sum + Math.PI * own * own, 0),
    }))
    .filter(({ free: area, wide }) => area > Math.PI * r * r && wide >= 2 * r)
    .sort((a, b) => b.free - a.free)
  const pick = free[Math.floor(random() * Math.min(3, free.length))]
  const size = pick && order.sheets[pick.i]
  if (!pick || !size) return undefined
  const discs = [
    ...(sheets[pick.i] ?? []),
    { disc, r, x: r + random() * (size.widthMm - 2 * r), y: r + random() * (size.heightMm - 2 * r) },
  ]
  const made = relaxed(discs, size, order.gapMm, random)
  if (!made) return undefined
  return {
    sheets: sheets.map((was, i) =>
      i === pick.i ? made.map((one, at) => ({ ...one, disc: discs[at]?.disc ?? 0 })) : was,
    ),
    left: left.filter((other) => other !== disc),
  }
}

/** Tries to empty the sheet that holds least, its discs pressed into the others. */
function emptied(order: NestOrder, layout: Layout, random: Random): Layout | undefined {
  const used = layout.sheets
    .map((discs, i) => ({ i, area: discs.reduce((sum, { r }) => sum + r * r, 0), discs }))
    .filter(({ discs }) => discs.length > 0)
    .sort((a, b) => a.area - b.area)
  const [least] = used
  if (!least || used.length < 2) return undefined
  const others = { ...order, sheets: order.sheets.filter((_, i) => i !== least.i) }
  let next: Layout | undefined = {
    sheets: layout.sheets.filter((_, i) => i !== least.i),
    left: [],
  }
  for (const { disc } of [...least.discs].sort((a, b) => b.r - a.r)) {
    let found: Layout | undefined
    for (let tries = 0; tries < 3 && !found && next; tries += 1)
      found = into(others, { ...next, left: [disc] }, disc, random)
    next = found
    if (!next) return undefined
  }
  return (
    next && {
      sheets: layout.sheets.map((_, i) =>
        i === least.i ? [] : (next?.sheets[i > least.i ? i - 1 : i] ?? []),
      ),
      left: [],
    }
  )
}

/**
 * How many trees in a row can be cut from the sheets that are there, the first of them first: as many as lie on
 * them together. Yields what is sure so far.
 * @param discsOf places of each tree's discs in the order's list
 */
export function* treesThatFit(
  order: NestOrder,
  discsOf: readonly (readonly number[])[],
): Generator<number, number> {
  const area = (trees: number): number =>
    discsOf
      .slice(0, trees)
      .flat()
      .reduce((sum, disc) => sum + Math.PI * radiusOf(order, disc) ** 2, 0)
  const room = order.sheets.reduce((sum, { widthMm, heightMm }) => sum + widthMm * heightMm, 0)
  const fits = (trees: number): boolean => {
    const discs = discsOf.slice(0, trees).flat()
    const work = nesting({ ...order, radiiMm: discs.map((disc) => radiusOf(order, disc)) })
    for (;;) {
      const next = work.next()
      if (next.value.left.length === 0) return true
      if (next.done) return false
    }
  }
  // By area alone no more than this; then down until they lie there.
  let most = discsOf.length
  while (most > 0 && area(most) > room * boundShare(order.radiiMm)) most -= 1
  let sure = 0
  for (let trees = most; trees > sure; trees -= 1) {
    yield sure
    if (area(trees) > room * 0.93) continue
    if (fits(trees)) sure = trees
  }
  return sure
}
