import {
  foldRun,
  needsOfBatch,
  progressOf,
  proposedKept,
  proposedUse,
  type Batch,
  type BatchYield,
  type BatchAction,
} from '../../../core/batches'
import { batch, pieces, play } from '../../support/workshop'

const five = batch()
const finish: BatchAction = { type: 'finish', tray: 'T1', date: '2026-10-04', handsMin: 20, used: [] }

const all = (step: number, count = 5): BatchAction => ({ type: 'pieces', step, count })

describe('what a batch takes', () => {
  test('measured where it was weighed, planned by what has been done elsewhere', () => {
    const events = play(five, [
      { type: 'start' },
      all(0),
      { type: 'pieces', step: 1, count: 2 },
      { type: 'use', materialId: 'hairspray', quantity: 3 },
    ])
    const uses = proposedUse(five, foldRun(five, events))
    expect(uses.find((u) => u.materialId === 'sprigs')).toMatchObject({ planned: 5, proposed: 5 })
    expect(uses.find((u) => u.materialId === 'foam-fine-mid')?.proposed).toBeCloseTo(8 * 0.4)
    expect(uses.find((u) => u.materialId === 'hairspray')).toMatchObject({
      planned: 10,
      measured: 3,
      proposed: 3,
    })
  })

  test('a batch needs what it planned; of a bath that is kept only what leaves, though all of it must stand there', () => {
    expect(needsOfBatch(five)).toContainEqual({ materialId: 'foam-fine-mid', quantity: 8, lies: 8 })
    const soaked = batch()
    const kept: Batch = {
      ...soaked,
      plan: {
        ...soaked.plan,
        amounts: [
          {
            materialId: 'matte-medium',
            label: 'Medium',
            quantity: 83,
            leaves: 16.6,
            step: 'sort',
            once: true,
          },
        ],
        yields: [
          {
            label: 'Bath',
            source: 'home-made',
            materialId: 'soaking-bath',
            quantity: 400,
            material: {
              name: 'Bath',
              unit: 'ml',
              of: { stuff: 'mixture', parts: [{ name: 'Water', parts: 5 }] },
            },
            shares: [{ materialId: 'matte-medium', share: 0.8 }],
          },
        ],
      },
    }
    const [need] = needsOfBatch(kept)
    expect(need).toMatchObject({ materialId: 'matte-medium', lies: 83 })
    expect(need!.quantity).toBeCloseTo(16.6, 9)
  })

  test('nothing is proposed before it began; a batch that stopped early used what it reached', () => {
    expect(proposedUse(five, foldRun(five, [])).every(({ proposed }) => proposed === 0)).toBe(true)
    const three = foldRun(five, play(five, [{ type: 'start' }, { type: 'pieces', step: 0, count: 3 }]))
    expect(proposedUse(five, three).map(({ proposed }) => proposed)).toEqual([3, 0, 0])
  })

  test('progress counts trays and what is in hand', () => {
    const done = foldRun(
      five,
      play(five, [
        { type: 'start' },
        { type: 'reject', step: 0, count: 1, reason: 'x' },
        all(0, 4),
        all(1, 4),
        { type: 'advance', step: 1, early: true },
        all(2, 4),
        finish,
      ]),
    )
    expect(progressOf(pieces(12), [five], new Map([['b1', done]]), new Map([['b1', 4]]))).toEqual({
      wanted: 12,
      good: 4,
      inHand: 0,
      left: 8,
    })
    expect(progressOf(pieces(12), [five], new Map([['b1', foldRun(five, [])]]), new Map())).toEqual({
      wanted: 12,
      good: 0,
      inHand: 4,
      left: 8,
    })
    // Bushes of a hedge are so many millimetres of it; a batch made for pieces does not count towards a length.
    const hedge = batch({ makes: { kind: 'length', mmEach: 15 } })
    const wanted = { kind: 'length', lengthMm: 300, section: 'free' } as const
    expect(progressOf(wanted, [hedge, five], new Map(), new Map([['b1', 8]]))).toMatchObject({
      good: 120,
      left: 180,
    })
  })
})

describe('what is kept of a batch', () => {
  const given = (over: Partial<BatchYield>): BatchYield => ({
    label: 'Curved ones',
    source: 'by-product',
    materialId: 'curved-sprigs',
    quantity: 4,
    material: { name: 'Curved ones', unit: 'piece', of: { stuff: 'other' } },
    shares: [],
    ...over,
  })
  const kept = (of: Batch, deeds: BatchAction[]): number | undefined =>
    proposedKept(of, foldRun(of, play(of, deeds)))[0]?.quantity
  const keeping = (row: BatchYield, over: Partial<Batch> = {}): Batch => {
    const made = batch(over)
    return { ...made, plan: { ...made.plan, ...over.plan, yields: [row] } }
  }
  const done: BatchAction[] = [
    { type: 'start' },
    all(0),
    all(1),
    { type: 'advance', step: 1, early: true },
    all(2),
  ]

  test('by-products by the share of the pieces that got so far', () => {
    const trees = keeping(given({}))
    expect(kept(trees, [{ type: 'start' }])).toBe(0)
    // Two of five have been through the step that uses most: two fifths of four, whole ones only.
    expect(kept(trees, [{ type: 'start' }, { type: 'pieces', step: 0, count: 2 }])).toBe(1)
    expect(kept(trees, done)).toBe(4)
  })

  test('a bath whole, as soon as what it is mixed of has been poured', () => {
    const dipped = keeping(given({ quantity: 400, shares: [{ materialId: 'hairspray', share: 0.8 }] }))
    expect(kept(dipped, [{ type: 'start' }, all(0)])).toBe(0)
    expect(kept(dipped, [{ type: 'start' }, all(0), { type: 'pieces', step: 1, count: 1 }])).toBe(400)
  })

  test('a harvest, which draws nothing, when all is done and not before', () => {
    const { plan } = batch()
    const gathered = keeping(given({ source: 'harvested', quantity: 150 }), {
      makes: { kind: 'stock' },
      plan: { ...plan, amounts: [] },
    })
    expect(kept(gathered, [{ type: 'start' }, all(0)])).toBe(0)
    expect(kept(gathered, done)).toBe(150)
  })
})
