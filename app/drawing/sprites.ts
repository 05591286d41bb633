import type { DrawingSubject } from '../../core/commissions'
import { paintPlant, paletteOf } from '../../core/painting'
import type { Look } from '../../core/plants'
import { drawingAsked, drawingOf } from './studio'

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

/**
 * The sprite of a sitter on a day; undefined while it grows, or where there is no time to paint it now.
 * @param pxPerMm that it is seen at @param hurry leave it for later where it is not there yet
 */
export function spriteOf(
  sitter: DrawingSubject,
  look: Look,
  pxPerMm: number,
  hurry: boolean,
): Sprite | undefined {
  const drawing = drawingAsked(sitter)
  if (!drawing) return undefined
  const size = sizeStep(pxPerMm)
  const key = `${numberOf(drawing)} ${numberOf(look)} ${size.toFixed(4)}`
  const known = kept.get(key)
  if (known) return known
  if (hurry) return undefined
  const wide = Math.max(drawing.widthMm * 0.8, drawing.heightMm * 0.35) + 2 / size
  const leans = (sitter.habitus.leanDeg ?? 0) !== 0 || (sitter.habitus.wind ?? 0) !== 0
  const half = Math.ceil(wide * (leans ? 1.8 : 1) * size) + 2
  const high = Math.ceil(drawing.heightMm * 1.06 * size) + 3
  const image = new ImageData(half * 2, high)
  const raster = { width: half * 2, height: high, pixels: new Uint32Array(image.data.buffer) }
  paintPlant(raster, drawing, paletteOf(look), { x: half, groundY: high - 1, pxPerMm: size })
  const picture = document.createElement('canvas')
  Object.assign(picture, { width: half * 2, height: high })
  picture.getContext('2d')?.putImageData(image, 0, 0)
  const sprite = { picture, footX: half, footY: high - 1, pxPerMm: size }
  kept.set(key, sprite)
  const oldest = kept.keys().next().value
  if (kept.size > KEPT && oldest !== undefined) kept.delete(oldest)
  return sprite
}

/** Whether a sitter has grown: its sprite is only a matter of time. */
export const isGrown = (sitter: DrawingSubject): boolean => drawingOf(sitter) !== undefined
