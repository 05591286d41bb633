import { requireRange } from '../units/reading'

/**
 * Volume of a dot of glue as a spherical cap, ml: π·h·(3a² + h²)/6. Source: solid geometry.
 * @param diameterMm of its foot, mm
 * @param heightMm of its middle, mm
 */
export function dotVolumeMl(diameterMm: number, heightMm: number): number {
  requireRange('dot diameter', diameterMm, 'mm', { above: 0 })
  requireRange('dot height', heightMm, 'mm', { above: 0 })
  const a = diameterMm / 2
  return (((Math.PI * heightMm) / 6) * (3 * a * a + heightMm * heightMm)) / 1000
}

/** Rows of a sheet: how far apart places stand in a row, how far the rows, and whether each other row is shifted. */
interface Rows {
  readonly turned: boolean
  readonly staggered: boolean
  readonly count: number
  readonly even: number
  readonly odd: number
}

const fit = (room: number, step: number): number => (room < 0 ? 0 : Math.floor(room / step + 1e-9) + 1)
const rowStep = (pitch: number, staggered: boolean): number =>
  staggered ? (pitch * Math.sqrt(3)) / 2 : pitch

/** The best of staggered rows, either way round, and a square grid. Nothing where not even one dot fits. */
function bestRows(across: number, down: number, pitch: number): Rows | undefined {
  if (across < 0 || down < 0) return undefined
  const rowsOf = (turned: boolean, staggered: boolean): Rows => {
    const [w, h] = turned ? [down, across] : [across, down]
    const rows = fit(h, rowStep(pitch, staggered))
    const even = fit(w, pitch)
    const odd = staggered ? fit(w - pitch / 2, pitch) : even
    return { turned, staggered, even, odd, count: Math.ceil(rows / 2) * even + Math.floor(rows / 2) * odd }
  }
  return [rowsOf(false, true), rowsOf(true, true), rowsOf(false, false)].reduce((best, next) =>
    next.count > best.count ? next : best,
  )
}

function checked(diameterMm: number, gapMm: number): void {
  requireRange('dot diameter', diameterMm, 'mm', { above: 0 })
  requireRange('gap', gapMm, 'mm', { min: 0 })
}

/**
 * Most dots on a sheet so that they keep a gap: the best of staggered rows (either way round) and a square grid.
 * Dots stay wholly on the sheet.
 * @returns 0 when not even one fits
 */
export function dotsOnSheet(widthMm: number, heightMm: number, diameterMm: number, gapMm: number): number {
  checked(diameterMm, gapMm)
  return bestRows(widthMm - diameterMm, heightMm - diameterMm, diameterMm + gapMm)?.count ?? 0
}

/** Where these dots stand: their middles from the lower left corner, mm, row by row. */
export function hexagonalPlaces(
  widthMm: number,
  heightMm: number,
  diameterMm: number,
  gapMm: number,
): [x: number, y: number][] {
  checked(diameterMm, gapMm)
  const pitch = diameterMm + gapMm
  const rows = bestRows(widthMm - diameterMm, heightMm - diameterMm, pitch)
  const places: [number, number][] = []
  for (let row = 0; rows && places.length < rows.count; row += 1) {
    const shifted = rows.staggered && row % 2 === 1
    for (let i = 0; i < (shifted ? rows.odd : rows.even); i += 1) {
      const along = diameterMm / 2 + i * pitch + (shifted ? pitch / 2 : 0)
      const up = diameterMm / 2 + row * rowStep(pitch, rows.staggered)
      places.push(rows.turned ? [up, along] : [along, up])
    }
  }
  return places
}

/** Sheets needed for a number of dots. @throws RangeError when not even one dot fits on the sheet */
export function sheetsFor(
  dots: number,
  widthMm: number,
  heightMm: number,
  diameterMm: number,
  gapMm: number,
): { sheets: number; perSheet: number } {
  requireRange('dots', dots, '', { min: 0 })
  const perSheet = dotsOnSheet(widthMm, heightMm, diameterMm, gapMm)
  if (perSheet === 0)
    throw new RangeError(
      `sheet is ${widthMm} × ${heightMm} mm; it must hold at least one dot of ${diameterMm} mm`,
    )
  return { sheets: Math.ceil(dots / perSheet), perSheet }
}
