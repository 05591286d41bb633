import Papa from 'papaparse'
import { readCsvRows, readGpl, toCsvRows, toGpl, type PaletteFile } from '~~/core/blends'
import { none, type Reading } from '~~/core/units'
import { fileNameOf, save } from './save'

/** Saves a palette as a GIMP palette or as CSV (RFC 4180). */
export function savePaletteFile(palette: PaletteFile, kind: 'gpl' | 'csv'): void {
  const text =
    kind === 'gpl' ? toGpl(palette) : `${Papa.unparse(toCsvRows(palette), { newline: '\r\n' })}\r\n`
  save(
    new Blob([text], { type: kind === 'gpl' ? 'text/plain' : 'text/csv' }),
    `${fileNameOf(palette.name)}.${kind}`,
  )
}

const MOST_BYTES = 200_000

/** Reads a palette from a file, by what is in it. */
export async function readPaletteFile(file: File): Promise<Reading<PaletteFile>> {
  if (file.size > MOST_BYTES) return none(`“${file.name}” has ${file.size} bytes; allowed are ${MOST_BYTES}.`)
  const text = await file.text()
  if (text.replace(/^\uFEFF/, '').startsWith('GIMP Palette') || file.name.toLowerCase().endsWith('.gpl'))
    return readGpl(text)
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false })
  return readCsvRows(data, file.name)
}
