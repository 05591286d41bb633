import { GOLDEN_ANGLE } from '../growth/golden-angle'
import type { Habitus, DressKind, Point } from '../growth/types'
import type { OrganKind } from '../plants'
import type { Random } from '../units'
import { PER_TWIG, type Foliage } from './foliage'

/** Which show an organ belongs to. */
export const OrganPart = { flower: 0, fruit: 1, eye: 2 } as const
export type PartOf = (typeof OrganPart)[keyof typeof OrganPart]

/** A flower, a fruit or a piece of a head: an oval, its middle, half of its length as a vector, half its width. */
export interface Organ extends Point {
  readonly ax: number
  readonly ay: number
  readonly az: number
  readonly halfMm: number
  /** 0 deep shade to 1 full light. */
  readonly tone: number
  /** It shows while its part's share is above this. */
  readonly rank: number
  readonly part: PartOf
}

/** What stands or hangs at a twig's end, for one kind of organ. */
interface Manner {
  /** Length on the plant, mm, and width by length. */
  readonly mm: number
  readonly aspect: number
  /** −1 hangs, 1 stands, 0 lies as its twig does. */
  readonly stands: number
  /** Ovals that make it up, and how far they spread across by its length; flat heads spread level. */
  readonly pieces: number
  readonly spread: number
  readonly flat?: boolean
  /** Length by the plant's height at the most, where it is more than usual. */
  readonly largest?: number
}

/** Sizes from memory. */
const manners: Partial<Record<OrganKind, Manner>> = {
  catkins: { mm: 60, aspect: 0.2, stands: -1, pieces: 2, spread: 0.3 },
  candles: { mm: 220, aspect: 0.34, stands: 1, pieces: 1, spread: 0 },
  plates: { mm: 120, aspect: 0.5, stands: 0.4, pieces: 9, spread: 0.42, flat: true },
  domes: { mm: 170, aspect: 0.8, stands: 0.3, pieces: 18, spread: 0.4, largest: 0.16 },
  berries: { mm: 70, aspect: 1, stands: -0.3, pieces: 7, spread: 0.36 },
  fruits: { mm: 75, aspect: 1, stands: -1, pieces: 1, spread: 0 },
  cones: { mm: 110, aspect: 0.32, stands: -1, pieces: 1, spread: 0 },
  pods: { mm: 110, aspect: 0.14, stands: -1, pieces: 3, spread: 0.25 },
  keys: { mm: 60, aspect: 0.3, stands: -0.9, pieces: 5, spread: 0.3 },
  balls: { mm: 40, aspect: 1, stands: -1, pieces: 1, spread: 0 },
  spire: { mm: 220, aspect: 0.22, stands: 0.9, pieces: 5, spread: 0.1 },
  plume: { mm: 260, aspect: 0.3, stands: 0.7, pieces: 6, spread: 0.18 },
}

/** As a good maker would: slightly larger than life. */
const OVERSIZE = 1.7
/** Length by the plant's height: never less, so that it can be told, nor more. */
const LEAST = 0.018
const LARGEST = 0.09
/** All of them together cover this share of the crown's side; a show of so much shows so many of them. */
const COVER = 1
const MOST = 900
/** How far out of the leaves it stands, by how far these stand off their twig. */
const OUTSIDE = 0.9
/** And by the plant's height at the most. */
const FURTHEST = 0.05
/** Of the twigs, by their order in the light, the share that never bears any. */
const BARREN = 0.35

/** How far a conifer's cones keep to its upper crown, by the light. General knowledge; the weight is from memory. */
const CONES_HIGH = 2

