import { toneRamp, type Linear } from '../colour'
import { LEAST_BLADES, LEAST_SHOW } from '../drawing'
import type { Look } from '../plants'
import { barkColours, BARKS } from './bark'
import { TONES } from './fragments'

/** Leaf colours that a look has at most. */
const MOST_LEAVES = 8
/** Where the parts of a palette begin, in colours. */
export const PaletteSlot = {
  leaf: 0,
  flower: MOST_LEAVES * TONES,
  fruit: (MOST_LEAVES + 1) * TONES,
  eye: (MOST_LEAVES + 2) * TONES,
  wood: (MOST_LEAVES + 3) * TONES,
} as const

/** A look as the painter needs it: colours in linear light by slot, shares as bytes. */
export interface Palette {
  /** Red, green and blue of each slot. */
  readonly light: Float32Array
  /** Slot of the deepest tone of the leaf at each place in the order of turning. */
  readonly leafAt: Uint16Array
  /** Leaves, blades, flowers and fruit show whose share is at most this; −1 for none. */
  readonly leaf: number
  readonly blade: number
  readonly flower: number
  readonly fruit: number
  /** Leaves flower whose share is below this; 0 for none. */
  readonly bloom: number
  /** Share of the full height, in hundredths: what dies back or is mown stands lower. */
  readonly height: number
}

const palettes = new WeakMap<Look, Palette>()

/** The palette of a look; worked out once. */
export function paletteOf(look: Look): Palette {
  const known = palettes.get(look)
  if (known) return known
  const light = new Float32Array((PaletteSlot.wood + BARKS) * 3)
  const put = (slot: number, colours: readonly Linear[]): void => {
    colours.forEach((colour, i) => light.set(colour, (slot + i) * 3))
  }
  const ramp = (base: string): readonly Linear[] => toneRamp(base, TONES)
  const leafAt = new Uint16Array(256)
  let upTo = 0
  let next = 0
  const turned = [...look.leaves].sort((a, b) => b.outer - a.outer).slice(0, MOST_LEAVES)
  turned.forEach(({ tones, share }, i) => {
    put(PaletteSlot.leaf + i * TONES, ramp(tones.base))
    upTo += share * 256
    for (; next < (i === turned.length - 1 ? 256 : Math.min(256, upTo)); next += 1) leafAt[next] = i * TONES
  })
  put(PaletteSlot.flower, ramp(look.flower.colour))
  put(PaletteSlot.fruit, ramp(look.fruit.colour))
  put(PaletteSlot.eye, ramp(look.flower.eye))
  put(PaletteSlot.wood, barkColours(look.bark))
  const shown = (share: number): number => (share >= LEAST_SHOW ? share * 255 : -1)
  const palette: Palette = {
    light,
    leafAt,
    leaf: look.leaf > 0 ? look.leaf * 255 : -1,
    blade: Math.max(look.leaf, LEAST_BLADES) * 255,
    flower: shown(look.flower.share),
    fruit: shown(look.fruit.share),
    bloom: Math.max(0, shown(look.flower.share)),
    height: Math.max(0.01, Math.round(look.height * 100) / 100),
  }
  palettes.set(look, palette)
  return palette
}

/** The same without leaves, flowers and fruit. */
export const bareOf = (palette: Palette): Palette => ({
  ...palette,
  leaf: -1,
  blade: LEAST_BLADES * 255,
  flower: -1,
  fruit: -1,
  bloom: 0,
})
