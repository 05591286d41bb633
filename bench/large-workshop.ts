import { decide, foldRun, type Batch, type BatchAction, type RunEvent } from '../core/batches'
import { step } from '../core/makeup'
import { speciesById } from '../core/plants'
import type { Lot, Movement } from '../core/stock'
import { seededRandom } from '../core/units'
import { newWorkshop, type WorkshopDocument } from '../core/workshop'

const START = Date.parse('2026-01-01T08:00:00.000Z')

/** A workshop of some years: 200 batches, 300 lots, 20 000 movements, seeded. */
export function largeWorkshop(sizes = { batches: 200, lots: 300, movements: 20_000 }): WorkshopDocument {
  const random = seededRandom(9)
  const iso = (minutes: number): string => new Date(START + minutes * 60_000).toISOString()
  const document = newWorkshop(iso(0))
  document.commissions.push({
    id: 'big',
    changedAt: iso(0),
    name: 'The big board',
    ratio: 87.1,
    dateDepicted: '2026-09-20',
    place: '',
    latitudeDeg: 50,
    altitudeM: 100,
    viewingMm: 700,
    stature: 0.75,
  })
  const kinds = [
    'norway-spruce',
    'scots-pine',
    'umbrella-pine',
    'italian-cypress',
    'beech',
    'pedunculate-oak',
    'silver-birch',
    'rowan',
    'hawthorn',
    'olive',
    'hazel',
    'blackthorn',
  ]
  kinds
    .map((id) => speciesById(id))
    .forEach((species, i) =>
      document.lines.push({
        id: `line${i}`,
        changedAt: iso(0),
        commissionId: 'big',
        order: i,
        name: species.common,
        speciesId: species.id,
        age: 'mature',
        amount: { kind: 'pieces', pieces: 200 },
        zone: 'middle',
        methodId:
          species.habit === 'grass' ? 'tuft-sheet' : species.habit === 'shrub' ? 'wool-bush' : 'sprig-tree',
      }),
    )
  const pick = <T>(rows: readonly T[]): T => rows[Math.floor(random() * rows.length)] as T
  const lots: Lot[] = Array.from({ length: sizes.lots }, (_, i) => ({
    id: `lot${i}`,
    materialId: document.materials[i % document.materials.length]?.id ?? 'pva',
    label: `lot ${i}`,
    source: 'bought',
    date: '2026-01-01',
    madeAt: iso(i),
    priceMinor: 500,
  }))
  document.lots.push(...lots)
  for (let b = 0; b < sizes.batches; b += 1) {
    const batch: Batch = {
      id: `batch${b}`,
      lineId: pick(document.lines).id,
      name: `Batch ${b}`,
      methodId: 'sprig-tree',
      makes: { kind: 'pieces' },
      pieces: 12,
      madeAt: iso(b * 60),
      plan: {
        expectedGood: 11,
        handsMin: 30,
        elapsedMin: 700,
        amounts: [{ materialId: 'sprigs', label: 'Sprigs', quantity: 12, step: 'sort' }],
        yields: [],
        steps: ['sort', 'spray', 'inspect'].map((id) =>
          step({
            id,
            title: id,
            text: '',
            hands: { onceSec: 10, eachSec: 20, origin: 'memory' },
            materialIds: ['sprigs'],
          }),
        ),
      },
    }
    document.batches.push(batch)
    const events: RunEvent[] = []
    const deeds: BatchAction[] = [
      { type: 'start' },
      ...[0, 1, 2].flatMap((step): BatchAction[] =>
        Array.from({ length: 3 }, () => ({ type: 'pieces', step, count: 4 })),
      ),
      {
        type: 'finish',
        tray: `T${b}`,
        date: '2026-01-02',
        handsMin: 31,
        used: [{ materialId: 'sprigs', quantity: 12 }],
      },
    ]
    deeds.slice(0, b < sizes.batches - 3 ? deeds.length : 4).forEach((deed, i) => {
      const written = decide(batch, foldRun(batch, events), deed, iso(b * 60 + i), `ev${b}-${i}`)
      if (written.kind === 'ok') events.push(written.value)
    })
    document.events.push(...events)
  }
  const movements: Movement[] = lots.map((lot, i) => ({
    id: `in${i}`,
    at: lot.madeAt,
    lotId: lot.id,
    kind: 'receive',
    quantity: 5000,
  }))
  while (movements.length < sizes.movements) {
    const i = movements.length
    movements.push({
      id: `mv${i}`,
      at: iso(i),
      lotId: pick(lots).id,
      kind: 'draw',
      quantity: -Math.round(random() * 500) / 100,
      batchId: pick(document.batches).id,
    })
  }
  document.movements.push(...movements)
  return document
}
