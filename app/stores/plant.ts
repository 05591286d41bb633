import type { Progress } from '~~/core/batches'
import type { Amount, Line, LinePiece, LineSize, Piece } from '~~/core/commissions'
import type { PlantJob } from '~~/core/makeup'
import type { Look, Species } from '~~/core/plants'

/** A line with all that follows from it on the day that the season band shows. */
export interface Plant {
  readonly line: Line
  readonly species: Species
  readonly size: LineSize
  readonly look: Look
  readonly piece: Piece
  readonly job: PlantJob
  /** Its kinds with their shares, its own first. */
  readonly members: LinePiece['members']
  readonly progress: Progress
}

/** A line that can't be worked out, and why: it is shown as such, and all else works. */
export interface FaultyLine {
  readonly line: Line
  readonly because: string
}

/** The same kind of amount, so much of it: in pieces, mm or cm². */
export function amountOf(amount: Amount, size: number): Amount {
  switch (amount.kind) {
    case 'pieces':
      return { kind: 'pieces', pieces: Math.max(1, Math.ceil(size - 1e-9)) }
    case 'length':
      return { ...amount, lengthMm: Math.max(1, size) }
    case 'area':
      return { kind: 'area', areaCm2: Math.max(0.1, size) }
  }
}
