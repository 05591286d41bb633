import { select } from 'd3-selection'
import { zoom, zoomIdentity, zoomTransform, type D3ZoomEvent, type ZoomTransform } from 'd3-zoom'
import type { Room } from './line-up'
import { keptInSight, MOST_ZOOM, sightOf, transformOf, type Sight } from './sight'
import { wheelFactor, wheelZooms } from './wheel'

/** A drag of fewer pixels is a click. */
const CLICK_PX = 4

/** A box that is looked at from nearer and further, by wheel, pinch and dragging. */
export interface Zooming {
  /** Magnifies about a place, px of the box. */
  nearer(factor: number, at: { readonly x: number; readonly y: number }): void
  moveBy(x: number, y: number): void
  /** A sight that was set elsewhere. */
  take(sight: Sight): void
  end(): void
}

/**
 * Makes a box zoom. The whole keeps still, so that the page scrolls over it.
 * @param sight how it is looked at now @param room its measures @param changed told of another sight
 */
export function zooming(
  element: HTMLElement,
  sight: () => Sight,
  room: () => Room,
  changed: (sight: Sight) => void,
): Zooming {
  const ground = (): number => room().groundPx
  const asTransform = (of: Sight): ZoomTransform => {
    const { k, x, y } = transformOf(of, ground())
    return zoomIdentity.translate(x, y).scale(k)
  }
  const behaviour = zoom<HTMLElement, unknown>()
    .scaleExtent([1, MOST_ZOOM])
    .clickDistance(CLICK_PX)
    .wheelDelta((event: WheelEvent) => Math.log2(wheelFactor(event)))
    .filter((event: WheelEvent | MouseEvent | TouchEvent) => {
      if (event.type === 'wheel') return wheelZooms(event as WheelEvent, sight())
      if (event.type === 'mousedown' && (event as MouseEvent).button !== 0) return false
      return sight().zoom > 1 || ('touches' in event && event.touches.length > 1)
    })
    .constrain((transform) => asTransform(keptInSight(sightOf(transform, ground()), room())))
    .on('zoom', ({ transform }: D3ZoomEvent<HTMLElement, unknown>) => {
      changed(sightOf(transform, ground()))
    })
  const box = select(element).call(behaviour).on('dblclick.zoom', null)
  return {
    nearer: (factor, at) => {
      behaviour.scaleBy(box, factor, [at.x, at.y])
    },
    moveBy: (x, y) => {
      behaviour.translateBy(box, x / sight().zoom, y / sight().zoom)
    },
    take: (of) => {
      const wanted = transformOf(of, ground())
      const { k, x, y } = zoomTransform(element)
      if (k !== wanted.k || x !== wanted.x || y !== wanted.y) behaviour.transform(box, asTransform(of))
    },
    end: () => {
      box.on('.zoom', null)
    },
  }
}
