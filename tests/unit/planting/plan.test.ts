import fc from 'fast-check'
import { speciesById } from '../../../core/plants'
import {
  bedsOf,
  boardOf,
  clearanceOf,
  codeOf,
  edgeDistance,
  keepOutDistance,
  planPlanting,
  fieldSpacing,
  spotName,
  type PlantingPlan,
} from '../../../core/planting'
import type { KeepOut } from '../../../core/commissions'
import { planOrderSchema } from '../../../server/plans/order'
import { track, yard, job, plan } from '../../support/plans'
import { line } from '../../support/workshop'

function expectSpaced({ spots, board }: PlantingPlan): void {
  spots.forEach((a, i) => {
    for (const b of spots.slice(i + 1))
      if (Math.hypot(a.x - b.x, a.y - b.y) < fieldSpacing(a, b) - 1e-9)
        throw new Error(
          `${spotName(a)} and ${spotName(b)} stand ${Math.hypot(a.x - b.x, a.y - b.y)} mm apart, not ${fieldSpacing(a, b)}`,
        )
    for (const keepOut of board.keepOuts)
      if (clearanceOf(keepOut, a) < keepOutDistance(a, keepOut))
        throw new Error(`${spotName(a)} stands in ${keepOut.id}`)
    const edge = Math.max(board.edgeMm, edgeDistance(a, board))
    if (a.x < edge || a.y < edge || a.x > board.widthMm - edge || a.y > board.depthMm - edge)
      throw new Error(`${spotName(a)} stands at the edge`)
  })
}

describe('a planting plan', () => {
  test('spacing, keep-outs and edges are never broken, whatever is planted; every piece is planted or told', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 8 }),
        fc.string(),
        fc.boolean(),
        (pieces, seed, tight) => {
          const over = tight ? { boardWidthMm: 160, boardDepthMm: 110 } : { keepOuts: [track, yard] }
          const made = plan(pieces, over, seed)
          expectSpaced(made)
          const left = made.left.reduce((sum, { pieces: count }) => sum + count, 0)
          expect(made.spots.length + left).toBe(pieces.reduce((sum, count) => sum + count, 0))
        },
      ),
      { numRuns: 12 },
    )
  })

  test('the numbers are those of the pieces: each line counts from 1, with its own crown', () => {
    const made = plan([9, 5])
    const of = (code: string) => made.spots.filter((spot) => spot.code === code)
    expect(of('A').map(({ number }) => number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9])
    expect(new Set(of('A').map(({ crownMm }) => crownMm)).size).toBe(9)
    expect([codeOf(0), codeOf(25), codeOf(26), codeOf(27)]).toEqual(['A', 'Z', 'AA', 'AB'])
  })

  test('the same seed gives the same plan; a new line leaves the others’ darts alone where it can', () => {
    expect(plan([9, 5, 7])).toEqual(plan([9, 5, 7]))
    expect(plan([9, 5, 7], {}, 'other').spots).not.toEqual(plan([9, 5, 7]).spots)
  })

  test('plants stand in their zones, and a group stands together', () => {
    const made = plan([9, 15, 15])
    const share = (code: string, from: number, to: number): number => {
      const of = made.spots.filter((spot) => spot.code === code)
      return of.filter(({ y }) => y >= from * 400 && y <= to * 400).length / of.length
    }
    expect(share('A', 0, 0.5)).toBeGreaterThan(0.7)
    expect(share('C', 0.5, 1)).toBeGreaterThan(0.8)
    // Beech stands in groves: the nearest of its like is hardly further than the two must keep apart.
    const beech = made.spots.filter(({ code }) => code === 'A')
    const nearest = beech.map((a) =>
      Math.min(...beech.filter((b) => b !== a).map((b) => Math.hypot(a.x - b.x, a.y - b.y))),
    )
    const keeps = beech.reduce((sum, { ownMm }) => sum + 2 * ownMm, 0) / beech.length
    expect(nearest.reduce((a, b) => a + b, 0) / nearest.length / keeps).toBeLessThan(1.35)
  })

  test('what stands in rows stands in a line, crown to crown, along the track where one is near; a line may be set to', () => {
    const hedge = (over: object, commissionOver = {}) => {
      const species = speciesById('blackthorn')
      const own = {
        line: line({
          id: 'h',
          speciesId: species.id,
          amount: { kind: 'pieces', pieces: 15 },
          zone: 'front',
          heightM: 1.9,
          ...over,
        }),
        species,
      }
      const made = planPlanting(boardOf(job(commissionOver))!, bedsOf(job(commissionOver), [own]), 's')
      expectSpaced(made)
      expect(
        planOrderSchema.safeParse({
          paper: 'A4',
          title: '',
          scale: '',
          board: made.board,
          spots: made.spots,
          legend: [],
        }),
      ).toMatchObject({ success: true })
      return made.spots
    }
    // Share of the pieces whose nearest neighbour stands in the row's direction, hardly further than crowns that touch.
    const inLine = (spots: ReturnType<typeof hedge>, heading: number): number =>
      spots.filter((a) => {
        const [near] = spots
          .filter((b) => b !== a)
          .sort((b, c) => Math.hypot(b.x - a.x, b.y - a.y) - Math.hypot(c.x - a.x, c.y - a.y))
        const turned = Math.abs(Math.sin(Math.atan2(near!.y - a.y, near!.x - a.x) - heading))
        return turned < 0.12 && Math.hypot(near!.x - a.x, near!.y - a.y) < fieldSpacing(a, near!) * 1.06
      }).length / spots.length
    const inRow = hedge({ stands: 'row' })
    expect(inRow).toHaveLength(15)
    expect(inLine(inRow, 0)).toBe(1)
    expect(inLine(hedge({}), 0)).toBeLessThan(0.5)
    const slope = Math.atan2(140, 900)
    const lane: KeepOut = {
      id: 'lane',
      kind: 'line',
      widthMm: 20,
      points: [
        [0, 20],
        [900, 160],
      ],
    }
    expect(inLine(hedge({ stands: 'row' }, { keepOuts: [lane] }), slope)).toBe(1)
    expect(inLine(hedge({ stands: 'row' }, { keepOuts: [lane] }), 0)).toBeLessThan(0.5)
  })

  test('a board too small says what found no room', () => {
    const made = plan([60], { boardWidthMm: 120, boardDepthMm: 90 })
    expect(made.left).toEqual([{ lineId: 'l0', code: 'A', pieces: 60 - made.spots.length }])
    expect(made.spots.length).toBeGreaterThan(0)
    const nothing = { pieces: [], hedges: [], patches: [] }
    expect(() => planPlanting({ widthMm: 0, depthMm: 5, edgeMm: 1, keepOuts: [] }, nothing, 's')).toThrow(
      'board width is 0 mm',
    )
  })

  test('distance to a keep-out: outside, on the border, inside', () => {
    expect(
      clearanceOf(
        {
          ...track,
          points: [
            [0, 0],
            [100, 0],
          ],
        },
        { x: 50, y: 40 },
      ),
    ).toBeCloseTo(24, 9)
    expect(clearanceOf(yard, { x: 570, y: 265 })).toBeCloseTo(-65, 9)
    expect(clearanceOf(yard, { x: 490, y: 265 })).toBeCloseTo(10, 9)
  })
})

