import { computed, effectScope, onScopeDispose, ReactiveEffect, ref, type ComputedRef, type Ref } from 'vue'
import type { Breathing } from '../../core/units'
import { hasTime, whenIdle } from './when-idle'

/** So long at once, ms, whatever else this task has worked out. */
const AT_ONCE_MS = 12

/** Which values are still those of before the last change. */
const behind = new WeakMap<ComputedRef<unknown>, Readonly<Ref<boolean>>>()
/** Whether a value of {@link useSettled} is still that of before the last change; who reads it is told when not. */
export const isBehind = (value: ComputedRef<unknown>): boolean => behind.get(value)?.value ?? false

/**
 * A computed value of much: it is worked out at once where a slice of time is enough, else in tasks of its own, and
 * what was known stands meanwhile. Long sums that follow from one another so hold the page up one by one, each for a
 * slice, not all together.
 * @param begin reads all that the work depends on, and gives the work, with its breaths
 * @param first what stands before anything is worked out; without it the first is worked out at once
 * @throws what the work has thrown, to who reads it; it is tried again when something that it read has changed
 */
export function useSettled<T>(begin: () => Breathing<T>, first?: T): ComputedRef<T> {
  /** Goes up when the value is to be read again. */
  const version = ref(0)
  let result: { readonly value: T } | { readonly error: unknown } | undefined =
    first === undefined ? undefined : { value: first }
  let stale = true
  /** The work that is under way. */
  let work: Breathing<T> | undefined
  /** Whether a task is to come that goes on with it. */
  let later = false
  const isLate = ref(false)
  // Not of the page that reads it first, but of who has asked for it.
  const effect = effectScope(true).run(() => new ReactiveEffect(begin)) as ReactiveEffect<Breathing<T>>
  onScopeDispose(() => {
    effect.stop()
    stale = false
    work = undefined
  }, true)
  effect.scheduler = () => {
    if (stale) return
    stale = true
    if (!later) version.value += 1
  }

  /** Goes on for as long as there is time. @returns whether it is done */
  function goOn(mustEnd: boolean): boolean {
    const begun = performance.now()
    try {
      if (stale) {
        stale = false
        work = effect.run()
      }
      for (let next = work?.next(); next; next = work?.next()) {
        if (next.done) {
          result = { value: next.value as T }
          break
        }
        if (!mustEnd && performance.now() - begun > AT_ONCE_MS && !hasTime()) return false
      }
    } catch (error) {
      result = { error }
    }
    work = undefined
    return true
  }
  function proceed(): void {
    later = true
    isLate.value = true
    whenIdle(() => {
      later = false
      // What it builds on may have come out the same.
      if (stale && !work && !effect.dirty) stale = false
      if ((stale || work) && !goOn(false)) proceed()
      else {
        isLate.value = false
        version.value += 1
      }
    })
  }
  const value = computed<T>(() => {
    void version.value
    if (stale && !later && !goOn(result === undefined)) proceed()
    if (!result) throw new Error('nothing has been worked out yet')
    if ('error' in result) throw result.error
    return result.value
  })
  behind.set(value, isLate)
  return value
}
