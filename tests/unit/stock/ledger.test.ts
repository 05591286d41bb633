import fc from 'fast-check'
import { endingEntries, reversalEntries } from '../../../core/batches'
import {
  balancesOf,
  catalogue,
  countCorrection,
  lotsOf,
  materialSchema,
  planDraw,
  stockStates,
  takenSince,
  type Lot,
  type Movement,
} from '../../../core/stock'
import { batch, ids, materials, minutesAfter, NOON } from '../../support/workshop'

const lot = (id: string, materialId = 'pva', over: Partial<Lot> = {}): Lot => ({
  id,
  materialId,
  label: id,
  source: 'bought',
  date: '2026-01-01',
  madeAt: NOON,
  ...over,
})
const move = (lotId: string, quantity: number, over: Partial<Movement> = {}): Movement => ({
  id: `${lotId}${quantity}`,
  at: NOON,
  lotId,
  kind: 'receive',
  quantity,
  ...over,
})

describe('balances', () => {
  test('are sums per lot; received leaves counts and draws out', () => {
    const balances = balancesOf([
      move('a', 100),
      move('a', -30.1, { kind: 'draw' }),
      move('b', 5),
      move('a', 2, { kind: 'count' }),
    ])
    expect(balances.get('a')).toEqual({ onHand: 71.9, received: 100, drawn: 30.1 })
    expect(balances.get('b')).toEqual({ onHand: 5, received: 5, drawn: 0 })
  })

  test('do not depend on the order of the entries, nor drift with decimals', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('a', 'b'), fc.integer({ min: -1000, max: 1000 })), {
          maxLength: 60,
        }),
        (entries) => {
          const movements = entries.map(([id, tenths], i) => move(id, tenths / 10, { id: `m${i}` }))
          expect(balancesOf([...movements].reverse())).toEqual(new Map([...balancesOf(movements)]))
        },
      ),
    )
    expect(balancesOf([move('a', 0.1), move('a', 0.2), move('a', -0.3)]).get('a')?.onHand).toBe(0)
  })
})

describe('drawing', () => {
  const states = lotsOf(
    'pva',
    [lot('new', 'pva', { date: '2026-05-01' }), lot('old')],
    balancesOf([move('old', 10), move('new', 20)]),
  )

  test('takes the oldest lot first', () => {
    expect(planDraw(12, states).draws).toEqual([
      { lotId: 'old', quantity: 10, uncovered: false },
      { lotId: 'new', quantity: 2, uncovered: false },
    ])
  })

  test('says what the books can’t cover', () => {
    const plan = planDraw(35, states)
    expect(plan.shortfall).toBe(5)
    expect(plan.draws.filter((draw) => draw.uncovered)).toEqual([
      { lotId: 'new', quantity: 5, uncovered: true },
    ])
    expect(planDraw(5, [])).toEqual({ draws: [], shortfall: 5 })
    expect(() => planDraw(-1, states)).toThrow('quantity drawn')
  })

  test('what an overdrawn jar owes is owed by the others', () => {
    const owing = lotsOf(
      'pva',
      [lot('old'), lot('new', 'pva', { date: '2026-05-01' })],
      balancesOf([move('old', 10), move('old', -30, { kind: 'draw' }), move('new', 50)]),
    )
    // 50 in the one, 20 owed by the other: 30 are there.
    expect(planDraw(40, owing)).toEqual({
      draws: [
        { lotId: 'new', quantity: 30, uncovered: false },
        { lotId: 'new', quantity: 10, uncovered: true },
      ],
      shortfall: 10,
    })
  })

  test('draws exactly what was asked wherever there is a lot', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (quantity) => {
        const drawn = planDraw(quantity, states).draws.reduce((sum, draw) => sum + draw.quantity, 0)
        expect(drawn).toBeCloseTo(quantity, 5)
      }),
    )
  })
})

describe('what batches have taken', () => {
  test('draws less what came back of them, since a day that counts; packs and counts are no use', () => {
    const on = (day: string, quantity: number, kind: Movement['kind']): Movement =>
      move('a', quantity, { id: `${day}${kind}${quantity}`, at: `${day}T20:00:00.000Z`, kind })
    const ledger = [
      on('2025-11-26', -50, 'draw'),
      on('2025-11-27', -8, 'draw'),
      on('2026-03-01', 100, 'receive'),
      on('2026-03-02', -30, 'draw'),
      on('2026-03-03', 12, 'reversal'),
      on('2026-03-04', -5, 'count'),
      on('2026-03-05', -100, 'reversal'),
    ]
    expect(takenSince(ledger, '2025-11-27')).toBe(8 + 30 - 12)
    expect(takenSince([], '2025-11-27')).toBe(0)
    expect(takenSince([on('2026-03-03', 12, 'reversal')], '2026-01-01')).toBe(0)
  })
})

