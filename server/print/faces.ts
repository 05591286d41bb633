import * as fontkit from 'fontkit'
import { unwrapWoff } from './woff'

/** The styles of printed text. */
export const styles = ['text', 'bold', 'title', 'botanical'] as const
export type Style = (typeof styles)[number]

/** One font file: what it is called on a sheet, its bytes, and what it can show. */
export interface Face {
  readonly name: string
  readonly bytes: Buffer
  readonly has: (codePoint: number) => boolean
}
/** Faces to ask, in order. */
export type Chain = readonly [Face, ...Face[]]
/** For each style its own face, then those of other scripts that a text needs. */
export type Faces = Readonly<Record<Style, Chain>>

/** The product's own faces, in Latin script. */
const own: Readonly<Record<Style, readonly [string, ...string[]]>> = {
  text: ['atkinson-hyperlegible-next-latin-400-normal', 'atkinson-hyperlegible-next-latin-ext-400-normal'],
  bold: ['atkinson-hyperlegible-next-latin-700-normal', 'atkinson-hyperlegible-next-latin-ext-700-normal'],
  title: ['petrona-latin-600-normal', 'petrona-latin-ext-600-normal'],
  botanical: ['petrona-latin-400-italic', 'petrona-latin-ext-400-italic'],
}

const noto = (part: string): string => `noto-sans-${part}-400-normal`
const HAN = /\p{Script=Han}|[\u3000-\u303f\uff00-\uff65]/u
/**
 * Faces for other scripts, with what a text must hold for them to be read. A character is set in the first
 * that has it.
 */
const others: readonly { readonly file: string; readonly when: RegExp }[] = [
  { file: noto('latin-ext'), when: /[\u0100-\u02ff\u1e00-\u1eff\u2c60-\u2c7f\ua720-\ua7ff]/u },
  { file: noto('vietnamese'), when: /[\u0300-\u036f\u1ea0-\u1ef9\u20ab]/u },
  { file: noto('cyrillic'), when: /\p{Script=Cyrillic}/u },
  { file: noto('cyrillic-ext'), when: /\p{Script=Cyrillic}/u },
  { file: noto('greek'), when: /\p{Script=Greek}/u },
  { file: noto('greek-ext'), when: /\p{Script=Greek}/u },
  { file: noto('armenian'), when: /\p{Script=Armenian}/u },
  { file: noto('georgian'), when: /\p{Script=Georgian}/u },
  { file: noto('hebrew'), when: /\p{Script=Hebrew}/u },
  { file: noto('arabic'), when: /\p{Script_Extensions=Arabic}/u },
  { file: noto('devanagari'), when: /\p{Script_Extensions=Devanagari}/u },
  { file: noto('bengali'), when: /\p{Script=Bengali}/u },
  { file: noto('gurmukhi'), when: /\p{Script=Gurmukhi}/u },
  { file: noto('gujarati'), when: /\p{Script=Gujarati}/u },
  { file: noto('tamil'), when: /\p{Script=Tamil}/u },
  { file: noto('telugu'), when: /\p{Script=Telugu}/u },
  { file: noto('kannada'), when: /\p{Script=Kannada}/u },
  { file: noto('malayalam'), when: /\p{Script=Malayalam}/u },
  { file: noto('sinhala'), when: /\p{Script=Sinhala}/u },
  { file: noto('thai'), when: /\p{Script=Thai}/u },
  { file: noto('lao'), when: /\p{Script=Lao}/u },
  { file: noto('khmer'), when: /\p{Script=Khmer}/u },
  { file: noto('myanmar'), when: /\p{Script=Myanmar}/u },
  { file: noto('ethiopic'), when: /\p{Script=Ethiopic}/u },
  { file: noto('jp'), when: /\p{Script=Hiragana}|\p{Script=Katakana}/u },
  { file: noto('kr'), when: /\p{Script=Hangul}/u },
  { file: noto('sc'), when: HAN },
  { file: noto('tc'), when: HAN },
  { file: noto('jp'), when: HAN },
  { file: 'noto-emoji-400-normal', when: /\p{Extended_Pictographic}|\p{Regional_Indicator}|\u20e3/u },
]
/** Every sign of Unicode's first plane, plain of shape: what no other face has is still there to be read. */
const LAST = 'unifont-400-normal'

/** What a face is asked for: not joiners, selectors, direction marks and spaces, which no one sees. */
export const isSeen = (character: string): boolean => !/[\p{Cc}\p{Cf}\p{Zs}\ufe00-\ufe0f]/u.test(character)

/** Faces that were read once are kept: some take a tenth of a second to unpack. */
const kept = new Map<string, Promise<Face>>()

async function faceOf(name: string, read: (file: string) => Promise<Buffer>): Promise<Face> {
  const bytes = unwrapWoff(await read(name))
  const font = fontkit.create(bytes) as fontkit.Font
  return { name, bytes, has: (codePoint) => font.hasGlyphForCodePoint(codePoint) }
}

export const codePointOf = (character: string): number => character.codePointAt(0) ?? 0

function keptFace(name: string, read: (file: string) => Promise<Buffer>): Promise<Face> {
  const face = kept.get(name) ?? faceOf(name, read)
  kept.set(name, face)
  face.catch(() => kept.delete(name))
  return face
}

/**
 * The faces that a text can be set in: the product's own, and those that its scripts want.
 * @param text everything that will be set @param read the bytes of a font file by its name, without its ending
 */
export async function facesFor(text: string, read: (file: string) => Promise<Buffer>): Promise<Faces> {
  const load = (files: readonly string[]): Promise<Face[]> =>
    Promise.all(files.map((file) => keptFace(file, read)))
  const wanted = new Set(others.filter(({ when }) => when.test(text)).map(({ file }) => file))
  const more = [...(await load(own.text)), ...(await load([...wanted]))]
  const seen = [...new Set(text)].filter(isSeen).map(codePointOf)
  const all = seen.every((codePoint) => more.some((face) => face.has(codePoint)))
  const rest = all ? more : [...more, ...(await load([LAST]))]
  const chain = async ([first, ...second]: readonly [string, ...string[]]): Promise<Chain> => [
    await keptFace(first, read),
    ...(await load(second)),
    ...rest,
  ]
  return {
    text: await chain(own.text),
    bold: await chain(own.bold),
    title: await chain(own.title),
    botanical: await chain(own.botanical),
  }
}
