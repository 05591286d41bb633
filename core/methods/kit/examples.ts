import type { Piece } from '../../commissions'
import type { PlantJob } from '../../makeup'

export { examplePiece } from '../../commissions'
export const exampleArea = (piece: Piece, areaCm2: number): PlantJob => ({ kind: 'area', piece, areaCm2 })
export const exampleHedge = (
  piece: Piece,
  lengthMm: number,
  section: 'free' | 'trimmed' = 'free',
): PlantJob => ({ kind: 'length', piece, lengthMm, section })
export const examplePieces = (piece: Piece, pieces: number): PlantJob => ({ kind: 'pieces', piece, pieces })
