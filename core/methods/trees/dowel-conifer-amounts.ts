import { cutAreaCm2, cutRods, discTree, FIRST_BRANCH_REAL_MM, type DiscTree } from '../../armature'
import type { PieceSize } from '../../commissions'
import {
  batchUse,
  coatUse,
  dressing,
  fixedUse,
  flockUse,
  hasLeaf,
  heightOf,
  leafOf,
  representatives,
  seeThroughOf,
  snowUse,
  use,
  type Cut,
  type PlantTask,
  type Use,
  type Yield,
} from '../../makeup'
import {
  constant,
  difference,
  fact,
  figure,
  MM_IN_CM,
  most,
  number,
  ONE,
  product,
  quotient,
  rest,
  rodSurface,
  roundedUp,
  type Expression,
} from '../../quantities'
import { catalogueRow } from '../../stock'
import { plainNumber } from '../../units'
import { dowelFigures as k } from './dowel-conifer-figures'

/** Layers that a pad is split into. */
export const LAYERS = { once: 2, twice: 4, whole: 1 } as const

/** A rod that is not said to have a length is this long, mm: 36 in. */
const ROD_MM = 914
/** A pad that is not said to have a size, mm. */
const PAD = { widthMm: 400, heightMm: 300, thicknessMm: 25 } as const

/** A low tree keeps its crown: its first branch is no higher than this share of it. From memory. */
const LOW_TREE = 0.3

type DiscTask = Pick<PlantTask, 'piece' | 'choice' | 'fill'>

