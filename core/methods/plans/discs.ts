import { padOrder, discTree, FIRST_BRANCH_REAL_MM, type DiscTree, type PadOrder } from '../../armature'
import type { Piece, PieceSize } from '../../commissions'
import { plannerOf, type Cut, type Filled, type MakeUp, type PlantTask } from '../../makeup'
import { worthOf } from '../../quantities'
import { amount, coefficients, loss, seconds, share, spoilage, sticking } from '../kit/rows'
import { representatives } from '../../units'
import type { PlantMaking } from '../kit/bench'
import { dries } from '../kit/setting'

/** The numbers that a conifer of dowel and discs rests on. */
export const dowelFigures = coefficients('dowel-conifer', {
  spoilage: spoilage(0.03),
  kerfMm: amount('width of the saw’s cut', 1.2, 'mm'),
  strip: loss('strip of a pad kept uncut for odd sizes', 0.15),
  packed: share('discs cover, of the pad that is cut', 0.74, 'memory', 'until they are nested'),
  stainCoat: amount('stain on the dowel', 0.03, 'ml/cm²'),
  brushCoat: amount('dry-brushed grey on the dowel', 0.008, 'ml/cm²'),
  pinShare: share('hole for the pin, of the rod', 0.4),
  pinWireMm: amount('wire for a pin', 30, 'mm'),
  pinCa: amount('CA for a pin, for each mm of its hole', 0.03, 'ml/mm'),
  discGlue: amount('adhesive under a disc', 0.06, 'ml'),
  ragged: share('left of a disc when it is cut ragged', 0.7),
  secondCoat: share('second coat, before the light foam, of the first', 0.4),
  foamCoat: amount('adhesive for the foam', 0.03, 'ml/cm²'),
  clearCoat: amount('flat clear, generous', 0.07, 'ml/cm²'),
  sticks: sticking('foam sticks, of what is shaken on', 0.5),
  cutSec: seconds('label off, cut, drill', 60),
  taperSec: amount('taper, for each mm of height', 0.2, 's/mm'),
  raspSec: amount('rasp, for each mm of dowel', 1, 's/mm', 'common practice', '12 of 300 mm an hour'),
  pinSec: seconds('pin', 30),
  stainSec: amount('stain, for each mm of dowel', 0.15, 's/mm'),
  brushSec: amount('dry-brush, for each mm of dowel', 0.2, 's/mm'),
  discMmSec: amount(
    'cut and split, for each mm of a disc',
    0.7,
    's/mm',
    'memory',
    '10 to 15 minutes a tree of 230 mm',
  ),
  fitSec: seconds('dry-fit and lay out a disc', 5),
  threadMmSec: amount(
    'glue and thread, for each mm of a disc',
    0.25,
    's/mm',
    'memory',
    'five minutes a tree of 230 mm',
  ),
  foamSec: amount('foam, dark and light, for each cm² of disc', 0.5, 's/cm²'),
  clearSec: amount('flat clear, for each cm² of disc', 0.12, 's/cm²'),
  stainMin: dries('stain'),
  clearMin: dries('clear'),
})
const k = dowelFigures

/** Layers that a pad is split into. */
export const LAYERS = { once: 2, twice: 4, whole: 1 } as const

/** A pad that is not said to have a size, mm. */
const PAD = { widthMm: 400, heightMm: 300, thicknessMm: 25 } as const

/** A low tree keeps its crown: its first branch is no higher than this share of it. From memory. */
const LOW_TREE = 0.3

type DiscTask = Pick<PlantTask, 'piece' | 'choice' | 'fill'>

/** The pad that is cut: its size, and how thick the layers are. */
export function padOf(task: DiscTask): {
  readonly widthMm: number
  readonly heightMm: number
  readonly thicknessMm: number
  readonly layers: 1 | 2 | 4
} {
  const of = task.fill('pad').parts[0]?.material.of
  const layers = LAYERS[task.choice('layers') as keyof typeof LAYERS]
  // Coir is limp: nothing is split, two lie on each other.
  const whole = task.choice('pad') === 'coir'
  return of?.stuff === 'pad'
    ? {
        widthMm: of.widthMm ?? PAD.widthMm,
        heightMm: of.heightMm ?? PAD.heightMm,
        thicknessMm: of.thicknessMm,
        layers: whole ? 1 : layers,
      }
    : { ...PAD, layers: whole ? 1 : layers }
}

