import { nearestInHull } from './hull'
import { fewGrains, halfMixes } from './halves'
import { fenceNormals, type Aim, type Vector } from './target'
import type { Grain } from './grains'
import type { Linear } from '../colour'
import { isSmallest, keepsTexture } from './mixture'
import { MOST_MATERIALS, MOST_PARTS, type Bound, type Parts, type Texture } from './records'
import type { Group } from './uses'

/** What is looked for: whole parts of these grains that come nearest to an aim. */
export interface Search {
  readonly grains: readonly Grain[]
  readonly aim: Aim
  readonly texture: Texture
  readonly groups?: readonly Group[]
  readonly bounds?: readonly Bound[]
  /** Parts in all, and materials, at most. */
  readonly mostParts?: number
  readonly mostMaterials?: number
  /** A mix as near as this is near enough: nothing nearer is looked for, as nobody could tell. */
  readonly enough?: number
  /** Answers that another must differ from by two tones at least: lengths of one tone are one. */
  readonly unlike?: readonly Parts[]
  /** Only mixes nearer than this count. */
  readonly within?: number
  /** How many mixtures are looked at before the search gives up proving. */
  readonly patience?: number
}

/** The nearest mix that keeps all that was asked. */
export interface Solution {
  readonly kind: 'found'
  readonly parts: Parts
  /** ΔE₀₀ from what is wanted, once sealed. */
  readonly off: number
  /** Whether it is proven: no mix that keeps what was asked is nearer by more than `enough`. */
  readonly proven: boolean
  /** No mix of these grains at all, in whatever parts, comes nearer than this. */
  readonly nothingBelow: number
}

export interface NoSolution {
  readonly kind: 'none'
  /** Proven that there is none; else none was found. */
  readonly proven: boolean
}

/** Nobody tells colours apart that differ by a tenth of what is just seen: the search is over. */
const ENOUGH = 0.1
const PATIENCE = 500_000
const OFFER = 8
/** Improvements from so many beginnings before the proof is begun. */
const BEGINNINGS = 24
/** What is nearer in the next answer by less than this is no nearer. */
const STEP = 1e-9

/**
 * Whole parts of the grains that come nearest to an aim: first by exchanging parts from many beginnings, then by
 * branch and bound over all mixtures. A mix lies within the fence of a difference when for each plane the sum over
 * its parts of area × (how far beyond the plane the grain lies) is not above 0: this is linear in the parts, so what
 * can't come back inside with the parts that are left is given up.
 */
export function nearestMix(search: Search): Solution | NoSolution {
  const pool = poolOf(search)
  if (pool.count === 0 || pool.forcedParts > pool.mostParts) return { kind: 'none', proven: true }
  const best = new Best(pool, search)
  exchange(pool, best)
  if (!best.done) halfMixes(pool, best)
  if (!best.done) fewGrains(pool, best)
  const proven = best.done || prove(pool, best)
  if (!best.counts) return { kind: 'none', proven }
  const counts = best.counts
  return {
    kind: 'found',
    parts: search.grains.flatMap(({ material }, i) => {
      const parts = counts[i] ?? 0
      return parts > 0 ? [{ materialId: material.id, parts }] : []
    }),
    off: best.off,
    proven,
    nothingBelow: proven ? Math.max(0, best.off - best.enough) : Math.min(best.off, bound(pool)),
  }
}

/** A difference that no mix of the grains keeps below: a plane parts what is as near from all of them. */
function bound({ aim, place, count }: Pool): number {
  const { distance, direction } = nearestInHull(place)
  if (distance < 1e-6) return 0
  let least = Infinity
  for (let i = 0; i < count; i += 1) {
    const [x, y, z] = [place[i * 3] ?? 0, place[i * 3 + 1] ?? 0, place[i * 3 + 2] ?? 0]
    least = Math.min(least, x * direction[0] + y * direction[1] + z * direction[2])
  }
  let [below, above] = [0, 2 * distance]
  for (let i = 0; i < 20; i += 1) {
    const middle = (below + above) / 2
    if ((aim.fence(middle, [direction])[0] ?? Infinity) < least) below = middle
    else above = middle
  }
  return below
}

