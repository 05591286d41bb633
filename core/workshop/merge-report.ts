import { foldRun, isOpen } from '../batches'
import { speciesIdsOf } from '../commissions'
import { balancesOf, tidy, type Movement } from '../stock'
import type { TableName, WorkshopDocument } from './document'
import { canonical, stampOf, withChange } from './merge'

/** What a person may change about a decision: the other way of it. */
export type OtherWay =
  /** So much is believed to be in a lot instead, in its unit. */
  | { readonly kind: 'count'; readonly lotId: string; readonly quantity: number; readonly words: string }
  /** The other order of two batches. */
  | { readonly kind: 'order'; readonly first: string; readonly then: string; readonly words: string }
  /** It is taken out after all. */
  | {
      readonly kind: 'remove'
      readonly table: 'lines' | 'commissions'
      readonly id: string
      readonly words: string
    }

/** Something that was decided when two copies were united: what, why, and how it could be otherwise. */
export interface Decision {
  readonly what: string
  readonly why: string
  /** When what is believed was written, where that decided. */
  readonly at?: string
  readonly other?: OtherWay
}

/** Rows that are changed so that what was united holds together, and what was decided by it. */
export interface Repairs {
  readonly rows: readonly { readonly table: TableName; readonly row: { readonly id: string } }[]
  readonly decisions: readonly Decision[]
}

type Document = WorkshopDocument

const nameOf = <T extends { readonly id: string; readonly name: string }>(
  rows: readonly T[],
  id: string,
): string => rows.find((row) => row.id === id)?.name ?? id

/**
 * Batches that are to follow each other in a ring can't be laid: of a ring the order that was given last is taken back.
 * The same rows give the same answer in every copy.
 */
function opened({ layings, batches }: Document, now: string): Repairs {
  const follows = new Map<string, string>()
  const edges = layings
    .flatMap((row) =>
      row.follows === undefined ? [] : [{ row, to: row.follows, at: stampOf(row, 'follows') }],
    )
    .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : a.row.id < b.row.id ? -1 : 1))
  const rows: Repairs['rows'][number][] = []
  const decisions: Decision[] = []
  for (const { row, to } of edges) {
    let at: string | undefined = to
    while (at !== undefined && at !== row.id) at = follows.get(at)
    if (at === undefined) {
      follows.set(row.id, to)
      continue
    }
    rows.push({ table: 'layings', row: withChange(row, { follows: undefined }, now) })
    const [first, then] = [nameOf(batches, to), nameOf(batches, row.id)]
    decisions.push({
      what: `“${then}” no longer waits for “${first}”.`,
      why: 'The copies had given orders that wait for each other in a ring; the one that was given last is taken back.',
      other: { kind: 'order', first: to, then: row.id, words: `“${first}” first after all` },
    })
  }
  return { rows, decisions }
}

/** What one copy has removed and the other uses is brought back. */
function broughtBack({ batches, events, lines, commissions, species }: Document, now: string): Repairs {
  const rows: Repairs['rows'][number][] = []
  const decisions: Decision[] = []
  const eventsOf = new Map<string, (typeof events)[number][]>()
  for (const event of events) {
    const own = eventsOf.get(event.batchId)
    if (own) own.push(event)
    else eventsOf.set(event.batchId, [event])
  }
  const usedLines = new Map<string, string>()
  for (const batch of batches)
    if (batch.lineId !== undefined && isOpen(foldRun(batch, eventsOf.get(batch.id) ?? [])))
      usedLines.set(batch.lineId, batch.name)
  const wanted = new Map<string, string>()
  const kinds = new Map<string, string>()
  for (const line of lines) {
    const batch = usedLines.get(line.id)
    if (line.removed && batch !== undefined) {
      rows.push({ table: 'lines', row: withChange(line, { removed: undefined }, now) })
      decisions.push({
        what: `The line “${line.name}” is back.`,
        why: `One copy had removed it; in the other its batch “${batch}” is open.`,
        other: { kind: 'remove', table: 'lines', id: line.id, words: 'Remove it after all' },
      })
    }
    if (line.removed && batch === undefined) continue
    wanted.set(line.commissionId, batch === undefined ? `the line “${line.name}”` : `the batch “${batch}”`)
    for (const id of speciesIdsOf(line)) kinds.set(id, line.name)
  }
  for (const commission of commissions) {
    const by = wanted.get(commission.id)
    if (!commission.removed || by === undefined) continue
    rows.push({ table: 'commissions', row: withChange(commission, { removed: undefined }, now) })
    decisions.push({
      what: `The commission “${commission.name}” is back.`,
      why: `One copy had removed it; in the other ${by} belongs to it.`,
      other: { kind: 'remove', table: 'commissions', id: commission.id, words: 'Remove it after all' },
    })
  }
  for (const row of species) {
    const line = kinds.get(row.id)
    if (!row.removed || line === undefined) continue
    rows.push({ table: 'species', row: withChange(row, { removed: undefined }, now) })
    decisions.push({
      what: `The species “${row.common}” is back.`,
      why: `One copy had removed it; in the other the line “${line}” is of it.`,
    })
  }
  return { rows, decisions }
}

