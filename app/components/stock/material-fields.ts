import {
  foamForms,
  goodsKinds,
  liquids,
  padKinds,
  powders,
  sheetKinds,
  twigKinds,
  woolKinds,
  type Stuff,
  type StuffName,
} from '~~/core/stock'
import { readWire } from '~~/core/armature'
import { plainNumber, readNumber, type Reading, type StockUnit } from '~~/core/units'

/** A field of a stuff, or a measure that all materials may have. With choices it is picked, else typed as a number. */
export interface MaterialField {
  readonly name: string
  readonly label: string
  readonly choices?: readonly string[]
  readonly needed?: boolean
  /** Read in another way than as a number above zero. */
  readonly read?: (typed: string) => Reading<number>
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
  foam: [pick('form', 'Form', foamForms), number('grainMm', 'Grain, mm', true)],
  fibre: [number('lengthMm', 'Fibre length, mm', true), number('dtex', 'Linear density, dtex', true)],
  wool: [pick('wool', 'Kind', woolKinds)],
  wire: [{ ...number('diameterMm', 'Diameter: mm, AWG or SWG', true), read: readWire }],
  pad: [
    pick('pad', 'Kind', padKinds),
    number('thicknessMm', 'Thickness, mm', true),
    number('widthMm', 'Width, mm'),
    number('heightMm', 'Height, mm'),
  ],
  dowel: [number('diameterMm', 'Diameter, mm', true), number('rodMm', 'Length of a rod, mm')],
  rope: [number('diameterMm', 'Diameter, mm', true)],
  liquid: [pick('liquid', 'Kind', liquids)],
  mixture: [],
  twig: [pick('twig', 'Kind', twigKinds), ...heights],
  sheet: [
    pick('sheet', 'Kind', sheetKinds),
    number('widthMm', 'Width, mm'),
    number('heightMm', 'Height, mm'),
  ],
  powder: [pick('powder', 'Kind', powders), number('grainMm', 'Grain, mm')],
  goods: [pick('goods', 'Kind', goodsKinds), ...heights],
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
      return { stuff, pad: 'fibre', thicknessMm: 12, colour }
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
    case 'rope':
      return { stuff, diameterMm: 8, colour }
    case 'powder':
      return { stuff, powder: 'other', colour }
    case 'wool':
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
  if (field.read) {
    const own = field.read(typed)
    if (own.kind === 'none') throw new RangeError(`${field.label}: ${own.because}`)
    return own.value
  }
  const read = readNumber(typed)
  if (read === undefined || read <= 0)
    throw new RangeError(`${field.label}: read “${typed}”; allowed is a number above zero.`)
  return read
}
