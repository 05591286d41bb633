import fc from 'fast-check'
import Papa from 'papaparse'
import {
  dayField,
  numberField,
  readCsv,
  textField,
  wordField,
  writeCsv,
  writeNumber,
  type Column,
} from '../../../core/csv'

interface Row {
  readonly name: string
  readonly grams?: number
  readonly day?: string
}
const columns: readonly Column<Row>[] = [
  { name: 'name', needed: true, read: textField(40), write: ({ name }) => name },
  { name: 'grams', read: numberField(0, 1000), write: ({ grams }) => writeNumber(grams) },
  { name: 'day', read: dayField, write: ({ day = '' }) => day },
]
const read = (text: string) => {
  const reading = readCsv(text, columns)
  if (reading.kind === 'none') throw new Error(reading.because)
  return reading.value
}
const because = (text: string): string => {
  const reading = readCsv(text, columns)
  return reading.kind === 'none' ? reading.because : 'it was read'
}

describe('a table in a file', () => {
  test('one bad line in 800 is named with its line, column, what was read and what is allowed; all others are read', () => {
    const lines = Array.from(
      { length: 800 },
      (_, i) => `Jar ${i + 1},${i === 417 ? 'half' : i % 50},2026-10-04`,
    )
    const { rows, faults } = read(['name,grams,day', ...lines].join('\r\n'))
    expect(rows).toHaveLength(800)
    expect(faults).toEqual([
      { line: 419, column: 'grams', because: 'read “half”; allowed is a number from 0 to 1000.' },
    ])
  })

  test('a field over two lines counts both, so that the next fault names the line that an editor shows', () => {
    const { rows, faults } = read('name,grams\r\n"Two\r\nlines",5\r\nThree,x\r\n')
    expect(rows[0]?.values.name).toBe('Two\r\nlines')
    expect(faults.map(({ line }) => line)).toEqual([4])
  })

  test('semicolons, tabs, a byte order mark, columns in another order and letter case, empty lines', () => {
    expect(read('\uFEFFGrams;Name\n1,5;Foam\n\n;Moss\n').rows.map(({ values }) => values)).toEqual([
      { name: 'Foam', grams: 1.5 },
      { name: 'Moss' },
    ])
    expect(read('name\tgrams\tshop\nFoam\t2\tx').ignored).toEqual(['shop'])
  })

  test('what is needed and empty, too many fields, an open quotation mark, a day that is none: each is a fault', () => {
    const faults = (text: string) =>
      read(text).faults.map(({ line, column, because: why }) => [line, column, why])
    expect(faults('name,grams\n,5')).toEqual([[2, 'name', 'it is empty; it is needed.']])
    expect(faults('name,grams\na,1,2,3')).toEqual([
      [2, undefined, '4 fields were read; the first row names 2.'],
    ])
    expect(faults('name,grams\n"open,1')[0]?.[0]).toBe(2)
    expect(faults('name,day\na,2026-02-30')).toEqual([
      [2, 'day', 'read “2026-02-30”; allowed is a day such as 2026-10-04.'],
    ])
  })

  test('a file that is no such table is refused: empty, without a needed column, with one twice', () => {
    expect(because('  \n')).toContain('empty')
    expect(because('title,grams\na,1')).toContain('“name” must be among them')
    expect(because('name,name\na,b')).toContain('stands twice')
    expect(because(`name\n${'a\n'.repeat(20_001)}`)).toContain('allowed are 20000')
  })

  test('a word is one of those allowed, in any letter case', () => {
    expect(wordField(['g', 'ml'])('ML')).toEqual({ kind: 'ok', value: 'ml' })
    expect(wordField(['g', 'ml'])('kg')).toMatchObject({ kind: 'none' })
  })

  test('whatever is written reads back, also by another reader of RFC 4180; no cell is a formula', () => {
    const name = fc
      .string({ minLength: 1, maxLength: 30, unit: 'grapheme' })
      .map((text) => text.replace(/\0/g, '').trim())
      // A name that is written with the mark already is another name without it.
      .filter((text) => text !== '' && !text.startsWith("'"))
    fc.assert(
      fc.property(
        fc.array(fc.record({ name, grams: fc.integer({ min: 0, max: 1000 }) }), {
          minLength: 1,
          maxLength: 8,
        }),
        (rows) => {
          const text = writeCsv(rows, columns)
          expect(read(text).rows.map(({ values }) => values)).toEqual(rows)
          const plain = Papa.parse<string[]>(text.trimEnd()).data
          expect(plain).toHaveLength(rows.length + 1)
          for (const [first = ''] of plain.slice(1))
            expect(/^[=+@]/.test(first) && Number.isNaN(Number(first))).toBe(false)
        },
      ),
      { numRuns: 200 },
    )
  })
})