/** The grains as rows of numbers. */
export interface Pool {
  readonly count: number
  readonly grains: readonly Grain[]
  readonly aim: Aim
  readonly area: Float64Array
  /** Places in stretched light, three to a grain. */
  readonly place: Float64Array
  readonly least: Int32Array
  readonly most: Int32Array
  readonly forcedParts: number
  readonly mostParts: number
  readonly mostMaterials: number
  readonly texture: Texture
  readonly groups: readonly Group[]
  /** Tones of other answers. */
  readonly unlike: readonly ReadonlySet<string>[]
}

function poolOf(search: Search): Pool {
  const { grains, aim } = search
  const mostParts = search.mostParts ?? MOST_PARTS
  const count = grains.length
  const bounds = new Map(search.bounds?.map((bound) => [bound.materialId, bound]))
  const place = new Float64Array(count * 3)
  grains.forEach(({ colour }, i) => place.set(aim.place(colour), i * 3))
  const least = Int32Array.from(grains, ({ material }) => bounds.get(material.id)?.least ?? 0)
  return {
    count,
    grains,
    aim,
    area: Float64Array.from(grains, ({ areaPerMl }) => areaPerMl),
    place,
    least,
    most: Int32Array.from(grains, ({ material }) => bounds.get(material.id)?.most ?? mostParts),
    forcedParts: least.reduce((sum, own) => sum + own, 0),
    mostParts,
    mostMaterials: search.mostMaterials ?? MOST_MATERIALS,
    texture: search.texture,
    groups: search.groups ?? [],
    unlike: (search.unlike ?? []).map((parts) => {
      const ids = new Set(parts.map(({ materialId }) => materialId))
      return new Set(grains.flatMap(({ material, hex }) => (ids.has(material.id) ? [hex] : [])))
    }),
  }
}

/** The nearest mix so far. */
export class Best {
  counts: Int32Array | undefined
  off: number
  readonly enough: number
  constructor(
    private readonly pool: Pool,
    search: Search,
  ) {
    this.off = search.within ?? Infinity
    this.enough = search.enough ?? ENOUGH
    this.patience = search.patience ?? PATIENCE
  }
  readonly patience: number

  /** Only what is nearer than this is worth looking for. */
  get nearerThan(): number {
    return this.counts === undefined ? this.off : Math.max(0, this.off - this.enough)
  }

  /** Whether a mix was found that is near enough. */
  get done(): boolean {
    return this.counts !== undefined && this.off <= this.enough
  }

  /** Takes a mix that keeps all rules and is nearer. @returns whether it did */
  offer(counts: Int32Array): boolean {
    const off = this.pool.aim.off(lightOf(this.pool, counts))
    if (off >= this.off - STEP || !keepsRules(this.pool, counts)) return false
    this.off = off
    this.counts = counts.slice()
    return true
  }
}

/** The mean of the grains' light by area: as {@link mixtureOf} has it, without its other figures. */
function lightOf({ grains, area, count }: Pool, counts: Int32Array): Linear {
  let [r, g, b, all] = [0, 0, 0, 0]
  for (let i = 0; i < count; i += 1) {
    const parts = counts[i] ?? 0
    if (parts === 0) continue
    const own = (area[i] ?? 0) * parts
    const colour = grains[i]?.colour ?? [0, 0, 0]
    r += own * colour[0]
    g += own * colour[1]
    b += own * colour[2]
    all += own
  }
  return [r / all, g / all, b / all]
}

