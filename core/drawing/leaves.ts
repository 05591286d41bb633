import { chanceAt, seededRandom } from '../units'
import { leafShapes } from './leaf-shapes'
import type { PlantDrawing } from './plant-drawing'
import { MARK_STRIDE } from './strides'

/** One leaf: its middle and half of its length as a vector, mm; half its width; its stretch; a number of its own. */
export type LeafVisit = (
  x: number,
  y: number,
  z: number,
  ax: number,
  ay: number,
  az: number,
  halfWidth: number,
  mark: number,
  chance: number,
) => void

/** A leaf's width as it is seen, at the narrowest, by its width. */
const EDGE_ON = 0.55

/** Leaves of a twig stop short of the top by up to this share of the height. */
const UNEVEN = 0.05
/** A conifer's leader is bare of side shoots: over this share of its height needles draw in to it, down to so much. */
const LEADER = 0.16
const DRAWN_IN = 0.2

/** What would rise above the top or sink into the ground is turned back: nothing ends at a ruler's edge. */
function within(y: number, low: number, high: number): number {
  const up = y > high ? high - 0.8 * (y - high) : y
  return up < low ? Math.min(high, low + 0.8 * (low - up)) : up
}

/** Leaves of one drawing at the most: all of it, or where a part of it is looked at closely. */
const MOST_LEAVES = 1_000_000
const MOST_BY_PARTS = 4_000_000
/** Those that stand for many are no larger than this share of the plant. */
const LARGEST = 0.06

/**
 * Visits the leaves of a drawing, each where it hangs. Leaves that would be finer than can be seen are joined:
 * fewer and larger ones of the same area. From nearer there are more of them, not larger ones.
 * @param leastMm the least length worth drawing, mm
 * @param wanted whether anything within so many mm of a place is wanted; absent: all of it
 */
export function eachLeaf(
  drawing: PlantDrawing,
  leastMm: number,
  visit: LeafVisit,
  wanted?: (x: number, y: number, z: number, withinMm: number) => boolean,
  from = 0,
  to = Infinity,
): void {
  const { marks, heightMm } = drawing
  const { aspect, follows, hangs } = leafShapes[drawing.leaf.kind]
  const count = marks.length / MARK_STRIDE
  const seen = Math.max(drawing.leaf.lengthMm, leastMm)
  const seenWidth = Math.max(drawing.leaf.lengthMm * aspect, Math.min(seen, leastMm * 0.62))
  const closing = drawing.leaf.each * drawing.leaf.lengthMm ** 2 * aspect
  // Beyond the budget fewer and larger ones close the crown as much; no larger than leaves may look.
  const most = wanted ? MOST_BY_PARTS : MOST_LEAVES
  const wished = Math.sqrt(Math.max(1, (count * closing) / (seen * seenWidth) / most))
  const larger = Math.max(1, Math.min(wished, (LARGEST * Math.min(heightMm, drawing.widthMm)) / seen))
  const [length, width] = [seen * larger, seenWidth * larger]
  const each = Math.min(closing / (length * width), most / Math.max(1, count))
  const off = drawing.leaf.offMm
  const loose = 1 - follows
  const pointed = drawing.habit === 'conifer'
  for (let i = from; i < Math.min(count, to); i += 1) {
    const o = i * MARK_STRIDE
    const here = Math.floor(each + chanceAt(i))
    if (here === 0) continue
    const [x, y, z] = [marks[o] ?? 0, marks[o + 1] ?? 0, marks[o + 2] ?? 0]
    const [ax, ay, az] = [marks[o + 3] ?? 0, marks[o + 4] ?? 0, marks[o + 5] ?? 0]
    const stretch = Math.sqrt(ax * ax + ay * ay + az * az) || 1
    if (wanted && !wanted(x, y, z, stretch + off + length)) continue
    const [ux, uy, uz] = [
      (follows * ax) / stretch,
      (follows * ay) / stretch - hangs,
      (follows * az) / stretch,
    ]
    const random = seededRandom(i * 2_654_435_761)
    // Twigs end at heights of their own, so that no crown is cut flat.
    const ceiling = heightMm * (1 - UNEVEN * chanceAt(i + 7_777))
    const up = (heightMm - y) / (LEADER * heightMm)
    const near = pointed && up < 1 ? off * Math.max(DRAWN_IN, up) : off
    for (let j = 0; j < here; j += 1) {
      const along = 2 * random() - 1
      const turn = 6.2832 * random()
      const rise = 2 * random() - 1
      const round = Math.sqrt(1 - rise * rise)
      const out = near * Math.sqrt(random())
      const [rx, ry, rz] = [Math.cos(turn) * round, rise, Math.sin(turn) * round]
      // A leaf points away from its twig, along it, and up or down by its kind.
      const [dx, dy, dz] = [ux + loose * rx, uy + loose * ry, uz + loose * rz]
      const size = 0.8 + 0.4 * random()
      const norm = (size * length) / 2 / (Math.sqrt(dx * dx + dy * dy + dz * dz) || 1)
      const tip = Math.abs(dy) * norm
      const chance = random()
      visit(
        x + along * ax + rx * out,
        within(y + along * ay + ry * out, tip, ceiling - tip * 0.7),
        z + along * az + rz * out,
        dx * norm,
        dy * norm,
        dz * norm,
        (width / 2) * size * (EDGE_ON + (1 - EDGE_ON) * ((chance * 31) % 1)),
        i,
        chance,
      )
    }
  }
}
