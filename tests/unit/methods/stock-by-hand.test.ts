import { makeUp, type MakeUp } from '../../../core/makeup'
import { gatherMethodFor, stockMethodFor } from '../../../core/methods'
import { catalogueRow, isKindOf } from '../../../core/stock'
import { ownableTools, toolById } from '../../../core/tools'
import { handsH, stepOf, total, wayExamples } from '../../support/ways'
import { stocked } from '../../support/workshop'

describe('stock made at home, by the load', () => {
  const recipe = (materialId: string, quantity: number, dryingFactor = 1): MakeUp =>
    makeUp({
      job: { kind: 'stock', materialId, quantity, unit: 'g' },
      method: stockMethodFor(materialId)!,
      states: stocked(() => 1e6),
      dryingFactor,
    })

  test('1.8 kg of wet coffee is about eight tray-hours', () => {
    // 45 % of it is left when it is dry: 810 g.
    const up = recipe('coffee-grounds', 810)
    expect(total(up, 'coffee')).toBeCloseTo(1800, 6)
    expect(stepOf(up, 'dry').wait).toMatchObject({ leastMin: 8 * 60, attended: true })
    expect(stepOf(recipe('coffee-grounds', 80), 'dry').wait!.leastMin).toBe(60)
  })

  test('ten times the soil is about ten times the hands; 70 to 75 % of what is dug comes out graded, dried once', () => {
    const [one, ten] = [recipe('soil-medium', 120), recipe('soil-medium', 1200)]
    expect(handsH(ten) / handsH(one)).toBeGreaterThan(9)
    const graded = ten.yields.reduce((sum, { quantity }) => sum + quantity.value, 0)
    expect(graded / total(ten, 'soil')).toBeGreaterThan(0.7)
    expect(graded / total(ten, 'soil')).toBeLessThan(0.75)
    expect(stepOf(recipe('soil-medium', 120, 2), 'dry').wait!.leastMin).toBe(2 * 2880)
    const dug = makeUp({
      job: { kind: 'stock', materialId: 'soil-raw', quantity: 3000, unit: 'g' },
      method: gatherMethodFor('soil', 'gather')!,
      states: [],
      dryingFactor: 1,
    })
    expect(dug.steps.map(({ id }) => id)).not.toContain('dry')
  })

  test('in the oven four kilograms of soil are seven trays, an hour each, watched; what lives in it dies', () => {
    // 1.2 kg of medium are 30 % of 4 kg; 600 g go on a tray.
    const baked = (materialId: string, quantity: number): MakeUp =>
      makeUp({
        job: { kind: 'stock', materialId, quantity, unit: 'g' },
        method: stockMethodFor(materialId)!,
        states: stocked(() => 1e6),
        choices: { drying: 'oven' },
        dryingFactor: 2,
      })
    const soil = baked('soil-medium', 1200)
    expect(soil.steps.map(({ id }) => id)).toEqual(['bake', 'sieve'])
    expect(stepOf(soil, 'bake').wait).toMatchObject({ leastMin: 7 * 60, attended: true })
    expect(stepOf(soil, 'bake').hands.onceSec).toBe(7 * 120)
    expect(stepOf(soil, 'bake').cautions).toEqual(expect.arrayContaining(['oven', 'soil']))
    expect(stepOf(soil, 'bake').tools).toContain('oven thermometer')
    // Sand is rinsed first, and goes into the oven dripped off.
    const sand = baked('sand-fine', 400)
    expect(sand.steps.map(({ id, wait }) => [id, wait?.leastMin])).toEqual([
      ['rinse', undefined],
      ['bake', 2 * 60],
      ['sieve', undefined],
    ])
  })

  test('1 700 flower heads are three hours of hanging and an hour and a half of boxing', () => {
    const heads = makeUp({
      job: { kind: 'stock', materialId: 'flower-heads', quantity: 1700, unit: 'piece' },
      method: gatherMethodFor('flower-heads', 'gather')!,
      states: [],
      dryingFactor: 1,
    })
    expect(stepOf(heads, 'dry').hands.onceSec / 3600).toBeCloseTo(3, 0)
    expect(stepOf(heads, 'box').hands.onceSec / 3600).toBeCloseTo(1.5, 1)
  })
})

