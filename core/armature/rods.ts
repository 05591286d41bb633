import { requireRange } from '../units'

/** A kind of rod that is there so many times, or can be bought without end. Lengths in mm. */
export interface Rod {
  readonly lengthMm: number
  /** Absent: as many as are wanted. */
  readonly count?: number
}

/** A rod with what is cut from it, by place in the list of pieces. */
export interface CutRod {
  readonly rod: number
  readonly pieces: readonly number[]
  readonly offcutMm: number
}

export interface RodPlan {
  readonly rods: readonly CutRod[]
  /** Pieces for which no rod is left. */
  readonly uncut: readonly number[]
  readonly totalMm: number
  /** No plan can do with less rod than this, mm; equal to the total where it is proven the best. */
  readonly boundMm: number
}

/** Ways of filling rods that are looked at before the best so far is taken: fewer where each takes longer. */
const MOST_NODES = 60_000
const MOST_WORK = 40_000_000

interface State {
  readonly used: readonly CutRod[]
  readonly totalMm: number
}

/**
 * Cuts pieces from rods so that the least length of rod is begun; among equals the longest single offcut is
 * left. Branch and bound over rods: the longest piece that is left begins the next one, which is filled so that
 * no piece that is left would still go in.
 * @param kerfMm width of the saw's cut
 * @throws RangeError when a piece is not a length, or the kerf below 0
 */
export function cutRods(pieces: readonly number[], rods: readonly Rod[], kerfMm: number): RodPlan {
  requireRange('kerf', kerfMm, 'mm', { min: 0 })
  for (const piece of pieces) requireRange('piece', piece, 'mm', { above: 0 })
  const longest = rods.reduce((most, { lengthMm }) => Math.max(most, lengthMm), 0)
  const order = pieces
    .map((lengthMm, i) => ({ lengthMm, i }))
    .sort((a, b) => b.lengthMm - a.lengthMm || a.i - b.i)
  const whole = order.filter(({ lengthMm }) => lengthMm <= longest)
  const left = rods.map(({ count = Infinity }) => count)
  // Fewest pieces left without a rod come first; so a piece without one costs more than all rods together.
  const dear = pieces.length * longest + 1
  const share = Math.min(...rods.map(({ lengthMm }) => lengthMm / (lengthMm + kerfMm)), 1)
  const boundOf = (rest: readonly { readonly lengthMm: number }[]): number => {
    if (rest.length === 0) return 0
    const sum = rest.reduce((all, { lengthMm }) => all + lengthMm + kerfMm, 0) * share
    const [only] = rods
    return rods.length === 1 && only && only.count === undefined
      ? Math.ceil(sum / only.lengthMm - 1e-9) * only.lengthMm
      : sum
  }
  const mostNodes = Math.min(MOST_NODES, Math.ceil(MOST_WORK / Math.max(1, pieces.length ** 3)))
  let best:
    | (State & { readonly uncut: readonly number[]; readonly cost: number; readonly offcut: number })
    | undefined
  let nodes = 0
  let cut = false

  const offer = (used: readonly CutRod[], totalMm: number, uncut: readonly number[]): void => {
    const cost = totalMm + uncut.length * dear
    const offcut = used.reduce((most, { offcutMm }) => Math.max(most, offcutMm), 0)
    if (!best || cost < best.cost - 1e-9 || (cost < best.cost + 1e-9 && offcut > best.offcut + 1e-9))
      best = { used, totalMm, uncut, cost, offcut }
  }

  const fill = (
    rest: readonly { readonly lengthMm: number; readonly i: number }[],
    used: readonly CutRod[],
    totalMm: number,
    uncut: readonly number[],
  ): void => {
    nodes += 1
    if (nodes > mostNodes) {
      cut = true
      return
    }
    const [first] = rest
    if (!first) {
      offer(used, totalMm, uncut)
      return
    }
    if (best && totalMm + uncut.length * dear + boundOf(rest) >= best.cost - 1e-9) return
    let any = false
    for (const [rod, { lengthMm }] of rods.entries()) {
      if ((left[rod] ?? 0) < 1 || lengthMm < first.lengthMm) continue
      any = true
      left[rod] = (left[rod] ?? 0) - 1
      for (const taken of fillings(rest, lengthMm, kerfMm)) {
        const inside = new Set(taken)
        const sum = rest.reduce((all, piece, at) => (inside.has(at) ? all + piece.lengthMm + kerfMm : all), 0)
        fill(
          rest.filter((_, at) => !inside.has(at)),
          [
            ...used,
            {
              rod,
              pieces: taken.map((at) => rest[at]?.i ?? 0),
              offcutMm: Math.max(0, lengthMm - sum),
            },
          ],
          totalMm + lengthMm,
          uncut,
        )
        if (cut) break
      }
      left[rod] = (left[rod] ?? 0) + 1
      if (cut) break
    }
    // Where rods are short, another piece may deserve them more.
    if (!cut && (!any || left.some((count) => count < Infinity)))
      fill(rest.slice(1), used, totalMm, [...uncut, first.i])
  }

  greedy(whole, rods, kerfMm, offer)
  const [only] = rods
  const bound =
    rods.length === 1 && only && only.count === undefined
      ? Math.max(boundOf(whole), largePieces(whole, only.lengthMm, kerfMm) * only.lengthMm)
      : boundOf(whole)
  if (!best || best.cost > bound + 1e-9) fill(whole, [], 0, [])
  const tooLong = order.filter(({ lengthMm }) => lengthMm > longest).map(({ i }) => i)
  if (!best) return { rods: [], uncut: order.map(({ i }) => i), totalMm: 0, boundMm: 0 }
  return {
    rods: best.used,
    uncut: [...tooLong, ...best.uncut].sort((a, b) => a - b),
    totalMm: best.totalMm,
    boundMm: cut ? Math.min(best.totalMm, bound) : best.totalMm,
  }
}

