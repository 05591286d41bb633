import { difference76 } from '../colour'
import { hazeOf, lineSize, type Commission, type Line, type LineSize } from '../commissions'
import { grainForLeaf } from '../foliage'
import { crownSideArea, crownTopArea, lookOn, type Look, type Species } from '../plants'
import { totalNeeds, unitPriceMinor, type Material, type Need, type StockState } from '../stock'
import { requireRange, type Figure } from '../units'
import { figure, input } from './figures'
import { mouldedTrunk } from './moulded-trunk'
import { sprigTree } from './sprig-tree'
import { tuftSheet } from './tuft-sheet'
import type { Amount, Method, Piece, PlannedStep, Pour, Slot, Suit, Wish, Work } from './types'
import { woolBush } from './wool-bush'

export const methods: readonly Method[] = [sprigTree, mouldedTrunk, woolBush, tuftSheet]

/** The method with this id. @throws RangeError when there is none */
export function methodById(id: string): Method {
  const found = methods.find((method) => method.id === id)
  if (!found)
    throw new RangeError(
      `method is ${id}; it must be one of ${methods.map((method) => method.id).join(', ')}`,
    )
  return found
}

/** What is to be built for a line on a date. @param date YYYY-MM-DD @param look of that date, where it is known already */
export function pieceOf(
  line: Line,
  commission: Commission,
  species: Species,
  date: string,
  look: Look = lookOn(species, date, commission, hazeOf(commission)),
): { piece: Piece; size: LineSize; look: Look } {
  const size = lineSize(line, commission, species, look.height)
  const crownDepthMm = size.heightMm - size.crownBaseMm
  const topAreaCm2 = crownTopArea(size.crownWidthMm) / 100
  return {
    size,
    look,
    piece: {
      habit: species.habit,
      crownForm: species.crownForm,
      zone: line.zone,
      heightMm: size.heightMm,
      crownWidthMm: size.crownWidthMm,
      crownDepthMm,
      clearStemMm: size.clearStemMm,
      trunkMm: size.trunkMm,
      sideAreaCm2: crownSideArea(species.crownForm, size.crownWidthMm, crownDepthMm) / 100,
      topAreaCm2,
      volumeCm3: (2 / 3) * topAreaCm2 * (crownDepthMm / 10),
      leaf: look.leaf,
      seeThrough: line.seeThrough ?? species.seeThrough,
      seeThroughOrigin: line.seeThrough === undefined ? species.origin : 'yours',
      grainMm: grainForLeaf(species.leafMm, 1 / size.scale),
      tones: look.tones,
    },
  }
}

/** Every method with its reasons for this piece, the best suited first. */
export function rankMethods(piece: Piece): { method: Method; suit: Suit }[] {
  const rank = { suits: 0, possible: 1, unsuited: 2 }
  return methods
    .map((method) => ({ method, suit: method.suits(piece) }))
    .sort(
      (a, b) =>
        rank[a.suit.verdict] - rank[b.suit.verdict] ||
        a.suit.reasonsAgainst.length - b.suit.reasonsAgainst.length,
    )
}

/** How far a material is from what a slot wishes, 0 for a perfect match. One point is a halved or doubled size, or a ΔE of 20. */
export function mismatch(material: Material, wish: Wish): number {
  const octaves = (have: number | undefined, want: number | undefined): number =>
    have === undefined || want === undefined ? 0 : Math.abs(Math.log2(have / want))
  const { fromMm, toMm } = material
  const outside =
    wish.heightMm === undefined || fromMm === undefined || toMm === undefined
      ? 0
      : wish.heightMm < fromMm
        ? Math.log2(fromMm / wish.heightMm)
        : wish.heightMm > toMm
          ? Math.log2(wish.heightMm / toMm)
          : 0
  const colour =
    wish.colour === undefined || material.colour === undefined
      ? 0
      : difference76(material.colour, wish.colour) / 20
  return (
    octaves(material.grainMm, wish.grainMm) +
    1.5 * octaves(material.fibreMm, wish.fibreMm) +
    2 * outside +
    colour
  )
}

/** What having none of it in stock counts for, in points of {@link mismatch}: a near match on the shelf beats a perfect one in the shop. */
const NOT_IN_STOCK = 0.6

/** What filling another slot already counts for: two tones are wanted, not one twice. */
const TAKEN = 1

/** The material that fits a slot best; what is in stock is preferred where the match is near. */
export function proposeMaterial(
  slot: Slot,
  piece: Piece,
  states: readonly StockState[],
  taken: ReadonlySet<string> = new Set(),
): Material | undefined {
  const wish = slot.wish(piece)
  return states
    .filter(({ material }) => material.kind === slot.kind)
    .map(({ material, onHand }) => ({
      material,
      points:
        mismatch(material, wish) + (onHand > 0 ? 0 : NOT_IN_STOCK) + (taken.has(material.id) ? TAKEN : 0),
    }))
    .sort((a, b) => a.points - b.points || a.material.id.localeCompare(b.material.id))[0]?.material
}