/** Flowers and fruit of a crown at the ends of its lighter shoots, each in its own shape. */
export function organsOnCrown(
  { twigs, marks, offMm, lengthMm }: Foliage,
  plant: Habitus,
  dress: DressKind,
  random: Random,
): Organ[] {
  const borne = (['flower', 'fruit'] as const).filter((part) => {
    const kind = dress[part]
    return kind !== undefined && manners[kind] !== undefined
  })
  if (borne.length === 0 || twigs.length === 0) return []
  const upwards = plant.habit === 'conifer' ? CONES_HIGH / plant.heightMm : 0
  const shownAt = ({ light, y }: { light: number; y: number }): number => light + upwards * y
  const ends = twigs
    .map(({ to }, i) => ({
      x: to.x,
      y: to.y,
      z: to.z,
      light: marks[i * PER_TWIG + PER_TWIG - 1]?.tone ?? 0.5,
    }))
    .sort((a, b) => shownAt(b) - shownAt(a))
  const bearing = ends.slice(0, Math.max(1, Math.round(ends.length * (1 - BARREN))))
  const middleMm = (plant.heightMm + plant.crownBaseMm) / 2
  const scaleOf = dress.leafMm / Math.max(1e-9, dress.leafRealMm)
  const sideMm2 = 0.7 * (plant.row?.lengthMm ?? plant.crownWidthMm) * (plant.heightMm - plant.crownBaseMm)
  return borne.flatMap((part): Organ[] => {
    const kind = dress[part]
    const manner = kind && manners[kind]
    if (!manner) return []
    const long = Math.min(
      plant.heightMm * (manner.largest ?? LARGEST),
      Math.max(plant.heightMm * LEAST, manner.mm * scaleOf * OVERSIZE),
    )
    const pieceMm = manner.spread > 0 ? long * (manner.flat ? 0.3 : manner.pieces > 12 ? 0.26 : 0.44) : long
    const oneMm2 = manner.pieces * pieceMm * pieceMm * Math.min(1, manner.aspect) * 0.6
    const count = Math.min(MOST, Math.max(12, Math.round((COVER * sideMm2) / oneMm2)))
    return Array.from({ length: count }, () => {
      const end = bearing[Math.floor(random() ** 1.3 * bearing.length)]
      if (!end) return []
      const jitter = (): number => (random() - 0.5) * long * 0.6
      // Out of the leaves that hang about the twig's end, away from the middle of the crown.
      const [dx, dy, dz] = [end.x, end.y - middleMm, end.z]
      const out = offMm === 0 ? 0 : offMm * OUTSIDE + lengthMm * 0.5 + long * 0.2
      const away = Math.min(out, plant.heightMm * FURTHEST) / (Math.hypot(dx, dy, dz) || 1)
      const place = {
        x: end.x + dx * away + jitter(),
        y: end.y + dy * away + jitter(),
        z: end.z + dz * away + jitter(),
      }
      return cluster(place, manner, long, pieceMm, {
        tone: 0.35 + 0.5 * end.light + 0.15 * random(),
        rank: random(),
        part: OrganPart[part],
        highest: plant.heightMm,
        random,
      })
    }).flat()
  })
}

interface Look {
  readonly tone: number
  readonly rank: number
  readonly part: PartOf
  readonly highest: number
  readonly random: Random
}

function cluster(
  place: Point,
  { aspect, stands, pieces, spread, flat }: Manner,
  long: number,
  pieceMm: number,
  { tone, rank, part, highest, random }: Look,
): Organ[] {
  const half = pieceMm / 2
  // All of it stays below the top.
  const middleY = Math.min(highest - half - (flat ? 0.12 : spread) * long, place.y + stands * half)
  return Array.from({ length: pieces }, (_, k): Organ => {
    const turn = k * GOLDEN_ANGLE + rank * 6.3
    const out = spread * long * Math.sqrt((k + 0.5) / pieces)
    const lean = 0.25 * (random() - 0.5)
    const rise = Math.sin(turn * 1.7)
    const y = middleY + (flat ? 0.12 * long * random() : out * rise)
    return {
      x: place.x + Math.cos(turn) * out,
      y: Math.max(half, y),
      z: place.z + Math.sin(turn) * out,
      ax: half * lean,
      ay: half * (stands < 0 ? -1 : 1) * Math.max(0.5, Math.abs(stands)),
      az: half * lean,
      halfMm: half * aspect,
      tone: Math.min(1, tone + 0.16 * (random() - 0.5) + (flat ? 0.1 : pieces > 1 ? 0.22 * rise : 0)),
      rank,
      part,
    }
  })
}
