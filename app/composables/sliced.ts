import { computed, effectScope, ReactiveEffect, ref, type ComputedRef, type Ref } from 'vue'

/** What is worked out at once, ms: the page answers within a tenth of a second, and draws in what is left of it. */
const SLICE_MS = 30

export interface Sliced<R> {
  /** What is known of each item, in the order of the items; those that nothing is known of yet are left out. */
  readonly results: ComputedRef<readonly R[]>
  /** Items that are still to be worked out, or to be worked out anew. */
  readonly left: Readonly<Ref<number>>
}

/** One item, worked out by an effect of its own: what it has read makes it due again, and no other. */
class Entry<T, R> {
  due = true
  result: { readonly value: R } | undefined
  private readonly scope = effectScope(true)
  private readonly effect: ReactiveEffect<R>
  constructor(item: T, work: (item: T) => R, changed: () => void) {
    this.effect = this.scope.run(() => new ReactiveEffect(() => work(item))) as ReactiveEffect<R>
    this.effect.scheduler = () => {
      if (this.due) return
      this.due = true
      changed()
    }
  }
  run(): void {
    // What it reads may change while it reads: then it is due again.
    this.due = false
    this.result = { value: this.effect.run() }
  }
  stop(): void {
    this.scope.stop()
  }
}

/**
 * Works something out for each of a list, as a computed value would, but never for longer than {@link SLICE_MS} at a
 * time: what that is enough for is there at once, the rest follows in tasks of its own, and what was known before
 * stands meanwhile. When something changes that one item has read, that item alone is worked out again.
 * @param items the same objects where nothing has changed
 * @param work for one of them; it must not throw
 */
export function useSliced<T extends object, R>(items: () => readonly T[], work: (item: T) => R): Sliced<R> {
  let list: readonly T[] = []
  const entries = new Map<T, Entry<T, R>>()
  /** Goes up when the results are to be read again. */
  const version = ref(0)
  const left = ref(0)
  let waiting = 0
  let later: ReturnType<typeof setTimeout> | undefined
  /** What falls due while a slice is worked out is counted when it ends. */
  let working = false
  const changed = (): void => {
    if (!working && later === undefined) version.value += 1
  }

  /** Works out what is due for as long as there is time: first what nothing is known of. */
  function slice(): void {
    working = true
    const until = performance.now() + SLICE_MS
    const due = list.flatMap((item) => {
      const entry = entries.get(item)
      return entry?.due ? [entry] : []
    })
    for (const entry of [...due.filter(({ result }) => !result), ...due.filter(({ result }) => result)]) {
      entry.run()
      if (performance.now() > until) break
    }
    working = false
    waiting = list.reduce((sum, item) => sum + (entries.get(item)?.due ? 1 : 0), 0)
    left.value = waiting
  }
  /** Goes on in a task of its own; what builds on the results is told when they are twice as many, and at the end. */
  function goOn(told: number): void {
    later = setTimeout(() => {
      later = undefined
      slice()
      const known = list.length - waiting
      const tell = waiting === 0 || known >= told * 2
      if (waiting > 0) goOn(tell ? known : told)
      if (tell) version.value += 1
    }, 0)
  }

  const results = computed<readonly R[]>(() => {
    void version.value
    list = items()
    const present = new Set(list)
    for (const [item, entry] of entries)
      if (!present.has(item)) {
        entry.stop()
        entries.delete(item)
      }
    for (const item of list) if (!entries.has(item)) entries.set(item, new Entry(item, work, changed))
    slice()
    if (waiting > 0 && later === undefined) goOn(list.length - waiting)
    return list.flatMap((item) => {
      const result = entries.get(item)?.result
      return result ? [result.value] : []
    })
  })
  return { results, left }
}
