/** Work that takes a breath at each yield, so that who does it may do something else in between. */
export type Breathing<T> = Generator<unknown, T, void>

/** Does such work to its end, without a breath. @throws what the work throws */
export function toTheEnd<T>(work: Breathing<T>): T {
  for (;;) {
    const next = work.next()
    if (next.done) return next.value
  }
}
