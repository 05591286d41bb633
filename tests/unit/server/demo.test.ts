import { foldRun, isOpen } from '../../../core/batches'
import { balancesOf, shortages, stockStates } from '../../../core/stock'
import { makeUp, methodById, needsOf, pieceOf } from '../../../core/methods'
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

    test('has three commissions, finished batches, one at work, one window that is closing and one shortage', () => {
      expect(document.commissions.map(({ name }) => name)).toEqual([
        'Kestrel Halt',
        'Cold Saltings',
        'Olive Steps',
      ])
      expect(runs.filter(({ state }) => state.phase === 'finished').length).toBeGreaterThanOrEqual(4)
      expect(runs.filter((run) => isOpen(run)).length).toBe(2)
      const closing = runs.filter(
        ({ state }) =>
          state.round &&
          state.round.closesMs > Date.parse(now) &&
          state.round.closesMs < Date.parse(now) + 3_600_000,
      )
      expect(closing).toHaveLength(1)
      const states = stockStates(document.materials, document.lots, balancesOf(document.movements), new Map())
      const short = document.lines
        .filter(({ methodId }) => methodId)
        .filter((line) => {
          const commission = document.commissions.find(({ id }) => id === line.commissionId)!
          const { piece } = pieceOf(line, commission, speciesById(line.speciesId), commission.dateDepicted)
          return (
            shortages(
              needsOf(
                makeUp({
                  piece,
                  method: methodById(line.methodId!),
                  wanted: line.pieces,
                  states,
                  dryingFactor: 1,
                }).amounts,
              ),
              states,
            ).length > 0
          )
        })
      expect(short.length).toBeGreaterThan(0)
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
    expect(times.sort((a, b) => b.at.at(-1)!.localeCompare(a.at.at(-1)!)).map(({ name }) => name)).toEqual([
      'Young beech, tacky since yesterday',
      'Birch for the platform',
    ])
  }
})
