import * as z from 'zod'
import { counted, none, ok, type Reading } from '../units'
import { idSchema, momentSchema, nameSchema, noteSchema } from '../units/schema'
import { startedSchema } from './records'

/** What has become of finished pieces; what was moved on stands in for pieces of another line, which counts them. */
export const trayStates = ['to be planted', 'planted', 'sold', 'given back', 'spoilt', 'moved on'] as const
export type TrayState = (typeof trayStates)[number]

/**
 * One entry of the trays: so many pieces came onto one, or went from one state to another. Never changed,
 * never removed.
 */
export const trayEntrySchema = z.strictObject({
  id: idSchema,
  at: momentSchema,
  batchId: idSchema,
  tray: nameSchema,
  count: startedSchema,
  /** Absent: they come from the bench. */
  from: z.enum(trayStates).optional(),
  /** Absent: they go back to the bench, as when a finish is undone. */
  to: z.enum(trayStates).optional(),
  eventId: idSchema.optional(),
  note: noteSchema.optional(),
})
export type TrayEntry = z.infer<typeof trayEntrySchema>

/** The pieces of one batch on one tray. */
export interface Tray {
  readonly batchId: string
  readonly name: string
  readonly counts: Readonly<Record<TrayState, number>>
}

const empty = (): Record<TrayState, number> => ({
  'to be planted': 0,
  planted: 0,
  sold: 0,
  'given back': 0,
  spoilt: 0,
  'moved on': 0,
})
/** What a maker says of pieces; moving them on to another line is a deed of its own. */
export const saidStates = trayStates.filter((state) => state !== 'moved on')

/**
 * What stands on the trays. The order of the entries does not matter. Where two copies of a workshop both
 * moved the same pieces, a state can come out below nothing; it is shown so, for the maker to set right.
 * @param setAside ids of run entries that don't count
 */
export function traysOf(entries: readonly TrayEntry[], setAside?: ReadonlySet<string>): Tray[] {
  const trays = new Map<string, { batchId: string; name: string; counts: Record<TrayState, number> }>()
  for (const { batchId, tray, count, from, to, eventId } of entries) {
    if (eventId !== undefined && setAside?.has(eventId)) continue
    const key = `${batchId}|${tray}`
    const known = trays.get(key) ?? { batchId, name: tray, counts: empty() }
    if (from) known.counts[from] -= count
    if (to) known.counts[to] += count
    trays.set(key, known)
  }
  return [...trays.values()].filter(({ counts }) => trayStates.some((state) => counts[state] !== 0))
}

/** Pieces of some trays in one state. */
export const countOn = (trays: readonly Pick<Tray, 'counts'>[], state: TrayState): number =>
  trays.reduce((sum, { counts }) => sum + Math.max(0, counts[state]), 0)

/** Pieces that count towards what was wanted, by batch: to be planted, planted or sold. */
export function goodOnTrays(trays: readonly Tray[]): Map<string, number> {
  const good = new Map<string, number>()
  for (const { batchId, counts } of trays)
    good.set(
      batchId,
      (good.get(batchId) ?? 0) + Math.max(0, counts['to be planted'] + counts.planted + counts.sold),
    )
  return good
}

/** Checks a move of pieces from one state to another. */
export function decideMove(
  tray: Tray | undefined,
  count: number,
  from: TrayState,
  to: TrayState,
): Reading<{ count: number }> {
  const there = tray?.counts[from] ?? 0
  if (from === to) return none(`They are ${from} already.`)
  if (!Number.isInteger(count) || count < 1)
    return none(`Read ${Number.isNaN(count) ? 'no number' : count}; allowed is a whole number from 1.`)
  return count > there
    ? none(
        `Only ${counted(Math.max(0, there), 'piece')} ${there === 1 ? 'is' : 'are'} ${from}; ${count} were to be moved.`,
      )
    : ok({ count })
}

/** Pieces that go on from a tray. */
export type TrayMove = Pick<TrayEntry, 'batchId' | 'tray' | 'count'> & {
  readonly from: TrayState
  readonly to: TrayState
}

/**
 * Takes so many pieces of a line on, the fullest tray first.
 * @returns the moves, and how many of them there are not
 */
export function movesOf(
  trays: readonly Tray[],
  count: number,
  from: TrayState,
  to: TrayState,
): { readonly moves: readonly TrayMove[]; readonly lacking: number } {
  const moves: TrayMove[] = []
  let left = count
  for (const { batchId, name, counts } of [...trays].sort((a, b) => b.counts[from] - a.counts[from])) {
    const own = Math.min(left, Math.max(0, counts[from]))
    if (own <= 0) continue
    moves.push({ batchId, tray: name, count: own, from, to })
    left -= own
  }
  return { moves, lacking: left }
}

/**
 * What ends a batch that plants: its good pieces stand, what broke is spoilt. What is not on the trays any more was
 * ticked off before: it stands already.
 */
export function plantedMoves(trays: readonly Tray[], good: number, broken: number): readonly TrayMove[] {
  const { moves } = movesOf(trays, good, 'to be planted', 'planted')
  const left = trays.map((tray) => {
    const gone = moves
      .filter(({ batchId, tray: name }) => batchId === tray.batchId && name === tray.name)
      .reduce((sum, { count }) => sum + count, 0)
    return { ...tray, counts: { ...tray.counts, 'to be planted': tray.counts['to be planted'] - gone } }
  })
  return [...moves, ...movesOf(left, broken, 'to be planted', 'spoilt').moves]
}
