import { useIntervalFn } from '@vueuse/core'
import { noticesAt } from '~~/core/batches'

/** How often waits and windows are looked at, ms: a tab in the background is let look once a minute at most. */
const LOOK_MS = 10_000

/** Whether this browser shows notices when something is dry or about to close; asked for, and kept on this device. */
export function useNoticesWanted() {
  const wanted = useKept('hardy-thicket:notices', false)
  const possible = computed(() => typeof Notification !== 'undefined')
  /** @returns why not, where the browser refuses; empty where it is on or off now */
  async function toggle(): Promise<string> {
    if (wanted.value) {
      wanted.value = false
      return ''
    }
    if (!possible.value) return 'This browser shows no notices.'
    const answer =
      Notification.permission === 'default' ? await Notification.requestPermission() : Notification.permission
    wanted.value = answer === 'granted'
    return wanted.value
      ? ''
      : 'The browser does not let this page show notices: allow it in the settings of the page.'
  }
  return { wanted, possible, toggle }
}

/** Shows notices as long as the workshop is open, also with its tab in the background. */
export function useBenchNotices(): void {
  const { wanted } = useNoticesWanted()
  const stock = useStock()
  const told = new Set<string>()
  // What was so when the page opened is on the page already.
  let isFirst = true
  useIntervalFn(() => {
    const now = noticesAt(stock.open, Date.now())
    for (const { key, title, text } of now) {
      if (told.has(key)) continue
      told.add(key)
      if (!isFirst && wanted.value && Notification.permission === 'granted')
        new Notification(title, { body: text, tag: key })
    }
    isFirst = false
  }, LOOK_MS)
}
