import { sortWays, wayOf, type Way } from '../../../core/makeup'
import { makeOrBuy, toolSaves } from '../../../core/buying'
import { plantMethodById } from '../../../core/methods'
import { ownableTools, registerId, registerOf } from '../../../core/tools'
import { NOON, stocked, workedOut } from '../../support/workshop'

describe('ways in order, and against buying', () => {
  const way = (id: string, over: Partial<Way>): Way => ({
    method: plantMethodById(id)!,
    suit: { verdict: 'possible', reasonsFor: [], reasonsAgainst: [] },
    up: workedOut('sprig-tree', {}),
    eachMin: 5,
    elapsedMin: 600,
    lacks: [],
    open: [],
    toolsMissing: [],
    ...over,
  })
  const ways = [
    way('sprig-tree', { eachMin: 3, costMinor: 90, elapsedMin: 900 }),
    way('wire-broadleaf', { eachMin: 120, elapsedMin: 1900, costMinor: 300 }),
    way('ready-tree', { eachMin: 1, elapsedMin: 40, costMinor: 200, open: ['Ready trees'] }),
    way('dowel-conifer', {
      eachMin: 0.1,
      costMinor: 1,
      suit: { verdict: 'unsuited', reasonsFor: [], reasonsAgainst: ['no'] },
    }),
    way('moulded-trunk', { suit: { verdict: 'suits', reasonsFor: [], reasonsAgainst: [] } }),
  ]
  const first = (by: Parameters<typeof sortWays>[1]) => sortWays(ways, by)[0]!.method.id
  test('by what matters; what does not suit is always last, what has no price after what has', () => {
    expect(first('suits')).toBe('moulded-trunk')
    expect(first('hands')).toBe('ready-tree')
    expect(first('cost')).toBe('sprig-tree')
    expect(first('soonest')).toBe('ready-tree')
    expect(first('toughest')).not.toBe('sprig-tree')
    expect(sortWays(ways, 'there').at(-2)!.method.id).toBe('ready-tree')
    for (const by of ['suits', 'hands', 'cost', 'soonest', 'toughest', 'there'] as const)
      expect(sortWays(ways, by).at(-1)!.method.id).toBe('dowel-conifer')
    expect(sortWays(ways, 'cost').at(-2)!.method.id).toBe('moulded-trunk')
  })
  test('making pays from so many pieces, at once, or never', () => {
    // A sander of 65 against a saving of 4 each: the seventeenth tree has paid it.
    expect(makeOrBuy(380, 780, 6500)).toEqual({ kind: 'pays from', pieces: 17, toolsMinor: 6500 })
    expect(makeOrBuy(380, 780, 0)).toEqual({ kind: 'makes at once', savedMinor: 400 })
    expect(makeOrBuy(800, 780, 0)).toEqual({ kind: 'never pays', dearerMinor: 20 })
  })
})

describe('when a tool pays', () => {
  const trees = { pieces: 10, costMinor: 120, boughtMinor: 400 }

  test('by what the lines that want it save: 10 trees at 2.80 each, a pot of 28.00 pays from 10', () => {
    expect(toolSaves(2800, [trees])).toEqual({ savedMinor: 2800, pieces: 10, paysFrom: 10 })
    expect(toolSaves(2801, [trees])!.paysFrom).toBe(11)
    // 1 500 of parts against 280 saved on each.
    expect(toolSaves(8500, [trees], 1500)).toMatchObject({ paysFrom: 31, homePaysFrom: 6 })
    expect(toolSaves(0, [trees])!.paysFrom).toBe(1)
  })

  test('over several lines the mean saving counts', () => {
    // 10 × 2.80 and 30 × 0.40: 40.00 over 40 pieces, 1.00 each.
    const bushes = { pieces: 30, costMinor: 10, boughtMinor: 50 }
    expect(toolSaves(2500, [trees, bushes])).toEqual({ savedMinor: 4000, pieces: 40, paysFrom: 25 })
  })

  test('a line that is dearer made than bought does not speak for it, nor one with nothing left to make', () => {
    expect(toolSaves(2800, [{ ...trees, boughtMinor: 100 }])).toBeUndefined()
    expect(toolSaves(2800, [{ ...trees, pieces: 0 }])).toBeUndefined()
    expect(toolSaves(2800, [])).toBeUndefined()
    expect(toolSaves(2800, [trees, { pieces: 99, costMinor: 500, boughtMinor: 20 }])!.pieces).toBe(10)
  })
})

describe('a way that has been worked out', () => {
  const method = plantMethodById('sprig-tree')!
  const of = (verdict: Way['suit']['verdict'], tools: Parameters<typeof wayOf>[2] = new Map()): Way =>
    wayOf(
      { method, suit: { verdict, reasonsFor: [], reasonsAgainst: [] }, up: workedOut('sprig-tree', {}) },
      stocked(() => 0),
      tools,
    )

  test('has its minutes for one, and what the shelf lacks; of one that does not suit nothing is lacked', () => {
    const { up, eachMin, elapsedMin, lacks } = of('suits')
    expect(eachMin * up.started.value).toBeCloseTo(up.handsMin.value, 9)
    expect(elapsedMin).toBe(up.elapsedMin.value)
    expect(lacks.length).toBeGreaterThan(2)
    expect(of('unsuited').lacks).toEqual([])
  })

  test('names the tools that are away', () => {
    const [peg] = ownableTools.filter(({ id }) =>
      of('suits').up.steps.some(({ tools }) => tools.includes(id)),
    )
    const away = {
      id: registerId(peg!.id),
      changedAt: NOON,
      have: 0,
      worn: 0,
      lent: [],
    }
    expect(of('suits').toolsMissing).toEqual([])
    expect(of('suits', registerOf([away])).toolsMissing.map(({ id }) => id)).toEqual([peg!.id])
  })
})
