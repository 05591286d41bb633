import bidiFactory from 'bidi-js'
import LineBreaker from 'linebreak'
import { codePointOf, isSeen, type Chain, type Face } from './faces'

const bidi = bidiFactory()
const graphemes = new Intl.Segmenter(undefined, { granularity: 'grapheme' })
const STRONG_RTL =
  /[\p{Script=Hebrew}\p{Script=Arabic}\p{Script=Syriac}\p{Script=Thaana}\p{Script=Nko}\p{Script=Adlam}]/u
const UNKNOWN = '\ufffd'
/** What may turn signs round: letters from right to left, numbers among them, marks and isolates of direction. */
const TURNS =
  /[\u0590-\u08ff\u200e\u200f\u202a-\u202e\u2066-\u2069\ufb1d-\ufdff\ufe70-\ufeff\u{10800}-\u{10fff}\u{1e800}-\u{1efff}]/u

/** A stretch of one line in one face and one direction. */
export interface Run {
  readonly face: Face
  /** In the order it is read. */
  readonly text: string
  readonly rtl: boolean
}
/** A line: its runs from left to right, as they stand on the paper. */
export interface SetLine {
  readonly runs: readonly Run[]
  readonly width: number
}
/** The width of a run, in the unit that lines are measured in. */
export type Measure = (run: Run) => number

/** What is seen as one sign, with the face that shows it and its depth of nesting: odd from right to left. */
interface Sign {
  readonly text: string
  readonly start: number
  readonly face: Face
  readonly level: number
}

/**
 * Sets a text in lines by the Unicode rules: UAX 9 for direction, UAX 14 for where a line may end, each sign
 * in the first face that has it.
 * @param faces in the order they are asked
 * @param width the most a line may take; undefined is a single line
 */
export function setText(text: string, faces: Chain, measure: Measure, width?: number): SetLine[] {
  return text.split('\n').flatMap((paragraph) => {
    const signs = signsOf(paragraph, faces)
    const lines = width === undefined ? [signs] : broken(paragraph, signs, measure, width)
    return lines.map((line) => setLine(line, measure))
  })
}

/**
 * The beginning of a line with a mark that more follows, so that it takes no more than a width. Each sign is measured
 * once, by itself; beside each other they may join and take a little less or more, which is looked at where it is cut.
 */
export function shortened(text: string, faces: Chain, measure: Measure, width: number): SetLine {
  const [first = ''] = text.split('\n', 1)
  const signs = signsOf(first, faces)
  const whole = setLine(signs, measure)
  if (first.length === text.length && whole.width <= width) return whole
  const mark = signsOf('…', faces)
  const cut = (kept: number): SetLine => setLine([...trimmed(signs.slice(0, kept)), ...mark], measure)
  let room = width - widthOf(mark, measure)
  let kept = 0
  for (; kept < signs.length && room >= 0; kept += 1) room -= widthOf(signs.slice(kept, kept + 1), measure)
  kept = Math.min(signs.length, kept + SIGNS_CLOSER)
  for (; kept > 0; kept -= 1) {
    const line = cut(kept)
    if (line.width <= width) return line
  }
  return cut(0)
}
/** Signs beside each other may take less room than apart: so many more are tried. */
const SIGNS_CLOSER = 2

/**
 * A name set apart from the words around it, so that one from right to left does not turn them round.
 * A name from left to right comes back as it is.
 */
export const isolated = (name: string): string => (STRONG_RTL.test(name) ? `\u2068${name}\u2069` : name)

function signsOf(paragraph: string, faces: Chain): Sign[] {
  const levels = TURNS.test(paragraph) ? bidi.getEmbeddingLevels(paragraph, 'ltr').levels : undefined
  return [...graphemes.segment(paragraph)].flatMap(({ segment, index }) =>
    facedIn(segment, faces).map(({ text, face }) => ({
      text,
      face,
      start: index,
      level: levels?.[index] ?? 0,
    })),
  )
}

type Faced = Pick<Sign, 'text' | 'face'>
/** In which face each sign of a chain is shown: a page has few signs, and many of each. */
const faced = new WeakMap<Chain, Map<string, readonly Faced[]>>()

