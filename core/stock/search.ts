import { difference2000, toLab } from '../colour'
import { daysBetween } from '../units'
import type { StockState } from './ledger'
import { sizeOf } from './substitutes'
import type { Material } from './records'
import { colourOf, stuffNames } from './stuffs'
import { stockValue } from './value'

/** What is looked for on the shelf. Nothing said of something: it does not matter. */
export interface ShelfQuery {
  /** Words that must all stand in its name, family, note, kind, or on its jars. */
  readonly words?: string
  /** A colour, #rrggbb, and how far from it, ΔE₀₀. */
  readonly near?: string
  readonly within?: number
  /** Grain, fibre length or thickness, mm, ends included. */
  readonly fromMm?: number
  readonly toMm?: number
  /** Its oldest jar with something in it is at least so many days old. */
  readonly olderDays?: number
}

/** A material as a row of the shelf: with what it is sorted and searched by. */
export interface ShelfRow {
  readonly state: StockState
  /** ΔE₀₀ from the colour that is looked for. */
  readonly off?: number
  readonly sizeMm?: number
  /** Age of its oldest jar with something in it, days. */
  readonly days?: number
  /** What is left of it, hundredths. */
  readonly worthMinor: number
}

/** As far as colours are still called near, where nothing else was said: one of the family. From memory. */
export const NEAR = 10

/** Without marks and capitals. Most text has no marks to be taken off. */
const plain = (text: string): string =>
  (/\P{ASCII}/u.test(text) ? text.normalize('NFD').replace(/\p{Diacritic}/gu, '') : text).toLowerCase()

/**
 * The rows of the shelf that fit a query, in their order; the nearest colour first where one is looked for.
 * @param today ISO
 * @param placeOf where a lot stands, in words; its words are found too
 */
export function searchShelf(
  states: readonly StockState[],
  query: ShelfQuery,
  today: string,
  placeOf: (lotId: string) => string = () => '',
): ShelfRow[] {
  const words = plain(query.words ?? '')
    .split(/\s+/)
    .filter(Boolean)
  const near = query.near === undefined ? undefined : toLab(query.near)
  const rows = states.flatMap((state): ShelfRow[] => {
    const { material, lots } = state
    if (words.length > 0) {
      const text = plain(
        [
          material.name,
          material.family ?? '',
          material.note ?? '',
          stuffNames[material.of.stuff],
          ...lots.flatMap(({ lot }) => [lot.label, lot.place ?? '', placeOf(lot.id)]),
        ].join(' '),
      )
      if (!words.every((word) => text.includes(word))) return []
    }
    const colour = colourOf(material.of)
    const off = near && colour !== undefined ? difference2000(near, toLab(colour)) : undefined
    if (near && (off === undefined || off > (query.within ?? NEAR))) return []
    const sizeMm = sizeOf(material.of)
    if (
      (query.fromMm !== undefined && !(sizeMm !== undefined && sizeMm >= query.fromMm)) ||
      (query.toMm !== undefined && !(sizeMm !== undefined && sizeMm <= query.toMm))
    )
      return []
    const oldest = lots
      .filter(({ onHand }) => onHand > 0)
      .map(({ lot }) => lot.date)
      .sort()[0]
    const days = oldest === undefined ? undefined : Math.max(0, daysBetween(oldest, today))
    if (query.olderDays !== undefined && !(days !== undefined && days >= query.olderDays)) return []
    return [
      {
        state,
        ...(off === undefined ? {} : { off }),
        ...(sizeMm === undefined ? {} : { sizeMm }),
        ...(days === undefined ? {} : { days }),
        worthMinor: stockValue([state]).minor,
      },
    ]
  })
  return near ? rows.sort((a, b) => (a.off ?? 0) - (b.off ?? 0)) : rows
}

/**
 * Where a material's colour stands round the wheel of hues, degrees; greys, which have none, by lightness before it;
 * undefined where it has no colour.
 */
export function hueTurn({ of }: Material): number | undefined {
  const colour = colourOf(of)
  if (colour === undefined) return undefined
  const [lightness, a, b] = toLab(colour)
  const GREY = 6
  return Math.hypot(a, b) < GREY ? lightness - 300 : (Math.atan2(b, a) * 180) / Math.PI
}
