import bidiFactory from 'bidi-js'
import * as fc from 'fast-check'
import { isSeen, type Face, type Faces } from '../../../server/print/faces'
import { isolated, setText, shortened, type Run, type SetLine } from '../../../server/print/text'
import { printFacesFor } from '../../support/faces'

const anything: Face = { name: 'anything', bytes: Buffer.alloc(0), has: () => true }
const latin: Face = { name: 'latin', bytes: Buffer.alloc(0), has: (codePoint) => codePoint < 0x250 }
const wide = ({ text }: Run): number => [...text].length

/** What stands on the paper from left to right: a shaper turns round a run that it knows to go from right to left. */
const seen = ({ runs }: SetLine): string =>
  runs.map(({ text, rtl }) => (rtl ? [...text].reverse().join('') : text)).join('')
const set = (text: string, width?: number): string[] => setText(text, [anything], wide, width).map(seen)

describe('direction', () => {
  test('Hebrew and Arabic stand from right to left, their numbers from left to right', () => {
    expect(set('אבג')).toEqual(['גבא'])
    expect(set('אבג דהו')).toEqual(['והד גבא'])
    expect(set('אבג 12 דהו')).toEqual(['והד 12 גבא'])
    expect(set('oak אבג דהו birch')).toEqual(['oak והד גבא birch'])
  })

  test('brackets of a stretch from right to left are mirrored', () => {
    // Read from the right: alef, bracket opens, bet, bracket closes, gimel.
    expect(set('א(ב)ג')).toEqual(['ג(ב)א'])
  })

  test('a name set apart leaves what follows it where it stands', () => {
    expect(isolated('beech')).toBe('beech')
    expect(set(`${isolated('אבג')} · 1:87`)).toEqual(['גבא · 1:87'])
    // Without that the scale would come to stand before the name.
    expect(set('אבג · 1:87')).toEqual(['1:87 · גבא'])
  })

  test('any mixture stands as the Unicode algorithm of a library reorders it', () => {
    const bidi = bidiFactory()
    const sign = fc.constantFrom(...'abc אבג 12 ()·-عرب,.')
    fc.assert(
      fc.property(fc.array(sign, { minLength: 1, maxLength: 40 }), (signs) => {
        const text = signs.join('').trim()
        fc.pre(text !== '')
        const expected = bidi.getReorderedString(text, bidi.getEmbeddingLevels(text, 'ltr'))
        expect(setText(text, [anything], wide).map(seen)).toEqual([expected])
      }),
      { numRuns: 2000 },
    )
  })
})

describe('lines', () => {
  test('words stay whole and a comma stays with its word', () => {
    expect(set('oak, ash and elm', 9)).toEqual(['oak, ash', 'and elm'])
    expect(set('oak, ash', 3)).toEqual(['oak', ',', 'ash'])
  })

  test('Chinese breaks between any signs, not before a full stop', () => {
    expect(set('山毛榉树篱。白桦', 5)).toEqual(['山毛榉树', '篱。白桦'])
  })

  test('a word wider than the line is broken between signs, and a sign wider than the line stands alone', () => {
    expect(set('abcdefg', 3)).toEqual(['abc', 'def', 'g'])
    expect(setText('ab', [anything], () => 10, 3)).toHaveLength(2)
  })

  test('nothing is lost and no line is too wide, whatever is written', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme', maxLength: 60 }),
        fc.integer({ min: 4, max: 30 }),
        (text, width) => {
          const lines = setText(text, [anything], wide, width)
          const bare = (value: string): string[] => [...value].filter(isSeen).sort()
          const mirrored = (value: string): string => value.replace(/\p{Bidi_Mirrored}/gu, '')
          expect(bare(mirrored(lines.map(seen).join('')))).toEqual(bare(mirrored(text)))
          for (const line of lines)
            if (line.runs.length > 1) expect(line.width).toBeLessThanOrEqual(width + 8)
        },
      ),
      { numRuns: 500 },
    )
  })

  test('new lines are kept, an empty text is one empty line', () => {
    expect(set('oak\n\nash')).toEqual(['oak', '', 'ash'])
    expect(set('')).toEqual([''])
  })

  test('what is too long for one line is cut with a mark, between what is seen as signs', () => {
    const cut = (text: string, width: number): string => seen(shortened(text, [anything], wide, width))
    expect(cut('copper beech', 12)).toBe('copper beech')
    expect(cut('copper beech', 11)).toBe('copper bee…')
    expect(cut('copper beech', 8)).toBe('copper…')
    expect(cut('🌳👨‍🌾🌲🌲', 5)).toBe('🌳👨‍🌾…')
  })
})

