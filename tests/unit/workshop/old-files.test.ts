import { readFileSync } from 'node:fs'
import { foldRun, traysOf } from '../../../core/batches'
import { catalogue, MATERIAL_LIMIT } from '../../../core/stock'
import {
  canonical,
  FILE_VERSION,
  mergeWorkshops,
  readWorkshopFile,
  writeWorkshopFile,
} from '../../../core/workshop'

describe('files of formats before', () => {
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

  describe('a file of the twelfth format', () => {
    const text = readFileSync('tests/fixtures/workshop-format-12.json', 'utf8')
    const reading = readWorkshopFile(text)
    if (reading.kind === 'none') throw new Error(reading.because)
    const document = reading.value
    const before = JSON.parse(text) as typeof document

    test('keeps all that it had, and gains what is bought ready and what is there already', () => {
      const { version, materials, ...rest } = document
      const { version: was, materials: listed, ...same } = before
      expect([was, version]).toEqual([12, FILE_VERSION])
      expect(rest).toEqual(same)
      const ids = materials.map(({ id }) => id)
      expect(ids).toEqual(expect.arrayContaining(listed.map(({ id }) => id)))
      for (const id of [
        'ready-tufts-straw-middle',
        'ready-bushes-mid',
        'ready-hedge-low',
        'old-pieces-medium',
      ])
        expect([id, listed.some((row) => row.id === id), ids.includes(id)]).toEqual([id, false, true])
    })

    test('two copies of it that plan to plant, and say what lies under the ground, merge', () => {
      const [line] = document.lines
      const [batch] = document.batches
      const [commission] = document.commissions
      const { lineId: _line, ...made } = batch!
      const planned = { ...made, id: 'planted', makes: { kind: 'planted' as const, lineId: line!.id } }
      const one = { ...document, batches: [...document.batches, planned] }
      const at = '2026-12-01T08:00:00.000Z'
      const other = {
        ...document,
        commissions: document.commissions.map((row) =>
          row === commission ? { ...row, base: 'plaster' as const, fieldsAt: { base: at } } : row,
        ),
      }
      const merged = mergeWorkshops(one, other)
      expect(canonical(merged)).toBe(canonical(mergeWorkshops(other, one)))
      const again = readWorkshopFile(writeWorkshopFile(merged))
      if (again.kind === 'none') throw new Error(again.because)
      expect(again.value.batches.find(({ id }) => id === 'planted')?.makes).toEqual(planned.makes)
      expect(again.value.commissions.find(({ id }) => id === commission!.id)?.base).toBe('plaster')
      // A batch that plants a line which is not there is told, and nothing is taken.
      const lost = {
        ...one,
        batches: [...document.batches, { ...planned, makes: { kind: 'planted' as const, lineId: 'gone' } }],
      }
      expect(readWorkshopFile(writeWorkshopFile(lost))).toMatchObject({
        kind: 'none',
        because: expect.stringContaining('makes.lineId') as string,
      })
    })
  })
})
