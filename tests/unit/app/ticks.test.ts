import fc from 'fast-check'
import { halvedTicks, roundStep, roundTicks, type Tick } from '../../../app/drawing/ticks'

const room = { tickPx: 4, labelPx: 42 }
const labels = (ticks: readonly Tick[]): number[] =>
  ticks.filter(({ labelled }) => labelled).map(({ value }) => value)

describe('ticks of a rule', () => {
  test('100 mm over 1000 px: a tick each mm, a number each 5', () => {
    const ticks = roundTicks([0, 100], 10, room)
    expect(ticks).toHaveLength(201)
    expect(labels(ticks)).toEqual(Array.from({ length: 21 }, (_, i) => i * 5))
    expect(
      ticks
        .filter(({ half }) => half)
        .map(({ value }) => value)
        .slice(0, 2),
    ).toEqual([2.5, 7.5])
  })

  test('inches are halved, and halved again, down to what the eye can tell apart', () => {
    const ticks = halvedTicks([0, 2], 100, room)
    expect(labels(ticks)).toEqual([0, 0.5, 1, 1.5, 2])
    expect(ticks[1]!.value).toBe(1 / 16)
    expect(halvedTicks([0, 2], 10, room).map(({ value }) => value)).toEqual([0, 0.5, 1, 1.5, 2])
    expect(labels(halvedTicks([0, 2000], 0.4, room))[1]).toBe(200)
  })

  test('steps are round, numbers and ticks keep apart and every number stands at a tick, at any scale', () => {
    const either = fc.constantFrom(roundTicks, halvedTicks)
    const magnitude = fc.double({ min: -4, max: 3, noNaN: true }).map((power) => 10 ** power)
    fc.assert(
      fc.property(either, magnitude, fc.integer({ min: 60, max: 2000 }), (ticksOf, pxPerUnit, px) => {
        const to = px / pxPerUnit
        const ticks = ticksOf([0, to], pxPerUnit, room)
        expect(ticks[0]).toMatchObject({ value: 0, labelled: true })
        expect(ticks.length).toBeLessThanOrEqual(px / 4 + 1)
        const at = (list: readonly number[]): number[] =>
          list.slice(1).map((value, i) => (value - list[i]!) * pxPerUnit)
        for (const distance of at(ticks.map(({ value }) => value))) expect(distance).toBeGreaterThan(3.999)
        for (const distance of at(labels(ticks))) {
          expect(distance).toBeGreaterThan(41.99)
          expect(distance).toBeLessThan(42 * 2.6)
        }
        expect(ticks.at(-1)!.value).toBeLessThanOrEqual(to * 1.000001)
      }),
    )
  })

  test('a step is 1, 2 or 5 times a power of ten, and the least that has room', () => {
    expect([0.2, 0.7, 1.3, 4, 20, 200].map((pxPerMm) => roundStep(pxPerMm, 60))).toEqual([
      500, 100, 50, 20, 5, 0.5,
    ])
  })

  test('the least that has room is never a little too small', () => {
    // 42 px of 0.0021 px to a unit want 20 000, and a hair more than that the next round step.
    expect(roundStep(0.0021, 42)).toBe(20_000)
    expect(roundStep(0.0020995, 42)).toBe(50_000)
    expect(roundStep(0.002, 42)).toBe(50_000)
  })

  test('a rule without length has no ticks', () => {
    expect(roundTicks([0, 0], 10, room)).toEqual([])
    expect(halvedTicks([0, 10], 0, room)).toEqual([])
    expect(roundTicks([5, 3], 10, room)).toEqual([])
  })
})
