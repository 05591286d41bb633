/** What a way lists: what is false or absent is left out, lists in it are laid flat. */
export type Listed<T> = readonly (T | false | undefined | Listed<T>)[]

export const listed = <T>(all: Listed<T>): T[] =>
  all.flatMap((one) => (!one ? [] : Array.isArray(one) ? listed(one as Listed<T>) : [one as T]))
