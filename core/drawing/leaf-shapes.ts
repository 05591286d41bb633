import { leafKinds, type LeafKind } from '../plants'

/** Corners of a leaf's outline: along it from its foot (−1) to its tip (1), and across, in half-lengths. */
export type Outline = readonly (readonly [along: number, across: number])[]

/** What a kind of leaf is drawn as: the smallest thing that reads as one, from as near as a lens comes. */
export interface LeafShape {
  /** Length of what is drawn, by the species' leaf length: needles and scales are drawn by the shoot. */
  readonly times: number
  /** Width by length. */
  readonly aspect: number
  /** How closely it follows its twig (1) or goes anywhere (0), and how far it hangs (1) or stands (−1). */
  readonly follows: number
  readonly hangs: number
  /** Share of their area that tells: what lies along one twig hides itself (Nilson's clumping index). */
  readonly clumping: number
  /** How far leaves stand off their twig, by the room that they have: needles keep close. */
  readonly off: number
  /** What it looks like from near; absent: an oval. */
  readonly outline?: Outline
}

const mirrored = (half: Outline): Outline => [
  ...half,
  ...[...half].reverse().map(([along, across]): readonly [number, number] => [along, -across]),
]
/** Leaflets in pairs along a stalk, with one at its end. */
const leaflets = (pairs: number, wide: number): Outline =>
  mirrored([
    [-1, 0.02],
    ...Array.from({ length: pairs }, (_, i): Outline => {
      const at = -0.8 + (1.5 * i) / pairs
      const step = 1.5 / pairs
      return [
        [at, 0.02],
        [at + step * 0.2, wide],
        [at + step * 0.7, wide * 0.94],
        [at + step * 0.75, 0.02],
      ]
    }).flat(),
    [0.72, 0.02],
    [0.86, 0.13],
    [1, 0],
  ])
/** Leaflets or lobes spread like fingers. */
const fingers = (count: number, notch: number): Outline => {
  const points: [number, number][] = [[-1, 0]]
  for (let i = 0; i <= 2 * count; i += 1) {
    const angle = -2.3 + (4.6 * i) / (2 * count)
    const r = i % 2 === 1 ? 1 : notch
    points.push([Math.cos(angle) * r * 0.9, Math.sin(angle) * r * 0.9])
  }
  return points
}

/** Widths and manners are from memory. */
export const leafShapes: Record<LeafKind, LeafShape> = {
  broad: {
    times: 1,
    aspect: 0.6,
    follows: 0.35,
    hangs: 0.2,
    off: 0.62,
    clumping: 1,
    outline: mirrored([
      [-1, 0],
      [-0.6, 0.34],
      [-0.1, 0.56],
      [0.4, 0.46],
      [0.75, 0.22],
      [1, 0],
    ]),
  },
  round: {
    times: 1,
    aspect: 0.88,
    follows: 0.2,
    hangs: 0.45,
    off: 0.62,
    clumping: 1,
    outline: mirrored([
      [-1, 0],
      [-0.8, 0.5],
      [-0.3, 0.84],
      [0.3, 0.74],
      [0.75, 0.36],
      [1, 0],
    ]),
  },
  lobed: {
    times: 1,
    aspect: 0.74,
    follows: 0.3,
    hangs: 0.2,
    off: 0.62,
    clumping: 1,
    outline: mirrored([
      [-1, 0],
      [-0.72, 0.26],
      [-0.5, 0.16],
      [-0.22, 0.56],
      [0, 0.34],
      [0.28, 0.66],
      [0.42, 0.36],
      [0.72, 0.42],
      [1, 0],
    ]),
  },
  feathered: {
    times: 1,
    aspect: 0.4,
    follows: 0.55,
    hangs: 0.15,
    off: 0.62,
    clumping: 1.04,
    outline: leaflets(5, 0.4),
  },
  hand: {
    times: 1,
    aspect: 0.86,
    follows: 0.2,
    hangs: 0.5,
    off: 0.62,
    clumping: 1,
    outline: fingers(6, 0.34),
  },
  narrow: {
    times: 1,
    aspect: 0.17,
    follows: 0.5,
    hangs: 0.35,
    off: 0.55,
    clumping: 1.04,
    outline: mirrored([
      [-1, 0],
      [-0.5, 0.13],
      [0, 0.17],
      [0.5, 0.12],
      [1, 0],
    ]),
  },
  small: { times: 1.25, aspect: 0.6, follows: 0.5, hangs: 0, off: 0.55, clumping: 1 },
  tuft: { times: 1, aspect: 0.09, follows: 0.55, hangs: -0.25, off: 0.4, clumping: 0.85 },
  spray: { times: 2.6, aspect: 0.24, follows: 0.72, hangs: 0.18, off: 0.3, clumping: 0.5 },
  scale: { times: 2.4, aspect: 0.34, follows: 0.85, hangs: -0.2, off: 0.46, clumping: 0.7 },
  pad: { times: 1, aspect: 0.62, follows: 1, hangs: 0, off: 0, clumping: 1 },
  spine: { times: 1, aspect: 0.16, follows: 0.4, hangs: -0.4, off: 0.4, clumping: 1 },
}

/** Area of an outline by that of the oval about it: what lobes and gaps between leaflets leave open. */
function fillOf(outline: Outline | undefined): number {
  if (!outline) return 1
  let twice = 0
  let widest = 0
  outline.forEach(([along, across], i) => {
    const [nextAlong, nextAcross] = outline[(i + 1) % outline.length] ?? [0, 0]
    twice += along * nextAcross - nextAlong * across
    widest = Math.max(widest, Math.abs(across))
  })
  return Math.abs(twice) / 2 / (Math.PI * widest)
}

/** Of each kind's oval, the share that is leaf; far away, where none has an outline, its oval is so much narrower. */
export const leafFill = Object.fromEntries(
  leafKinds.map((kind) => [kind, fillOf(leafShapes[kind].outline)]),
) as Record<LeafKind, number>
