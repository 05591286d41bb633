import fc from 'fast-check'
import { speciesById } from '../../../core/plants'
import {
  bedsOf,
  boardOf,
  planPlanting,
  LABEL_MM,
  planSvg,
  sheetsOf,
  SHEET_OVERLAP_MM,
  spotLabels,
  spotName,
} from '../../../core/planting'
import { track, yard, job, plan } from '../../support/plans'
import { line } from '../../support/workshop'

describe('hedges and grass on the plan', () => {
  const own = (over: object) => ({
    line: line({ id: 'h', speciesId: 'blackthorn', zone: 'middle', heightM: 1.9, ...over }),
    species: speciesById('blackthorn'),
  })
  const planned = (rows: ReturnType<typeof own>[], over = {}) =>
    planPlanting(boardOf(job(over))!, bedsOf(job(over), rows), 's')

  test('a hedge runs where it was drawn, with a numbered mark for each length of it', () => {
    const made = planned([
      own({
        amount: { kind: 'length', lengthMm: 500, section: 'free' },
        drawn: [
          [100, 100],
          [400, 100],
          [400, 300],
        ],
      }),
    ])
    const [hedge] = made.hedges
    expect(hedge).toMatchObject({ code: 'A', wantedMm: 500, lengthMm: 500 })
    expect(hedge!.marks.map(({ number, x, y }) => [number, Math.round(x), Math.round(y)])).toEqual([
      [1, 150, 100],
      [2, 250, 100],
      [3, 350, 100],
      [4, 400, 150],
      [5, 400, 250],
    ])
    const svg = planSvg(made, () => '#2f6a45')
    expect([...svg.matchAll(/data-mark="(A\d)"/g)].map(([, name]) => name)).toEqual([
      'A1',
      'A2',
      'A3',
      'A4',
      'A5',
    ])
    expect(svg).toContain('A1, 500 mm')
  })

  test('one that nobody has drawn lies across its zone, as far as the board goes', () => {
    const [hedge] = planned([own({ amount: { kind: 'length', lengthMm: 5000, section: 'trimmed' } })]).hedges
    expect(hedge!.lengthMm).toBeLessThan(900)
    expect(hedge!.lengthMm).toBeGreaterThan(800)
  })

  test('nothing but a tree’s stem stands in a hedge', () => {
    const hedge = own({
      amount: { kind: 'length', lengthMm: 800, section: 'free' },
      drawn: [
        [50, 200],
        [850, 200],
      ],
    })
    const bushes = {
      ...own({}),
      line: line({ id: 'b', speciesId: 'hazel', zone: 'middle', amount: { kind: 'pieces', pieces: 40 } }),
    }
    const made = planned([hedge, { ...bushes, species: speciesById('hazel') }])
    const wide = made.hedges[0]!.widthMm
    const beside = made.spots.filter(({ x }) => x > 50 && x < 850)
    expect(beside.length).toBeGreaterThan(20)
    for (const spot of beside) expect(Math.abs(spot.y - 200)).toBeGreaterThanOrEqual(wide / 2)
  })

  test('grass has its area and its letter; drawn otherwise, both are told', () => {
    const grass = {
      ...own({ id: 'g', speciesId: 'meadow-grass', amount: { kind: 'area', areaCm2: 300 } }),
      species: speciesById('meadow-grass'),
    }
    const [patch] = planned([grass]).patches
    expect(patch!.areaCm2).toBeCloseTo(300, 6)
    const drawn = {
      ...grass,
      line: {
        ...grass.line,
        drawn: [
          [0, 0],
          [200, 0],
          [200, 100],
          [0, 100],
        ] as [number, number][],
      },
    }
    expect(planned([drawn]).patches[0]).toMatchObject({
      wantedCm2: 300,
      areaCm2: 200,
      middle: { x: 100, y: 50 },
    })
  })
})

describe('sheets at 1:1', () => {
  test('cover the board, overlap by as much as is said, and miss no spot', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 1500 }),
        fc.integer({ min: 60, max: 900 }),
        (boardWidthMm, boardDepthMm) => {
          const made = plan([12, 6], { boardWidthMm, boardDepthMm })
          const sheets = sheetsOf(made, 186, 255)
          expect(new Set(sheets.flatMap(({ spots }) => spots.map(spotName)))).toEqual(
            new Set(made.spots.map(spotName)),
          )
          for (const sheet of sheets) {
            expect(sheet.widthMm).toBeLessThanOrEqual(186)
            expect(sheet.depthMm).toBeLessThanOrEqual(255)
            expect(Math.min(sheet.widthMm, sheet.depthMm)).toBeGreaterThan(0)
          }
          const last = sheets[sheets.length - 1]!
          expect(last.x + last.widthMm).toBeCloseTo(boardWidthMm, 9)
          expect(last.y + last.depthMm).toBeCloseTo(boardDepthMm, 9)
          const [first, second] = sheets
          if (first && second && second.row === 1)
            expect(first.x + first.widthMm - second.x).toBeCloseTo(SHEET_OVERLAP_MM, 9)
        },
      ),
      { numRuns: 10 },
    )
    expect(() => sheetsOf(plan([1]), 5, 200)).toThrow('printable width is 5 mm')
  })

  test('the SVG has the board’s size, every cross once, and a bar of 50 mm', () => {
    const made = plan([9, 5], { keepOuts: [track, yard] })
    const svg = planSvg(made, () => '#2f6a45')
    expect(svg).toContain('width="900mm" height="410mm" viewBox="0 0 900 410"')
    const names = [...svg.matchAll(/data-piece="([A-Z]+\d+)"/g)].map(([, name]) => name)
    expect(names.sort()).toEqual(made.spots.map(spotName).sort())
    const cross = /data-piece="A1"><path d="M([\d.]+) ([\d.]+)h2.4/.exec(svg)!
    const spot = made.spots.find((at) => spotName(at) === 'A1')!
    expect(Number(cross[1]) + 1.2).toBeCloseTo(spot.x, 1)
    expect(Number(cross[2])).toBeCloseTo(400 - spot.y, 1)
    expect(svg).toContain('h50')
    expect(svg).toContain('stroke-width="32"')
  })
})

test('numbers of the crosses touch neither each other nor another cross', () => {
  const made = plan([40, 60, 30])
  expect(made.spots.length).toBeGreaterThan(60)
  const labels = spotLabels(made)
  const boxes = labels.map(({ at: [x, y] }, i) => ({
    x0: x,
    x1: x + spotName(made.spots[i]!).length * LABEL_MM * 0.6,
    y0: y - LABEL_MM,
    y1: y,
  }))
  const touch = (a: (typeof boxes)[number], b: (typeof boxes)[number]): boolean =>
    a.x0 < b.x1 - 1e-9 && b.x0 < a.x1 - 1e-9 && a.y0 < b.y1 - 1e-9 && b.y0 < a.y1 - 1e-9
  let touching = 0
  boxes.forEach((box, i) => {
    for (const other of boxes.slice(0, i)) if (touch(box, other)) touching += 1
  })
  expect(touching).toBe(0)
})
