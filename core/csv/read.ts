import Papa from 'papaparse'
import { none, ok, type Reading } from '../units'

/** One column of a table in a file: its name, how a field is read, and how it is written. */
export interface Column<Row, Value = unknown> {
  readonly name: string
  /** A row without it is at fault. */
  readonly needed?: boolean
  readonly read: (text: string) => Reading<Value>
  readonly write: (row: Row) => string
}

/** What is wrong in a file: the line that it stands on, the column, what was read and what is allowed. */
export interface CsvFault {
  readonly line: number
  readonly column?: string
  readonly because: string
}

/** A row with its fields read, and the line that it began on. */
export interface CsvRow {
  readonly line: number
  readonly values: Readonly<Record<string, unknown>>
}

export interface CsvReading {
  readonly rows: readonly CsvRow[]
  readonly faults: readonly CsvFault[]
  /** Columns in the file that nothing is read from. */
  readonly ignored: readonly string[]
}

/** The most rows that a file may have. */
const MOST_CSV_ROWS = 20_000

/**
 * Reads a table from text: RFC 4180, also with semicolons or tabs, as spreadsheets write them. The first row names the
 * columns, in any order and any letter case. Every row is read, so that all faults are told at once.
 * @returns none where it is no such table at all
 */
export function readCsv<Row>(text: string, columns: readonly Column<Row>[]): Reading<CsvReading> {
  const plain = text.replace(/^\uFEFF/, '')
  if (plain.trim() === '') return none('The file is empty; its first row must name the columns.')
  const records = recordsOf(plain)
  const [head, ...body] = records
  const names = (head?.fields ?? []).map((name) => name.trim().toLowerCase())
  const known = new Set(columns.map(({ name }) => name))
  const missing = columns.filter(({ name, needed }) => needed && !names.includes(name))
  if (missing.length > 0)
    return none(
      `line 1: the columns read are “${names.join(', ').slice(0, 120)}”; ${missing.map(({ name }) => `“${name}”`).join(', ')} must be among them.`,
    )
  const twice = names.find((name, i) => known.has(name) && names.indexOf(name) !== i)
  if (twice !== undefined) return none(`line 1: the column “${twice}” stands twice.`)
  const filled = body.filter(({ fields }) => fields.some((field) => field.trim() !== ''))
  if (filled.length > MOST_CSV_ROWS)
    return none(`The file has ${filled.length} rows; allowed are ${MOST_CSV_ROWS}.`)
  const faults: CsvFault[] = []
  const rows = filled.map(({ line, fields, broken }): CsvRow => {
    if (broken !== undefined) faults.push({ line, because: broken })
    else if (fields.length > names.length)
      faults.push({
        line,
        because: `${fields.length} fields were read; the first row names ${names.length}.`,
      })
    const values: Record<string, unknown> = {}
    for (const column of columns) {
      const at = names.indexOf(column.name)
      const field = unescapedCell((at < 0 ? '' : (fields[at] ?? '')).trim())
      if (field === '') {
        if (column.needed) faults.push({ line, column: column.name, because: 'it is empty; it is needed.' })
        continue
      }
      const read = column.read(field)
      if (read.kind === 'none') faults.push({ line, column: column.name, because: read.because })
      else values[column.name] = read.value
    }
    return { line, values }
  })
  return ok({ rows, faults, ignored: names.filter((name) => name !== '' && !known.has(name)) })
}

interface LinedRecord {
  readonly line: number
  readonly fields: readonly string[]
  readonly broken?: string
}

/** Records with the line that each begins on: a field in quotes may go over several. */
function recordsOf(text: string): LinedRecord[] {
  const records: LinedRecord[] = []
  let from = 0
  let line = 1
  Papa.parse<string[]>(text, {
    delimiter: delimiterOf(text),
    step: ({ data, errors, meta }) => {
      const broken = errors.find(({ type }) => type === 'Quotes')
      records.push({
        line,
        fields: data,
        ...(broken ? { broken: 'a quotation mark is open, or stands inside a field; double it.' } : {}),
      })
      line += text.slice(from, meta.cursor).split('\n').length - 1
      from = meta.cursor
    },
  })
  return records
}

/** What parts the fields of the first line: a comma, as the standard has it, or what spreadsheets take in its place. */
function delimiterOf(text: string): string {
  const first = text.split('\n', 1)[0] ?? ''
  const counts = [',', ';', '\t'].map((sign) => ({ sign, count: first.split(sign).length }))
  return counts.reduce((best, own) => (own.count > best.count ? own : best)).sign
}

const FORMULA = /^[=+\-@\t\r]/
/** A text that a spreadsheet would work out as a formula is written behind an apostrophe, and read without it. */
export const escapedCell = (text: string): string =>
  FORMULA.test(text) && Number.isNaN(Number(text)) ? `'${text}` : text
export const unescapedCell = (text: string): string =>
  text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text

/** A table as text: RFC 4180, lines end in CR LF, the first names the columns. */
export function writeCsv<Row>(rows: readonly Row[], columns: readonly Column<Row>[]): string {
  const data = rows.map((row) => columns.map(({ write }) => escapedCell(write(row))))
  return `${Papa.unparse([columns.map(({ name }) => name), ...data], { newline: '\r\n' })}\r\n`
}
