import type { Leaf, Law } from './expression'
import { isLeaf } from './expression'
import type { Detail, Figure } from './figure'
import { formulaOf, lawsOf, leavesOf, numbersOf } from './print'
import { mattersMost, spreadOf } from './spread'

/** What a person who asks where a figure comes from is told. */
export interface Explanation {
  /** In words: "crown from the side × coat". */
  readonly formula: string
  /** The same with numbers; absent where the figure is a number of its own. */
  readonly numbers?: string
  readonly leaves: readonly Leaf[]
  readonly details: readonly Detail[]
  readonly laws: readonly Law[]
  /** By how much it may be off, as a share of the value, and the leaf that does most of that; absent: it is known. */
  readonly doubt?: { readonly share: number; readonly by: Leaf; readonly byShare: number }
}

/** Doubts below this are not worth a word. */
const WORTH_SAYING = 0.005
/** More terms than this are read in the list alone. */
const LONG = 160

export function explain({ of, value, details = [] }: Figure): Explanation {
  const most = mattersMost(of)
  const share = value === 0 ? 0 : Math.abs(spreadOf(of) / value)
  const numbers = numbersOf(of)
  return {
    formula: formulaOf(of),
    ...(isLeaf(of) || numbers.length > LONG ? {} : { numbers }),
    leaves: leavesOf(of),
    details,
    laws: lawsOf(of),
    ...(most && share > WORTH_SAYING ? { doubt: { share, by: most.leaf, byShare: most.share } } : {}),
  }
}
