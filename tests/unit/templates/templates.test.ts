import DxfParser from 'dxf-parser'
import fc from 'fast-check'
import { discTree, gaugeSheet, sizeClasses, stemSheet, wirePlan, wireSheet } from '../../../core/armature'
import { drawnSkeleton } from '../../../core/drawing'
import { speciesById } from '../../../core/plants'
import { placeLabels, templateSvg, tilesOf, type Shape, type Template } from '../../../core/templates'
import { templateDxf } from '../../../core/templates/dxf'
import { templateOrderSchema } from '../../../server/templates/order'
import { printTemplates } from '../../../server/templates/print'
import { bytesOf, printFacesFor } from '../../support/faces'
import { sitterFor } from '../../support/drawings'

const { habitus, dress, seed } = sitterFor(speciesById('pedunculate-oak'), { age: 'veteran' })
const growth = drawnSkeleton(habitus, dress, seed)
let grown = growth.next()
while (!grown.done) grown = growth.next()
const plan = wirePlan(grown.value, {
  heightMm: habitus.heightMm,
  trunkMm: habitus.trunkMm,
  strands: 60,
  stoutMm: 0.7,
  thinMm: 0.3,
  barkMm: 0.6,
  takeUp: 0.1,
  wiresMm: [0.3, 0.7],
})
const wire = wireSheet(plan, 'Oak: wire')
const stem = stemSheet(
  discTree({
    heightMm: 241,
    crownWidthMm: 82,
    crownForm: 'conical',
    firstBranchMm: 26,
    trunkMm: 8,
    padMm: 25,
    layers: 2,
  }),
  8,
  'Spruce',
)
const textsOf = ({ shapes }: Template) => shapes.flatMap((shape) => (shape.kind === 'text' ? [shape] : []))
const lengthOf = (shape: Extract<Shape, { kind: 'path' }>): number =>
  shape.points
    .slice(1)
    .reduce((sum, [x, y], i) => sum + Math.hypot(x - shape.points[i]![0], y - shape.points[i]![1]), 0)

describe('the wire sheet', () => {
  test('is at 1:1: from the front a part is no longer than it is, and the tallest reaches the tree’s height', () => {
    const tops = wire.shapes.flatMap((shape) =>
      shape.kind === 'path' && shape.layer === 'fold' ? shape.points.map(([, y]) => y) : [],
    )
    const reach = Math.max(...tops) - Math.min(...tops)
    const highest = Math.max(...plan.tree.parts.flatMap(({ points }) => points.map(({ y }) => y)))
    const lowest = Math.min(...plan.tree.parts.flatMap(({ points }) => points.map(({ y }) => y)))
    expect(reach).toBeCloseTo(highest - lowest, 6)
    const drawn = wire.shapes.flatMap((shape) =>
      shape.kind === 'path' && shape.layer === 'fold' ? [lengthOf(shape)] : [],
    )
    // Once from the front, once from the side.
    expect(drawn).toHaveLength(2 * plan.tree.parts.length)
    plan.tree.parts.forEach(({ lengthMm }, i) => {
      expect(drawn[i]!).toBeLessThanOrEqual(lengthMm + 1e-6)
    })
  })
  test('its gauge has a tick for each length that is cut, at that length above the ground', () => {
    const ticks = wire.shapes.flatMap((shape) =>
      shape.kind === 'path' &&
      shape.layer === 'cut' &&
      shape.points.length === 2 &&
      shape.points[0]![1] === shape.points[1]![1]
        ? [wire.heightMm - 8 - shape.points[0]![1]]
        : [],
    )
    const wanted = [...plan.two.stoutCut.lengths, ...plan.two.thinCut.lengths].map(({ lengthMm }) => lengthMm)
    expect(ticks.map(Math.round).sort((a, b) => a - b)).toEqual(wanted.sort((a, b) => a - b))
  })
  test('strands are told: the trunk by its stout ones', () => {
    const words = textsOf(wire).map(({ text }) => text)
    expect(words.some((text) => text.startsWith(`${plan.two.stout[0]}·`))).toBe(true)
  })
})

describe('names beside their places', () => {
  test('touch neither each other nor a place, as long as there is room', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })), {
          minLength: 1,
          maxLength: 50,
          selector: ([x, y]) => `${x}|${y}`,
        }),
        (cells) => {
          // Places at least 5 mm apart.
          const names = cells.map(([x, y], i) => ({ at: [x * 5, y * 5] as const, text: `B${i}` }))
          const placed = placeLabels(names, 2.3, 1.2)
          const boxes = placed.map(({ at: [x, y] }, i) => ({
            x0: x,
            x1: x + names[i]!.text.length * 2.3 * 0.6,
            y0: y - 2.3,
            y1: y,
          }))
          boxes.forEach((box, i) => {
            for (const other of boxes.slice(0, i))
              expect(
                box.x1 <= other.x0 + 1e-9 ||
                  other.x1 <= box.x0 + 1e-9 ||
                  box.y1 <= other.y0 + 1e-9 ||
                  other.y1 <= box.y0 + 1e-9,
              ).toBe(true)
          })
        },
      ),
      { numRuns: 60 },
    )
  })
  test('a name that had to go far is led to', () => {
    const names = Array.from({ length: 14 }, (_, i) => ({
      at: [(i % 4) * 2.5, Math.floor(i / 4) * 2.5] as const,
      text: `AA${i}`,
    }))
    expect(placeLabels(names, 2.3, 1.2).some(({ leads }) => leads)).toBe(true)
  })
})

