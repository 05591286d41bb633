import { labToHex, toLab, type Lab } from '../../../core/colour'
import {
  ages,
  arrangements,
  barkMarks,
  crownForms,
  groupings,
  habits,
  leafHabits,
  type Species,
} from '../../../core/plants'
import { plainNumber, readSigned } from '../../../core/units'

/** A field of the species form: where it lies in the row, what it is called, and how it is read. */
export interface SpeciesField {
  readonly path: string
  readonly label: string
  readonly kind: 'text' | 'number' | 'percent' | 'day' | 'colour' | 'choice'
  readonly choices?: readonly string[]
  /** May stay empty. */
  readonly optional?: boolean
  readonly group: string
}

const number = (path: string, label: string, group: string): SpeciesField => ({
  path,
  label,
  kind: 'number',
  group,
})
const percent = (path: string, label: string, group: string, optional = false): SpeciesField => ({
  path,
  label,
  kind: 'percent',
  group,
  optional,
})
const choice = (path: string, label: string, choices: readonly string[], group: string): SpeciesField => ({
  path,
  label,
  kind: 'choice',
  choices,
  group,
})
const day = (path: string, label: string, optional = false): SpeciesField => ({
  path,
  label,
  kind: 'day',
  group: 'Dates at 50° N, 100 m (month-day)',
  optional,
})
const colour = (path: string, label: string, optional = false): SpeciesField => ({
  path,
  label,
  kind: 'colour',
  group: 'Colours',
  optional,
})

export const speciesFields: readonly SpeciesField[] = [
  { path: 'common', label: 'Common name', kind: 'text', group: 'Name' },
  { path: 'botanical', label: 'Botanical name', kind: 'text', group: 'Name' },
  { path: 'note', label: 'Note', kind: 'text', group: 'Name', optional: true },
  choice('habit', 'Habit', habits, 'Form'),
  number('dbhRatio', 'Stem ÷ height', 'Form'),
  percent('seeThrough', 'See-through, %', 'Form'),
  number('growth.lobes', 'Clumps', 'Form'),
  number('growth.droop', 'Droop, −1 to 1', 'Form'),
  ...ages.flatMap((age, i) => [
    number(`heightM.${i}`, `Height, ${age}, m`, 'Ages'),
    number(`crownRatio.${i}`, `Crown ÷ height, ${age}`, 'Ages'),
    choice(`crownForm.${i}`, `Crown, ${age}`, crownForms, 'Ages'),
    percent(`clearStem.${i}`, `Clear stem, ${age}, %`, 'Ages'),
    percent(`crownBase.${i}`, `Foliage hangs to, ${age}, %`, 'Ages', true),
    number(`stems.${i}`, `Stems, ${age}`, 'Ages'),
  ]),
  number('leafMm', 'Leaf, mm', 'Leaf and bark'),
  choice('arrangement', 'Leaves', arrangements, 'Leaf and bark'),
  choice('keeps', 'Over the year', leafHabits, 'Leaf and bark'),
  choice('bark.marks', 'Bark', barkMarks, 'Leaf and bark'),
  colour('colours.fresh', 'Fresh leaf'),
  colour('colours.summer', 'Summer leaf'),
  colour('colours.turning.0', 'Turning', true),
  colour('colours.turning.1', 'Turning further', true),
  colour('colours.dead', 'Dead leaf'),
  colour('colours.twig', 'Twig'),
  colour('bark.low', 'Bark, low'),
  colour('bark.high', 'Bark, high'),
  colour('colours.flower', 'Flower', true),
  colour('colours.fruit', 'Fruit', true),
  percent('show.flower', 'Crown in flower, %', 'Shows'),
  percent('show.fruit', 'Crown in fruit, %', 'Shows'),
  percent('standing.winter', 'Stands in winter, % (what dies back)', 'Shows', true),
  day('dates.burst', 'Buds burst'),
  day('dates.fullLeaf', 'Full leaf'),
  day('dates.flower.0', 'Flower from', true),
  day('dates.flower.1', 'Flower to', true),
  day('dates.fruit.0', 'Fruit from', true),
  day('dates.fruit.1', 'Fruit to', true),
  day('dates.turning', 'Turns', true),
  day('dates.fall', 'Leaves fall', true),
  day('dates.bare', 'Bare', true),
  day('standing.cut', 'Mown', true),
  choice('groups.as', 'Stands', groupings, 'Groups'),
  number('groups.size.0', 'Together, at least', 'Groups'),
  number('groups.size.1', 'Together, at most', 'Groups'),
]

