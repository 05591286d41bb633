import { lookOn, speciesById, speciesTable, type Species } from '../../../core/plants'
import {
  eachLeaf,
  LINE_STRIDE,
  MARK_STRIDE,
  ORGAN_STRIDE,
  ORGAN_TRAITS,
  OrganPart,
  sidewaysReach,
  strokesOf,
  Trait,
  TRAIT_STRIDE,
  type PlantDrawing,
} from '../../../core/drawing'
import { drawPlant, drawSitter, every, sitterFor } from '../../support/drawings'

const draw = (row: Species, seed = 7): PlantDrawing => drawSitter({ ...sitterFor(row), seed })
const kinds = speciesTable.map((row) => [row.id, row] as const)
const most = (list: ArrayLike<number>, stride: number, offset: number, sign: 1 | -1 = 1): number => {
  let far = -Infinity
  for (let i = offset; i < list.length; i += stride) far = Math.max(far, (list[i] ?? 0) * sign)
  return far
}
const mean = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0) / of.length

describe('a drawing', () => {
  test.each(kinds)('of %s is as tall and as wide as the plant, and stands on the ground', (_id, row) => {
    const { habitus } = sitterFor(row)
    const drawing = draw(row)
    const arrays = [
      [drawing.wood, LINE_STRIDE, 3],
      [drawing.blades, LINE_STRIDE, 3],
      [drawing.marks, MARK_STRIDE, 0],
    ] as const
    const top = Math.max(...arrays.map(([list, stride, x]) => most(list, stride, x + 1)))
    const side = Math.max(
      ...arrays.flatMap(([list, stride, x]) => [most(list, stride, x), most(list, stride, x, -1)]),
    )
    expect(top / habitus.heightMm).toBeGreaterThan(0.86)
    expect(top / habitus.heightMm).toBeLessThan(1.06)
    const half = (habitus.row?.lengthMm ?? habitus.crownWidthMm) / 2
    // A herb's leaves reach beyond the width that its stems take; a cactus has few arms, a crop stands closer.
    expect(side / half).toBeGreaterThan(habitus.tips !== undefined ? 0.3 : row.rows ? 0.45 : 0.62)
    expect(side / half).toBeLessThan(habitus.crownForm === 'blades' ? 2.6 : 1.4)
    expect(most(drawing.wood, LINE_STRIDE, 4, -1)).toBeLessThan(habitus.heightMm * 0.05)
    for (const numbers of [drawing.wood, drawing.blades, drawing.marks, drawing.organs])
      expect(numbers.some(Number.isNaN)).toBe(false)
    if (drawing.marks.length > 0) expect(drawing.leaf.each).toBeGreaterThan(0)
  })

  test('the same seed gives the same plant, another seed another', () => {
    const [first, again, other] = [7, 7, 8].map((seed) => draw(speciesById('beech'), seed).marks)
    expect(again).toEqual(first)
    expect(other).not.toEqual(first)
  })

  test('two beeches differ in shape, not in size alone: their crowns are full in different places', () => {
    const shares = [1, 2, 3, 4].map((seed) => {
      const { marks } = draw(speciesById('beech'), seed)
      const counts = new Array<number>(16).fill(0)
      for (let i = 0; i < marks.length; i += MARK_STRIDE) {
        const turn = (Math.atan2(marks[i + 2]!, marks[i]!) / Math.PI + 1) * 4
        counts[Math.min(7, Math.floor(turn)) + (marks[i + 1]! > 190 ? 8 : 0)]! += MARK_STRIDE / marks.length
      }
      return counts
    })
    for (const [i, a] of shares.entries())
      for (const b of shares.slice(i + 1))
        expect(a.reduce((sum, share, k) => sum + Math.abs(share - b[k]!), 0)).toBeGreaterThan(0.12)
  })

  test.each(['beech', 'weeping-willow', 'gorse', 'scots-pine', 'hornbeam'])(
    '%s is one body: light on top and on the left, dark below and inside',
    (id) => {
      const { habitus } = sitterFor(speciesById(id))
      const { marks, markTraits } = draw(speciesById(id))
      const tones = every(markTraits, TRAIT_STRIDE, Trait.tone)
      const [xs, ys, zs] = [0, 1, 2].map((k) => every(marks, MARK_STRIDE, k)) as [
        number[],
        number[],
        number[],
      ]
      const toneWhere = (is: (i: number) => boolean): number => mean(tones.filter((_, i) => is(i)))
      const middle = mean(ys)
      const out = xs.map((x, i) => Math.hypot(x, zs[i]!))
      const usual = mean(out)
      expect(toneWhere((i) => ys[i]! > middle)).toBeGreaterThan(toneWhere((i) => ys[i]! <= middle) + 25)
      expect(toneWhere((i) => xs[i]! < -usual / 2)).toBeGreaterThan(toneWhere((i) => xs[i]! > usual / 2))
      // At one height: what is further in is darker.
      const near = (i: number): boolean => Math.abs(ys[i]! - middle) < habitus.heightMm * 0.12
      expect(toneWhere((i) => near(i) && out[i]! > usual)).toBeGreaterThan(
        toneWhere((i) => near(i) && out[i]! < usual * 0.6),
      )
    },
  )

  test.each(['beech', 'hornbeam', 'pedunculate-oak'])(
    'the last leaves of %s hang low, and a tenth is a tenth',
    (id) => {
      const { marks, markTraits } = draw(speciesById(id))
      const heights = every(marks, MARK_STRIDE, 1)
      const order = every(markTraits, TRAIT_STRIDE, Trait.from)
      const last = heights.filter((_, i) => order[i]! <= 0.1 * 255)
      expect(last.length / heights.length).toBeCloseTo(0.1, 2)
      const [low, high] = [Math.min(...heights), Math.max(...heights)]
      const up = (of: number[]): number => (mean(of) - low) / (high - low)
      expect(up(heights) - up(last)).toBeGreaterThan(0.12)
    },
  )

  test('leaves turn from the top and the outside inward', () => {
    const { marks, markTraits } = draw(speciesById('beech'))
    const order = every(markTraits, TRAIT_STRIDE, Trait.hue)
    const heights = every(marks, MARK_STRIDE, 1)
    const out = every(marks, MARK_STRIDE, 0).map((x, i) => Math.hypot(x, marks[i * MARK_STRIDE + 2]!))
    const first = (of: number[]): number => mean(of.filter((_, i) => order[i]! < 64))
    const last = (of: number[]): number => mean(of.filter((_, i) => order[i]! > 191))
    expect(first(heights)).toBeGreaterThan(last(heights) + 10)
    expect(first(out)).toBeGreaterThan(last(out))
  })

  test('leaning and wind carry the top to the right; a thorn in the wind is cut short on one side', () => {
    const row = speciesById('hawthorn')
    const { habitus, dress } = sitterFor(row)
    const middle = (drawing: PlantDrawing): number => mean(every(drawing.marks, MARK_STRIDE, 0))
    const upright = drawPlant(habitus, dress, 7)
    expect(middle(drawPlant({ ...habitus, leanDeg: 12 }, dress, 7))).toBeGreaterThan(
      middle(upright) + habitus.heightMm * 0.08,
    )
    const blown = drawPlant({ ...habitus, wind: 0.9 }, dress, 7)
    expect(most(blown.marks, MARK_STRIDE, 0)).toBeGreaterThan(most(blown.marks, MARK_STRIDE, 0, -1) * 1.8)
    // It was dressed before it was bent: as many leaves as upright.
    expect(blown.leaf).toEqual(upright.leaf)
    expect(blown.marks.length).toBe(upright.marks.length)
  })

  test('what is bent by the wind reaches further to lee; what stands upright as far to both sides', () => {
    const [bent, upright] = [{ leanDeg: 8, wind: 0.7 }, {}].map((over) =>
      sidewaysReach(drawSitter(sitterFor(speciesById('hawthorn'), over))),
    )
    expect(bent!.right).toBeGreaterThan(bent!.left * 1.5)
    expect(upright!.right / upright!.left).toBeGreaterThan(0.7)
    expect(upright!.right / upright!.left).toBeLessThan(1.4)
  })

  test('needles clothe the last twigs of a pine; a birch in winter shows all of its own', () => {
    const tipLines = (id: string): number =>
      every(draw(speciesById(id)).wood, LINE_STRIDE, 6).filter((d) => d < 0.12).length
    expect(tipLines('silver-birch')).toBeGreaterThan(2 * tipLines('scots-pine'))
  })

  test('a cactus is a few stout arms without a twig or a leaf', () => {
    const cactus = draw(speciesById('columnar-cactus'))
    expect(cactus.marks).toHaveLength(0)
    const arms = every(cactus.wood, LINE_STRIDE, 7)
    expect(Math.min(...arms)).toBeGreaterThan(Math.max(...arms) * 0.14)
  })
})

