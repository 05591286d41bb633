import type { Species } from '../plants'
import { ownShare, type Line } from './records'

/** A species of a line and its share of it, 0–1. */
export interface Member {
  readonly species: Species
  readonly share: number
}

/** Ids of all species that a line names, its own first. */
export const speciesIdsOf = ({ speciesId, mix = [] }: Pick<Line, 'speciesId' | 'mix'>): string[] => [
  speciesId,
  ...mix.map((one) => one.speciesId),
]

/**
 * The species of a line with their shares, its own first: several in a mixed hedge or sward, else one.
 * @throws RangeError when one is not known
 */
export function membersOf(
  { speciesId, mix, amount }: Pick<Line, 'speciesId' | 'mix' | 'amount'>,
  speciesOf: (id: string) => Species | undefined,
): Member[] {
  const known = (id: string): Species => {
    const species = speciesOf(id)
    if (!species) throw new RangeError(`The species “${id}” is not known here`)
    return species
  }
  // Single pieces are of one kind each.
  const others = amount.kind === 'pieces' ? [] : (mix ?? []).filter((one) => one.speciesId !== speciesId)
  return [
    { species: known(speciesId), share: ownShare(others) },
    ...others.map(({ speciesId: id, share }) => ({ species: known(id), share })),
  ]
}

/**
 * Deals places to members by their shares, each where it lags most behind its share (the largest deficit
 * first), so that every stretch of the row has about the mixture.
 * @returns the index of the member at each place
 */
export function dealt(shares: readonly number[], places: number): number[] {
  const given = shares.map(() => 0)
  return Array.from({ length: places }, (_, at) => {
    const due = shares.map((share, i) => share * (at + 1) - (given[i] ?? 0))
    const next = due.indexOf(Math.max(...due))
    given[next] = (given[next] ?? 0) + 1
    return next
  })
}
