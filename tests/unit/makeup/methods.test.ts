import { jobOf, makeUp, rankMethods, stepHandsMin, type Job } from '../../../core/makeup'
import { pieceOf } from '../../../core/commissions'
import { methods, plantMethods } from '../../../core/methods'
import { cautionOf, cautions, faults } from '../../../core/safety'
import { speciesTable, type Age } from '../../../core/plants'
import { originWords } from '../../../core/units'
import { leavesOf } from '../../../core/quantities'
import { commission, line, piece, stocked } from '../../support/workshop'

describe('which method', () => {
  const best = (over: Parameters<typeof piece>[0]) =>
    rankMethods(plantMethods, jobOf(line(over), piece(over).piece))[0]
  test.each([
    ['hawthorn behind the edge', { speciesId: 'hawthorn', zone: 'middle' as const }, 'sprig-tree'],
    ['forty bushes', { speciesId: 'blackthorn', heightM: 1.5, zone: 'middle' as const }, 'wool-bush'],
    ['grazed tussocks', { speciesId: 'tufted-hair-grass', heightM: 0.5 }, 'tuft-sheet'],
    [
      'a field hedge',
      { speciesId: 'hawthorn', heightM: 2, amount: { kind: 'length', lengthMm: 900, section: 'free' } },
      'twig-hedge',
    ],
    [
      'a clipped one',
      { speciesId: 'hawthorn', heightM: 2, amount: { kind: 'length', lengthMm: 900, section: 'trimmed' } },
      'trimmed-hedge',
    ],
    ['a meadow', { speciesId: 'meadow-grass', amount: { kind: 'area', areaCm2: 600 } }, 'layered-grass'],
    ['a reed bed', { speciesId: 'common-reed', amount: { kind: 'area', areaCm2: 100 } }, 'long-bunch'],
    ['ivy on a wall', { speciesId: 'ivy', amount: { kind: 'area', areaCm2: 80 } }, 'creeper'],
  ] as const)('%s', (_what, over, id) =>
    expect(best(over)).toMatchObject({ method: { id }, suit: { verdict: 'suits' } }),
  )

  test('every method says something for or against every plant, and never suits one it can’t show', () => {
    for (const row of speciesTable)
      for (const ratio of [35, 87.1, 160])
        for (const age of ['young', 'mature'] as Age[]) {
          const own = line({ speciesId: row.id, age })
          const { piece: built } = pieceOf(own, commission({ ratio }), row, '2026-06-20')
          for (const { method, suit } of rankMethods(plantMethods, jobOf(own, built))) {
            expect(suit.reasonsFor.length + suit.reasonsAgainst.length).toBeGreaterThan(0)
            if (suit.verdict === 'unsuited') expect(suit.reasonsAgainst.length).toBeGreaterThan(0)
            if (method.id === 'tuft-sheet' && suit.verdict === 'suits')
              expect(['grass', 'reed', 'fern', 'herb']).toContain(row.habit)
            if (method.id === 'sprig-tree' && row.habit === 'grass') expect(suit.verdict).toBe('unsuited')
          }
        }
  })

  test('a hedge by the metre and grass by area are offered the ways that make them, and no others', () => {
    const offered = (amount: Parameters<typeof jobOf>[0]['amount'], speciesId: string) =>
      rankMethods(plantMethods, jobOf({ amount }, piece({ speciesId }).piece)).map(({ method }) => method.id)
    expect(offered({ kind: 'length', lengthMm: 500, section: 'free' }, 'blackthorn').sort()).toEqual([
      'hemp-tree',
      'ready-hedge',
      'trimmed-hedge',
      'twig-hedge',
      'wool-bush',
    ])
    const grass = offered({ kind: 'area', areaCm2: 200 }, 'meadow-grass')
    expect(grass[0]).toBe('layered-grass')
    expect(grass.sort()).toEqual([
      'bare-ground',
      'cloth-grass',
      'creeper',
      'drilled-board',
      'flowering-tuft',
      'grass-mat',
      'layered-grass',
      'long-bunch',
      'planted-bed',
      'ready-tufts',
      'roll-and-tear',
      'snow-cover',
      'tuft-sheet',
      'turf-covers',
      'verge',
      'woodland-floor',
    ])
  })
})

