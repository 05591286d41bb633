/** Which rows of a table are open. */
export function useOpened() {
  const opened = ref(new Set<string>())
  function toggle(id: string): void {
    const next = new Set(opened.value)
    if (!next.delete(id)) next.add(id)
    opened.value = next
  }
  return { opened, toggle }
}
