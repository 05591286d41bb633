import { hueTurn, searchShelf, type LotState, type StockState } from '../../../core/stock'
import { difference2000, toLab } from '../../../core/colour'
import { materials } from '../../support/workshop'

const today = '2026-11-27'
const lot = (id: string, date: string, onHand: number, unitPriceMinor?: number): LotState => ({
  lot: { id, materialId: 'x', label: `Bag ${id}`, source: 'bought', date, madeAt: `${date}T10:00:00.000Z` },
  onHand,
  received: onHand,
  ...(unitPriceMinor === undefined ? {} : { unitPriceMinor }),
})
const state = (id: string, lots: readonly LotState[] = []): StockState => ({
  material: materials.find((material) => material.id === id)!,
  onHand: lots.reduce((sum, { onHand }) => sum + onHand, 0),
  lots,
})
const shelf = [
  state('foam-fine-mid', [lot('f1', '2026-01-01', 0), lot('f2', '2026-09-01', 30, 12)]),
  state('foam-fine-light'),
  state('static-straw-6', [lot('s1', '2024-05-01', 15)]),
  state('pva', [lot('p1', '2026-11-20', 800, 1)]),
  state('wire-070'),
]
const found = (query: Parameters<typeof searchShelf>[1], placeOf?: (id: string) => string): string[] =>
  searchShelf(shelf, query, today, placeOf).map((row) => row.state.material.id)

describe('searching the shelf', () => {
  test('without a question all is found, in its order', () => {
    expect(found({})).toEqual(shelf.map(({ material }) => material.id))
    expect(found({ words: '   ' })).toHaveLength(shelf.length)
  })

  test('every word must stand somewhere: name, kind, jar, place; marks and capitals do not matter', () => {
    expect(found({ words: 'FOAM fine mid' })).toEqual(['foam-fine-mid'])
    expect(found({ words: 'bag s1' })).toEqual(['static-straw-6'])
    expect(found({ words: 'shelf-c' }, (id) => (id === 'p1' ? 'Shelf-C, box 2' : ''))).toEqual(['pva'])
    expect(found({ words: 'foam wire' })).toEqual([])
    expect(found({ words: 'föam mid' })).toEqual(['foam-fine-mid'])
  })

  test('near a colour, the nearest first, and nothing that has none', () => {
    const rows = searchShelf(shelf, { near: '#5a7a36', within: 40 }, today)
    expect(rows[0]!.state.material.id).toBe('foam-fine-mid')
    expect(rows.map(({ off }) => off)).toEqual([...rows.map(({ off }) => off)].sort((a, b) => a! - b!))
    for (const { off, state: one } of rows) {
      const { of } = one.material
      expect(off).toBeCloseTo(difference2000(toLab('#5a7a36'), toLab('colour' in of ? of.colour! : '')), 9)
    }
    expect(found({ near: '#ff00ff', within: 5 })).toEqual([])
  })

  test('by grain or length, ends included; what has no size is not found then', () => {
    expect(found({ fromMm: 6, toMm: 6 })).toEqual(['static-straw-6'])
    expect(found({ toMm: 0.5 })).toEqual(['foam-fine-mid', 'foam-fine-light'])
    expect(found({ fromMm: 0.7, toMm: 0.7 })).toEqual(['wire-070'])
  })

  test('by age of the oldest jar that still holds something', () => {
    expect(found({ olderDays: 365 })).toEqual(['static-straw-6'])
    expect(found({ olderDays: 87 })).toEqual(['foam-fine-mid', 'static-straw-6'])
    expect(found({ olderDays: 88 })).toEqual(['static-straw-6'])
  })
})

describe('the turn of a hue', () => {
  const turn = (colour: string): number | undefined =>
    hueTurn({ ...materials[0]!, of: { stuff: 'foam', form: 'ground', grainMm: 1, colour } })

  test('goes round from red over yellow and green to blue; greys stand before it, dark to light', () => {
    // Hue angles of the sRGB primaries in CIELAB: red 40°, green 136°, blue 306° (that is −54°); from memory.
    expect(turn('#ff0000')).toBeCloseTo(40, 0)
    expect(turn('#00ff00')).toBeCloseTo(136, 0)
    expect(turn('#0000ff')).toBeCloseTo(-54, 0)
    const [dark = 0, light = 0] = ['#333333', '#cccccc'].map((grey) => turn(grey))
    expect(dark).toBeLessThan(light)
    expect(light).toBeLessThan(-180)
  })
  test('what has no colour has none', () => {
    expect(hueTurn(materials.find(({ id }) => id === 'pva')!)).toBeUndefined()
  })
})
