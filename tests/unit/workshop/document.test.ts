import { readFileSync } from 'node:fs'
import { foldRun, traysOf } from '../../../core/batches'
import { catalogue, MATERIAL_LIMIT } from '../../../core/stock'
import { line } from '../../support/workshop'
import { full } from '../../support/documents'
import {
  canonical,
  countsOf,
  documentSchema,
  FILE_VERSION,
  mergeWorkshops,
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

  test('a file of the first format is brought up to date', () => {
    const reading = readWorkshopFile(readFileSync('tests/fixtures/workshop-format-1.json', 'utf8'))
    if (reading.kind === 'none') throw new Error(reading.because)
    expect(reading.value.version).toBe(FILE_VERSION)
    expect(reading.value.settings).toMatchObject({ roomC: 20, humidity: 50, paper: 'A4', name: 'Old bench' })
    expect(reading.value.events.map(({ after, id }) => [after, id])).toEqual([
      [undefined, 'ev-a'],
      ['ev-a', 'ev-b'],
      ['ev-b', 'ev-c'],
    ])
  })

  test('a file of the second format keeps its records and gains what came since', () => {
    const text = readFileSync('tests/fixtures/workshop-format-2.json', 'utf8')
    const reading = readWorkshopFile(text)
    if (reading.kind === 'none') throw new Error(reading.because)
    const before = JSON.parse(text) as Record<string, { id: string }[]>
    expect([reading.value.version, reading.value.species]).toEqual([FILE_VERSION, []])
    for (const name of ['commissions', 'lines', 'lots', 'movements', 'batches', 'events'] as const)
      expect(reading.value[name].map(({ id: rowId }) => rowId)).toEqual(
        before[name]!.map(({ id: rowId }) => rowId),
      )
  })

  test('a file of the seventh format has its mixed lines and no blends yet', () => {
    const reading = readWorkshopFile(readFileSync('tests/fixtures/workshop-format-7.json', 'utf8'))
    if (reading.kind === 'none') throw new Error(reading.because)
    expect(reading.value.lines.some(({ mix }) => mix !== undefined)).toBe(true)
    expect([reading.value.blends, reading.value.tiles, reading.value.palettes]).toEqual([[], [], []])
  })

  test('a file of the eighth format turns the tools that it ticked into a register, and has nobody to buy from yet', () => {
    const text = readFileSync('tests/fixtures/workshop-format-8.json', 'utf8')
    const reading = readWorkshopFile(text)
    if (reading.kind === 'none') throw new Error(reading.because)
    const { settings, tools, suppliers, offers, orders, harvests, lotMarks, lots } = reading.value
    const ticked = (JSON.parse(text) as { settings: { tools: string[] } }).settings.tools
    expect(settings).not.toHaveProperty('tools')
    // Clamps are counted as holders since.
    const still = ticked.filter((what) => what !== 'clamps')
    expect(tools.filter(({ have }) => have === 1)).toHaveLength(still.length)
    expect(tools.filter(({ have }) => have === 0).map(({ id }) => id)).toEqual(['belt-sander', 'glue-pot'])
    expect([suppliers, offers, orders, harvests, lotMarks]).toEqual([[], [], [], [], []])
    expect(lots.length).toBeGreaterThan(3)
  })

  test('a file of the tenth format keeps its records, and nothing of it is laid yet', () => {
    const text = readFileSync('tests/fixtures/workshop-format-10.json', 'utf8')
    const reading = readWorkshopFile(text)
    if (reading.kind === 'none') throw new Error(reading.because)
    const { version: _version, people, times, layings, materials, ...rest } = reading.value
    const { version, materials: listed, ...before } = JSON.parse(text) as Record<string, unknown>
    expect([version, people, times, layings]).toEqual([10, [], [], []])
    expect(rest).toEqual(before)
    const ids = new Set(materials.map(({ id }) => id))
    for (const { id } of listed as { id: string }[]) expect(ids.has(id)).toBe(true)
  })

  describe('a file of the eleventh format has today’s list of materials', () => {
    const reading = readWorkshopFile(readFileSync('tests/fixtures/workshop-format-11.json', 'utf8'))
    if (reading.kind === 'none') throw new Error(reading.because)
    const document = reading.value
    const material = (id: string) => document.materials.find((row) => row.id === id)

    test('what is made at home, and more tones, have come to it, none of it in stock', () => {
      for (const id of ['sisal-rope', 'sand-fine', 'clay-powder', 'leaf-red', 'static-autumn-4'])
        expect(material(id)).toMatchObject({ changedAt: '1970-01-01T00:00:00.000Z' })
      expect(document.materials).toHaveLength(catalogue.length)
      expect([document.lots, document.movements]).toEqual([[], []])
    })

    test('a figure put right since reaches what nobody has touched, and every field that nobody has', () => {
      expect(material('foam-fine-mid')).toMatchObject({ bulkGPerMl: 0.07 })
      // Its price is the maker's own; its density was the list's, and wrong.
      expect(material('hairspray')).toMatchObject({
        packPriceMinor: 333,
        packQuantity: 300,
        densityGPerMl: 0.75,
        fieldsAt: { packPriceMinor: '2026-11-01T09:00:00.000Z' },
      })
    })

    test('what a maker wrote, took away or made under the same name stays', () => {
      expect(material('pva')).toMatchObject({ name: 'PVA, the big tub', densityGPerMl: 1.02 })
      expect(material('soil-fine')).toMatchObject({ removed: true })
      expect(material('tea-leaves')).toMatchObject({ name: 'My own tea', of: { colour: '#111111' } })
    })

    test('read on two machines it is the same, and stays so once more', () => {
      const again = readWorkshopFile(writeWorkshopFile(document))
      expect(again).toEqual({ kind: 'ok', value: document })
      expect(canonical(mergeWorkshops(document, document))).toBe(
        canonical(mergeWorkshops(document, again.kind === 'ok' ? again.value : document)),
      )
    })

    test('a workshop that holds the most it can gains none that has no room, and loses none', () => {
      const old = JSON.parse(readFileSync('tests/fixtures/workshop-format-11.json', 'utf8')) as {
        materials: { id: string }[]
      }
      const [first] = old.materials
      const own = Array.from({ length: MATERIAL_LIMIT - 3 - old.materials.length }, (_, i) => ({
        ...first,
        id: `own-${i}`,
        changedAt: '2026-11-01T09:00:00.000Z',
      }))
      old.materials.push(...own)
      const read = readWorkshopFile(JSON.stringify(old))
      if (read.kind === 'none') throw new Error(read.because)
      expect(read.value.materials).toHaveLength(MATERIAL_LIMIT)
      const ids = new Set(read.value.materials.map(({ id }) => id))
      expect(old.materials.every(({ id }) => ids.has(id))).toBe(true)
    })

    test('what is counted otherwise today keeps its row: the books are in its unit', () => {
      const old = JSON.parse(readFileSync('tests/fixtures/workshop-format-11.json', 'utf8')) as {
        materials: { id: string; unit: string; name: string }[]
      }
      const row = old.materials.find(({ id }) => id === 'sprigs')!
      Object.assign(row, { unit: 'g', name: 'Sprigs by weight' })
      const read = readWorkshopFile(JSON.stringify(old))
      if (read.kind === 'none') throw new Error(read.because)
      expect(read.value.materials.find(({ id }) => id === 'sprigs')).toMatchObject({
        unit: 'g',
        name: 'Sprigs by weight',
      })
    })
  })

  test('sessions of people who are not there, and a laying of a batch that is not, are told', () => {
    const document = full()
    const people = because(JSON.stringify({ ...document, people: [] }))
    expect(people).toContain('times.0.people: “ada” is not among the people')
    const layings = document.layings.map((own) => ({ ...own, id: 'nobody' }))
    expect(because(JSON.stringify({ ...document, layings }))).toContain('layings.0.id: “nobody” is not among')
  })

  describe('a file of the third format', () => {
    const text = readFileSync('tests/fixtures/workshop-format-3.json', 'utf8')
    const reading = readWorkshopFile(text)
    if (reading.kind === 'none') throw new Error(reading.because)
    const document = reading.value
    const before = JSON.parse(text) as {
      lines: { id: string; pieces: number }[]
      movements: { kind: string }[]
      batches: { id: string; plan: { steps: { batchSec: number; pieceSec: number }[] } }[]
    }

    test('lines have amounts, materials say what stuff they are, one of the maker’s own too', () => {
      expect(document.lines.map(({ amount }) => amount)).toEqual(
        before.lines.map(({ pieces }) => ({ kind: 'pieces', pieces })),
      )
      const of = (materialId: string) => document.materials.find(({ id: rowId }) => rowId === materialId)?.of
      expect(of('own-mix')).toEqual({ stuff: 'foam', form: 'ground', grainMm: 0.7, colour: '#aa7722' })
      expect(of('sprigs')).toMatchObject({ stuff: 'twig', twig: 'sprig' })
      expect(of('soaking-bath')).toMatchObject({ stuff: 'mixture' })
    })

    test('steps keep their times and windows, and a number at once that meant no limit is gone', () => {
      document.batches.forEach((row, i) => {
        expect(row.plan.steps.map(({ hands }) => [hands.onceSec, hands.eachSec])).toEqual(
          before.batches[i]!.plan.steps.map(({ batchSec, pieceSec }) => [batchSec, pieceSec]),
        )
        for (const { atOnce } of row.plan.steps) expect(atOnce?.count ?? 0).toBeLessThan(10_000)
      })
    })

    test('runs stand where they stood; finished pieces are on their trays; draws name what made them', () => {
      const runs = document.batches.map((row) =>
        foldRun(
          row,
          document.events.filter(({ batchId }) => batchId === row.id),
        ),
      )
      expect(runs.every(({ setAside }) => setAside.length === 0)).toBe(true)
      const finished = runs.filter(({ state }) => state.phase === 'finished')
      expect(finished.length).toBeGreaterThan(3)
      expect(traysOf(document.trayEntries).map(({ counts }) => counts['to be planted'])).toEqual(
        finished.map(({ state }) => state.live),
      )
      const draws = document.movements.filter(({ kind }) => kind === 'draw')
      expect(draws.length).toBeGreaterThan(5)
      expect(draws.every(({ eventId }) => eventId !== undefined)).toBe(true)
    })

    test('two copies that were brought up apart are the same', () => {
      const other = readWorkshopFile(text)
      if (other.kind === 'none') throw new Error(other.because)
      expect(canonical(mergeWorkshops(document, other.value))).toBe(
        canonical(mergeWorkshops(other.value, document)),
      )
      expect(mergeWorkshops(document, other.value).trayEntries).toHaveLength(document.trayEntries.length)
    })
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
