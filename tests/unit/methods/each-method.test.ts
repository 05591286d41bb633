import { makeUp, methodById, type MakeUp } from '../../../core/methods'
import type { Material } from '../../../core/stock'
import { materials, piece, stocked } from '../../support/workshop'

type Over = Parameters<typeof piece>[0]
const up = (
  methodId: string,
  over: Over,
  started: number,
  order: Partial<Parameters<typeof makeUp>[0]> = {},
  job: Parameters<typeof piece>[1] = {},
): MakeUp =>
  makeUp({
    piece: piece(over, job).piece,
    method: methodById(methodId),
    wanted: started,
    started,
    states: stocked(),
    dryingFactor: 1,
    ...order,
  })
const total = (made: MakeUp, slot: string): number =>
  made.amounts.find((amount) => amount.slot === slot)?.total.value ?? NaN
const suit = (methodId: string, over: Over, job: Parameters<typeof piece>[1] = {}) =>
  methodById(methodId).suits(piece(over, job).piece)

describe('soaked sprig tree', () => {
  test('a wide crown takes more sprigs than a narrow one', () => {
    expect(total(up('sprig-tree', { speciesId: 'silver-birch' }, 10), 'sprig')).toBe(10)
    expect(total(up('sprig-tree', { speciesId: 'pedunculate-oak', age: 'veteran' }, 10), 'sprig')).toBe(20)
  })

  test('the bath grows with the pieces and their height, not with nothing', () => {
    const small = total(up('sprig-tree', {}, 10), 'medium')
    const large = total(up('sprig-tree', {}, 50), 'medium')
    expect(large).toBeGreaterThan(small)
    expect(large).toBeLessThan(5 * small)
    expect(total(up('sprig-tree', { heightM: 9 }, 10), 'medium')).toBeGreaterThan(small)
  })

  test('suits a tree of a sprig’s size, not a tall one, a tiny one or a tussock', () => {
    expect(suit('sprig-tree', { heightM: 6 }).verdict).toBe('suits')
    expect(suit('sprig-tree', { speciesId: 'beech', heightM: 16 }).reasonsAgainst.join()).toMatch(
      /several bound together/,
    )
    expect(suit('sprig-tree', { heightM: 1.5 }).verdict).toBe('unsuited')
    expect(suit('sprig-tree', { speciesId: 'tufted-hair-grass' }).verdict).toBe('unsuited')
    expect(suit('sprig-tree', { speciesId: 'norway-spruce', heightM: 8 }).reasonsAgainst.join()).toMatch(
      /conifer/,
    )
  })
})

describe('moulded trunk', () => {
  test('takes one trunk each, of a size that serves the height', () => {
    const made = up('moulded-trunk', { speciesId: 'beech', heightM: 8 }, 9)
    expect(total(made, 'trunk')).toBe(9)
    const trunk = materials.find(
      ({ id }) => id === made.amounts.find(({ slot }) => slot === 'trunk')!.materialId,
    ) as Material
    expect(trunk.fromMm!).toBeLessThanOrEqual(
      made.slots[0]!.slot.wish(piece({ speciesId: 'beech', heightM: 8 }).piece).heightMm!,
    )
  })

  test('is for the middle and back, and for trees in leaf', () => {
    expect(suit('moulded-trunk', { speciesId: 'beech', heightM: 9, zone: 'back' }).verdict).toBe('suits')
    expect(
      suit('moulded-trunk', { speciesId: 'beech', heightM: 9, zone: 'front' }).reasonsAgainst.join(),
    ).toMatch(/at the front/)
    expect(
      suit('moulded-trunk', { speciesId: 'beech', heightM: 9, zone: 'back' }, { dateDepicted: '2026-01-16' })
        .verdict,
    ).toBe('unsuited')
    expect(suit('moulded-trunk', { speciesId: 'gorse' }).verdict).toBe('unsuited')
  })
})

describe('wool bush', () => {
  const over: Over = { speciesId: 'blackthorn', heightM: 1.5, zone: 'middle' }

  test('paint, PVA and water keep their parts 1 : 2 : 4', () => {
    const [paint, pva, water] = up('wool-bush', over, 40).pours[0]!.lines.map(({ figure }) => figure.value)
    expect(pva! / paint!).toBeCloseTo(2, 9)
    expect(water! / paint!).toBeCloseTo(4, 9)
  })

  test('twice as large takes eight times the wool and four times the flock', () => {
    const small = up('wool-bush', over, 10)
    const large = up('wool-bush', { ...over, heightM: 3 }, 10)
    expect(total(large, 'wool') / total(small, 'wool')).toBeCloseTo(8, 6)
    expect(total(large, 'foliage') / total(small, 'foliage')).toBeCloseTo(4, 6)
  })

  test('forty bushes are the work of minutes', () =>
    expect(up('wool-bush', over, 42).handsMin.value).toBeLessThan(30))
})

describe('tufts on a release sheet', () => {
  const over: Over = { speciesId: 'tufted-hair-grass' }

  test('more tufts than a sheet holds take another sheet', () => {
    const one = total(up('tuft-sheet', over, 60), 'backing')
    const many = total(up('tuft-sheet', over, 2000), 'backing')
    expect(one).toBeCloseTo((180 * 260) / 100, 6)
    expect(many / one).toBeGreaterThan(1)
    expect(Number.isInteger(many / one)).toBe(true)
  })

  test('the fibres are of three sorts, the longest nearest the height of the grass', () => {
    const made = up('tuft-sheet', over, 60)
    const fibres = ['fibre', 'second', 'accent'].map(
      (slot) => made.amounts.find((amount) => amount.slot === slot)!.materialId,
    )
    expect(new Set(fibres).size).toBe(3)
    const length = (id: string): number => materials.find((material) => material.id === id)!.fibreMm!
    expect(Math.abs(length(fibres[0]!) - piece(over).piece.heightMm)).toBeLessThanOrEqual(2)
    expect(length(fibres[1]!)).toBeLessThanOrEqual(length(fibres[0]!))
  })

  test('no more dots at once than the glue stays open for', () => {
    const { steps } = up('tuft-sheet', over, 600)
    const dots = steps.find(({ id }) => id === 'dots')!
    expect(dots.window!.atOnce * dots.pieceSec).toBeLessThanOrEqual(dots.window!.sec)
  })

  test('a reed is beyond the longest fibre and says so', () => {
    const { verdict, reasonsAgainst } = suit('tuft-sheet', { speciesId: 'common-reed' })
    expect(verdict).toBe('unsuited')
    expect(reasonsAgainst.join()).toMatch(/beyond the longest fibre, 12 mm/)
  })
})
