import { type Handling, type PlantJob, type Suitability } from '../../makeup'
import { isBladed, isBushy, type Piece } from '../../commissions'

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
  /** What is said against it, without making it suit less. */
  readonly but?: readonly Reason[]
  readonly con: readonly Reason[]
  readonly never: readonly Reason[]
}): Suitability {
  const never = said(of.never)
  const con = said(of.con)
  const but = said(of.but ?? [])
  if (never.length > 0)
    return { verdict: 'unsuited', reasonsFor: [], reasonsAgainst: [...never, ...con, ...but] }
  return {
    verdict: of.right && con.length === 0 ? 'suits' : 'possible',
    reasonsFor: said(of.pro),
    reasonsAgainst: [...con, ...but],
  }
}

/** Why a plant can't be made as a trunk with a crown; undefined where it can. */
export function notATree(piece: Piece): string | undefined {
  if (isBladed(piece)) return 'it is a trunk with a crown, which a tuft has not'
  if (piece.habit === 'palm') return 'a palm has fronds on a bare stem: no fork of this kind'
  if (piece.crownForm === 'wall') return 'what climbs a wall has no crown of its own'
  return undefined
}

/** What is said of a shrub where a way makes trees: it wants several stems. */
export const notABush = (piece: Piece): string | undefined =>
  isBushy(piece) ? 'a shrub wants several stems from the foot; this has one' : undefined

/** Beyond these shares of the sizes that a way does well it can't be done at all. From memory. */
const HOPELESS = { small: 0.6, large: 1.5 } as const

/** Heights that a way does well, mm; and where it goes on to be possible further than usual, how far. */
export interface Sizes {
  readonly well: readonly [least: number, most: number]
  readonly atMostMm?: number
}

const limits = ({ well: [least, most], atMostMm }: Sizes): readonly [number, number] => [
  least * HOPELESS.small,
  atMostMm ?? most * HOPELESS.large,
]

/** Heights at which a way can't be done at all, in words; else undefined. */
export function hopeless({ heightMm }: Piece, sizes: Sizes): string | undefined {
  const [least, most] = limits(sizes)
  const own = Math.round(heightMm)
  if (heightMm < least) return `far too small: ${own} mm, where ${sizes.well[0]} mm is already small`
  if (heightMm > most) return `far too tall: ${own} mm, where ${sizes.well[1]} mm is already tall`
  return undefined
}

/** What speaks against a height that a way does, but not well; nothing where it can't be done at all. */
export function beyond(piece: Piece, sizes: Sizes): string | undefined {
  const [least, most] = sizes.well
  const own = Math.round(piece.heightMm)
  if (hopeless(piece, sizes)) return undefined
  if (piece.heightMm < least) return `at ${own} mm it is smaller than this way does well, ${least} mm`
  if (piece.heightMm > most) return `at ${own} mm it is taller than this way does well, ${most} mm`
  return undefined
}

/** A verdict on a plant as a trunk with a crown, at a size that the way does; for bushes too where it says so. */
export const judgeTree = (
  piece: Piece,
  sizes: Sizes,
  { bushes = false, con, never, ...of }: Parameters<typeof judge>[0] & { readonly bushes?: boolean },
): Suitability =>
  judge({
    ...of,
    con: [beyond(piece, sizes), ...con, !bushes && notABush(piece)],
    never: [notATree(piece), hopeless(piece, sizes), ...never],
  })

/** Conifers whose foliage stands in plates or a parasol, not in whorls about a leader. */
export const hasPlates = ({ habit, crownForm }: Piece): boolean =>
  habit === 'conifer' && !['conical', 'columnar', 'ovate', 'prostrate'].includes(crownForm)

/** What is said where a piece breaks under what passes at its place. */
export const tooFrail = (piece: Piece, handling: Handling): string | false =>
  piece.zone === 'front' &&
  handling === 'protected' &&
  'it snaps where sleeves and hands pass: keep it from the edge'

/** Whether there is any leaf to show on the day. */
export const hasLeaf = ({ leaf }: Pick<Piece, 'leaf'>): boolean => leaf > 0.01
export const isBare = (piece: Piece): boolean => !hasLeaf(piece)

/** What rules a hedge out, whatever it is built of; undefined where it can be one. */
export function notAHedge({ kind, piece }: PlantJob): string | undefined {
  if (kind !== 'length') return 'it is built along a line: give its length instead of pieces'
  if (isBladed(piece)) return 'blades stand in tufts, not in a hedge'
  if (piece.crownForm === 'wall') return 'what climbs wants its wall'
  return undefined
}

export const isHedgeWood = ({ piece }: PlantJob): boolean =>
  isBushy(piece) || piece.habit === 'broadleaf' || piece.habit === 'conifer'