describe('what a plant bears', () => {
  const organs = (id: string) => {
    const { organs: numbers, organTraits } = draw(speciesById(id))
    const parts = every(organTraits, ORGAN_TRAITS, 2)
    return { numbers, parts, of: (part: number) => parts.filter((one) => one === part).length }
  }
  test('candles stand, catkins hang, cones are longer than wide', () => {
    const upward = (id: string): number => mean(every(organs(id).numbers, ORGAN_STRIDE, 4))
    expect(upward('horse-chestnut')).toBeGreaterThan(0)
    expect(upward('hazel')).toBeLessThan(0)
    const { numbers } = organs('norway-spruce')
    const aspect = every(numbers, ORGAN_STRIDE, 6).map(
      (half, i) => half / Math.hypot(numbers[i * 7 + 3]!, numbers[i * 7 + 4]!),
    )
    expect(mean(aspect)).toBeLessThan(0.5)
  })

  test('an umbel is flat and white, a daisy has petals about an eye: they are told apart', () => {
    const [umbel, daisy] = [organs('cow-parsley'), organs('oxeye-daisy')]
    expect([umbel.of(OrganPart.eye), daisy.of(OrganPart.eye) > 5]).toEqual([0, true])
    expect(umbel.of(OrganPart.flower)).toBeGreaterThan(daisy.of(OrganPart.flower))
  })

  test('what never shows is not there: a beech bears nothing, a rowan flowers and berries', () => {
    expect(organs('beech').numbers).toHaveLength(0)
    expect(organs('rowan').of(OrganPart.flower)).toBeGreaterThan(100)
    expect(organs('rowan').of(OrganPart.fruit)).toBeGreaterThan(100)
  })

  test('a reed’s plume nods at its top, a bulrush’s mace is below its tip', () => {
    for (const [id, from] of [
      ['common-reed', 0.55],
      ['bulrush', 0.55],
    ] as const) {
      const { heightMm } = sitterFor(speciesById(id)).habitus
      const heights = every(organs(id).numbers, ORGAN_STRIDE, 1)
      expect(Math.min(...heights)).toBeGreaterThan(heightMm * from)
      expect(heights.length).toBeGreaterThan(3)
    }
  })
})

