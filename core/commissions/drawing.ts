import type { Species } from '../plants'
import { drawPlant, type PlantDrawing } from '../skeleton'
import { seedOf } from '../units'
import type { LineSize } from './sizes'

/** Stems are drawn at least this share of the height thick, so that they can be seen. */
const THINNEST_STEM = 0.012

/** Draws a line's plant at its model size. The line's id is the seed: screen and paper show the same plant. */
export function drawLine(lineId: string, species: Species, size: LineSize, seeThrough: number): PlantDrawing {
  return drawPlant({
    habit: species.habit, crownForm: species.crownForm, stems: species.stems, heightMm: size.heightMm, crownWidthMm: size.crownWidthMm,
    clearStemMm: size.clearStemMm, trunkMm: Math.max(size.trunkMm, size.heightMm * THINNEST_STEM),
  }, seedOf(lineId), seeThrough)
}
