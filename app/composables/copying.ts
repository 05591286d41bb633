/** Copies a text to the clipboard, and says that it is there, or that the browser does not let it be. */
export function useCopying() {
  const notices = useNotices()
  async function copy(text: string, done: string): Promise<void> {
    try {
      await navigator.clipboard.writeText(text)
      notices.done(done)
    } catch {
      notices.fault('The browser does not let the list be copied here. Print it instead.')
    }
  }
  return { copy }
}
