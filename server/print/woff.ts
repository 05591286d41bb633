import { inflateSync } from 'node:zlib'

const WOFF = 0x774f4646
const HEADER = 44
const ENTRY = 20

/**
 * The font inside a WOFF file (W3C, WOFF File Format 1.0), unpacked by the platform's own zlib: many times
 * quicker than table by table in script.
 * @param file bytes of a WOFF; another font file comes back as it is
 */
export function unwrapWoff(file: Buffer): Buffer {
  if (file.length < HEADER || file.readUInt32BE(0) !== WOFF) return file
  const count = file.readUInt16BE(12)
  const font = Buffer.alloc(file.readUInt32BE(16))
  const power = Math.floor(Math.log2(count))
  font.writeUInt32BE(file.readUInt32BE(4), 0)
  font.writeUInt16BE(count, 4)
  font.writeUInt16BE(16 * 2 ** power, 6)
  font.writeUInt16BE(power, 8)
  font.writeUInt16BE(16 * count - 16 * 2 ** power, 10)
  let offset = 12 + 16 * count
  for (let i = 0; i < count; i += 1) {
    const entry = HEADER + ENTRY * i
    const [at, packed, length] = [4, 8, 12].map((field) => file.readUInt32BE(entry + field)) as [
      number,
      number,
      number,
    ]
    const data = file.subarray(at, at + packed)
    const table = packed < length ? inflateSync(data, { maxOutputLength: length }) : data
    const row = 12 + 16 * i
    file.copy(font, row, entry, entry + 4)
    file.copy(font, row + 4, entry + 16, entry + 20)
    font.writeUInt32BE(offset, row + 8)
    font.writeUInt32BE(length, row + 12)
    table.copy(font, offset)
    // Tables begin at multiples of four bytes.
    offset += Math.ceil(length / 4) * 4
  }
  return font
}
