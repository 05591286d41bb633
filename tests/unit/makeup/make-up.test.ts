import {
  cautions,
  faults,
  makeUp,
  methodById,
  methods,
  mismatch,
  needsOf,
  pieceOf,
  proposeMaterial,
  rankMethods,
  startedFor,
} from '../../../core/methods'
import { batchStepSchema } from '../../../core/batches'
import { individualSizes } from '../../../core/commissions'
import { speciesById, speciesTable, type Age } from '../../../core/plants'
import { commission, line, materials, piece, stocked } from '../../support/workshop'
import { massPerArea } from '../../../core/coverage'

const work = (
  methodId: string,
  over: Parameters<typeof piece>[0] = {},
  order: Partial<Parameters<typeof makeUp>[0]> = {},
) =>
  makeUp({
    piece: piece(over).piece,
    method: methodById(methodId),
    wanted: over?.pieces ?? 12,
    states: stocked(),
    dryingFactor: 1,
    ...order,
  })

describe('the piece to be built', () => {
  test('twelve 6 m hawthorns at 1:76.2 stand 79 mm; with a stature of 75 % 59 mm', () => {
    expect(Math.round(piece({ heightM: 6 }).piece.heightMm)).toBe(79)
    expect(Math.round(piece({ heightM: 6, stature: 0.75 }).piece.heightMm)).toBe(59)
    expect(Math.round(piece({ heightM: 6 }, { stature: 0.75 }).piece.heightMm)).toBe(59)
  })

  test('the same line gives the same individual heights, spread by an eighth around its own', () => {
    const own = { heightMm: 79, crownWidthMm: 60, trunkMm: 4, clearStemMm: 9, crownBaseMm: 9 }
    const pieces = individualSizes(own, 2000, 'l1')
    expect(individualSizes(own, 2000, 'l1')).toEqual(pieces)
    expect(individualSizes(own, 20, 'l1')).toEqual(pieces.slice(0, 20))
    expect(individualSizes(own, 20, 'l2')).not.toEqual(pieces.slice(0, 20))
    const heights = pieces.map(({ heightMm }) => heightMm)
    const mean = heights.reduce((a, b) => a + b, 0) / heights.length
    const deviation = Math.sqrt(heights.reduce((a, b) => a + (b - mean) ** 2, 0) / heights.length)
    expect(mean / 79).toBeCloseTo(1, 1)
    expect(deviation / mean).toBeGreaterThan(0.105)
    expect(deviation / mean).toBeLessThan(0.135)
    // Crown and stem go with the height, but not in step.
    const correlation = (a: number[], b: number[]): number => {
      const middle = (list: number[]): number => list.reduce((x, y) => x + y, 0) / list.length
      const [ma, mb] = [middle(a), middle(b)]
      const cross = a.reduce((sum, x, i) => sum + (x - ma) * (b[i]! - mb), 0)
      return (
        cross /
        Math.sqrt(a.reduce((sum, x) => sum + (x - ma) ** 2, 0) * b.reduce((sum, x) => sum + (x - mb) ** 2, 0))
      )
    }
    for (const other of [
      pieces.map(({ crownWidthMm }) => crownWidthMm),
      pieces.map(({ trunkMm }) => trunkMm),
    ]) {
      expect(correlation(heights, other)).toBeGreaterThan(0.8)
      expect(correlation(heights, other)).toBeLessThan(0.95)
    }
    expect(() => individualSizes(own, 3, 'l1', 2)).toThrow(/variation is 2/)
  })
})

describe('which method', () => {
  const best = (over: Parameters<typeof piece>[0], job = {}) => rankMethods(piece(over, job).piece)[0]
  test.each([
    ['hawthorn at the front', { speciesId: 'hawthorn' }, 'sprig-tree'],
    ['forty bushes', { speciesId: 'blackthorn', heightM: 1.5, zone: 'middle' as const }, 'wool-bush'],
    ['tussocks', { speciesId: 'tufted-hair-grass' }, 'tuft-sheet'],
  ])('%s', (_what, over, id) =>
    expect(best(over)).toMatchObject({ method: { id }, suit: { verdict: 'suits' } }),
  )

  test('every method says something for or against every plant, and never suits one it can’t show', () => {
    for (const row of speciesTable)
      for (const ratio of [35, 87.1, 160])
        for (const age of ['young', 'mature'] as Age[]) {
          for (const { method, suit } of rankMethods(
            pieceOf(line({ speciesId: row.id, age }), commission({ ratio }), row, '2026-06-20').piece,
          )) {
            expect(suit.reasonsFor.length + suit.reasonsAgainst.length).toBeGreaterThan(0)
            if (suit.verdict === 'unsuited') expect(suit.reasonsAgainst.length).toBeGreaterThan(0)
            if (method.id === 'tuft-sheet' && suit.verdict === 'suits')
              expect(['grass', 'reed', 'fern', 'herb']).toContain(row.habit)
            if (method.id === 'sprig-tree' && row.habit === 'grass') expect(suit.verdict).toBe('unsuited')
          }
        }
  })
})

