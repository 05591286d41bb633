import { foldRun, logByMethod, logEntry, readLedger, type Deed } from '../../../core/batches'
import type { Lot, Movement } from '../../../core/stock'
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
const finish = (handsMin: number, used: { materialId: string; quantity: number }[]): Deed => ({
  type: 'finish',
  tray: 'T1',
  date: '2026-10-04',
  handsMin,
  used,
})
const b1 = batch()
const through: Deed[] = [
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
    const entry = logEntry(b1, run, readLedger(lots, movements))
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
    const entry = logEntry(b1, run, readLedger(lots, movements))
    expect(entry?.cost).toEqual({ usedMinor: 600, writtenOffMinor: 3500, unpricedMaterialIds: ['pva'] })
    const shared = readLedger(lots, [...movements, move('5', 's', -18, 'b2')])
    expect(logEntry(b1, run, shared)?.cost.writtenOffMinor).toBeCloseTo(3500 / 4)
  })

  test('an open batch has no entry; an abandoned one has, with its reason and no good pieces', () => {
    expect(logEntry(b1, foldRun(b1, []), readLedger([], []))).toBeUndefined()
    const gone = foldRun(
      b1,
      play(b1, [{ type: 'start' }, { type: 'abandon', reason: 'mould', handsMin: 2, used: [] }]),
    )
    expect(logEntry(b1, gone, readLedger([], []))).toMatchObject({
      ended: 'abandoned',
      good: 0,
      yield: 0,
      note: 'mould',
    })
  })

  test('sums up by method', () => {
    const entry = logEntry(b1, run, readLedger(lots, movements))!
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
