import type { CrownForm, LeafKind, OrganKind } from './kinds'
import type { Species } from './types'

/** How a kind's limbs leave its stem and go on. */
export interface Branching {
  /** Angle of limbs from the vertical where they leave the stem, degrees, at the crown's base and at its top. */
  readonly angle: readonly [low: number, high: number]
  /**
   * Share of the crown's depth that the stem runs through as one; above it, it divides into limbs. Of grasses
   * and rushes: the share of shoots that are culms.
   */
  readonly leader: number
  readonly limbs: number
  /** How far limbs turn up along their length, 1 to the vertical; below 0 they turn down. */
  readonly curve: number
  /** 0 straight, 1 gnarled. */
  readonly crook: number
  /** In pairs, each at right angles to the last; else one by one around the stem. */
  readonly paired: boolean
}

type Manner = readonly [
  low: number,
  high: number,
  leader: number,
  limbs: number,
  curve: number,
  crook: number,
]
/** What crown forms commonly go with. From memory. */
const byForm: Record<CrownForm, Manner> = {
  columnar: [20, 12, 0.88, 34, 0.4, 0.12],
  conical: [80, 45, 0.94, 26, 0.15, 0.1],
  ovate: [54, 24, 0.7, 15, 0.35, 0.22],
  rounded: [62, 22, 0.46, 11, 0.4, 0.28],
  spreading: [70, 28, 0.24, 8, 0.12, 0.45],
  vase: [34, 20, 0.1, 8, -0.15, 0.25],
  weeping: [56, 24, 0.34, 9, -0.1, 0.3],
  layered: [84, 56, 0.78, 14, 0.05, 0.3],
  'flat-topped': [50, 30, 0.24, 9, 0.1, 0.25],
  irregular: [60, 30, 0.5, 10, 0.25, 0.42],
  'multi-stemmed': [24, 12, 0.16, 6, -0.1, 0.3],
  prostrate: [78, 40, 0.2, 6, 0.3, 0.4],
  mound: [62, 16, 0.2, 6, 0.25, 0.3],
  wall: [40, 15, 0.2, 6, 0.2, 0.4],
  tuft: [60, 20, 1, 6, 0, 0],
  blades: [40, 10, 0.3, 6, 0, 0],
}

/** How a species branches in a crown form: its own figures where it has some, else what the form suggests. */
export function branchingOf(species: Species, form: CrownForm): Branching {
  const { growth, arrangement } = species
  const [low, high, leader, limbs, curve, crook] = byForm[form]
  return {
    angle: growth.angle ?? [low, high],
    leader: growth.leader ?? leader,
    limbs: growth.limbs ?? limbs,
    curve: growth.curve ?? curve,
    crook: growth.crook ?? crook,
    paired: arrangement === 'opposite',
  }
}

/** Leaves shorter than this read as small ones, mm. */
const SMALL_MM = 28

/** What a species' leaf looks like. */
export function leafKindOf({ leaf, arrangement, leafMm, habit }: Species): LeafKind {
  if (leaf) return leaf
  switch (arrangement) {
    case 'needles':
      return habit === 'shrub' ? 'spine' : 'spray'
    case 'scales':
      return 'scale'
    case 'feather':
      return 'feathered'
    case 'fan':
      return 'round'
    default:
      if (habit === 'grass' || habit === 'reed') return 'narrow'
      return leafMm < SMALL_MM ? 'small' : 'broad'
  }
}

const NEEDLED: readonly LeafKind[] = ['tuft', 'spray', 'scale', 'spine']

/** Whether needles or scales clothe a species' last twigs all year, so that none is seen bare. */
export const isClothed = (species: Species): boolean =>
  species.keeps === 'evergreen' && NEEDLED.includes(leafKindOf(species))

/** What a species' flowers and fruit look like; undefined for those that don't show. */
export function organsOf({ organs, habit, show }: Species): {
  readonly flower: OrganKind | undefined
  readonly fruit: OrganKind | undefined
} {
  const heads = habit === 'grass' ? 'panicle' : habit === 'reed' ? 'plume' : undefined
  const flower = organs?.flower ?? heads ?? (habit === 'herb' ? 'daisy' : 'blossom')
  const fruit = organs?.fruit ?? heads ?? (habit === 'conifer' ? 'cones' : 'berries')
  return { flower: show.flower > 0 ? flower : undefined, fruit: show.fruit > 0 ? fruit : undefined }
}