describe('every method, on its own example jobs', () => {
  const examples = methods.flatMap((method) =>
    (method.examples as readonly Job[]).map((job, i) => [`${method.id} ${i + 1}`, method, job] as const),
  )
  test.each(examples)('%s', (_name, method, job) => {
    const up = makeUp({ job, method, states: stocked(), dryingFactor: 1 })
    expect(up.missing).toEqual([])
    const figures = [
      ...up.uses.flatMap((one) => [one.perPiece, one.total, ...(one.dispensed ? [one.dispensed] : [])]),
      ...up.pours.flatMap(({ lines }) => lines.map(({ figure }) => figure)),
      ...up.yields.map(({ quantity }) => quantity),
      up.handsMin,
      up.elapsedMin,
      // What is gathered costs nothing but time.
      ...(up.uses.length > 0 ? [up.costEachMinor!] : []),
    ]
    for (const figure of figures) {
      expect(figure.value).toBeGreaterThan(0)
      for (const part of leavesOf(figure.of)) {
        expect(Object.keys(originWords)).toContain(part.origin)
        if (part.coefficient) expect(part.coefficient).toMatch(new RegExp(`^(${method.id}|shared)/`))
      }
    }
    expect(up.elapsedMin.value).toBeGreaterThanOrEqual(up.handsMin.value)
    const ids = up.steps.map(({ id }) => id)
    expect(new Set(ids).size).toBe(ids.length)
    for (const step of up.steps) {
      for (const id of step.cautions) expect(Object.keys(cautions)).toContain(id)
      for (const id of step.faults) expect(Object.keys(faults)).toContain(id)
      for (const { until } of step.holders) expect(ids).toContain(until)
      expect(stepHandsMin(step, up.started.value)).toBeGreaterThanOrEqual(0)
      if (/applicator/.test(step.text)) {
        expect(step.cautions).toEqual(expect.arrayContaining(['high-voltage', 'static-sparks']))
        expect(step.apart?.from).toEqual(expect.arrayContaining(['wet alcohol', 'aerosol']))
        expect(step.apart?.airMin).toBe(30)
      }
      if (step.gives.includes('aerosol')) {
        expect(step.cautions).toContain('spray')
        expect(step.needs).toContain('ventilation')
      }
    }
    // Each use stands at a step that exists, and can be weighed there.
    for (const { step, material } of up.uses) {
      expect(ids).toContain(step)
      if (material) expect(up.steps.find(({ id }) => id === step)!.materialIds).toContain(material.id)
    }
    // Nothing is asked for that no step takes.
    const taken = new Set(up.uses.map(({ slot }) => slot))
    for (const { slot, parts } of up.slots) if (parts.length > 0) expect([...taken]).toContain(slot.id)
    // What goes into a lot is a share of what is drawn.
    const drawn = new Set(up.uses.map(({ material }) => material?.id))
    for (const { shares } of up.yields)
      for (const { materialId, share } of shares) {
        expect(drawn.has(materialId)).toBe(true)
        expect(share).toBeGreaterThan(0)
        expect(share).toBeLessThanOrEqual(1)
      }
  })

  test('ids of methods and coefficients are their own', () => {
    const ids = methods.flatMap(({ coefficients }) => coefficients.map(({ id }) => id))
    expect(new Set(ids).size).toBe(ids.length)
    for (const { coefficients } of methods)
      for (const { value, range, spread } of coefficients) {
        expect(value).toBeGreaterThanOrEqual(range[0])
        expect(value).toBeLessThanOrEqual(range[1])
        expect(spread).toBeGreaterThan(0)
      }
  })

  test('a caution of a later version is shown by its name, with where to look', () => {
    expect(cautionOf('laser-cutter')).toMatchObject({
      title: 'laser cutter',
      text: expect.stringMatching(/label/),
    })
    expect(cautionOf('__proto__').title).toBe('__proto__')
  })
})