/**
 * Rods that large pieces ask for: two that are each longer than half a rod never share one, and what fits beside
 * them is little. Source: Martello & Toth (1990), the bound L2 of bin packing.
 */
function largePieces(
  pieces: readonly { readonly lengthMm: number }[],
  rodMm: number,
  kerfMm: number,
): number {
  const rod = rodMm + kerfMm
  const sizes = pieces.map(({ lengthMm }) => lengthMm + kerfMm)
  let most = 0
  for (const least of new Set([0, ...sizes.filter((size) => size <= rod / 2)])) {
    const alone = sizes.filter((size) => size > rod - least).length
    const large = sizes.filter((size) => size > rod / 2 && size <= rod - least)
    const small = sizes.filter((size) => size >= least && size <= rod / 2)
    const sum = (own: readonly number[]): number => own.reduce((all, size) => all + size, 0)
    const over = sum(small) - (large.length * rod - sum(large))
    most = Math.max(most, alone + large.length + Math.max(0, Math.ceil(over / rod - 1e-9)))
  }
  return most
}

/** First fit, the longest first: an answer at once. */
function greedy(
  pieces: readonly { readonly lengthMm: number; readonly i: number }[],
  rods: readonly Rod[],
  kerfMm: number,
  offer: (used: readonly CutRod[], totalMm: number, uncut: readonly number[]) => void,
): void {
  const left = rods.map(({ count = Infinity }) => count)
  const begun: { rod: number; pieces: number[]; offcutMm: number }[] = []
  const uncut: number[] = []
  for (const { lengthMm, i } of pieces) {
    const open = begun.find(({ offcutMm }) => offcutMm >= lengthMm)
    if (open) {
      open.pieces.push(i)
      open.offcutMm = Math.max(0, open.offcutMm - lengthMm - kerfMm)
      continue
    }
    const rod = rods.findIndex((own, at) => (left[at] ?? 0) > 0 && own.lengthMm >= lengthMm)
    if (rod < 0) {
      uncut.push(i)
      continue
    }
    left[rod] = (left[rod] ?? 0) - 1
    begun.push({ rod, pieces: [i], offcutMm: Math.max(0, (rods[rod]?.lengthMm ?? 0) - lengthMm - kerfMm) })
  }
  offer(
    begun,
    begun.reduce((sum, { rod }) => sum + (rods[rod]?.lengthMm ?? 0), 0),
    uncut,
  )
}

/** Ways to fill a rod with the first piece and as many others as go in, places in the list; the fullest first. */
function fillings(
  pieces: readonly { readonly lengthMm: number }[],
  rodMm: number,
  kerfMm: number,
): number[][] {
  const found: { taken: number[]; freeMm: number }[] = []
  const firstMm = pieces[0]?.lengthMm ?? 0
  const seek = (from: number, taken: readonly number[], freeMm: number): void => {
    if (found.length >= 400) return
    let added = false
    for (let at = from; at < pieces.length; at += 1) {
      const lengthMm = pieces[at]?.lengthMm ?? 0
      // Of equal pieces the first is tried.
      if (at > from && lengthMm === pieces[at - 1]?.lengthMm) continue
      if (lengthMm > freeMm + 1e-9) continue
      added = true
      seek(at + 1, [...taken, at], freeMm - lengthMm - kerfMm)
    }
    const smallest = pieces.findLast((_, at) => !taken.includes(at))?.lengthMm ?? Infinity
    if (!added && smallest > freeMm + 1e-9) found.push({ taken: [...taken], freeMm })
  }
  seek(1, [0], rodMm - firstMm - kerfMm)
  return found.sort((a, b) => a.freeMm - b.freeMm).map(({ taken }) => taken)
}
