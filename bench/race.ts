/** Median of many runs, ms; the contestants take turns so that all meet the same weather. */
export function race(
  contestants: Record<string, () => unknown>,
  rounds = 200,
  warmUp = 20,
): Record<string, number> {
  const times: Record<string, number[]> = {}
  for (let i = 0; i < rounds + warmUp; i += 1)
    for (const [name, run] of Object.entries(contestants)) {
      const start = performance.now()
      run()
      if (i >= warmUp) (times[name] ??= []).push(performance.now() - start)
    }
  return Object.fromEntries(
    Object.entries(times).map(([name, list]) => [
      name,
      list.sort((a, b) => a - b)[Math.floor(list.length / 2)] ?? NaN,
    ]),
  )
}

let missed = false
/** Prints a figure with its target, and remembers whether one was missed. */
export function report(what: string, met: boolean): void {
  missed ||= !met
  console.log(`${what}: ${met ? 'met' : 'MISSED'}`)
  if (missed) process.exitCode = 1
}
