import {
  proposedStrands,
  STRANDS_RANGE,
  type NestOrder,
  type PATIENCE,
  type WireOrder,
  type WirePlan,
} from '../armature'
import type { PieceSize } from '../commissions'
import { makeUp, worthOf, type Filled, type MakeUp, type MakeUpOrder, type Piece } from '../makeup'
import { discsOf, padOf } from './trees/dowel-conifer-amounts'
import { dowelFigures } from './trees/dowel-conifer-figures'
import { wireFigures } from './trees/wire-figures'

/** The choice that holds a number of strands set by the maker. */
export const STRANDS_CHOICE = 'strands'

/** A number of strands as it was set; undefined where it was not, or can't be twisted. */
export function strandsSet(choices: Readonly<Record<string, string>> | undefined): number | undefined {
  const set = Number(choices?.[STRANDS_CHOICE])
  const [least, most] = STRANDS_RANGE
  return Number.isInteger(set) && set >= least && set <= most ? set : undefined
}

const diameterOf = (up: MakeUp, slotId: string): number | undefined => {
  const of = up.slots.find(({ slot }) => slot.id === slotId)?.parts[0]?.material.of
  return of?.stuff === 'wire' ? of.diameterMm : undefined
}

/** What the armature of a make-up is planned for; undefined for a way without wire, or without wire chosen. */
export function wireOrderOf(
  up: MakeUp,
  order: Pick<MakeUpOrder, 'choices' | 'states' | 'own'>,
): WireOrder | undefined {
  if (up.job.kind === 'stock' || !('profile' in up.method) || up.method.profile.manner !== 'wire')
    return undefined
  const { piece } = up.job
  const [stoutMm, thinMm] = [diameterOf(up, 'wire'), diameterOf(up, 'thin-wire')]
  if (stoutMm === undefined || thinMm === undefined) return undefined
  const own = order.own ?? new Map<string, number>()
  const patience = up.method.id === 'wire-pine' ? 'quick' : (up.choices.patience as keyof typeof PATIENCE)
  const figures = up.method.coefficients
  const worth = (key: string, otherwise: (typeof wireFigures)[keyof typeof wireFigures]): number => {
    const found = figures.find(({ id }) => id === `${up.method.id}/${key}`) ?? otherwise
    return worthOf(found, own).value
  }
  return {
    heightMm: piece.heightMm,
    trunkMm: piece.trunkMm,
    strands: strandsSet(order.choices) ?? proposedStrands(piece.heightMm, piece.zone, patience),
    stoutMm,
    thinMm,
    barkMm: worth('bark-mm', wireFigures.barkMm),
    takeUp: worth('take-up', wireFigures.takeUp),
    wiresMm: [
      ...new Set(
        order.states.flatMap(({ material, onHand }) =>
          material.of.stuff === 'wire' && onHand > 0 ? [material.of.diameterMm] : [],
        ),
      ),
    ],
  }
}

/** Cut discs that are nested together: more are cut batch by batch. */
const MOST_NESTED = 2_500

/** How many trees of a batch have their discs nested together. */
export const treesNested = (up: MakeUp): number =>
  up.job.kind === 'stock' || up.method.id !== 'dowel-conifer'
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
): (NestOrder & { readonly labels: readonly string[]; readonly treeOf: readonly number[] }) | undefined {
  if (up.job.kind === 'stock' || up.method.id !== 'dowel-conifer') return undefined
  if (sizes.length > treesNested(up)) return undefined
  const task = discTask(up, up.job.piece)
  const pad = padOf(task)
  const strip = worthOf(dowelFigures.strip, own).value
  const doubled = up.choices.pad === 'coir' ? 2 : 1
  const discs = sizes.flatMap((size, tree) =>
    discsOf(task, size).cuts.flatMap((cut) =>
      Array.from({ length: doubled }, () => ({
        radiusMm: cut.diameterMm / 2,
        tree,
        label: `${tree + 1}·${cut.discs.join('·')}`,
      })),
    ),
  )
  const sheet = { widthMm: pad.widthMm * (1 - strip), heightMm: pad.heightMm }
  const area = discs.reduce((sum, { radiusMm }) => sum + Math.PI * radiusMm * radiusMm, 0)
  const sheets = Math.max(1, Math.ceil(area / (sheet.widthMm * sheet.heightMm * 0.6)) + 1)
  return {
    radiiMm: discs.map(({ radiusMm }) => radiusMm),
    labels: discs.map(({ label }) => label),
    treeOf: discs.map(({ tree }) => tree),
    sheets: Array.from({ length: sheets }, () => sheet),
    gapMm: 1,
    seed: 1,
    tries: 240,
  }
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

/**
 * Works a job out, with its armature where it has been planned: first without, which says what wire is chosen,
 * then with the plan for it.
 * @param plan the plan for an order; undefined while it is not known
 */
export function workedOutWith(order: MakeUpOrder, plan: (wire: WireOrder) => WirePlan | undefined): MakeUp {
  const first = makeUp(order)
  const wanted = wireOrderOf(first, order)
  const wire = wanted && plan(wanted)
  return wire ? makeUp({ ...order, wire }) : first
}