describe('amounts', () => {
  test('the flock on a sprig tree follows the see-through law', () => {
    const { piece: built } = piece()
    const up = work('sprig-tree')
    const foliage = up.amounts.find(({ slot }) => slot === 'foliage')!
    const stuck = massPerArea(built.seeThrough, 0.5, 0.11) * built.sideAreaCm2 * built.leaf * 0.85
    const thrown = stuck / 0.45
    expect(foliage.perPiece.value).toBeCloseTo(thrown - 0.85 * (thrown - stuck), 9)
    expect(foliage.onTray!.value).toBeCloseTo(thrown * up.started.value, 9)
  })

  test('twice the pieces take twice the flock; a lower see-through takes more; a bare tree takes none', () => {
    const of = (up: ReturnType<typeof work>) =>
      up.amounts.find(({ slot }) => slot === 'foliage')?.total.value ?? 0
    expect(of(work('sprig-tree', {}, { started: 24 }))).toBeCloseTo(
      2 * of(work('sprig-tree', {}, { started: 12 })),
      9,
    )
    expect(of(work('sprig-tree', { seeThrough: 0.1 }))).toBeGreaterThan(
      of(work('sprig-tree', { seeThrough: 0.4 })),
    )
    const winter = pieceOf(
      line(),
      commission({ dateDepicted: '2026-01-16' }),
      speciesById('hawthorn'),
      '2026-01-16',
    ).piece
    const bare = makeUp({
      piece: winter,
      method: methodById('sprig-tree'),
      wanted: 12,
      states: stocked(),
      dryingFactor: 1,
    })
    expect(of(bare)).toBe(0)
    expect(bare.steps.map(({ id }) => id)).not.toContain('sprinkle')
  })

  test('a see-through that the maker set is marked as theirs', () => {
    const origin = (up: ReturnType<typeof work>) =>
      up.amounts
        .find(({ slot }) => slot === 'foliage')!
        .perPiece.inputs.find(({ name }) => name.startsWith('g,'))!
    expect(origin(work('sprig-tree'))).toMatchObject({ origin: 'memory', value: '0.2' })
    expect(origin(work('sprig-tree', { seeThrough: 0.35 }))).toMatchObject({ origin: 'yours', value: '0.35' })
  })

  test('the soaking bath pours out as medium and water, and keeps what must stand', () => {
    const [pour] = work('sprig-tree').pours
    const [medium, water, left] = pour!.lines.map(({ figure }) => figure.value)
    expect(water! / medium!).toBeCloseTo(5, 9)
    expect(left).toBe(400)
    expect(work('sprig-tree').amounts.find(({ slot }) => slot === 'medium')!.total.value).toBeCloseTo(
      medium!,
      9,
    )
  })

  test('pieces to start cover the spoilage', () => {
    expect(startedFor(12, methodById('sprig-tree')).value).toBe(14)
    expect(() => startedFor(0, methodById('sprig-tree'))).toThrow('pieces wanted')
    for (const method of methods)
      for (let n = 1; n < 120; n += 1) {
        const started = startedFor(n, method).value
        expect(started * (1 - method.spoilage.share)).toBeGreaterThanOrEqual(n - 1e-6)
        expect((started - 1) * (1 - method.spoilage.share)).toBeLessThan(n)
      }
  })

  test('every figure of every method is positive, has a formula, and names the origin of its inputs', () => {
    const plants = {
      'sprig-tree': 'hawthorn',
      'moulded-trunk': 'pedunculate-oak',
      'wool-bush': 'blackthorn',
      'tuft-sheet': 'tufted-hair-grass',
    }
    for (const [methodId, speciesId] of Object.entries(plants)) {
      const up = work(methodId, { speciesId })
      const figures = [
        ...up.amounts.flatMap((a) => [a.perPiece, a.total, ...(a.onTray ? [a.onTray] : [])]),
        ...up.pours.flatMap((p) => p.lines.map(({ figure }) => figure)),
        up.handsMin,
        up.elapsedMin,
        up.costEachMinor!,
      ]
      for (const figure of figures) {
        expect(figure.value).toBeGreaterThan(0)
        expect(figure.formula.length).toBeGreaterThan(5)
        for (const part of figure.inputs)
          expect(['formula', 'common practice', 'memory', 'yours']).toContain(part.origin)
      }
      expect(up.elapsedMin.value).toBeGreaterThan(up.handsMin.value)
      for (const step of up.steps) {
        expect(batchStepSchema.safeParse(step).success).toBe(true)
        for (const id of step.cautions) expect(cautions[id]).toBeDefined()
        for (const id of step.faults) expect(faults[id]).toBeDefined()
        if (step.window && step.window.sec < 3600)
          expect(step.window.atOnce * step.pieceSec).toBeLessThanOrEqual(step.window.sec + step.pieceSec)
      }
      expect(up.amounts.every((a) => up.steps.some((step) => step.materialIds.includes(a.materialId)))).toBe(
        true,
      )
    }
  })

  test('a damp room stretches what dries by water, and only that', () => {
    const dry = work('sprig-tree').steps.find(({ id }) => id === 'peg')!.wait!.min
    expect(work('sprig-tree', {}, { dryingFactor: 2 }).steps.find(({ id }) => id === 'peg')!.wait!.min).toBe(
      2 * dry,
    )
    expect(
      work('sprig-tree', {}, { dryingFactor: 2 }).steps.find(({ id }) => id === 'trunk')!.wait!.min,
    ).toBe(30)
  })

  test('a static applicator is never used without its cautions', () => {
    for (const step of work('tuft-sheet', { speciesId: 'tufted-hair-grass' }).steps) {
      if (/applicator/.test(step.text))
        expect(step.cautions).toEqual(expect.arrayContaining(['high-voltage', 'static-sparks']))
    }
    for (const step of work('sprig-tree').steps)
      if (/[Ss]pray/.test(step.text)) expect(step.cautions).toContain('spray')
  })
})

