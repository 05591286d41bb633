import { LINE_STRIDE, MARK_STRIDE, type PlantDrawing } from '../../../core/drawing'
import { renderedDrawing, renderings, type Rendering } from '../../../core/renderings'
import { speciesById } from '../../../core/plants'
import { drawSitter, every, sitterFor } from '../../support/drawings'

const drawn = (id: string, rendering: Rendering): PlantDrawing => {
  const { habitus, dress, seed } = sitterFor(speciesById(id))
  const work = renderedDrawing(rendering, habitus, dress, seed)
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
  }
}
const lines = ({ wood }: PlantDrawing): number => wood.length / LINE_STRIDE
const marks = (drawing: PlantDrawing): number => drawing.marks.length / MARK_STRIDE
const thick = ({ wood }: PlantDrawing): number[] => every(wood, LINE_STRIDE, 6)
const sitter = sitterFor(speciesById('beech'))
const beech = drawSitter(sitter)

describe('a plant in the rendering of a way', () => {
  test.each(renderings)('%s: finite, and as high as the plant within a twentieth', (rendering) => {
    for (const id of ['beech', 'norway-spruce', 'hazel']) {
      const own = drawn(id, rendering)
      expect(own.wood.every(Number.isFinite)).toBe(true)
      expect(own.marks.every(Number.isFinite)).toBe(true)
      const tops = [...every(own.wood, LINE_STRIDE, 4), ...every(own.marks, MARK_STRIDE, 1)]
      const top = tops.reduce((most, y) => Math.max(most, y), 0)
      expect(top).toBeGreaterThan(own.heightMm * 0.85)
      expect(top).toBeLessThan(own.heightMm * 1.06)
    }
  })

  test('the same each time, and each unlike the others', () => {
    expect(drawn('beech', 'wire')).toEqual(drawn('beech', 'wire'))
    const told = renderings
      .map((rendering) => drawn('beech', rendering))
      .map((own) => `${lines(own)}|${marks(own)}|${thick(own)[0]}`)
    expect(new Set(told).size).toBeGreaterThanOrEqual(renderings.length - 1)
  })

  test('a sprig keeps the fine fork on a thin stem', () => {
    const own = drawn('beech', 'sprig')
    expect(Math.max(...thick(own))).toBeLessThanOrEqual(beech.heightMm * 0.017 + 1e-9)
    expect(lines(own)).toBeGreaterThan(lines(beech) * 0.95)
    expect(own.marks).toEqual(beech.marks)
  })

  test('wire is of one thickness from fork to fork, and its tips end in pairs', () => {
    const { wood } = drawn('beech', 'wire')
    const stout = Array.from(
      { length: wood.length / LINE_STRIDE },
      (_, i) => [wood[i * 8 + 6]!, wood[i * 8 + 7]!] as const,
    ).filter(([d1]) => d1 > 2)
    expect(stout.length).toBeGreaterThan(10)
    for (const [d1, d2] of stout) expect(d2).toBeGreaterThan(d1 * 0.6)
  })

  test('a moulded trunk has few stout limbs and its foliage in clumps: nearer together, as much of it', () => {
    const own = drawn('beech', 'moulded')
    expect(lines(own)).toBeLessThan(lines(beech) / 4)
    expect(marks(own)).toBe(marks(beech))
  })

  test('discs are a rod and level tiers, with as much foliage as the plant bears', () => {
    const spruce = drawSitter(sitterFor(speciesById('norway-spruce')))
    const own = drawn('norway-spruce', 'discs')
    const bears = (of: PlantDrawing): number => of.leaf.each * marks(of)
    expect(bears(own)).toBeCloseTo(bears(spruce), 3)
    const feet = every(own.wood, LINE_STRIDE, 0).filter((x) => x === 0)
    expect(feet.length).toBeGreaterThanOrEqual(2)
  })

  test('a head and a rope have no forks: rays from a stem, from a neck', () => {
    for (const rendering of ['head', 'hemp'] as const) {
      const own = drawn('beech', rendering)
      expect(lines(own)).toBeLessThan(520)
      expect(lines(own)).toBeGreaterThan(60)
    }
    // Farther in the rope's strands bear no leaf.
    expect(marks(drawn('beech', 'hemp'))).toBeLessThan(marks(beech))
  })

  test('wool lies on the ground', () => {
    const own = drawn('hazel', 'wool')
    expect(Math.min(...every(own.marks, MARK_STRIDE, 1))).toBeLessThan(own.heightMm * 0.01)
  })

  test('a hedge and a patch are drawn as they are', () => {
    const { habitus, dress, seed } = sitterFor(speciesById('blackthorn'), {
      amount: { kind: 'length', lengthMm: 120, section: 'free' },
    })
    const work = renderedDrawing('hemp', habitus, dress, seed)
    let next = work.next()
    while (!next.done) next = work.next()
    expect(next.value).toEqual(drawSitter({ habitus, dress, seed }))
  })
})
