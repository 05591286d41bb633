import { crownHalf } from '../growth/envelope'
import { GOLDEN_ANGLE } from '../growth/golden-angle'
import { hasArms } from '../growth/limbs'
import type { Habitus, Point, Skeleton } from '../growth/types'
import type { Random } from '../units'

/** The last, thinnest shoot: too fine for the pipes to count, the first thing that leaves sit on. */
export interface Twig {
  readonly from: Point
  readonly to: Point
  readonly dMm: number
}

/** Side twigs on a tip's shoot, and on each piece of a thin shoot behind it. */
const ON_TIP = 6
const ON_SHOOT = 2.1
/** Length of a tip's shoot and of a side twig, by the mean distance between tips. */
const SHOOT = 0.78
const SIDE = 0.56
/** Pieces that a tip's shoot bends in, and how far it turns from one to the next. */
const PIECES = 3
const BENDS = 0.2
/** Twigs look for light: outward, by this share of their own direction. From memory. */
const OUTWARD = 0.28
/** A twig reaches no further than this share of the outline's half-width. */
const OUTMOST = 1.0
/** A tip's own shoot goes on to the outline, if that is no further than so many distances between tips. */
const REACHES = 1.3
/** Thinner than so many times a tip is a thin shoot. */
const THIN = 2.1
/** A whorl's limbs bear needles from the stem on. */
const THIN_IN_WHORLS = 3.2

/**
 * Fine twigs on all tips and thin shoots, in the kind's manner: in pairs or one by one, risen, level or
 * hanging, flat in needled sprays. A tip goes on as a bent shoot with side twigs that grow shorter towards its
 * end. They keep inside the crown's outline.
 */
export function twigsOf(skeleton: Skeleton, plant: Habitus, random: Random): Twig[] {
  const { nodes, tips } = skeleton
  if (hasArms(plant)) return []
  const isTip = new Uint8Array(nodes.length)
  for (const tip of tips) isTip[tip] = 1
  const thinnest = tips.reduce((least, tip) => Math.min(least, nodes[tip]?.dMm ?? Infinity), Infinity)
  const thin = thinnest * (isWhorled(plant) ? THIN_IN_WHORLS : THIN)
  const grower: Grower = {
    plant,
    apart: spacing(plant, tips.length),
    dMm: thinnest * 0.7,
    whorled: isWhorled(plant),
    random,
    twigs: [],
  }
  nodes.forEach((node, i) => {
    const below = nodes[node.parent]
    if (!below || (!isTip[i] && node.dMm > thin)) return
    if (node.y < plant.crownBaseMm * 0.6) return
    const along = unit({ x: node.x - below.x, y: node.y - below.y, z: node.z - below.z })
    const turn = random() * 2 * Math.PI
    if (isTip[i]) tipShoot(grower, node, along, turn)
    const count = isTip[i] ? 1 : Math.floor(ON_SHOOT + random())
    for (let k = 0; k < count; k += 1) {
      const s = random()
      const from = {
        x: below.x + (node.x - below.x) * s,
        y: below.y + (node.y - below.y) * s,
        z: below.z + (node.z - below.z) * s,
      }
      sideTwig(grower, from, along, turnOf(plant, turn, k), grower.apart * SIDE * (0.6 + 0.7 * random()))
    }
  })
  return grower.twigs
}

const isWhorled = ({ habit, crownForm, row }: Habitus): boolean =>
  habit === 'conifer' && crownForm === 'conical' && !row

/** What all twigs of a plant have in common, and where they are put. */
interface Grower {
  readonly plant: Habitus
  /** Mean distance between tips, mm. */
  readonly apart: number
  readonly dMm: number
  readonly whorled: boolean
  readonly random: Random
  readonly twigs: Twig[]
}

/** The side that the next twig leaves to: in pairs, each across the last, or one by one around. */
const turnOf = ({ branching }: Habitus, start: number, k: number): number =>
  branching.paired ? start + Math.floor(k / 2) * (Math.PI / 2) + (k % 2) * Math.PI : start + k * GOLDEN_ANGLE

/** The shoot that a tip goes on as. */
function tipShoot(grower: Grower, tip: Point, along: Point, start: number): void {
  const { plant, apart, dMm, whorled, random, twigs } = grower
  let heading = turnedToLight(along, tip, plant, 0.12)
  const usual = apart * SHOOT * (0.65 + 0.6 * random())
  const long = whorled ? usual : Math.max(usual, Math.min(gapOf(tip, heading, plant), apart * REACHES))
  let from = tip
  for (let piece = 0; piece < PIECES; piece += 1) {
    const to = held(from, heading, long / PIECES, plant)
    twigs.push({ from, to, dMm })
    const done = (piece + 0.5) / PIECES
    for (let k = 0; k < ON_TIP / PIECES; k += 1) {
      const s = (k + random()) / (ON_TIP / PIECES)
      const place = {
        x: from.x + (to.x - from.x) * s,
        y: from.y + (to.y - from.y) * s,
        z: from.z + (to.z - from.z) * s,
      }
      const turn = turnOf(plant, start, piece * (ON_TIP / PIECES) + k)
      sideTwig(grower, place, heading, turn, apart * SIDE * (1.1 - 0.55 * done) * (0.7 + 0.5 * random()))
    }
    heading = bent(heading, random() * 2 * Math.PI, BENDS * random(), 1)
    from = to
  }
}

