import { readSigned } from './reading'

const number = String.raw`\d+(?:[.,]\d+)?`
const pattern = new RegExp(
  String.raw`^([ns])?\s*([-−+])?\s*(${number})\s*°?\s*(?:(${number})\s*(?:'|′|’|min)?\s*(?:(${number})\s*(?:"|″|”|'')?\s*)?)?([ns])?$`,
  'i',
)

/**
 * A latitude in any usual writing, degrees north: "49,5N", "52 N", "44S", "49°30′N", "N 49 30", "+44", "−33.9°".
 * @returns degrees, south below 0; undefined where it is none
 */
export function readLatitude(text: string): number | undefined {
  const typed = text.trim()
  const read = pattern.exec(typed)
  if (!read) return readSigned(typed.replace(/°$/, ''))
  const [, before, sign, degrees, minutes, seconds, after] = read
  if ((before && after) || (sign && (before || after))) return undefined
  const parts = [degrees, minutes, seconds].map((part) => Number((part ?? '0').replace(',', '.')))
  const [deg = 0, min = 0, sec = 0] = parts
  // Minutes go with whole degrees, and stay below sixty.
  if (min >= 60 || sec >= 60 || (minutes !== undefined && !Number.isInteger(deg))) return undefined
  const south = (before ?? after ?? '').toLowerCase() === 's' || sign === '-' || sign === '−'
  const size = deg + min / 60 + sec / 3600
  return south && size > 0 ? -size : size
}
