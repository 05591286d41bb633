import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { foldRun, isOpen, type BatchAction } from '../../../core/batches'
import { balancesOf } from '../../../core/stock'
import { canonical, mergeWorkshops, readWorkshopFile, writeWorkshopFile } from '../../../core/workshop'
import { doDeed, endBatch, planBatch, undoDeed } from '../../../app/db/commands/bench'
import { saveCommission, saveLine } from '../../../app/db/commands/brief'
import { ensureWorkshop, readWorkshop } from '../../../app/db/commands/data'
import { countLot, receiveLot } from '../../../app/db/commands/stock'
import { WorkshopDb } from '../../../app/db/database'
import { batch, commission, ids, line, minutesAfter } from '../../support/workshop'

const used = fc.array(
  fc.record({
    materialId: fc.constantFrom('sprigs', 'foam-fine-mid', 'hairspray'),
    quantity: fc.integer({ min: 0, max: 30 }),
  }),
  { maxLength: 2 },
)
const action = fc.oneof(
  fc.record({
    do: fc.constant('receive' as const),
    materialId: fc.constantFrom('sprigs', 'foam-fine-mid', 'hairspray'),
    quantity: fc.integer({ min: 1, max: 40 }),
  }),
  fc.record({ do: fc.constant('count' as const), found: fc.integer({ min: 0, max: 40 }), which: fc.nat(4) }),
  fc.record({ do: fc.constant('plan' as const), start: fc.boolean() }),
  fc.record({
    do: fc.constant('deed' as const),
    deed: fc.oneof(
      fc.record({
        type: fc.constant('pieces' as const),
        step: fc.nat(2),
        count: fc.integer({ min: 1, max: 5 }),
      }),
      fc.record({ type: fc.constant('advance' as const), step: fc.nat(2), early: fc.constant(true) }),
      fc.record({
        type: fc.constant('reject' as const),
        step: fc.nat(2),
        count: fc.constant(1),
        reason: fc.constant('broke'),
      }),
      fc.constantFrom({ type: 'start' as const }, { type: 'pause' as const }, { type: 'resume' as const }),
    ),
  }),
  fc.record({ do: fc.constant('end' as const), used, agree: fc.boolean() }),
  fc.record({ do: fc.constant('undo' as const) }),
)

let serial = 0

test('whatever a maker does, the workshop stays a valid file, and no lot is below nothing without saying so', async () => {
  await fc.assert(
    fc.asyncProperty(fc.array(action, { minLength: 5, maxLength: 25 }), async (actions) => {
      serial += 1
      let minute = 0
      const context = {
        db: new WorkshopDb(`s${serial}`),
        now: () => minutesAfter((minute += 1)),
        newId: ids(`s${serial}-`),
      }
      await ensureWorkshop(context)
      await saveCommission(context, commission())
      await saveLine(context, line())
      const { id: _id, madeAt: _madeAt, ...draft } = batch()
      let latest: string | undefined
      for (const act of actions) {
        if (act.do === 'receive')
          await receiveLot(context, {
            materialId: act.materialId,
            source: 'bought',
            label: 'pack',
            date: '2026-10-01',
            quantity: act.quantity,
          })
        else if (act.do === 'count') {
          const lots = await context.db.lots.toArray()
          const lot = lots[act.which % Math.max(1, lots.length)]
          if (lot) await countLot(context, lot.id, act.found)
        } else if (act.do === 'plan') {
          const planned = await planBatch(context, draft, { start: act.start })
          if (planned.kind === 'ok') latest = planned.value.id
        } else if (latest === undefined) continue
        else if (act.do === 'deed') await doDeed(context, latest, act.deed)
        else if (act.do === 'end') {
          const run = foldRun(
            (await context.db.batches.get(latest))!,
            await context.db.events.where('batchId').equals(latest).toArray(),
          )
          const deed: Extract<BatchAction, { type: 'finish' | 'abandon' }> =
            run.state.phase === 'done'
              ? { type: 'finish', tray: 'T', date: '2026-10-04', handsMin: 1, used: act.used }
              : { type: 'abandon', reason: 'x', handsMin: 1, used: act.used }
          await endBatch(context, latest, deed, act.agree)
        } else {
          const run = foldRun(
            (await context.db.batches.get(latest))!,
            await context.db.events.where('batchId').equals(latest).toArray(),
          )
          const last = run.history.at(-1)
          if (last) await undoDeed(context, latest, last.id)
        }
      }
      const document = await readWorkshop(context)
      expect(readWorkshopFile(writeWorkshopFile(document))).toMatchObject({ kind: 'ok' })
      expect(canonical(mergeWorkshops(document, document))).toBe(canonical(document))
      // What is kept beside the records is what they add up to.
      const stored = new Map((await context.db.balances.toArray()).map(({ id, ...row }) => [id, row]))
      expect(stored).toEqual(balancesOf(document.movements))
      const open = await context.db.openBatches.toCollection().primaryKeys()
      expect(open.sort()).toEqual(
        document.batches
          .filter((made) =>
            isOpen(
              foldRun(
                made,
                document.events.filter(({ batchId }) => batchId === made.id),
              ),
            ),
          )
          .map(({ id }) => id)
          .sort(),
      )
      for (const [lotId, { onHand }] of balancesOf(document.movements))
        if (onHand < 0) expect(document.movements.some((m) => m.lotId === lotId && m.uncovered)).toBe(true)
      for (const made of document.batches) {
        const run = foldRun(
          made,
          document.events.filter(({ batchId }) => batchId === made.id),
        )
        expect(run.setAside).toEqual([])
        const drawn = new Map<string, number>()
        for (const { batchId, lotId, quantity } of document.movements)
          if (batchId === made.id) {
            const materialId = document.lots.find(({ id }) => id === lotId)!.materialId
            drawn.set(materialId, (drawn.get(materialId) ?? 0) - quantity)
          }
        const told = new Map<string, number>()
        for (const { materialId, quantity } of run.state.outcome?.used ?? [])
          told.set(materialId, (told.get(materialId) ?? 0) + quantity)
        const settled = document.movements.some(({ kind }) => kind === 'count')
        for (const materialId of new Set([...drawn.keys(), ...told.keys()]))
          if (!settled) expect(drawn.get(materialId) ?? 0).toBeCloseTo(told.get(materialId) ?? 0, 6)
          else expect(drawn.get(materialId) ?? 0).toBeGreaterThan((told.get(materialId) ?? 0) - 1e-6)
      }
      context.db.close()
    }),
    { numRuns: 40 },
  )
}, 60_000)
