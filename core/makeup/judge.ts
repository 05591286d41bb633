import type { Suit } from './method'

type Reason = string | false | undefined

const said = (reasons: readonly Reason[]): string[] =>
  reasons.filter((reason): reason is string => typeof reason === 'string')

/**
 * A verdict from its reasons: with one that rules the way out it does not suit; where it is right for the plant
 * and nothing speaks against it, it suits; else it is possible.
 */
export function judge(of: {
  readonly right: boolean
  readonly pro: readonly Reason[]
  readonly con: readonly Reason[]
  readonly never: readonly Reason[]
}): Suit {
  const never = said(of.never)
  const con = said(of.con)
  if (never.length > 0) return { verdict: 'unsuited', reasonsFor: [], reasonsAgainst: [...never, ...con] }
  return {
    verdict: of.right && con.length === 0 ? 'suits' : 'possible',
    reasonsFor: said(of.pro),
    reasonsAgainst: con,
  }
}
