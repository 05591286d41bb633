import type { PieceSize } from '../../commissions'
import { boardHoles, dotFor, dotGapMm, mixedTray, tuftSheetMm, type DotTray } from '../../grass'
import { plannerOf, type MakeUp } from '../../makeup'
import { worthOf, type Coefficient, type OwnValues } from '../../quantities'
import { seedOf } from '../../units'
import { boardFigures } from '../grass/drilled-board'
import { tuftFigures } from '../grass/tuft-sheet-operations'

/** What tufts are set on: a tray of dots, or a board of holes; one is like the next. */
export interface TrayPlan extends DotTray {
  /** Trays, or boards, that the batch takes. */
  readonly trays: number
  readonly drill: boolean
}

/** The tray or board of a batch; nothing for a way that uses neither. @param seed the line's id */
export function trayPlanOf(
  made: MakeUp,
  sizes: readonly PieceSize[],
  own: OwnValues,
  seed: string,
): TrayPlan | undefined {
  const value = (coefficient: Coefficient): number => worthOf(coefficient, own).value
  const of = plannerOf(made, 'tray')?.of
  if (of === 'holes') {
    const [widthMm, heightMm] = [value(boardFigures.boardWidthMm), value(boardFigures.boardHeightMm)]
    const holeMm = value(boardFigures.holeMm)
    const dots = boardHoles(widthMm, heightMm, holeMm, value(boardFigures.bridgeMm))
    const trays = Math.ceil(made.started.value / Math.max(1, dots.length))
    return { widthMm, heightMm, dots, sizes: [{ diameterMm: holeMm, share: 1 }], trays, drill: true }
  }
  if (of !== 'dots' || sizes.length === 0) return undefined
  const dotsMm = sizes.map(({ crownWidthMm }) => dotFor(crownWidthMm, value(tuftFigures.spread)))
  const tray = mixedTray({
    ...tuftSheetMm,
    gapOf: dotGapMm,
    dotsMm,
    most: made.started.value,
    seed: seedOf(seed),
  })
  return { ...tray, trays: Math.ceil(made.started.value / Math.max(1, tray.dots.length)), drill: false }
}
