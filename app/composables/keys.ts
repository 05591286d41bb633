import { useEventListener } from '@vueuse/core'
import type { Station } from '../../shared/stations'

/** Keys that work at every station. The Bench and the season band have their own besides. */
export const keyList = [
  ['1–8', 'go to a station'],
  ['/', 'find a commission, line, material or batch'],
  ['n', 'new here'],
  ['a', 'to the main action of what is shown; Enter does it'],
  ['[  ]', 'previous and next line'],
  ['space', 'piece done, at the Bench'],
  ['z', 'take back: what was taken away, and the last deed at the Bench'],
  ['← →', 'a day on the season band; with shift a week'],
  ['+  −  0', 'nearer, further, all of it, on the line-up'],
  ['?', 'this list'],
] as const

const isField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
const isInDialog = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('[role="dialog"]') !== null
const isTyping = (target: EventTarget | null): boolean => isField(target) || isInDialog(target)

/** Whether a key press is meant for the page rather than for a field, a dialog or the browser. */
export const isFree = (event: KeyboardEvent): boolean =>
  !event.defaultPrevented && !event.ctrlKey && !event.metaKey && !event.altKey && !isTyping(event.target)

/** What is done most at a place, as it stands on the page. */
function mainAction(place: Station | undefined): HTMLElement | undefined {
  if (!place || place.main === '') return undefined
  const like = new RegExp(place.main)
  const all = document.querySelectorAll<HTMLElement>('#station :is(button, a, input):not(:disabled)')
  return [...all].find(
    (one) =>
      one.checkVisibility() && like.test((one.ariaLabel ?? one.textContent).replace(/\s+/g, ' ').trim()),
  )
}

export function useKeys(): void {
  const shell = useShell()
  const commission = useCommission()
  const notices = useNotices()
  const to = useStationPath()
  const place = usePlace()
  const deeds: Record<string, () => void> = {
    '/': () => {
      shell.find = true
    },
    '?': () => {
      shell.keys = true
    },
    n: () => shell.makeNew?.(),
    a: () => mainAction(place.value)?.focus(),
    '[': () => commission.stepLine(-1),
    ']': () => commission.stepLine(1),
  }
  useEventListener('keydown', (event: KeyboardEvent) => {
    // What was taken away in a dialog is taken back in it; where nothing is offered, z is the station's own.
    if (event.key === 'z' && (isFree(event) || isInDialog(event.target)) && !isField(event.target)) {
      if (notices.actLast()) event.preventDefault()
      return
    }
    if (!isFree(event)) return
    const station = stations.find(({ key }) => key === event.key)
    const deed = station
      ? () => {
          void navigateTo(to(station.path))
        }
      : deeds[event.key]
    if (!deed) return
    event.preventDefault()
    deed()
  })
}
