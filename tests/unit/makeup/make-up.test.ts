import { individualSizes } from '../../../core/commissions'
import { massPerArea } from '../../../core/coverage'
import { drawsOf, makeUp, needsOf, startedFor, type MakeUp, type MakeUpOrder } from '../../../core/makeup'
import { leavesOf, worthOf } from '../../../core/quantities'
import { methods, plantMethodById, plantMethods } from '../../../core/methods'
import { piece, pieces, stocked, workedOut } from '../../support/workshop'

const use = (up: MakeUp, slot: string) => up.uses.find((one) => one.slot === slot)!
const sprigs = (over: Parameters<typeof piece>[0] = {}, order: Partial<MakeUpOrder> = {}) =>
  workedOut('sprig-tree', over, order)

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

describe('amounts', () => {
  test('the flock on a sprig tree follows the see-through law', () => {
    const { piece: built } = piece()
    const up = sprigs()
    const stuck = massPerArea(built.seeThrough, 0.5, 0.11) * built.sideAreaCm2 * built.leaf * 0.85
    const thrown = stuck / 0.45
    expect(use(up, 'foliage').perPiece.value).toBeCloseTo(thrown - 0.85 * (thrown - stuck), 9)
    expect(use(up, 'foliage').dispensed!.value).toBeCloseTo(thrown * up.started.value, 9)
  })

  test('twice the pieces take twice the flock; a lower see-through takes more; a bare tree takes none', () => {
    const of = (up: MakeUp) => up.uses.find(({ slot }) => slot === 'foliage')?.total.value ?? 0
    expect(of(sprigs({}, { started: 24 }))).toBeCloseTo(2 * of(sprigs({}, { started: 12 })), 9)
    expect(of(sprigs({ seeThrough: 0.1 }))).toBeGreaterThan(of(sprigs({ seeThrough: 0.4 })))
    const bare = workedOut('sprig-tree', {}, {}, { dateDepicted: '2026-01-16' })
    expect(of(bare)).toBe(0)
    expect(bare.steps.map(({ id }) => id)).not.toContain('sprinkle')
  })

  test('figures carry numbers and the coefficients that they rest on; what the maker set is marked as theirs', () => {
    const input = (up: MakeUp, name: RegExp) =>
      leavesOf(use(up, 'foliage').perPiece.of).find((one) => name.test(one.name))!
    expect(input(sprigs(), /^see-through/)).toMatchObject({ origin: 'memory', value: 0.2 })
    expect(input(sprigs({ seeThrough: 0.35 }), /^see-through/)).toMatchObject({
      origin: 'yours',
      value: 0.35,
    })
    expect(input(sprigs(), /sticks/)).toMatchObject({
      coefficient: 'sprig-tree/sticks',
      value: 0.45,
      origin: 'memory',
    })
    const own = new Map([['sprig-tree/sticks', 0.9]])
    expect(input(sprigs({}, { own }), /sticks/)).toMatchObject({ value: 0.9, origin: 'yours' })
    expect(use(sprigs({}, { own }), 'foliage').dispensed!.value).toBeCloseTo(
      use(sprigs(), 'foliage').dispensed!.value / 2,
      9,
    )
    // One that lies beyond what it can be, as from another version, is passed over.
    expect(input(sprigs({}, { own: new Map([['sprig-tree/sticks', 7]]) }), /sticks/)).toMatchObject({
      value: 0.45,
    })
  })

  test('fifty trees cost the medium that leaves with them, not what is poured for the tub', () => {
    const empty = stocked((material) => (material.id === 'soaking-bath' ? 0 : 1000))
    const up = sprigs({ amount: pieces(46), heightM: 9.2 }, { states: empty })
    expect(up.started.value).toBe(50)
    const [pour] = up.pours
    const [medium, water, left] = pour!.lines.map(({ figure }) => figure.value)
    expect(water! / medium!).toBeCloseTo(5, 9)
    expect(left).toBe(400)
    // 83 ml are poured, of which 67 stand in the tub at the end.
    const drawn = drawsOf(up.uses).find(({ materialId }) => materialId === 'matte-medium')!
    const needed = needsOf(up.uses).find(({ materialId }) => materialId === 'matte-medium')!
    expect(drawn.quantity - needed.quantity).toBeCloseTo(400 / 6, 6)
    expect(needed.lies).toBeCloseTo(drawn.quantity, 9)
    expect(up.yields.find(({ material }) => material.id === 'soaking-bath')?.quantity.value).toBe(400)
  })

  test('a tub that was kept is poured in first, and less is mixed', () => {
    const states = stocked((material) =>
      material.id === 'soaking-bath' ? 400 : (material.packQuantity ?? 100),
    )
    const without = sprigs({}, { states: stocked((m) => (m.id === 'soaking-bath' ? 0 : 1000)) })
    const with400 = sprigs({}, { states })
    const medium = (up: MakeUp) => use(up, 'medium').total.value
    expect(medium(without) - medium(with400)).toBeCloseTo(400 / 6, 6)
    expect(use(with400, 'kept').total.value).toBe(400)
    // Promised to another batch, it is not there.
    expect(medium(sprigs({}, { states, free: () => 0 }))).toBeCloseTo(medium(without), 9)
  })

  test('sprigs, hands and soaking follow size and count', () => {
    const tall = sprigs({ speciesId: 'beech', heightM: 19, amount: pieces(3) }, { started: 3 })
    expect(Math.round(piece({ speciesId: 'beech', heightM: 19 }).piece.heightMm)).toBe(249)
    const of = (up: MakeUp, id: string) => up.steps.find((step) => step.id === id)!
    expect(use(tall, 'sprig').total.value).toBeGreaterThanOrEqual(7)
    const small = sprigs({ heightM: 6 }, { started: 3 })
    expect(of(tall, 'sprinkle').hands.eachSec).toBeGreaterThan(3 * of(small, 'sprinkle').hands.eachSec)
    expect(of(tall, 'sort').hands.eachSec).toBeGreaterThan(of(small, 'sort').hands.eachSec)
    // Ten sprigs a bowl, two and a half minutes each: fifty take five bowls, five take one.
    const soak = (n: number): number => {
      const { onceSec, eachSec } = of(sprigs({ heightM: 6 }, { started: n }), 'soak').hands
      return onceSec + n * eachSec
    }
    // The soak wants no hands: of each bowl more, only changing it.
    expect(soak(50) - soak(5) - 45 * 15).toBeCloseTo(4 * 5, 6)
  })

  test('a round leaves room for the set-up, and its words say the computed time', () => {
    for (const method of plantMethods)
      for (const job of method.examples) {
        const up = makeUp({ job, method, states: stocked(), dryingFactor: 1 })
        for (const step of up.steps) {
          if (!step.within || step.atOnce?.because !== 'window' || step.atOnce.count === 1) continue
          expect(step.atOnce.count * step.hands.eachSec).toBeLessThanOrEqual(step.within.sec)
        }
      }
    const wet = sprigs({}, { own: new Map([['sprig-tree/wet-sec', 120]]) }).steps.find(
      ({ id }) => id === 'sprinkle',
    )!
    expect(wet.within?.what).toMatch(/about 2 minutes/)
    expect(wet.text).toMatch(/2 minutes before/)
  })

  test('pieces to start cover the spoilage', () => {
    const sprigTree = plantMethodById('sprig-tree')!
    expect(startedFor(12, sprigTree).value).toBe(14)
    expect(() => startedFor(0, sprigTree)).toThrow('pieces wanted')
    for (const method of methods)
      for (let n = 1; n < 120; n += 1) {
        const started = startedFor(n, method).value
        const { value } = worthOf(method.spoilage, new Map())
        // Less than half a piece is expected to be lost: no spare.
        if (n / (1 - value) - n < 0.5) expect(started).toBe(n)
        else expect(started * (1 - value)).toBeGreaterThanOrEqual(n - 1e-6)
        expect((started - 1) * (1 - value)).toBeLessThan(n)
      }
  })

  test('an open film follows the air; a closed joint keeps its time', () => {
    const wait = (methodId: string, id: string, dryingFactor: number) =>
      workedOut(
        methodId,
        { speciesId: 'pedunculate-oak', heightM: 9, zone: 'back' },
        { dryingFactor },
      ).steps.find((step) => step.id === id)!.wait!
    expect(wait('sprig-tree', 'soak', 2).leastMin).toBe(2 * wait('sprig-tree', 'soak', 1).leastMin)
    expect(wait('moulded-trunk', 'press', 2)).toMatchObject({ kind: 'closed joint', leastMin: 720 })
    expect(wait('moulded-trunk', 'press', 1).leastMin).toBe(720)
    expect(wait('moulded-trunk', 'coat', 1)).toMatchObject({
      kind: 'tack clearing',
      leastMin: 25,
      mostMin: 1440,
    })
  })

  test('the choices: sprayed over takes coarse foam, a canopy colour and a lighter mist; the tips have a slot', () => {
    const own = sprigs()
    expect(own.slots.map(({ slot }) => slot.id)).toEqual(
      expect.arrayContaining(['tips-paint', 'foliage', 'highlight']),
    )
    const over = sprigs({}, { choices: { colour: 'overspray' } })
    expect(over.slots.map(({ slot }) => slot.id)).toEqual(
      expect.arrayContaining(['canopy-paint', 'highlight-spray']),
    )
    expect(use(over, 'foliage').material?.of).toMatchObject({ stuff: 'foam', grainMm: 1.4 })
    const dry = sprigs({}, { choices: { sprigs: 'dry' } })
    expect(dry.steps.map(({ id }) => id)).not.toContain('soak')
    expect(dry.pours).toEqual([])
    // A choice that no version knows is the usual one.
    expect(sprigs({}, { choices: { colour: 'plaid' } }).choices.colour).toBe('own')
  })
})

