import { foldRun, goodOnTrays, logEntry, progressOf, readLedger, traysOf } from '../../../core/batches'
import { jobOf, makeUp, needsOf } from '../../../core/makeup'
import { pieceOf } from '../../../core/commissions'
import { plantMethodById } from '../../../core/methods'
import { bedsOf, boardOf, planPlanting } from '../../../core/planting'
import { speciesById, speciesTable } from '../../../core/plants'
import { allocate, balancesOf, priceBook, stockStates } from '../../../core/stock'
import { seededRandom, type Random } from '../../../core/units'
import { plainSpecies, readWorkshopFile, type WorkshopDocument } from '../../../core/workshop'
import { cardOrderSchema } from '../../../server/cards/order'
import { planOrderSchema } from '../../../server/plans/order'
import { buildDemo } from '../../../server/demo/build'

type Json = null | boolean | number | string | Json[] | { [key: string]: Json }

const demo = buildDemo(Date.parse('2026-11-25T08:00:00.000Z'))
const copySpecies = { ...speciesTable[0]!, id: 'own-beech', changedAt: demo.savedAt }
/** Of the five hundred offers some: the rest of the file is then spoilt as often as it should be. */
const whole = JSON.stringify({ ...demo, offers: demo.offers.slice(0, 20), species: [copySpecies] })

/**
 * Values that well-formed but bad files have held, and what else could stand for a number, a text, a date or
 * a reference.
 */
const BAD: readonly Json[] = [
  null,
  true,
  '',
  ' ',
  0,
  -1,
  0.5,
  1e-300,
  1e300,
  -1e300,
  1e6,
  10_001,
  2 ** 53,
  '0',
  'x',
  '__proto__',
  'constructor',
  'magic',
  '2026-02-30',
  '2026-02-30T10:00:00.000Z',
  '9999-12-31T23:59:59.999Z',
  '02-30',
  '#zzzzzz',
  '#ABCDEF',
  'mine',
  [],
  {},
  [null],
  'x'.repeat(5000),
  '\u0000',
  '\ud800',
  '漢字 عربى 🌳',
]

/** Changes one place in a document: a leaf, a list, or a record, taken from anywhere in it. */
function spoil(document: { [key: string]: Json }, random: Random): string {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  let at: Json = document
  const path: string[] = []
  for (;;) {
    const keys: string[] = Array.isArray(at) ? at.map((_, i) => String(i)) : Object.keys(at as object)
    if (keys.length === 0) return path.join('.')
    const key: string = pick(keys)
    path.push(key)
    const holder = at as { [key: string]: Json }
    const next: Json = holder[key]!
    const deeper: boolean = next !== null && typeof next === 'object' && random() < 0.92
    if (deeper) {
      at = next
      continue
    }
    const way = random()
    if (way < 0.12) delete holder[key]
    else if (way < 0.18) holder[`${key}2`] = next
    else if (way < 0.24 && Array.isArray(next)) holder[key] = [...next, ...next]
    else if (way < 0.34 && typeof next === 'number') holder[key] = next * pick([-1, 1e3, 1e-3, 1e9])
    else holder[key] = pick(BAD)
    return path.join('.')
  }
}

/**
 * Works out all that the stations show of a workshop. A line that can't be worked out may say so; nothing
 * else may fail.
 */
