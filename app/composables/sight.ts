import { useEventListener } from '@vueuse/core'
import type { Room } from '../drawing/line-up'
import { wheelFactor, wheelZooms } from '../drawing/wheel'
import type { Zooming } from '../drawing/zooming'

const STEP_PX = 60

/**
 * Looking nearer and further at the line-up: by wheel, pinch and keys, and moved by dragging. What that takes is
 * fetched when a hand comes near.
 * @param box what is looked at
 * @param room its measures
 */
export function useSight(box: Readonly<Ref<HTMLElement | null>>, room: Readonly<Ref<Room>>) {
  const view = useLineUp()
  let fetched: Promise<Zooming | undefined> | undefined
  let isThere = false
  let gone = false
  /** The box as it zooms; undefined when it has gone meanwhile. */
  const zooming = (): Promise<Zooming | undefined> =>
    (fetched ??= import('../drawing/zooming').then((drawing) => {
      if (!box.value || gone) return undefined
      const made = drawing.zooming(
        box.value,
        () => view.sight,
        () => room.value,
        (sight) => {
          view.sight = sight
        },
      )
      made.take(view.sight)
      isThere = true
      return made
    }))
  useNearHand(box, () => void zooming())
  // Who turns the wheel at once loses nothing: what is turned meanwhile is done when what zooms is there.
  useEventListener(box, 'wheel', (event: WheelEvent) => {
    if (isThere || !wheelZooms(event, view.sight)) return
    event.preventDefault()
    const { left = 0, top = 0 } = box.value?.getBoundingClientRect() ?? {}
    nearer(wheelFactor(event), { x: event.clientX - left, y: event.clientY - top })
  })
  onMounted(() => {
    if (view.sight.zoom > 1) void zooming()
  })
  onBeforeUnmount(() => {
    gone = true
    void fetched?.then((made) => made?.end())
  })
  // What sets the sight back, as another commission does, is told to what zooms.
  watch(
    () => view.sight,
    (sight) => void fetched?.then((made) => made?.take(sight)),
  )

  /** Magnifies about a place, px of the box. */
  const nearer = (factor: number, at: { x: number; y: number }): void => {
    void zooming().then((made) => made?.nearer(factor, at))
  }
  const moveBy = (x: number, y: number): void => {
    void zooming().then((made) => made?.moveBy(x, y))
  }
  /** Keys of the drawing: plus, minus, 0 and the arrows. */
  function press(event: KeyboardEvent): void {
    const middle = { x: room.value.widthPx / 2, y: room.value.groundPx * 0.6 }
    const deeds: Record<string, () => void> = {
      '+': () => nearer(1.4, middle),
      '=': () => nearer(1.4, middle),
      '-': () => nearer(1 / 1.4, middle),
      '0': () => nearer(0, middle),
      ArrowLeft: () => moveBy(STEP_PX, 0),
      ArrowRight: () => moveBy(-STEP_PX, 0),
      ArrowUp: () => moveBy(0, STEP_PX),
      ArrowDown: () => moveBy(0, -STEP_PX),
    }
    const deed = deeds[event.key]
    if (!deed || event.ctrlKey || event.metaKey || event.altKey) return
    event.preventDefault()
    event.stopPropagation()
    deed()
  }
  return { nearer, moveBy, press }
}
