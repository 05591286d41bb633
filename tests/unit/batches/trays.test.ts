import fc from 'fast-check'
import {
  decideMove,
  goodOnTrays,
  traysOf,
  trayStates,
  type TrayEntry,
  type TrayState,
} from '../../../core/batches'
import { NOON } from '../../support/workshop'

const entry = (id: string, count: number, from?: TrayState, to?: TrayState, eventId?: string): TrayEntry => ({
  id,
  at: NOON,
  batchId: 'b1',
  tray: 'T1',
  count,
  ...(from ? { from } : {}),
  ...(to ? { to } : {}),
  ...(eventId ? { eventId } : {}),
})
const arrived = entry('1', 10, undefined, 'to be planted', 'e1')

describe('trays', () => {
  test('pieces come onto a tray, are planted, sold, spoilt, and put back', () => {
    const [tray] = traysOf([
      arrived,
      entry('2', 4, 'to be planted', 'planted'),
      entry('3', 1, 'to be planted', 'spoilt'),
    ])
    expect(tray?.counts).toEqual({
      'to be planted': 5,
      planted: 4,
      sold: 0,
      'given back': 0,
      spoilt: 1,
      'moved on': 0,
    })
    expect(goodOnTrays([tray!]).get('b1')).toBe(9)
    const back = traysOf([
      arrived,
      entry('2', 4, 'to be planted', 'planted'),
      entry('3', 4, 'planted', 'to be planted'),
    ])
    expect(back[0]?.counts['to be planted']).toBe(10)
  })

  test('the pieces of a finish that is set aside, or was undone, are not there', () => {
    expect(traysOf([arrived], new Set(['e1']))).toEqual([])
    expect(traysOf([arrived, entry('2', 10, 'to be planted')])).toEqual([])
  })

  test('more than are there can’t be moved, nor to where they are', () => {
    const [tray] = traysOf([arrived])
    expect(decideMove(tray, 11, 'to be planted', 'planted')).toEqual({
      kind: 'none',
      because: 'Only 10 pieces are to be planted; 11 were to be moved.',
    })
    expect(decideMove(tray, 1, 'sold', 'sold').kind).toBe('none')
    expect(decideMove(tray, 1.5, 'to be planted', 'sold').kind).toBe('none')
    expect(decideMove(undefined, 1, 'to be planted', 'sold').kind).toBe('none')
  })

  test('moves never make or lose a piece, in whatever order they are read', () => {
    const state = fc.constantFrom(...trayStates)
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 1, max: 9 }), state, state), { maxLength: 30 }),
        (moves) => {
          const entries: TrayEntry[] = [arrived]
          moves.forEach(([count, from, to], i) => {
            const decided = decideMove(traysOf(entries)[0], count, from, to)
            if (decided.kind === 'ok') entries.push(entry(`m${i}`, count, from, to))
          })
          const [tray] = traysOf(entries)
          expect(Object.values(tray!.counts).reduce((a, b) => a + b, 0)).toBe(10)
          expect(Object.values(tray!.counts).every((count) => count >= 0)).toBe(true)
          expect(traysOf([...entries].reverse())).toEqual(traysOf(entries))
        },
      ),
    )
  })
})