/** Dowel and discs of one tree of the line, at its own size. */
export function discsOf(
  task: DiscTask,
  size: Pick<PieceSize, 'heightMm' | 'crownWidthMm' | 'clearStemMm' | 'trunkMm'>,
): DiscTree {
  const { piece } = task
  const pad = padOf(task)
  const wished =
    task.choice('foot') === 'own'
      ? size.clearStemMm
      : Math.min(FIRST_BRANCH_REAL_MM / piece.realRatio, size.heightMm * LOW_TREE)
  return discTree({
    heightMm: size.heightMm,
    crownWidthMm: size.crownWidthMm,
    crownForm: piece.crownForm,
    firstBranchMm: Math.min(size.heightMm * 0.85, wished),
    trunkMm: size.trunkMm,
    padMm: pad.thicknessMm,
    layers: pad.layers,
  })
}

/** The usual hole and nail, mm: 7/64 in. Common practice. */
export const USUAL_PIN_MM = 2.8
/** Hole for the pin of a rod, mm: no wider than the wood around it bears. @param share of the rod */
export const pinMm = (rodMm: number, share: number): number =>
  Math.min(USUAL_PIN_MM, Math.max(0.3, Math.round(rodMm * share * 10) / 10))

/** Trees that are planned one by one, and discs of all of them: of more, some of each size stand for the others. */
const MOST_TREES = 150
const MOST_DISCS = 20_000
const treesPlanned = (discsEach: number): number =>
  Math.max(8, Math.min(MOST_TREES, Math.floor(MOST_DISCS / Math.max(1, discsEach))))

/** The trees of a batch as they are planned. */
export interface PlannedTrees {
  readonly sizes: readonly PieceSize[]
  /** One of the line's usual size. */
  readonly own: DiscTree
  readonly trees: readonly DiscTree[]
  /** How many trees each of those that are planned stands for. */
  readonly times: number
}
export function planTrees(on: PlantMaking): PlannedTrees {
  const own = discsOf(on, on.piece)
  const sizes = on.task.sizes(on.started)
  const some = representatives(sizes, ({ heightMm }) => heightMm, treesPlanned(own.discs.length))
  const trees = some.map((size) => discsOf(on, size))
  return { sizes, own, trees, times: sizes.length / Math.max(1, trees.length) }
}

/** Dowels as they are cut: each with its tree's number, or of very many so many of each length, in whole mm. */
export function dowelCuts(lengthsMm: readonly number[]): Cut[] {
  if (lengthsMm.length <= MOST_TREES)
    return lengthsMm.map((lengthMm, i) => ({ slot: 'dowel', what: `dowel ${i + 1}`, count: 1, lengthMm }))
  const step = Math.max(1, Math.ceil(Math.max(...lengthsMm) / MOST_TREES))
  const counts = new Map<number, number>()
  for (const lengthMm of lengthsMm) {
    const rounded = Math.ceil(lengthMm / step) * step
    counts.set(rounded, (counts.get(rounded) ?? 0) + 1)
  }
  return [...counts]
    .sort(([a], [b]) => b - a)
    .map(([lengthMm, count]) => ({ slot: 'dowel', what: 'dowels', count, lengthMm }))
}

/** Cut discs that are nested together: more are cut batch by batch. */
const MOST_NESTED = 2_500

/** How many trees of a batch have their discs nested together. */
export const treesNested = (up: MakeUp): number =>
  up.job.kind === 'stock' || !plannerOf(up, 'discs')
    ? 0
    : Math.max(
        1,
        Math.floor(MOST_NESTED / Math.max(1, discsOf(discTask(up, up.job.piece), up.job.piece).cuts.length)),
      )

/**
 * The order for nesting a batch's discs; undefined for a way without discs, and for more trees than are nested
 * together.
 */
export function nestOrderOf(
  up: MakeUp,
  sizes: readonly PieceSize[],
  own: ReadonlyMap<string, number> = new Map(),
): PadOrder | undefined {
  if (up.job.kind === 'stock' || !plannerOf(up, 'discs')) return undefined
  if (sizes.length > treesNested(up)) return undefined
  const task = discTask(up, up.job.piece)
  const trees = sizes.map((size) => discsOf(task, size))
  return padOrder(trees, padOf(task), worthOf(k.strip, own).value, up.choices.pad === 'coir' ? 2 : 1)
}

/** What the discs of a make-up's tree follow from. */
export const discTask = (up: MakeUp, piece: Piece) => ({
  piece,
  choice: (id: string): string => up.choices[id] ?? '',
  fill: (id: string): Filled => {
    const found = up.slots.find(({ slot }) => slot.id === id)
    if (!found) throw new RangeError(`slot is ${id}; it must be one of the method's`)
    return found
  },
})
