import type { Dragged, ActivitySlot, Sitting } from '~~/core/schedule'
import { counted } from '~~/core/units'
import type { useStackLayout } from './stack-layout'

/** What dragging wants to know of the stack that it happens in. */
interface Stack {
  readonly frame: Readonly<Ref<HTMLElement | undefined>>
  readonly layout: ReturnType<typeof useStackLayout>
  readonly all: () => readonly Sitting[]
  readonly placed: () => readonly (ActivitySlot | undefined)[]
  /** A work's name that stays when works are numbered anew. */
  readonly keyOf: (work: number) => string
  readonly isPinned: (work: number) => boolean
  readonly pick: (key: string) => void
}

/** Moves steps to other evenings, by hand and with the keys: what can't be is refused with its reason. */
export function useStackDrag({ frame, layout, all, placed, keyOf, isPinned, pick }: Stack) {
  const calendar = useCalendar()
  const notices = useNotices()

  /** What is being dragged, over which strip, and what would come of it. */
  const drag = reactive<{ work?: number; over: string; x: number; y: number; whole: boolean }>({
    over: '',
    x: 0,
    y: 0,
    whole: false,
  })
  const answer = shallowRef<Dragged>()
  /** An answer that is still on its way: a quick hand lets go before it is there. */
  let pending: Promise<Dragged> | undefined
  let start: { work: number; x: number; y: number } | undefined

  function pointOf(event: PointerEvent): { x: number; y: number } {
    const box = frame.value?.getBoundingClientRect()
    return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) }
  }
  function press(event: PointerEvent, work: number): void {
    if (event.button !== 0) return
    start = { work, ...pointOf(event) }
    ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  }
  function move(event: PointerEvent): void {
    if (!start) return
    const { x, y } = pointOf(event)
    if (drag.work === undefined && Math.hypot(x - start.x, y - start.y) < 5) return
    drag.work = start.work
    drag.x = x
    drag.y = y
    drag.whole = event.shiftKey
    void look(layout.stripAt(x, y))
  }
  /** Asks what would come of it; the last strip that was asked about counts. */
  async function look(target: ReturnType<typeof layout.stripAt>): Promise<void> {
    const { work } = drag
    const over = target ? `${target.sitting.from}|${target.worker}|${drag.whole}` : ''
    if (work === undefined || over === drag.over) return
    drag.over = over
    answer.value = undefined
    pending = undefined
    if (!target) return
    const { from, to } = target.sitting
    pending = calendar.drag(work, { from, to, worker: target.worker }, drag.whole)
    const told = await pending
    if (drag.over === over && drag.work === work) answer.value = told
  }
  async function drop(): Promise<void> {
    const { work } = drag
    const told = answer.value ?? pending
    leave()
    if (work === undefined || told === undefined) return
    await settle(work, await told)
  }
  function leave(): void {
    start = undefined
    drag.work = undefined
    drag.over = ''
    answer.value = undefined
    pending = undefined
  }
  async function settle(work: number, told: Dragged): Promise<void> {
    if (told.kind === 'none') {
      notices.fault(told.because)
      return
    }
    const others = told.moved.filter((other) => other !== work).length
    const key = keyOf(work)
    const wasShown = calendar.proposal !== undefined
    if (!(await calendar.keep(told.plan.placed, new Set([work])))) return
    const along = others > 0 ? `; ${counted(others, 'other step')} moved with it` : ''
    notices.done(`Moved and pinned${along}.${wasShown ? ' The plan as it was shown is kept.' : ''}`)
    await nextTick()
    pick(key)
  }
  /** What would lie elsewhere, while it is dragged. */
  const ghosts = computed(() => {
    const told = answer.value
    if (told?.kind !== 'ok') return []
    return told.moved.flatMap((work) => {
      const box = layout.boxAt(told.plan.placed[work])
      return box ? [{ work, box }] : []
    })
  })

  /** Moves a work to the sitting before or after with the keys. */
  async function step(work: number, by: 1 | -1, whole: boolean): Promise<void> {
    const spot = placed()[work]
    if (!spot) return
    const at = all().findIndex(({ from, to }) => spot.start >= from && spot.start < to)
    const target = all()[at + by]
    if (at < 0 || !target) {
      notices.fault(by < 0 ? 'There is no session before this one.' : 'There is no session after this one.')
      return
    }
    const there = target.strips.some(({ worker }) => worker === spot.worker)
    const { from, to } = target
    await settle(
      work,
      await calendar.drag(work, { from, to, ...(there ? { worker: spot.worker } : {}) }, whole),
    )
  }

  async function key(event: KeyboardEvent, work: number): Promise<void> {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    if (event.key === 'Escape' && drag.work !== undefined) return leave()
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault()
      return step(work, event.key === 'ArrowDown' ? 1 : -1, event.shiftKey)
    }
    if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
      event.preventDefault()
      focusBeside(work, event.key === 'ArrowRight' ? 1 : -1)
    }
    if (event.key === 'p') {
      event.preventDefault()
      if (isPinned(work)) await calendar.unpin(work)
      else await calendar.keep(placed(), new Set([work]))
    }
  }
  function focusBeside(work: number, by: 1 | -1): void {
    const inOrder = placed()
      .flatMap((spot, i) => (spot && layout.boxes.value[i] ? [{ i, start: spot.start }] : []))
      .sort((a, b) => a.start - b.start || a.i - b.i)
    const next = inOrder[inOrder.findIndex(({ i }) => i === work) + by]
    if (next) frame.value?.querySelector<HTMLElement>(`[data-work="${CSS.escape(keyOf(next.i))}"]`)?.focus()
  }

  return { drag, answer, ghosts, press, move, drop, leave, key }
}