describe('what is kept clear', () => {
  const clear = (overhangMm?: number) =>
    plan([40, 40, 40], { keepOuts: [{ ...track, ...(overhangMm === undefined ? {} : { overhangMm }) }] })

  test('no crown reaches over it by more than is allowed, and the plan says how far', () => {
    expect(clear().overhangMm).toBe(0)
    const some = clear(6)
    expect(some.overhangMm).toBeGreaterThan(0)
    expect(some.overhangMm).toBeLessThanOrEqual(6 + 1e-9)
    for (const spot of some.spots)
      expect(spot.crownMm / 2 - clearanceOf(track, spot)).toBeLessThanOrEqual(Math.max(6, 0) + 1e-9)
  })

  test('only the planted part is planted', () => {
    const made = plan([30, 30], { plantedShare: 0.4 })
    expect(made.spots.every(({ x }) => x <= 900 * 0.4)).toBe(true)
  })
})

describe('low growth', () => {
  test('stands in the middle and at the back too, most of it where its line says', () => {
    const grass = {
      line: line({ id: 'g', speciesId: 'bracken', zone: 'front', amount: { kind: 'pieces', pieces: 150 } }),
      species: speciesById('bracken'),
    }
    const { spots } = planPlanting(boardOf(job())!, bedsOf(job(), [grass]), 's')
    const share = (from: number, to: number) =>
      spots.filter(({ y }) => y >= from * 400 && y < to * 400).length / spots.length
    expect(share(0, 0.36)).toBeGreaterThan(0.4)
    expect(share(0.64, 1)).toBeGreaterThan(0.08)
  })

  test('shrubs stand under the edge of trees, herbs under the crown', () => {
    const tree = { layer: 'tree', ownMm: 40, stemMm: 4 } as const
    const shrub = { layer: 'shrub', ownMm: 10, stemMm: 1 } as const
    const herb = { layer: 'ground', ownMm: 4, stemMm: 0 } as const
    expect(fieldSpacing(tree, shrub)).toBe(fieldSpacing(shrub, tree))
    expect(fieldSpacing(tree, shrub)).toBeLessThan(40)
    expect(fieldSpacing(tree, herb)).toBeLessThan(fieldSpacing(tree, shrub))
    expect(fieldSpacing(tree, tree)).toBe(80)
  })
})
