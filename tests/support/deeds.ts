import * as commands from '../../app/db/commands'
import { bringBack } from '../../app/db/taken-away'
import { foldRun } from '../../core/batches'
import { shared } from '../../core/makeup'
import { speciesTable } from '../../core/plants'
import { priceBook, stockStates } from '../../core/stock'
import { writeMaterials } from '../../core/workshop'
import type { Hand } from './hand'
import { batch, commission, line } from './workshop'

/** What the commands export that changes nothing by itself. */
const NO_COMMANDS: ReadonlySet<string> = new Set([
  'tablesOfEnding',
  'tablesOfPlanning',
  'cameOf',
  'previewTable',
])
/** Every command there is: each has a deed below. */
export const commandNames: readonly string[] = [
  ...Object.keys(commands).filter((name) => !NO_COMMANDS.has(name)),
  'bringBack',
]

const { id: _id, madeAt: _madeAt, ...plain } = batch()
/** Batches here are of one step, and take glue of the honest shelf and nothing else. */
const draft = (lineId: string, name: string) => ({
  ...plain,
  name,
  lineId,
  plan: {
    ...plain.plan,
    steps: plain.plan.steps.slice(0, 1),
    amounts: [{ materialId: 'pva', label: 'Glue', quantity: 2, step: 'sort' }],
  },
})
const GLUE = 'pva'