/** What must be changed in a document that was united so that it holds together. @param now as the change is stamped */
export function repairsOf(merged: Document, now: string): Repairs {
  const parts = [opened(merged, now), broughtBack(merged, now)]
  return {
    rows: parts.flatMap(({ rows }) => rows),
    decisions: parts.flatMap(({ decisions }) => decisions),
  }
}

/** Jars that both copies have counted since they parted: the last count is believed. */
function countsOfBoth(mine: Document, theirs: Document, merged: Document): Decision[] {
  const ids = (document: Document): Set<string> => new Set(document.movements.map(({ id }) => id))
  const [ours, others] = [ids(mine), ids(theirs)]
  const onlyIn = (document: Document, known: ReadonlySet<string>): Map<string, Movement> => {
    const found = new Map<string, Movement>()
    for (const movement of document.movements)
      if (movement.kind === 'count' && movement.counted !== undefined && !known.has(movement.id)) {
        const last = found.get(movement.lotId)
        if (!last || movement.at > last.at) found.set(movement.lotId, movement)
      }
    return found
  }
  const there = onlyIn(theirs, ours)
  return [...onlyIn(mine, others)].flatMap(([lotId, own]): Decision[] => {
    const other = there.get(lotId)
    const lot = merged.lots.find(({ id }) => id === lotId)
    if (!other || !lot) return []
    const [believed, passed] = own.at >= other.at ? [own, other] : [other, own]
    const balance = balancesOf(merged.movements.filter((movement) => movement.lotId === lotId)).get(lotId)
    const quantity = Math.max(
      0,
      tidy((balance?.onHand ?? 0) + (passed.counted ?? 0) - (believed.counted ?? 0)),
    )
    return [
      {
        what: `“${lot.label}” was counted in both copies: ${believed.counted} is believed, not ${passed.counted}.`,
        why: 'It was counted later; two counts of one jar don’t add up.',
        at: believed.at,
        ...(quantity === balance?.onHand
          ? {}
          : { other: { kind: 'count', lotId, quantity, words: `Believe ${passed.counted} instead` } }),
      },
    ]
  })
}

/** What both copies have taken in: once, and by one of the two amounts. */
function takenInByBoth(mine: Document, theirs: Document, merged: Document): Decision[] {
  const there = new Map(theirs.movements.map((movement) => [movement.id, movement]))
  const kept = new Map(merged.movements.map((movement) => [movement.id, movement]))
  return mine.movements.flatMap((own): Decision[] => {
    const other = there.get(own.id)
    if (own.kind !== 'receive' || !other || canonical(other) === canonical(own)) return []
    const lot = merged.lots.find(({ id }) => id === own.lotId)
    const quantity = kept.get(own.id)?.quantity ?? own.quantity
    const passed = quantity === own.quantity ? other.quantity : own.quantity
    const held =
      balancesOf(merged.movements.filter(({ lotId }) => lotId === own.lotId)).get(own.lotId)?.onHand ?? 0
    return [
      {
        what: `“${lot?.label ?? own.lotId}” was taken in by both copies: it stands in the books once, with ${quantity}.`,
        why: 'What is taken in is tied to what it came of: an order, a harvest.',
        ...(passed === quantity
          ? {}
          : {
              other: {
                kind: 'count',
                lotId: own.lotId,
                quantity: Math.max(0, tidy(held - quantity + passed)),
                words: `It was ${passed}`,
              },
            }),
      },
    ]
  })
}

/** What was decided when two copies were united, besides what holds them together. */
export const decisionsOf = (mine: Document, theirs: Document, merged: Document): Decision[] => [
  ...countsOfBoth(mine, theirs, merged),
  ...takenInByBoth(mine, theirs, merged),
]
