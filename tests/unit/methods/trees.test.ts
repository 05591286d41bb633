import { jobOf, type MakeUp } from '../../../core/makeup'
import {
  nestOrderOf,
  plantMethodById,
  plantMethods,
  strandsSet,
  twigsWanted,
  workedOutWith,
} from '../../../core/methods'
import { heapMaterial, lotsOf, type StockState } from '../../../core/stock'
import { individualSizes } from '../../../core/commissions'
import { wirePlan } from '../../../core/armature'
import { drawnSkeleton } from '../../../core/drawing'
import { speciesById } from '../../../core/plants'
import { formulaOf, leavesOf } from '../../../core/quantities'
import { sitterFor } from '../../support/drawings'
import { line, piece, pieces, stocked, workedOut } from '../../support/workshop'

type Over = Parameters<typeof piece>[0]
const WINTER = { dateDepicted: '2026-01-16' }
const suit = (id: string, over: Over, job: Parameters<typeof piece>[1] = {}) =>
  plantMethodById(id)!.suits(jobOf(line(over), piece(over, job).piece))
const ids = ({ steps }: MakeUp): string[] => steps.map(({ id }) => id)
const grams = (up: MakeUp, slot: string): number =>
  up.uses.reduce((sum, use) => (use.slot === slot ? sum + use.perPiece.value : sum), 0)

describe('which way a tree suits', () => {
  const beech: Over = { speciesId: 'beech', heightM: 15, zone: 'front' }
  test.each([
    ['a bare beech of 200 mm at the front', 'wire-broadleaf', beech, WINTER, 'suits'],
    ['the same behind', 'wire-broadleaf', { ...beech, zone: 'back' as const }, WINTER, 'possible'],
    ['an umbrella pine at the front', 'wire-pine', { speciesId: 'umbrella-pine', heightM: 15 }, {}, 'suits'],
    [
      'a spruce',
      'dowel-conifer',
      { speciesId: 'norway-spruce', heightM: 18, zone: 'back' as const },
      {},
      'suits',
    ],
    ['a beech', 'dowel-conifer', beech, {}, 'unsuited'],
    [
      'a birch of 110 mm behind',
      'flower-head-birch',
      { speciesId: 'silver-birch', heightM: 8, zone: 'middle' as const },
      {},
      'suits',
    ],
    [
      'the same in January',
      'flower-head-birch',
      { speciesId: 'silver-birch', heightM: 8, zone: 'middle' as const },
      WINTER,
      'unsuited',
    ],
    ['a bare tree', 'ready-tree', beech, WINTER, 'unsuited'],
    [
      'a hazel of 40 mm',
      'hemp-tree',
      { speciesId: 'hazel', heightM: 3, zone: 'middle' as const },
      {},
      'suits',
    ],
    [
      'a tree that is not in flower',
      'blossom-tree',
      { speciesId: 'hawthorn', zone: 'middle' as const },
      {},
      'unsuited',
    ],
    [
      'hawthorn in May',
      'blossom-tree',
      { speciesId: 'hawthorn', zone: 'middle' as const },
      { dateDepicted: '2026-05-18' },
      'suits',
    ],
  ] as const)('%s: %s', (_what, id, over, job, verdict) => expect(suit(id, over, job).verdict).toBe(verdict))

  test('a palm is none of these; a tree of 12 mm and one of 600 have few ways, each with its reason', () => {
    // What is there is of any kind and size.
    const there = ['as-they-are', 'refreshed']
    const bushes = ['mesh-bush', 'bramble-mound', 'built-scrub', 'seed-heads', 'creeper', 'twig-hedge']
    const trees = plantMethods.filter(
      ({ id, profile }) =>
        !['wool', 'tuft'].includes(profile.rendering) && !bushes.includes(id) && !there.includes(id),
    )
    for (const { id } of trees) {
      const { verdict, reasonsAgainst } = suit(id, { speciesId: 'fan-palm', heightM: 8 })
      if (id !== 'moulded-trunk') expect(reasonsAgainst.length).toBeGreaterThan(0)
      expect(verdict).toBe('unsuited')
    }
    const tiny = trees.filter(
      ({ id }) => suit(id, { speciesId: 'beech', heightM: 0.9 }).verdict !== 'unsuited',
    )
    expect(tiny).toEqual([])
    const huge = trees.filter(
      ({ id }) => suit(id, { speciesId: 'beech', heightM: 45.7 }).verdict !== 'unsuited',
    )
    expect(huge.map(({ id }) => id)).toEqual(expect.arrayContaining(['wire-broadleaf']))
    expect(huge.length).toBeLessThanOrEqual(2)
  })

  test('what breaks says so at the front, and only there', () => {
    const front = suit('flower-head-birch', { speciesId: 'silver-birch', heightM: 8, zone: 'front' })
    expect(front.reasonsAgainst.join()).toMatch(/snaps where sleeves/)
    const behind = suit('flower-head-birch', { speciesId: 'silver-birch', heightM: 8, zone: 'middle' })
    expect(behind.reasonsAgainst.join()).not.toMatch(/snaps/)
  })
})

