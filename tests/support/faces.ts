import { readFileSync } from 'node:fs'
import type { Reading } from '../../core/units'
import { facesFor, type Faces } from '../../server/print/faces'

/** The bytes of what was printed. @throws Error with the reason where it was not */
export function bytesOf(printed: Reading<Buffer>): Buffer {
  if (printed.kind === 'none') throw new Error(printed.because)
  return printed.value
}

/** The faces of printed sheets, read from where they ship. */
export const printFacesFor = (text = ''): Promise<Faces> =>
  facesFor(text, async (name) => readFileSync(`server/fonts/${name}.woff`))
