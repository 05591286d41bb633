import type { PieceSize } from '../../commissions'
import { boardHoles, dotsOnSheet, layTray, type Dot, type DotSize } from '../../grass'
import { plannerOf, type MakeUp } from '../../makeup'
import { worthOf, type Coefficient, type OwnValues } from '../../quantities'
import { seedOf } from '../../units'
import { boardFigures } from '../grass/drilled-board'
import { dotGapMm, sheetMm, spreadOf, dotFor } from '../grass/tuft-sheet'

/** What tufts are set on: a tray of dots, or a board of holes; one is like the next. */
export interface TrayPlan {
  readonly widthMm: number
  readonly heightMm: number
  readonly dots: readonly Dot[]
  /** Sizes on it and their shares, the largest first. */
  readonly sizes: readonly DotSize[]
  /** Trays, or boards, that the batch takes. */
  readonly trays: number
  readonly drill: boolean
}

/** Dots are told apart in steps of half a millimetre. */
const STEP_MM = 0.5
/** Mixed dots thrown at random want this much more room than equal ones in rows. From memory. */
const LOOSE = 1.75
/** No more sizes than this on a tray: more, nobody can set apart. */
const MOST_SIZES = 5

/** Dots by size, as the pieces' own widths ask for. */
function mixture(sizes: readonly PieceSize[], spread: number): DotSize[] {
  const counts = new Map<number, number>()
  for (const { crownWidthMm } of sizes) {
    const dot = Math.round(dotFor(crownWidthMm, spread) / STEP_MM) * STEP_MM
    counts.set(dot, (counts.get(dot) ?? 0) + 1)
  }
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST_SIZES)
    .map(([diameterMm, count]) => ({ diameterMm, share: count / sizes.length }))
    .sort((a, b) => b.diameterMm - a.diameterMm)
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
  const mix = mixture(sizes, value(spreadOf))
  const mean = mix.reduce((sum, { diameterMm, share }) => sum + diameterMm * share, 0)
  // A few dots keep to one end of the sheet: no more of it is wetted than they need.
  const room = dotsOnSheet(sheetMm.widthMm, sheetMm.heightMm, mean, dotGapMm(mean))
  const heightMm = Math.min(
    sheetMm.heightMm,
    Math.ceil((sheetMm.heightMm * LOOSE * made.started.value) / Math.max(1, room) / 10) * 10 + 10,
  )
  const dots = layTray({
    widthMm: sheetMm.widthMm,
    heightMm,
    gapMm: dotGapMm(mean),
    sizes: mix,
    seed: seedOf(seed),
    most: made.started.value,
  })
  return {
    widthMm: sheetMm.widthMm,
    heightMm,
    dots,
    sizes: mix,
    trays: Math.ceil(made.started.value / Math.max(1, dots.length)),
    drill: false,
  }
}