describe('leaves', () => {
  const drawing = draw(speciesById('beech'))
  const areaAndCount = (least: number): [area: number, count: number] => {
    let [area, count] = [0, 0]
    eachLeaf(drawing, least, (_x, _y, _z, ax, ay, az, half) => {
      area += Math.PI * Math.hypot(ax, ay, az) * half
      count += 1
    })
    return [area, count]
  }

  test('far away they are joined: fewer, larger, of the same area; from nearer there are more, not larger ones', () => {
    const [near, middle, far] = [0, 2, 4].map(areaAndCount) as [
      [number, number],
      [number, number],
      [number, number],
    ]
    expect(near[1]).toBeGreaterThan(middle[1] * 2)
    expect(middle[1]).toBeGreaterThan(far[1] * 2)
    for (const [area] of [middle, far]) {
      expect(area / near[0]).toBeGreaterThan(0.93)
      expect(area / near[0]).toBeLessThan(1.07)
    }
    // 80 mm at 1:76.2: a grain of 1.05 mm, ± a fifth.
    const lengths: number[] = []
    eachLeaf(drawing, 0, (_x, _y, _z, ax, ay, az) => {
      if (lengths.length < 400) lengths.push(2 * Math.hypot(ax, ay, az))
    })
    expect(mean(lengths) / (80 / 76.2)).toBeCloseTo(1, 1)
    expect(Math.max(...lengths)).toBeLessThan(1.2 * (80 / 76.2) + 1e-6)
  })

  test('none hangs above the top or below the ground, and none is cut off in a line', () => {
    const { heightMm } = sitterFor(speciesById('beech')).habitus
    const tops = new Array<number>(8).fill(0)
    eachLeaf(drawing, 1.2, (_x, y) => {
      if (y < 0 || y > heightMm) throw new Error(`a leaf hangs at ${y} mm of ${heightMm}`)
      const slice = Math.floor((heightMm - y) / (heightMm * 0.01))
      if (slice < 8) tops[slice]! += 1
    })
    // Leaves thin out to the top.
    expect(tops[0]!).toBeLessThan(tops[3]!)
    expect(tops[3]!).toBeLessThan(tops[7]! * 1.4)
  })
})

describe('strokes for paper', () => {
  const strokes = (id: string, date: string) => {
    const row = speciesById(id)
    return strokesOf(draw(row), lookOn(row, date))
  }
  test('a bare birch is wood only; in summer it has leaves as well; in May a hawthorn has white ones', () => {
    expect(strokes('silver-birch', '2026-07-15').length).toBeGreaterThan(
      strokes('silver-birch', '2026-01-15').length + 1500,
    )
    const [may, july] = ['2026-05-20', '2026-07-15'].map(
      (date) => new Set(strokes('hawthorn', date).map(({ colour }) => colour)),
    )
    const white = (colour: string): boolean => /^#[ef][0-9a-f][ef]/.test(colour)
    expect([...may!].some(white)).toBe(true)
    expect([...july!].some(white)).toBe(false)
  })

  test('they stay few enough for paper, and stand upright on the ground', () => {
    for (const id of ['beech', 'norway-spruce', 'meadow-grass', 'date-palm']) {
      const drawn = strokes(id, '2026-07-15')
      expect(drawn.length).toBeLessThan(16_000)
      for (const { y1, y2, widthMm } of drawn) {
        expect(Math.min(y1, y2)).toBeGreaterThan(-2)
        expect(widthMm).toBeGreaterThan(0)
      }
    }
  })
})
