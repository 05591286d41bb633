import { labToHex, mixHex, tonesOf } from '../colour'
import type { Look, Species } from '../plants'
import type { Line } from './records'

/** Leaf litter lies so deep, and its leaves so wide spread, m. From memory. */
const LITTER_M = 0.05
const HEAP_M = 0.3

/** Whether a line is the floor under trees: so much ground of a tree is what it drops. */
export const isFloor = ({ amount }: Pick<Line, 'amount'>, { habit }: Pick<Species, 'habit'>): boolean =>
  amount.kind === 'area' && (habit === 'broadleaf' || habit === 'conifer' || habit === 'palm')

/** The litter of a tree as a row of the species table: low, all over the ground, of the tree’s own leaf. */
export function floorOf(species: Species): Species {
  const { organs: _organs, standing: _standing, rows: _rows, crownBase: _base, ...own } = species
  const ratio = HEAP_M / LITTER_M
  return {
    ...own,
    habit: 'herb',
    crownForm: 'blades',
    heightM: [LITTER_M, LITTER_M, LITTER_M, LITTER_M],
    crownRatio: [ratio, ratio, ratio, ratio],
    clearStem: 0,
    dbhRatio: 0,
    stems: 6,
    growth: { lobes: 0, droop: 0.6 },
    show: { flower: 0, fruit: 0 },
  }
}

/** Of the litter, the share that has fallen lately and has the colour of the day. From memory. */
const FRESH = 0.25

/** The look of a tree’s litter: dead leaves, some of them as they are on the day. */
export function floorLook(look: Look, { colours }: Pick<Species, 'colours'>): Look {
  const colour = mixHex([
    [labToHex(colours.dead), 1 - FRESH],
    [look.straw.colour, FRESH],
  ])
  const tones = tonesOf(colour)
  return {
    ...look,
    leaf: 1,
    leaves: [{ tones, share: 1, outer: 0.5 }],
    tones,
    flower: { ...look.flower, share: 0 },
    fruit: { ...look.fruit, share: 0 },
    overall: colour,
    height: 1,
    mown: false,
    straw: { share: 1, colour },
    words: 'leaf litter',
  }
}
