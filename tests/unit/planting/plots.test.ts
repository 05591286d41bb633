import { planPlanting, bedsOf, type Board } from '../../../core/planting'
import { lineSize, type Line } from '../../../core/commissions'
import { speciesById } from '../../../core/plants'
import { commission, line } from '../../support/workshop'

const board = (over: Partial<Board> = {}): Board => ({
  widthMm: 900,
  depthMm: 600,
  edgeMm: 6,
  keepOuts: [],
  ...over,
})
const plan = (lines: readonly Partial<Line>[], over: Partial<Board> = {}, ratio = 87.1) => {
  const job = commission({ ratio })
  const rows = lines.map((own, i) => ({ ...line({ id: `l${i}`, ...own }) }))
  const beds = bedsOf(
    job,
    rows.map((row) => ({ line: row, species: speciesById(row.speciesId) })),
  )
  return { job, plan: planPlanting(board(over), beds, 'seed') }
}
const pieces = (count: number): Line['amount'] => ({ kind: 'pieces', pieces: count })

describe('what is planted in rows', () => {
  test('an orchard stands on its grid: 7 m apart are 80.4 mm at 1:87.1, both ways', () => {
    const { plan: made } = plan([{ speciesId: 'apple', amount: pieces(12), age: 'mature' }])
    expect(made.spots).toHaveLength(12)
    const xs = [...new Set(made.spots.map(({ x }) => Math.round(x * 10)))].sort((a, b) => a - b)
    const ys = [...new Set(made.spots.map(({ y }) => Math.round(y * 10)))].sort((a, b) => a - b)
    expect(xs.length * ys.length).toBeGreaterThanOrEqual(12)
    for (const places of [xs, ys])
      places
        .slice(1)
        .forEach((at, i) => expect(Math.abs((at - places[i]!) / 10 - 7000 / 87.1)).toBeLessThan(0.2))
  })

  test('vines run along the front, row behind row', () => {
    const { plan: made } = plan([{ speciesId: 'grapevine', amount: pieces(60), zone: 'front' }])
    expect(made.spots).toHaveLength(60)
    const byRow = new Map<number, number>()
    for (const { y } of made.spots) byRow.set(Math.round(y), (byRow.get(Math.round(y)) ?? 0) + 1)
    expect(Math.max(...byRow.values())).toBeGreaterThan(6)
    const depths = [...byRow.keys()].sort((a, b) => a - b)
    expect(depths[1]! - depths[0]!).toBeCloseTo(2000 / 87.1, -1)
    expect(depths[0]!).toBeLessThan(600 * 0.36)
  })

  test('two fields in one zone lie side by side, and what is kept clear stays clear', () => {
    const track = {
      id: 'k',
      kind: 'line',
      widthMm: 40,
      points: [
        [0, 20],
        [900, 20],
      ],
    } as const
    const { plan: made } = plan(
      [
        { speciesId: 'sunflower', amount: pieces(60) },
        { speciesId: 'cabbage', amount: pieces(60) },
      ],
      { keepOuts: [{ ...track, points: track.points.map(([x, y]) => [x, y]) }] },
    )
    const of = (id: string) => made.spots.filter(({ lineId }) => lineId === id)
    expect([of('l0').length, of('l1').length]).toEqual([60, 60])
    expect(Math.max(...of('l0').map(({ x }) => x))).toBeLessThan(Math.min(...of('l1').map(({ x }) => x)))
    for (const { y } of made.spots) expect(y).toBeGreaterThan(40)
  })

  test('a line set otherwise than its kind stands is no plot; more than there is room for is said to be left', () => {
    const { plan: loose } = plan([{ speciesId: 'apple', amount: pieces(7), stands: 'few' }])
    expect(new Set(loose.spots.map(({ y }) => Math.round(y))).size).toBeGreaterThan(3)
    const { plan: full } = plan([{ speciesId: 'apple', amount: pieces(400) }])
    expect(full.left[0]!.pieces).toBe(400 - full.spots.length)
    expect(full.spots.length).toBeGreaterThan(20)
  })

  test('a field of thousands in a second; rows far wider than the board leave one row', () => {
    const { plan: field } = plan([{ speciesId: 'wheat', amount: pieces(5000), age: 'mature' }])
    expect(field.spots.length).toBeGreaterThan(4500)
    const { plan: one, job } = plan([{ speciesId: 'plum', amount: pieces(3) }], { depthMm: 120 }, 43.5)
    expect(lineSize(line({ speciesId: 'plum' }), job, speciesById('plum')).crownWidthMm).toBeGreaterThan(50)
    expect(new Set(one.spots.map(({ y }) => Math.round(y))).size).toBeLessThanOrEqual(1)
  })
})