describe('bare, a third of the leaf, and snow', () => {
  const over: Over = { speciesId: 'rowan', heightM: 10, zone: 'front' }
  const trees = plantMethods.filter(({ options }) => options.some(({ id }) => id === 'snow'))
  test.each(trees.map(({ id }) => [id] as const))('%s', (id) => {
    const summer = workedOut(id, over)
    const bare = workedOut(id, over, {}, WINTER)
    const autumn = workedOut(id, over, {}, { dateDepicted: '2026-10-22' })
    const snow = workedOut(id, over, { choices: { snow: 'laden' } }, WINTER)
    const { leaf } = piece(over, { dateDepicted: '2026-10-22' }).piece
    expect(leaf).toBeGreaterThan(0.05)
    expect(leaf).toBeLessThan(0.95)
    expect(ids(snow)).toContain('snow')
    expect(ids(bare)).not.toContain('snow')
    expect(snow.missing).toEqual([])
    expect(grams(snow, 'snow')).toBeGreaterThan(0)
    // Ways that can't be bare say so; the others take less leaf as it falls.
    if (suit(id, over, WINTER).verdict === 'unsuited') return
    const leafOf = (up: MakeUp): number => grams(up, 'foliage') + grams(up, 'clump')
    expect(leafOf(autumn)).toBeLessThan(leafOf(summer))
    expect(leafOf(bare)).toBeLessThan(leafOf(summer) * 0.1)
    expect(bare.handsMin.value).toBeLessThan(summer.handsMin.value)
  })
})

describe('foliage in coats', () => {
  const over: Over = { speciesId: 'beech', heightM: 12, zone: 'front' }
  const coats = (own?: ReadonlyMap<string, number>) => {
    const up = workedOut('twig-tree', over, own ? { own } : {})
    const of = (label: RegExp): number =>
      up.uses.find((use) => use.slot !== 'adhesive' && label.test(use.label))?.perPiece.value ?? 0
    return {
      up,
      shade: of(/^Shade/),
      first: of(/first pass/),
      second: of(/second pass/),
      light: of(/^Highlight/),
    }
  }
  test('shade underneath, leaf in two passes, highlight on top; each at its step', () => {
    const { up, shade, first, second, light } = coats()
    expect(first).toBeCloseTo(second, 9)
    for (const coat of [shade, first, light]) expect(coat).toBeGreaterThan(0)
    const at = (label: RegExp) => up.uses.find((use) => label.test(use.label))!.step
    expect([at(/^Shade/), at(/^Leaf, first/), at(/^Leaf, second/), at(/^Highlight, from/)]).toEqual([
      'dress',
      'dress',
      'dress-again',
      'dress-again',
    ])
    const tones = up.slots.filter(({ slot }) => ['shade', 'foliage', 'highlight'].includes(slot.id))
    expect(new Set(tones.flatMap(({ parts }) => parts.map(({ material }) => material.id))).size).toBe(3)
  })
  test('what sticks of a coat is that coat’s own figure', () => {
    const usual = coats()
    const worse = coats(new Map([['shared/leaf-sticks', 0.15]]))
    expect(worse.first).toBeGreaterThan(usual.first)
    expect(worse.shade).toBe(usual.shade)
    expect(worse.light).toBe(usual.light)
  })
})

