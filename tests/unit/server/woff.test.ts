import { readdirSync, readFileSync } from 'node:fs'
import * as fontkit from 'fontkit'
import { unwrapWoff } from '../../../server/print/woff'

const files = readdirSync('server/fonts').filter((name) => name.endsWith('.woff'))

describe('the fonts that ship', () => {
  test.each(files)('%s unpacks to a font with the same signs and outlines', (name) => {
    const packed = readFileSync(`server/fonts/${name}`)
    const plain = unwrapWoff(packed)
    expect(plain.subarray(0, 4).toString('hex')).toBe('00010000')
    const [before, after] = [packed, plain].map((bytes) => fontkit.create(bytes) as fontkit.Font)
    expect(after!.numGlyphs).toBe(before!.numGlyphs)
    expect(after!.characterSet).toEqual(before!.characterSet)
    // Unpacking a large font in script is slow: that is what this is for.
    if (packed.length > 200_000) return
    const some = before!.characterSet[Math.floor(before!.characterSet.length / 2)]!
    const outline = (font: fontkit.Font): string => font.glyphForCodePoint(some).path.toSVG()
    expect(outline(after!)).toBe(outline(before!))
  })

  test('what is not packed comes back as it is', () => {
    const plain = unwrapWoff(readFileSync(`server/fonts/${files[0]}`))
    expect(unwrapWoff(plain)).toBe(plain)
    expect(unwrapWoff(Buffer.alloc(0))).toHaveLength(0)
  })
})
