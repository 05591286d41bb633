import {
  finishes,
  foamForms,
  goodsKinds,
  liquids,
  onFoamWords,
  padKinds,
  powders,
  sheetKinds,
  twigKinds,
  woolKinds,
  type Stuff,
  type StuffName,
} from '~~/core/stock'
import { readWire } from '~~/core/armature'
import { none, ok, plainNumber, readNumber, stockUnits, type Reading, type StockUnit } from '~~/core/units'
import type { Field } from '../../parts/fields/field'

/** A field of a stuff, or a measure that all materials may have. With choices it is picked, else typed as a number. */
export interface MaterialField {
  readonly name: string
  readonly label: string
  readonly choices?: readonly string[]
  readonly needed?: boolean
  /** The choice that says nothing. */
  readonly none?: string
  /** Read in another way than as a number above zero. */
  readonly read?: (typed: string) => Reading<number>
}

const number = (name: string, label: string, needed = false): MaterialField => ({ name, label, needed })
const pick = (name: string, label: string, choices: readonly string[]): MaterialField => ({
  name,
  label,
  choices,
})
/** Picked, or left as nothing. */
const maybe = (name: string, label: string, none: string, choices: readonly string[]): MaterialField => ({
  ...pick(name, label, [none, ...choices]),
  none,
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
  liquid: [
    pick('liquid', 'Kind', liquids),
    number('openSec', 'Label: can be worked on, s'),
    number('setsMin', 'Label: has set after, min'),
    maybe('finish', 'Finish', 'not said', finishes),
    maybe('onFoam', 'On bare foam', 'as its kind', onFoamWords),
  ],
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

/** All measures that some stuff in some unit can use. */
export const allMeasures: readonly string[] = [
  ...new Set(
    (Object.keys(stuffFields) as StuffName[]).flatMap((stuff) =>
      stockUnits.flatMap((unit) => commonMeasures(stuff, unit).map(({ name }) => name)),
    ),
  ),
]

/** What is typed of a property of a stuff. @param of the record that it begins with */
export function measureField(of: MaterialField, record: object): Field<number | string | undefined> {
  const was: unknown = (record as Record<string, unknown>)[of.name]
  const start = typeof was === 'number' ? plainNumber(was, 4) : typeof was === 'string' ? was : ''
  const { label, choices } = of
  if (choices)
    return {
      label,
      kind: 'choice',
      choices: choices.map((value) => ({ value, words: value.replaceAll('-', ' ') })),
      start: start || (choices[0] ?? ''),
      read: (picked) => ok(picked === of.none ? undefined : picked),
    }
  const read = of.read ?? aboveZero
  return {
    label,
    kind: 'text',
    start,
    read: (typed) =>
      typed.trim() === '' ? (of.needed ? none('It is needed.') : ok(undefined)) : read(typed),
  }
}
function aboveZero(typed: string): Reading<number> {
  const read = readNumber(typed)
  return read === undefined || read <= 0 ? none(`Read “${typed}”; allowed is a number above zero.`) : ok(read)
}
