import { commissionSchema, lineSchema, lineSize } from '../../../core/commissions'
import { speciesById } from '../../../core/plants'
import { batchSchema, runEventSchema } from '../../../core/batches'
import { lotSchema, movementSchema } from '../../../core/stock'
import { batch, commission, line, NOON, pieces } from '../../support/workshop'

const fieldOf = (result: { success: boolean; error?: { issues: { path: PropertyKey[] }[] } }): string =>
  result.success ? 'accepted' : String(result.error?.issues[0]?.path[0])

describe('records', () => {
  test.each([
    ['ratio', { ratio: 0 }],
    ['ratio', { ratio: Infinity }],
    ['name', { name: '   ' }],
    ['name', { name: 'x'.repeat(121) }],
    ['dateDepicted', { dateDepicted: '2026-02-30' }],
    ['latitudeDeg', { latitudeDeg: 91 }],
    ['altitudeM', { altitudeM: 9000 }],
    ['stature', { stature: 0.5 }],
    ['viewingMm', { viewingMm: 0 }],
    ['id', { id: '../etc' }],
  ])('a commission with a wrong %s is refused there', (field, over) =>
    expect(fieldOf(commissionSchema.safeParse(commission(over)))).toBe(field),
  )

  test.each([
    ['amount', { amount: pieces(0) }],
    ['amount', { amount: pieces(2.5) }],
    ['amount', { amount: pieces(10_001) }],
    ['heightM', { heightM: -1 }],
    ['crownWidthM', { crownWidthM: 91 }],
    ['stature', { stature: 1.2 }],
    ['seeThrough', { seeThrough: 1 }],
    ['boughtPriceMinor', { boughtPriceMinor: 0.5 }],
  ])('a line with a wrong %s is refused there', (field, over) =>
    expect(fieldOf(lineSchema.safeParse(line(over)))).toBe(field),
  )

  test('a lot, a movement, a batch and an entry of a run take nothing that is not theirs', () => {
    const lot = {
      id: 'a',
      materialId: 'pva',
      label: 'tub',
      source: 'bought',
      date: '2026-10-01',
      madeAt: NOON,
    }
    expect(lotSchema.safeParse(lot).success).toBe(true)
    expect(lotSchema.safeParse({ ...lot, colour: 'red' }).success).toBe(false)
    expect(lotSchema.safeParse({ ...lot, source: 'found' }).success).toBe(false)
    const movement = { id: 'm', at: NOON, lotId: 'a', kind: 'draw', quantity: -3 }
    expect(movementSchema.safeParse(movement).success).toBe(true)
    expect(movementSchema.safeParse({ ...movement, quantity: NaN }).success).toBe(false)
    expect(movementSchema.safeParse({ ...movement, at: '4 October' }).success).toBe(false)
    expect(batchSchema.safeParse(batch()).success).toBe(true)
    expect(batchSchema.safeParse(batch({ pieces: 0 })).success).toBe(false)
    const event = {
      id: 'e',
      batchId: 'b1',
      after: 'd',
      at: NOON,
      deed: { type: 'pieces', step: 0, count: 2 },
    }
    expect(runEventSchema.safeParse(event).success).toBe(true)
    for (const deed of [
      { type: 'dance' },
      { type: 'pieces', step: 0, count: 0 },
      { type: 'reject', step: 0, count: 1, reason: '' },
      { type: 'weigh-in', materialId: 'x', grams: -1, unitsPerG: 1 },
    ]) {
      expect(runEventSchema.safeParse({ ...event, deed }).success).toBe(false)
    }
  })
})

describe('sizes of a line', () => {
  const beech = speciesById('beech')

  test('the line’s stature goes before the commission’s; real measures stay real', () => {
    const whole = lineSize(line({ speciesId: 'beech' }), commission(), beech)
    const small = lineSize(line({ speciesId: 'beech', stature: 0.75 }), commission({ stature: 0.9 }), beech)
    expect(small.heightMm / whole.heightMm).toBeCloseTo(0.75, 9)
    expect(small.crownWidthMm / whole.crownWidthMm).toBeCloseTo(0.75, 9)
    expect(small.form.heightM).toBe(whole.form.heightM)
  })

  test('half the scale is half the size in every measure', () => {
    const large = lineSize(line({ speciesId: 'beech' }), commission({ ratio: 43.5 }), beech)
    const half = lineSize(line({ speciesId: 'beech' }), commission({ ratio: 87 }), beech)
    for (const key of ['heightMm', 'crownWidthMm', 'clearStemMm', 'trunkMm'] as const)
      expect(large[key] / half[key]).toBeCloseTo(2, 9)
  })
})