/** The pad that is cut: its size, and how thick the layers are. */
export function padOf({ fill, choice }: DiscTask): {
  readonly widthMm: number
  readonly heightMm: number
  readonly thicknessMm: number
  readonly layers: 1 | 2 | 4
} {
  const of = fill('pad').parts[0]?.material.of
  const layers = LAYERS[choice('layers') as keyof typeof LAYERS]
  // Coir is limp: nothing is split, two lie on each other.
  const whole = choice('pad') === 'coir'
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

/** All discs on a tree's stem, cm², before they are cut ragged. */
export const discsCm2 = ({ discs }: DiscTree): number =>
  discs.reduce((sum, { diameterMm }) => sum + (Math.PI / 4) * (diameterMm / 10) ** 2, 0)

/** Trees that are planned one by one, and discs of all of them: of more, some of each size stand for the others. */
const MOST_TREES = 150
const MOST_DISCS = 20_000
const treesPlanned = (discsEach: number): number =>
  Math.max(8, Math.min(MOST_TREES, Math.floor(MOST_DISCS / Math.max(1, discsEach))))

/** Dowels as they are cut: each with its tree's number, or of very many so many of each length, in whole mm. */
function dowelCuts(lengthsMm: readonly number[]): Cut[] {
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

/** Everything that dowels and discs take for the batch. */
export function dowelWork(task: PlantTask): {
  readonly uses: Use[]
  readonly cuts: Cut[]
  readonly yields: Yield[]
  readonly tree: DiscTree
} {
  const { piece, value, started } = task
  const own = discsOf(task, piece)
  const sizes = task.sizes(started)
  const some = representatives(sizes, ({ heightMm }) => heightMm, treesPlanned(own.discs.length))
  const trees = some.map((size) => discsOf(task, size))
  /** How many trees each of those that are planned stands for. */
  const times = sizes.length / Math.max(1, trees.length)
  const coir = task.choice('pad') === 'coir'
  const discsFirst = task.choice('paint') === 'discs'
  const doubled = coir ? 2 : 1
  const rodOf = task.fill('dowel').parts[0]?.material.of
  const rodMm = rodOf?.stuff === 'dowel' ? (rodOf.rodMm ?? ROD_MM) : ROD_MM
  const kerfMm = value(k.kerfMm)
  const rods = cutRods(
    trees.map(({ dowelMm }) => dowelMm),
    [{ lengthMm: rodMm }],
    kerfMm,
  )
  const rodCount = Math.ceil((rods.rods.length + rods.uncut.length) * times - 1e-9)
  const pad = padOf(task)
  const sheetCm2 = (pad.widthMm * pad.heightMm) / 100
  const area = trees.reduce((sum, { cuts }) => sum + cutAreaCm2(cuts), 0) * doubled * times
  const discs = fact('discs’ area', area, 'cm²', 'formula', 'π/4 · d² of every disc that is cut')
  const sheet = fact('a pad', sheetCm2, 'cm²', 'stock')
  const padCount =
    task.pads === undefined
      ? most(ONE, roundedUp(quotient(discs, product(sheet, rest(task.input(k.strip)), task.input(k.packed)))))
      : fact('pads', task.pads, '', 'formula', 'as the discs are nested, a strip of each pad kept')
  const bark = rodSurface(
    quotient(fact('dowel', piece.trunkMm, 'mm'), MM_IN_CM),
    quotient(heightOf(task), MM_IN_CM),
  )
  // Foam and adhesive lie on the discs, not on an outline: both sides of their rims.
  const foliage = product(
    fact('discs of one tree', discsCm2(own), 'cm²', 'formula', 'π/4 · d² of every disc on its stem'),
    task.input(k.ragged),
  )
  const light = task.fill('highlight').parts.length > 0 ? task.input(dressing.lightShare) : undefined
  const foam = (slot: string, label: string, part: Expression): Use =>
    flockUse(task, {
      slot,
      step: 'foam',
      label,
      area: foliage,
      seeThrough: seeThroughOf(task),
      leaf: hasLeaf(piece) ? leafOf(task) : number(0.01),
      share: part,
      sticks: k.sticks,
    })
  const uses: Use[] = [
    batchUse(task, {
      slot: 'dowel',
      step: 'cut',
      label: 'Dowel rods',
      total: fact(
        'rods',
        rodCount,
        '',
        'formula',
        `dowels of ${Math.round(trees.reduce((sum, { dowelMm }) => sum + dowelMm, 0) * times)} mm together and a cut of ${plainNumber(kerfMm, 1)} mm at each, laid into rods of ${Math.round(rodMm)} mm`,
      ),
    }),
    task.fill('pin').slot.wish.stuff === 'wire'
      ? fixedUse(task, { slot: 'pin', step: 'pin', label: 'Wire for pins' }, k.pinWireMm)
      : use(task, { slot: 'pin', step: 'pin', label: 'Pins', each: ONE }),
    fixedUse(
      task,
      { slot: 'ca', step: 'pin', label: 'CA' },
      k.pinCa,
      fact('hole', pinMm(piece.trunkMm, value(k.pinShare)), 'mm'),
    ),
    fixedUse(task, { slot: 'stain', step: 'pin', label: 'Stain' }, k.stainCoat, bark),
    fixedUse(task, { slot: 'brush-paint', step: 'brush', label: 'Dry-brush' }, k.brushCoat, bark),
    batchUse(task, {
      slot: 'pad',
      step: 'discs',
      label: coir ? 'Coir' : 'Pads',
      total: padCount,
    }),
    fixedUse(
      task,
      { slot: 'adhesive', step: 'thread', label: 'Adhesive under the discs' },
      k.discGlue,
      fact('discs', own.discs.length, ''),
    ),
    ...(coir
      ? [
          coatUse(
            task,
            { slot: 'pad-paint', step: discsFirst ? 'paint-discs' : 'foam', label: 'Green for the coir' },
            dressing.paintCoat,
          ),
        ]
      : []),
    ...(coir && !discsFirst
      ? []
      : [
          fixedUse(
            task,
            { slot: 'adhesive', step: 'foam', label: 'Adhesive for the foam' },
            k.foamCoat,
            foliage,
          ),
        ]),
    foam('foliage', 'Dark foam', light ? rest(light) : ONE),
    ...(light ? [foam('highlight', 'Light foam, from above', light)] : []),
    coatUse(task, { slot: 'clear', step: 'clear', label: 'Flat clear' }, k.clearCoat),
    ...(task.choice('snow') === 'laden'
      ? [
          coatUse(
            task,
            { slot: 'adhesive', step: 'snow', label: 'Adhesive for the snow' },
            dressing.mistCoat,
          ),
          snowUse(task),
        ]
      : []),
  ]
  const cornersCm2 = difference(product(padCount, sheet, rest(task.input(k.strip))), discs)
  return {
    uses,
    cuts: dowelCuts(sizes.map(({ heightMm }) => heightMm)),
    yields: [
      {
        label: 'Pad corners: upper discs, undergrowth',
        source: 'by-product',
        material: catalogueRow('pad-corners'),
        quantity: figure(most(constant('', 1, 'cm²', 'at least a scrap'), cornersCm2), 'cm2'),
        shares: [],
      },
    ],
    tree: own,
  }
}