/** Whether a mix keeps parts, bounds, materials, texture, groups, and differs from the others. */
function keepsRules(pool: Pool, counts: Int32Array): boolean {
  const used: number[] = []
  let parts = 0
  for (let i = 0; i < pool.count; i += 1) {
    const own = counts[i] ?? 0
    if (own < (pool.least[i] ?? 0) || own > (pool.most[i] ?? 0)) return false
    if (own === 0) continue
    used.push(i)
    parts += own
  }
  if (used.length === 0 || used.length > pool.mostMaterials || parts > pool.mostParts) return false
  const sizes = used.map((i) => pool.grains[i]?.sizeMm ?? 1)
  if (!keepsTexture(pool.texture, Math.min(...sizes), Math.max(...sizes))) return false
  // With bounds in parts 2 : 2 is not 1 : 1.
  if (pool.forcedParts === 0 && !isSmallest(used.map((i) => counts[i] ?? 0))) return false
  for (const { has, share } of pool.groups) {
    let own = 0
    for (const i of used) {
      const grain = pool.grains[i]
      if (grain && has(grain)) own += counts[i] ?? 0
    }
    if (own < share[0] * parts - 1e-9 || own > share[1] * parts + 1e-9) return false
  }
  return pool.unlike.every((other) => differs(pool, used, other))
}

/** Whether a set of tones differs from another by two at least: one exchanged for another, or two more. */
function differs(pool: Pool, used: readonly number[], other: ReadonlySet<string>): boolean {
  const tones = new Set(used.map((i) => pool.grains[i]?.hex ?? ''))
  const shared = [...tones].filter((tone) => other.has(tone)).length
  return tones.size + other.size - 2 * shared >= 2
}

/**
 * Improves mixtures by exchanging one part for another, adding one or taking one away, by their distance in
 * stretched light; the nearest that are found on the way are offered.
 */
function exchange(pool: Pool, best: Best): void {
  const { count, area, place } = pool
  const near = Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => distanceOf(pool, a) - distanceOf(pool, b),
  )
  const beginnings = Math.min(BEGINNINGS, count)
  for (let run = 0; run < beginnings && !best.done; run += 1) {
    const counts = Int32Array.from(pool.least)
    const seed = near[run]
    if (
      seed !== undefined &&
      pool.forcedParts < pool.mostParts &&
      (counts[seed] ?? 0) < (pool.most[seed] ?? 0)
    )
      counts[seed] = (counts[seed] ?? 0) + 1
    fillGroups(pool, counts, near, run)
    const sums = [0, 0, 0, 0]
    const add = (i: number, n: number): void => {
      const w = (area[i] ?? 0) * n
      sums[0] = (sums[0] ?? 0) + w
      for (let axis = 0; axis < 3; axis += 1)
        sums[axis + 1] = (sums[axis + 1] ?? 0) + w * (place[i * 3 + axis] ?? 0)
    }
    for (let i = 0; i < count; i += 1) add(i, counts[i] ?? 0)
    const away = (): number =>
      Math.hypot(sums[1] ?? 0, sums[2] ?? 0, sums[3] ?? 0) / Math.max(1e-12, sums[0] ?? 0)
    best.offer(counts)
    let now = away()
    for (let pass = 0; pass < 60; pass += 1) {
      let move: readonly [from: number, to: number] | undefined
      let nearest = now - 1e-9
      const parts = counts.reduce((sum, own) => sum + own, 0)
      for (let from = -1; from < count; from += 1) {
        if (from >= 0 && (counts[from] ?? 0) <= (pool.least[from] ?? 0)) continue
        if (from >= 0) {
          add(from, -1)
          counts[from] = (counts[from] ?? 0) - 1
        }
        for (let to = -1; to < count; to += 1) {
          if (to === from || (to < 0 && parts <= 1)) continue
          if (to >= 0 && ((counts[to] ?? 0) >= (pool.most[to] ?? 0) || (from < 0 && parts >= pool.mostParts)))
            continue
          if (to >= 0) add(to, 1)
          const tried = away()
          if (tried < nearest) {
            if (to >= 0) counts[to] = (counts[to] ?? 0) + 1
            if (fits(pool, counts)) {
              nearest = tried
              move = [from, to]
            }
            if (to >= 0) counts[to] = (counts[to] ?? 0) - 1
          }
          if (to >= 0) add(to, -1)
        }
        if (from >= 0) {
          add(from, 1)
          counts[from] = (counts[from] ?? 0) + 1
        }
      }
      if (!move) break
      const [from, to] = move
      if (from >= 0) {
        add(from, -1)
        counts[from] = (counts[from] ?? 0) - 1
      }
      if (to >= 0) {
        add(to, 1)
        counts[to] = (counts[to] ?? 0) + 1
      }
      now = nearest
      best.offer(counts)
      if (best.done) return
    }
  }
}

