import type { PlantDrawing } from '../drawing'
import type { Habitus, Point } from '../growth'
import { seededRandom } from '../units'
import { markPlaces, withMarks, WoodLines } from './lines'
import { clumps } from './natural'

/** A puff sits on the ground: its foliage is stretched down to it. */
export function settled(drawing: PlantDrawing, { heightMm }: Pick<Habitus, 'heightMm'>): PlantDrawing {
  const low = Math.min(...markPlaces(drawing).map(({ y }) => y), heightMm * 0.9)
  return withMarks(drawing, ({ x, y, z }) => ({ x, y: ((y - low) * heightMm) / (heightMm - low), z }))
}

/** Of the foliage on a mesh, the share that the web keeps; a thread goes to the next place but so many. From memory. */
const ON_MESH = 0.62
const THREAD_TO = 5
/** Threads are no longer than this share of the height. */
const THREAD = 0.22

/** The bush as teased foliage mesh: no stems, a web of threads with foam on it, open where it was pulled apart. */
export function asMesh(drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing {
  const random = seededRandom(seed ^ 0x3c6ef372)
  const web = settled(drawing, plant)
  const places = markPlaces(web)
  const wood = new WoodLines()
  places.forEach((place, i) => {
    const next = places[i + THREAD_TO]
    if (!next) return
    const apart = Math.hypot(next.x - place.x, next.y - place.y, next.z - place.z)
    if (apart < plant.heightMm * THREAD) wood.add(place, next, 0.14, 0.14)
  })
  return withMarks({ ...web, wood: wood.toArray() }, (place) => (random() < ON_MESH ? place : undefined))
}

/** Torn pieces of clump foam are so large, by the height, and draw the foliage to their middle by this share. */
const PIECE = 0.3
const DRAWN_IN = 0.6

/** The bush as torn clump foam: solid lumps with shade between them, no stem, no thread. */
export function asClump(drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing {
  const puff = settled(drawing, plant)
  const middles = clumps(markPlaces(puff), Math.max(1.2, plant.heightMm * PIECE), seed)
  const lumps = withMarks({ ...puff, wood: new Float32Array() }, (place) => {
    const own = middles(place)
    const to = (at: number, middle: number): number => at + (middle - at) * DRAWN_IN
    // What is on top stays there: a lump is torn, not shrunk.
    return { x: to(place.x, own.x), y: Math.max(place.y * 0.96, to(place.y, own.y)), z: to(place.z, own.z) }
  })
  return { ...lumps, leaf: { ...lumps.leaf, offMm: lumps.leaf.offMm * 0.5 } }
}

/** Threads that arch out of a mound, at most, and the share of the foliage that is scattered on them. From memory. */
const ARCHES = 90
const SCATTERED = 0.7

/** The mound as teased stuffing: threads that rise from the ground, arch over and hang out at the edge. */
export function asArching(drawing: PlantDrawing, plant: Habitus, seed: number): PlantDrawing {
  const random = seededRandom(seed ^ 0xa54ff53a)
  const mound = settled(drawing, plant)
  const wood = new WoodLines()
  const places = markPlaces(mound)
  const every = Math.max(1, Math.ceil(places.length / ARCHES))
  places.forEach((place, i) => {
    if (i % every === 0) arch(wood, place, plant.heightMm, random())
  })
  return withMarks({ ...mound, wood: wood.toArray() }, (place) => (random() < SCATTERED ? place : undefined))
}

/** One thread: up from the inner ground, over the top at its place, and a little down beyond it. */
function arch(wood: WoodLines, top: Point, heightMm: number, lengthShare: number): void {
  const [inner, outer] = [0.35, 1 + 0.28 * (0.5 + lengthShare)]
  const along = (t: number): Point => {
    const out = inner + (outer - inner) * t
    // A parabola through the ground, the top at two thirds, and half its height at the end.
    const high = t < 0.66 ? 1 - (1 - t / 0.66) ** 2 : 1 - 0.5 * ((t - 0.66) / 0.34) ** 2
    return { x: top.x * out, y: Math.max(0.05, Math.min(heightMm, top.y * high)), z: top.z * out }
  }
  for (let k = 0; k < 5; k += 1) wood.add(along(k / 5), along((k + 1) / 5), 0.17, 0.15)
}
