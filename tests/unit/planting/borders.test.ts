import { bedsOf, isInside, planPlanting, planSvg, suggestPlanting, type Board } from '../../../core/planting'
import type { Line } from '../../../core/commissions'
import { habitatById, habitatWords, speciesById, speciesTable } from '../../../core/plants'
import { commission, line } from '../../support/workshop'

const board = (over: Partial<Board> = {}): Board => ({
  widthMm: 600,
  depthMm: 400,
  edgeMm: 6,
  keepOuts: [],
  ...over,
})
const inBed = (speciesId: string, count: number, over: Partial<Line> = {}): Partial<Line> => ({
  speciesId,
  amount: { kind: 'pieces', pieces: count },
  zone: 'front',
  stands: 'bed',
  ...over,
})
const plan = (lines: readonly Partial<Line>[], over: Partial<Board> = {}) =>
  planPlanting(
    board(over),
    bedsOf(
      commission({ ratio: 43.5 }),
      lines.map((own, i) => ({
        line: line({ id: `l${i}`, ...own }),
        species: speciesById(own.speciesId ?? ''),
      })),
    ),
    'seed',
  )
const cottage = [inBed('foxglove', 15), inBed('oxeye-daisy', 31), inBed('hollyhock', 7), inBed('lavender', 9)]

describe('garden beds', () => {
  test('all kinds of a zone stand in one bed, each in it, none in another', () => {
    const { borders, spots, left } = plan(cottage)
    expect(left).toEqual([])
    expect(spots).toHaveLength(62)
    expect(borders).toHaveLength(1)
    const [bed] = borders
    expect([...bed!.codes].sort()).toEqual(['A', 'B', 'C', 'D'])
    for (const spot of spots) expect(isInside(bed!.points, spot)).toBe(true)
    spots.forEach((a, i) => {
      for (const b of spots.slice(i + 1))
        if (a.layer === b.layer)
          expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(a.ownMm + b.ownMm - 1e-6)
    })
  })

  test('the tall stand behind the low: hollyhocks behind foxgloves, daisies in front', () => {
    const { spots } = plan(cottage)
    const depth = (code: string): number => {
      const own = spots.filter((spot) => spot.code === code)
      return own.reduce((sum, { y }) => sum + y, 0) / own.length
    }
    const [foxglove, daisy, hollyhock] = ['A', 'B', 'C'].map(depth)
    expect(hollyhock!).toBeGreaterThan(foxglove!)
    expect(foxglove!).toBeGreaterThan(daisy!)
  })

  test('a bed is longer than it is deep, and no longer than its board', () => {
    for (const count of [9, 61, 401]) {
      const { borders, left } = plan([inBed('oxeye-daisy', count)])
      const xs = borders[0]!.points.map(([x]) => x)
      const ys = borders[0]!.points.map(([, y]) => y)
      const [long, deep] = [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)]
      expect(long / deep).toBeGreaterThan(1.5)
      expect(long).toBeLessThanOrEqual(600)
      expect(left).toEqual([])
    }
  })

  test('it moves aside for a path, and what finds no room is told', () => {
    const path = {
      id: 'p',
      kind: 'line',
      widthMm: 60,
      points: [
        [300, 0],
        [300, 400],
      ],
    } as const
    const aside = plan(cottage, { keepOuts: [{ ...path, points: path.points.map(([x, y]) => [x, y]) }] })
    expect(aside.left).toEqual([])
    for (const { x, crownMm } of aside.spots)
      expect(Math.abs(x - 300)).toBeGreaterThanOrEqual(30 + crownMm / 2 - 1e-6)
    const { left, spots } = plan([inBed('hollyhock', 500)], { widthMm: 200, depthMm: 120 })
    expect(left[0]!.pieces + spots.length).toBe(500)
    expect(left[0]!.pieces).toBeGreaterThan(0)
  })

  test('one plant has a bed of its own; none has no bed; two zones have two', () => {
    expect(plan([inBed('foxglove', 1)]).borders[0]!.areaCm2).toBeGreaterThan(0)
    expect(plan([inBed('foxglove', 3, { stands: 'drift' })]).borders).toEqual([])
    const two = plan([inBed('foxglove', 9), inBed('lavender', 9, { zone: 'back' })])
    expect(two.borders.map(({ codes }) => codes)).toEqual([['A'], ['B']])
    expect(two.borders[1]!.middle.y).toBeGreaterThan(two.borders[0]!.middle.y + 100)
  })

  test('the template has its outline, to be drawn before the earth goes down', () => {
    const made = plan(cottage)
    const svg = planSvg(made, () => '#336633')
    const [, letters, d] = /data-bed="([^"]+)"><path d="(M[^"]+)Z"/.exec(svg)!
    expect(letters!.split(' ').sort()).toEqual(['A', 'B', 'C', 'D'])
    expect(d!.split('L').length).toBeGreaterThan(8)
    expect(svg).toContain('of earth</text>')
  })

  test('the same wish gives the same bed', () => {
    expect(plan(cottage)).toEqual(plan(cottage))
  })
})

test('a garden’s flowers and low shrubs are suggested for its bed; vegetables, trees and climbers are not', () => {
  const reading = suggestPlanting({ areaM2: 900, habitats: ['garden'], pieces: 200 }, speciesTable)
  if (reading.kind !== 'ok') throw new Error(reading.because)
  const { lines } = reading.value
  const standing = new Map(lines.map(({ speciesId, stands }) => [speciesId, stands]))
  const bedded = lines.filter(({ stands }) => stands === 'bed')
  expect(bedded.length).toBeGreaterThanOrEqual(3)
  for (const { speciesId, heightM, reason, zone } of bedded) {
    expect(heightM).toBeLessThanOrEqual(1.6)
    expect(speciesById(speciesId).habit).not.toBe('climber')
    expect(reason).toContain('in a bed with the others')
    expect(zone).toBe('front')
  }
  expect(standing.get('cabbage') ?? standing.get('sunflower')).toBeUndefined()
  for (const { layer, stands } of lines) if (layer === 'tree') expect(stands).toBeUndefined()
})

test('habitats are named as they are in a sentence', () => {
  const words = (id: string): string => habitatWords(habitatById(id))
  expect(['woodland-edge', 'mediterranean-scrub', 'east-asian-wood', 'australian-bush'].map(words)).toEqual([
    'woodland edge',
    'Mediterranean scrub',
    'East Asian wood',
    'Australian bush',
  ])
})
