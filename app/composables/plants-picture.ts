import { placesToPaint, type Placed } from '../drawing/painter'
import { putOn } from '../drawing/put-on'
import { drawingOf, growAgain, stopped } from '../drawing/studio'
import { serviceOf } from '../workers/service'
import type { Painted } from '../workers/paint'

/** Pictures that follow each other faster than this are of something that moves: they are made coarser, to keep up. */
const HURRY_MS = 260
/** A picture that has come to rest for so long is painted finely. */
const REST_MS = 280

/** Plants in a picture, px of the page, from far to near, and what is drawn over them. */
export interface PlantsPicture {
  readonly places: readonly Placed[]
  /** @param waiting plants that are still to come */
  readonly over?: (context: CanvasRenderingContext2D, waiting: readonly Placed[]) => void
}

let serial = 0

/**
 * A canvas of plants, as fine as the screen. They are painted away from the page, one picture after the other: while
 * one is under way nothing is heaped up, and the next is of what is wanted then. What the picture reads paints it anew.
 */
export function usePlantsPicture(
  canvas: Readonly<Ref<HTMLCanvasElement | null>>,
  width: Readonly<Ref<number>>,
  height: Readonly<Ref<number>>,
  picture: () => PlantsPicture,
) {
  const id = (serial += 1)
  const scale = useFineness()
  const wanted = computed(picture)
  /** Which of its plants have grown: others' drawings that arrive change nothing. */
  const grown = computed(() =>
    wanted.value.places.map(({ sitter, rendering }) => (drawingOf(sitter, rendering) ? '1' : '0')).join(''),
  )
  /** Whether all that is wanted is painted. */
  const isWhole = ref(false)

  let frame = 0
  let isBusy = false
  let isDue = false
  let isGone = false
  let rest: ReturnType<typeof setTimeout> | undefined
  let last: { readonly picture: PlantsPicture; readonly at: number } | undefined

  function schedule(): void {
    isDue = true
    isWhole.value = false
    if (!isBusy && frame === 0) frame = requestAnimationFrame(begin)
  }
  function begin(): void {
    frame = 0
    isBusy = true
    void paint().finally(() => {
      isBusy = false
      if (isDue && !isGone) begin()
    })
  }
  async function paint(): Promise<void> {
    isDue = false
    clearTimeout(rest)
    const now = performance.now()
    const shown = wanted.value
    const coarse = shown !== last?.picture && last !== undefined && now - last.at < HURRY_MS
    last = { picture: shown, at: now }
    const k = scale.value
    const size = {
      width: Math.max(1, Math.round(width.value * k)),
      height: Math.max(1, Math.round(height.value * k)),
    }
    if (width.value === 0) {
      isWhole.value = true
      return
    }
    const { ready, waiting } = placesToPaint(shown.places, k)
    if (ready.length === 0) show(new Uint8ClampedArray(4 * size.width * size.height), size, shown, waiting)
    const painter = serviceOf('paint')
    let painted: Painted | undefined =
      ready.length > 0 ? await painter.paint(id, { ...size, coarse, places: ready }) : undefined
    while (painted && !isGone) {
      const { left, lost } = painted
      show(painted.pixels, size, shown, [...waiting, ...unpainted(shown, waiting, left)])
      growAgain(lost)
      // What is wanted by now comes first.
      if (isDue || left.length === 0) break
      painted = await painter.goOn(id)
    }
    if (coarse) rest = setTimeout(schedule, REST_MS)
    else isWhole.value = !isDue && (waiting.length === 0 || stopped.value)
  }
  /** The places of a picture that have grown and are not painted yet. */
  function unpainted(
    { places }: PlantsPicture,
    waiting: readonly Placed[],
    left: readonly number[],
  ): Placed[] {
    const grownOnes = places.filter((place) => !waiting.includes(place))
    return left.flatMap((number) => grownOnes[number] ?? [])
  }
  function show(
    pixels: Painted['pixels'],
    size: { readonly width: number; readonly height: number },
    { over }: PlantsPicture,
    waiting: readonly Placed[],
  ): void {
    const context = canvas.value && putOn(canvas.value, new ImageData(pixels, size.width, size.height))
    if (!context || !over) return
    context.setTransform(scale.value, 0, 0, scale.value, 0, 0)
    over(context, waiting)
    context.setTransform(1, 0, 0, 1, 0, 0)
  }

  watch([wanted, grown, width, height, scale, stopped], schedule, { flush: 'post' })
  onMounted(schedule)
  onBeforeUnmount(() => {
    isGone = true
    cancelAnimationFrame(frame)
    clearTimeout(rest)
    void serviceOf('paint').close(id)
  })
  return { isWhole }
}
