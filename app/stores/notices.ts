export interface Notice {
  readonly id: number
  readonly kind: 'fault' | 'done'
  readonly text: string
}

/** Short messages about what was just done or refused. Faults stay until they are closed. */
export const useNotices = defineStore('notices', () => {
  const list = ref<Notice[]>([])
  let serial = 0

  function close(id: number): void {
    list.value = list.value.filter((notice) => notice.id !== id)
  }
  function say(kind: Notice['kind'], text: string): void {
    serial += 1
    const id = serial
    list.value = [...list.value.filter((notice) => notice.text !== text), { id, kind, text }].slice(-3)
    if (kind === 'done') setTimeout(() => close(id), 5000)
  }
  return {
    list,
    close,
    fault: (text: string) => say('fault', text),
    done: (text: string) => say('done', text),
  }
})