describe('a wire tree’s amounts', () => {
  const over: Over = { speciesId: 'beech', heightM: 13, zone: 'front', amount: pieces(2) }
  const { piece: built } = piece(over)
  const { habitus, dress, seed } = sitterFor(speciesById('beech'), over)
  const growth = drawnSkeleton(habitus, dress, seed)
  let grown = growth.next()
  while (!grown.done) grown = growth.next()
  const skeleton = grown.value
  const method = plantMethodById('wire-broadleaf')!
  const order = (choices: Record<string, string> = {}) => ({
    job: jobOf(line(over), built),
    method,
    choices,
    started: 2,
    states: stocked(),
    dryingFactor: 1,
  })
  test('follow the armature: its cut list and what is lost, for as many as are started', () => {
    const up = workedOutWith(order(), (wanted) => wirePlan(skeleton, wanted))
    const plan = wirePlan(skeleton, {
      heightMm: built.heightMm,
      trunkMm: built.trunkMm,
      strands: up.uses[0] ? 68 : 0,
      stoutMm: 0.7,
      thinMm: 0.3,
      barkMm: 0.6,
      takeUp: 0.1,
      wiresMm: [],
    })
    const thin = up.uses.find(({ slot }) => slot === 'thin-wire')!
    expect(formulaOf(thin.perPiece.of)).toMatch(/cut list/)
    expect(thin.perPiece.value / plan.two.thinCut.totalMm).toBeCloseTo(1.05, 1)
    expect(thin.total.value).toBeCloseTo(2 * thin.perPiece.value, 6)
    const cut = up.cuts.filter(({ slot }) => slot === 'thin-wire')
    expect(cut.length).toBeGreaterThan(0)
    expect(cut.length).toBeLessThanOrEqual(6)
    for (const { count, lengthMm } of cut) {
      expect(count % 2).toBe(0)
      expect(lengthMm % 5).toBe(0)
    }
  })
  test('strands that are set are twisted, and what can’t be is passed over', () => {
    expect(strandsSet({ strands: '40' })).toBe(40)
    for (const typed of ['5', '161', 'many', '12.5', ''])
      expect(strandsSet({ strands: typed })).toBeUndefined()
    let asked = 0
    workedOutWith(order({ strands: '40' }), (wanted) => {
      asked = wanted.strands
      return undefined
    })
    expect(asked).toBe(40)
  })
  test('until the armature is drawn they are told as an estimate, of the same size', () => {
    const before = workedOutWith(order(), () => undefined)
    const after = workedOutWith(order(), (wanted) => wirePlan(skeleton, wanted))
    const wireOf = (up: MakeUp) => up.uses.find(({ slot }) => slot === 'wire')!.perPiece
    expect(leavesOf(wireOf(before).of).map(({ note }) => note)).toContainEqual(
      expect.stringMatching(/until it is drawn/),
    )
    const share = wireOf(before).value / wireOf(after).value
    expect(share).toBeGreaterThan(0.4)
    expect(share).toBeLessThan(2.5)
    expect(before.cuts).toEqual([])
  })
})

describe('a dowel conifer’s discs', () => {
  const over: Over = { speciesId: 'norway-spruce', heightM: 18, zone: 'back', amount: pieces(10) }
  const { size } = piece(over)
  const sizes = (count: number) => individualSizes(size, count, 'l1')
  test('are of every tree at its own size, labelled by tree and place', () => {
    const up = workedOut('dowel-conifer', over, { sizes })
    const order = nestOrderOf(up, sizes(up.started.value))!
    expect(order.labels[0]).toBe('1·1·2')
    expect(new Set(order.treeOf).size).toBe(up.started.value)
    expect(order.radiiMm).toHaveLength(order.labels.length)
    expect(up.cuts.map(({ lengthMm }) => lengthMm)).toEqual(
      sizes(up.started.value).map(({ heightMm }) => heightMm),
    )
    expect(nestOrderOf(workedOut('sprig-tree', {}), [])).toBeUndefined()
  })
  test('pads are those that were nested, where they have been', () => {
    const nested = workedOut('dowel-conifer', over, { sizes, pads: 17 })
    expect(nested.uses.find(({ slot }) => slot === 'pad')!.total.value).toBe(17)
  })
  test('coir is doubled: twice as many discs of it', () => {
    const fibre = nestOrderOf(
      workedOut('dowel-conifer', over, { sizes, choices: { layers: 'whole' } }),
      sizes(5),
    )!
    const coir = nestOrderOf(workedOut('dowel-conifer', over, { sizes, choices: { pad: 'coir' } }), sizes(5))!
    // Of coir that is less thick there are more; each is cut twice.
    expect(coir.labels.filter((label) => label === '1·1')).toHaveLength(2)
    expect(fibre.labels.filter((label) => label === '1·1')).toHaveLength(1)
  })
})