describe('faces', () => {
  /** A word for a tree, or what its script has. */
  const words: Record<string, string> = {
    Polish: 'Łąka i źdźbło',
    Vietnamese: 'Cây thông ở đồng cỏ',
    Russian: 'Берёза и ель',
    Greek: 'Ἐλαία και πεύκο',
    Armenian: 'Կաղնի',
    Georgian: 'მუხა',
    Hebrew: 'עֵץ אַלּוֹן',
    Arabic: 'شجرة الزان',
    Persian: 'درخت‌های سرو',
    Hindi: 'देवदार का पेड़',
    Bengali: 'বট গাছ',
    Punjabi: 'ਬੋਹੜ',
    Gujarati: 'વડ',
    Tamil: 'ஆலமரம்',
    Telugu: 'మర్రి చెట్టు',
    Kannada: 'ಆಲದ ಮರ',
    Malayalam: 'ആൽമരം',
    Sinhala: 'නුග ගස',
    Thai: 'ต้นไม้ใหญ่',
    Lao: 'ຕົ້ນໄມ້',
    Khmer: 'ដើមឈើ',
    Burmese: 'သစ်ပင်',
    Amharic: 'የወይራ ዛፍ',
    'Chinese, simplified': '山毛榉树篱，桦树',
    'Chinese, traditional': '櫸樹與檜木',
    Japanese: 'ブナの木と欅',
    Korean: '너도밤나무 울타리',
    Emoji: '🌳🌲🍂👩‍🌾🇫🇷',
    Cherokee: 'ᏣᎳᎩ',
    Tibetan: 'ཤིང་སྡོང',
    Signs: '♀ → ✓ ½ № ☼',
  }
  const faceOf = async (word: string): Promise<Run[]> =>
    setText(word, (await printFacesFor(word)).text, wide).flatMap(({ runs }) => runs)

  test.each(Object.entries(words))('%s has a face for every sign', async (_script, word) => {
    const runs = await faceOf(word)
    for (const { face, text } of runs)
      for (const sign of [...text].filter(isSeen)) {
        expect(sign).not.toBe('\ufffd')
        expect(face.has(sign.codePointAt(0)!)).toBe(true)
      }
  })

  test('the bitmap face is a last resort', async () => {
    const last: Record<string, boolean> = {}
    for (const [script, word] of Object.entries(words))
      last[script] = (await faceOf(word)).some(({ face }) => face.name.startsWith('unifont'))
    expect(Object.keys(last).filter((script) => last[script])).toEqual(['Cherokee', 'Tibetan', 'Signs'])
  })

  test('plain English takes the product’s own faces and loads no other', async () => {
    const faces: Faces = await printFacesFor('Beech, 12 pieces · 1:87 – “done”')
    expect([...new Set(faces.text.map(({ name }) => name))]).toEqual([
      'atkinson-hyperlegible-next-latin-400-normal',
      'atkinson-hyperlegible-next-latin-ext-400-normal',
    ])
    expect(faces.title[0]!.name).toBe('petrona-latin-600-normal')
  })

  test('a sign that no face has is shown as missing, not left out', () => {
    const runs = setText(
      'a\u{1F333}b',
      [latin, { ...latin, name: 'last', has: (c) => c === 0xfffd }],
      wide,
    )[0]!.runs
    expect(runs.map(({ text, face }) => [text, face.name])).toEqual([
      ['a', 'latin'],
      ['\ufffd', 'last'],
      ['b', 'latin'],
    ])
  })
})
