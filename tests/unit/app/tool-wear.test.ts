import 'fake-indexeddb/auto'
import type { Batch } from '../../../core/batches'
import { registerId } from '../../../core/tools'
import { doDeed, endBatch, undoDeed } from '../../../app/db/commands/bench'
import type { CommandContext } from '../../../app/db/commands/context'
import { saveTool } from '../../../app/db/commands/tools'
import { bench, withBatch } from '../../support/commands'
import { batch } from '../../support/workshop'

/** A batch whose first step is a coat of latex. */
const latex = (): Partial<Batch> => {
  const { plan } = batch()
  return {
    plan: {
      ...plan,
      steps: plan.steps.map((step, i) =>
        i === 0 ? { ...step, tools: ['old brush'], cautions: ['latex'] } : step,
      ),
    },
  }
}
const drop = { type: 'abandon' as const, reason: 'the bell rang', handsMin: 1, used: [], kept: [] }
const brushes = (context: CommandContext) => context.db.tools.get(registerId('old brush'))

describe('tools that work ruins', () => {
  async function begun(have?: number) {
    const context = await bench()
    if (have !== undefined) await saveTool(context, { id: registerId('old brush'), have, lent: [], worn: 0 })
    const made = await withBatch(context, latex())
    return { context, made }
  }

  test('a brush is written off when the batch ends, once its latex has been begun; undone, it is whole again', async () => {
    const { context, made } = await begun(6)
    await doDeed(context, made.id, { type: 'pieces', step: 0, count: 1 })
    const ended = await endBatch(context, made.id, drop, false)
    expect((await brushes(context))?.worn).toBe(1)
    await undoDeed(context, made.id, ended.kind === 'ok' ? ended.value.id : '')
    expect((await brushes(context))?.worn).toBe(0)
  })

  test('nothing is written off where the latex was not begun, or nothing is said of brushes', async () => {
    const early = await begun(6)
    await endBatch(early.context, early.made.id, drop, false)
    expect((await brushes(early.context))?.worn).toBe(0)
    const unsaid = await begun()
    await doDeed(unsaid.context, unsaid.made.id, { type: 'pieces', step: 0, count: 1 })
    expect(await endBatch(unsaid.context, unsaid.made.id, drop, false)).toMatchObject({ kind: 'ok' })
    expect(await brushes(unsaid.context)).toBeUndefined()
  })

  test('no more are worn than there are', async () => {
    const { context, made } = await begun(0)
    await doDeed(context, made.id, { type: 'pieces', step: 0, count: 1 })
    await endBatch(context, made.id, drop, false)
    expect((await brushes(context))?.worn).toBe(0)
  })
})
