import * as Comlink from 'comlink'
import type { PlantDrawing } from '../../core/drawing/plant-drawing'

/** A drawing that has grown, and how far it reaches from its foot, mm. */
export interface GrownDrawing {
  readonly drawing: PlantDrawing
  readonly reach: { readonly left: number; readonly right: number }
}

/** The arrays of numbers of a drawing. */
const buffersOf = ({ wood, blades, bladeTraits, marks, markTraits, organs, organTraits }: PlantDrawing) => [
  // What was kept lies in one buffer, and a buffer is handed over once.
  ...new Set([wood, blades, bladeTraits, marks, markTraits, organs, organTraits].map(({ buffer }) => buffer)),
]

/** A drawing handed from one thread to another, without a copy: who hands it over does not have it any more. */
export const handedOver = (drawing: PlantDrawing): PlantDrawing =>
  Comlink.transfer(drawing, buffersOf(drawing))

/** The same with what is known of it. */
export const handedOverWith = (grown: GrownDrawing): GrownDrawing =>
  Comlink.transfer(grown, buffersOf(grown.drawing))
