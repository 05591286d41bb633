import { useStorage, type RemovableRef, type UseStorageOptions } from '@vueuse/core'

/** Keeps nothing beyond the page: what stands in where the browser keeps nothing for it. */
function forThePage(): Storage {
  const kept = new Map<string, string>()
  return {
    get length() {
      return kept.size
    },
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, String(value)),
    removeItem: (key) => void kept.delete(key),
    clear: () => {
      kept.clear()
    },
  }
}

let found: Storage | undefined
/**
 * What the browser keeps for this site in small: choices of columns, what is in hand. A browser that blocks it throws
 * at the first look; then it lasts as long as the page.
 */
export function pageStorage(): Storage {
  if (found) return found
  try {
    found = window.localStorage
  } catch {
    found = forThePage()
  }
  return found
}

/** A value that is kept so, by name. */
export const useKept = <T>(name: string, usual: T, options: UseStorageOptions<T> = {}): RemovableRef<T> =>
  useStorage<T>(name, usual, pageStorage(), options)