const distanceOf = ({ place }: Pool, i: number): number =>
  Math.hypot(place[i * 3] ?? 0, place[i * 3 + 1] ?? 0, place[i * 3 + 2] ?? 0)

/** While parts are exchanged: the rules but those that the next exchange may still mend. */
function fits(pool: Pool, counts: Int32Array): boolean {
  let used = 0
  let smallest = Infinity
  let largest = 0
  for (let i = 0; i < pool.count; i += 1) {
    if ((counts[i] ?? 0) === 0) continue
    used += 1
    const size = pool.grains[i]?.sizeMm ?? 1
    smallest = Math.min(smallest, size)
    largest = Math.max(largest, size)
  }
  if (used > pool.mostMaterials) return false
  return pool.texture !== 'one' || keepsTexture('one', smallest, largest)
}

/** Begins with a part of each group, and with two sizes where the texture wants them. */
function fillGroups(pool: Pool, counts: Int32Array, near: readonly number[], run: number): void {
  const put = (i: number | undefined): void => {
    if (i !== undefined && (counts[i] ?? 0) < (pool.most[i] ?? 0)) counts[i] = (counts[i] ?? 0) + 1
  }
  for (const { has } of pool.groups) {
    const own = near.filter((i) => has(pool.grains[i] as Grain))
    if (!own.some((i) => (counts[i] ?? 0) > 0)) put(own[run % Math.max(1, own.length)])
  }
  if (pool.texture !== 'mixed' && pool.texture !== 'rough') return
  const used = near.filter((i) => (counts[i] ?? 0) > 0)
  const sizes = used.map((i) => pool.grains[i]?.sizeMm ?? 1)
  const other = near.filter((i) => {
    const size = pool.grains[i]?.sizeMm ?? 1
    return keepsTexture(pool.texture, Math.min(size, ...sizes), Math.max(size, ...sizes))
  })
  put(other[run % Math.max(1, other.length)])
}

