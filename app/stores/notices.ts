/** What can be done about a notice while it stands. */
export interface NoticeAction {
  readonly words: string
  readonly run: () => void
}

export interface Notice {
  readonly id: number
  readonly kind: 'fault' | 'done'
  readonly text: string
  readonly action?: NoticeAction
}

/** How long a notice stands that says what was done, ms; one that offers something stands longer. */
const DONE_MS = 5_000
const OFFER_MS = 10_000

/** Calls back after a time in which the page was alive: what stands while it computes is not seen. */
function afterSeen(ms: number, call: () => void): void {
  let left = ms
  const timer = setInterval(() => {
    left -= TICK_MS
    if (left > 0) return
    clearInterval(timer)
    call()
  }, TICK_MS)
}
const TICK_MS = 250

/** Short messages about what was just done or refused. Faults stay until they are closed. */
export const useNotices = defineStore('notices', () => {
  const list = shallowRef<readonly Notice[]>([])
  let serial = 0

  function close(id: number): void {
    list.value = list.value.filter((notice) => notice.id !== id)
  }
  function say(kind: Notice['kind'], text: string, action?: NoticeAction): void {
    serial += 1
    const id = serial
    const others = list.value.filter((notice) => notice.text !== text || notice.action)
    list.value = [...others, { id, kind, text, ...(action ? { action } : {}) }].slice(-3)
    if (kind === 'done') afterSeen(action ? OFFER_MS : DONE_MS, () => close(id))
  }
  /** Does what a notice offers, once. */
  function act(notice: Notice): void {
    close(notice.id)
    notice.action?.run()
  }
  /** Does what the last notice offers, where one does. @returns whether it did */
  function actLast(): boolean {
    const last = list.value.findLast(({ action }) => action)
    if (last) act(last)
    return last !== undefined
  }
  return {
    list,
    close,
    act,
    actLast,
    fault: (text: string) => say('fault', text),
    done: (text: string, action?: NoticeAction) => say('done', text, action),
  }
})
