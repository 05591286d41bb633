/** One of what can be chosen: what is kept, and the words for it. */
export interface Choice<V> {
  value: V
  words: string
  disabled?: boolean
  /** What is read out beside it where the hand rests. */
  title?: string
}

/** Choices whose words are themselves. */
export const plainChoices = <V extends string>(values: readonly V[]): Choice<V>[] =>
  values.map((value) => ({ value, words: value }))

/** Choices from a table of words. */
export const choicesOf = <V extends string>(words: Readonly<Record<V, string>>): Choice<V>[] =>
  (Object.keys(words) as V[]).map((value) => ({ value, words: words[value] }))

/** Choices from records, by their ids and names. */
export const namedChoices = (records: Iterable<{ id: string; name: string }>): Choice<string>[] =>
  Array.from(records, ({ id, name }) => ({ value: id, words: name }))
