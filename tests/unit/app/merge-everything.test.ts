import 'fake-indexeddb/auto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import fc from 'fast-check'
import type { CommandContext } from '../../../app/db/commands/context'
import { ensureWorkshop, mergeIntoWorkshop, readWorkshop } from '../../../app/db/commands/data'
import { WorkshopDb } from '../../../app/db/database'
import { foldRun } from '../../../core/batches'
import { balancesOf } from '../../../core/stock'
import { seededRandom } from '../../../core/units'
import { canonical } from '../../../core/workshop'
import { saveCommission, saveLine } from '../../../app/db/commands/brief'
import { commandNames, deeds } from '../../support/deeds'
import { Hand } from '../../support/hand'
import { commission, ids, line } from '../../support/workshop'

const COPIES = 3
let serial = 0
/** Copies of one workshop with one line, whose clocks agree, and the one shelf that they keep the books of. */
async function hands(random: () => number): Promise<Hand[]> {
  let second = 0
  const now = (): string => new Date(Date.UTC(2026, 9, 4, 12, 0, (second += 1))).toISOString()
  const shelf = new Map<string, number>()
  const all: Hand[] = []
  for (let i = 0; i < COPIES; i += 1) {
    serial += 1
    const prefix = `copy${serial}-`
    const context: CommandContext = { db: new WorkshopDb(`everything${serial}`), now, newId: ids(prefix) }
    await ensureWorkshop(context)
    all.push(new Hand(context, random, shelf, prefix))
  }
  const [first] = all as [Hand]
  await saveCommission(first.context, commission())
  await saveLine(first.context, line())
  for (const other of all.slice(1)) await send(first, other)
  return all
}
const send = async (from: Hand, to: Hand): Promise<void> => {
  await mergeIntoWorkshop(to.context, await readWorkshop(from.context))
}
const textOf = async ({ context }: Hand): Promise<string> =>
  canonical({ ...(await readWorkshop(context)), savedAt: '' })

/** Sends around until nobody learns anything new. @throws Error when that takes too long */
async function settle(all: readonly Hand[]): Promise<void> {
  for (let round = 0; round < 6; round += 1) {
    for (const from of all) for (const to of all) if (from !== to) await send(from, to)
    if (new Set(await Promise.all(all.map(textOf))).size === 1) return
  }
  throw new Error('the copies never come to the same')
}

/** What the lots hold by the ledger alone. */
async function heldBy({ context: { db } }: Hand): Promise<Map<string, number>> {
  const [movements, events] = [await db.movements.toArray(), await db.events.toArray()]
  const aside = (await db.batches.toArray()).flatMap((batch) =>
    foldRun(
      batch,
      events.filter(({ batchId }) => batchId === batch.id),
    ).setAside.map(({ id }) => id),
  )
  const balances = balancesOf(movements, new Set(aside))
  return new Map([...balances].map(([id, { onHand }]) => [id, onHand]))
}

async function history(seed: number): Promise<void> {
  const random = seededRandom(seed)
  const all = await hands(random)
  const names = Object.keys(deeds)
  const done: string[] = []
  try {
    for (let i = 0; i < 14; i += 1) {
      const who = Math.floor(random() * COPIES)
      const hand = all[who]!
      if (random() < 0.25) {
        const to = (who + 1 + Math.floor(random() * (COPIES - 1))) % COPIES
        await send(hand, all[to]!)
        done.push(`${who} sends to ${to}`)
      } else {
        const name = hand.of(names)
        const answer = await deeds[name]!(hand)
        done.push(`${who} ${name} ${(answer as { kind?: string } | undefined)?.kind ?? 'nothing'}`)
      }
    }
    await settle(all)
    const [first] = all as [Hand]
    const held = await heldBy(first)
    const known = new Map((await first.context.db.balances.toArray()).map(({ id, onHand }) => [id, onHand]))
    for (const [lotId, really] of first.shelf) expect([lotId, held.get(lotId)]).toEqual([lotId, really])
    for (const [lotId, onHand] of held) {
      expect(onHand).toBeGreaterThanOrEqual(0)
      expect([lotId, known.get(lotId)]).toEqual([lotId, onHand])
    }
  } catch (error) {
    throw new Error(`${done.join('; ')}: ${error instanceof Error ? error.message : String(error)}`, {
      cause: error,
    })
  } finally {
    for (const { context } of all) context.db.close()
  }
}

describe('merging whatever was done', () => {
  test('the registry has a deed for every command there is', () => {
    expect(Object.keys(deeds).sort()).toEqual([...commandNames].sort())
  })

  test('every module of commands is in the index that pages know them by', () => {
    const folder = join(__dirname, '../../../app/db/commands')
    const index = readFileSync(join(folder, 'index.ts'), 'utf8')
    // What they work with, and whole workshops, are no commands of a page.
    const others = ['context', 'data', 'index', 'planted', 'records', 'refused', 'runs']
    const modules = readdirSync(folder).map((file) => file.replace('.ts', ''))
    const listed = [...index.matchAll(/from '\.\/(\w+)'/g)].map(([, name]) => name)
    expect(listed.sort()).toEqual(modules.filter((name) => !others.includes(name)).sort())
  })

  test('each command can be done by chance, and is not always refused', async () => {
    const random = seededRandom(7)
    const [hand] = (await hands(random)) as [Hand]
    const taken = new Set<string>()
    for (let round = 0; round < 20 && taken.size < Object.keys(deeds).length; round += 1)
      for (const [name, deed] of Object.entries(deeds)) {
        const answer = (await deed(hand)) as { kind?: string } | undefined
        if (answer?.kind === 'ok') taken.add(name)
      }
    const never = Object.keys(deeds).filter((name) => !taken.has(name))
    expect(never).toEqual([])
    hand.context.db.close()
  })

  test('three copies that do whatever can be done, and are merged in any order, come to the same, and to the honest shelf', async () => {
    await fc.assert(fc.asyncProperty(fc.nat(), history), { numRuns: Number(process.env.HISTORIES ?? 12) })
  })
})
