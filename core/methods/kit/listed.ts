/** What a way lists: what is false or absent is left out, lists in it are laid flat. */
export type Listed<T> = readonly (T | false | undefined | Listed<T>)[]

export function listed<T>(all: Listed<T>): T[] {
  const flat: T[] = []
  const lay = (some: Listed<T>): void => {
    for (const one of some)
      if (Array.isArray(one)) lay(one as Listed<T>)
      else if (one) flat.push(one as T)
  }
  lay(all)
  return flat
}
