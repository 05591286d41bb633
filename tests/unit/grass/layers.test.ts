import fc from 'fast-check'
import {
  feetOf,
  layerFaults,
  layersSchema,
  heightsFor,
  movedLayer,
  proposeLayers,
  readsAs,
  swardOf,
  withOneMore,
  type Sward,
} from '../../../core/grass'
import { lookOn, speciesById } from '../../../core/plants'

const usual = { firstPerCm2: 200, fall: 0.5 }
const colours = { shade: '#334422', base: '#557733', light: '#779944', straw: '#bba66a', head: '#aa9988' }
const sward = (over: Partial<Sward> = {}): Sward => ({
  heightMm: 12.6,
  straw: 0.4,
  heads: 0,
  mown: false,
  colours,
  ...over,
})

describe('layers of a sward', () => {
  test('a meadow of 12.6 mm goes up in four even strides from 2 mm', () => {
    // 2 · (12.6/2)^(1/3) = 3.69 and 2 · (12.6/2)^(2/3) = 6.82, by hand.
    expect(heightsFor(sward()).map((length) => Math.round(length * 100) / 100)).toEqual([2, 3.69, 6.82, 12.6])
    // What is set on tips begins where the layer below ends.
    expect(proposeLayers(sward(), usual).map(({ lengthMm }) => lengthMm)).toEqual([2, 3.7, 3.1, 5.8])
  })

  test('tip layers start at the tips of the layer below: 2 + 4 + 4 mm reads as up to 10 mm (common practice)', () => {
    const of = (lengthMm: number, glue: 'all over' | 'mid-patch' | 'tips only') => ({ lengthMm, glue })
    expect(feetOf([of(2, 'all over'), of(4, 'tips only'), of(4, 'tips only')])).toEqual([0, 2, 6])
    expect(feetOf([of(2, 'all over'), of(4, 'mid-patch'), of(4, 'tips only')], 0.9)).toEqual([0, 0, 3.6])
    expect(feetOf([])).toEqual([])
  })

  test('each layer weighs half of the one below; all over, then the middle, then tips', () => {
    const layers = proposeLayers(sward(), usual)
    const masses = layers.map(({ lengthMm, perCm2 }) => lengthMm * perCm2)
    for (let i = 1; i < masses.length; i += 1) expect(masses[i]! / masses[i - 1]!).toBeCloseTo(0.5, 1)
    expect(layers.map(({ glue }) => glue)).toEqual(['all over', 'mid-patch', 'tips only', 'tips only'])
  })

  test('whatever stands there, the longest are fewest, nothing is amiss, and the schema takes it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 29, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        fc.boolean(),
        (heightMm, straw, heads, mown) => {
          const layers = proposeLayers(sward({ heightMm, straw, heads, mown }), usual)
          expect(layerFaults(layers)).toEqual([])
          expect(layersSchema.safeParse(layers).success).toBe(true)
          const top = feetOf(layers).at(-1)! + layers.at(-1)!.lengthMm
          expect(Math.abs(top - Math.max(0.5, heightMm))).toBeLessThan(0.3)
        },
      ),
    )
  })

  test('the dry share is met by length that stands, the longest dry first; heads top a flowering one', () => {
    const share = (straw: number): number => {
      const layers = proposeLayers(sward({ straw }), usual)
      const length = (of: typeof layers): number =>
        of.reduce((sum, one) => sum + one.lengthMm * one.perCm2, 0)
      return length(layers.filter(({ tone }) => tone === 'straw')) / length(layers)
    }
    expect(share(0)).toBe(0)
    expect(share(0.4)).toBeCloseTo(0.4, 0)
    expect(share(1)).toBe(1)
    expect(proposeLayers(sward({ heads: 0.2 }), usual).at(-1)!.tone).toBe('head')
    expect(proposeLayers(sward({ heads: 0.2, mown: true, heightMm: 3 }), usual).at(-1)!.tone).not.toBe('head')
  })

  test('a hay meadow before and after the cut, and in winter', () => {
    const meadow = speciesById('meadow-grass')
    const on = (date: string): Sward => {
      const look = lookOn(meadow, date)
      return swardOf(look, colours, (1200 * look.height) / 87.1)
    }
    const june = on('2026-06-20')
    const after = on('2026-07-20')
    expect(june.mown).toBe(false)
    expect(june.heads).toBeGreaterThan(0.1)
    expect(proposeLayers(june, usual).length).toBeGreaterThanOrEqual(4)
    expect(after.mown).toBe(true)
    expect(after.heads).toBe(0)
    expect(after.heightMm).toBeLessThan(june.heightMm / 4)
    expect(proposeLayers(after, usual).length).toBeLessThanOrEqual(2)
    expect(on('2027-01-10').straw).toBeGreaterThan(june.straw)
  })

  test('layers are moved, added and judged', () => {
    const layers = proposeLayers(sward(), usual)
    const upside = movedLayer(layers, 0, 1)
    expect(upside.map(({ lengthMm }) => lengthMm)).toEqual([3.7, 2, 3.1, 5.8])
    expect(layerFaults(upside).join()).toMatch(/nothing to hold to.*shorter than the one below/)
    expect(movedLayer(layers, 0, -1)).toEqual(layers)
    const more = withOneMore(layers)
    expect(more).toHaveLength(5)
    expect(layerFaults(more)).toEqual([])
    const close = layers.map((layer) => ({ ...layer, perCm2: 100 }))
    expect(layerFaults(close).join()).toMatch(/a carpet/)
    expect(layerFaults(layers.map((layer) => ({ ...layer, glue: 'all over' as const }))).join()).toMatch(
      /blobs/,
    )
  })

  test('12 mm reads as knee-high weeds at 1:48 and as an overgrown lawn at 1:76 (common practice)', () => {
    expect(readsAs(12, 48)).toBe('knee-high weeds')
    expect(readsAs(12, 76.2)).toMatch(/^an overgrown lawn/)
    expect(readsAs(1, 48)).toBe('a mown lawn')
    expect(readsAs(30, 87)).toMatch(/reed/)
  })
})
