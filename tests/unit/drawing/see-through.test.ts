import { crownProfile, lookOn, speciesById, type Look } from '../../../core/plants'
import { painted, sitterFor } from '../../support/drawings'

/** In full leaf, nothing else shown. */
const inLeaf = (id: string): Look => {
  const look = lookOn(speciesById(id), '2026-07-01')
  return {
    ...look,
    leaf: 1,
    height: 1,
    flower: { ...look.flower, share: 0 },
    fruit: { ...look.fruit, share: 0 },
  }
}

/** An eye joins what lies within this share of a crown's height: the gap between two twigs is no notch. */
const JOINED = 1 / 40

/** A list with what is over so many places on both sides of each. */
const over = (list: readonly number[], reach: number, of: (...values: number[]) => number): number[] =>
  list.map((_, i) => of(...list.slice(Math.max(0, i - reach), i + reach + 1)))

/**
 * Counted in pixels: how much of the crown's outline is open; and the outline's width by the form's, row by
 * row, closed over small notches (dilated, then eroded).
 */
function counted(id: string): { readonly open: number; readonly within: number; readonly beyond: number } {
  const sitter = sitterFor(speciesById(id))
  const { heightMm, crownBaseMm, crownForm, crownWidthMm } = sitter.habitus
  const { width, height, pixels, pxPerMm, groundY } = painted(sitter, inLeaf(id), { heightPx: 330 })
  let [cells, open] = [0, 0]
  const [lefts, rights, halves]: [number[], number[], number[]] = [[], [], []]
  for (let y = 0; y < height; y += 1) {
    const t = ((groundY - y) / pxPerMm - crownBaseMm) / (heightMm - crownBaseMm)
    if (t < 0 || t > 1) continue
    const half = crownProfile(crownForm, t) * (crownWidthMm / 2) * pxPerMm
    let [left, right] = [width, 0]
    for (let x = 0; x < width; x += 1) {
      const covered = (pixels[y * width + x]! >>> 24) / 255
      if (covered > 0.3) {
        left = Math.min(left, x)
        right = Math.max(right, x + 1)
      }
      if (Math.abs(x + 0.5 - width / 2) > half) continue
      cells += 1
      open += 1 - covered
    }
    lefts.push(left)
    rights.push(right)
    halves.push(half)
  }
  const reach = Math.round(halves.length * JOINED)
  const closedLeft = over(over(lefts, reach, Math.min), reach, Math.max)
  const closedRight = over(over(rights, reach, Math.max), reach, Math.min)
  let [form, within, beyond] = [0, 0, 0]
  halves.forEach((half, i) => {
    const wide = Math.max(0, closedRight[i]! - closedLeft[i]!)
    form += 2 * half
    within += Math.min(wide, 2 * half)
    beyond += Math.max(0, wide - 2 * half)
  })
  return { open: open / cells, within: within / form, beyond: beyond / form }
}

const thirty = [
  ...['beech', 'pedunculate-oak', 'hornbeam', 'silver-birch', 'alder', 'aspen', 'ash', 'field-maple'],
  ...['sycamore', 'small-leaved-lime', 'wych-elm', 'rowan', 'hawthorn', 'wild-cherry', 'apple', 'plane'],
  ...['scots-pine', 'umbrella-pine', 'cedar-of-lebanon', 'norway-spruce', 'olive', 'holm-oak', 'walnut'],
  ...['sugar-maple', 'zelkova', 'hazel', 'gorse', 'blackthorn', 'sagebrush', 'robinia'],
]

test('there are thirty of them', () => expect(new Set(thirty).size).toBe(30))

test.each(thirty)(
  '%s is seen through as wished, counted in pixels; its outline is that of its form',
  (id) => {
    const { open, within, beyond } = counted(id)
    expect(Math.abs(open - speciesById(id).seeThrough)).toBeLessThan(0.04)
    // Old pines' plates have air between them.
    expect(within).toBeGreaterThan(id === 'scots-pine' ? 0.88 : 0.95)
    expect(beyond).toBeLessThan(0.05)
  },
)
