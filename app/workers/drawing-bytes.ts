import type { GrownDrawing } from './drawings'

type Numbers = Float32Array | Uint8Array
const isNumbers = (value: unknown): value is Numbers => ArrayBuffer.isView(value)

/** What stands before the arrays: what of a drawing is no array, and which arrays follow. */
interface Head {
  readonly plain: Readonly<Record<string, unknown>>
  readonly reach: GrownDrawing['reach']
  readonly arrays: readonly { readonly name: string; readonly wide: boolean; readonly length: number }[]
}

/** Numbers of four bytes lie at multiples of four; those of one follow them. */
const aligned = (length: number): number => Math.ceil(length / 4) * 4

/** A drawing as bytes, in the order of this machine: the length of its head, its head as JSON, its arrays. */
export function drawingBytes({ drawing, reach }: GrownDrawing): Uint8Array<ArrayBuffer> {
  const entries: [string, unknown][] = Object.entries(drawing)
  const arrays = entries
    .flatMap(([name, of]) => (isNumbers(of) ? [{ name, of, wide: of.BYTES_PER_ELEMENT > 1 }] : []))
    .sort((a, b) => Number(b.wide) - Number(a.wide))
  const head: Head = {
    plain: Object.fromEntries(entries.filter(([, value]) => !isNumbers(value))),
    reach,
    arrays: arrays.map(({ name, wide, of }) => ({ name, wide, length: of.length })),
  }
  const words = new TextEncoder().encode(JSON.stringify(head))
  let at = 4 + aligned(words.length)
  const bytes = new Uint8Array(at + arrays.reduce((sum, { of }) => sum + of.byteLength, 0))
  new Uint32Array(bytes.buffer, 0, 1).set([words.length])
  bytes.set(words, 4)
  for (const { of } of arrays) {
    bytes.set(new Uint8Array(of.buffer, of.byteOffset, of.byteLength), at)
    at += of.byteLength
  }
  return bytes
}

/**
 * Reads what {@link drawingBytes} wrote; its arrays look into the bytes.
 * @throws RangeError or SyntaxError when it is something else
 */
export function drawingFromBytes(buffer: ArrayBuffer): GrownDrawing {
  const [length = 0] = new Uint32Array(buffer, 0, 1)
  const words = new TextDecoder().decode(new Uint8Array(buffer, 4, length))
  const { plain, reach, arrays } = JSON.parse(words) as Head
  let at = 4 + aligned(length)
  const numbers = arrays.map(({ name, wide, length }): [string, Numbers] => {
    const of = wide ? new Float32Array(buffer, at, length) : new Uint8Array(buffer, at, length)
    at += of.byteLength
    return [name, of]
  })
  const drawing: unknown = { ...plain, ...Object.fromEntries(numbers) }
  return { drawing: drawing as GrownDrawing['drawing'], reach }
}
