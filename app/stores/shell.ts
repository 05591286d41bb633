/** What of the frame is open, and what the page in it is called. */
export const useShell = defineStore('shell', () => {
  const find = ref(false)
  const keys = ref(false)
  const title = ref('Hardy Thicket')
  /** Dialogs that are open, the uppermost last: notices stand in it, since all below it is out of reach. */
  const dialogs = ref<readonly symbol[]>([])
  /** Whether the scale rule was opened or closed by hand; undefined: as the place has it. */
  const rule = ref<boolean>()
  /** Px to a model millimetre of what is drawn, where the rule is to have the same measure. */
  const pxPerMm = ref<number>()
  /** What `n` makes at the station that is shown. */
  const makeNew = shallowRef<() => void>()
  return { find, keys, title, dialogs, rule, pxPerMm, makeNew }
})

/** Names the page, and says what `n` makes here while it is shown. */
export function useStation(title: string, makeNew?: () => void): void {
  const shell = useShell()
  shell.title = title
  shell.makeNew = makeNew
  onBeforeUnmount(() => {
    if (shell.makeNew === makeNew) shell.makeNew = undefined
  })
}
