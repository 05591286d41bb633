import { crownHalf } from '../growth/envelope'
import { hasArms } from '../growth/limbs'
import type { Habitus, Point, Skeleton } from '../growth/types'
import type { Random } from '../units'

/** The last, thinnest shoot: too fine for the pipes to count, the first thing that leaves sit on. */
export interface Twig {
  readonly from: Point
  readonly to: Point
  readonly dMm: number
}

/** Twigs to a tip, and to each piece of a thin shoot behind it. */
const PER_TIP = 4
const PER_SHOOT = 1.6
/** Length of a twig by the mean distance between tips. */
const LENGTH = 0.62
/** A twig reaches no further than this share of the outline's half-width. */
const OUTMOST = 1.0
/** A tip's own shoot goes on to the outline, if that is no further than so many distances between tips. */
const REACHES = 1.3
/** Thinner than so many times a tip is a thin shoot. */
const THIN = 2.1

/**
 * Fine twigs on all tips and thin shoots, in the kind's manner: in pairs or one by one, risen, level or
 * hanging, flat in needled sprays. They keep inside the crown's outline.
 */
export function twigsOf(skeleton: Skeleton, plant: Habitus, random: Random): Twig[] {
  const { nodes, tips } = skeleton
  if (hasArms(plant)) return []
  const whorled = plant.habit === 'conifer' && plant.crownForm === 'conical' && !plant.row
  const isTip = new Uint8Array(nodes.length)
  for (const tip of tips) isTip[tip] = 1
  const thinnest = tips.reduce((least, tip) => Math.min(least, nodes[tip]?.dMm ?? Infinity), Infinity)
  const apart = spacing(plant, tips.length)
  const twigs: Twig[] = []
  nodes.forEach((node, i) => {
    const below = nodes[node.parent]
    if (!below || (!isTip[i] && node.dMm > thinnest * THIN)) return
    if (node.y < plant.crownBaseMm * 0.6) return
    const along = unit({ x: node.x - below.x, y: node.y - below.y, z: node.z - below.z })
    const count = isTip[i] ? PER_TIP : Math.floor(PER_SHOOT + random())
    const start = random() * 2 * Math.PI
    for (let k = 0; k < count; k += 1) {
      const lead = isTip[i] === 1 && k === 0
      const turn = plant.branching.paired
        ? start + Math.floor(k / 2) * (Math.PI / 2) + (k % 2) * Math.PI
        : start + k * 2.4
      const away = lead ? 0.12 : 0.55 + 0.5 * random()
      const direction = bent(along, turn, away, whorled ? 0.35 : 1)
      // Spruce twigs hang from their limb, birch twigs fall, poplar twigs rise.
      const rise = (lead ? 0.1 : 0) - plant.droop * (plant.droop > 0 ? 0.75 : 0.55)
      const heading = unit({ x: direction.x, y: direction.y + rise, z: direction.z })
      const usual = apart * LENGTH * (lead ? 0.8 : 1) * (0.65 + 0.6 * random())
      const long =
        lead && !whorled ? Math.max(usual, Math.min(gapOf(node, heading, plant), apart * REACHES)) : usual
      const s = lead ? 1 : random()
      const from = {
        x: below.x + (node.x - below.x) * s,
        y: below.y + (node.y - below.y) * s,
        z: below.z + (node.z - below.z) * s,
      }
      twigs.push({ from, to: held(from, heading, long, plant), dMm: thinnest * 0.7 })
    }
  })
  return twigs
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

/** The end of a twig, drawn back to the outline where it would leave it. */
function held(from: Point, heading: Point, long: number, plant: Habitus): Point {
  const to = { x: from.x + heading.x * long, y: from.y + heading.y * long, z: from.z + heading.z * long }
  const top = plant.heightMm * 0.985
  const y = Math.max(plant.heightMm * 0.004, to.y > top ? top - 0.5 * (to.y - top) : to.y)
  if (plant.row) {
    const within = (value: number, most: number): number => Math.max(-most, Math.min(most, value))
    return {
      x: within(to.x, plant.row.lengthMm / 2),
      y,
      z: within(to.z, (plant.crownWidthMm / 2) * (plant.row.trimmed ? 1 : 1.1)),
    }
  }
  const out = Math.hypot(to.x, to.z)
  const most = Math.max(Math.hypot(from.x, from.z) * 0.9, crownHalf(plant, y) * OUTMOST)
  const k = out > most ? most / out : 1
  return { x: to.x * k, y, z: to.z * k }
}

export function unit({ x, y, z }: Point): Point {
  const length = Math.hypot(x, y, z) || 1
  return { x: x / length, y: y / length, z: z / length }
}

/** A direction turned away from another by an angle, to a side; flat < 1 keeps it nearer to the horizontal plane. */
function bent(along: Point, turn: number, away: number, flat: number): Point {
  const side = unit(Math.abs(along.y) < 0.9 ? { x: along.z, y: 0, z: -along.x } : { x: 1, y: 0, z: 0 })
  const over = {
    x: along.y * side.z - along.z * side.y,
    y: along.z * side.x - along.x * side.z,
    z: along.x * side.y - along.y * side.x,
  }
  const [c, s] = [Math.cos(turn) * Math.sin(away), Math.sin(turn) * Math.sin(away) * flat]
  const on = (key: keyof Point): number => along[key] * Math.cos(away) + side[key] * c + over[key] * s
  return unit({ x: on('x'), y: on('y'), z: on('z') })
}
