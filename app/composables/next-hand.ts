/**
 * After a deed the hand goes to what is done next: when something changes, and when a dialog has been answered, the
 * large button of the foot is focused; nothing that is being typed or asked is left for it.
 */
export function useNextHand(changes: () => unknown): void {
  const shell = useShell()
  let turn = 0
  watch(
    [changes, () => shell.dialogs.length],
    async ([, asking]) => {
      turn += 1
      const own = turn
      if (asking > 0) return
      // A dialog that closes gives the focus back first; then it is taken on.
      await nextTick()
      await new Promise(requestAnimationFrame)
      const { activeElement: at } = document
      const isFree = at === null || at === document.body || at.closest('#commit, .scroller button') !== null
      if (own !== turn || !isFree) return
      document.querySelector<HTMLElement>('#commit .huge:not(:disabled)')?.focus({ preventScroll: true })
    },
    { flush: 'post', immediate: true },
  )
}
