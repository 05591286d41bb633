import { lineSize } from '../../../core/commissions'
import { speciesTable } from '../../../core/plants'
import { drawPlant } from '../../../core/skeleton'
import { growCrown } from '../../../core/skeleton/grow'
import { growConifer } from '../../../core/skeleton/conifer'
import { commission, line } from '../../support/workshop'

const habitus = (row: (typeof speciesTable)[number]) => {
  const size = lineSize(line({ speciesId: row.id }), commission(), row)
  return { habit: row.habit, crownForm: row.crownForm, heightMm: size.heightMm, crownWidthMm: size.crownWidthMm, clearStemMm: size.clearStemMm, trunkMm: size.trunkMm, stems: row.stems }
}
const trees = speciesTable.filter(({ crownForm }) => crownForm !== 'blades').map((row) => [row.id, row] as const)

describe('a drawing', () => {
  test.each(speciesTable.map((row) => [row.id, row] as const))('of %s is as tall and as wide as the plant, and the same each time', (_id, row) => {
    const plant = habitus(row)
    const drawing = drawPlant(plant, 7, row.seeThrough)
    expect(drawPlant(plant, 7, row.seeThrough)).toEqual(drawing)
    expect(drawPlant(plant, 8, row.seeThrough)).not.toEqual(drawing)
    const tops = [...drawing.strokes.map((s) => Math.max(s.y1, s.y2)), ...drawing.dots.map((d) => d.y + d.r)]
    const sides = [...drawing.strokes.map((s) => Math.abs(s.x2)), ...drawing.dots.map((d) => Math.abs(d.x) + d.r)]
    expect(Math.max(...tops) / plant.heightMm).toBeGreaterThan(0.88)
    expect(Math.max(...tops) / plant.heightMm).toBeLessThan(1.05)
    expect(Math.max(...sides) / (plant.crownWidthMm / 2)).toBeGreaterThan(0.7)
    expect(Math.max(...sides) / (plant.crownWidthMm / 2)).toBeLessThan(1.25)
    for (const { y1, y2 } of drawing.strokes) expect(Math.min(y1, y2)).toBeGreaterThan(-plant.heightMm * 0.1)
  })

  test.each(trees)('%s shows its three tones, lighter above than below', (_id, row) => {
    const { dots } = drawPlant(habitus(row), 7, row.seeThrough)
    const mean = (tone: number): number => { const ys = dots.filter((d) => d.tone === tone).map((d) => d.y); return ys.reduce((a, b) => a + b, 0) / ys.length }
    expect(mean(1)).toBeGreaterThan(mean(0))
    expect(mean(0)).toBeGreaterThan(mean(-1))
  })
})

describe('the skeleton', () => {
  test('cross-sections add up at every fork (Leonardo’s rule; pipe model, Shinozaki 1964)', () => {
    for (const [, row] of trees.filter(([, { habit }]) => habit !== 'conifer')) {
      const { nodes, tips } = growCrown(habitus(row), 3)
      expect(tips.length).toBeGreaterThan(30)
      const sums = new Map<number, number>()
      for (const { parent, dMm } of nodes) if (parent >= 0) sums.set(parent, (sums.get(parent) ?? 0) + dMm ** 2)
      for (const [at, sum] of sums) expect(nodes[at]!.dMm ** 2 / sum).toBeCloseTo(1, 6)
    }
  })

  test('every node grew from one before it', () => {
    const [, beech] = trees.find(([id]) => id === 'beech')!
    const [, spruce] = trees.find(([id]) => id === 'norway-spruce')!
    for (const { nodes } of [growCrown(habitus(beech), 3), growConifer(habitus(spruce), 3)]) nodes.forEach(({ parent }, i) => expect(parent).toBeLessThan(i))
  })
})
