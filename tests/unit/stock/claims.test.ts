import {
  allocate,
  allocating,
  firstDue,
  lackWords,
  mergedNeeds,
  shortageOf,
  takersOf,
  type Claim,
} from '../../../core/stock'
import { stocked } from '../../support/workshop'

const shelf = (onHand: number, id = 'foam-fine-mid') =>
  stocked((material) => (material.id === id ? onHand : 1e6))
const claim = (id: string, quantity: number, over: Partial<Claim> = {}, lies?: number): Claim => ({
  id,
  who: id,
  order: 1,
  needs: [{ materialId: 'foam-fine-mid', quantity, ...(lies === undefined ? {} : { lies }) }],
  ...over,
})
const short = (claims: readonly Claim[], onHand: number) => {
  const { lacks, shortages } = allocate(claims, shelf(onHand))
  return { of: (id: string) => lacks.get(id)?.[0], all: shortages[0] }
}

describe('promises are needs', () => {
  test('a planned batch on an empty shelf is short of everything it takes', () => {
    const { of, all } = short([claim('batch', 50)], 0)
    expect(of('batch')).toMatchObject({ needed: 50, short: 50 })
    expect(all).toMatchObject({ short: 50, packs: 2 })
  })

  test('10 g on hand, 70 g promised and 5 g needed is 65 g short', () => {
    const { all } = short([claim('batch', 70, { running: true }), claim('line', 5)], 10)
    expect(all).toMatchObject({ onHand: 10, needed: 75, short: 65 })
  })

  test('two commissions that want one jar: the nearer deadline first, the other says what it lacks and who has it', () => {
    const { of } = short(
      [
        claim('later', 30, { due: '2026-12-20', who: 'Cold Saltings' }),
        claim('sooner', 25, { due: '2026-12-01', who: 'Kestrel Halt' }),
      ],
      40,
    )
    expect(of('sooner')).toBeUndefined()
    expect(of('later')).toMatchObject({ short: 15, heldBy: [{ who: 'Kestrel Halt' }] })
  })

  test('what is on the bench goes before any deadline; none is after all that have one', () => {
    const { of } = short(
      [
        claim('none', 30),
        claim('due', 30, { due: '2026-12-01' }),
        claim('bench', 30, { running: true, order: 9 }),
      ],
      60,
    )
    expect(of('bench')).toBeUndefined()
    expect(of('due')).toBeUndefined()
    expect(of('none')).toMatchObject({ short: 30 })
  })

  test('on an empty shelf nobody has it', () => {
    expect(short([claim('a', 5, { due: '2026-01-01' }), claim('b', 5)], 0).of('b')?.heldBy).toEqual([])
  })
})

describe('very many who want of one shelf', () => {
  const claims = Array.from({ length: 3000 }, (_, i) =>
    claim(`line-${String(i).padStart(4, '0')}`, 1, {
      order: i,
      ...(i % 3 === 0 ? { due: '2026-12-01' } : {}),
    }),
  )

  test('are served in turn; of those who hold it eight are named', () => {
    const { lacks, shortages } = allocate(claims, shelf(1500))
    expect(shortages[0]).toMatchObject({ needed: 3000, short: 1500 })
    // A thousand are due; of the others the first five hundred have some.
    expect(lacks.has('line-2997')).toBe(false)
    const [last] = lacks.get('line-2999') ?? []
    expect(last?.heldBy.map(({ id }) => id)).toEqual(
      [0, 3, 6, 9, 12, 15, 18, 21].map((i) => `line-${String(i).padStart(4, '0')}`),
    )
    expect(last?.heldByMore).toBe(2991)
  })

  test('are put in turn once for a list, and told by the first day that they are due', () => {
    expect(takersOf(claims)).toBe(takersOf(claims))
    expect(takersOf(claims).get('foam-fine-mid')).toHaveLength(3000)
    expect(firstDue(claims, ['foam-fine-mid'])).toBe('2026-12-01')
    expect(firstDue(claims, ['nothing'])).toBeUndefined()
  })

  test('a breath is taken for each material that is wanted, and what comes out is the same', () => {
    const work = allocating(claims, shelf(1500))
    let breaths = 0
    let next = work.next()
    for (; !next.done; next = work.next()) breaths += 1
    expect(breaths).toBe(1)
    expect(next.value).toEqual(allocate(claims, shelf(1500)))
  })
})

describe('the tray', () => {
  test('131 g must lie there and 70 are on the shelf: the tray is short, and it comes back', () => {
    const { of, all } = short([claim('batch', 30, {}, 131)], 70)
    expect(of('batch')).toMatchObject({ short: 0, shortOnTray: 61 })
    expect(all).toMatchObject({ short: 0, shortOnTray: 61, packs: 2 })
    expect(lackWords(of('batch')!, 'g')).toBe('tray short 61 g')
  })

  test('trays follow one another: what comes back lies on the next one', () => {
    const { all } = short([claim('a', 10, {}, 60), claim('b', 10, {}, 60)], 70)
    expect(all).toBeUndefined()
    // After the first, 60 are left; the second wants 65 there.
    expect(short([claim('a', 10, {}, 60), claim('b', 10, {}, 65)], 70).all).toMatchObject({ shortOnTray: 5 })
  })

  test('two coats from one jar in one batch add up, and the fuller tray counts', () => {
    const [need] = mergedNeeds([
      { materialId: 'x', quantity: 10, lies: 40 },
      { materialId: 'x', quantity: 5, lies: 8 },
    ])
    expect(need).toEqual({ materialId: 'x', quantity: 15, lies: 45 })
  })
})

describe('what can’t be weighed or poured is no shortage', () => {
  test.each([
    ['0.004 g', 5.004, 5, 'g', 0],
    ['0.05 g', 5.05, 5, 'g', 0],
    ['0.06 g', 5.06, 5, 'g', 0.06],
    ['half a hundredth of a large need', 1000, 995, 'g', 0],
    ['half a millilitre', 40.5, 40, 'ml', 0],
    ['a whole millilitre', 41, 40, 'ml', 1],
    ['one sprig of a thousand', 1000, 999, 'piece', 1],
  ] as const)('%s', (_what, need, there, unit, expected) => {
    expect(shortageOf(need, there, unit)).toBeCloseTo(expected, 6)
  })

  test('no pack is proposed for it', () => {
    expect(short([claim('a', 40.004)], 40).all).toBeUndefined()
  })
})
