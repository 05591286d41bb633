import { noSealing, toLab } from '../../../core/colour'
import {
  blendMaterialId,
  blendOff,
  grainsOf,
  mixedBlend,
  mixingClaims,
  sealingsOf,
  withMadeAt,
  type Blend,
  type MixedBlend,
  type Tile,
} from '../../../core/blends'
import { fillSlots, makeUp, type Slot } from '../../../core/makeup'
import {
  allocate,
  costOfDraw,
  isKindOf,
  jarCodeText,
  readJarCode,
  type Claim,
  type StockState,
} from '../../../core/stock'
import { blendMethod, methodCoefficient, methodName } from '../../../core/methods'
import { materials, NOON, stocked } from '../../support/workshop'

const grains = grainsOf(materials)
const blend = (over: Partial<Blend> = {}): Blend => ({
  id: 'b1',
  changedAt: NOON,
  name: 'Deep scrub',
  target: { kind: 'colour', colour: '#55633f', from: 'typed' },
  use: 'scrub',
  texture: 'rough',
  parts: [
    { materialId: 'lichen', parts: 2 },
    { materialId: 'clump-mid', parts: 2 },
    { materialId: 'foam-coarse-dark', parts: 1 },
    { materialId: 'static-dark-4', parts: 1 },
  ],
  sealer: 'pva',
  ...over,
})
const mixedOf = (over: Partial<Blend> = {}, tiles: readonly Tile[] = []): MixedBlend => {
  const mixed = mixedBlend(blend(over), grains, tiles, sealingsOf(tiles))
  if (!mixed) throw new Error('no parts are known')
  return mixed
}
const ordered = (mixed: MixedBlend, quantity: number, materialId = mixed.jars[0]!.material.id) =>
  makeUp({
    job: { kind: 'stock', materialId, quantity, unit: 'g' },
    method: blendMethod(mixed),
    states: stocked(),
    dryingFactor: 1,
  })
const sum = (values: readonly number[]): number => values.reduce((all, own) => all + own, 0)

describe('a blend as a way of making', () => {
  test('what goes in weighs what comes out, part by part by bulk density', () => {
    const up = ordered(mixedOf(), 50)
    expect(sum(up.uses.map(({ total }) => total.value))).toBeCloseTo(50, 9)
    // Two parts of lichen at 0.03, two of clump at 0.035, one of foam at 0.045, one of fibre at 0.064: 0.239 in all.
    expect(up.uses[0]!.total.value).toBeCloseTo((50 * 0.06) / 0.239, 6)
    expect(up.yields.map(({ quantity }) => quantity.value)).toEqual([expect.closeTo(50, 9)])
    expect(up.missing).toEqual([])
  })

  test('lichen and clump are shredded first, and dust and blender are cautioned where they are', () => {
    const steps = ordered(mixedOf(), 50).steps
    expect(steps.map(({ id }) => id)).toEqual(['measure', 'shred', 'mix', 'tile', 'jar'])
    expect(steps.find(({ id }) => id === 'shred')?.cautions).toEqual(['blender', 'dust'])
    expect(steps.find(({ id }) => id === 'mix')?.hands).toMatchObject({
      onceSec: 300,
      origin: 'common practice',
    })
    const plain = ordered(mixedOf({ use: 'crown', parts: [{ materialId: 'foam-fine-mid', parts: 1 }] }), 20)
    expect(plain.steps.map(({ id }) => id)).toEqual(['measure', 'mix', 'tile', 'jar'])
  })

  test('a sieve gives two lots whose masses and costs add up to the whole, whichever is asked for', () => {
    const mixed = mixedOf({ sieveMm: 2 })
    expect(mixed.jars.map(({ jar, material }) => [jar, material.id])).toEqual([
      ['held', 'blend-b1-coarse'],
      ['passed', 'blend-b1-fine'],
    ])
    const up = ordered(mixed, 10, 'blend-b1-fine')
    const fine = up.yields.find(({ material }) => material.id === 'blend-b1-fine')
    expect(fine?.quantity.value).toBeCloseTo(10, 6)
    expect(sum(up.yields.map(({ quantity }) => quantity.value))).toBeCloseTo(
      sum(up.uses.map(({ total }) => total.value)),
      6,
    )
    for (const { material } of up.uses)
      expect(
        sum(
          up.yields.flatMap(({ shares }) =>
            shares.filter(({ materialId }) => materialId === material?.id).map(({ share }) => share),
          ),
        ),
      ).toBeCloseTo(1, 9)
    expect(up.steps.map(({ id }) => id)).toContain('sieve')
  })

  test('a mesh that lets nothing through fills one jar', () => {
    expect(mixedOf({ sieveMm: 0.05 }).jars.map(({ jar }) => jar)).toEqual(['held'])
  })

  test('its name and its figures are known where batches are listed', () => {
    expect(methodName('blend-mix')).toBe('Mixing a blend')
    expect(methodCoefficient('blend-mix/mix-min')?.value).toBe(5)
  })
})

