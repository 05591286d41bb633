import fc from 'fast-check'
import { layOut, type Lined } from '../../../app/drawing/line-up'
import { keptInSight, seenX, sightOf, transformOf, WHOLE } from '../../../app/drawing/sight'

const room = { widthPx: 1132, groundPx: 328, topPx: 20, leftPx: 46, rightPx: 58 }
const plant = (name: string, heightMm: number, crownWidthMm: number, pieces = 10): Lined => ({
  label: name,
  pieces,
  amount: `×${pieces}`,
  heightMm,
  crownWidthMm,
})
const plants = fc
  .array(
    fc.record({
      name: fc.string({ minLength: 3, maxLength: 16 }),
      height: fc.double({ min: 2, max: 400, noNaN: true }),
      width: fc.double({ min: 1, max: 300, noNaN: true }),
      pieces: fc.integer({ min: 1, max: 300 }),
    }),
    { minLength: 1, maxLength: 12 },
  )
  .map((rows) => rows.map(({ name, height, width, pieces }) => plant(name, height, width, pieces)))

describe('the line-up', () => {
  test('stands are in order, side by side, and stay in the room', () => {
    fc.assert(
      fc.property(plants, fc.double({ min: 5, max: 60, noNaN: true }), (rows, personMm) => {
        const { stands, personX } = layOut(rows, personMm, room)
        expect(stands.map((stand) => stand.plant)).toEqual(rows)
        stands.forEach((stand, i) => {
          expect(stand.right).toBeGreaterThan(stand.left)
          if (i > 0) expect(stand.left).toBeGreaterThanOrEqual(stands[i - 1]!.right - 1e-3)
        })
        expect(stands[0]!.left).toBeGreaterThanOrEqual(room.leftPx - 1e-3)
        expect(personX).toBeLessThanOrEqual(room.widthPx - room.rightPx)
      }),
    )
  })

  test('all stand at one scale, and the tallest fits under the top', () => {
    fc.assert(
      fc.property(plants, (rows) => {
        const { pxPerMm, topMm } = layOut(rows, 20, room)
        const tallest = Math.max(...rows.map(({ heightMm }) => heightMm))
        expect(tallest * pxPerMm).toBeLessThanOrEqual(room.groundPx - room.topPx + 1e-3)
        expect(topMm * pxPerMm).toBeCloseTo(room.groundPx - room.topPx, 6)
      }),
    )
  })

  test('small plants are shown as a few and can be hit; never more than there are', () => {
    const { stands } = layOut(
      [plant('Tussocks', 6, 5, 220), plant('Single tuft', 6, 5, 1), plant('Beech', 198, 135)],
      20,
      room,
    )
    expect(stands[0]!.xs.length).toBeGreaterThan(2)
    expect(stands[1]!.xs).toHaveLength(1)
    expect(stands[2]!.xs).toHaveLength(1)
    for (const stand of stands) expect(stand.right - stand.left).toBeGreaterThanOrEqual(44)
  })

  test('many of one size are shared out on shelves and are larger for it; what leans stands in the middle of its room', () => {
    const many = Array.from({ length: 24 }, (_, i) => ({
      ...plant(String(i + 1), 190 + i, 130, 1),
      leanMm: 20,
    }))
    const roomy = { ...room, shelfPx: 24 }
    const [flat, shelved] = [layOut(many, 20, roomy), layOut(many, 20, roomy, 4)]
    expect(shelved.pxPerMm).toBeGreaterThan(flat.pxPerMm * 1.3)
    expect(shelved.stands.map(({ plant: { label } }) => label)).toEqual(many.map(({ label }) => label))
    expect([...new Set(shelved.stands.map(({ lift }) => lift))]).toEqual(shelved.shelves)
    expect(shelved.shelves.at(-1)).toBe(0)
    expect(shelved.shelves[0]! + shelved.topMm * shelved.pxPerMm).toBeCloseTo(room.groundPx - room.topPx, 6)
    expect(213 * shelved.pxPerMm).toBeLessThanOrEqual(shelved.shelves.at(-2)! - 24)
    for (const { left, right, xs } of shelved.stands)
      expect((left + right) / 2 - xs[0]!).toBeCloseTo(20 * shelved.pxPerMm, 6)
    expect(layOut([plant('Beech', 198, 135)], 20, roomy, 4).shelves).toEqual([0])
  })

  test('labels that would touch are set one below the other', () => {
    const rows = ['Field hedge, bush by bush', 'Pasture tussocks', 'Hay-meadow edge', 'Bracken'].map((name) =>
      plant(name, 10, 8, 50),
    )
    const { stands } = layOut([plant('Beech', 198, 135), plant('Spruce', 240, 77), ...rows], 20, {
      ...room,
      widthPx: 760,
    })
    const boxes = stands.map(({ label, labelX, row }) => ({
      row,
      from: labelX - (label.length * 6.9) / 2,
      to: labelX + (label.length * 6.9) / 2,
    }))
    for (const a of boxes)
      for (const b of boxes)
        if (a !== b && a.row === b.row && a.row < 2) expect(a.to <= b.from || b.to <= a.from).toBe(true)
    expect(new Set(boxes.map(({ row }) => row)).size).toBeGreaterThan(1)
  })

  test('thirty lines still stand in the room, and their labels are cut short rather than laid over each other', () => {
    const { stands } = layOut(
      Array.from({ length: 30 }, (_, i) => plant(`A rather long name ${i}`, 20 + i * 6, 10 + i * 4)),
      20,
      room,
    )
    expect(stands[29]!.right).toBeLessThanOrEqual(room.widthPx - room.rightPx)
    for (const [i, a] of stands.entries())
      for (const b of stands.slice(i + 1)) {
        if (a.row !== b.row || a.label === '' || b.label === '') continue
        expect(a.labelX + (a.label.length * 6.9) / 2).toBeLessThanOrEqual(
          b.labelX - (b.label.length * 6.9) / 2 + 7,
        )
      }
  })
})

describe('looking nearer', () => {
  const place = fc.record({
    x: fc.double({ min: 0, max: 1100, noNaN: true }),
    y: fc.double({ min: 0, max: 380, noNaN: true }),
  })
  test('counted from the corner or from the ground, a place of the plants is seen at the same spot', () => {
    fc.assert(
      fc.property(place, fc.double({ min: 1.05, max: 24, noNaN: true }), (at, k) => {
        const transform = { k, x: 17 - at.x, y: 31 - at.y }
        const sight = sightOf(transform, 318)
        expect(seenX(sight, at.x)).toBeCloseTo(k * at.x + transform.x, 6)
        // A height over the ground, worked from the ground's own place.
        const heightPx = 318 - at.y
        expect(318 + sight.panY - heightPx * k).toBeCloseTo(k * at.y + transform.y, 6)
        expect(transformOf(sight, 318).y).toBeCloseTo(transform.y, 6)
      }),
    )
  })

  test('all the way back shows the whole; nothing can be pushed out of sight', () => {
    expect(sightOf({ k: 1, x: 40, y: -9 }, 318)).toEqual(WHOLE)
    expect(keptInSight({ zoom: 1, panX: 40, panY: 9 }, room)).toEqual(WHOLE)
    const far = keptInSight({ zoom: 3, panX: 99_999, panY: -99_999 }, room)
    expect(far.panX).toBeLessThan(room.widthPx)
    expect(far.panY).toBeGreaterThan(-room.groundPx)
  })
})
