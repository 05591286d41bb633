import { none, ok, type Reading } from '../units'

/** What a jar's code names: one lot, or a material whatever its lot. */
export type JarCode =
  | { readonly kind: 'lot'; readonly lotId: string }
  | { readonly kind: 'material'; readonly materialId: string }

const PREFIX = 'HT1'

/** The text of a code on a label: short, so that a small print still reads. */
export const jarCodeText = (code: JarCode): string =>
  code.kind === 'lot' ? `${PREFIX}/L/${code.lotId}` : `${PREFIX}/M/${code.materialId}`

/** Reads the text of a code, scanned or typed. */
export function readJarCode(text: string): Reading<JarCode> {
  const parts = new RegExp(`^${PREFIX}/([LM])/([A-Za-z0-9_-]{1,64})$`).exec(text.trim())
  const [, kind, id] = parts ?? []
  if (kind === undefined || id === undefined)
    return none(
      `Code: read “${text.trim().slice(0, 60)}”; allowed is what this app prints on a jar, such as ${PREFIX}/L/…`,
    )
  return ok(kind === 'L' ? { kind: 'lot', lotId: id } : { kind: 'material', materialId: id })
}