/** One thing that is done by chance with each command. */
export const deeds: Readonly<Record<string, (hand: Hand) => Promise<unknown>>> = {
  // Bench
  planBatch: async (h) =>
    commands.planBatch(h.context, draft(await h.id('lines'), h.name()), { start: h.int(0, 1) === 1 }),
  doDeed: async (h) =>
    commands.doDeed(
      h.context,
      await h.id('batches'),
      h.of([
        { type: 'start' as const },
        { type: 'pieces' as const, step: h.int(0, 2), count: h.int(1, 5) },
        { type: 'pause' as const, reason: 'tea' },
      ]) as Parameters<typeof commands.doDeed>[2],
    ),
  endBatch: async (h) => {
    // A batch is ended at the bench that it was planned at: there is one of it.
    const own = await h.ownBatches()
    if (own.length === 0) return undefined
    await h.knownJars()
    const { id, pieces } = h.of(own)
    const used = [{ materialId: GLUE, quantity: h.int(1, 5) }]
    const through = h.int(0, 2) > 0
    if (through) {
      await commands.doDeed(h.context, id, { type: 'start' })
      await commands.doDeed(h.context, id, { type: 'pieces', step: 0, count: pieces })
    }
    return h.moving(() =>
      commands.endBatch(
        h.context,
        id,
        through
          ? { type: 'finish', tray: 'T1', date: h.day(), handsMin: 1, used }
          : { type: 'abandon', reason: 'the bell rang', handsMin: 1, used },
        false,
      ),
    )
  },
  undoDeed: async (h) => {
    const own = await h.ownBatches()
    const found = own.length > 0 ? h.of(own) : undefined
    if (!found) return undefined
    const run = foldRun(found, await h.context.db.events.where('batchId').equals(found.id).toArray())
    return h.moving(() => commands.undoDeed(h.context, found.id, run.history.at(-1)?.id ?? 'nobody'))
  },
  movePieces: async (h) =>
    commands.movePieces(h.context, {
      batchId: (await h.context.db.trayEntries.toArray()).at(-1)?.batchId ?? 'nobody',
      tray: 'T1',
      count: 1,
      from: 'to be planted',
      to: 'planted',
    }),
  plantOut: async (h) => commands.plantOut(h.context, await h.id('lines'), h.int(1, 3)),
  // Blends
  saveBlend: (h) =>
    commands.saveBlend(h.context, {
      name: h.name(),
      target: { kind: 'colour', colour: '#556b2f', from: 'typed' },
      use: 'crown',
      texture: 'any',
      parts: [{ materialId: 'foam-fine-mid', parts: h.int(1, 5) }],
      sealer: 'none',
    } as unknown as Parameters<typeof commands.saveBlend>[1]),
  changeBlend: async (h) => commands.changeBlend(h.context, await h.id('blends'), { name: h.name() }),
  saveBlends: (h) => commands.saveBlends(h.context, []),
  removeBlend: async (h) => commands.removeBlend(h.context, await h.id('blends')),
  saveTile: (h) =>
    commands.saveTile(h.context, {
      name: h.name(),
      parts: [{ materialId: 'foam-fine-mid', parts: 1 }],
      date: h.day(),
      ground: 'card',
      sealer: 'none',
    } as unknown as Parameters<typeof commands.saveTile>[1]),
  saveTiles: (h) => commands.saveTiles(h.context, []),
  removeTile: async (h) => commands.removeTile(h.context, await h.id('tiles')),
  savePalette: (h) =>
    commands.savePalette(h.context, { name: h.name(), colours: [{ name: 'moss', colour: '#556b2f' }] }),
  removePalette: async (h) => commands.removePalette(h.context, await h.id('palettes')),
  measureMaterial: async (h) =>
    commands.measureMaterial(h.context, await h.id('materials'), '#6b8e23', {
      date: h.day(),
      light: 'window',
    }),
  // Brief
  saveCommission: (h) =>
    commands.saveCommission(h.context, {
      ...commission({ name: h.name() }),
      id: h.of(['c1', 'c2', 'c3']),
    }),
  removeCommission: async (h) => commands.removeCommission(h.context, await h.id('commissions')),
  saveLine: async (h) => {
    const { id: _line, ...rest } = line({ commissionId: await h.id('commissions'), name: h.name() })
    return commands.saveLine(h.context, rest)
  },
  saveLines: async (h) => {
    const { id: _line, changedAt: _changed, order: _order, ...rest } = line({ name: h.name() })
    return commands.saveLines(h.context, await h.id('commissions'), [rest, rest])
  },
  moveLine: async (h) => commands.moveLine(h.context, await h.id('lines'), h.int(0, 4)),
  splitLine: async (h) =>
    commands.splitLine(
      h.context,
      await h.id('lines'),
      { pieces: 2, methodId: 'sprig-tree', zone: 'back' },
      h.int(2, 12),
    ),
  removeLine: async (h) => commands.removeLine(h.context, await h.id('lines')),
  removeKeepOut: async (h) => commands.removeKeepOut(h.context, await h.id('commissions'), 'k1'),
  changeCommission: async (h) =>
    commands.changeCommission(
      h.context,
      await h.id('commissions'),
      h.of([
        { name: h.name() },
        { dateDepicted: h.day() },
        { note: h.name() },
        {
          keepOuts: [
            {
              id: 'k1',
              kind: 'line' as const,
              widthMm: 40,
              points: [
                [0, 0],
                [400, 0],
              ],
            },
          ],
        },
      ]) as Parameters<typeof commands.changeCommission>[2],
    ),
  changeLine: async (h) =>
    commands.changeLine(
      h.context,
      await h.id('lines'),
      h.of([{ name: h.name() }, { zone: 'back' as const }, { note: h.name() }, { heightM: h.int(1, 30) }]),
    ),
  changeSettings: (h) => commands.changeSettings(h.context, { roomC: h.int(5, 30) }),
  substituteMaterial: async (h) =>
    commands.substituteMaterial(
      h.context,
      [{ lineId: await h.id('lines'), slot: 'canopy' }],
      await h.id('materials'),
    ),
  // Buying
  saveSupplier: (h) => commands.saveSupplier(h.context, { name: h.name(), days: 3, postageMinor: 300 }),
  removeSupplier: async (h) => commands.removeSupplier(h.context, await h.id('suppliers')),
  saveOffer: async (h) =>
    commands.saveOffer(h.context, {
      supplierId: await h.id('suppliers'),
      materialId: await h.id('materials'),
      packQuantity: 100,
      priceMinor: h.int(100, 900),
      stock: 'in stock',
      seen: h.day(),
      origin: 'typed',
    }),
  removeOffer: async (h) => commands.removeOffer(h.context, await h.id('offers')),
  takePriceList: async (h) =>
    commands.takePriceList(h.context, {
      supplierId: await h.id('suppliers'),
      listed: [
        {
          row: { article: 'A1', packQuantity: 100, priceMinor: h.int(100, 900), stock: 'in stock' },
          materialId: await h.id('materials'),
        },
      ] as unknown as Parameters<typeof commands.takePriceList>[1]['listed'],
      origin: 'file',
      seen: h.day(),
    }),
  sendOrders: async (h) =>
    commands.sendOrders(h.context, [
      {
        supplierId: await h.id('suppliers'),
        sent: '2026-10-01',
        expected: '2026-10-06',
        postageMinor: 300,
        lines: [{ materialId: GLUE, packs: 1, packQuantity: 100, priceMinor: 400 }],
      },
    ]),
  closeOrder: async (h) => commands.closeOrder(h.context, await h.id('orders'), h.of([undefined, h.day()])),
  receiveOrder: async (h) => {
    const orderId = await h.id('orders')
    // A parcel holds what it holds, whoever takes it in, and it comes once.
    if ((await h.context.db.lots.toArray()).some(({ order }) => order?.orderId === orderId)) return undefined
    const answer = await commands.receiveOrder(
      h.context,
      orderId,
      [{ line: 0, quantity: 100, label: 'a bottle' }],
      h.day(),
    )
    if (answer.kind === 'ok') for (const { id } of answer.value) if (!h.shelf.has(id)) h.shelf.set(id, 100)
    return answer
  },
  // Calendar
  savePerson: (h) => commands.savePerson(h.context, { name: h.name() }),
  removePerson: async (h) => commands.removePerson(h.context, await h.id('people')),
  saveTime: async (h) =>
    commands.saveTime(h.context, {
      kind: 'once',
      date: h.day(),
      from: '19:00',
      to: '21:00',
      people: [await h.id('people')],
    }),
  removeTime: async (h) => commands.removeTime(h.context, await h.id('times')),
  takeBusy: async (h) =>
    commands.takeBusy(h.context, [await h.id('people')], [
      {
        uid: `u${h.int(1, 3)}`,
        fromMs: Date.UTC(2026, 9, h.int(1, 28), 18),
        toMs: Date.UTC(2026, 9, 29, 20),
        why: 'choir',
      },
    ] as unknown as Parameters<typeof commands.takeBusy>[2]),
  keepLaying: async (h) => commands.keepLaying(h.context, [{ batchId: await h.id('batches'), works: [] }]),
  changeLaying: async (h) =>
    commands.changeLaying(
      h.context,
      await h.id('batches'),
      h.of([{ follows: await h.id('batches') }, { due: h.day() }, { follows: undefined }]) as Parameters<
        typeof commands.changeLaying
      >[2],
    ),
  takeExisting: async (h) =>
    commands.takeExisting(
      h.context,
      { materialId: 'old-pieces-medium', count: h.int(1, 9), label: h.name(), date: '2026-10-04' },
      draft(await h.id('lines'), h.name()),
    ),
  takeSpares: async (h) =>
    commands.takeSpares(
      h.context,
      {
        batchId: (await h.context.db.trayEntries.toArray()).at(-1)?.batchId ?? 'nobody',
        tray: 'T1',
        count: 1,
        note: h.name(),
      },
      draft(await h.id('lines'), h.name()),
    ),
  planPlanting: async (h) => {
    const lineId = await h.id('lines')
    const { lineId: _made, ...made } = draft(lineId, h.name())
    const steps = made.plan.steps.map((step) => ({ ...step, id: 'set' }))
    return commands.planPlanting(h.context, [
      { ...made, makes: { kind: 'planted', lineId }, plan: { ...made.plan, steps } },
    ])
  },
  planBatches: async (h) =>
    commands.planBatches(
      h.context,
      [draft(await h.id('lines'), h.name()), draft(await h.id('lines'), h.name())],
      { pilot: h.int(0, 1) === 1 },
    ),
  // Coefficients, harvest, species, tools
  setCoefficient: (h) => {
    const coefficient = h.of(Object.values(shared))
    return commands.setCoefficient(
      h.context,
      coefficient.id,
      h.of([undefined, coefficient.range[0], coefficient.range[1]]),
    )
  },
  saveHarvest: (h) =>
    commands.saveHarvest(h.context, {
      gather: 'flower-heads',
      materialId: 'flower-heads',
      quantity: h.int(10, 99),
      from: '2026-10-25',
      to: '2026-12-15',
      place: 'the lane',
      permission: 'given',
    }),
  changeHarvest: async (h) => commands.changeHarvest(h.context, await h.id('harvests'), { place: h.name() }),
  removeHarvest: async (h) => commands.removeHarvest(h.context, await h.id('harvests')),
  beginHarvest: async (h) => {
    const { lineId: _lineId, ...rest } = draft('', h.name())
    return commands.beginHarvest(h.context, await h.id('harvests'), rest)
  },
  saveSpecies: (h) =>
    commands.saveSpecies(h.context, {
      ...speciesTable[0]!,
      id: h.of(['mine-1', 'mine-2']),
      common: h.name(),
    }),
  removeSpecies: (h) => commands.removeSpecies(h.context, h.of(['mine-1', 'mine-2'])),
  saveTool: (h) =>
    commands.saveTool(h.context, {
      id: h.of(['t1', 't2']),
      name: h.name(),
      have: h.int(0, 9),
      lent: [],
      worn: 0,
    }),
  forgetTool: async (h) => commands.forgetTool(h.context, await h.id('tools')),
  // Stock
  saveMaterial: async (h) => {
    const stored = await h.context.db.materials.get(await h.id('materials'))
    if (!stored) return undefined
    const { changedAt: _changed, fieldsAt: _fields, removed: _removed, ...rest } = stored
    return commands.saveMaterial(h.context, { ...rest, name: h.name() })
  },
  receiveLot: async (h) => {
    const answer = await commands.receiveLot(h.context, {
      materialId: GLUE,
      source: 'bought',
      label: h.name(),
      date: h.day(),
      quantity: 50,
    })
    if (answer.kind === 'ok') h.shelf.set(answer.value.id, 50)
    return answer
  },
  sortBox: async (h) => {
    const { db } = h.context
    const date = h.day()
    const box = { materialId: 'sprigs', source: 'bought' as const, label: h.name(), date, quantity: 20 }
    const bought = await commands.receiveLot(h.context, box)
    if (bought.kind === 'none') return bought
    const balances = new Map((await db.balances.toArray()).map((row) => [row.id, row]))
    const lots = await db.lots.toArray()
    const materials = (await db.materials.toArray()).filter(({ id }) => id === 'sprigs')
    const [state] = stockStates(
      materials,
      lots,
      balances,
      priceBook(lots, balances, () => new Map()),
    )
    const heaps = [{ fromMm: 80, toMm: 100, count: h.int(1, 40) }]
    return (
      state && commands.sortBox(h.context, bought.value.id, { heaps, curved: 0, leftIn: h.int(0, 10) }, state)
    )
  },
  countLot: async (h) => {
    const known = await h.knownJars()
    if (known.length === 0) return undefined
    const lotId = h.of(known)
    return commands.countLot(h.context, lotId, h.shelf.get(lotId) ?? 0)
  },
  countLots: async (h) => {
    const found = (await h.knownJars()).map((lotId) => ({
      lotId,
      counted: h.shelf.get(lotId) ?? 0,
      books: h.shelf.get(lotId) ?? 0,
    }))
    return commands.countLots(h.context, found)
  },
  saveMark: async (h) => commands.saveMark(h.context, { id: await h.id('lots'), shelf: h.name() }),
  // Tables, and what was taken away
  takeTable: async (h) =>
    commands.takeTable(
      h.context,
      'materials',
      writeMaterials((await h.context.db.materials.toArray()).slice(0, 2)),
      h.day(),
    ),
  bringBack: async (h) => bringBack(h.context, await h.id('takenAway')),
}
