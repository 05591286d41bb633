import { requireRange } from '../units'

/** A page of a template that is larger than the paper: the part of it that it shows, mm. */
export interface PageTile {
  readonly column: number
  readonly row: number
  readonly x: number
  readonly y: number
  readonly widthMm: number
  readonly heightMm: number
}

/** What neighbouring pages share, mm, so that they can be laid onto each other at the joins. */
export const TILE_OVERLAP_MM = 8

/**
 * Pages that show a whole template at 1:1; neighbours share a strip, whose marks are laid onto each other.
 * @throws RangeError when the paper is not larger than the overlap
 */
export function tilesOf(
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
  page: { readonly widthMm: number; readonly heightMm: number },
): PageTile[] {
  requireRange('printable width', page.widthMm, 'mm', { above: TILE_OVERLAP_MM })
  requireRange('printable height', page.heightMm, 'mm', { above: TILE_OVERLAP_MM })
  const starts = (whole: number, part: number): number[] => {
    const count = Math.max(1, Math.ceil((whole - TILE_OVERLAP_MM) / (part - TILE_OVERLAP_MM) - 1e-9))
    return Array.from({ length: count }, (_, i) => i * (part - TILE_OVERLAP_MM))
  }
  return starts(heightMm, page.heightMm).flatMap((y, row) =>
    starts(widthMm, page.widthMm).map((x, column): PageTile => ({
      column: column + 1,
      row: row + 1,
      x,
      y,
      widthMm: Math.min(page.widthMm, widthMm - x),
      heightMm: Math.min(page.heightMm, heightMm - y),
    })),
  )
}
