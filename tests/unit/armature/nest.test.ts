import fc from 'fast-check'
import {
  boundShare,
  HEXAGONAL,
  nesting,
  treesThatFit,
  type Nesting,
  type NestOrder,
} from '../../../core/armature'
import { seededRandom } from '../../../core/units'

function last(order: NestOrder): Nesting {
  const work = nesting(order)
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
  }
}
const order = (over: Partial<NestOrder> = {}): NestOrder => ({
  radiiMm: [40, 30, 30, 20, 12, 8, 8],
  sheets: [{ widthMm: 200, heightMm: 150 }],
  gapMm: 1,
  seed: 1,
  tries: 20,
  ...over,
})

/** What a nesting must never do: overlap, leave its sheet, or lose a disc. */
function isSound({ placed, left }: Nesting, { radiiMm, sheets, gapMm }: NestOrder): void {
  expect([...placed.map(({ disc }) => disc), ...left].sort((a, b) => a - b)).toEqual(radiiMm.map((_, i) => i))
  placed.forEach(({ disc, sheet, x, y }, i) => {
    const r = radiiMm[disc]!
    const { widthMm, heightMm } = sheets[sheet]!
    expect(Math.min(x - r, y - r, widthMm - r - x, heightMm - r - y)).toBeGreaterThan(-1e-5)
    for (const other of placed.slice(0, i))
      if (other.sheet === sheet)
        expect(Math.hypot(x - other.x, y - other.y)).toBeGreaterThan(r + radiiMm[other.disc]! + gapMm - 0.02)
  })
}

describe('discs nested in pads', () => {
  test('none overlaps another or its pad’s edge, and none is lost, whatever is asked', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 3, max: 60, noNaN: true }), { minLength: 0, maxLength: 40 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 1000 }),
        (radiiMm, sheets, seed) => {
          const asked = order({
            radiiMm,
            sheets: Array.from({ length: sheets }, () => ({ widthMm: 160, heightMm: 110 })),
            seed,
            tries: 8,
          })
          isSound(last(asked), asked)
        },
      ),
      { numRuns: 60 },
    )
  })

  test('a disc that is wider than every pad is left, and said to be', () => {
    const asked = order({ radiiMm: [90, 10] })
    expect(last(asked).left).toEqual([0])
  })

  test('until all discs have had their turn it says so, and word comes meanwhile', () => {
    const asked = order({
      radiiMm: Array.from({ length: 600 }, (_, i) => 4 + (i % 9)),
      sheets: Array.from({ length: 10 }, () => ({ widthMm: 200, heightMm: 150 })),
      tries: 0,
    })
    const told = [...nesting(asked)]
    expect(told.filter(({ whole }) => !whole).length).toBeGreaterThan(3)
    expect(told.at(-1)!.whole).toBe(true)
    for (const { placed, left } of told) expect(placed.length + left.length).toBe(600)
    isSound(last(asked), asked)
  })

  test('what is found gets no worse', () => {
    const random = seededRandom(5)
    const asked = order({
      radiiMm: Array.from({ length: 60 }, () => 6 + 24 * random()),
      sheets: [{ widthMm: 300, heightMm: 220 }],
      tries: 60,
    })
    let least = Infinity
    for (const found of nesting(asked)) {
      const open = found.left.reduce((sum, disc) => sum + asked.radiiMm[disc]! ** 2, 0)
      expect(open).toBeLessThanOrEqual(least + 1e-9)
      least = open
    }
  })

  test('mixed discs cover at least 78 % where there are enough small ones, and never more than all', () => {
    for (let seed = 1; seed <= 5; seed += 1) {
      const random = seededRandom(seed)
      const radiiMm = Array.from({ length: 190 }, () => 5 + 27 * random() ** 3)
      const asked = order({ radiiMm, sheets: [{ widthMm: 400, heightMm: 300 }], seed, tries: 3 })
      const found = last(asked)
      isSound(found, asked)
      const [covered = 0] = found.covered
      expect(covered).toBeLessThanOrEqual(boundShare(radiiMm))
      // Where all fit there are not enough of them.
      if (found.left.length > 0) expect(covered).toBeGreaterThanOrEqual(0.78)
    }
  })

  test('alike discs can’t lie denser than a honeycomb, others are only bound by the pad', () => {
    expect(boundShare([20, 20, 16])).toBe(HEXAGONAL)
    expect(boundShare([20, 5])).toBe(1)
  })

  test('pads that are there make as many trees as lie on them together, the first first', () => {
    const treeDiscs = [22, 18, 14, 9]
    const trees = 12
    const asked = order({
      radiiMm: Array.from({ length: trees }, () => treeDiscs).flat(),
      sheets: [{ widthMm: 200, heightMm: 150 }],
      tries: 20,
    })
    const discsOf = Array.from({ length: trees }, (_, t) => treeDiscs.map((_r, i) => t * 4 + i))
    const work = treesThatFit(asked, discsOf)
    let next = work.next()
    while (!next.done) next = work.next()
    const made = next.value
    const area = treeDiscs.reduce((sum, r) => sum + Math.PI * r * r, 0)
    expect(made).toBeGreaterThanOrEqual(Math.floor((0.7 * 200 * 150) / area))
    expect(made * area).toBeLessThan(200 * 150)
    const { left } = last({ ...asked, radiiMm: asked.radiiMm.slice(0, made * 4), tries: 60 })
    expect(left).toEqual([])
  })
})
