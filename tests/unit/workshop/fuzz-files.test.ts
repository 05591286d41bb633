import Papa from 'papaparse'
import { paletteSchema, readCsvRows, readGpl, toCsvRows, toGpl } from '../../../core/blends'
import { offerSchema, priceColumns, priceRowOf, priceRowSchema } from '../../../core/buying'
import { readCsv, writeCsv } from '../../../core/csv'
import { momentAt } from '../../../core/schedule'
import { readBusy } from '../../../core/schedule/busy-file'
import { writeCalendar } from '../../../core/schedule/calendar-file'
import { balancesOf, lotSchema, materialSchema, movementSchema } from '../../../core/stock'
import { seededRandom, type Random, type Reading } from '../../../core/units'
import {
  readLots,
  readMaterials,
  readMovements,
  readOffers,
  writeLots,
  writeMaterials,
  writeMovements,
  writeOffers,
} from '../../../core/workshop'
import { buildDemo } from '../../../server/demo/build'
import { ids, NOON } from '../../support/workshop'

/** Files of every kind that people bring, spoilt by chance: none may throw, and what is taken is what may be kept. */
const FILES = 200
const TODAY = '2026-11-25'
const demo = buildDemo(Date.parse('2026-11-25T08:00:00.000Z'))

/** What has stood in files, and what else could stand for a number, a word, a day or a rule. */
const BAD = [
  '',
  ' ',
  '0',
  '-1',
  '1e309',
  '-1e300',
  '0.0000001',
  '1,5',
  'NaN',
  'hello',
  '=cmd|x',
  '@SUM(1)',
  '"',
  '""',
  '\u0000',
  '\u202e',
  '💥',
  '__proto__',
  '#ffffff',
  '99991231T235959Z',
  '00010101T000000',
  '20261131T250000',
  'FREQ=SECONDLY',
  'FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31',
  'FREQ=YEARLY;INTERVAL=99999999',
  'FREQ=WEEKLY;BYMONTHDAY=30;COUNT=-1',
  'FREQ=MONTHLY;BYSETPOS=-400;BYDAY=MO,TU',
  'Nowhere/Land',
  'x'.repeat(5_000),
]
const of = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)] as T

/** Spoils a text in a few places: a word, a line, a piece of it. */
function spoilt(text: string, random: Random): string {
  let found = text
  for (let times = 1 + Math.floor(random() * 4); times > 0; times -= 1) {
    const lines = found.split('\n')
    const at = Math.floor(random() * lines.length)
    const line = lines[at] ?? ''
    switch (Math.floor(random() * 6)) {
      case 0:
        lines.splice(at, 1)
        break
      case 1:
        lines.splice(at, 0, line)
        break
      case 2:
        lines[at] = line.slice(0, Math.floor(random() * line.length))
        break
      case 3:
        lines.splice(at, 0, of(random, BAD))
        break
      default: {
        const words = line.split(/([,;:=\t ])/)
        words[Math.floor(random() * words.length)] = of(random, BAD)
        lines[at] = words.join('')
      }
    }
    found = lines.join('\n')
  }
  return found
}

/** Reads so many spoilt files. @returns how many of them were taken, at least in part */
function taken<T>(
  whole: string,
  seed: number,
  read: (text: string) => Reading<T>,
  check: (value: T, lines: number) => void,
): number {
  const random = seededRandom(seed)
  let ok = 0
  for (let i = 0; i < FILES; i += 1) {
    const text = spoilt(whole, random)
    const reading = read(text)
    if (reading.kind === 'none') {
      expect(reading.because).toMatch(/\S/)
      continue
    }
    ok += 1
    check(reading.value, text.split(/\r\n|\r|\n/).length)
  }
  return ok
}
const faultsLieIn = (
  faults: readonly { readonly line: number; readonly because: string }[],
  lines: number,
): void => {
  for (const { line, because } of faults) {
    expect(line).toBeGreaterThanOrEqual(1)
    expect(line).toBeLessThanOrEqual(lines + 1)
    expect(because.length).toBeLessThan(1_000)
  }
}

