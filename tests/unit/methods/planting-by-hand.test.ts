import { makeUp, stepHandsMin, type MakeUp } from '../../../core/makeup'
import { plantingMakeUp } from '../../../core/batches'
import {
  plantingOut,
  methodName,
  methodCoefficient,
  plantMethodById,
  plantMethods,
} from '../../../core/methods'
import { examplePiece } from '../../../core/methods/kit'
import { stocked } from '../../support/workshop'
import { each, stepOf, total } from '../../support/ways'

const context = { states: stocked(() => 1e6), dryingFactor: 1 }
const beech = (over = {}) => examplePiece('broadleaf', 'rounded', 160, { trunkMm: 4.2, ...over })
const trees = (pieces: number, commission = {}, over = {}): MakeUp =>
  plantingMakeUp({ piece: beech(over), layer: 'tree', pieces, commission }, context)

describe('planting out, by hand', () => {
  test('twelve beeches of 160 mm: a minute and a bit each, PVA overnight under pegs, earth on the ring', () => {
    const up = trees(12)
    expect(up.steps.map(({ id }) => id)).toEqual(['holes', 'set', 'ring'])
    // Find 5, drill 9; find 5, set 22, prop 15; earth 9, pegs off 4: 69 s each, and half a minute once a step.
    expect(up.handsMin.value).toBeCloseTo((12 * 69 + 3 * 30) / 60, 9)
    expect(stepOf(up, 'holes').text).toContain('drill 5 mm')
    expect(stepOf(up, 'set').wait).toMatchObject({ leastMin: 720, kind: 'closed joint' })
    // Two pegs each until they hold.
    expect(stepOf(up, 'set').holders).toEqual([{ what: 'peg', each: 2, until: 'set' }])
    // 0.03 ml for each mm of a stem of 4.2 mm, 0.02 g of earth.
    expect(total(up, 'glue')).toBeCloseTo(12 * 0.126, 9)
    expect(total(up, 'earth')).toBeCloseTo(12 * 0.084, 9)
    expect(up.slots.find(({ slot }) => slot.id === 'earth')?.parts[0]?.material.id).toBe('soil-fine')
  })

  test('full-strength medium is firm in two hours; hot glue at once, without a prop, and it says so', () => {
    expect(stepOf(trees(12, { plantingGlue: 'medium' }), 'set').wait?.leastMin).toBe(120)
    const hot = trees(12, { plantingGlue: 'hot-glue' })
    expect(stepOf(hot, 'set')).toMatchObject({ holders: [], within: { sec: 10 } })
    expect(stepOf(hot, 'set').wait?.leastMin).toBe(1)
    expect(stepOf(hot, 'set').cautions).toContain('hot-glue')
    expect(hot.slots.find(({ slot }) => slot.id === 'glue')?.parts[0]?.material.id).toBe('hot-glue')
  })

  test('on foam no hot glue, and holes are pricked: 6 s less each than drilled, no dust', () => {
    const foam = trees(12, { base: 'polystyrene', plantingGlue: 'hot-glue' })
    expect(foam.slots.find(({ slot }) => slot.id === 'glue')?.parts[0]?.material.id).toBe('pva')
    expect(stepOf(foam, 'holes').tools).toContain('screwdriver')
    expect(stepOf(foam, 'holes').tools).not.toContain('vacuum')
    expect(
      stepHandsMin(stepOf(trees(12), 'holes'), 12) - stepHandsMin(stepOf(foam, 'holes'), 12),
    ).toBeCloseTo((12 * 6) / 60, 9)
    expect(stepOf(trees(1, { base: 'wood' }), 'holes').cautions).toContain('drilling')
    // A stem of 1 mm wants a hole of 1.5: an awl in anything.
    expect(stepOf(trees(1, { base: 'wood' }, { trunkMm: 1 }), 'holes').tools).toContain('awl')
  })

  test('what is low stands by itself: no prop', () => {
    const low = trees(4, {}, { heightMm: 44 })
    expect(stepOf(low, 'set').holders).toEqual([])
    expect(stepOf(low, 'set').title).toBe('Glue and set')
    expect(stepOf(low, 'ring').hands.eachSec).toBe(9)
  })

  test('bushes go into pools as wide as half of what they cover, tufts onto dots; nothing is drilled', () => {
    const bush = plantingMakeUp(
      { piece: examplePiece('shrub', 'mound', 18), layer: 'shrub', pieces: 20, commission: {} },
      context,
    )
    const tuft = plantingMakeUp(
      { piece: examplePiece('grass', 'blades', 6), layer: 'ground', pieces: 60, commission: {} },
      context,
    )
    expect([bush, tuft].map(({ steps }) => steps.map(({ id }) => id))).toEqual([
      ['set', 'ring'],
      ['set', 'ring'],
    ])
    const { topAreaCm2 } = examplePiece('shrub', 'mound', 18)
    expect(each(bush, 'glue')).toBeCloseTo((topAreaCm2 / 2) * 0.12, 9)
    const { topAreaCm2: tuftCm2 } = examplePiece('grass', 'blades', 6)
    expect(total(tuft, 'glue')).toBeCloseTo((60 * tuftCm2 * 0.1) / 2, 9)
    // 12 s a tuft, 240 s of tacky PVA: twenty at once.
    expect(stepOf(tuft, 'set').atOnce?.count).toBe(20)
    // PVA gone tacky holds a tuft after four hours, in this room.
    expect(stepOf(tuft, 'set').wait?.leastMin).toBe(240)
  })

  test('it is known by its name and figures, and offered for no line', () => {
    expect(methodName('planting-out')).toBe('Planting out')
    expect(methodCoefficient('planting-out/drill-sec')?.value).toBe(9)
    expect(plantMethodById('planting-out')).toBeUndefined()
    expect(plantMethods).not.toContain(plantingOut)
  })

  test('a maker’s own minutes are heeded', () => {
    const own = new Map([['planting-out/set-sec', 60]])
    const up = plantingMakeUp(
      { piece: beech(), layer: 'tree', pieces: 10, commission: {} },
      { ...context, own },
    )
    expect(up.handsMin.value - trees(10).handsMin.value).toBeCloseTo((10 * 38) / 60, 9)
    expect(() =>
      makeUp({
        ...context,
        job: { kind: 'stock', materialId: 'x', quantity: 1, unit: 'g' },
        method: plantingOut,
      }),
    ).toThrow(RangeError)
  })
})
