import { gatherings } from '../../../core/harvest'
import { afterWait, makeUp } from '../../../core/makeup'
import { gatherMethodFor, methodName, stockMethodFor } from '../../../core/methods'
import { batchSchema, foldRun, planFrom, type Batch } from '../../../core/batches'
import { formatCountdown } from '../../../core/units'
import { minutesAfter, play } from '../../support/workshop'

const up = (gather: string, how: 'gather' | 'sow', quantity: number, choices = {}, dryingFactor = 1) =>
  makeUp({
    job: {
      kind: 'stock',
      materialId: gatherings.find(({ id }) => id === gather)!.materialId,
      quantity,
      unit: 'piece',
    },
    method: gatherMethodFor(gather, how)!,
    choices,
    states: [],
    dryingFactor,
  })

describe('gathering', () => {
  test('nothing is drawn, nothing is paid, and what comes is a harvest', () => {
    const made = up('flower-heads', 'gather', 150)
    expect(made.uses).toEqual([])
    expect(made.costEachMinor?.value).toBe(0)
    expect(made.yields.map(({ source, quantity }) => [source, quantity.value])).toEqual([['harvested', 150]])
  })

  test('leave is the first step, but not on one’s own ground or where it has been given', () => {
    const first = (choices: object) => up('shrub-stems', 'gather', 60, choices).steps[0]!
    expect(first({}).id).toBe('ask')
    expect(first({}).cautions).toContain('gathering')
    expect(first({ leave: 'own' }).id).toBe('gather')
    expect(first({ leave: 'given' }).id).toBe('gather')
  })

  test('so many are picked that the fit ones are enough, and twice as many take twice as long', () => {
    // 85 % of flower heads are fit: 150 ÷ 0.85 = 176.5.
    expect(up('flower-heads', 'gather', 150).steps.find(({ id }) => id === 'gather')!.text).toMatch(/177/)
    const hands = (n: number) =>
      up('flower-heads', 'gather', n).steps.find(({ id }) => id === 'gather')!.hands.onceSec
    expect(hands(300)).toBeCloseTo(2 * hands(150), -1)
  })

  test('curved ones come with the sprigs', () => {
    expect(
      up('sprigs', 'gather', 100).yields.map(({ material, quantity }) => [material.id, quantity.value]),
    ).toEqual([
      ['sprigs', 100],
      ['curved-sprigs', 40],
    ])
  })

  test('a damp room dries it later', () => {
    const dry = (factor: number) =>
      up('roots', 'gather', 10, {}, factor).steps.find(({ id }) => id === 'dry')!.wait!.leastMin
    expect(dry(2)).toBe(2 * dry(1))
  })

  test('sowing waits for months, and its batch can be stored', () => {
    const made = up('sprigs', 'sow', 100)
    const days = made.elapsedMin.value / 60 / 24
    expect(days).toBeGreaterThan(140)
    expect(days).toBeLessThan(220)
    // 100 sprigs, six of a plant, seven in ten of them come through: 24 plants.
    expect(made.steps[0]!.text).toMatch(/24 plants/)
    const batch = {
      ...planFrom(made, undefined, 'Sprigs 1'),
      id: 'b',
      madeAt: '2027-03-20T10:00:00.000Z',
    }
    expect(batchSchema.safeParse(batch).success).toBe(true)
  })

  test('at the bench a sown bed waits by the day: what grows is ready, what hangs is dry', () => {
    const made = up('sprigs', 'sow', 100)
    const bed: Batch = { ...planFrom(made, undefined, 'Sprigs 1'), id: 'b', madeAt: minutesAfter(0) }
    const { state } = foldRun(bed, play(bed, [{ type: 'start' }, { type: 'pieces', step: 0, count: 1 }]))
    const { sinceMs, untilMs } = state.wait!
    expect((untilMs - sinceMs) / 86_400_000).toBe(42)
    expect(formatCountdown(untilMs - sinceMs)).toBe('42 d')
    expect(formatCountdown(47 * 3_600_000)).toBe('47:00:00')
    expect(made.steps.map((step) => (step.wait ? afterWait(step) : ''))).toEqual([
      'ready',
      'ready',
      '',
      '',
      'dry',
      '',
    ])
  })

  test('all that can be gathered has its way; only sprigs are sown; none of it counts as made at home', () => {
    for (const { id } of gatherings) expect(gatherMethodFor(id, 'gather')).toBeDefined()
    expect(gatherMethodFor('roots', 'sow')).toBeUndefined()
    expect(gatherMethodFor('moonlight', 'gather')).toBeUndefined()
    expect(stockMethodFor('flower-heads')).toBeUndefined()
    expect(methodName('gather-roots')).toBe('Gathering cane roots')
  })
})
