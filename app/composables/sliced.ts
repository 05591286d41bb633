import { computed, effectScope, onScopeDispose, ReactiveEffect, ref, type ComputedRef, type Ref } from 'vue'
import { hasTime, whenIdle } from './when-idle'

export interface Sliced<R> {
  /** What is known of each item, in the order of the items; those that nothing is known of yet are left out. */
  readonly results: ComputedRef<readonly R[]>
  /** Items that are still to be worked out, or to be worked out anew. */
  readonly left: Readonly<Ref<number>>
}

/** One item, worked out by an effect of its own: what it has read makes it due again, and no other. */
class Entry<T, R> {
  result: { readonly value: R } | { readonly error: unknown } | undefined
  private effect: ReactiveEffect<R> | undefined
  constructor(
    private readonly item: T,
    private readonly work: (item: T) => R,
    private readonly fallDue: (entry: Entry<T, R>) => void,
  ) {}
  run(): void {
    this.effect ??= this.made()
    try {
      this.result = { value: this.effect.run() }
    } catch (error) {
      this.result = { error }
    }
  }
  stop(): void {
    this.effect?.stop()
  }
  /** The effect belongs to no page: what it found stays when the page that asked first is left. */
  private made(): ReactiveEffect<R> {
    const effect = effectScope(true).run(
      () => new ReactiveEffect(() => this.work(this.item)),
    ) as ReactiveEffect<R>
    effect.scheduler = () => {
      this.fallDue(this)
    }
    return effect
  }
}

/**
 * Works something out for each of a list, as a computed value would, but in one task for no longer than a slice of
 * time: what that is enough for is there at once, one at least; the rest follows in tasks of its own, and what was
 * known before stands meanwhile. When something changes that one item has read, that item alone is worked out again.
 * @param items the same objects where nothing has changed
 * @param work for one of them
 * @throws what `work` has thrown, to who reads the results; it is tried again when something that it read has changed
 */
export function useSliced<T extends object, R>(items: () => readonly T[], work: (item: T) => R): Sliced<R> {
  const entries = new Map<T, Entry<T, R>>()
  let list: readonly T[] = []
  /** All items before it have an entry. */
  let cursor = 0
  /** Entries that are to be worked out anew. */
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
  onScopeDispose(() => {
    list = []
    forget(new Set())
  }, true)

  /** What comes next: what nothing is known of first, then what is due. */
  function next(): Entry<T, R> | undefined {
    for (; cursor < list.length; cursor += 1) {
      const item = list[cursor] as T
      if (entries.has(item)) continue
      const entry = new Entry(item, work, fallDue)
      entries.set(item, entry)
      return entry
    }
    const [entry] = due
    // What it reads may change while it reads: then it is due again.
    if (entry) due.delete(entry)
    return entry
  }
  /** Works out what is to be worked out for as long as there is time, one at least. @returns how many are left */
  function slice(): number {
    working = true
    // The slice begins here; one is worked out whether there is time or not.
    hasTime()
    do next()?.run()
    while (hasTime() && (cursor < list.length || due.size > 0))
    working = false
    const waiting = list.length - entries.size + due.size
    left.value = waiting
    return waiting
  }
  /** Goes on in a task of its own; what builds on the results is told when they are twice as many, and at the end. */
  function goOn(told: number): void {
    later = true
    whenIdle(() => {
      later = false
      const waiting = slice()
      const known = list.length - waiting
      const tell = waiting === 0 || known >= told * 2
      if (waiting > 0) goOn(tell ? known : told)
      if (tell) version.value += 1
    })
  }

  const results = computed<readonly R[]>(() => {
    void version.value
    if (list !== items()) {
      list = items()
      cursor = 0
      if (entries.size > 0) forget(new Set(list))
    }
    const waiting = slice()
    if (waiting > 0 && !later) goOn(list.length - waiting)
    return list.flatMap((item) => {
      const result = entries.get(item)?.result
      if (result && 'error' in result) throw result.error
      return result ? [result.value] : []
    })
  })
  /** Lets go of those that are no longer there. */
  function forget(present: ReadonlySet<T>): void {
    for (const [item, entry] of entries)
      if (!present.has(item)) {
        entry.stop()
        entries.delete(item)
        due.delete(entry)
      }
  }
  return { results, left }
}
