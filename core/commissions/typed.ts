import {
  readLatitude,
  formatQuantity,
  formatRealLength,
  ok,
  parseQuantity,
  readBounded,
  readBoundedLength,
  withinBounds,
  type NumberField,
  type Reading,
  type UnitSystem,
} from '../units'
import {
  areaCm2Schema,
  commissionSchema,
  hedgeMmSchema,
  keepOutSchema,
  lineSchema,
  piecesSchema,
  stripMmSchema,
  type Amount,
} from './records'

/** Fields of commissions and lines as they are typed; what they allow stands in their schemas. */

const mm = (value: number): string => formatQuantity(value, 'mm')
const commission = commissionSchema.shape
const line = lineSchema.shape

export const commissionFields = {
  latitudeDeg: { name: 'Latitude', schema: commission.latitudeDeg, unit: '°', read: readLatitude },
  altitudeM: { name: 'Altitude', schema: commission.altitudeM, unit: 'm' },
  stature: { name: 'Stature', schema: commission.stature, unit: '%', per: 100 },
  viewingMm: { name: 'Viewing distance', schema: commission.viewingMm, show: mm },
  boardWidthMm: { name: 'Board width', schema: commission.boardWidthMm, show: mm },
  boardDepthMm: { name: 'Board depth', schema: commission.boardDepthMm, show: mm },
  depthFactor: { name: 'Depth', schema: commission.depthFactor, unit: '×' },
  springDays: { name: 'Spring', schema: commission.springDays, unit: 'days' },
  autumnDays: { name: 'Autumn', schema: commission.autumnDays, unit: 'days' },
} satisfies Partial<Record<keyof typeof commission, NumberField>>

export const keepOutFields = {
  widthMm: { name: 'Width', schema: keepOutSchema.shape.widthMm, show: mm },
  overhangMm: { name: 'Crowns over it', schema: keepOutSchema.shape.overhangMm, show: mm },
} satisfies Record<string, NumberField>

export const lineFields = {
  stature: { name: 'Stature', schema: line.stature, unit: '%', per: 100 },
  seeThrough: { name: 'See-through', schema: line.seeThrough, unit: '%', per: 100 },
  wind: { name: 'Wind', schema: line.wind, unit: '%', per: 100 },
  leanDeg: { name: 'Lean', schema: line.leanDeg, unit: '°' },
} satisfies Partial<Record<keyof typeof line, NumberField>>

const real = { heightM: 'Height', crownWidthM: 'Crown' } as const

/**
 * Reads an overwritten measure of the real plant.
 * @returns metres; undefined where nothing is typed: as the species proposes
 */
export function readRealMeasure(
  measure: keyof typeof real,
  typed: string,
  system: UnitSystem,
): Reading<number | undefined> {
  if (typed.trim() === '') return ok(undefined)
  const field: NumberField = {
    name: real[measure],
    schema: line[measure],
    show: (metres) => (system === 'imperial' ? formatRealLength(metres * 1000, system) : mm(metres * 1000)),
  }
  return readBoundedLength(field, typed, system === 'imperial' ? 'ft' : 'm', 1000)
}

const pieces: NumberField = { name: 'Pieces', schema: piecesSchema }
const length: NumberField = { name: 'Length', schema: hedgeMmSchema, show: mm }
const stripSide: NumberField = { name: 'Side', schema: stripMmSchema, show: mm }
const area: NumberField = {
  name: 'Area',
  schema: areaCm2Schema,
  show: (cm2) => formatQuantity(cm2, 'cm2'),
}

export const readPieces = (typed: string, name = pieces.name): Reading<number> =>
  readBounded({ ...pieces, name }, typed)

/** Reads an area as a strip: "1.4 m × 60 mm"; undefined where it is none. */
function readStrip(typed: string, system: UnitSystem): Reading<Amount> | undefined {
  const sides = typed.split(/\s*(?:×|\bby\b|(?<=[\d\s"'m])x(?=[\d\s.]))\s*/iu)
  if (sides.length !== 2) return undefined
  const [one, other] = sides.map((side) =>
    readBoundedLength(stripSide, side, system === 'imperial' ? 'in' : 'mm'),
  )
  if (one?.kind !== 'ok') return one
  if (other?.kind !== 'ok') return other
  const strip = { lengthMm: Math.max(one.value, other.value), widthMm: Math.min(one.value, other.value) }
  const areaCm2 = (strip.lengthMm * strip.widthMm) / 100
  const within = withinBounds(area, areaCm2, typed)
  return within.kind === 'none' ? within : ok({ kind: 'area', areaCm2, strip })
}

/** Reads how much a line wants, in the kind of amount that it has already. */
export function readAmount(typed: string, now: Amount, system: UnitSystem): Reading<Amount> {
  const taken = <T>(reading: Reading<T>, amount: (value: T) => Amount): Reading<Amount> =>
    reading.kind === 'none' ? reading : ok(amount(reading.value))
  switch (now.kind) {
    case 'pieces':
      return taken(readPieces(typed), (value) => ({ kind: 'pieces', pieces: value }))
    case 'length':
      return taken(readBoundedLength(length, typed, system === 'imperial' ? 'in' : 'mm'), (lengthMm) => ({
        ...now,
        lengthMm,
      }))
    case 'area': {
      const strip = readStrip(typed, system)
      if (strip) return strip
      const reading = parseQuantity(typed, 'cm2')
      return taken(
        reading.kind === 'none' ? reading : withinBounds(area, reading.value, typed),
        (areaCm2) => ({ kind: 'area', areaCm2 }),
      )
    }
  }
}
