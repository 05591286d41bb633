import { liquids, type Stuff, type StuffName } from '~~/core/stock'
import { plainNumber, readNumber, type StockUnit } from '~~/core/units'

/** A field of a stuff, or a measure that all materials may have. With choices it is picked, else typed as a number. */
export interface MaterialField {
  readonly name: string
  readonly label: string
  readonly choices?: readonly string[]
  readonly needed?: boolean
}

const number = (name: string, label: string, needed = false): MaterialField => ({ name, label, needed })
const pick = (name: string, label: string, choices: readonly string[]): MaterialField => ({
  name,
  label,
  choices,
})
const heights = [number('fromMm', 'Serves from, mm'), number('toMm', 'to, mm')]

/** The properties of each stuff that a maker can set. */
export const stuffFields: Record<StuffName, readonly MaterialField[]> = {
  foam: [pick('form', 'Form', ['ground', 'clump']), number('grainMm', 'Grain, mm', true)],
  fibre: [number('lengthMm', 'Fibre length, mm', true), number('dtex', 'Linear density, dtex', true)],
  wool: [],
  wire: [number('diameterMm', 'Diameter, mm', true)],
  pad: [number('thicknessMm', 'Thickness, mm', true)],
  dowel: [number('diameterMm', 'Diameter, mm', true)],
  liquid: [pick('liquid', 'Kind', liquids)],
  mixture: [],
  twig: [pick('twig', 'Kind', ['sprig', 'curved-sprig', 'twig', 'root', 'head', 'stem']), ...heights],
  sheet: [
    pick('sheet', 'Kind', ['release', 'cloth', 'mesh', 'mat', 'other']),
    number('widthMm', 'Width, mm'),
    number('heightMm', 'Height, mm'),
  ],
  powder: [number('grainMm', 'Grain, mm')],
  goods: [pick('goods', 'Kind', ['trunk', 'ready-tree', 'pin', 'other']), ...heights],
  other: [],
}

/** A stuff as it is before anything is said of it. */
export function blankStuff(stuff: StuffName): Stuff {
  const colour = undefined
  switch (stuff) {
    case 'foam':
      return { stuff, form: 'ground', grainMm: 0.5, colour }
    case 'fibre':
      return { stuff, lengthMm: 4, dtex: 22, colour }
    case 'wire':
      return { stuff, diameterMm: 0.5 }
    case 'pad':
      return { stuff, thicknessMm: 12, colour }
    case 'dowel':
      return { stuff, diameterMm: 6 }
    case 'liquid':
      return { stuff, liquid: 'pva', colour }
    case 'mixture':
      return { stuff, parts: [{ name: 'Water', parts: 1 }], colour }
    case 'twig':
      return { stuff, twig: 'sprig' }
    case 'sheet':
      return { stuff, sheet: 'other', colour }
    case 'goods':
      return { stuff, goods: 'other', colour }
    case 'wool':
    case 'powder':
    case 'other':
      return { stuff, colour }
  }
}

/** What turns one unit into another: the measures that a material of this stuff and unit can use. */
export function commonMeasures(stuff: StuffName, unit: StockUnit): MaterialField[] {
  const poured = stuff === 'liquid' || stuff === 'mixture'
  return [
    ...(poured || stuff === 'foam' || stuff === 'fibre' || stuff === 'powder'
      ? [number('densityGPerMl', poured ? 'Density, g/ml' : 'Density of a grain, g/ml')]
      : []),
    ...(poured ? [] : [number('bulkGPerMl', 'Density of the loose heap, g/ml')]),
    ...(unit === 'piece' ? [number('pieceG', 'Weight of a piece, g')] : []),
    ...(unit === 'mm' ? [number('metreG', 'Weight of a metre, g')] : []),
    ...(unit === 'cm2' ? [number('squareMetreG', 'Weight of a square metre, g')] : []),
  ]
}

/** Numbers and words of a record as a form shows them. */
export const textOf = (of: Record<string, unknown>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(of).flatMap(([name, value]) =>
      typeof value === 'number'
        ? [[name, plainNumber(value, 4)]]
        : typeof value === 'string'
          ? [[name, value]]
          : [],
    ),
  )

/** Reads a field. @throws RangeError that names it */
export function readMeasure(field: MaterialField, typed: string): number | string | undefined {
  if (field.choices) return typed || field.choices[0]
  if (typed.trim() === '') {
    if (field.needed) throw new RangeError(`${field.label}: it is needed.`)
    return undefined
  }
  const read = readNumber(typed)
  if (read === undefined || read <= 0)
    throw new RangeError(`${field.label}: read “${typed}”; allowed is a number above zero.`)
  return read
}
