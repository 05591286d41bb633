import { requireRange, seededRandom } from '../units'

/** A choice that the dealer makes for each tuft or hank: its names and their shares. */
export interface DealtTrait {
  readonly id: string
  readonly options: readonly { readonly name: string; readonly share: number }[]
}

/** What is dealt next: the name chosen of each suit, by its id. */
export type Deal = Readonly<Record<string, string>>

/** How far chance may push one option before another, in pieces. From memory. */
const WHIM = 0.9

/**
 * Deals so many at once from the first on: of each suit the option that has fallen furthest behind its share,
 * a little chance mixed in. So the mixture asked for is kept all along, and nobody has to think of variety.
 * The same seed deals the same.
 * @returns one deal each; the first of a longer row are those of a shorter one
 */
export function deal(suits: readonly DealtTrait[], count: number, seed: number): Deal[] {
  requireRange('deals', count, '', { min: 0, max: 100_000 })
  const rows = suits.map((suit, i) => dealtOf(suit, count, seed + i * 7919))
  return Array.from({ length: count }, (_, n) =>
    Object.fromEntries(suits.map(({ id }, i) => [id, rows[i]?.[n] ?? ''])),
  )
}

function dealtOf({ options }: DealtTrait, count: number, seed: number): string[] {
  const random = seededRandom(seed)
  const wanted = options.filter(({ share }) => share > 0)
  const all = wanted.reduce((sum, { share }) => sum + share, 0)
  const dealt = wanted.map(() => 0)
  return Array.from({ length: count }, (_, n) => {
    let best = 0
    let behind = -Infinity
    wanted.forEach(({ share }, i) => {
      const owed = ((n + 1) * share) / all - (dealt[i] ?? 0) + random() * WHIM
      if (owed > behind) [best, behind] = [i, owed]
    })
    dealt[best] = (dealt[best] ?? 0) + 1
    return wanted[best]?.name ?? ''
  })
}
