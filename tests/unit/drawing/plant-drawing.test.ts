import { lineSize, sitterOf, type Line } from '../../../core/commissions'
import { drawSitter } from '../../support/drawings'
import { lookOn, speciesById, speciesTable, type Species } from '../../../core/plants'
import {
  drawPlant,
  LINE_STRIDE,
  MARK_STRIDE,
  sidewaysReach,
  strokesOf,
  Trait,
  TRAIT_STRIDE,
  type PlantDrawing,
} from '../../../core/drawing'
import { commission, line } from '../../support/workshop'

const sitter = (row: Species, over: Partial<Line> = {}) => {
  const own = line({ speciesId: row.id, ...over })
  return sitterOf(own, row, lineSize(own, commission(), row), row.seeThrough)
}
const draw = (row: Species, seed = 7): PlantDrawing => {
  const { habitus, dress } = sitter(row)
  return drawPlant(habitus, dress, seed)
}
/** Every nth number of an array, from an offset. */
const every = (numbers: ArrayLike<number>, stride: number, offset: number): number[] =>
  Array.from({ length: numbers.length / stride }, (_, i) => numbers[i * stride + offset]!)
const kinds = speciesTable.map((row) => [row.id, row] as const)

describe('a drawing', () => {
  test.each(kinds)('of %s is as tall and as wide as the plant, and the same each time', (_id, row) => {
    const { habitus } = sitter(row)
    const drawing = draw(row)
    expect(draw(row)).toEqual(drawing)
    const lines = [drawing.wood, drawing.blades]
    const tops = [
      ...lines.flatMap((numbers) => every(numbers, LINE_STRIDE, 4)),
      ...every(drawing.marks, MARK_STRIDE, 1),
    ]
    const sides = [
      ...lines.flatMap((numbers) => every(numbers, LINE_STRIDE, 3)),
      ...every(drawing.marks, MARK_STRIDE, 0),
    ].map(Math.abs)
    const most = (list: number[]): number => list.reduce((a, b) => Math.max(a, b), 0)
    expect(most(tops) / habitus.heightMm).toBeGreaterThan(0.86)
    expect(most(tops) / habitus.heightMm).toBeLessThan(1.06)
    expect(most(sides) / (habitus.crownWidthMm / 2)).toBeGreaterThan(0.66)
    expect(most(sides) / (habitus.crownWidthMm / 2)).toBeLessThan(1.4)
    expect(Math.min(...every(drawing.wood, LINE_STRIDE, 4).concat(0))).toBeGreaterThan(
      -habitus.heightMm * 0.05,
    )
  })

  test('another seed, another plant', () =>
    expect(draw(speciesById('beech'), 8)).not.toEqual(draw(speciesById('beech'), 7)))

  test.each(['beech', 'weeping-willow', 'gorse', 'scots-pine', 'hazel'])('%s is lit from above', (id) => {
    const drawing = draw(speciesById(id))
    const heights = every(drawing.marks, MARK_STRIDE, 1)
    const tones = every(drawing.markTraits, TRAIT_STRIDE, Trait.tone)
    const mean = (tone: number): number => {
      const of = heights.filter((_, i) => tones[i] === tone)
      return of.reduce((a, b) => a + b, 0) / of.length
    }
    expect(new Set(tones)).toEqual(new Set([0, 1, 2, 3, 4]))
    expect(mean(4)).toBeGreaterThan(mean(0))
  })

  test.each(['beech', 'hornbeam', 'pedunculate-oak'])(
    'the last leaves of %s hang low, and a tenth is a tenth',
    (id) => {
      const drawing = draw(speciesById(id))
      const heights = every(drawing.marks, MARK_STRIDE, 1)
      const order = every(drawing.markTraits, TRAIT_STRIDE, Trait.from)
      const last = heights.filter((_, i) => order[i]! <= 0.1 * 255)
      expect(last.length / heights.length).toBeCloseTo(0.1, 2)
      const mean = (of: number[]): number => of.reduce((a, b) => a + b, 0) / of.length
      const [low, high] = [Math.min(...heights), Math.max(...heights)]
      const up = (of: number[]): number => (mean(of) - low) / (high - low)
      expect(up(last)).toBeLessThan(0.33)
      expect(up(heights) - up(last)).toBeGreaterThan(0.12)
    },
  )

  test('a crown with twice the see-through law’s exponent has more leaf, and the dressing never moves the wood', () => {
    const { habitus, dress } = sitter(speciesById('silver-birch'))
    const [thin, thick] = [0.5, 0.25].map((seeThrough) =>
      drawPlant(habitus, { ...dress, seeThrough }, 7),
    ) as [PlantDrawing, PlantDrawing]
    const area = (drawing: PlantDrawing): number =>
      every(drawing.marks, MARK_STRIDE, 3).reduce((sum, r) => sum + Math.PI * r * r, 0)
    expect(area(thick) / area(thin)).toBeCloseTo(2, 0)
    expect(thick.wood).toEqual(thin.wood)
  })

  test('leaning and wind carry the top to the right; a hedge thorn in the wind is cut short on one side', () => {
    const { habitus, dress } = sitter(speciesById('hawthorn'))
    const middle = (drawing: PlantDrawing): number => {
      const xs = every(drawing.marks, MARK_STRIDE, 0)
      return xs.reduce((a, b) => a + b, 0) / xs.length
    }
    const upright = drawPlant(habitus, dress, 7)
    expect(middle(drawPlant({ ...habitus, leanDeg: 12 }, dress, 7))).toBeGreaterThan(
      middle(upright) + habitus.heightMm * 0.08,
    )
    const blown = drawPlant({ ...habitus, wind: 0.9 }, dress, 7)
    const reach = (drawing: PlantDrawing, side: 1 | -1): number =>
      every(drawing.marks, MARK_STRIDE, 0).reduce((far, x) => Math.max(far, x * side), 0)
    expect(reach(blown, 1)).toBeGreaterThan(reach(blown, -1) * 1.8)
  })
})

