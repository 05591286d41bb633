import { formatQuantity, none, ok, type Reading, type StockUnit } from '../units'
import type { Material } from './records'

/** What an amount may be told in: the stock units, and the measures of the bench. */
export type Measure = StockUnit | 'pack' | 'handful'

/** A loose handful, ml. From memory. */
export const HANDFUL_ML = 60

type Weighed = Pick<
  Material,
  | 'name'
  | 'unit'
  | 'of'
  | 'densityGPerMl'
  | 'bulkGPerMl'
  | 'pieceG'
  | 'metreG'
  | 'squareMetreG'
  | 'packQuantity'
>

const isPoured = ({ of }: Weighed): boolean => of.stuff === 'liquid' || of.stuff === 'mixture'

/** Grams to one of a unit; or which property would tell. */
function gramsPer(material: Weighed, unit: StockUnit): Reading<number> {
  const known = (value: number | undefined, property: string): Reading<number> =>
    value === undefined
      ? none(`“${material.name}” has no ${property}: set it on the material first.`)
      : ok(value)
  switch (unit) {
    case 'g':
      return ok(1)
    case 'ml':
      return isPoured(material)
        ? known(material.densityGPerMl, 'density')
        : known(material.bulkGPerMl, 'bulk density (of the loose heap)')
    case 'piece':
      return known(material.pieceG, 'weight of a piece')
    case 'mm':
      return known(material.metreG === undefined ? undefined : material.metreG / 1000, 'weight of a metre')
    case 'cm2':
      return known(
        material.squareMetreG === undefined ? undefined : material.squareMetreG / 10_000,
        'weight of a square metre',
      )
  }
}

/**
 * Converts an amount of a material between units through what is known of it: density for what is poured,
 * bulk density for a heap, the weight of a piece, the pack. Nothing is taken one to one across units: what
 * can't be converted is refused with the property that is missing.
 */
export function convertQuantity(
  material: Weighed,
  quantity: number,
  from: Measure,
  to: Measure,
): Reading<number> {
  if (from === to) return ok(quantity)
  if (from === 'pack' || to === 'pack') {
    const { packQuantity, unit } = material
    if (packQuantity === undefined)
      return none(`“${material.name}” has no pack: set its size on the material first.`)
    return from === 'pack'
      ? convertQuantity(material, quantity * packQuantity, unit, to)
      : mapped(convertQuantity(material, quantity, from, unit), (inUnit) => inUnit / packQuantity)
  }
  if (from === 'handful') return convertQuantity(material, quantity * HANDFUL_ML, 'ml', to)
  if (to === 'handful')
    return mapped(convertQuantity(material, quantity, from, 'ml'), (ml) => ml / HANDFUL_ML)
  const grams = gramsPer(material, from)
  if (grams.kind === 'none') return grams
  return mapped(gramsPer(material, to), (per) => (quantity * grams.value) / per)
}

const mapped = (read: Reading<number>, to: (value: number) => number): Reading<number> =>
  read.kind === 'ok' ? ok(to(read.value)) : read

/** How many of the material's unit one gram on the scale is; or which property is missing. */
export const unitsPerGram = (material: Weighed): Reading<number> =>
  convertQuantity(material, 1, 'g', material.unit)

/** The volume that a shelf amount takes up, for reading: "340 ml"; empty where it can't be told, or is told already. */
export function volumeWords(material: Weighed, quantity: number): string {
  if (material.unit !== 'g') return ''
  const ml = convertQuantity(material, quantity, 'g', 'ml')
  return ml.kind === 'ok' ? formatQuantity(ml.value, 'ml') : ''
}
