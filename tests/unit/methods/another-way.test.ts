import { makeUp, rankMethods, type PlantJob } from '../../../core/makeup'
import {
  methodCoefficient,
  methodName,
  methods,
  plantMethodById,
  plantMethods,
  register,
} from '../../../core/methods'
import { explain } from '../../../core/quantities'
import { planFrom } from '../../../core/batches'
import { paperFern } from '../../fixtures/paper-fern'
import { stocked } from '../../support/workshop'

/** A way in a file of its own is all that another way of making takes. */
describe('another way of making', () => {
  const before = methods.length
  register(paperFern)
  const [job] = paperFern.examples as readonly [PlantJob]
  const up = makeUp({ job, method: paperFern, states: stocked(), dryingFactor: 1 })

  test('is known by its id and name, with its figures', () => {
    expect(methods).toHaveLength(before + 1)
    expect(plantMethodById('paper-fern')).toBe(paperFern)
    expect(methodName('paper-fern')).toBe('Paper fern')
    expect(methodCoefficient('paper-fern/cut-sec')).toMatchObject({ value: 40, unit: 's' })
  })

  test('is ranked beside the others for what it suits', () => {
    const suited = rankMethods(plantMethods, job).filter(({ suit }) => suit.verdict === 'suits')
    expect(suited.map(({ method }) => method.id)).toContain('paper-fern')
    const tree: PlantJob = { ...job, piece: { ...job.piece, habit: 'broadleaf' } }
    expect(
      rankMethods(plantMethods, tree).find(({ method }) => method.id === 'paper-fern')?.suit.verdict,
    ).toBe('unsuited')
  })

  test('is made up: amounts that explain themselves, steps, waits, tools, cautions of its materials and tools', () => {
    expect(up.steps.map(({ id }) => id)).toEqual(['cut', 'green', 'inspect', 'pool'])
    const green = up.uses.find(({ slot }) => slot === 'green')!
    // 20 wanted, a tenth spoilt: 23 are begun; 0.01 ml for each cm² of the frond's side.
    expect(up.started.value).toBe(23)
    expect(green.total.value).toBeCloseTo(23 * 0.01 * job.piece.sideAreaCm2, 9)
    expect(explain(green.total).formula).toBe('crown from the side × green on a frond × pieces started')
    const [cut, spray, , pool] = up.steps
    expect(cut!.cautions).toContain('wire-and-blades')
    expect(spray).toMatchObject({ needs: ['ventilation'], gives: ['aerosol', 'solvent'] })
    expect(spray!.cautions).toEqual(expect.arrayContaining(['spray', 'dust']))
    expect(spray!.wait).toMatchObject({ leastMin: 20, kind: 'open film' })
    // A minute that the paint is wet, less four seconds to spray the round, six for each.
    expect(spray!.atOnce).toMatchObject({ count: 9, because: 'window' })
    expect(pool!.materialIds).toEqual([up.uses.find(({ slot }) => slot === 'pool')!.material!.id])
    // Only what is good is planted.
    const set = up.uses.find(({ slot }) => slot === 'pool')!
    expect(set.total.value / set.perPiece.value).toBeCloseTo(20, 9)
  })

  test('is planned as a batch', () => {
    const plan = planFrom(up, 'line-1', 'Ferns')
    expect(plan.methodId).toBe('paper-fern')
    expect(plan.plan.steps).toHaveLength(4)
  })

  test('is refused a second time', () => {
    expect(() => register(paperFern)).toThrow(/paper-fern; it must be one that no way has yet/)
  })
})