describe('materials', () => {
  test('the nearest colour and size is proposed, what is in stock before what is not', () => {
    const slot = methodById('sprig-tree').slots.find(({ id }) => id === 'foliage')!
    const { piece: built } = piece()
    expect(proposeMaterial(slot, built, stocked())?.kind).toBe('foam')
    const [best] = materials
      .filter(({ kind }) => kind === 'foam')
      .sort((a, b) => mismatch(a, slot.wish(built)) - mismatch(b, slot.wish(built)))
    expect(proposeMaterial(slot, built, stocked())?.id).toBe(best!.id)
    const near = { ...stocked()[0]!, material: { ...best!, id: 'near', grainMm: best!.grainMm! * 1.2 } }
    expect(proposeMaterial(slot, built, [...stocked(() => 0), near])?.id).toBe('near')
    expect(
      proposeMaterial(
        slot,
        built,
        stocked((m) => (m.id === 'foam-fine-rust' ? 40 : 0)),
      )?.id,
    ).toBe(best!.id)
    const rust = materials.find(({ id }) => id === 'foam-fine-rust')!
    const mid = materials.find(({ id }) => id === 'foam-fine-mid')!
    expect(mismatch(rust, slot.wish(built))).toBeGreaterThan(mismatch(mid, slot.wish(built)))
  })

  test('a chosen material is used, an empty slot is named and nothing is guessed', () => {
    const up = work('sprig-tree', {}, { chosen: { foliage: 'foam-fine-rust' } })
    expect(up.amounts.find(({ slot }) => slot === 'foliage')!.materialId).toBe('foam-fine-rust')
    const without = work(
      'sprig-tree',
      {},
      { states: stocked().filter(({ material }) => material.kind !== 'hairspray') },
    )
    expect(without.missing.map(({ id }) => id)).toEqual(['hairspray'])
    expect([without.amounts, without.steps, without.costEachMinor]).toEqual([[], [], undefined])
  })

  test('needs of one material in two slots are added up', () => {
    const up = work('sprig-tree', {}, { chosen: { foliage: 'foam-fine-mid', highlight: 'foam-fine-mid' } })
    const parts = up.amounts.filter(({ materialId }) => materialId === 'foam-fine-mid')
    expect(parts).toHaveLength(2)
    expect(
      needsOf(up.amounts).find(({ materialId }) => materialId === 'foam-fine-mid')!.quantity,
    ).toBeCloseTo(parts[0]!.total.value + parts[1]!.total.value)
  })

  test('an unknown price is named instead of counted as nothing', () => {
    const states = stocked().map((state) =>
      state.material.kind === 'hairspray'
        ? { ...state, lots: [], material: { ...state.material, packPriceMinor: undefined } }
        : state,
    )
    const up = work('sprig-tree', {}, { states })
    expect(up.unpriced).toEqual(['Hairspray, super hold'])
    expect(up.costEachMinor).toBeUndefined()
  })

  test('an unknown method is named', () => expect(() => methodById('magic')).toThrow(/magic.*sprig-tree/))
})
