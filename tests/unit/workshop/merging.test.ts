import fc from 'fast-check'
import { line, minutesAfter, NOON, pieces } from '../../support/workshop'
import { full } from '../../support/documents'
import { canonical, mergeWorkshops, withChange, type WorkshopDocument } from '../../../core/workshop'

describe('merging', () => {
  const id = fc.constantFrom('a', 'b', 'c', 'd')
  // Each line was written at one moment, and some of its fields changed at others, by clocks that need not agree.
  const lines = fc.uniqueArray(
    fc.record({
      id,
      when: fc.nat(2),
      count: fc.integer({ min: 1, max: 9 }),
      zone: fc.constantFrom('front' as const, 'back' as const),
      changed: fc.dictionary(
        fc.constantFrom('amount', 'zone', 'note', 'removed'),
        fc.integer({ min: 3, max: 6 }),
      ),
      note: fc.option(fc.constantFrom('x', 'y'), { nil: undefined }),
      removed: fc.boolean(),
    }),
    { selector: (row) => row.id, maxLength: 4 },
  )
  const movements = fc.uniqueArray(fc.record({ id, quantity: fc.integer({ min: -5, max: 5 }) }), {
    selector: (row) => row.id,
    maxLength: 4,
  })
  const document = fc
    .record({ lines, movements, saved: fc.nat(5), name: fc.constantFrom('one', 'two'), named: fc.nat(2) })
    .map((d): WorkshopDocument => ({
      ...full(),
      // A dozen rows of the shelf’s list are as good as all of it, and quicker.
      materials: full().materials.slice(0, 12),
      savedAt: minutesAfter(d.saved),
      settings: { ...full().settings, name: d.name, changedAt: minutesAfter(d.named) },
      lines: d.lines.map(({ when, count, changed: at, removed, note, ...row }) =>
        line({
          ...row,
          changedAt: minutesAfter(when),
          amount: pieces(count),
          ...(note === undefined ? {} : { note }),
          ...(removed ? { removed: true } : {}),
          ...(Object.keys(at).length > 0
            ? {
                fieldsAt: Object.fromEntries(
                  Object.entries(at).map(([name, min]) => [name, minutesAfter(min)]),
                ),
              }
            : {}),
        }),
      ),
      movements: d.movements.map((row) => ({
        id: row.id,
        at: NOON,
        lotId: 'lot1',
        kind: 'receive',
        quantity: row.quantity,
      })),
    }))
  const same = (a: WorkshopDocument, b: WorkshopDocument): void => expect(canonical(a)).toBe(canonical(b))

  test('it does not matter who sends whom what how often', () => {
    fc.assert(
      fc.property(document, document, document, (a, b, c) => {
        same(mergeWorkshops(a, b), mergeWorkshops(b, a))
        same(mergeWorkshops(mergeWorkshops(a, b), c), mergeWorkshops(a, mergeWorkshops(b, c)))
        same(mergeWorkshops(mergeWorkshops(a, b), b), mergeWorkshops(a, b))
      }),
      { numRuns: 60 },
    )
  })

  test('fields that were changed apart both stay; of one field the later change', () => {
    const base = line({ changedAt: minutesAfter(0) })
    const here = withChange(base, { amount: pieces(3) }, minutesAfter(5))
    const there = withChange(
      withChange(base, { zone: 'back' }, minutesAfter(3)),
      { name: 'Old thorn' },
      minutesAfter(4),
    )
    const [merged] = mergeWorkshops({ ...full(), lines: [here] }, { ...full(), lines: [there] }).lines
    expect(merged).toMatchObject({ amount: pieces(3), zone: 'back', name: 'Old thorn' })
    const later = withChange(base, { zone: 'middle' }, minutesAfter(9))
    const [zone] = mergeWorkshops({ ...full(), lines: [there] }, { ...full(), lines: [later] }).lines
    expect(zone).toMatchObject({ zone: 'middle', name: 'Old thorn' })
  })

  test('a field that was emptied stays empty; a change is later than what it changes, whatever the clock says', () => {
    const base = line({ changedAt: minutesAfter(0), heightM: 4 })
    const emptied = withChange(base, { heightM: undefined }, minutesAfter(5))
    expect('heightM' in emptied).toBe(false)
    const [merged] = mergeWorkshops({ ...full(), lines: [base] }, { ...full(), lines: [emptied] }).lines
    expect(merged && 'heightM' in merged).toBe(false)
    const slow = withChange(emptied, { heightM: 7 }, minutesAfter(-600))
    const [won] = mergeWorkshops({ ...full(), lines: [emptied] }, { ...full(), lines: [slow] }).lines
    expect(won?.heightM).toBe(7)
  })

  test('nothing that either side had is lost', () => {
    const a = { ...full(), lines: [line({ amount: pieces(3), changedAt: minutesAfter(1) })] }
    const b = {
      ...full(),
      lines: [line({ amount: pieces(7), changedAt: minutesAfter(2) }), line({ id: 'l2' })],
    }
    const merged = mergeWorkshops(a, b)
    expect(merged.lines.map(({ id: lineId, amount }) => [lineId, amount])).toEqual([
      ['l1', pieces(7)],
      ['l2', pieces(12)],
    ])
    expect(merged.events).toHaveLength(1)
  })
})