describe('the ledger under any sequence of commands', () => {
  const command = fc.oneof(
    fc.record({ kind: fc.constant('receive' as const), quantity: fc.integer({ min: 1, max: 50 }) }),
    fc.record({
      kind: fc.constant('count' as const),
      lot: fc.nat(5),
      found: fc.integer({ min: 0, max: 60 }),
    }),
    fc.record({
      kind: fc.constant('end' as const),
      used: fc.integer({ min: 0, max: 70 }),
      agree: fc.boolean(),
    }),
    fc.record({ kind: fc.constant('undo' as const), batch: fc.nat(5) }),
  )

  test('no lot goes below nothing without an entry that says so, and what was drawn is what the runs used', () => {
    fc.assert(
      fc.property(fc.array(command, { maxLength: 25 }), (commands) => {
        const newId = ids('x')
        const lots: Lot[] = []
        const movements: Movement[] = []
        const used = new Map<string, number>()
        commands.forEach((c, i) => {
          const at = minutesAfter(i)
          const balances = balancesOf(movements)
          if (c.kind === 'receive') {
            const id = newId()
            lots.push(lot(id, 'pva', { madeAt: at }))
            movements.push(move(id, c.quantity, { id: newId(), at }))
          } else if (c.kind === 'count') {
            const target = lots[c.lot % Math.max(1, lots.length)]
            if (target)
              movements.push(
                move(target.id, countCorrection(c.found, balances.get(target.id)?.onHand ?? 0), {
                  id: newId(),
                  at,
                  kind: 'count',
                  counted: c.found,
                }),
              )
          } else if (c.kind === 'end') {
            const batchId = `batch${i}`
            const written = endingEntries({
              batch: { ...batch(), id: batchId },
              eventId: `end${i}`,
              kept: [],
              at,
              used: [{ materialId: 'pva', name: 'PVA', quantity: c.used }],
              lotsOf: (id) => lotsOf(id, lots, balances),
              newId,
              allowUncovered: c.agree,
            })
            if (written.kind === 'uncovered') {
              expect(c.agree).toBe(false)
              return
            }
            lots.push(...written.value.lots)
            movements.push(...written.value.movements)
            used.set(batchId, c.used)
          } else {
            const batchId = [...used.keys()][c.batch % Math.max(1, used.size)]
            if (batchId === undefined) return
            const eventId = batchId.replace('batch', 'end')
            if (used.get(batchId) === 0) return
            movements.push(...reversalEntries({ id: eventId, batchId }, movements, at, `undo${i}`, newId))
            used.set(batchId, 0)
          }
        })
        for (const [lotId, { onHand }] of balancesOf(movements)) {
          if (onHand < 0) expect(movements.some((m) => m.lotId === lotId && m.uncovered)).toBe(true)
        }
        for (const [batchId, quantity] of used) {
          const own = movements.filter((m) => m.batchId === batchId)
          const drawn = own.reduce((sum, m) => sum - m.quantity, 0)
          // What a count has settled does not come back; all else does.
          const settled = own.filter((m) => m.uncovered).reduce((sum, m) => sum - m.quantity, 0)
          if (quantity > 0) expect(drawn).toBeCloseTo(quantity, 6)
          else expect(drawn).toBeLessThanOrEqual(settled + 1e-6)
          expect(drawn).toBeGreaterThan(-1e-6)
        }
      }),
      { numRuns: 400 },
    )
  })

  test('material without a lot gets one that says it was not on record', () => {
    const written = endingEntries({
      batch: batch(),
      eventId: 'e',
      kept: [],
      at: NOON,
      used: [{ materialId: 'pva', name: 'PVA', quantity: 3 }],
      lotsOf: () => [],
      newId: ids('n'),
      allowUncovered: true,
    })
    expect(written.kind === 'ok' && written.value.lots[0]).toMatchObject({
      source: 'unrecorded',
      materialId: 'pva',
    })
    expect(written.kind === 'ok' && written.value.movements[0]).toMatchObject({
      quantity: -3,
      uncovered: true,
    })
  })
})

describe('the catalogue', () => {
  test.each(catalogue.map((row) => [row.id, row] as const))('the row %s is valid', (_id, row) => {
    expect(materialSchema.safeParse({ ...row, changedAt: NOON }).success).toBe(true)
  })

  test('states sum the lots of each material and leave out what was removed', () => {
    const [sprigs] = materials
    const states = stockStates(
      [sprigs!, { ...materials[1]!, removed: true }],
      [lot('s', 'sprigs'), lot('t', 'sprigs')],
      balancesOf([move('s', 30), move('t', 4)]),
    )
    expect(states.map(({ material, onHand }) => [material.id, onHand])).toEqual([['sprigs', 34]])
  })
})
