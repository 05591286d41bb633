import { foldRun, planFrom, reclaimedShare, reclaimOf, taughtBy, type Batch } from '../../../core/batches'
import { makeUp, shared } from '../../../core/makeup'
import { plantMethodById } from '../../../core/methods'
import { leavesOf } from '../../../core/quantities'
import { ids, minutesAfter, workedOut } from '../../support/workshop'

const made = workedOut('tuft-sheet', { speciesId: 'tufted-hair-grass' }, { started: 120 })
const batch: Batch = { ...planFrom(made, undefined, 'Tufts 1'), id: 'b', madeAt: minutesAfter(0) }
const fibre = batch.plan.amounts.find(({ lies }) => lies !== undefined)!
const sticks = made.method.coefficients.find(({ id }) => id === 'tuft-sheet/sticks')!.value

/** The batch worked through, with its fibre weighed so that so much of it is gone. */
function run(gone: number, weighed = true) {
  const newId = ids('e')
  let after: string | undefined
  let minute = 0
  const event = (deed: object) => {
    const id = newId()
    const written = { id, batchId: 'b', at: minutesAfter((minute += 1)), ...(after ? { after } : {}), deed }
    after = id
    return written
  }
  const { materialId } = fibre
  const weighing = { materialId, unitsPerG: 1 }
  return foldRun(batch, [
    event({ type: 'start' }),
    ...(weighed
      ? [
          event({ type: 'weigh-in', ...weighing, grams: 500 }),
          event({ type: 'weigh-out', ...weighing, grams: 500 - gone }),
        ]
      : []),
    ...batch.plan.steps.flatMap((_, step) => [
      event({ type: 'pieces', step, count: 120 }),
      event({ type: 'advance', step, early: true }),
    ]),
    event({
      type: 'finish',
      tray: 'T',
      date: '2026-10-04',
      handsMin: 30,
      used: [{ materialId, quantity: gone }],
    }),
  ] as never)
}

describe('what the vacuum and the tray give back', () => {
  test('is read from the scale: all that did not stick, half of it, none of it', () => {
    const lay = fibre.lies!
    const fell = lay * (1 - sticks)
    expect(reclaimedShare(batch, run(lay - fell), sticks)).toBeCloseTo(1, 6)
    expect(reclaimedShare(batch, run(lay - fell / 2), sticks)).toBeCloseTo(0.5, 6)
    expect(reclaimedShare(batch, run(lay), sticks)).toBeCloseTo(0, 6)
  })

  test('is not learnt where nothing was weighed, or where more is gone than lay there', () => {
    expect(reclaimedShare(batch, run(fibre.quantity, false), sticks)).toBeUndefined()
    expect(reclaimedShare(batch, run(fibre.lies! * 1.2), sticks)).toBeUndefined()
  })

  test('what was foretold counts as one batch, and six are looked at', () => {
    expect(taughtBy(0.9, [])).toEqual({ value: 0.9, of: 0 })
    expect(taughtBy(0.9, [0.5, 0.7]).value).toBeCloseTo(0.7, 9)
    expect(taughtBy(0.8, [0.6, 0.6, 0.6, 0.6, 0.6, 0.6, 0, 0]).of).toBe(6)
  })

  test('simulated batches that give back 60 % are known within 15 % after three', () => {
    const { value } = taughtBy(shared.reclaimed.value, [0.57, 0.63, 0.6])
    expect(Math.abs(value - 0.6) / 0.6).toBeLessThan(0.15)
  })

  test('the next make-up takes what was learnt, says so, and more lies lost; the maker’s own value comes first', () => {
    const order = { job: made.job, method: made.method, states: [], dryingFactor: 1, started: 120 }
    const usual = makeUp(order)
    const learnt = new Map([[shared.reclaimed.id, { value: 0.5, of: 3 }]])
    const taught = makeUp({ ...order, learnt })
    const lost = (up: typeof usual) => up.uses.find(({ dispensed: lies }) => lies)!
    expect(lost(taught).total.value).toBeGreaterThan(lost(usual).total.value)
    expect(lost(taught).dispensed!.value).toBeCloseTo(lost(usual).dispensed!.value, 9)
    const said = leavesOf(lost(taught).perPiece.of).find(({ name }) => name === shared.reclaimed.name)
    expect(said).toMatchObject({ value: 0.5, origin: 'log' })
    expect(said?.note).toMatch(/your last 3 batches/)
    const own = makeUp({ ...order, learnt, own: new Map([[shared.reclaimed.id, 0.95]]) })
    expect(leavesOf(lost(own).perPiece.of)).toContainEqual(expect.objectContaining({ value: 0.95 }))
  })

  test('tufts are tapped off at a step of their own: there the whole fall is expected, whoever made so few', () => {
    const tap = batch.plan.steps.find(({ back }) => back !== undefined)!
    expect(tap.id).toBe('tap')
    const { thrown, back } = reclaimOf(batch, tap, fibre.materialId, 0)!
    expect(thrown).toBeCloseTo(fibre.lies!, 9)
    expect(back).toBeCloseTo(fibre.lies! - fibre.quantity, 9)
  })

  test('every way whose fibre comes back says how much sticks, so that it can be learnt', () => {
    for (const id of [
      'layered-grass',
      'verge',
      'drilled-board',
      'flowering-tuft',
      'tuft-sheet',
      'bare-ground',
      'snow-cover',
    ])
      expect(plantMethodById(id)!.coefficients.map((one) => one.id)).toContain(`${id}/sticks`)
  })
})
