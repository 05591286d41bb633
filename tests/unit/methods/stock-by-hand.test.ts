import { makeUp, type MakeUp } from '../../../core/makeup'
import { gatherMethodFor, stockMethodFor } from '../../../core/methods'
import { toolById } from '../../../core/tools'
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

test('every tool that a step names is in the register, whatever way, example and option', () => {
  const unknown = new Set<string>()
  for (const { method, job, choices } of wayExamples)
    for (const { tools } of makeUp({ job, method, states: stocked(), choices, dryingFactor: 1 }).steps)
      for (const id of tools) if (!toolById(id)) unknown.add(id)
  expect([...unknown]).toEqual([])
})
