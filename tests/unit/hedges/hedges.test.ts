import fc from 'fast-check'
import {
  grownMm,
  holeSheet,
  runsBetween,
  stripPlan,
  twigCuts,
  twigHoles,
  withGap,
} from '../../../core/hedges'

describe('gates and gaps', () => {
  test('what is left between them, however they lie', () => {
    expect(runsBetween(1000, [])).toEqual([{ fromMm: 0, toMm: 1000 }])
    expect(runsBetween(1000, [{ atMm: 600, widthMm: 50 }])).toEqual([
      { fromMm: 0, toMm: 600 },
      { fromMm: 650, toMm: 1000 },
    ])
    // One in the other, one at the start, one beyond the end.
    expect(
      runsBetween(1000, [
        { atMm: 980, widthMm: 400 },
        { atMm: 200, widthMm: 300 },
        { atMm: 250, widthMm: 20 },
        { atMm: 0, widthMm: 10 },
        { atMm: 4000, widthMm: 10 },
      ]),
    ).toEqual([
      { fromMm: 10, toMm: 200 },
      { fromMm: 500, toMm: 980 },
    ])
    expect(grownMm(300, [{ atMm: 0, widthMm: 300 }])).toBe(0)
  })

  test('one more is put where it belongs along the hedge, in whatever unit it is typed', () => {
    const gate = { atMm: 600, widthMm: 50 }
    expect(withGap([gate], { at: '12 cm', width: '20' }, 1000)).toEqual({
      kind: 'ok',
      value: [{ atMm: 120, widthMm: 20 }, gate],
    })
    expect(withGap([], { at: '0', width: '0.3 m' }, 1000)).toEqual({
      kind: 'ok',
      value: [{ atMm: 0, widthMm: 300 }],
    })
  })

  test.each([
    ['', '20', /^Gap from: /],
    ['100', 'wide', /^Width: .*wide/],
    ['100', '0.5', /1 mm to 10 m wide/],
    ['100', '11 m', /1 mm to 10 m wide/],
    ['1000', '20', /read 1000 mm; the hedge ends at 1000 mm/],
    ['0', '600', /nothing of the hedge would be left/],
  ])('from “%s”, “%s” wide, is refused', (at, width, because) => {
    const refused = withGap([{ atMm: 600, widthMm: 400 }], { at, width }, 1000)
    expect(refused).toEqual({ kind: 'none', because: expect.stringMatching(because) })
  })
})

describe('twigs', () => {
  const order = {
    runs: [
      { fromMm: 0, toMm: 500 },
      { fromMm: 560, toMm: 900 },
    ],
    widthMm: 14,
    perHoleMm2: 40,
    holeMm: 2,
    heightMm: 25,
    spread: 0.18,
    seed: 5,
  }

  test('as many holes as the density asks for, none in the gap, none touching, each twig of a sensible length', () => {
    const holes = twigHoles(order)
    expect(holes.length).toBeGreaterThan(0.95 * ((840 * 14) / 40))
    expect(holes.length).toBeLessThanOrEqual(Math.round((500 * 14) / 40) + Math.round((340 * 14) / 40))
    for (const { alongMm, acrossMm, heightMm } of holes) {
      expect(alongMm <= 500 || alongMm >= 560).toBe(true)
      expect(Math.abs(acrossMm)).toBeLessThanOrEqual(7)
      expect(heightMm).toBeGreaterThanOrEqual(25 * 0.45)
      expect(heightMm).toBeLessThanOrEqual(25 * 1.2)
    }
    for (let i = 1; i < holes.length; i += 1)
      for (let j = Math.max(0, i - 12); j < i; j += 1)
        expect(
          Math.hypot(holes[i]!.alongMm - holes[j]!.alongMm, holes[i]!.acrossMm - holes[j]!.acrossMm),
        ).toBeGreaterThanOrEqual(2.5)
    expect(twigHoles(order)).toEqual(holes)
  })

  test('the cut list has every twig, with its foot, in steps of 5 mm', () => {
    const holes = twigHoles(order)
    const cuts = twigCuts(holes, 6)
    expect(cuts.reduce((sum, { count }) => sum + count, 0)).toBe(holes.length)
    for (const { lengthMm } of cuts) expect(lengthMm % 5).toBe(0)
    expect(twigCuts([{ alongMm: 0, acrossMm: 0, heightMm: 24.1 }], 6)).toEqual([{ lengthMm: 35, count: 1 }])
  })

  test('the hole sheet has each hole where it is, and says the gap', () => {
    const holes = twigHoles(order)
    const sheet = holeSheet({
      title: 'Hedge',
      lengthMm: 900,
      widthMm: 14,
      holeMm: 2,
      gaps: [{ atMm: 500, widthMm: 60 }],
      holes,
    })
    const circles = sheet.shapes.filter(({ kind }) => kind === 'circle')
    expect(circles).toHaveLength(holes.length)
    expect(sheet.widthMm).toBe(916)
    expect(sheet.shapes.some((shape) => shape.kind === 'text' && shape.text === 'gap')).toBe(true)
    expect(sheet.shapes.filter((shape) => shape.kind === 'text' && /^\d+$/.test(shape.text))).toHaveLength(10)
  })
})

describe('strips', () => {
  test('cover every run in every layer, joints of neighbouring layers never together', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 3000 }),
        fc.integer({ min: 5, max: 190 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 2500 }),
        (lengthMm, stripMm, layers, atMm) => {
          const runs = runsBetween(lengthMm, [{ atMm, widthMm: 40 }])
          if (runs.length === 0) return
          const plan = stripPlan({ runs, stripMm, sheetWidthMm: 300, sheetHeightMm: 200, layers, kerfMm: 2 })
          const grown = grownMm(lengthMm, [{ atMm, widthMm: 40 }])
          expect(plan.strips.reduce((sum, strip) => sum + strip, 0)).toBeCloseTo(grown * layers, 6)
          expect(Math.max(...plan.strips)).toBeLessThanOrEqual(300)
          plan.joints.forEach((joints, i) => {
            const next = plan.joints[i + 1] ?? []
            for (const joint of joints) expect(next.some((other) => Math.abs(other - joint) < 1)).toBe(false)
          })
          expect(plan.sheets * plan.rowsPerSheet).toBeGreaterThanOrEqual(plan.cut.rods.length)
        },
      ),
      { numRuns: 60 },
    )
  })

  test('a strip higher than its sheet is refused by name', () =>
    expect(() =>
      stripPlan({
        runs: [{ fromMm: 0, toMm: 100 }],
        stripMm: 250,
        sheetWidthMm: 300,
        sheetHeightMm: 200,
        layers: 1,
        kerfMm: 0,
      }),
    ).toThrow('strip is 250 mm'))
})
