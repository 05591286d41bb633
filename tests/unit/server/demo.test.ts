import { foldRun, isOpen } from '../../../core/batches'
import { allocate, balancesOf, stockStates, type Claim } from '../../../core/stock'
import { jobOf, makeUp, needsOf } from '../../../core/makeup'
import { pieceOf } from '../../../core/commissions'
import { plantMethodById } from '../../../core/methods'
import { speciesById } from '../../../core/plants'
import { readWorkshopFile, writeWorkshopFile } from '../../../core/workshop'
import { buildDemo } from '../../../server/demo/build'

describe.each(['2026-11-25T08:00:00.000Z', '2027-02-28T23:59:00.000Z', '2028-07-01T12:00:00.000Z'])(
  'the demo workshop on %s',
  (now) => {
    const document = buildDemo(Date.parse(now))
    const runs = document.batches.map((batch) =>
      foldRun(
        batch,
        document.events.filter(({ batchId }) => batchId === batch.id),
      ),
    )

    test('is a valid workshop, with nothing set aside and nothing from the future', () => {
      expect(readWorkshopFile(writeWorkshopFile(document))).toMatchObject({ kind: 'ok' })
      expect(runs.every(({ setAside }) => setAside.length === 0)).toBe(true)
      expect(document.events.every(({ at }) => at <= now)).toBe(true)
      expect(document.movements.every(({ at }) => at <= now)).toBe(true)
    })

    test('has four commissions, finished batches, one at work, one window that is closing and one shortage', () => {
      expect(document.commissions.map(({ name }) => name)).toEqual([
        'Kestrel Halt',
        'Cold Saltings',
        'Olive Steps',
        'Mill Leat',
      ])
      expect(runs.filter(({ state }) => state.phase === 'finished').length).toBeGreaterThanOrEqual(4)
      const open = runs.filter((run) => isOpen(run))
      expect([open.filter(({ state }) => state.begun).length, open.length]).toEqual([3, 5])
      const closing = runs.filter(
        ({ state: { followByMs = 0 } }) =>
          followByMs > Date.parse(now) && followByMs < Date.parse(now) + 3_600_000,
      )
      expect(closing).toHaveLength(1)
      const states = stockStates(document.materials, document.lots, balancesOf(document.movements))
      const claims = document.lines.flatMap((line, order): Claim[] => {
        const method = plantMethodById(line.methodId ?? '')
        const commission = document.commissions.find(({ id }) => id === line.commissionId)!
        if (!method) return []
        const { piece } = pieceOf(line, commission, speciesById(line.speciesId), commission.dateDepicted)
        const up = makeUp({ job: jobOf(line, piece), method, states, dryingFactor: 1 })
        return [{ id: line.id, who: line.name, order, needs: needsOf(up.uses) }]
      })
      expect(allocate(claims, states).shortages.length).toBeGreaterThan(0)
    })

    test('has a hedge in metres and an area of meadow, each with a way of making', () => {
      const kinds = document.lines.filter(({ methodId }) => methodId).map(({ amount }) => amount.kind)
      expect(kinds).toEqual(expect.arrayContaining(['length', 'area', 'pieces']))
    })

    test('keeps baths: a tub of one batch is drawn on by the next', () => {
      const bath = document.lots.filter(({ materialId }) => materialId === 'soaking-bath')
      expect(bath.length).toBeGreaterThanOrEqual(2)
      expect(document.movements.some(({ lotId, kind }) => lotId === bath[0]!.id && kind === 'draw')).toBe(
        true,
      )
    })

    test('has a harvest due, one to come, and one that came short', () => {
      const today = now.slice(0, 10)
      const due = document.harvests.find(({ id }) => id === 'harvest-due')!
      expect(due.from <= today && today <= due.to).toBe(true)
      expect(document.harvests.find(({ id }) => id === 'harvest-bed')!.from > today).toBe(true)
      const lot = document.lots.find(({ harvestId }) => harvestId === 'harvest-last')!
      expect(balancesOf(document.movements).get(lot.id)!.received).toBe(60)
    })

    test('no lot of it is below nothing', () => {
      for (const { onHand } of balancesOf(document.movements).values())
        expect(onHand).toBeGreaterThanOrEqual(0)
    })
  },
)

test('at any hour of the day the batch with the closing window is the one touched last, its events in order', () => {
  for (let hour = 0; hour < 24; hour += 1) {
    const now = Date.parse('2026-11-25T00:10:00.000Z') + hour * 3_600_000
    const document = buildDemo(now)
    const open = document.batches.filter((batch) =>
      isOpen(
        foldRun(
          batch,
          document.events.filter(({ batchId }) => batchId === batch.id),
        ),
      ),
    )
    const times = open.map(({ id, name }) => ({
      name,
      at: document.events.filter(({ batchId }) => batchId === id).map(({ at }) => at),
    }))
    for (const { at } of times) expect([...at].sort()).toEqual(at)
    // Batches that are only planned have not been touched.
    const touched = times.filter(({ at }) => at.length > 0)
    const names = touched.sort((a, b) => b.at.at(-1)!.localeCompare(a.at.at(-1)!)).map(({ name }) => name)
    expect(names[0]).toBe('Young beech, tacky since yesterday')
    expect(names.slice(1).sort()).toEqual(['Birch for the platform', 'Couch, patch by patch'])
  }
})
