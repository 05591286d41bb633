import fc from 'fast-check'
import {
  between,
  lengthOf,
  planPlanting,
  planSvg,
  type Beds,
  type Board,
  type Corner,
} from '../../../core/planting'

const LINE: Corner[] = [
  [0, 0],
  [100, 0],
  [100, 50],
]

describe('a part of a line', () => {
  test('has its ends and the corners between them', () => {
    expect(between(LINE, 90, 120)).toEqual([
      [90, 0],
      [100, 0],
      [100, 20],
    ])
    expect(between(LINE, 10, 40)).toEqual([
      [10, 0],
      [40, 0],
    ])
  })

  test('is as long as asked, whatever the line', () => {
    const corner = fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 0, max: 400 }))
    fc.assert(
      fc.property(
        fc.uniqueArray(corner, { minLength: 2, maxLength: 7, selector: String }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (points, a, b) => {
          const whole = lengthOf(points)
          const [from, to] = [Math.min(a, b) * whole, Math.max(a, b) * whole]
          expect(lengthOf(between(points, from, to))).toBeCloseTo(to - from, 6)
        },
      ),
    )
  })
})

describe('a hedge with a gate on the plan', () => {
  const board: Board = { widthMm: 400, depthMm: 200, edgeMm: 6, keepOuts: [] }
  const beds = (gaps: { atMm: number; widthMm: number }[]): Beds => ({
    pieces: [],
    patches: [],
    hedges: [
      {
        lineId: 'h',
        code: 'H',
        zone: 'middle',
        widthMm: 18,
        lengthMm: 300,
        gaps,
        drawn: [
          [50, 100],
          [350, 100],
        ],
      },
    ],
  })
  const hedgeOf = (gaps: { atMm: number; widthMm: number }[]) =>
    planPlanting(board, beds(gaps), '1').hedges[0]!

  test('grows on both sides of it; the mark that would stand in it is left out, the others keep their numbers', () => {
    const hedge = hedgeOf([{ atMm: 130, widthMm: 45 }])
    expect(hedge.stretches).toEqual([
      [
        [50, 100],
        [180, 100],
      ],
      [
        [225, 100],
        [350, 100],
      ],
    ])
    expect(hedge.gates).toEqual([{ x: 202.5, y: 100, widthMm: 45 }])
    expect(hedge.marks.map(({ number }) => number)).toEqual([1, 3])
  })

  test('a gate that runs over its end is as wide as there is hedge; one beyond it is none', () => {
    expect(hedgeOf([{ atMm: 280, widthMm: 90 }]).gates[0]!.widthMm).toBe(20)
    expect(hedgeOf([{ atMm: 300, widthMm: 40 }]).gates).toEqual([])
    expect(hedgeOf([]).stretches).toHaveLength(1)
  })

  test('is drawn so on the template', () => {
    const svg = planSvg(planPlanting(board, beds([{ atMm: 130, widthMm: 45 }]), '1'), () => '#406020')
    expect(svg).toContain('data-gate="45"')
    expect(svg).toContain('gap 45 mm')
    expect(svg).toContain('M50 100L180 100M225 100L350 100')
  })
})