describe('what was missing on the shelf, made at home', () => {
  const recipe = (materialId: string, quantity: number, unit: 'g' | 'ml' = 'g'): MakeUp =>
    makeUp({
      job: { kind: 'stock', materialId, quantity, unit },
      method: stockMethodFor(materialId)!,
      states: stocked(() => 1e6),
      dryingFactor: 1,
    })

  test('50 g of cut sisal take 1.39 m of a rope of 40 g a metre, a tenth of which is combed out', () => {
    // 50 g ÷ 0.9 = 55.6 g of rope; ÷ 40 g/m = 1.389 m. Three loads of 25 g at seven minutes.
    const up = recipe('sisal-cut', 50)
    expect(total(up, 'rope')).toBeCloseTo(1389, 0)
    expect(stepOf(up, 'cut').hands.onceSec).toBe(3 * 420)
    expect(stepOf(up, 'cut').cautions).toContain('dust')
  })

  test('400 g of fine sand are 889 g as gathered, with 356 g of coarse; rinsed twice, dried for a day', () => {
    const up = recipe('sand-fine', 400)
    expect(total(up, 'sand')).toBeCloseTo(400 / 0.45, 6)
    expect(up.yields.map(({ quantity }) => Math.round(quantity.value))).toEqual([400, 356])
    expect(stepOf(up, 'rinse').hands.onceSec).toBe(2 * 360)
    expect(stepOf(up, 'rinse').wait).toMatchObject({ leastMin: 1440 })
  })

  test('60 g of medium foam of sponge: 12 sponges of 8 g, 38 ml of paint, two days of drying before the blender', () => {
    // 60 ÷ 0.55 = 109 g in all, 85 % of it sponge: 92.7 g ÷ 8 g = 11.6.
    const up = recipe('foam-sponge-medium', 60)
    expect(total(up, 'sponge')).toBeCloseTo(11.6, 1)
    expect(total(up, 'paint')).toBeCloseTo(38.2, 1)
    expect(up.yields.map(({ material }) => material.id)).toEqual(['foam-sponge-medium', 'foam-sponge-fine'])
    expect(stepOf(up, 'dye').wait).toMatchObject({ leastMin: 2880 })
    expect(stepOf(up, 'shred').cautions).toContain('blender')
  })

  test('half a litre of wetting water is 2.5 ml of detergent', () => {
    expect(total(recipe('wetting-water', 500, 'ml'), 'detergent')).toBeCloseTo(2.49, 2)
  })

  test('what is dried in the oven names the oven, its tray, a thermometer, and what must be minded', () => {
    for (const id of ['leaf-litter', 'coffee-grounds', 'tea-leaves', 'bark-crumbs']) {
      const dry = stepOf(recipe(id, 40), 'dry')
      expect(dry.tools).toEqual(expect.arrayContaining(['oven', 'oven tray', 'oven thermometer']))
      expect(dry.cautions).toContain('oven')
      expect(dry.wait).toMatchObject({ leastMin: 60, attended: true })
    }
  })

  test.each([
    ['sand', 'sand-grades', 'sand-coarse', 'spade'],
    ['clay', 'clay-powder', 'clay-powder', undefined],
    ['catkins', 'leaf-catkin', 'leaf-catkin', undefined],
    ['bark', 'bark-crumbs', 'bark-crumbs', undefined],
    ['moss', 'moss-shredded', 'moss-shredded', 'flat blade'],
  ] as const)('%s is gathered with leave, and %s is made of it', (gather, recipeId, product, tool) => {
    const method = gatherMethodFor(gather, 'gather')!
    const up = makeUp({
      job: { kind: 'stock', materialId: method.product, quantity: 100, unit: 'g' },
      method,
      states: [],
      dryingFactor: 1,
    })
    expect(up.steps[0]!.cautions).toContain('gathering')
    expect(stepOf(up, 'gather').tools).toEqual(tool === undefined ? [] : [tool])
    const goesInto = stockMethodFor(product)!
    expect(goesInto.id).toBe(recipeId)
    const brought = goesInto.slots({ kind: 'stock', materialId: product, quantity: 1, unit: 'g' })[0]!
    expect(brought.wish).toMatchObject({ materialId: method.product })
  })

  test('rope, sticks and sponges fill the place of nothing else', () => {
    const wishes = wayExamples.flatMap(({ method, job, choices }) =>
      makeUp({ job, method, states: [], choices, dryingFactor: 1 }).slots.map(({ slot }) => slot.wish),
    )
    expect(wishes.length).toBeGreaterThan(1000)
    for (const id of ['sisal-rope', 'pastel-stick-green', 'sponge', 'detergent', 'softener'])
      expect(wishes.filter((wish) => wish.stuff !== 'other' && isKindOf(catalogueRow(id), wish))).toEqual([])
  })
})

test('every tool that a step names is in the register, whatever way, example and option', () => {
  const unknown = new Set<string>()
  for (const { method, job, choices } of wayExamples)
    for (const { tools } of makeUp({ job, method, states: stocked(), choices, dryingFactor: 1 }).steps)
      for (const id of tools) if (!toolById(id)) unknown.add(id)
  expect([...unknown]).toEqual([])
})

test('and every tool to be owned is named by a step', () => {
  const named = new Set(
    wayExamples.flatMap(({ method, job, choices }) =>
      makeUp({ job, method, states: stocked(), choices, dryingFactor: 1 }).steps.flatMap(
        ({ tools }) => tools,
      ),
    ),
  )
  expect(ownableTools.map(({ id }) => id).filter((id) => !named.has(id))).toEqual([])
})
