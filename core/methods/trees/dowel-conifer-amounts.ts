import { cutAreaCm2, cutRods, discTree, FIRST_BRANCH_REAL_MM, type DiscTree } from '../../armature'
import type { PieceSize } from '../../commissions'
import {
  crownInput,
  coatUse,
  dressing,
  flockUse,
  hasLeaf,
  representatives,
  use,
  type Cut,
  type PlantTask,
  type Use,
  type Yield,
} from '../../makeup'
import { catalogueRow } from '../../stock'
import { figure, input, type NumberInput } from '../../units'
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
  readonly discsEach: number
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
  const pieces = input('pieces started', started, '', 'formula')
  const rodOf = task.fill('dowel').parts[0]?.material.of
  const rodMm = rodOf?.stuff === 'dowel' ? (rodOf.rodMm ?? ROD_MM) : ROD_MM
  const kerf = task.input(k.kerfMm)
  const rods = cutRods(
    trees.map(({ dowelMm }) => dowelMm),
    [{ lengthMm: rodMm }],
    kerf.value,
  )
  const rodCount = Math.ceil((rods.rods.length + rods.uncut.length) * times - 1e-9)
  const pad = padOf(task)
  const sheetCm2 = (pad.widthMm * pad.heightMm) / 100
  const area = trees.reduce((sum, { cuts }) => sum + cutAreaCm2(cuts), 0) * doubled * times
  const usable = 1 - value(k.strip)
  const padCount = task.pads ?? Math.max(1, Math.ceil(area / (sheetCm2 * usable * value(k.packed)) - 1e-9))
  const padInputs: NumberInput[] = [
    input('discs’ area', area, 'cm²', 'formula', 'π/4 · d² of every disc that is cut'),
    input('a pad', sheetCm2, 'cm²', 'yours'),
    task.input(k.strip),
    task.input(k.packed),
  ]
  const bark = input(
    'dowel’s surface',
    (Math.PI * piece.trunkMm * piece.heightMm) / 100,
    'cm²',
    'formula',
    'π · d · height',
  )
  const per = (
    slot: string,
    step: string,
    label: string,
    of: number,
    unit: 'ml' | 'g',
    formula: string,
    from: NumberInput[],
  ): Use => use(task, { slot, step, label, perPiece: figure(of, unit, formula, from) })
  const light = task.fill('highlight').parts.length > 0 ? task.value(dressing.lightShare) : 0
  const foam = (slot: string, label: string, part: number): Use =>
    flockUse(task, {
      slot,
      step: 'foam',
      label,
      area: crownInput(task),
      seeThrough: input('g, see-through in full leaf', piece.seeThrough, '', piece.seeThroughOrigin),
      leaf: hasLeaf(piece) ? piece.leaf : 0.01,
      share: input(
        'share of the foliage',
        part * (1 - value(k.padShare)),
        '',
        'memory',
        'less what the pads make up',
      ),
      sticks: k.sticks,
    })
  const uses: Use[] = [
    use(task, {
      slot: 'dowel',
      step: 'cut',
      label: 'Dowel rods',
      perPiece: figure(rodCount / started, 'piece', 'rods ÷ pieces', [pieces]),
      total: figure(
        rodCount,
        'piece',
        `dowels and the saw’s cuts, laid into rods of ${Math.round(rodMm)} mm`,
        [
          input(
            'dowels together',
            trees.reduce((sum, { dowelMm }) => sum + dowelMm, 0) * times,
            'mm',
            'formula',
          ),
          kerf,
        ],
      ),
      once: true,
    }),
    use(task, { slot: 'pin', step: 'pin', label: 'Pins', perPiece: figure(1, 'piece', 'one a tree', []) }),
    per('ca', 'pin', 'CA', value(k.caPin), 'ml', 'CA for a pin', [task.input(k.caPin)]),
    per('stain', 'pin', 'Stain', bark.value * value(k.stainCoat), 'ml', 'dowel’s surface × coat', [
      bark,
      task.input(k.stainCoat),
    ]),
    per(
      'brush-paint',
      'brush',
      'Dry-brush',
      bark.value * value(k.brushCoat),
      'ml',
      'dowel’s surface × coat',
      [bark, task.input(k.brushCoat)],
    ),
    use(task, {
      slot: 'pad',
      step: 'discs',
      label: coir ? 'Coir' : 'Pads',
      perPiece: figure(padCount / started, 'piece', 'pads ÷ pieces', [pieces]),
      total: figure(
        padCount,
        'piece',
        task.pads === undefined
          ? 'discs’ area ÷ (a pad less its strip × what discs cover), rounded up'
          : 'as the discs are nested, a strip of each pad kept',
        padInputs,
      ),
      once: true,
    }),
    coatUse(task, { slot: 'adhesive', step: 'thread', label: 'Adhesive under the discs' }, k.glueCoat),
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
      : [coatUse(task, { slot: 'adhesive', step: 'foam', label: 'Adhesive for the foam' }, k.foamCoat)]),
    foam('foliage', 'Dark foam', 1 - light),
    ...(light > 0 ? [foam('highlight', 'Light foam, from above', light)] : []),
    coatUse(task, { slot: 'clear', step: 'clear', label: 'Flat clear' }, k.clearCoat),
    ...(task.choice('snow') === 'laden'
      ? [
          coatUse(
            task,
            { slot: 'adhesive', step: 'snow', label: 'Adhesive for the snow' },
            dressing.mistCoat,
          ),
          per(
            'snow',
            'snow',
            'Snow',
            (piece.topAreaCm2 * value(dressing.snowMm)) / 20,
            'g',
            'crown from above × depth × 0.5 g/ml',
            [input('crown from above', piece.topAreaCm2, 'cm²', 'formula'), task.input(dressing.snowMm)],
          ),
        ]
      : []),
  ]
  const kept = padCount * sheetCm2 * value(k.strip)
  return {
    uses,
    cuts: dowelCuts(sizes.map(({ heightMm }) => heightMm)),
    yields: [
      {
        label: 'Pad corners: upper discs, undergrowth',
        source: 'by-product',
        material: catalogueRow('pad-corners'),
        quantity: figure(
          Math.max(1, padCount * sheetCm2 - area - kept),
          'cm2',
          'pads − discs − the strip that is kept',
          padInputs,
        ),
        shares: [],
      },
    ],
    discsEach: own.discs.length,
  }
}