describe('materials', () => {
  test('a chosen material is used; an open slot is named, and its amount foretold for what is wanted', () => {
    expect(use(sprigs({}, { materials: { foliage: 'foam-fine-rust' } }), 'foliage').material?.id).toBe(
      'foam-fine-rust',
    )
    const bare = stocked().filter(({ material }) => material.id !== 'hairspray')
    const without = sprigs({}, { states: bare })
    expect(without.missing.map(({ slot }) => slot.id)).toEqual(['hairspray'])
    expect(use(without, 'hairspray')).toMatchObject({ total: { value: expect.any(Number) } })
    expect(use(without, 'hairspray').material).toBeUndefined()
    expect(without.costEachMinor).toBeUndefined()
    expect(drawsOf(without.uses).map(({ materialId }) => materialId)).not.toContain('hairspray')
  })

  test('with no lighter foam the highlight is left out, and the base takes its share', () => {
    const states = stocked().filter(
      ({ material }) => material.of.stuff !== 'foam' || material.id === 'foam-fine-mid',
    )
    const up = sprigs({}, { states })
    expect(up.missing).toEqual([])
    expect(up.slots.find(({ slot }) => slot.id === 'highlight')?.because).toMatch(/wanted: ground foam/)
    expect(up.steps.map(({ id }) => id)).not.toContain('highlight')
    const whole = use(up, 'foliage').perPiece.value
    expect(use(sprigs(), 'foliage').perPiece.value / whole).toBeCloseTo(0.85, 6)
  })

  test('an unknown price is named instead of counted as nothing', () => {
    const states = stocked().map((state) =>
      state.material.id === 'hairspray'
        ? { ...state, lots: [], material: { ...state.material, packPriceMinor: undefined } }
        : state,
    )
    const up = sprigs({}, { states })
    expect(up.unpriced).toEqual(['Hairspray, super hold'])
    expect(up.costEachMinor).toBeUndefined()
  })

  test('a method that is not known, whatever its name, is none', () => {
    for (const id of ['magic', '__proto__', 'constructor', 'toString'])
      expect(plantMethodById(id)).toBeUndefined()
  })
})
