import type { Linear } from '../colour'
import type { Grain } from './grains'
import { isSmallest, keepsTexture } from './mixture'
import { MOST_MATERIALS, MOST_PARTS, type Texture } from './records'
import type { BlendSearch } from './search'
import type { Aim } from './target'
import type { Group } from './uses'

/** Nobody tells colours apart that differ by a tenth of what is just seen: the search is over. */
const ENOUGH = 0.1
/** Mixtures that a proof looks at before it gives up. */
const PATIENCE = 500_000
const THOROUGH = 100_000
/** Of what a proof looks at, one in so many is offered by what goes before it. */
const PER_OFFER = 25
/** What is nearer in the next answer by less than this is no nearer. */
const STEP = 1e-9

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

/** The grains of a search as rows of numbers. */
export function poolOf(search: BlendSearch): Pool {
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
    search: BlendSearch,
  ) {
    this.off = search.within ?? Infinity
    this.enough = search.enough ?? ENOUGH
    this.patience = search.patience ?? PATIENCE
  }
  readonly patience: number
  /** Whether the nearest itself is looked for, and not only whether something will do. */
  get thorough(): boolean {
    return this.patience >= THOROUGH
  }
  /** Mixes that a way of finding them offers at most before it leaves off. */
  get mostOffers(): number {
    return this.patience / PER_OFFER
  }

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

/** How far a grain lies from the aim in stretched light. */
export const distanceOf = ({ place }: Pick<Pool, 'place'>, i: number): number =>
  Math.hypot(place[i * 3] ?? 0, place[i * 3 + 1] ?? 0, place[i * 3 + 2] ?? 0)
