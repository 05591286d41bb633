import { line } from '../../support/workshop'
import { full } from '../../support/documents'
import {
  countsOf,
  documentSchema,
  FILE_VERSION,
  readWorkshopFile,
  writeWorkshopFile,
} from '../../../core/workshop'

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

  test('sessions of people who are not there, and a laying of a batch that is not, are told', () => {
    const document = full()
    const people = because(JSON.stringify({ ...document, people: [] }))
    expect(people).toContain('times.0.people: “ada” is not among the people')
    const layings = document.layings.map((own) => ({ ...own, id: 'nobody' }))
    expect(because(JSON.stringify({ ...document, layings }))).toContain('layings.0.id: “nobody” is not among')
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
        ;(d.lines as { amount: unknown }[])[0]!.amount = { kind: 'pieces', pieces: 'many' }
      }),
      /lines\.0\.amount\.pieces: read "many"/,
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
      'a moment that does not exist',
      changed((d) => {
        ;(d.movements as { at: string }[])[0]!.at = '2026-02-30T10:00:00.000Z'
      }),
      /movements\.0\.at: read "2026-02-30T10:00:00\.000Z"; must be a day and a time that exist/,
    ],
    [
      'a savedAt that does not exist',
      changed((d) => {
        d.savedAt = '2026-13-01T00:00:00.000Z'
      }),
      /savedAt: read/,
    ],
    [
      'a length of no hedge',
      changed((d) => {
        ;(d.lines as { amount: unknown }[])[0]!.amount = { kind: 'length', lengthMm: 1e9, section: 'free' }
      }),
      /lines\.0\.amount\.lengthMm/,
    ],
    [
      'an entry that follows one of another batch',
      changed((d) => {
        const events = d.events as { id: string; batchId: string; after?: string }[]
        const batches = d.batches as { id: string }[]
        batches.push({ ...batches[0]!, id: 'b2' })
        events.push({ ...events[0]!, id: 'x', batchId: 'b2', after: events[0]!.id })
      }),
      /events\.1\.after: “e00001” is an entry of another batch/,
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
