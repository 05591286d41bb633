import { readFileSync } from 'node:fs'
import { facesFor, type Faces } from '../../server/print/faces'

/** The faces of printed sheets, read from where they ship. */
export const printFacesFor = (text = ''): Promise<Faces> =>
  facesFor(text, async (name) => readFileSync(`server/fonts/${name}.woff`))
