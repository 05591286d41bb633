import fc from 'fast-check'
import {
  boardHoles,
  deal,
  dotsOnSheet,
  hexagonalPlaces,
  layTray,
  patchesOf,
  reclaimVerdict,
  wetPatchCm2,
  type Dot,
} from '../../../core/grass'

const gapsKept = (dots: readonly Dot[], gapMm: number): boolean =>
  dots.every((a, i) =>
    dots
      .slice(i + 1)
      .every((b) => Math.hypot(a.x - b.x, a.y - b.y) >= (a.diameterMm + b.diameterMm) / 2 + gapMm - 1e-6),
  )
const onTray = (dots: readonly Dot[], width: number, height: number): boolean =>
  dots.every(
    ({ x, y, diameterMm }) =>
      x >= diameterMm / 2 - 1e-6 &&
      y >= diameterMm / 2 - 1e-6 &&
      x <= width - diameterMm / 2 + 1e-6 &&
      y <= height - diameterMm / 2 + 1e-6,
  )

describe('dots on a tray', () => {
  test('never touch and never leave the tray, of any mixture', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 30, max: 220, noNaN: true }),
        fc.double({ min: 30, max: 220, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.array(
          fc.record({
            diameterMm: fc.double({ min: 2, max: 8, noNaN: true }),
            share: fc.double({ min: 0.1, max: 1, noNaN: true }),
          }),
          {
            minLength: 1,
            maxLength: 4,
          },
        ),
        fc.integer({ min: 0, max: 1000 }),
        (widthMm, heightMm, gapMm, sizes, seed) => {
          const dots = layTray({ widthMm, heightMm, gapMm, sizes, seed })
          expect(dots.length).toBeGreaterThan(0)
          expect(gapsKept(dots, gapMm)).toBe(true)
          expect(onTray(dots, widthMm, heightMm)).toBe(true)
        },
      ),
      { numRuns: 20 },
    )
  })

  test('equal dots stand as close as counted, and no closer than the hexagonal bound allows', () => {
    const places = hexagonalPlaces(200, 300, 5, 2)
    expect(places).toHaveLength(dotsOnSheet(200, 300, 5, 2))
    // π/√12 of the sheet widened by a gap, for discs widened by half a gap each.
    const bound = (0.9069 * (202 * 302)) / ((Math.PI / 4) * 49)
    expect(places.length).toBeLessThanOrEqual(bound)
    expect(places.length).toBeGreaterThan(0.93 * bound)
  })

  test('a mixture keeps its shares, and the same seed lays the same tray', () => {
    const order = {
      widthMm: 200,
      heightMm: 300,
      gapMm: 2,
      seed: 3,
      sizes: [
        { diameterMm: 3, share: 0.5 },
        { diameterMm: 5, share: 0.3 },
        { diameterMm: 7, share: 0.2 },
      ],
    }
    const dots = layTray(order)
    expect(layTray(order)).toEqual(dots)
    const share = (diameter: number): number =>
      dots.filter(({ diameterMm }) => diameterMm === diameter).length / dots.length
    expect(share(3)).toBeCloseTo(0.5, 1)
    expect(share(7)).toBeCloseTo(0.2, 1)
    expect(layTray({ ...order, most: 20 })).toHaveLength(20)
  })

  test('a tray smaller than its dot is refused by name', () =>
    expect(() =>
      layTray({ widthMm: 4, heightMm: 50, gapMm: 1, sizes: [{ diameterMm: 5, share: 1 }], seed: 1 }),
    ).toThrow('largest dot is 5 mm'))

  test('a board of 150 × 100 mm takes about 70 holes of 10 mm (common practice)', () => {
    const holes = boardHoles(150, 100, 10, 4)
    expect(holes.length).toBeGreaterThanOrEqual(66)
    expect(holes.length).toBeLessThanOrEqual(76)
    expect(gapsKept(holes, 4)).toBe(true)
  })
})

describe('the dealer', () => {
  const suits = [
    {
      id: 'dot',
      options: [
        { name: 'rice', share: 0.5 },
        { name: 'lentil', share: 0.3 },
        { name: 'pea', share: 0.2 },
      ],
    },
    {
      id: 'show',
      options: [
        { name: 'bare', share: 0.8 },
        { name: 'flowered', share: 0.2 },
      ],
    },
  ]

  test('after any number dealt, none is two ahead of or behind its share', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 600 }), fc.integer({ min: 0, max: 9999 }), (count, seed) => {
        const dealt = deal(suits, count, seed)
        for (const { id, options } of suits)
          for (const { name, share } of options)
            expect(Math.abs(dealt.filter((one) => one[id] === name).length - share * count)).toBeLessThan(2.5)
      }),
    )
  })

  test('a longer deal begins as a shorter one; another seed deals otherwise; nothing is in step', () => {
    expect(deal(suits, 40, 5).slice(0, 12)).toEqual(deal(suits, 12, 5))
    expect(deal(suits, 40, 6)).not.toEqual(deal(suits, 40, 5))
    const rice = deal(suits, 200, 5).map(({ dot }) => dot === 'rice')
    const runs = rice.filter((own, i) => i > 0 && own === rice[i - 1]).length
    expect(runs).toBeGreaterThan(20)
  })
})

describe('wet patches', () => {
  test('hand speed and open time give the patch: four minutes less twenty seconds at 1.5 s a cm²', () =>
    expect(wetPatchCm2(240, 20, 1.5)).toBeCloseTo(146.67, 2))

  test('an area is parted evenly into no more than so much each', () => {
    expect(patchesOf(600, 150)).toEqual({ count: 4, eachCm2: 150 })
    expect(patchesOf(601, 150).count).toBe(5)
    expect(patchesOf(3, 150)).toEqual({ count: 1, eachCm2: 3 })
  })

  test('grams that do not come back raise the alarm', () => {
    expect(reclaimVerdict(10, 8)).toBe('in order')
    expect(reclaimVerdict(10, 3)).toBe('little')
    expect(reclaimVerdict(10, 0)).toBe('nothing')
    expect(reclaimVerdict(0, 0)).toBe('in order')
  })
})