describe('the jar of a blend', () => {
  test.each([
    ['crown', { stuff: 'foam', form: 'ground' }],
    ['needles', { stuff: 'foam', form: 'ground' }],
    ['litter', { stuff: 'powder', powder: 'litter' }],
    ['ground', { stuff: 'powder', powder: 'soil' }],
    ['scrub', { stuff: 'foam', form: 'ground' }],
  ] as const)('of a blend for %s is worked with as such', (use, of) => {
    expect(mixedOf({ use }).jars[0]!.material.of).toMatchObject(of)
  })

  test('of fibres is fibre of their mean length and thickness', () => {
    const parts = [
      { materialId: 'static-straw-2', parts: 1 },
      { materialId: 'static-straw-6', parts: 3 },
    ]
    expect(mixedOf({ use: 'sward', parts }).jars[0]!.material.of).toMatchObject({
      stuff: 'fibre',
      lengthMm: 5,
      dtex: 20.75,
    })
  })

  test('looks as foretold until a tile of its recipe is measured, and then as that', () => {
    const own = mixedOf()
    const tile: Tile = {
      id: 't',
      changedAt: NOON,
      name: 'tile',
      parts: blend().parts,
      date: '2026-10-04',
      ground: 'card',
      sealer: 'pva',
      dry: '#777755',
      sealed: '#666644',
      measured: { date: '2026-10-04', light: 'daylight' },
    }
    expect(own.sealed).not.toBe('#666644')
    expect(mixedOf({}, [tile])).toMatchObject({ dry: '#777755', sealed: '#666644' })
  })

  test('materials that are gone are named and left out; without any there is no mixture', () => {
    const mixed = mixedOf({
      parts: [
        { materialId: 'gone', parts: 3 },
        { materialId: 'lichen', parts: 1 },
      ],
    })
    expect([mixed.unknown, mixed.mixture.portions.length]).toEqual([['gone'], 1])
    expect(mixedBlend(blend({ parts: [] }), grains, [], sealingsOf([]))).toBeUndefined()
  })
})

