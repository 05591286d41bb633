import { discTree } from '../armature'
import { MARK_STRIDE, Trait, TRAIT_STRIDE, type PlantDrawing } from '../drawing'
import type { Habitus, Point } from '../growth'
import { seededRandom } from '../units'
import { WoodLines } from './lines'

/** The pad that is drawn where none is chosen, mm, and how its discs hang: the rim lower than the stem. */
const USUAL_PAD_MM = 25
const DROOP = 0.22
/** The stem is bare over this share of the height at least: a disc needs room above the ground. From memory. */
const FOOT = 0.1

/**
 * The tree as dowel and discs: a tapered rod, ragged stars of fibre one above the other, foam on top of them. As
 * much foliage as the plant has.
 */
export function asDiscs(drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing {
  const random = seededRandom(seed ^ 0x510e527f)
  const tree = discTree({
    heightMm: plant.heightMm,
    crownWidthMm: plant.crownWidthMm,
    crownForm: plant.crownForm,
    firstBranchMm: Math.min(
      plant.heightMm * 0.85,
      Math.max(plant.crownBaseMm, plant.clearStemMm, plant.heightMm * FOOT),
    ),
    trunkMm: plant.trunkMm,
    padMm: Math.min(USUAL_PAD_MM, Math.max(4, plant.heightMm * 0.12)),
    layers: 2,
  })
  const wood = new WoodLines()
  const at = (y: number): Point => ({ x: 0, y, z: 0 })
  wood.add(at(0), at(tree.taperFromMm), plant.trunkMm, plant.trunkMm)
  wood.add(at(tree.taperFromMm), at(plant.heightMm * 0.99), plant.trunkMm, plant.trunkMm * 0.15)
  const places: { readonly at: Point; readonly along: Point; readonly light: number }[] = []
  for (const disc of tree.discs) {
    const rays = Math.max(9, Math.round(disc.diameterMm * 0.55))
    for (let ray = 0; ray < rays; ray += 1) {
      const turn = ((ray + 0.5 * random()) / rays) * 2 * Math.PI
      const reach = (disc.diameterMm / 2) * (ray % 2 === 0 ? 0.9 + 0.12 * random() : 0.5 + 0.3 * random())
      const sag = plant.droop >= 0 ? DROOP : -DROOP
      const point = (share: number): Point => ({
        x: Math.cos(turn) * reach * share,
        y: disc.atMm - sag * reach * share * share + (random() - 0.5) * 0.8,
        z: Math.sin(turn) * reach * share,
      })
      const [from, mid, end] = [point(0.08), point(0.55), point(1)]
      wood.add(from, mid, 0.25, 0.2)
      wood.add(mid, end, 0.2, 0.12)
      for (const share of [0.3, 0.55, 0.8, 0.98]) {
        const [a, b] = [point(Math.max(0.05, share - 0.12)), point(share)]
        places.push({
          at: b,
          along: { x: (b.x - a.x) / 2, y: (b.y - a.y) / 2, z: (b.z - a.z) / 2 },
          light: 0.35 + 0.6 * share,
        })
      }
    }
  }
  // As much foliage as the plant itself bears: what each stretch bears makes up for their number.
  const own = drawing.marks.length / MARK_STRIDE
  const each = places.length === 0 ? 0 : (drawing.leaf.each * own) / places.length
  const marks = new Float32Array(places.length * MARK_STRIDE)
  const markTraits = new Uint8Array(places.length * TRAIT_STRIDE)
  places.forEach(({ at: place, along, light }, i) => {
    marks.set([place.x, place.y, place.z, along.x, along.y, along.z], i * MARK_STRIDE)
    const o = i * TRAIT_STRIDE
    markTraits[o + Trait.tone] = Math.round(255 * Math.min(1, light * (0.85 + 0.3 * random())))
    markTraits[o + Trait.from] = Math.round(random() * 250)
    markTraits[o + Trait.hue] = Math.round(random() * 255)
    markTraits[o + Trait.bloom] = 255
  })
  return {
    ...drawing,
    wood: wood.toArray(),
    marks,
    markTraits,
    leaf: { ...drawing.leaf, each },
    organs: new Float32Array(0),
    organTraits: new Uint8Array(0),
  }
}
