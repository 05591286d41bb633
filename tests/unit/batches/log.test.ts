import {
  foldRun,
  logByCommission,
  logByMethod,
  logEntry,
  readLedger,
  type BatchAction,
} from '../../../core/batches'
import { balancesOf, type Lot, type Movement } from '../../../core/stock'
import { batch, NOON, play } from '../../support/workshop'

const lot = (id: string, materialId: string, priceMinor?: number): Lot => ({
  id,
  materialId,
  label: id,
  source: 'bought',
  date: '2026-01-01',
  madeAt: NOON,
  ...(priceMinor === undefined ? {} : { priceMinor }),
})
const move = (id: string, lotId: string, quantity: number, batchId?: string): Movement => ({
  id,
  at: NOON,
  lotId,
  kind: quantity > 0 ? 'receive' : 'draw',
  quantity,
  ...(batchId ? { batchId } : {}),
})
const finish = (handsMin: number, used: { materialId: string; quantity: number }[]): BatchAction => ({
  type: 'finish',
  tray: 'T1',
  date: '2026-10-04',
  handsMin,
  used,
})
const ledger = (lots: readonly Lot[], movements: readonly Movement[]) =>
  readLedger(lots, movements, balancesOf(movements))
const b1 = batch()
const through: BatchAction[] = [
  { type: 'start' },
  { type: 'reject', step: 0, count: 1, reason: 'x' },
  { type: 'pieces', step: 0, count: 4 },
  { type: 'pieces', step: 1, count: 4 },
  { type: 'advance', step: 1, early: true },
  { type: 'pieces', step: 2, count: 4 },
]

describe('the log', () => {
  const run = foldRun(
    b1,
    play(b1, [
      ...through,
      finish(30, [
        { materialId: 'sprigs', quantity: 6 },
        { materialId: 'pva', quantity: 2 },
      ]),
    ]),
  )
  const lots = [lot('s', 'sprigs', 3500), lot('p', 'pva')]
  const movements = [
    move('1', 's', 35),
    move('2', 'p', 100),
    move('3', 's', -6, 'b1'),
    move('4', 'p', -2, 'b1'),
  ]

  test('sets what happened against what was planned', () => {
    const entry = logEntry(b1, run, ledger(lots, movements))
    expect(entry).toMatchObject({
      ended: 'finished',
      good: 4,
      yield: 0.8,
      plannedYield: 0.8,
      plannedMin: 20,
      realMin: 30,
      tray: 'T1',
    })
    expect(entry?.amounts).toContainEqual({ materialId: 'sprigs', planned: 5, used: 6 })
    expect(entry?.amounts).toContainEqual({ materialId: 'pva', planned: 0, used: 2 })
  })

  test('costs leftovers both ways and names what has no price', () => {
    const entry = logEntry(b1, run, ledger(lots, movements))
    expect(entry?.cost).toEqual({ usedMinor: 600, writtenOffMinor: 3500, unpricedMaterialIds: ['pva'] })
    const shared = ledger(lots, [...movements, move('5', 's', -18, 'b2')])
    expect(logEntry(b1, run, shared)?.cost.writtenOffMinor).toBeCloseTo(3500 / 4)
  })

  test('an overdrawn lot never makes what was used dearer than what was written off', () => {
    const over = [...movements, move('5', 's', -64, 'b1')]
    const { usedMinor, writtenOffMinor } = logEntry(b1, run, ledger(lots, over))!.cost
    // 70 sprigs at 1.00 from a box of 35: two boxes’ worth has gone.
    expect(usedMinor).toBeCloseTo(7000, 6)
    expect(writtenOffMinor).toBeGreaterThanOrEqual(usedMinor)
  })

  test('nothing paid is a price', () => {
    const free = [lot('s', 'sprigs', 0), lot('p', 'pva', 0)]
    expect(logEntry(b1, run, ledger(free, movements))?.cost).toEqual({
      usedMinor: 0,
      writtenOffMinor: 0,
      unpricedMaterialIds: [],
    })
  })

  test('a batch that was dropped before it began is no failure in the log', () => {
    const dropped = foldRun(
      b1,
      play(b1, [{ type: 'abandon', reason: 'changed my mind', handsMin: 0, used: [] }]),
    )
    expect(dropped.state.phase).toBe('abandoned')
    expect(logEntry(b1, dropped, ledger([], []))).toBeUndefined()
  })

  test('an open batch has no entry; an abandoned one has, with its reason and no good pieces', () => {
    expect(logEntry(b1, foldRun(b1, []), ledger([], []))).toBeUndefined()
    const gone = foldRun(
      b1,
      play(b1, [{ type: 'start' }, { type: 'abandon', reason: 'mould', handsMin: 2, used: [] }]),
    )
    expect(logEntry(b1, gone, ledger([], []))).toMatchObject({
      ended: 'abandoned',
      good: 0,
      yield: 0,
      note: 'mould',
    })
  })

  test('says what each commission has drawn, and what went into stock or has lost its line apart', () => {
    const one = logEntry(b1, run, ledger(lots, movements))!
    const of = (id: string, lineId: string | undefined) => ({
      ...one,
      batch: { ...b1, id, ...(lineId === undefined ? { lineId: undefined } : { lineId }) },
    })
    const entries = [of('a', 'l1'), of('b', 'l2'), of('c', 'l9'), of('d', undefined), of('e', 'gone')]
    const rows = logByCommission(entries, (lineId) => ({ l1: 'mill', l2: 'mill', l9: 'halt' })[lineId])
    // Six sprigs of a box of 35 for 35.00: 6.00 a batch.
    expect(
      rows.map(({ commissionId, batches, usedMinor, good }) => [commissionId, batches, usedMinor, good]),
    ).toEqual([
      ['mill', 2, 1200, 2 * one.good],
      ['halt', 1, 600, one.good],
      [undefined, 2, 1200, 2 * one.good],
    ])
    expect(rows[0]!.unpricedMaterialIds).toEqual(['pva'])
    expect(logByCommission([], () => undefined)).toEqual([])
  })

  test('sums up by method', () => {
    const entry = logEntry(b1, run, ledger(lots, movements))!
    expect(logByMethod([entry])).toEqual([
      expect.objectContaining({
        methodId: 'sprig-tree',
        batches: 1,
        good: 4,
        started: 5,
        minutesRatio: 1.5,
        usedEachMinor: 150,
        writtenOffEachMinor: 875,
      }),
    ])
  })
})
