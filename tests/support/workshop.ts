import type { Batch, Deed, RunEvent } from '../../core/batches'
import { decide, foldRun } from '../../core/batches'
import type { Commission, Line } from '../../core/commissions'
import { speciesById } from '../../core/plants'
import {
  balancesOf,
  catalogue,
  stockStates,
  type Lot,
  type Material,
  type Movement,
  type StockState,
} from '../../core/stock'
import { pieceOf } from '../../core/methods'

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

export const line = (over: Partial<Line> = {}): Line => ({
  id: 'l1',
  changedAt: NOON,
  commissionId: 'c1',
  order: 1,
  name: 'Hawthorn',
  speciesId: 'hawthorn',
  age: 'mature',
  pieces: 12,
  zone: 'front',
  ...over,
})

export const piece = (over: Partial<Line> = {}, job: Partial<Commission> = {}) =>
  pieceOf(
    line(over),
    commission(job),
    speciesById(over.speciesId ?? 'hawthorn'),
    job.dateDepicted ?? '2026-06-20',
  )

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
  return stockStates(materials, lots, balancesOf(movements), new Map())
}

/** A batch of three steps: plain, a window with a wait, and a last look. */
export const batch = (over: Partial<Batch> = {}): Batch => ({
  id: 'b1',
  lineId: 'l1',
  name: 'Hawthorn, first',
  methodId: 'sprig-tree',
  pieces: 5,
  madeAt: NOON,
  plan: {
    expectedGood: 4,
    handsMin: 20,
    elapsedMin: 620,
    amounts: [
      { materialId: 'sprigs', label: 'Sprigs', quantity: 5 },
      { materialId: 'foam-fine-mid', label: 'Foliage', quantity: 8 },
      { materialId: 'hairspray', label: 'Hairspray', quantity: 10 },
    ],
    steps: [
      {
        id: 'sort',
        title: 'Sort',
        text: '',
        batchSec: 10,
        pieceSec: 20,
        timeOrigin: 'memory',
        cautions: [],
        faults: [],
        materialIds: ['sprigs'],
      },
      {
        id: 'sprinkle',
        title: 'Sprinkle',
        text: '',
        batchSec: 10,
        pieceSec: 20,
        timeOrigin: 'memory',
        cautions: ['spray'],
        faults: [],
        materialIds: ['foam-fine-mid', 'hairspray'],
        window: { sec: 60, what: 'wet', atOnce: 3, origin: 'common practice' },
        wait: { min: 30, what: 'Let it set', origin: 'memory' },
      },
      {
        id: 'inspect',
        title: 'Inspect',
        text: '',
        batchSec: 0,
        pieceSec: 5,
        timeOrigin: 'memory',
        cautions: [],
        faults: [],
        materialIds: [],
      },
    ],
  },
  ...over,
})

/** Plays deeds on a batch, a minute apart unless a time is given; throws where one is refused. */
export function play(
  of: Batch,
  deeds: readonly (Deed | { deed: Deed; at: string })[],
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
