import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { mergeIntoWorkshop, readWorkshop } from '../../../app/db/commands/data'
import { countLot, receiveLot } from '../../../app/db/commands/stock'
import type { CommandContext } from '../../../app/db/commands/context'
import { bookMovements } from '../../../app/db/derived'
import { canonical } from '../../../core/workshop'
import { bench, value } from '../../support/commands'

/** Copies of one workshop, whose clocks agree: what is done first is earlier everywhere. */
async function copies(count: number): Promise<{ all: CommandContext[]; lotId: string }> {
  let minute = 0
  const at = (): string => new Date(Date.UTC(2026, 9, 4, 12, (minute += 1))).toISOString()
  const all: CommandContext[] = []
  for (let i = 0; i < count; i += 1) all.push({ ...(await bench()), now: at })
  const lot = value(
    await receiveLot(all[0]!, {
      materialId: 'pva',
      source: 'bought',
      label: 'a jar',
      date: '2026-10-01',
      quantity: 100,
    }),
  )
  for (const other of all.slice(1)) await exchange(all[0]!, other)
  return { all, lotId: lot.id }
}
const exchange = async (from: CommandContext, to: CommandContext): Promise<void> => {
  await mergeIntoWorkshop(to, await readWorkshop(from))
}
const draw = ({ db, now, newId }: CommandContext, lotId: string, quantity: number): Promise<void> =>
  db.transaction('rw', [db.movements, db.balances, db.setAside], () =>
    bookMovements(
      (name) => db.table(name),
      [{ id: newId(), at: now(), lotId, kind: 'draw', quantity: -quantity }],
    ),
  )
const onHand = async ({ db }: CommandContext, lotId: string): Promise<number> =>
  (await db.balances.get(lotId))!.onHand

describe('counts are observations', () => {
  test('two copies count the same jar and find 5: merged it holds 5', async () => {
    const { all, lotId } = await copies(2)
    const [one, two] = all as [CommandContext, CommandContext]
    await draw(one, lotId, 64.71)
    await exchange(one, two)
    value(await countLot(one, lotId, 5))
    value(await countLot(two, lotId, 5))
    await exchange(one, two)
    await exchange(two, one)
    expect([await onHand(one, lotId), await onHand(two, lotId)]).toEqual([5, 5])
  })

  test('what another copy drew before the count is in what was found; what it drew after is not', async () => {
    const { all, lotId } = await copies(2)
    const [one, two] = all as [CommandContext, CommandContext]
    await draw(two, lotId, 30)
    value(await countLot(one, lotId, 70))
    await draw(two, lotId, 8)
    await exchange(one, two)
    await exchange(two, one)
    expect([await onHand(one, lotId), await onHand(two, lotId)]).toEqual([62, 62])
  })

  test('a clock that is set back changes nothing for what one copy did itself', async () => {
    const { all, lotId } = await copies(1)
    const [one] = all as [CommandContext]
    value(await countLot(one, lotId, 40))
    const back = { ...one, now: () => '2026-10-01T00:00:00.000Z' }
    await draw(back, lotId, 10)
    expect(await onHand(one, lotId)).toBe(30)
    value(await countLot(back, lotId, 12))
    await draw(back, lotId, 2)
    expect(await onHand(one, lotId)).toBe(10)
  })

  test('three copies of one honest shelf, whatever they do and whoever sends whom what: the books hold what it holds', async () => {
    const deed = fc.oneof(
      fc.record({
        do: fc.constant('draw' as const),
        who: fc.nat(2),
        quantity: fc.integer({ min: 1, max: 9 }),
      }),
      fc.record({ do: fc.constant('count' as const), who: fc.nat(2) }),
      fc.record({ do: fc.constant('send' as const), who: fc.nat(2), to: fc.nat(2) }),
    )
    await fc.assert(
      fc.asyncProperty(fc.array(deed, { minLength: 3, maxLength: 14 }), async (deeds) => {
        const { all, lotId } = await copies(3)
        let shelf = 100
        for (const one of deeds) {
          const copy = all[one.who]!
          if (one.do === 'draw') {
            const quantity = Math.min(one.quantity, shelf)
            if (quantity === 0) continue
            await draw(copy, lotId, quantity)
            shelf -= quantity
          } else if (one.do === 'count') value(await countLot(copy, lotId, shelf))
          else await exchange(copy, all[one.to]!)
        }
        for (const from of all) for (const to of all) if (from !== to) await exchange(from, to)
        for (const copy of all) expect(await onHand(copy, lotId)).toBe(shelf)
        const texts = await Promise.all(
          all.map(async (copy) => canonical({ ...(await readWorkshop(copy)), savedAt: '' })),
        )
        expect(new Set(texts).size).toBe(1)
        for (const { db } of all) db.close()
      }),
      { numRuns: 10 },
    )
  }, 60_000)
})
