import type { PlantDrawing } from '../drawing'
import type { Habitus, Point } from '../growth'
import { seededRandom } from '../units'
import { displaced, eachWood, markPlaces, withMarks, WoodLines } from './lines'

/** A sprig’s stem is thin for its height, by this share of it. From memory. */
const SPRIG_STEM = 0.017

/** The tree as a sprig: its own fine fork, on a stem no thicker than a sprig’s. */
export function asSprig(drawing: PlantDrawing, plant: Habitus): PlantDrawing {
  const most = plant.heightMm * SPRIG_STEM
  const wood = new WoodLines()
  // Roots and flare are left out: a sprig ends at its foot.
  eachWood(drawing, (a, b, d1, d2) => {
    if (a.y <= 0.01 && b.y < plant.heightMm * 0.02) return
    wood.add(a, b, Math.min(d1, most), Math.min(d2, most))
  })
  return { ...drawing, wood: wood.toArray() }
}

/** Limbs thinner than this share of the trunk are not moulded. From memory. */
const MOULDED_FROM = 0.12
/** Clumps are so large, by the height, and foliage is drawn to their middle by this share. From memory. */
const CLUMP = 0.085
const GATHERED = 0.45

/** The tree on a moulded trunk: a few stout limbs, foliage in clumps pressed onto their ends. */
export function asMoulded(drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing {
  const size = Math.max(4, plant.heightMm * CLUMP)
  const middles = clumps(markPlaces(drawing), size, seed)
  const gathered = withMarks(stoutWood(drawing, plant), (place) => {
    const own = middles(place)
    const to = (at: number, middle: number): number => at + (middle - at) * GATHERED
    return { x: to(place.x, own.x), y: to(place.y, own.y), z: to(place.z, own.z) }
  })
  return { ...gathered, leaf: { ...gathered.leaf, offMm: gathered.leaf.offMm * 0.7 } }
}

/** Middles of clumps no nearer to each other than their size, at places of the foliage; and which is whose. */
export function clumps(places: readonly Point[], size: number, seed: number): (place: Point) => Point {
  const cells = new Map<string, Point[]>()
  const cellOf = ({ x, y, z }: Point): [number, number, number] => [
    Math.floor(x / size),
    Math.floor(y / size),
    Math.floor(z / size),
  ]
  const nearest = (place: Point): { at?: Point; mm: number } => {
    const [cx, cy, cz] = cellOf(place)
    let found: { at?: Point; mm: number } = { mm: Infinity }
    for (let i = cx - 1; i <= cx + 1; i += 1)
      for (let j = cy - 1; j <= cy + 1; j += 1)
        for (let k = cz - 1; k <= cz + 1; k += 1)
          for (const at of cells.get(`${i}|${j}|${k}`) ?? []) {
            const mm = Math.hypot(at.x - place.x, at.y - place.y, at.z - place.z)
            if (mm < found.mm) found = { at, mm }
          }
    return found
  }
  const random = seededRandom(seed ^ 0x428a2f98)
  const order = places.map((_, i) => i)
  for (let i = order.length - 1; i > 0; i -= 1) {
    const j = Math.floor(random() * (i + 1))
    ;[order[i], order[j]] = [order[j] ?? 0, order[i] ?? 0]
  }
  for (const i of order) {
    const place = places[i]
    if (!place || nearest(place).mm < size) continue
    const key = cellOf(place).join('|')
    cells.set(key, [...(cells.get(key) ?? []), place])
  }
  return (place) => nearest(place).at ?? place
}

/** The tree as it is bought ready and dressed anew: stout plastic limbs, even foliage. */
export const asReady = (drawing: PlantDrawing, plant: Habitus): PlantDrawing => stoutWood(drawing, plant)

function stoutWood(drawing: PlantDrawing, plant: Habitus): PlantDrawing {
  const wood = new WoodLines()
  const least = plant.trunkMm * MOULDED_FROM
  eachWood(drawing, (a, b, d1, d2) => {
    if (Math.max(d1, d2) >= least)
      wood.add(a, b, Math.max(d1, least * 1.6) * 1.15, Math.max(d2, least * 1.6) * 1.15)
  })
  return { ...drawing, wood: wood.toArray() }
}

/** Shifts points sideways by slow waves that grow with the height: roots and stems are crooked. */
function crooked(plant: Habitus, seed: number, share: number): (place: Point) => Point {
  const random = seededRandom(seed ^ 0x1f83d9ab)
  const [p, q] = [random() * 6.28, random() * 6.28]
  const wave = plant.heightMm * share
  return ({ x, y, z }) => {
    const t = y / plant.heightMm
    const grown = Math.min(1, t * 4)
    return {
      x: x + wave * grown * (Math.sin(7 * t + p) - Math.sin(p)),
      y,
      z: z + wave * grown * (Math.sin(6 * t + q) - Math.sin(q)),
    }
  }
}

/** The tree as a root turned over: crooked and stout, foliage only where its fibres are fine. */
export const asRoot = (drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing =>
  thicker(displaced(drawing, crooked(plant, seed, 0.05)), 1.3)

/** The tree from garden twigs: their own bark and thickness, a little crooked. */
export const asTwig = (drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing =>
  thicker(displaced(drawing, crooked(plant, seed, 0.018)), 1.15)

/** The tree from two or three dwarf-shrub stems: crooked limbs, short straight fibre for twigs. */
export function asStems(drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing {
  const stems = thicker(displaced(drawing, crooked(plant, seed, 0.03)), 1.25)
  const random = seededRandom(seed ^ 0x5be0cd19)
  const fine = plant.trunkMm * 0.1
  const wood = new WoodLines()
  eachWood(stems, (a, b, d1, d2) => {
    if (Math.max(d1, d2) >= fine) wood.add(a, b, d1, d2)
  })
  const length = plant.heightMm * 0.05
  markPlaces(stems).forEach(({ x, y, z }, i) => {
    if (i % 3 !== 0) return
    const turn = random() * 2 * Math.PI
    const rise = random() - 0.35
    wood.add(
      {
        x: x - Math.cos(turn) * length * 0.5,
        y: y - rise * length * 0.5,
        z: z - Math.sin(turn) * length * 0.5,
      },
      {
        x: x + Math.cos(turn) * length * 0.5,
        y: y + rise * length * 0.5,
        z: z + Math.sin(turn) * length * 0.5,
      },
      0.22,
      0.16,
    )
  })
  return { ...stems, wood: wood.toArray() }
}

function thicker(drawing: PlantDrawing, factor: number): PlantDrawing {
  const wood = new WoodLines()
  eachWood(drawing, (a, b, d1, d2) => {
    wood.add(a, b, d1 * factor, d2 * factor)
  })
  return { ...drawing, wood: wood.toArray() }
}
