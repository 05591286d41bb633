import {
  moneyField,
  numberField,
  readCsv,
  textField,
  wordField,
  writeCsv,
  writeMoney,
  writeNumber,
  type Column,
} from '../../csv'
import {
  finishes,
  materialSchema,
  MOST_QUANTITY,
  onFoamWords,
  stuffSchema,
  type Material,
  type Stuff,
} from '../../stock'
import { none, ok, stockUnits, type Reading } from '../../units'
import { withChange } from '../merge'
import { Beside, type RowsIn } from './beside'

/** The field of each stuff that says which kind of it, and the one that it is measured by. */
const fieldsOf: Record<Stuff['stuff'], { readonly kind?: string; readonly size?: string }> = {
  foam: { kind: 'form', size: 'grainMm' },
  fibre: { size: 'lengthMm' },
  wool: { kind: 'wool' },
  wire: { size: 'diameterMm' },
  pad: { kind: 'pad', size: 'thicknessMm' },
  dowel: { size: 'diameterMm' },
  liquid: { kind: 'liquid' },
  mixture: {},
  rope: { size: 'diameterMm' },
  twig: { kind: 'twig' },
  sheet: { kind: 'sheet' },
  powder: { kind: 'powder', size: 'grainMm' },
  goods: { kind: 'goods' },
  other: {},
}
const stuffs = Object.keys(fieldsOf) as readonly Stuff['stuff'][]

/** A property of a stuff as text; empty where it has none of that name. */
function property({ of }: Material, name: string | undefined): string {
  const value = name === undefined ? undefined : (of as Record<string, unknown>)[name]
  return typeof value === 'number' ? writeNumber(value) : typeof value === 'string' ? value : ''
}
const measure = numberField(0.0001, 30_000)

/** The columns of a table of materials. */
export const materialColumns: readonly Column<Material>[] = [
  { name: 'id', read: textField(64), write: ({ id }) => id },
  { name: 'name', needed: true, read: textField(120), write: ({ name }) => name },
  { name: 'unit', needed: true, read: wordField(stockUnits), write: ({ unit }) => unit },
  { name: 'stuff', needed: true, read: wordField(stuffs), write: ({ of }) => of.stuff },
  { name: 'kind', read: textField(40), write: (row) => property(row, fieldsOf[row.of.stuff].kind) },
  { name: 'size mm', read: measure, write: (row) => property(row, fieldsOf[row.of.stuff].size) },
  { name: 'dtex', read: measure, write: (row) => property(row, 'dtex') },
  { name: 'width mm', read: measure, write: (row) => property(row, 'widthMm') },
  { name: 'height mm', read: measure, write: (row) => property(row, 'heightMm') },
  { name: 'from mm', read: measure, write: (row) => property(row, 'fromMm') },
  { name: 'to mm', read: measure, write: (row) => property(row, 'toMm') },
  { name: 'rod mm', read: measure, write: (row) => property(row, 'rodMm') },
  { name: 'colour', read: textField(7), write: (row) => property(row, 'colour') },
  { name: 'open s', read: measure, write: (row) => property(row, 'openSec') },
  { name: 'sets min', read: measure, write: (row) => property(row, 'setsMin') },
  { name: 'finish', read: wordField(finishes), write: (row) => property(row, 'finish') },
  { name: 'on foam', read: wordField(onFoamWords), write: (row) => property(row, 'onFoam') },
  { name: 'family', read: textField(60), write: ({ family = '' }) => family },
  { name: 'density', read: measure, write: ({ densityGPerMl }) => writeNumber(densityGPerMl) },
  { name: 'bulk density', read: measure, write: ({ bulkGPerMl }) => writeNumber(bulkGPerMl) },
  {
    name: 'pack',
    read: numberField(0.001, MOST_QUANTITY),
    write: ({ packQuantity }) => writeNumber(packQuantity),
  },
  { name: 'pack price', read: moneyField, write: ({ packPriceMinor }) => writeMoney(packPriceMinor) },
  { name: 'keeps days', read: numberField(1, 3650, true), write: ({ keepsDays }) => writeNumber(keepsDays) },
  { name: 'note', read: textField(2000), write: ({ note = '' }) => note },
]