function showAll(document: WorkshopDocument): void {
  const runs = document.batches.map((batch) => {
    const run = foldRun(
      batch,
      document.events.filter(({ batchId }) => batchId === batch.id),
    )
    return { batch, run }
  })
  const aside = new Set(runs.flatMap(({ run }) => run.setAside.map(({ id }) => id)))
  const balances = balancesOf(document.movements, aside)
  const ledger = readLedger(document.lots, document.movements, balances, aside)
  for (const { batch, run } of runs) logEntry(batch, run, ledger)
  const good = goodOnTrays(traysOf(document.trayEntries, aside))
  const states = stockStates(
    document.materials,
    document.lots,
    balances,
    priceBook(document.lots, balances, (id) => ledger.drawn.get(id) ?? new Map()),
  )
  const byRun = new Map(runs.map(({ batch, run }) => [batch.id, run]))
  for (const commission of document.commissions) {
    const planted = document.lines
      .filter(({ commissionId }) => commissionId === commission.id)
      .flatMap((line) => {
        const own = document.species.find(({ id }) => id === line.speciesId)
        const species = own ? plainSpecies(own) : speciesById(line.speciesId)
        const { piece, size } = pieceOf(line, commission, species, commission.dateDepicted)
        expect(size.heightMm).toBeGreaterThanOrEqual(0)
        progressOf(line.amount, document.batches, byRun, good)
        const method = line.methodId === undefined ? undefined : plantMethodById(line.methodId)
        if (method?.kinds.includes(line.amount.kind) && size.heightMm > 0) {
          const up = makeUp({
            job: jobOf(line, piece),
            method,
            choices: line.choices,
            materials: line.materials,
            states,
            dryingFactor: 1,
          })
          allocate([{ id: line.id, who: line.name, order: 1, needs: needsOf(up.uses) }], states)
        }
        return [{ line, species }]
      })
    const board = boardOf(commission)
    if (board && planted.length < 12) planPlanting(board, bedsOf(commission, planted.slice(0, 4)), 'f')
  }
}

test('a hundred and fifty bad files: each is refused with a reason, or breaks nothing', () => {
  const random = seededRandom(20261125)
  let refused = 0
  for (let i = 0; i < 150; i += 1) {
    const document = JSON.parse(whole) as { [key: string]: Json }
    const where = spoil(document, random)
    const reading = readWorkshopFile(JSON.stringify(document))
    if (reading.kind === 'none') {
      refused += 1
      expect(reading.because.length).toBeGreaterThan(10)
      continue
    }
    // Most of what is taken in is worked out in full; every eighth with the planting too.
    try {
      showAll(
        i % 8 === 0
          ? reading.value
          : {
              ...reading.value,
              commissions: reading.value.commissions.map((row) => ({ ...row, boardWidthMm: undefined })),
            },
      )
    } catch (error) {
      throw new Error(`${where}: ${String(error)}`)
    }
  }
  expect(refused).toBeGreaterThan(90)
}, 60_000)

test('five hundred bad orders are refused by field, or are fair', () => {
  const random = seededRandom(7)
  const line = demo.lines.find(({ id }) => id === 'kh-rowan')!
  const card = JSON.stringify({
    paper: 'A4',
    units: 'metric',
    workshop: 'Bench',
    commission: demo.commissions[0],
    line,
    ownSpecies: speciesTable.slice(0, 1),
    started: 12,
    context: { dryingFactor: 1, coefficients: [{ id: 'sprig-tree/sticks', value: 0.5 }] },
    materials: demo.materials.slice(0, 60),
  })
  const spot = {
    lineId: 'a',
    code: 'A',
    number: 1,
    layer: 'tree',
    x: 5,
    y: 5,
    crownMm: 9,
    ownMm: 4,
    stemMm: 1,
  }
  const plan = JSON.stringify({
    paper: 'A4',
    title: 'Halt',
    scale: '1:87.1',
    board: { widthMm: 900, depthMm: 400, edgeMm: 6, keepOuts: demo.commissions[0]!.keepOuts ?? [] },
    spots: [spot],
    hedges: [],
    patches: [],
    legend: [{ code: 'A', name: 'Beech', amount: '1' }],
  })
  expect(cardOrderSchema.safeParse(JSON.parse(card)).success).toBe(true)
  expect(planOrderSchema.safeParse(JSON.parse(plan)).success).toBe(true)
  let refused = 0
  for (let i = 0; i < 500; i += 1) {
    const [schema, text] = i % 2 ? [cardOrderSchema, card] : [planOrderSchema, plan]
    const order = JSON.parse(text) as { [key: string]: Json }
    spoil(order, random)
    const checked = schema.safeParse(order)
    if (!checked.success) {
      refused += 1
      expect(checked.error.issues.every(({ message }) => message.length > 3)).toBe(true)
    }
  }
  expect(refused).toBeGreaterThan(300)
})
