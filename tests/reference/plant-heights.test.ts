import { speciesById, speciesTable } from '../../core/plants'

/**
 * Heights that trees and shrubs have been known to reach at most, m: general knowledge of foresters and
 * gardeners, from memory, rounded. No reference plant may be taller than its kind has ever been, and a
 * veteran of a tree should not be a dwarf of it.
 */
const tallest: Readonly<Record<string, number>> = {
  beech: 49,
  'pedunculate-oak': 45,
  hornbeam: 32,
  'silver-birch': 33,
  alder: 38,
  aspen: 43,
  'lombardy-poplar': 45,
  'black-poplar': 45,
  'white-willow': 36,
  ash: 49,
  'field-maple': 31,
  sycamore: 45,
  'norway-maple': 38,
  'small-leaved-lime': 42,
  'wych-elm': 42,
  rowan: 28,
  'wild-cherry': 35,
  'horse-chestnut': 42,
  'sweet-chestnut': 40,
  walnut: 38,
  plane: 55,
  robinia: 35,
  'norway-spruce': 63,
  'silver-fir': 68,
  'douglas-fir': 100,
  'european-larch': 56,
  'scots-pine': 47,
  'umbrella-pine': 28,
  'aleppo-pine': 30,
  'black-pine': 55,
  'arolla-pine': 35,
  'ponderosa-pine': 82,
  'lodgepole-pine': 50,
  'red-pine': 46,
  'eastern-white-pine': 58,
  'eastern-hemlock': 54,
  'balsam-fir': 32,
  'blue-spruce': 50,
  'giant-sequoia': 96,
  'bald-cypress': 46,
  'italian-cypress': 46,
  'cedar-of-lebanon': 46,
  'japanese-cedar': 65,
  yew: 30,
  holly: 25,
  olive: 20,
  'holm-oak': 32,
  'cork-oak': 26,
  'sugar-maple': 46,
  'red-maple': 44,
  'white-oak': 46,
  'red-oak': 44,
  'tulip-tree': 59,
  'american-elm': 46,
  'shagbark-hickory': 46,
  'paper-birch': 37,
  'river-gum': 50,
  'snow-gum': 32,
  'alpine-ash': 90,
  ginkgo: 50,
  zelkova: 45,
  katsura: 45,
  'camphor-tree': 50,
  'southern-magnolia': 38,
  'date-palm': 32,
  'coconut-palm': 32,
  baobab: 26,
  'columnar-cactus': 24,
  hazel: 16,
  hawthorn: 17,
  elder: 12,
  gorse: 5,
  box: 12,
}

const named = Object.entries(tallest)

test('the list names more than seventy kinds, each of them in the table', () => {
  expect(named.length).toBeGreaterThan(70)
  for (const [id] of named) expect(speciesById(id).id).toBe(id)
})

test.each(named)('%s is never taller than its kind has been known to grow (%d m)', (id, most) => {
  for (const heightM of speciesById(id).heightM) expect(heightM).toBeLessThanOrEqual(most)
})

test('a veteran tree reaches at least three tenths of the tallest of its kind', () => {
  const dwarfs = named
    .map(([id, most]) => ({ id, share: speciesById(id).heightM[3] / most }))
    .filter(({ share }) => share < 0.3)
  expect(dwarfs).toEqual([])
})

test('every kind grows taller with age and is wider than a wire', () => {
  for (const { id, heightM, crownRatio } of speciesTable) {
    const taller = heightM.every((at, i) => i === 0 || at >= (heightM[i - 1] ?? 0))
    expect([id, taller]).toEqual([id, true])
    for (const ratio of crownRatio) expect([id, ratio > 0.05]).toEqual([id, true])
  }
})
