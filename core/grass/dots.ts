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

/**
 * Most dots on a sheet so that they keep a gap: the best of staggered rows (either way round) and a square grid.
 * Dots stay wholly on the sheet.
 * @returns 0 when not even one fits
 */
export function dotsOnSheet(widthMm: number, heightMm: number, diameterMm: number, gapMm: number): number {
  requireRange('dot diameter', diameterMm, 'mm', { above: 0 })
  requireRange('gap', gapMm, 'mm', { min: 0 })
  const across = widthMm - diameterMm
  const down = heightMm - diameterMm
  if (across < 0 || down < 0) return 0
  const pitch = diameterMm + gapMm
  const fit = (room: number, step: number): number => (room < 0 ? 0 : Math.floor(room / step + 1e-9) + 1)
  const staggered = (w: number, h: number): number => {
    const rows = fit(h, (pitch * Math.sqrt(3)) / 2)
    return Math.ceil(rows / 2) * fit(w, pitch) + Math.floor(rows / 2) * fit(w - pitch / 2, pitch)
  }
  return Math.max(staggered(across, down), staggered(down, across), fit(across, pitch) * fit(down, pitch))
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
