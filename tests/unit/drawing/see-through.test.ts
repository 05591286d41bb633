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

/** Counted in pixels: how much of the crown's outline is open, and how its width follows the form, row by row. */
function counted(id: string): { readonly open: number; readonly within: number; readonly beyond: number } {
  const sitter = sitterFor(speciesById(id))
  const { heightMm, crownBaseMm, crownForm, crownWidthMm } = sitter.habitus
  const { width, height, pixels, pxPerMm, groundY } = painted(sitter, inLeaf(id), { heightPx: 330 })
  let [cells, open, form, within, beyond] = [0, 0, 0, 0, 0]
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
    const wide = Math.max(0, right - left)
    form += 2 * half
    within += Math.min(wide, 2 * half)
    beyond += Math.max(0, wide - 2 * half)
  }
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
    // Hollows of its own between masses, never a bulge.
    expect(within).toBeGreaterThan(0.88)
    expect(beyond).toBeLessThan(0.05)
  },
)