describe('sprigs from sorted heaps', () => {
  const states = (counts: readonly (readonly [number, number, number])[]): StockState[] => {
    const base = stocked().find(({ material }) => material.id === 'sprigs')!
    const heaps = counts.map(([fromMm, toMm, count]): StockState => {
      const material = {
        ...heapMaterial(base.material, { fromMm, toMm }),
        changedAt: '2026-10-01T00:00:00.000Z',
      }
      const lot = { ...base.lots[0]!.lot, id: `lot-${material.id}`, materialId: material.id, priceMinor: 100 }
      const balances = new Map([[lot.id, { onHand: count, received: count, drawn: 0 }]])
      return { material, lots: lotsOf(material.id, [lot], balances), onHand: count }
    })
    return [...stocked(), ...heaps]
  }
  const over: Over = { heightM: 6, zone: 'middle', amount: pieces(12) }
  const sizes = (count: number) => individualSizes(piece(over).size, count, 'l1')
  test('each tree takes from the heap of its own height; together they are all that is picked', () => {
    const up = workedOut('sprig-tree', over, {
      sizes,
      states: states([
        [50, 65, 40],
        [65, 80, 40],
        [80, 100, 40],
      ]),
    })
    const uses = up.uses.filter(({ slot }) => slot === 'sprig')
    expect(uses.length).toBeGreaterThanOrEqual(2)
    const total = uses.reduce((sum, use) => sum + use.total.value, 0)
    expect(total).toBe(Math.ceil(1.1 * up.started.value))
    for (const { total: own } of uses) expect(Number.isInteger(own.value)).toBe(true)
    const filled = up.slots.find(({ slot }) => slot.id === 'sprig')!
    expect(filled.because).toMatch(/^by height: \d+ from/)
    expect(filled.parts.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
  })
  test('a heap that runs out sends the rest to the next; an empty one is not used', () => {
    const up = workedOut('sprig-tree', over, {
      sizes,
      states: states([
        [65, 80, 3],
        [80, 100, 90],
        [100, 120, 0],
      ]),
    })
    const of = (id: string) =>
      up.slots.find(({ slot }) => slot.id === 'sprig')!.parts.find(({ material }) => material.id === id)
    expect(Math.round(of('sprigs-65-80')!.share * up.started.value)).toBe(3)
    expect(of('sprigs-100-120')).toBeUndefined()
  })
  test('where the heaps are too few the box that nobody has sorted helps out, before a wrong size does', () => {
    const up = workedOut('sprig-tree', over, { sizes, states: states([[65, 80, 4]]) })
    const { parts } = up.slots.find(({ slot }) => slot.id === 'sprig')!
    expect(parts.map(({ material }) => material.id).sort()).toEqual(['sprigs', 'sprigs-65-80'])
    const heap = parts.find(({ material }) => material.id === 'sprigs-65-80')!
    expect(Math.round(heap.share * up.started.value)).toBe(4)
  })
  test('twigs that a line wants are its trees’ own heights, bound where the crown is wide', () => {
    const wide = workedOut('sprig-tree', { speciesId: 'pedunculate-oak', age: 'veteran', heightM: 12 })
    const wanted = twigsWanted(wide, sizes(3))!
    expect(wanted.kind).toBe('sprig')
    expect(wanted.wanted.every(({ sprigs }) => sprigs >= 2)).toBe(true)
    expect(
      twigsWanted(workedOut('moulded-trunk', { speciesId: 'beech', heightM: 9 }), sizes(3)),
    ).toBeUndefined()
    expect(twigsWanted(workedOut('root-tree', { speciesId: 'beech', heightM: 9 }), sizes(3))?.kind).toBe(
      'root',
    )
  })
})