/** Goes through all mixtures that may be nearer than the best. @returns whether it came to the end */
function prove(pool: Pool, best: Best): boolean {
  const { count } = pool
  // Grains that are seen little and lie near come first: deep branches end soonest.
  const order = Array.from({ length: count }, (_, i) => i).sort(
    (a, b) => (pool.least[b] ?? 0) - (pool.least[a] ?? 0) || distanceOf(pool, a) - distanceOf(pool, b),
  )
  // One plane more, towards the grain or the grains that come nearest: it parts the aim from all that can be mixed.
  const near = nearestInHull(pool.place)
  const normals: Vector[] = near.distance > 1e-6 ? [near.direction, ...fenceNormals] : [...fenceNormals]
  const planes = normals.length
  const beyond = new Float64Array(count * planes)
  /** The most that one more part of any grain from here on brings a sum back inside, by plane. */
  const bestBack = new Float64Array((count + 1) * planes)
  const fenceIn = (): void => {
    const fence = pool.aim.fence(best.nearerThan, normals)
    order.forEach((grain, at) => {
      normals.forEach(([x, y, z], plane) => {
        const out =
          x * (pool.place[grain * 3] ?? 0) +
          y * (pool.place[grain * 3 + 1] ?? 0) +
          z * (pool.place[grain * 3 + 2] ?? 0)
        beyond[at * planes + plane] = (pool.area[grain] ?? 0) * (out - (fence[plane] ?? Infinity))
      })
    })
    for (let at = count - 1; at >= 0; at -= 1)
      for (let plane = 0; plane < planes; plane += 1)
        bestBack[at * planes + plane] = Math.min(
          bestBack[(at + 1) * planes + plane] ?? 0,
          beyond[at * planes + plane] ?? 0,
        )
  }
  fenceIn()
  let looked = 0
  let fenced = best.off
  const counts = new Int32Array(count)
  const sums = Array.from({ length: pool.mostMaterials + 1 }, () => new Float64Array(planes))
  /** Least parts that grains from here on must have. */
  const owed = new Int32Array(count + 1)
  for (let at = count - 1; at >= 0; at -= 1)
    owed[at] = (owed[at + 1] ?? 0) + (pool.least[order[at] ?? 0] ?? 0)

  const inside = (sum: Float64Array): boolean => {
    for (let plane = 0; plane < planes; plane += 1) if ((sum[plane] ?? 0) > 0) return false
    return true
  }
  const canReturn = (sum: Float64Array, from: number, left: number): boolean => {
    const row = from * planes
    for (let plane = 0; plane < planes; plane += 1)
      if ((sum[plane] ?? 0) + left * (bestBack[row + plane] ?? 0) > 0) return false
    return true
  }
  /** @returns false when patience is at an end */
  const go = (from: number, used: number, left: number): boolean => {
    const sum = sums[used] as Float64Array
    for (let at = from; at < count; at += 1) {
      if (best.done) return true
      const grain = order[at] ?? 0
      const least = pool.least[grain] ?? 0
      if (used >= pool.mostMaterials) return true
      if (left - (owed[at] ?? 0) < 0) return true
      if (!canReturn(sum, at, left)) return true
      const most = Math.min(left - (owed[at + 1] ?? 0), pool.most[grain] ?? 0)
      const next = sums[used + 1] as Float64Array
      const row = at * planes
      for (let parts = Math.max(1, least); parts <= most; parts += 1) {
        looked += 1
        if (looked > best.patience) return false
        for (let plane = 0; plane < planes; plane += 1)
          next[plane] = (sum[plane] ?? 0) + parts * (beyond[row + plane] ?? 0)
        counts[grain] = parts
        const whole = (owed[at + 1] ?? 0) === 0 && inside(next)
        // A difference takes as long as many sums.
        if (whole) looked += OFFER
        if (whole && best.offer(counts)) {
          if (best.done) return true
          if (best.off < fenced * 0.9) {
            // The fence is drawn closer; sums above are made anew with it.
            fenced = best.off
            fenceIn()
            remake()
            for (let plane = 0; plane < planes; plane += 1)
              next[plane] = (sum[plane] ?? 0) + parts * (beyond[row + plane] ?? 0)
          }
        }
        if (left - parts > 0 && used + 1 < pool.mostMaterials && !go(at + 1, used + 1, left - parts))
          return false
        // Deeper branches have overwritten nothing of this sum but what lies above it.
      }
      counts[grain] = 0
      if (least > 0) return true
    }
    return true
  }
  /** Sums of the branch in hand, after the fence was moved. */
  function remake(): void {
    let used = 0
    const running = new Float64Array(planes)
    ;(sums[0] as Float64Array).fill(0)
    for (let at = 0; at < count; at += 1) {
      const parts = counts[order[at] ?? 0] ?? 0
      if (parts === 0) continue
      for (let plane = 0; plane < planes; plane += 1)
        running[plane] = (running[plane] ?? 0) + parts * (beyond[at * planes + plane] ?? 0)
      used += 1
      ;(sums[used] as Float64Array).set(running)
    }
  }
  return go(0, 0, pool.mostParts)
}
