import { requireRange, seededRandom } from '../units'
import { colonise } from './colonise'
import { setTips, sprout, thicken } from './pipes'
import type { Node, Skeleton } from './types'

/** A length of hedge at the model, mm: a row of stems in a box. */
export interface HedgeSize {
  readonly lengthMm: number
  readonly heightMm: number
  readonly widthMm: number
  /** From stem to stem along the row. */
  readonly spacingMm: number
  readonly stemMm: number
  readonly tips: number
}

/**
 * A hedge: stems in a row along x, grown into a box with rounded shoulders.
 * @param seed the same seed gives the same hedge
 * @throws RangeError when a length is not above 0
 */
export function growHedge(size: HedgeSize, seed: number): Skeleton {
  for (const [name, value] of Object.entries(size)) requireRange(name, value, '', { above: 0 })
  const random = seededRandom(seed)
  const count = Math.max(1, Math.round(size.lengthMm / size.spacingMm))
  const tips = Math.max(count, Math.round(size.tips))
  const points = Array.from({ length: Math.round(tips * 1.12) }, () => {
    const y = size.heightMm * (0.06 + 0.93 * random())
    const half =
      (size.widthMm / 2) * Math.min(1, Math.sqrt(Math.max(0, (size.heightMm - y) / (0.16 * size.heightMm))))
    return { x: (random() - 0.5) * size.lengthMm, y, z: (2 * random() - 1) * half }
  })
  const spacing = Math.cbrt((size.lengthMm * size.heightMm * size.widthMm) / points.length)
  const nodes: Node[] = []
  for (let i = 0; i < count; i += 1) {
    const x = ((i + 0.5) / count - 0.5) * size.lengthMm + (random() - 0.5) * size.spacingMm * 0.3
    let parent = -1
    for (let k = 0; k <= 3; k += 1)
      parent =
        nodes.push(
          sprout(
            { x: x + (random() - 0.5) * size.spacingMm * 0.1 * k, y: (size.heightMm * 0.24 * k) / 3, z: 0 },
            parent,
          ),
        ) - 1
  }
  for (const share of colonise(nodes, points, spacing, { upward: 0.2, wander: 0.4 }, random)) void share
  const grown = setTips(nodes, tips, spacing * 0.42, random)
  // What grows beyond the box is clipped to it, as a hedge is.
  const within = (value: number, most: number): number => Math.max(-most, Math.min(most, value))
  return thicken(
    grown.map((node) => ({
      ...node,
      x: within(node.x, size.lengthMm / 2),
      y: Math.min(node.y, size.heightMm),
      z: within(node.z, size.widthMm / 2),
    })),
    size.stemMm,
  )
}
