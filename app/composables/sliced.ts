import { computed, effectScope, ReactiveEffect, ref, type ComputedRef, type Ref } from 'vue'

/** What is worked out at once, ms: the page answers within a tenth of a second, and draws in what is left of it. */
const SLICE_MS = 30
/** What is worked out later waits until the page is idle, but no longer than this, ms. */
const LONGEST_WAIT_MS = 250

interface Idle {
  requestIdleCallback?(work: () => void, options: { timeout: number }): number
}
// Where a browser does not tell when it is idle, a moment later will do.
function whenIdle(work: () => void): void {
  const { requestIdleCallback } = globalThis as Idle
  if (requestIdleCallback) requestIdleCallback(work, { timeout: LONGEST_WAIT_MS })
  else setTimeout(work, 0)
}

export interface Sliced<R> {
  /** What is known of each item, in the order of the items; those that nothing is known of yet are left out. */
  readonly results: ComputedRef<readonly R[]>
  /** Items that are still to be worked out, or to be worked out anew. */
  readonly left: Readonly<Ref<number>>
}

/** One item, worked out by an effect of its own: what it has read makes it due again, and no other. */
class Entry<T, R> {
  result: { readonly value: R } | { readonly error: unknown } | undefined
  private readonly scope = effectScope(true)
  private readonly effect: ReactiveEffect<R>
  constructor(item: T, work: (item: T) => R, fallDue: (entry: Entry<T, R>) => void) {
    this.effect = this.scope.run(() => new ReactiveEffect(() => work(item))) as ReactiveEffect<R>
    this.effect.scheduler = () => {
      fallDue(this)
    }
  }
  run(): void {
    try {
      this.result = { value: this.effect.run() }
    } catch (error) {
      this.result = { error }
    }
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
 * @param work for one of them
 * @throws what `work` has thrown, to who reads the results; it is tried again when something that it read has changed
 */
export function useSliced<T extends object, R>(items: () => readonly T[], work: (item: T) => R): Sliced<R> {
  const entries = new Map<T, Entry<T, R>>()
  /** What is to be worked out: what nothing is known of comes first. */
  const unknown = new Set<Entry<T, R>>()
  const due = new Set<Entry<T, R>>()
  /** Goes up when the results are to be read again. */
  const version = ref(0)
  const left = ref(0)
  /** Whether a task is to come that goes on. */
  let later = false
  /** What falls due while a slice is worked out is seen to when it ends. */
  let working = false
  function fallDue(entry: Entry<T, R>): void {
    due.add(entry)
    if (!working && !later) version.value += 1
  }

  /** Works out what is due for as long as there is time. @returns how many are left */
  function slice(): number {
    working = true
    const until = performance.now() + SLICE_MS
    for (const set of [unknown, due])
      for (const entry of set) {
        if (performance.now() > until) break
        // What it reads may change while it reads: then it is due again.
        set.delete(entry)
        entry.run()
      }
    working = false
    left.value = unknown.size + due.size
    return unknown.size + due.size
  }
  /** Goes on in a task of its own; what builds on the results is told when they are twice as many, and at the end. */
  function goOn(told: number): void {
    later = true
    whenIdle(() => {
      later = false
      const waiting = slice()
      const known = entries.size - waiting
      const tell = waiting === 0 || known >= told * 2
      if (waiting > 0) goOn(tell ? known : told)
      if (tell) version.value += 1
    })
  }

  const results = computed<readonly R[]>(() => {
    void version.value
    const list = items()
    const present = new Set(list)
    for (const [item, entry] of entries)
      if (!present.has(item)) {
        entry.stop()
        entries.delete(item)
        unknown.delete(entry)
        due.delete(entry)
      }
    for (const item of list) {
      if (entries.has(item)) continue
      const entry = new Entry(item, work, fallDue)
      entries.set(item, entry)
      unknown.add(entry)
    }
    const waiting = slice()
    if (waiting > 0 && !later) goOn(entries.size - waiting)
    return list.flatMap((item) => {
      const result = entries.get(item)?.result
      if (result && 'error' in result) throw result.error
      return result ? [result.value] : []
    })
  })
  return { results, left }
}
