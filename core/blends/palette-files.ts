import { escapedCell, unescapedCell } from '../csv'
import { none, ok, type Reading } from '../units'
import { MOST_COLOURS, type PaletteColour } from './palettes'

/** A palette as a file holds it. */
export interface PaletteFile {
  readonly name: string
  readonly colours: readonly PaletteColour[]
}

const oneLine = (text: string): string => text.replace(/[\r\n\t]+/g, ' ').trim()

/** A GIMP palette: "GIMP Palette", name, columns, then red, green and blue 0–255 with a name on each line. */
export function toGpl({ name, colours }: PaletteFile): string {
  const rows = colours.map(({ name: own, colour }) => {
    const [r, g, b] = bytesOf(colour)
    return `${[r, g, b].map((byte) => String(byte).padStart(3)).join(' ')}\t${oneLine(own)}`
  })
  return ['GIMP Palette', `Name: ${oneLine(name)}`, 'Columns: 3', '#', ...rows, ''].join('\n')
}

const bytesOf = (colour: string): readonly [number, number, number] => {
  const value = Number.parseInt(colour.slice(1), 16)
  return [value >> 16, (value >> 8) & 255, value & 255]
}

const hexOf = (bytes: readonly number[]): string =>
  `#${bytes.map((byte) => byte.toString(16).padStart(2, '0')).join('')}`

/** Reads a GIMP palette. A faulty line is named; nothing is taken from a file that has one. */
export function readGpl(text: string): Reading<PaletteFile> {
  const lines = text.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)
  if (lines[0]?.trim() !== 'GIMP Palette')
    return none(`Line 1: read “${(lines[0] ?? '').slice(0, 40)}”; a GIMP palette begins with “GIMP Palette”.`)
  let name = 'Palette'
  const colours: PaletteColour[] = []
  for (const [i, raw] of lines.entries()) {
    const line = raw.trim()
    if (i === 0 || line === '' || line.startsWith('#')) continue
    const header = /^(Name|Columns|Channels):\s*(.*)$/.exec(line)
    if (header) {
      if (header[1] === 'Name' && header[2]) name = header[2].slice(0, 120)
      continue
    }
    const row = /^(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/.exec(line)
    const bytes = row ? [row[1], row[2], row[3]].map(Number) : []
    if (bytes.length !== 3 || bytes.some((byte) => byte > 255))
      return none(
        `Line ${i + 1}: read “${line.slice(0, 40)}”; allowed are three numbers from 0 to 255, then a name.`,
      )
    colours.push({
      name: (row?.[4] ?? '').slice(0, 80) || `Colour ${colours.length + 1}`,
      colour: hexOf(bytes),
    })
  }
  return taken(name, colours)
}

/** What a file gave, where it is a palette. */
function taken(name: string, colours: readonly PaletteColour[]): Reading<PaletteFile> {
  if (colours.length === 0) return none('The file names no colour.')
  if (colours.length > MOST_COLOURS)
    return none(`The file names ${colours.length} colours; allowed are ${MOST_COLOURS} at most.`)
  return ok({ name, colours })
}

/** Rows of a table that was read: its header first. */
export type CsvRows = readonly (readonly string[])[]

/** A palette as rows of a table: name, colour. */
export const toCsvRows = ({ colours }: PaletteFile): string[][] => [
  ['name', 'colour'],
  ...colours.map(({ name, colour }) => [escapedCell(name), colour]),
]

/** Reads a palette from the rows of a table with the columns "name" and "colour". */
export function readCsvRows(rows: CsvRows, fileName: string): Reading<PaletteFile> {
  const header = rows[0]?.map((cell) => cell.trim().toLowerCase()) ?? []
  const [nameAt, colourAt] = [
    header.indexOf('name'),
    header.findIndex((cell) => cell === 'colour' || cell === 'color'),
  ]
  if (colourAt < 0)
    return none(`Line 1: read “${(rows[0] ?? []).join(',').slice(0, 60)}”; a column “colour” is wanted.`)
  const colours: PaletteColour[] = []
  for (const [i, row] of rows.entries()) {
    if (i === 0 || row.every((cell) => cell.trim() === '')) continue
    const colour = (row[colourAt] ?? '').trim().toLowerCase()
    if (!/^#[0-9a-f]{6}$/.test(colour))
      return none(`Line ${i + 1}: colour: read “${colour.slice(0, 40)}”; allowed is #rrggbb.`)
    colours.push({
      name: unescapedCell((row[nameAt] ?? '').trim()).slice(0, 80) || `Colour ${colours.length + 1}`,
      colour,
    })
  }
  return taken(fileName.replace(/\.csv$/i, '').slice(0, 120) || 'Palette', colours)
}