/** A twig that leaves a shoot to a side. */
function sideTwig(
  { plant, dMm, whorled, random, twigs }: Grower,
  from: Point,
  along: Point,
  turn: number,
  long: number,
) {
  const away = bent(along, turn, 0.5 + 0.4 * random(), whorled ? 0.35 : 1)
  const heading = whorled ? turnedDown(away, plant, 0) : turnedToLight(away, from, plant, 0)
  twigs.push({ from, to: held(from, heading, long, plant), dMm })
}

/** Spruce twigs hang from their limb, birch twigs fall, poplar twigs rise. */
const turnedDown = ({ x, y, z }: Point, { droop }: Habitus, rise: number): Point =>
  unit({ x, y: y + rise - droop * (droop > 0 ? 0.75 : 0.55), z })

/** A direction turned outward, away from the stem, and up or down as its kind's twigs are. */
function turnedToLight(heading: Point, { x, z }: Point, plant: Habitus, rise: number): Point {
  const out = Math.hypot(x, z)
  const outward = plant.row || out === 0 ? 0 : OUTWARD / out
  return turnedDown({ x: heading.x + x * outward, y: heading.y, z: heading.z + z * outward }, plant, rise)
}

/** How far it is from a place to the outline in a direction, mm, seen along the ground; 0 in a row. */
function gapOf({ x, y, z }: Point, heading: Point, plant: Habitus): number {
  if (plant.row) return 0
  const flat = Math.hypot(heading.x, heading.z)
  const gap = crownHalf(plant, y) - Math.hypot(x, z)
  return gap > 0 && flat > 0.15 ? gap / flat : 0
}

/** Mean distance between tips in the crown, mm: its bounding box, two fifths full. */
function spacing(plant: Habitus, tips: number): number {
  const depth = plant.heightMm - plant.crownBaseMm
  const long = plant.row?.lengthMm ?? plant.crownWidthMm
  return Math.cbrt((0.42 * long * plant.crownWidthMm * depth) / Math.max(12, tips))
}

/** A twig that leaves the outline however short it is keeps this share of its length. */
const STUB = 0.3
/** Halvings in search of the place where a twig leaves the outline. */
const HALVINGS = 4

/** The end of a twig: as long as asked for, or where it would leave the outline. */
function held(from: Point, heading: Point, long: number, plant: Habitus): Point {
  const stays = (share: number): boolean => {
    const mm = long * share
    return isWithin(from.x + heading.x * mm, from.y + heading.y * mm, from.z + heading.z * mm, plant)
  }
  let [inside, outside] = [STUB, 1]
  if (stays(1)) inside = 1
  else
    for (let i = 0; i < HALVINGS; i += 1) {
      const middle = (inside + outside) / 2
      if (stays(middle)) inside = middle
      else outside = middle
    }
  const mm = long * inside
  return {
    x: from.x + heading.x * mm,
    y: Math.min(plant.heightMm, Math.max(plant.heightMm * 0.004, from.y + heading.y * mm)),
    z: from.z + heading.z * mm,
  }
}

/** Whether a place lies within the crown's outline, or within a hedge. */
function isWithin(x: number, y: number, z: number, plant: Habitus): boolean {
  if (y > plant.heightMm * 0.985) return false
  if (!plant.row) {
    const half = crownHalf(plant, Math.max(y, plant.crownBaseMm)) * OUTMOST
    return x * x + z * z <= half * half
  }
  const thick = (plant.crownWidthMm / 2) * (plant.row.trimmed ? 1 : 1.1)
  return Math.abs(x) <= plant.row.lengthMm / 2 && Math.abs(z) <= thick
}

export function unit({ x, y, z }: Point): Point {
  const length = Math.sqrt(x * x + y * y + z * z) || 1
  return { x: x / length, y: y / length, z: z / length }
}

/** A direction turned away from another by an angle, to a side; flat < 1 keeps it nearer to the horizontal plane. */
function bent({ x, y, z }: Point, turn: number, away: number, flat: number): Point {
  // Two directions across it: one level, and one over that.
  const level = Math.abs(y) < 0.9 ? 1 / (Math.sqrt(x * x + z * z) || 1) : 0
  const [sx, sz] = level > 0 ? [z * level, -x * level] : [1, 0]
  const [ox, oy, oz] = [y * sz, z * sx - x * sz, -y * sx]
  const along = Math.cos(away)
  const [c, s] = [Math.cos(turn) * Math.sin(away), Math.sin(turn) * Math.sin(away) * flat]
  return unit({ x: x * along + sx * c + ox * s, y: y * along + oy * s, z: z * along + sz * c + oz * s })
}
