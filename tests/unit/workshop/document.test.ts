import fc from 'fast-check'
import { readFileSync } from 'node:fs'
import { batch, commission, line, minutesAfter, NOON, play } from '../../support/workshop'
import {
  canonical,
  countsOf,
  documentSchema,
  FILE_VERSION,
  mergeWorkshops,
  newWorkshop,
  readWorkshopFile,
  writeWorkshopFile,
  type WorkshopDocument,
} from '../../../core/workshop'

const full = (): WorkshopDocument => ({
  ...newWorkshop(NOON),
  commissions: [commission()],
  lines: [line()],
  batches: [batch()],
  events: play(batch(), [{ type: 'start' }]),
  lots: [
    {
      id: 'lot1',
      materialId: 'sprigs',
      label: 'box',
      source: 'bought',
      date: '2026-09-01',
      madeAt: NOON,
      priceMinor: 1900,
    },
  ],
  movements: [{ id: 'm1', at: NOON, lotId: 'lot1', kind: 'receive', quantity: 35 }],
})
const because = (text: string): string => {
  const reading = readWorkshopFile(text)
  return reading.kind === 'none' ? reading.because : 'it was read'
}
const changed = (change: (document: Record<string, unknown>) => void): string => {
  const document = JSON.parse(writeWorkshopFile(full())) as Record<string, unknown>
  change(document)
  return JSON.stringify(document)
}

describe('a workshop file', () => {
  test('reads back as what was written', () => {
    const document = full()
    expect(readWorkshopFile(writeWorkshopFile(document))).toEqual({ kind: 'ok', value: document })
    expect(countsOf(document)).toMatchObject({
      commissions: 1,
      lines: 1,
      lots: 1,
      movements: 1,
      batches: 1,
      events: 1,
    })
  })

  test('a file of the first format is brought up to date', () => {
    const reading = readWorkshopFile(readFileSync('tests/fixtures/workshop-format-1.json', 'utf8'))
    if (reading.kind === 'none') throw new Error(reading.because)
    expect(reading.value.version).toBe(FILE_VERSION)
    expect(reading.value.settings).toMatchObject({ roomC: 20, humidity: 50, paper: 'A4', name: 'Old bench' })
    expect(reading.value.events.map(({ seq, id }) => [seq, id])).toEqual([
      [1, 'ev-a'],
      [2, 'ev-b'],
      [3, 'ev-c'],
    ])
  })

  test('a file of the second format keeps everything and gains a place for species of one’s own', () => {
    const text = readFileSync('tests/fixtures/workshop-format-2.json', 'utf8')
    const reading = readWorkshopFile(text)
    if (reading.kind === 'none') throw new Error(reading.because)
    const { version, species, ...kept } = reading.value
    expect([version, species]).toEqual([FILE_VERSION, []])
    expect({ ...kept, version: 2 }).toEqual(JSON.parse(text))
  })

  test.each([
    ['not JSON', '{"format": "hardy-thicket-wor', /not JSON, or is broken off/],
    ['a list', '[]', /holds \[\]/],
    ['nothing', 'null', /holds null/],
    ['another program’s file', '{"format":"else","version":1}', /format: read "else"/],
    [
      'a newer version',
      changed((d) => {
        d.version = FILE_VERSION + 1
      }),
      /newer Hardy Thicket/,
    ],
    [
      'no version',
      changed((d) => {
        delete d.version
      }),
      /version: read nothing/,
    ],
    [
      'a fractional version',
      changed((d) => {
        d.version = 1.5
      }),
      /version: read 1.5/,
    ],
    [
      'a wrong field',
      changed((d) => {
        ;(d.lines as { pieces: unknown }[])[0]!.pieces = 'many'
      }),
      /lines\.0\.pieces: read "many"/,
    ],
    [
      'an unknown field',
      changed((d) => {
        d.extra = 1
      }),
      /Unrecognized key/,
    ],
    [
      'a reference to nothing',
      changed((d) => {
        d.commissions = []
      }),
      /lines\.0\.commissionId: “c1” is not among the commissions/,
    ],
    [
      'an id twice',
      changed((d) => {
        ;(d.lots as unknown[]).push((d.lots as unknown[])[0])
      }),
      /lots: the id “lot1” stands twice/,
    ],
    [
      'an unknown species',
      changed((d) => {
        ;(d.lines as { speciesId: string }[])[0]!.speciesId = 'triffid'
      }),
      /speciesId: read “triffid”/,
    ],
    [
      'a number beyond all reason',
      changed((d) => {
        ;(d.movements as { quantity: number }[])[0]!.quantity = 1e300
      }),
      /movements\.0\.quantity/,
    ],
    [
      'a poisoned prototype',
      writeWorkshopFile(full()).replace('"name"', '"__proto__": {"isAdmin": true}, "name"'),
      /field named “__proto__”/,
    ],
    [
      'markup for an id',
      changed((d) => {
        ;(d.lots as { id: string }[])[0]!.id = '<img src=x>'
      }),
      /lots\.0\.id/,
    ],
    ['depth without end', '['.repeat(100_000), /not JSON/],
  ])('%s is refused with the reason', (_what, text, reason) => expect(because(text)).toMatch(reason))

  test('many faults are named in part and counted', () => {
    const text = changed((d) => {
      d.lots = Array.from({ length: 20 }, () => ({}))
    })
    expect(because(text)).toMatch(/and \d+ more\.$/)
  })

  test('a removed record stays as a marker and is not counted', () => {
    const document = { ...full(), lines: [line({ removed: true })] }
    expect(countsOf(document).lines).toBe(0)
    expect(documentSchema.safeParse(document).success).toBe(true)
  })
})

describe('merging', () => {
  const id = fc.constantFrom('a', 'b', 'c', 'd')
  const lines = fc.uniqueArray(
    fc.record({ id, when: fc.nat(3), pieces: fc.integer({ min: 1, max: 9 }), removed: fc.boolean() }),
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
      savedAt: minutesAfter(d.saved),
      settings: { ...full().settings, name: d.name, changedAt: minutesAfter(d.named) },
      lines: d.lines.map((row) =>
        line({
          id: row.id,
          changedAt: minutesAfter(row.when),
          pieces: row.pieces,
          ...(row.removed ? { removed: true } : {}),
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
    )
  })

  test('nothing that either side had is lost, and of two changes the later stays', () => {
    const a = { ...full(), lines: [line({ pieces: 3, changedAt: minutesAfter(1) })] }
    const b = { ...full(), lines: [line({ pieces: 7, changedAt: minutesAfter(2) }), line({ id: 'l2' })] }
    const merged = mergeWorkshops(a, b)
    expect(merged.lines.map(({ id: lineId, pieces }) => [lineId, pieces])).toEqual([
      ['l1', 7],
      ['l2', 12],
    ])
    expect(merged.events).toHaveLength(1)
  })
})
