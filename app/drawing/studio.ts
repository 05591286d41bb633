import type { DrawingSubject } from '../../core/commissions'
import type { Rendering } from '../../core/renderings'
import { handedOver, type GrownDrawing } from '../workers/drawings'
import { Growers } from '../workers/growers'
import type { DrawingKey } from '../workers/kept-drawings'
import { serviceOf } from '../workers/service'

/** Enough for a few commissions; the oldest goes first. */
const KEPT = 400

/** A drawing that has grown: it stands with the painter, and this is what the page needs to know of it. */
export interface Grown {
  /** What the painter knows it by. */
  readonly id: number
  readonly widthMm: number
  readonly heightMm: number
  /** How far it reaches from its foot, mm. */
  readonly reach: GrownDrawing['reach']
}

const grown = shallowReactive(new Map<string, Grown>())
const asked = new Map<string, number>()
/** Goes up by one with each drawing that arrives; what draws watches it. */
export const arrived = ref(0)
/** Set when a person stopped the growing: what is not there stays away until it is asked for again. */
export const stopped = ref(false)
/** Drawings under way, and how far the one in hand has come, 0–1. */
export const underWay = ref(0)
export const shareDone = ref(0)

let serial = 0
const growers = new Growers((share) => {
  shareDone.value = share
})

/** Numbers are rounded to what can be seen, so that a hair's breadth does not grow a plant anew. */
const keys = new WeakMap<DrawingSubject, string>()
function keyOf(sitter: DrawingSubject): string {
  const known = keys.get(sitter)
  if (known !== undefined) return known
  const key = JSON.stringify(sitter, (_key, value: unknown) =>
    typeof value === 'number' ? Math.round(value * 100) / 100 : value,
  )
  keys.set(sitter, key)
  return key
}

/**
 * The drawing of a sitter, if it has been grown. A computed value that looks for one is worked out again when
 * it is there; {@link arrived} tells of any.
 */
export const drawingOf = (sitter: DrawingSubject, rendering?: Rendering): Grown | undefined =>
  grown.get(asRendered(sitter, rendering))
const asRendered = (sitter: DrawingSubject, rendering?: Rendering): string =>
  rendering ? `${rendering}|${keyOf(sitter)}` : keyOf(sitter)

/**
 * The drawing of a sitter; where it has not been grown, it is asked of the worker. For who paints, not for who
 * computes.
 * @param rendering as a way of making shows it; absent: as it grew
 */
export function drawingAsked(sitter: DrawingSubject, rendering?: Rendering): Grown | undefined {
  const key = asRendered(sitter, rendering)
  const known = grown.get(key)
  if (known || asked.has(key) || stopped.value) return known
  const id = (serial += 1)
  asked.set(key, id)
  underWay.value = asked.size
  void growers
    .grow(id, structuredClone(toRawDeep(sitter)), rendering, keptKey(key))
    .then((found) => {
      if (found) keep(key, id, found)
    })
    .finally(() => {
      asked.delete(key)
      underWay.value = asked.size
      arrived.value += 1
    })
  return undefined
}

/** While the app is developed, what a plant grows into changes from one reload to the next. */
const keptKey = (of: string): DrawingKey | undefined =>
  import.meta.dev ? undefined : { version: useRuntimeConfig().app.buildId, of }

/** Takes back whatever is still to be grown, until {@link goOnGrowing}. */
export function stopGrowing(): void {
  stopped.value = true
  if (asked.size > 0) growers.cancel([...asked.values()])
}

export function goOnGrowing(): void {
  stopped.value = false
  arrived.value += 1
}

function keep(key: string, id: number, { drawing, reach }: GrownDrawing): void {
  const painter = serviceOf('paint')
  // What is dropped is not asked for again until it is painted again.
  const plain = toRaw(grown)
  const [oldest] = plain
  if (plain.size >= KEPT && oldest) {
    plain.delete(oldest[0])
    void painter.drop(oldest[1].id)
  }
  const { widthMm, heightMm } = drawing
  void painter.keep(id, handedOver(drawing))
  grown.set(key, { id, widthMm, heightMm, reach })
}

/** Drawings that the painter does not have, as one that was started anew: they are grown again when they are wanted. */
export function growAgain(lost: readonly number[]): void {
  for (const [key, { id }] of toRaw(grown)) if (lost.includes(id)) grown.delete(key)
  if (lost.length > 0) arrived.value += 1
}

const toRawDeep = (sitter: DrawingSubject): DrawingSubject => ({
  habitus: { ...toRaw(sitter.habitus) },
  dress: { ...toRaw(sitter.dress) },
  seed: sitter.seed,
})
