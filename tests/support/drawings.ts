import type { Sitter } from '../../core/commissions'
import { drawPlant, type PlantDrawing } from '../../core/drawing'

/** Grows and dresses what a line's plant is drawn from. */
export const drawSitter = ({ habitus, dress, seed }: Sitter): PlantDrawing => drawPlant(habitus, dress, seed)
