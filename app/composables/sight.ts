import { select } from 'd3-selection'
import { zoom, zoomIdentity, zoomTransform, type D3ZoomEvent, type ZoomTransform } from 'd3-zoom'
import type { Room } from '../drawing/line-up'
import { keptInSight, MOST_ZOOM, sightOf, transformOf, type Sight } from '../drawing/sight'

/** A drag of fewer pixels is a click. */
const CLICK_PX = 4
const STEP_PX = 60

/**
 * Looking nearer and further at the line-up: by wheel, pinch and keys, and moved by dragging. The whole keeps
 * still, so that the page scrolls over it.
 * @param box what is looked at
 * @param room its measures
 */
export function useSight(box: Readonly<Ref<HTMLElement | null>>, room: Readonly<Ref<Room>>) {
  const view = useLineUp()
  const ground = (): number => room.value.groundPx
  const asTransform = (sight: Sight): ZoomTransform => {
    const { k, x, y } = transformOf(sight, ground())
    return zoomIdentity.translate(x, y).scale(k)
  }
  const behaviour = zoom<HTMLElement, unknown>()
    .scaleExtent([1, MOST_ZOOM])
    .clickDistance(CLICK_PX)
    .filter((event: WheelEvent | MouseEvent | TouchEvent) => {
      if (event.type === 'wheel') {
        const wheel = event as WheelEvent
        return view.sight.zoom > 1 || wheel.ctrlKey || wheel.metaKey || wheel.deltaY < 0
      }
      if (event.type === 'mousedown' && (event as MouseEvent).button !== 0) return false
      return view.sight.zoom > 1 || ('touches' in event && event.touches.length > 1)
    })
    .constrain((transform) => asTransform(keptInSight(sightOf(transform, ground()), room.value)))
    .on('zoom', ({ transform }: D3ZoomEvent<HTMLElement, unknown>) => {
      view.sight = sightOf(transform, ground())
    })
  const whileThere = (work: (element: HTMLElement) => void): void => {
    if (box.value) work(box.value)
  }
  onMounted(() => {
    whileThere((element) => select(element).call(behaviour).on('dblclick.zoom', null))
  })
  onBeforeUnmount(() => {
    whileThere((element) => select(element).on('.zoom', null))
  })
  // What sets the sight back, as another commission does, is told to the behaviour.
  watch(
    () => view.sight,
    (sight) => {
      whileThere((element) => {
        const wanted = transformOf(sight, ground())
        const { k, x, y } = zoomTransform(element)
        if (k !== wanted.k || x !== wanted.x || y !== wanted.y)
          behaviour.transform(select(element), asTransform(sight))
      })
    },
  )

  /** Magnifies about a place, px of the box. */
  const nearer = (factor: number, at: { x: number; y: number }): void => {
    whileThere((element) => {
      behaviour.scaleBy(select(element), factor, [at.x, at.y])
    })
  }
  const moveBy = (x: number, y: number): void => {
    whileThere((element) => {
      behaviour.translateBy(select(element), x / view.sight.zoom, y / view.sight.zoom)
    })
  }
  /** Keys of the drawing: plus, minus, 0 and the arrows. */
  function press(event: KeyboardEvent): void {
    const middle = { x: room.value.widthPx / 2, y: ground() * 0.6 }
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
