import {
  catalogueRow,
  countCorrection,
  lotMarkSchema,
  lotSchema,
  materialSchema,
  movementSchema,
  sortedBox,
  tidy,
  type Found,
  type Heap,
  type Lot,
  type LotMark,
  type LotSource,
  type Material,
  type Movement,
  type SortedBox,
  type StockState,
} from '../../../core/stock'
import { none, ok, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { bookMovements } from '../derived'
import { derivedId } from '../ids'
import { check, type CommandContext } from './context'
import { saveRecord, type Draft } from './records'

/** Writes a new or changed material. The unit of one that has lots stays: amounts in the ledger are counted in it. */
export async function saveMaterial(
  { db, now, newId }: CommandContext,
  draft: Omit<Material, 'id' | 'changedAt' | 'fieldsAt'> & { id?: string },
): Promise<Reading<Material>> {
  return db.transaction('rw', [db.materials, db.lots], async () => {
    const before = draft.id === undefined ? undefined : await db.materials.get(draft.id)
    const emptied = Object.fromEntries(Object.keys(before ?? {}).map((name) => [name, undefined]))
    const checked = check(
      materialSchema,
      before
        ? withChange(before, { ...emptied, ...draft }, now())
        : { ...draft, id: draft.id ?? newId(), changedAt: now() },
    )
    if (checked.kind === 'none') return checked
    if (
      before &&
      before.unit !== checked.value.unit &&
      (await db.lots.where('materialId').equals(before.id).count()) > 0
    ) {
      return none(
        `unit: “${before.name}” has lots counted in ${before.unit}; that can’t change any more. Make a new material instead.`,
      )
    }
    await db.materials.put(checked.value)
    return checked
  })
}

export interface Receipt {
  readonly materialId: string
  readonly source: LotSource
  readonly label: string
  readonly date: string
  readonly quantity: number
  readonly priceMinor?: number
  readonly place?: string
  readonly note?: string
  /** The harvest that it came of. */
  readonly harvestId?: string
}

/** Takes in a pack, a harvest or something home-made: a new lot and its first entry. */
export async function receiveLot(
  { db, now, newId }: CommandContext,
  receipt: Receipt,
): Promise<Reading<Lot>> {
  const { quantity, ...rest } = receipt
  const at = now()
  if (!(quantity > 0)) return none(`quantity: read ${quantity}; it must be above zero.`)
  return db.transaction('rw', [db.materials, db.lots, db.movements, db.balances], async () => {
    if (!(await db.materials.get(receipt.materialId))) return none('The material is gone.')
    const { harvestId } = receipt
    const came = harvestId === undefined ? undefined : await cameOf(db, harvestId)
    if (came && came.received > 0) return none('This harvest has been brought in already.')
    // A harvest taken in by two copies is one lot.
    const id = harvestId === undefined ? newId() : derivedId('harvest', harvestId, came?.lots ?? 0)
    const lot = check(lotSchema, { ...rest, id, madeAt: at })
    if (lot.kind === 'none') return lot
    const movement = check(movementSchema, { id, at, lotId: id, kind: 'receive', quantity })
    if (movement.kind === 'none') return movement
    await db.lots.add(lot.value)
    await bookMovements((name) => db.table(name), [movement.value])
    return lot
  })
}

/** What has come of a harvest: its lots, and all that was taken in of them; what was undone holds nothing. */
export async function cameOf(
  db: CommandContext['db'],
  harvestId: string,
): Promise<{ readonly lots: number; readonly received: number }> {
  const lots = await db.lots.filter((lot) => lot.harvestId === harvestId).toArray()
  const balances = await db.balances.bulkGet(lots.map(({ id }) => id))
  return {
    lots: lots.length,
    received: balances.reduce((sum, balance) => sum + (balance?.received ?? 0), 0),
  }
}

/** What was found in a box, as it was tallied. */
export interface Tally {
  readonly heaps: readonly Heap[]
  readonly curved: number
  /** What stays in the box unsorted, in its unit. */
  readonly leftIn: number
}

/** Sorts a box into heaps by size: its lot is counted down, each heap becomes a lot of its own. */
export async function sortBox(
  { db, now, newId }: CommandContext,
  lotId: string,
  tally: Tally,
  /** The state of its material, with what its lots cost. */
  state: StockState,
): Promise<Reading<SortedBox>> {
  const at = now()
  return db.transaction('rw', [db.materials, db.lots, db.movements, db.balances, db.setAside], async () => {
    const stored = await db.lots.get(lotId)
    const lot = state.lots.find((own) => own.lot.id === lotId)
    if (!stored || !lot) return none('This box is gone.')
    const onHand = (await db.balances.get(lotId))?.onHand ?? 0
    const sorted = sortedBox({
      ...tally,
      state,
      lot: { ...lot, onHand },
      curvedMaterial: catalogueRow('curved-sprigs'),
      at,
      newId,
    })
    if (sorted.kind === 'none') return sorted
    for (const row of sorted.value.materials) {
      if (await db.materials.get(row.id)) continue
      const material = check(materialSchema, { ...row, changedAt: at })
      if (material.kind === 'none') return material
      await db.materials.add(material.value)
    }
    await db.lots.bulkAdd([...sorted.value.lots])
    await bookMovements((name) => db.table(name), [...sorted.value.movements])
    return sorted
  })
}

/**
 * Sets a lot right by what was found in it: an entry for the difference, also when there is none.
 * @param counted in the material's unit
 */
export async function countLot(
  { db, now, newId }: CommandContext,
  lotId: string,
  counted: number,
  note?: string,
): Promise<Reading<number>> {
  return db.transaction('rw', [db.lots, db.movements, db.balances, db.setAside], async () => {
    if (!(await db.lots.get(lotId))) return none('This lot is gone.')
    const onHand = (await db.balances.get(lotId))?.onHand ?? 0
    const difference = countCorrection(counted, onHand)
    const movement = check(movementSchema, {
      id: newId(),
      at: now(),
      lotId,
      kind: 'count',
      quantity: difference,
      counted,
      ...(note ? { note } : {}),
    })
    if (movement.kind === 'none') return movement
    await bookMovements((name) => db.table(name), [movement.value])
    return ok(difference)
  })
}

/**
 * Writes what a stock-take has found: all of it, in one transaction. What was drawn between the counting and
 * the writing stays drawn: each lot was so at the moment that it was counted, and the books go on from there.
 * @returns how many lots differed
 */
export async function countLots(
  { db, now, newId }: CommandContext,
  found: readonly Found[],
): Promise<Reading<number>> {
  const written = now()
  return db.transaction('rw', [db.lots, db.movements, db.balances, db.setAside], async () => {
    const movements: Movement[] = []
    for (const { lotId, counted, books, at } of found) {
      if (!(await db.lots.get(lotId))) continue
      const since = at === undefined ? ((await db.balances.get(lotId))?.onHand ?? 0) - books : 0
      const movement = check(movementSchema, {
        id: newId(),
        at: at ?? written,
        lotId,
        kind: 'count',
        quantity: countCorrection(counted, books),
        counted: Math.max(0, tidy(counted + since)),
        note: 'stock-take',
      })
      if (movement.kind === 'none') return movement
      movements.push(movement.value)
    }
    if (movements.length === 0) return none('Nothing was counted.')
    const isTimed = new Set(found.flatMap(({ lotId, at }) => (at === undefined ? [] : [lotId])))
    const timed = movements.filter(({ lotId }) => isTimed.has(lotId))
    const table = (name: string) => db.table(name)
    await bookMovements(table, timed, true)
    await bookMovements(
      table,
      movements.filter(({ lotId }) => !isTimed.has(lotId)),
    )
    return ok(movements.filter(({ quantity }) => quantity !== 0).length)
  })
}

/** Notes where a lot stands and how it looks, under the lot's own id. */
export async function saveMark(
  { db, now, newId }: CommandContext,
  draft: Draft<LotMark> & { readonly id: string },
): Promise<Reading<LotMark>> {
  return db.transaction('rw', [db.lots, db.lotMarks], async () => {
    if (!(await db.lots.get(draft.id))) return none('This lot is gone.')
    return saveRecord<LotMark>(db, db.lotMarks, lotMarkSchema, draft, now(), newId)
  })
}