describe('in the lines', () => {
  const mixed = mixedOf({ use: 'crown', parts: [{ materialId: 'foam-fine-rust', parts: 1 }] })
  const jar = mixed.jars[0]!.material
  const states: StockState[] = [...stocked(), { material: jar, lots: [], onHand: 0 }]
  const slot: Slot = {
    id: 'base',
    label: 'Base',
    wish: { stuff: 'foam', form: 'ground', grainMm: 0.5, colour: mixed.sealed },
  }

  test('a slot takes a blend where its maker says so, and never by itself', () => {
    expect(isKindOf(jar, slot.wish)).toBe(true)
    const [proposed] = fillSlots([slot], {}, states)
    expect(proposed?.parts[0]?.material.id).not.toBe(jar.id)
    const [chosen] = fillSlots([slot], { base: jar.id }, states)
    expect([chosen?.chosen, chosen?.parts[0]?.material.id]).toEqual([true, jar.id])
  })

  test('it is judged sealed, and says how far it is off when the wanted tone has moved', () => {
    expect(blendOff(slot, jar)).toBeCloseTo(0, 9)
    expect(blendOff({ wish: { ...slot.wish, colour: '#5a7a36' } as Slot['wish'] }, jar)).toBeGreaterThan(20)
    expect(blendOff(slot, materials[0])).toBeUndefined()
  })

  const claim = (quantity: number, over: Partial<Claim> = {}): Claim => ({
    id: 'line:l1',
    who: 'Beech',
    order: 1,
    needs: [{ materialId: jar.id, quantity }],
    ...over,
  })
  const known = new Map([[mixed.blend.id, mixed]])

  test('what goes into a blend that is wanted and not there is promised, due when the first of its lines is', () => {
    const claims = [claim(6, { due: '2026-12-12' }), claim(4, { id: 'line:l2', due: '2026-12-01' })]
    const [own] = mixingClaims(claims, states, new Map(), known)
    expect(own).toMatchObject({
      id: 'blend:b1',
      due: '2026-12-01',
      needs: [{ materialId: 'foam-fine-rust' }],
    })
    expect(own?.needs[0]?.quantity).toBeCloseTo(10, 9)
    const { claimed } = allocate([...claims, own!], states)
    expect(claimed.get('foam-fine-rust')).toBeCloseTo(10, 6)
  })

  test('what is on the shelf or being mixed is not promised twice', () => {
    expect(mixingClaims([claim(6)], states, new Map([[jar.id, 6]]), known)).toEqual([])
    const there = states.map((state) => (state.material === jar ? { ...state, onHand: 5 } : state))
    expect(mixingClaims([claim(6)], there, new Map(), known)[0]?.needs[0]?.quantity).toBeCloseTo(1, 9)
    expect(mixingClaims([], states, new Map(), known)).toEqual([])
    expect(allocate([claim(6)], states, new Map([[jar.id, 6]])).shortages).toEqual([])
  })

  test('two jars of one sieved blend are mixed once, for the one that lacks most', () => {
    const split = mixedOf({ sieveMm: 2 })
    const [held, passed] = split.jars
    const all: StockState[] = [
      ...stocked(),
      ...split.jars.map(({ material }) => ({ material, lots: [], onHand: 0 })),
    ]
    const needs = [
      { materialId: held!.material.id, quantity: 7 },
      { materialId: passed!.material.id, quantity: 1 },
    ]
    const [own] = mixingClaims(
      [{ id: 'line:l', who: 'Scrub', order: 1, needs }],
      all,
      new Map(),
      new Map([['b1', split]]),
    )
    const whole = Math.max(7 / held!.massShare, 1 / passed!.massShare)
    expect(sum(own!.needs.map(({ quantity }) => quantity))).toBeCloseTo(whole, 6)
  })
})

test('a jar that is not mixed yet costs what its parts do; one that has lots, what they cost', () => {
  const mixed = mixedOf({
    use: 'crown',
    parts: [
      { materialId: 'foam-fine-rust', parts: 1 },
      { materialId: 'leaf-dark', parts: 1 },
    ],
  })
  const jar = mixed.jars[0]!.material
  const states: StockState[] = [...stocked(), { material: jar, lots: [], onHand: 0 }]
  const [own] = withMadeAt(states, new Map([['b1', mixed]])).filter(({ material }) => material === jar)
  // Foam 480 for 40 g at 0.07 g/ml, leaf 690 for 25 g at 0.06: (0.84 + 1.656) ÷ 0.13 a gram.
  expect(own?.madeAtMinor).toBeCloseTo(2.496 / 0.13, 6)
  expect(costOfDraw(10, own!)).toBeCloseTo(249.6 / 1.3, 3)
  const unknown = withMadeAt(
    states.filter(({ material }) => material.id !== 'leaf-dark'),
    new Map([['b1', mixed]]),
  ).find(({ material }) => material === jar)
  expect(unknown && costOfDraw(10, unknown)).toBeUndefined()
})

test('the code of a jar is read back, and nothing else is', () => {
  for (const code of [
    { kind: 'lot', lotId: 'demo-0042' },
    { kind: 'material', materialId: blendMaterialId('b1') },
  ] as const)
    expect(readJarCode(` ${jarCodeText(code)} `)).toEqual({ kind: 'ok', value: code })
  for (const text of ['', 'HT1/L/', 'HT2/L/abc', 'https://example.invalid/', 'HT1/L/a b'])
    expect(readJarCode(text)).toMatchObject({ kind: 'none' })
})

test('left dry it keeps its colour', () => {
  const mixed = mixedOf({ sealer: 'none' })
  expect(mixed.sealed).toBe(mixed.dry)
  expect(noSealing.tiles).toBe(0)
  expect(toLab(mixed.sealed)[0]).toBeGreaterThan(toLab(mixedOf().sealed)[0])
})