type Tree = Record<string, unknown>

function at(row: unknown, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>(
      (value, key) => (value !== null && typeof value === 'object' ? (value as Tree)[key] : undefined),
      row,
    )
}

/** What may be one for all ages, or one for each. */
const AGED = ['crownForm', 'clearStem', 'crownBase', 'stems'] as const

/** A row with one of each for each age, as the form shows it. */
function spreadOut(row: Species): Tree {
  const tree = JSON.parse(JSON.stringify(row)) as Tree
  for (const key of AGED)
    if (tree[key] !== undefined && !Array.isArray(tree[key])) tree[key] = ages.map(() => tree[key])
  return tree
}

/** Back again: one where all are the same, none where all are empty. */
function drawnTogether(row: Tree): void {
  for (const key of AGED) {
    const values = row[key] === undefined ? [] : Object.values(row[key] as Tree)
    if (values.every((value) => value === values[0])) row[key] = values[0]
  }
}

/** A row as text for the form's fields. */
export function textOf(species: Species): Record<string, string> {
  const row = spreadOut(species)
  return Object.fromEntries(
    speciesFields.map(({ path, kind }): [string, string] => {
      const value = at(row, path)
      if (value === undefined) return [path, '']
      if (kind === 'colour') return [path, labToHex(value as Lab)]
      if (kind === 'percent') return [path, plainNumber(Number(value) * 100, 1)]
      return [path, kind === 'number' ? plainNumber(Number(value), 4) : String(value)]
    }),
  )
}

/** Reads the form back into a row, on top of the one that it began with; or says which fields can't be read. */
export function rowOf(
  base: Species,
  text: Record<string, string>,
): { row: unknown; faults: Record<string, string> } {
  const row = spreadOut(base)
  const faults: Record<string, string> = {}
  for (const field of speciesFields) {
    const typed = (text[field.path] ?? '').trim()
    if (typed === '' && !field.optional) faults[field.path] = 'is needed'
    else if (typed === '') put(row, field.path, undefined)
    else if (field.kind === 'number' || field.kind === 'percent') {
      const read = readSigned(typed.replace('%', ''))
      if (read === undefined) faults[field.path] = `read “${typed}”; allowed is a number`
      else put(row, field.path, field.kind === 'percent' ? read / 100 : read)
    } else
      put(
        row,
        field.path,
        field.kind === 'colour' ? toLab(typed).map((value) => Math.round(value * 100) / 100) : typed,
      )
  }
  return { row: tidy(row), faults }
}

function put(row: Tree, path: string, value: unknown): void {
  const keys = path.split('.')
  const last = keys.pop() ?? ''
  let into = row
  for (const key of keys) {
    if (into[key] === undefined || into[key] === null) into[key] = {}
    into = into[key] as Tree
  }
  into[last] = value
}

/** Pairs and lists without their empty places; groups of fields that are empty altogether go. */
function tidy(row: Tree): Tree {
  const dates = row.dates as Tree
  for (const span of ['flower', 'fruit']) {
    const pair = Object.values((dates[span] ?? {}) as Tree).filter((value) => value !== undefined)
    dates[span] = pair.length > 0 ? pair : undefined
  }
  const colours = row.colours as Tree
  colours.turning = Object.values((colours.turning ?? {}) as Tree).filter((value) => value !== undefined)
  const standing = row.standing as Tree | undefined
  if (standing && standing.winter === undefined && standing.cut === undefined) row.standing = undefined
  drawnTogether(row)
  return row
}
