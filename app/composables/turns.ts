/** Each deed tells by itself how it went. */
const untold = (): void => undefined

/**
 * Gives what a hand asks for one after the other: what is asked for while another is being written waits for its turn,
 * so that no tap is lost; the same again, while it is still to be written, is a hand that tapped twice.
 */
export function useTurns(): (what: string, give: () => Promise<unknown>) => void {
  const waiting = new Set<string>()
  let before: Promise<unknown> = Promise.resolve()
  return (what, give) => {
    if (waiting.has(what)) return
    waiting.add(what)
    before = before
      .then(give)
      .catch(untold)
      .finally(() => {
        waiting.delete(what)
      })
  }
}