describe('files of others, spoilt by chance', () => {
  const palette = demo.palettes[0] ?? { name: 'P', colours: [{ name: 'moss', colour: '#556b2f' }] }
  const isPalette = (file: unknown): void => {
    expect(paletteSchema.safeParse({ ...(file as object), id: 'p', changedAt: NOON }).error).toBeUndefined()
  }

  test('palettes: of a painting program, and as a table', () => {
    expect(taken(toGpl(palette), 1, readGpl, isPalette)).toBeGreaterThan(10)
    const table = Papa.unparse(toCsvRows(palette))
    const read = (text: string) => readCsvRows(Papa.parse<string[]>(text).data, 'mine.csv')
    expect(taken(table, 2, read, isPalette)).toBeGreaterThan(10)
  })

  test('tables of materials, offers, lots and the ledger', () => {
    const by = { now: NOON, newId: ids('n') }
    const materials = demo.materials.slice(0, 20)
    const nameOf = (rows: readonly { id: string; name: string }[], id: string): string =>
      rows.find((row) => row.id === id)?.name ?? id
    const known = new Set(materials.map(({ id }) => id))
    const lots = demo.lots.filter(({ materialId }) => known.has(materialId))
    const movements = demo.movements.filter(({ lotId }) => lots.some(({ id }) => id === lotId))
    const offers = demo.offers.filter(({ materialId }) => known.has(materialId)).slice(0, 20)
    const has = { suppliers: demo.suppliers, materials, offers: [] }
    const soundRows =
      (schema: { safeParse: (row: unknown) => { error?: unknown } }) =>
      (file: object, lines: number): void => {
        const { faults } = file as { faults: { line: number; because: string }[] }
        faultsLieIn(faults, lines)
        const { added, changed } = file as { added: readonly unknown[]; changed: readonly unknown[] }
        for (const row of [...added, ...changed]) expect(schema.safeParse(row).error).toBeUndefined()
      }
    const ledgerRows = (file: { lots: readonly unknown[]; movements: readonly unknown[] }): void => {
      for (const row of file.lots) expect(lotSchema.safeParse(row).error).toBeUndefined()
      for (const row of file.movements) expect(movementSchema.safeParse(row).error).toBeUndefined()
    }
    expect(
      taken(
        writeMaterials(materials),
        3,
        (text) => readMaterials(text, materials, known, NOON, by.newId),
        soundRows(materialSchema),
      ),
    ).toBeGreaterThan(10)
    expect(
      taken(
        writeOffers(
          offers.map((offer) => ({
            offer,
            supplier: nameOf(demo.suppliers, offer.supplierId),
            material: nameOf(materials, offer.materialId),
          })),
        ),
        4,
        (text) => readOffers(text, has, TODAY, NOON, by.newId),
        soundRows(offerSchema),
      ),
    ).toBeGreaterThan(10)
    const balances = balancesOf(movements)
    expect(
      taken(
        writeLots(
          lots.map((lot) => ({ lot, material: nameOf(materials, lot.materialId), received: 50, onHand: 20 })),
        ),
        5,
        (text) => readLots(text, materials, [], by),
        ledgerRows,
      ),
    ).toBeGreaterThan(10)
    expect(
      taken(
        writeMovements(
          movements.map((movement) => ({ movement, label: movement.lotId, material: '', batch: '' })),
        ),
        6,
        (text) => readMovements(text, lots, balances, new Set(), by),
        ledgerRows,
      ),
    ).toBeGreaterThan(10)
  })

  test('price lists', () => {
    const rows = demo.offers.slice(0, 20).map(({ packQuantity, priceMinor, stock, article }, i) => ({
      article: article ?? `A${i}`,
      name: `Thing ${i}`,
      packQuantity,
      unit: 'g' as const,
      priceMinor,
      stock,
    }))
    const count = taken(
      writeCsv(rows, priceColumns),
      7,
      (text) => readCsv(text, priceColumns),
      (file, lines) => {
        faultsLieIn(file.faults, lines)
        const bad = new Set(file.faults.map(({ line }) => line))
        for (const { line, values } of file.rows)
          if (!bad.has(line)) expect(priceRowSchema.safeParse(priceRowOf(values)).error).toBeUndefined()
      },
    )
    expect(count).toBeGreaterThan(10)
  })

  test('calendars', () => {
    const zone = 'Europe/Vienna'
    const [fromMs, toMs] = [momentAt('2026-11-25', '00:00', zone), momentAt('2027-02-25', '00:00', zone)]
    const plan = writeCalendar(
      Array.from({ length: 6 }, (_, i) => ({
        uid: `choir-${i}`,
        fromMs: fromMs + (i * 7 + 1) * 86_400_000,
        toMs: fromMs + (i * 7 + 1) * 86_400_000 + 7_200_000,
        summary: 'Choir',
        busy: true,
      })),
      'Somebody',
      fromMs,
    ).replaceAll(
      'SUMMARY:',
      'RRULE:FREQ=WEEKLY;INTERVAL=2;BYDAY=TU,TH;COUNT=9\r\nEXDATE:20261201T190000Z\r\nSUMMARY:',
    )
    const count = taken(
      plan,
      8,
      (text) => readBusy({ text, fromMs, toMs, zone }),
      ({ times, faults }, lines) => {
        faultsLieIn(faults, lines)
        expect(times.length).toBeLessThanOrEqual(20_000)
        for (const { fromMs: from, toMs: to } of times) {
          expect(to).toBeGreaterThan(from)
          expect(to).toBeGreaterThan(fromMs)
          expect(from).toBeLessThan(toMs)
        }
      },
    )
    expect(count).toBeGreaterThan(10)
  })
})
