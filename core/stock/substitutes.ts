import { difference2000, toLab } from '../colour'
import type { StockState } from './ledger'
import { colourOf, type Stuff } from './stuffs'

/** A material that can stand in for another, and what comes of it. */
export interface Substitute {
  readonly materialId: string
  readonly name: string
  /** What nobody has claimed of it, in its unit. */
  readonly free: number
  /** ΔE₀₀ between the two, dry; absent where either has no colour. */
  readonly off?: number
  /** Its grain, length or thickness against that of the other; absent where it has none. */
  readonly sizeRatio?: number
}

/** What a size may differ by and the stuff still do the same work. From memory. */
const SIZE_RATIO = 1.7
/** Colours further apart than this are no substitute. */
const FARTHEST = 20

/** The measure that a stuff is bought by, mm: grain, length, diameter, thickness; undefined where it has none. */
export function sizeOf(of: Stuff): number | undefined {
  switch (of.stuff) {
    case 'foam':
    case 'powder':
      return of.grainMm
    case 'fibre':
      return of.lengthMm
    case 'wire':
    case 'dowel':
    case 'rope':
      return of.diameterMm
    case 'pad':
      return of.thicknessMm
    default:
      return undefined
  }
}

/** What a stuff is for, beyond its name: a paint does not stand in for a glue. */
function sortOf(of: Stuff): string | undefined {
  switch (of.stuff) {
    case 'foam':
      return of.form
    case 'liquid':
      return of.liquid
    case 'powder':
      return of.powder ?? 'other'
    case 'wool':
      return of.wool ?? 'wool'
    case 'twig':
      return of.twig
    case 'sheet':
      return of.sheet
    case 'goods':
      return of.goods
    case 'pad':
      return of.pad ?? 'fibre'
    case 'mixture':
    case 'other':
      // What a mixture or another thing is for, nobody can tell from what it is.
      return undefined
    default:
      return of.stuff
  }
}

/**
 * What can stand in for a material: the same stuff for the same work, near in size and colour, some of it
 * free; the least difference first.
 * @param free what nobody has claimed of a material
 */
export function substitutesFor(
  material: StockState['material'],
  states: readonly StockState[],
  free: (materialId: string) => number,
): Substitute[] {
  const sort = sortOf(material.of)
  if (sort === undefined || material.blendId !== undefined) return []
  const size = sizeOf(material.of)
  const colour = colourOf(material.of)
  return states
    .flatMap(({ material: other }): (Substitute & { far: number })[] => {
      const { id, name, of, unit, blendId } = other
      if (id === material.id || unit !== material.unit || blendId !== undefined) return []
      if (of.stuff !== material.of.stuff || sortOf(of) !== sort) return []
      const otherSize = sizeOf(of)
      const sizeRatio = size !== undefined && otherSize !== undefined ? otherSize / size : undefined
      if (sizeRatio !== undefined && (sizeRatio > SIZE_RATIO || sizeRatio < 1 / SIZE_RATIO)) return []
      const otherColour = colourOf(of)
      const off = colour && otherColour ? difference2000(toLab(colour), toLab(otherColour)) : undefined
      const there = free(id)
      if (there <= 0 || (off !== undefined && off > FARTHEST)) return []
      return [
        {
          materialId: id,
          name,
          free: there,
          ...(off === undefined ? {} : { off }),
          ...(sizeRatio === undefined ? {} : { sizeRatio }),
          far: (off ?? 0) + 10 * Math.abs(Math.log(sizeRatio ?? 1)),
        },
      ]
    })
    .sort((a, b) => a.far - b.far || a.materialId.localeCompare(b.materialId))
    .map(({ far: _far, ...substitute }) => substitute)
}

/** What does the work of another liquid or wool in its own way: said, and never taken by itself. */
const INSTEAD: Readonly<Record<string, string>> = {
  hairspray: 'spray adhesive from farther off: it grips longer, and pulls foam together',
  'spray-adhesive': 'three light coats of strong hairspray, each with its own scatter',
  'matte-medium': 'PVA thinned 1 : 4 with a drop of detergent: it shines a little, mist it matt',
  cement: 'PVA 1 : 3 with a drop of detergent',
  'contact-adhesive': 'spray adhesive, misted twice and left until it is tacky',
  wool: 'filter wool of the aquarium kind, dyed; or toy stuffing, teased twice',
}

/** What makers take instead of a stuff, in words; undefined where nothing is known. Common practice. */
export function insteadWords(of: Stuff): string | undefined {
  const sort = sortOf(of)
  return sort === undefined ? undefined : INSTEAD[sort]
}
