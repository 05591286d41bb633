import type { DrawingSubject } from '../../core/commissions'
import type { Look } from '../../core/plants'
import { serviceOf } from '../workers/service'
import { canvasOf } from './put-on'
import { arrived, drawingAsked, growAgain, stopped } from './studio'

/** A plant painted once at a size, to be drawn wherever it is seen at about that size. */
export interface Sprite {
  readonly picture: HTMLCanvasElement
  /** Its foot in the picture, and the px to a mm that it was painted at. */
  readonly footX: number
  readonly footY: number
  readonly pxPerMm: number
}

/** Sizes are told apart by this factor; between them a sprite is drawn larger or smaller. */
const STEP = 1.22
/** Sprites that are kept; the oldest go first. */
const KEPT = 900

const kept = new Map<string, Sprite>()
/** Of each drawing the sprite that was painted last: it stands in until the one of another size or day is there. */
const latest = new Map<number, Sprite>()
const numbers = new WeakMap<object, number>()
let serial = 0
/** A number for a drawing or a look, the same as long as it is there. */
const numberOf = (one: object): number => {
  const known = numbers.get(one)
  if (known !== undefined) return known
  serial += 1
  numbers.set(one, serial)
  return serial
}

/** The size that a sprite is painted at for one that is seen at another, px to a mm. */
const sizeStep = (pxPerMm: number): number => STEP ** Math.ceil(Math.log(pxPerMm) / Math.log(STEP) - 0.25)

/** Sprites that are being painted; few at once, as another size may be wanted before they are there. */
const asked = new Set<string>()
const ASKED_AT_ONCE = 16

/** What a sitter can be drawn with now, and whether a better one, of its size and day, is on its way. */
export interface SpriteFound {
  readonly sprite?: Sprite | undefined
  readonly isComing: boolean
}

/**
 * The sprite of a sitter on a day; while it is painted the last one of the sitter, and none while it grows. What is not
 * there is asked for, and `arrived` of the studio tells when it is.
 * @param pxPerMm that it is seen at
 */
export function spriteOf(sitter: DrawingSubject, look: Look, pxPerMm: number): SpriteFound {
  const drawing = drawingAsked(sitter)
  // Once growing was stopped, none comes.
  if (!drawing) return { isComing: !stopped.value }
  const size = sizeStep(pxPerMm)
  const key = `${drawing.id} ${numberOf(look)} ${size.toFixed(4)}`
  const known = kept.get(key)
  if (known) return { sprite: known, isComing: false }
  const meanwhile = { sprite: latest.get(drawing.id), isComing: true }
  if (asked.has(key) || asked.size >= ASKED_AT_ONCE) return meanwhile
  asked.add(key)
  const wide = Math.max(drawing.widthMm * 0.8, drawing.heightMm * 0.35) + 2 / size
  const leans = (sitter.habitus.leanDeg ?? 0) !== 0 || (sitter.habitus.wind ?? 0) !== 0
  const half = Math.ceil(wide * (leans ? 1.8 : 1) * size) + 2
  const height = Math.ceil(drawing.heightMm * 1.06 * size) + 3
  const place = { drawing: drawing.id, look: toRaw(look), x: half, groundY: height - 1, pxPerMm: size }
  void serviceOf('paint')
    .paintOnce({ width: half * 2, height, coarse: false, places: [place] })
    .then(({ pixels, lost }) => {
      growAgain(lost)
      if (lost.length > 0) return
      const sprite = {
        picture: canvasOf(pixels, half * 2, height),
        footX: half,
        footY: height - 1,
        pxPerMm: size,
      }
      keep(kept, key, sprite)
      keep(latest, drawing.id, sprite)
    })
    .finally(() => {
      asked.delete(key)
      arrived.value += 1
    })
  return meanwhile
}

/** Keeps what was painted; the oldest goes when there are too many. */
function keep<Key>(among: Map<Key, Sprite>, key: Key, sprite: Sprite): void {
  among.delete(key)
  among.set(key, sprite)
  const [oldest] = among.keys()
  if (among.size > KEPT && oldest !== undefined) among.delete(oldest)
}
