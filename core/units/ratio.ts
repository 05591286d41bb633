import { MM_PER_FOOT, MM_PER_INCH } from './constants'
import { parseLength } from './length'
import { ambiguityOf, none, ok, plainNumber, readNumber, requireRange, type Reading } from './reading'

/** A standard ratio on the ladder. `ratio` is the real length of one model unit: 87.1 means 1:87.1. */
export interface StandardScale {
  readonly name: string
  readonly ratio: number
  /** Other names that makers type for it, in small letters. */
  readonly aliases: readonly string[]
  readonly source: string
}

/**
 * Source: NMRA S-1.x and NEM 010 for the railway scales; British mm-to-the-foot scales; common practice for
 * gaming and military scales.
 */
export const standardScales: readonly StandardScale[] = [
  { name: 'Z', aliases: ['nem z'], ratio: 220, source: 'NEM 010' },
  { name: 'N', aliases: [], ratio: 160, source: 'NEM 010' },
  { name: 'N, 2 mm', aliases: ['n british'], ratio: 148, source: 'British 2 1/16 mm to the foot' },
  { name: 'TT', aliases: [], ratio: 120, source: 'NMRA S-1.2, NEM 010' },
  { name: '3 mm', aliases: ['3 mm'], ratio: 101.6, source: '3 mm to the foot' },
  { name: 'HO', aliases: ['h0', '3.5 mm'], ratio: 87.1, source: 'NMRA S-1.2: 3.5 mm to the foot' },
  { name: 'OO', aliases: ['00', '4 mm'], ratio: 76.2, source: '4 mm to the foot' },
  { name: 'Military, small', aliases: [], ratio: 72, source: 'common practice' },
  { name: 'S', aliases: [], ratio: 64, source: 'NMRA S-1.2: 3/16 in to the foot' },
  {
    name: 'Gaming, 28 mm figures',
    aliases: ['28 mm', '28 mm figures', 'gaming'],
    ratio: 56,
    source: 'common practice',
  },
  { name: 'O, quarter inch', aliases: ['o'], ratio: 48, source: 'NMRA S-1.2: 1/4 in to the foot' },
  { name: 'O, continental', aliases: ['o continental'], ratio: 45, source: 'NEM 010' },
  { name: 'O, 7 mm', aliases: ['7 mm'], ratio: 43.5, source: '7 mm to the foot' },
  { name: 'Military, large', aliases: [], ratio: 35, source: 'common practice' },
  { name: '1 gauge', aliases: ['gauge 1'], ratio: 32, source: 'NEM 010' },
  { name: 'G', aliases: [], ratio: 22.5, source: 'NEM 010' },
]

const MIN_RATIO = 1
const MAX_RATIO = 2000

/**
 * Reads a scale as makers write it: "1:87.1", "1/87", "87.1", "4mm/ft", "3.5 mm to the foot", "1/4in", "1/4\"
 * = 1'", "HO". Inches without a real length mean inches to the foot.
 * @returns the ratio's second number, from 1 to 2000; or why not
 */
export function parseRatio(text: string): Reading<number> {
  const typed = text.trim().toLowerCase()
  const ambiguous = ambiguityOf(typed)
  if (ambiguous !== undefined) return none(ambiguous)
  const ratio = scaleNamed(typed)?.ratio ?? readRatio(typed)
  if (ratio === undefined || !Number.isFinite(ratio))
    return none(`“${text.trim()}” is not a scale. Allowed: 1:87.1, HO, 4mm/ft or 1/4in (to the foot).`)
  if (ratio < MIN_RATIO || ratio > MAX_RATIO)
    return none(
      `“${text.trim()}” reads as 1:${plainNumber(ratio, 2)}. Allowed: 1:${MIN_RATIO} to 1:${MAX_RATIO}.`,
    )
  return ok(ratio)
}

/** The standard scale that goes by a name: "HO", "O", "28 mm". The bare letter O is the quarter inch of NMRA S-1.2. */
function scaleNamed(typed: string): StandardScale | undefined {
  const plain = (name: string): string =>
    name
      .toLowerCase()
      .replace(/\s*scale$/, '')
      .replace(/[\s,]+/g, '')
  const wanted = plain(typed)
  return standardScales.find(({ name, aliases }) => [name, ...aliases].some((own) => plain(own) === wanted))
}

/** Two lengths, each with its unit: "4mm:1ft", "1 in = 8 ft", "1cm=1m". */
function readPair(typed: string): number | undefined {
  const [, model, real] = /^(.*[a-z"″”'′’])\s*(?::|=|\/|to\b)\s*(.*\d.*[a-z"″”'′’])$/.exec(typed) ?? []
  if (model === undefined || real === undefined) return undefined
  const [small, large] = [parseLength(model), parseLength(real)]
  return small.kind === 'ok' && large.kind === 'ok' ? large.value / small.value : undefined
}

function readRatio(typed: string): number | undefined {
  const pair = readPair(typed)
  if (pair !== undefined) return pair
  const perFoot =
    /^(.+?)\s*(mm|in|inch|inches|"|″|”)\s*(?:(?:\/|=|to|per)?\s*(?:the\s+)?(?:1\s*)?(?:ft|foot|'|′|’))?$/.exec(
      typed,
    )
  if (perFoot) {
    const length = readNumber(perFoot[1] ?? '')
    if (length === undefined || length === 0) return undefined
    const isMm = perFoot[2] === 'mm'
    if (isMm && !/ft|foot|'|′|’/.test(typed)) return undefined
    return MM_PER_FOOT / (length * (isMm ? 1 : MM_PER_INCH))
  }
  const plain = /^1\s*[:/]\s*([\d.,]+)$/.exec(typed)
  return readNumber(plain ? (plain[1] ?? '') : typed)
}

/** A ratio for reading, to two decimals: "1:87.1". */
export const formatRatio = (ratio: number): string => `1:${plainNumber(ratio, 2)}`

/**
 * Model length of a real length. Source: arithmetic; 60 ft at 1:48 is 15.0 in (common practice).
 * @param realMm real length in mm
 * @param ratio 87.1 for 1:87.1
 * @throws RangeError when the ratio is not above 0
 */
export function toModelMm(realMm: number, ratio: number): number {
  requireRange('ratio', ratio, '', { above: 0 })
  return realMm / ratio
}

/** Real length of a model length, both in mm; the inverse of {@link toModelMm}. */
export function toRealMm(modelMm: number, ratio: number): number {
  requireRange('ratio', ratio, '', { above: 0 })
  return modelMm * ratio
}

/** The standard scale with this ratio (to within half a percent), if there is one. */
export function standardScaleOf(ratio: number): StandardScale | undefined {
  return standardScales.find((scale) => Math.abs(scale.ratio - ratio) / scale.ratio < 0.005)
}
