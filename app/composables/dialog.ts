/** A dialog that is open as long as it stands there: closing it tells whoever put it up. */
export function useDialog(closed: () => void) {
  const open = ref(true)
  watch(open, (now) => {
    if (!now) closed()
  })
  return { open }
}
