const rules = new Intl.PluralRules('en')

/** A count with its noun: "1 piece", "3 pieces", "2 batches". @param many where it is not the noun with an s */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${rules.select(count) === 'one' ? one : many}`

/** With a capital, to begin a sentence or a button. */
export const capitalised = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)
/** A sentence within another: its first letter small, unless it begins with letters that stand for words, as PVA. */
export const uncapitalised = (words: string): string =>
  /^\p{Lu}\p{Lu}/u.test(words) ? words : words.charAt(0).toLowerCase() + words.slice(1)

/** The noun alone, in the number that the count asks for. */
export const noun = (count: number, one: string, many = `${one}s`): string =>
  rules.select(count) === 'one' ? one : many
