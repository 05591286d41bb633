import {
  formatMoney,
  formatQuantity,
  none,
  ok,
  parseMoney,
  parseQuantity,
  plainNumber,
  readBounded,
  unitName,
  type NumberField,
  type Reading,
  type StockUnit,
} from '../../../core/units'
import type { Choice } from './choice'

/** How a field looks; what a form changes while it is filled in. */
export interface FieldLook {
  label: string
  hint?: string
  placeholder?: string
  choices?: readonly Choice<string>[]
  /** Over both columns. */
  wide?: boolean
  /** A day that lies behind rather than ahead. */
  past?: boolean
  /** Whether it is asked for at all; what is not asked for is not read, and its value is undefined. */
  hidden?: boolean
}
/**
 * A field of a form: how it is shown, the text it begins with, and what that text means. A form is a table of these;
 * each holds text, and gives a value when the form is sent.
 */
export interface Field<V> extends FieldLook {
  kind: 'text' | 'day' | 'choice' | 'tick' | 'switch' | 'own'
  start: string
  /** @param texts what all fields of the form hold, for one that is read by another */
  read: (typed: string, texts: Readonly<Record<string, string>>) => Reading<V>
}
export type Fields = Record<string, Field<unknown>>
export type ValuesOf<F extends Fields> = { [K in keyof F]: F[K] extends Field<infer V> ? V : never }
export type TextsOf<F extends Fields> = Record<keyof F & string, string>

type Look<V> = FieldLook & { start?: V | undefined }
/** What a field looks like, without what it begins with. */
function looks<V>({ start: _start, ...look }: Look<V>): FieldLook {
  return look
}

/** A field that may be left empty; what it is worth then. */
export function maybe<V>(field: Field<V>): Field<V | undefined>
export function maybe<V, E>(field: Field<V>, empty: E): Field<V | E>
export function maybe<V>(field: Field<V>, empty?: unknown): Field<unknown> {
  return {
    ...field,
    read: (typed, texts) => (typed.trim() === '' ? ok(empty) : field.read(typed, texts)),
  }
}
/** A field that the form may hide; its value is undefined then. */
export const hidable = <V>(field: Field<V>): Field<V | undefined> => field

/** Words that must not be missing. */
export const words = (look: Look<string>, because = `${look.label}: something is needed.`): Field<string> =>
  typed(look, (text) => (text.trim() === '' ? none(because) : ok(text.trim())))
/** Words that may be missing. */
export const note = (look: Partial<Look<string>> = {}): Field<string | undefined> =>
  maybe(words({ label: 'Note', wide: true, ...look }))

/** What is typed in ways of its own. */
export const typed = <V>(look: Look<string>, read: Field<V>['read']): Field<V> => ({
  ...looks(look),
  kind: 'text',
  start: look.start ?? '',
  read,
})

/** A number within the bounds of its schema. */
export const number = (field: NumberField, look: Partial<Look<number>> = {}): Field<number> => ({
  ...looks({ label: field.name, ...look }),
  kind: 'text',
  start: look.start === undefined ? '' : plainNumber(look.start * (field.per ?? 1), 6),
  read: (typed) => readBounded(field, typed),
})
/** A sum of money, in hundredths of what the workshop counts in. */
export const money = (look: Look<number>): Field<number> => ({
  ...looks(look),
  kind: 'text',
  start: look.start === undefined ? '' : formatMoney(look.start, ''),
  read: parseMoney,
})
/** So much of a stuff, in the unit that it is counted in: the label says which. */
export const quantity = (
  unit: StockUnit,
  look: Look<number>,
  how: Parameters<typeof parseQuantity>[2] = {},
): Field<number> => ({
  ...looks({ ...look, label: `${look.label}, ${unitName(unit)}` }),
  kind: 'text',
  start: look.start === undefined ? '' : formatQuantity(look.start, unit),
  read: (typed) => parseQuantity(typed, unit, how),
})
/** A day, YYYY-MM-DD. */
export const day = (look: Look<string>): Field<string> => ({
  ...looks(look),
  kind: 'day',
  start: look.start ?? '',
  read: (typed) => (typed === '' ? none('Pick a day.') : ok(typed)),
})
/** One of a list. */
export const choice = <V extends string>(
  choices: readonly Choice<V>[],
  look: Look<V>,
  because = 'Choose one.',
): Field<V> => ({
  ...looks(look),
  kind: 'choice',
  choices,
  start: look.start ?? '',
  read: (typed) => {
    const found = choices.find(({ value }) => value === typed)
    return found ? ok(found.value) : none(because)
  },
})
/** One of a list that the form knows only while it is filled in: `look` gives the choices. */
export const picked = (look: Look<string>, because = 'Choose one.'): Field<string> => ({
  ...looks(look),
  kind: 'choice',
  start: look.start ?? '',
  read: (typed) => (typed === '' ? none(because) : ok(typed)),
})
/** One of a few, all of them in sight. */
export const oneOf = <V extends string>(choices: readonly Choice<V>[], look: Look<V>): Field<V> => ({
  ...choice(choices, look),
  kind: 'switch',
})
/** Yes or no. */
export const tick = (look: Look<boolean>): Field<boolean> => ({
  ...looks(look),
  kind: 'tick',
  start: look.start ? 'yes' : '',
  read: (typed) => ok(typed === 'yes'),
})
/** What the form draws itself, in a slot of this name: with a text that it holds, or without. */
export function own(label: string): Field<undefined>
export function own<V>(label: string, read: Field<V>['read'], start?: string): Field<V>
export function own(
  label: string,
  read: Field<unknown>['read'] = () => ok(undefined),
  start = '',
): Field<unknown> {
  return { label, kind: 'own', start, read }
}