/** A line worked out with one method. */
export interface MakeUp {
  readonly method: Method
  readonly wanted: number
  readonly started: Figure
  readonly slots: readonly { readonly slot: Slot; readonly material?: Material; readonly chosen: boolean }[]
  /** Slots that no material fills; with any, amounts and cost are left out. */
  readonly missing: readonly Slot[]
  readonly amounts: readonly Amount[]
  readonly pours: readonly Pour[]
  readonly steps: readonly PlannedStep[]
  readonly handsMin: Figure
  readonly elapsedMin: Figure
  /** Cost of one good piece, in hundredths; absent where a price is not known. */
  readonly costEachMinor?: Figure
  readonly unpriced: readonly string[]
}

export interface MakeUpOrder {
  readonly piece: Piece
  readonly method: Method
  /** Good pieces wanted; or pieces started, when `started` is given. */
  readonly wanted: number
  readonly started?: number
  readonly chosen?: Readonly<Record<string, string>>
  readonly states: readonly StockState[]
  readonly dryingFactor: number
}

/** Pieces to start so that enough good ones come out: wanted ÷ (1 − spoilage), rounded up. @throws RangeError when less than one is wanted */
export function startedFor(wanted: number, method: Method): Figure {
  requireRange('pieces wanted', wanted, '', { min: 1 })
  return figure(
    Math.ceil(wanted / (1 - method.spoilage.share) - 1e-9),
    'pieces',
    'wanted ÷ (1 − spoilage), rounded up',
    [
      input('wanted', wanted, '', 'yours'),
      input('spoilage', method.spoilage.share, '', method.spoilage.origin),
    ],
  )
}

/** Works a line out with a method: materials, amounts, mixtures, steps, time and cost. */
export function makeUp(order: MakeUpOrder): MakeUp {
  const { piece, method, states, dryingFactor } = order
  const started =
    order.started === undefined
      ? startedFor(order.wanted, method)
      : figure(order.started, 'pieces', 'as you set it', [], 'yours')
  const taken = new Set<string>()
  const slots = method.slots.map((slot) => {
    const picked = states.find(({ material }) => material.id === order.chosen?.[slot.id])?.material
    const material = picked ?? proposeMaterial(slot, piece, states, taken)
    if (material) taken.add(material.id)
    return { slot, chosen: picked !== undefined, ...(material === undefined ? {} : { material }) }
  })
  const missing = slots.filter(({ material }) => material === undefined).map(({ slot }) => slot)
  const work: Work = {
    piece,
    started: started.value,
    dryingFactor,
    use(id) {
      const material = slots.find(({ slot }) => slot.id === id)?.material
      if (!material) throw new RangeError(`slot ${id} is empty; it must hold a material`)
      return material
    },
  }
  const complete = missing.length === 0
  const amounts = complete ? method.amounts(work) : []
  const steps = complete ? method.steps(work) : []
  const good = Math.max(1, Math.floor(started.value * (1 - method.spoilage.share) + 1e-9))
  const { cost, unpriced } = costOf(needsOf(amounts), states)
  return {
    method,
    wanted: order.wanted,
    started,
    slots,
    missing,
    amounts,
    pours: complete ? method.pours(work) : [],
    steps,
    handsMin: handsFigure(steps, started.value),
    elapsedMin: elapsedFigure(steps, started.value),
    unpriced,
    ...(complete && unpriced.length === 0
      ? {
          costEachMinor: figure(
            cost / good,
            'hundredths',
            'materials at what your lots cost ÷ good pieces expected',
            [
              input('materials', cost / 100, '', 'yours'),
              input('good pieces expected', good, '', method.spoilage.origin),
            ],
          ),
        }
      : {}),
  }
}

/** What a make-up takes from stock, one entry a material. */
export const needsOf = (amounts: readonly Amount[]): Need[] =>
  [...totalNeeds(amounts.map(({ materialId, total }) => ({ materialId, quantity: total.value })))].map(
    ([materialId, quantity]) => ({ materialId, quantity }),
  )

function costOf(needs: readonly Need[], states: readonly StockState[]): { cost: number; unpriced: string[] } {
  let cost = 0
  const unpriced: string[] = []
  for (const { materialId, quantity } of needs) {
    const state = states.find(({ material }) => material.id === materialId)
    const price = state && unitPriceMinor(state)
    if (price === undefined) unpriced.push(state?.material.name ?? materialId)
    else cost += price * quantity
  }
  return { cost, unpriced }
}

/** Minutes of hands in a step for a number of pieces. */
export const stepHandsMin = (step: Pick<PlannedStep, 'batchSec' | 'pieceSec'>, pieces: number): number =>
  (step.batchSec + step.pieceSec * pieces) / 60

function handsFigure(steps: readonly PlannedStep[], started: number): Figure {
  const minutes = steps.reduce((sum, step) => sum + stepHandsMin(step, started), 0)
  return figure(
    minutes,
    'min',
    'sum over steps of (once for the batch + for each × pieces started)',
    steps.map((step) => input(step.title, stepHandsMin(step, started), 'min', step.timeOrigin)),
  )
}

function elapsedFigure(steps: readonly PlannedStep[], started: number): Figure {
  const minutes = steps.reduce((sum, step) => sum + stepHandsMin(step, started) + (step.wait?.min ?? 0), 0)
  return figure(
    minutes,
    'min',
    'hands-on time + all waits, one after the other',
    steps.flatMap((step) =>
      step.wait ? [input(step.wait.what, step.wait.min / 60, 'h', step.wait.origin)] : [],
    ),
  )
}