describe('strokes for paper', () => {
  const strokes = (id: string, date: string) => {
    const row = speciesById(id)
    return strokesOf(draw(row), lookOn(row, date))
  }
  test('a bare birch is wood only; in summer it has points as well; in May a hawthorn has white ones', () => {
    const points = (id: string, date: string) =>
      strokes(id, date).filter(({ x1, x2, y1, y2 }) => x1 === x2 && y1 === y2)
    expect(points('silver-birch', '2026-01-15')).toHaveLength(0)
    expect(points('silver-birch', '2026-07-15').length).toBeGreaterThan(500)
    const [may, july] = ['2026-05-20', '2026-07-15'].map(
      (date) => new Set(points('hawthorn', date).map(({ colour }) => colour)),
    )
    const white = (colour: string): boolean => /^#[ef]/.test(colour)
    expect([...may!].some(white)).toBe(true)
    expect([...july!].some(white)).toBe(false)
  })

  test('needles are strokes that hang a little, not points', () => {
    const spruce = strokes('norway-spruce', '2026-07-15')
    expect(spruce.filter(({ x1, x2, y1, y2 }) => x1 === x2 && y1 === y2).length).toBeLessThan(5)
    expect(spruce.length).toBeGreaterThan(2000)
  })
})

test('what is bent by the wind reaches further to lee of its foot than to windward; what stands upright as far to both sides', () => {
  const [bent, upright] = [{ leanDeg: 8, wind: 0.7 }, {}].map((over) =>
    sidewaysReach(drawSitter(sitter(speciesById('hawthorn'), over))),
  )
  expect(bent!.right).toBeGreaterThan(bent!.left * 1.5)
  expect(upright!.right / upright!.left).toBeGreaterThan(0.7)
  expect(upright!.right / upright!.left).toBeLessThan(1.4)
  for (const x of every(
    drawSitter(sitter(speciesById('hawthorn'), { leanDeg: 8, wind: 0.7 })).wood,
    LINE_STRIDE,
    3,
  ))
    expect(x).toBeLessThanOrEqual(bent!.right)
})
