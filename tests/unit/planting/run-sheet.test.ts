import fc from 'fast-check'
import { zones } from '../../../core/commissions'
import { bitFor } from '../../../core/hedges'
import {
  layers,
  runSheet as sheetOf,
  runSheetWords,
  type PlantedOn,
  type PlantingOut,
} from '../../../core/planting'

const out = (over: Partial<PlantingOut> = {}): PlantingOut => ({
  lineId: 'l',
  code: 'A',
  name: 'Beech',
  zone: 'middle',
  layer: 'tree',
  amount: { kind: 'pieces', pieces: 3 },
  heightMm: 180,
  stemMm: 4.2,
  litter: false,
  ...over,
})

const on: PlantedOn = { glue: 'pva', proppedMm: 45, propMin: 720 }
const runSheet = (lines: Parameters<typeof sheetOf>[0], own: Partial<PlantedOn> = {}) =>
  sheetOf(lines, { ...on, ...own })

describe('the run sheet', () => {
  test('from the back to the front; ground before shrubs before trees, low before tall', () => {
    const order = runSheet([
      out({ code: 'A', zone: 'front', layer: 'ground', heightMm: 6 }),
      out({ code: 'B', zone: 'back', heightMm: 200 }),
      out({ code: 'C', zone: 'back', heightMm: 90 }),
      out({ code: 'D', zone: 'back', layer: 'shrub', heightMm: 20 }),
      out({ code: 'E', zone: 'back', amount: { kind: 'length', lengthMm: 900, section: 'free' } }),
      out({ code: 'F', zone: 'middle', amount: { kind: 'area', areaCm2: 300 }, layer: 'ground' }),
    ]).map(({ row }) => row.code)
    expect(order).toEqual(['E', 'D', 'C', 'B', 'F', 'A'])
  })

  test('no line is lost, and none in front comes before one behind', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            zone: fc.constantFrom(...zones),
            layer: fc.constantFrom(...layers),
            heightMm: fc.double({ min: 1, max: 400, noNaN: true }),
            stemMm: fc.double({ min: 0, max: 30, noNaN: true }),
          }),
          { maxLength: 20 },
        ),
        (rows) => {
          const sheet = runSheet(rows.map((row, i) => out({ ...row, code: String(i) })))
          expect(sheet).toHaveLength(rows.length)
          const places = sheet.map(({ row }) => zones.indexOf(row.zone))
          expect(places).toEqual([...places].sort((a, b) => b - a))
          for (const { hole, row } of sheet)
            if (hole) expect(hole.mm).toBeGreaterThanOrEqual(Math.min(10, row.stemMm))
        },
      ),
    )
  })

  test('the bit is the smallest with a little play, and a thin stem is pricked', () => {
    expect(bitFor(4.2)).toBe(5)
    expect(bitFor(2.7)).toBe(3)
    expect(bitFor(0.4)).toBe(1)
    expect(bitFor(40)).toBe(10)
    expect(runSheet([out({ stemMm: 0.8 })])[0]?.hole).toEqual({ mm: 1.5, tool: 'awl' })
    expect(runSheet([out({ layer: 'shrub' })])[0]?.hole).toBeUndefined()
  })

  test('litter before the tree, a prop for a tall one, the ring afterwards: in words', () => {
    const [row] = runSheet([out({ litter: true })])
    expect(runSheetWords(row!)).toBe(
      'A Beech, middle: 3 pieces. Litter on its footprint first. Hole 5 mm, by drill. PVA in the hole. Prop with plastic pegs for 12 h. Earth powder and a squirt of water on the ring.',
    )
    expect(runSheet([out({ heightMm: 30 })])[0]?.propH).toBeUndefined()
    expect(runSheet([out()], { glue: 'medium', propMin: 90 })[0]?.propH).toBe(1.5)
    const hot = runSheet([out()], { glue: 'hot-glue', propMin: 0 })[0]
    expect(hot?.propH).toBeUndefined()
    expect(hot?.glue).toContain('hidden')
    expect(runSheet([out()], { base: 'extruded foam' })[0]?.hole).toEqual({ mm: 5, tool: 'screwdriver' })
  })
})