export const writeMaterials = (materials: readonly Material[]): string => writeCsv(materials, materialColumns)

/** The stuff of a row, with what the file does not say left as it was. */
function stuffOf(values: Readonly<Record<string, unknown>>, was: Stuff | undefined): Reading<Stuff> {
  const stuff = values.stuff as Stuff['stuff']
  if (stuff === 'mixture')
    return was?.stuff === 'mixture'
      ? ok(was)
      : none('a mixture can’t be made by a file: make it here, where its parts are said.')
  const { kind, size } = fieldsOf[stuff]
  const details: [string | undefined, unknown][] = [
    [kind, values.kind],
    [size, values['size mm']],
    ['dtex', values.dtex],
    ['widthMm', values['width mm']],
    ['heightMm', values['height mm']],
    ['fromMm', values['from mm']],
    ['toMm', values['to mm']],
    ['rodMm', values['rod mm']],
    ['colour', values.colour],
    ['openSec', values['open s']],
    ['setsMin', values['sets min']],
    ['finish', values.finish],
    ['onFoam', values['on foam']],
  ]
  const kept = was?.stuff === stuff ? was : { stuff }
  const fields = details.filter(([name, value]) => name !== undefined && value !== undefined)
  const checked = stuffSchema.safeParse({ ...kept, ...Object.fromEntries(fields) })
  return checked.success
    ? ok(checked.data)
    : none(
        checked.error.issues
          .map(({ path, message, code }) =>
            code === 'unrecognized_keys' ? `${stuff}: ${message}` : `${path.join('.')}: ${message}`,
          )
          .join('; '),
      )
}

/**
 * Reads a table of materials beside those that are there: a row with an id is that material, else one of the same name
 * and unit; else it is new. An empty field leaves what is known.
 * @param hasLots materials whose unit stays, as lots are counted in it
 */
export function readMaterials(
  text: string,
  known: readonly Material[],
  hasLots: ReadonlySet<string>,
  now: string,
  newId: () => string,
): Reading<RowsIn<Material>> {
  const reading = readCsv(text, materialColumns)
  if (reading.kind === 'none') return reading
  const bad = new Set(reading.value.faults.map(({ line }) => line))
  const rows = new Beside<Material>(materialSchema, [...reading.value.faults])
  const byId = new Map(known.map((row) => [row.id, row]))
  const byName = new Map(known.map((row) => [`${row.name.toLowerCase()} ${row.unit}`, row]))
  const seen = new Map<string, number>()
  for (const { line, values } of reading.value.rows) {
    if (bad.has(line)) continue
    const name = String(values.name)
    const key = `${name.toLowerCase()} ${String(values.unit)}`
    const was = byId.get(String(values.id ?? '')) ?? byName.get(key)
    const before = seen.get(was?.id ?? key)
    seen.set(was?.id ?? key, line)
    if (before !== undefined) {
      rows.fault(line, `“${name}” stands on line ${before} already.`, 'name')
      continue
    }
    if (was && was.unit !== values.unit && hasLots.has(was.id)) {
      const read = String(values.unit)
      rows.fault(
        line,
        `read “${read}”; its lots are counted in ${was.unit}, and that can’t change any more.`,
        'unit',
      )
      continue
    }
    const of = stuffOf(values, was?.of)
    if (of.kind === 'none') {
      rows.fault(line, of.because, 'stuff')
      continue
    }
    const details = {
      name,
      unit: values.unit,
      of: of.value,
      family: values.family ?? was?.family,
      densityGPerMl: values.density ?? was?.densityGPerMl,
      bulkGPerMl: values['bulk density'] ?? was?.bulkGPerMl,
      packQuantity: values.pack ?? was?.packQuantity,
      packPriceMinor: values['pack price'] ?? was?.packPriceMinor,
      keepsDays: values['keeps days'] ?? was?.keepsDays,
      note: values.note ?? was?.note,
    }
    const fields = Object.fromEntries(Object.entries(details).filter(([, value]) => value !== undefined))
    const draft = was
      ? withChange(was, fields as Partial<Material>, now)
      : { ...fields, id: newId(), changedAt: now }
    rows.put(line, draft, was)
  }
  return ok(rows.all(reading.value.ignored))
}