describe('pages', () => {
  test('together show all of a template, neighbours a strip of both', () => {
    const page = { widthMm: 190, heightMm: 250 }
    const tiles = tilesOf({ widthMm: 500, heightMm: 660 }, page)
    expect(tiles).toHaveLength(3 * 3)
    for (const { x, y, widthMm, heightMm } of tiles) {
      expect(widthMm).toBeLessThanOrEqual(page.widthMm)
      expect(heightMm).toBeLessThanOrEqual(page.heightMm)
      expect(x + widthMm).toBeLessThanOrEqual(500)
      expect(y + heightMm).toBeLessThanOrEqual(660)
    }
    const first = tiles[0]!
    const second = tiles[1]!
    expect(first.x + first.widthMm - second.x).toBeCloseTo(8, 9)
    expect(Math.max(...tiles.map(({ x, widthMm }) => x + widthMm))).toBe(500)
    expect(tilesOf({ widthMm: 100, heightMm: 100 }, page)).toHaveLength(1)
    expect(() => tilesOf({ widthMm: 1, heightMm: 1 }, { widthMm: 5, heightMm: 50 })).toThrow(
      'printable width',
    )
  })
})

describe('DXF, read back by an independent reader', () => {
  test.each([
    ['wire', wire],
    ['stem', stem],
    ['gauge', gaugeSheet('Gauge')],
  ])('%s: layers, millimetres, and lengths within 0.1 mm', (_name, template) => {
    const read = new DxfParser().parseSync(templateDxf(template))!
    expect(read.header.$INSUNITS).toBe(4)
    expect(Object.keys(read.tables.layer.layers)).toEqual(expect.arrayContaining(['cut', 'fold', 'label']))
    const lines = read.entities.flatMap((entity) =>
      'vertices' in entity
        ? [entity as unknown as { vertices: { x: number; y: number }[]; shape?: boolean; layer: string }]
        : [],
    )
    const paths = template.shapes.flatMap((shape) => (shape.kind === 'path' ? [shape] : []))
    expect(lines).toHaveLength(paths.length)
    // The file holds them layer by layer.
    for (const layer of ['cut', 'fold', 'label'] as const) {
      const own = paths.filter((path) => path.layer === layer)
      lines
        .filter((read) => read.layer === layer)
        .forEach(({ vertices }, i) => {
          const length = vertices
            .slice(1)
            .reduce((sum, { x, y }, at) => sum + Math.hypot(x - vertices[at]!.x, y - vertices[at]!.y), 0)
          expect(Math.abs(length - lengthOf(own[i]!))).toBeLessThan(0.1)
          // Up is up: the foot of the sheet lies at 0.
          expect(vertices[0]!.y).toBeCloseTo(template.heightMm - own[i]!.points[0]![1], 3)
        })
    }
  })
})

test('SVG is in mm at 1:1, with its layers and a bar of 50 mm; words of people are escaped', () => {
  const svg = templateSvg({ ...stem, title: 'Fir <b> & co' })
  const [, width, boxWidth] = /width="([\d.]+)mm".*?viewBox="0 0 ([\d.]+)/.exec(svg)!
  expect(width).toBe(boxWidth)
  for (const layer of ['cut', 'fold', 'label']) expect(svg).toContain(`<g id="${layer}"`)
  expect(svg).toContain('data-bar="50"')
  expect(svg).toContain('Fir &lt;b&gt; &amp; co')
  expect(svg).not.toContain('<b>')
})

describe('PDF', () => {
  const order = (templates: readonly Template[], paper: 'A4' | 'Letter' = 'A4') =>
    templateOrderSchema.parse({
      paper,
      title: 'Sheet',
      templates,
      list: ['twist', 'split'],
      listTitle: 'Order',
    })
  const pages = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0

  test('a sheet that is taller than the paper goes over pages, and the list has its own', async () => {
    const faces = await printFacesFor()
    const tall = bytesOf(await printTemplates(order([wire]), faces))
    expect(pages(tall)).toBeGreaterThanOrEqual(3)
    const small = bytesOf(
      await printTemplates(order([{ ...stem, widthMm: 100, heightMm: 120 }], 'Letter'), faces),
    )
    expect(pages(small)).toBe(2)
  })
  test('what would take a ream is refused with a way out', async () => {
    const answer = await printTemplates(
      order([{ ...stem, widthMm: 2900, heightMm: 2900 }]),
      await printFacesFor(),
    )
    expect(answer.kind === 'none' && answer.because).toMatch(/takes \d+ pages; the most is 80/)
  })
})

test('the gauge shows each class where a sprig of that length ends', () => {
  const gauge = gaugeSheet('Gauge')
  const lines = gauge.shapes.flatMap((shape) =>
    shape.kind === 'path' && shape.layer === 'fold' ? [shape.points[0]![1]] : [],
  )
  const [ground] = gauge.shapes.flatMap((shape) =>
    shape.kind === 'path' && shape.layer === 'cut' ? [shape.points[0]![1]] : [],
  )
  const edges = [sizeClasses[0]!.fromMm, ...sizeClasses.map(({ toMm }) => toMm)]
  expect(lines.map((y) => ground! - y).sort((a, b) => a - b)).toEqual(edges)
})
