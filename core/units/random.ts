/**
 * A source of chance: each call gives the next number in [0, 1). Seeded, so that the same seed gives the same
 * pieces.
 */
export type Random = () => number

/**
 * A small seeded generator (mulberry32, public domain): good enough for scatter and spread, not for secrets.
 * @param seed any 32-bit integer
 */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** A seed from a name or an id (FNV-1a, 32 bit), so that a line keeps its pieces from one day to the next. */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0
  return hash
}

/** One draw from the standard normal distribution (Box–Muller). */
export function normal(random: Random): number {
  const u = 1 - random()
  return Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * random())
}

/** A number from 0 to 1 that is the same for the same place or places: chance without a state. */
export function chanceAt(a: number, b = 0): number {
  let n = Math.imul((a | 0) + 1, 0x9e3779b1) ^ Math.imul(b | 0, 0x27d4eb2f)
  n = Math.imul(n ^ (n >>> 15), 0x2c1b3c6d)
  n = Math.imul(n ^ (n >>> 12), 0x297a2d39)
  return ((n ^ (n >>> 15)) >>> 0) / 4_294_967_296
}