/** What is seen as one sign, in the first face that has it whole; else in parts. */
function facedIn(segment: string, faces: Chain): readonly Faced[] {
  const kept = faced.get(faces) ?? new Map<string, readonly Faced[]>()
  faced.set(faces, kept)
  const known = kept.get(segment)
  if (known) return known
  const sign = (part: string, face: Face): Faced[] => {
    const text = shownIn(part, face)
    return text === '' ? [] : [{ text, face }]
  }
  const whole = faceWith(segment, faces)
  const signs = whole
    ? sign(segment, whole)
    : [...segment].flatMap((character) => {
        const face = faceWith(character, faces)
        return face ? sign(character, face) : sign(UNKNOWN, faceWith(UNKNOWN, faces) ?? faces[0])
      })
  kept.set(segment, signs)
  return signs
}

const faceWith = (signs: string, faces: Chain): Face | undefined =>
  faces.find((face) =>
    [...signs].every((character) => !isSeen(character) || face.has(codePointOf(character))),
  )

/** A face shapes with joiners and selectors where it knows them; direction marks and controls are never drawn. */
const shownIn = (signs: string, face: Face): string =>
  [...signs]
    .map((character) => (/[\t\u00a0\u2000-\u200a\u202f]/u.test(character) ? ' ' : character))
    .filter(
      (character) =>
        isSeen(character) ||
        character === ' ' ||
        (/[\u200c\u200d\ufe0e\ufe0f]/u.test(character) && face.has(codePointOf(character))),
    )
    .join('')

/** Lines by the first that fits; a word wider than a line is broken between signs. */
function broken(paragraph: string, signs: readonly Sign[], measure: Measure, width: number): Sign[][] {
  const lines: Sign[][] = []
  let line: Sign[] = []
  let taken = 0
  const end = (): void => {
    if (line.length > 0) lines.push(line)
    line = []
    taken = 0
  }
  const put = (word: readonly Sign[]): void => {
    if (taken + widthOf(trimmed(word), measure) > width) end()
    line.push(...word)
    taken += widthOf(word, measure)
  }
  for (const word of wordsOf(paragraph, signs)) {
    if (widthOf(trimmed(word), measure) <= width) put(word)
    else {
      end()
      for (const sign of word) put([sign])
    }
  }
  end()
  return lines.length > 0 ? lines.map(trimmed) : [[]]
}

function wordsOf(paragraph: string, signs: readonly Sign[]): Sign[][] {
  const breaker = new LineBreaker(paragraph)
  const words: Sign[][] = []
  let from = 0
  for (let next = breaker.nextBreak(); next; next = breaker.nextBreak()) {
    const { position } = next
    let to = from
    while (to < signs.length && (signs[to]?.start ?? 0) < position) to += 1
    if (to > from) words.push(signs.slice(from, to))
    from = to
  }
  return words
}

const trimmed = (line: readonly Sign[]): Sign[] =>
  line.slice(0, line.findLastIndex(({ text }) => text !== ' ') + 1)

/** Neighbours of one face and one level, in reading order. */
function runsOf(line: readonly Sign[]): (Run & { readonly level: number })[] {
  const runs: { face: Face; level: number; signs: string[] }[] = []
  for (const { text, face, level } of line) {
    const last = runs.at(-1)
    const shown = level % 2 === 1 ? (bidi.getMirroredCharacter(text) ?? text) : text
    if (last?.face === face && last.level === level) last.signs.push(shown)
    else runs.push({ face, level, signs: [shown] })
  }
  return runs.map(({ face, level, signs }) => {
    const rtl = level % 2 === 1
    // The shaper turns round what it knows to run from right to left; signs without a direction are turned here.
    const turned = rtl && !signs.some((sign) => STRONG_RTL.test(sign))
    return { face, rtl: rtl && !turned, level, text: (turned ? signs.toReversed() : signs).join('') }
  })
}

const widthOf = (line: readonly Sign[], measure: Measure): number =>
  runsOf(line).reduce((sum, run) => sum + measure(run), 0)

/** Runs in the order they stand: from the deepest nesting out, each stretch is turned round (UAX 9, L2). */
function setLine(line: readonly Sign[], measure: Measure): SetLine {
  let runs = runsOf(trimmed(line))
  const deepest = Math.max(0, ...runs.map(({ level }) => level))
  for (let level = deepest; level > 0; level -= 1) {
    const turned: typeof runs = []
    let stretch: typeof runs = []
    for (const run of runs)
      if (run.level >= level) stretch = [run, ...stretch]
      else {
        turned.push(...stretch, run)
        stretch = []
      }
    runs = [...turned, ...stretch]
  }
  return {
    runs: runs.map(({ face, text, rtl }) => ({ face, text, rtl })),
    width: runs.reduce((sum, run) => sum + measure(run), 0),
  }
}
