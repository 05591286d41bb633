import { decide, foldRun, type Batch, type BatchAction, type RunEvent } from '../../core/batches'
import { linePiece, type Amount, type Commission, type Line } from '../../core/commissions'
import { speciesById } from '../../core/plants'
import {
  balancesOf,
  catalogue,
  priceBook,
  stockStates,
  type Lot,
  type Material,
  type Movement,
  type StockState,
} from '../../core/stock'
import { jobOf, makeUp, step, type MakeUp, type MakeUpOrder } from '../../core/makeup'
import { plantMethodById } from '../../core/methods'

export const NOON = '2026-10-04T12:00:00.000Z'
export const minutesAfter = (minutes: number, from = NOON): string =>
  new Date(Date.parse(from) + minutes * 60_000).toISOString()

/** Ids that count up, so that a test can tell them apart. */
export function ids(prefix: string): () => string {
  let n = 0
  return () => `${prefix}${String((n += 1)).padStart(5, '0')}`
}

export const commission = (over: Partial<Commission> = {}): Commission => ({
  id: 'c1',
  changedAt: NOON,
  name: 'Test piece',
  ratio: 76.2,
  dateDepicted: '2026-06-20',
  place: 'a bank',
  latitudeDeg: 51,
  altitudeM: 80,
  viewingMm: 600,
  stature: 1,
  ...over,
})

export const pieces = (count: number): Amount => ({ kind: 'pieces', pieces: count })

export const line = (over: Partial<Line> = {}): Line => ({
  id: 'l1',
  changedAt: NOON,
  commissionId: 'c1',
  order: 1,
  name: 'Hawthorn',
  speciesId: 'hawthorn',
  age: 'mature',
  amount: pieces(12),
  zone: 'front',
  ...over,
})

export const piece = (over: Partial<Line> = {}, job: Partial<Commission> = {}) => {
  const made = linePiece(
    line(over),
    commission(job),
    (id) => speciesById(id),
    job.dateDepicted ?? '2026-06-20',
  )
  const [{ size, look }] = made.members
  return { piece: made.piece, members: made.members, size, look }
}

/** A line worked out with a method that makes it. */
export function workedOut(
  methodId: string,
  over: Partial<Line> = {},
  order: Partial<MakeUpOrder> = {},
  job: Partial<Commission> = {},
): MakeUp {
  const method = plantMethodById(methodId)
  if (!method) throw new Error(`no method ${methodId}`)
  return makeUp({
    job: jobOf(line(over), piece(over, job).piece),
    method,
    states: stocked(),
    dryingFactor: 1,
    ...order,
  })
}

export const materials: readonly Material[] = catalogue.map((row) => ({ ...row, changedAt: NOON }))

/** Every catalogue material, on hand in one bought pack. */
export function stocked(
  quantityOf: (material: Material) => number = (material) => material.packQuantity ?? 100,
): StockState[] {
  const lots: Lot[] = materials.map((material) => ({
    id: `lot-${material.id}`,
    materialId: material.id,
    label: 'first pack',
    source: 'bought',
    date: '2026-09-01',
    madeAt: NOON,
    priceMinor: material.packPriceMinor ?? 100,
  }))
  const movements: Movement[] = materials.map((material) => ({
    id: `m-${material.id}`,
    at: NOON,
    lotId: `lot-${material.id}`,
    kind: 'receive',
    quantity: quantityOf(material),
  }))
  const balances = balancesOf(movements)
  return stockStates(
    materials,
    lots,
    balances,
    priceBook(lots, balances, () => new Map()),
  )
}

const hands = (onceSec: number, eachSec: number) => ({ onceSec, eachSec, origin: 'memory' as const })

/** A batch of three steps: plain, a window with a wait, and a last look. */
export const batch = (over: Partial<Batch> = {}): Batch => ({
  id: 'b1',
  lineId: 'l1',
  name: 'Hawthorn, first',
  methodId: 'sprig-tree',
  makes: { kind: 'pieces' },
  pieces: 5,
  madeAt: NOON,
  plan: {
    expectedGood: 4,
    handsMin: 20,
    elapsedMin: 620,
    amounts: [
      { materialId: 'sprigs', label: 'Sprigs', quantity: 5, step: 'sort' },
      { materialId: 'foam-fine-mid', label: 'Foliage', quantity: 8, step: 'sprinkle' },
      { materialId: 'hairspray', label: 'Hairspray', quantity: 10, step: 'sprinkle' },
    ],
    yields: [],
    steps: [
      step({ id: 'sort', title: 'Sort', text: '', hands: hands(10, 20), materialIds: ['sprigs'] }),
      step({
        id: 'sprinkle',
        title: 'Sprinkle',
        text: '',
        hands: hands(10, 20),
        cautions: ['spray'],
        materialIds: ['foam-fine-mid', 'hairspray'],
        within: { sec: 60, what: 'wet', origin: 'common practice' },
        atOnce: { count: 3, because: 'window', what: '20 s each' },
        wait: { leastMin: 30, mostMin: 1440, kind: 'open film', what: 'Let it set', origin: 'memory' },
      }),
      step({ id: 'inspect', title: 'Inspect', text: '', hands: hands(0, 5) }),
    ],
  },
  ...over,
})

/** Plays deeds on a batch, a minute apart unless a time is given; throws where one is refused. */
export function play(
  of: Batch,
  deeds: readonly (BatchAction | { deed: BatchAction; at: string })[],
  before: readonly RunEvent[] = [],
): RunEvent[] {
  const events = [...before]
  const newId = ids('e')
  for (let i = 0; i < before.length; i += 1) newId()
  deeds.forEach((entry, i) => {
    const { deed, at } = 'deed' in entry ? entry : { deed: entry, at: minutesAfter(before.length + i + 1) }
    const written = decide(of, foldRun(of, events), deed, at, newId())
    if (written.kind === 'none') throw new Error(`${deed.type}: ${written.because}`)
    events.push(written.value)
  })
  return events
}
