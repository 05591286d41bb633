import type { WirePlan } from '../armature'
import { MOST_SIZES, type PieceSize } from '../commissions'
import { costOfDraw, mergedNeeds, shelfOf, type Need, type StockState } from '../stock'
import {
  coefficientLeaf,
  difference,
  fact,
  figure,
  ONE,
  quotient,
  roundedUp,
  sum,
  worthOf,
  type Coefficient,
  type Expression,
  type Figure,
  type OwnValues,
} from '../quantities'
import { requireRange } from '../units'
import { mindedSteps } from './cautions'
import type { EstimateContext } from './context'
import { piecesFor, type Job, type PlantJob, type Share } from './job'
import {
  choiceOf,
  isPlantMethod,
  type JarOf,
  type Method,
  type PlantMethod,
  type Suitability,
  type Task,
  type Use,
  type Estimate,
} from './method'
import { fillSlots, type Filled } from './slots'
import { elapsedMin, stepHandsMin, type Step } from './step'

/** A job worked out with one method. */
export interface MakeUp extends Estimate {
  readonly method: Method
  readonly job: Job
  /** Good pieces wanted; 1 for a lot of stock. */
  readonly wanted: Figure
  readonly started: Figure
  readonly expectedGood: number
  readonly share: Share
  readonly choices: Readonly<Record<string, string>>
  readonly slots: readonly Filled[]
  /** It is made in place, on bare foam. */
  readonly onFoam?: boolean
  /** Slots that no material fills and that the piece can't do without: amounts are foretold, cost is not. */
  readonly missing: readonly Filled[]
  readonly handsMin: Figure
  readonly elapsedMin: Figure
  /** Cost of one good piece, in hundredths; absent where a price is not known. */
  readonly costEachMinor?: Figure
  readonly unpriced: readonly string[]
  /** Pads as they have been nested, where they have. */
  readonly pads?: number
  /** Why waits for open films are not foretold here; absent: they are. */
  readonly unsure?: EstimateContext['unsure']
}

export interface MakeUpOrder extends EstimateContext {
  readonly job: Job
  readonly method: Method
  /** Pieces started, where the maker has set them. */
  readonly started?: number
  /** What was chosen, by option; which materials, by slot. */
  readonly choices?: Readonly<Record<string, string>>
  readonly materials?: Readonly<Record<string, string>>
  /** Sizes of the line's pieces; absent: all alike. */
  readonly sizes?: (pieces: number) => readonly PieceSize[]
  /** The armature of the plant that is drawn, where it has been worked out. */
  readonly wire?: WirePlan
  /** Pads as they have been nested, where they have. */
  readonly pads?: number
}

const NONE: OwnValues = new Map()
/** Expected loss, in pieces, from which a spare is started. */
const WORTH_A_SPARE = 0.5

/**
 * Pieces to start so that enough good ones come out: wanted ÷ (1 − spoilage), rounded up. No spare where less than
 * half a piece is expected to be lost.
 * @throws RangeError when less than one is wanted
 */
export function startedFor(wanted: number, method: Method, own: OwnValues = NONE): Figure {
  requireRange('pieces wanted', wanted, '', { min: 1 })
  const good = difference(ONE, coefficientLeaf(method.spoilage, own))
  const asked = fact('wanted', wanted, '', 'line')
  const started = quotient(asked, good)
  return figure(started.value - wanted < WORTH_A_SPARE ? asked : roundedUp(started), 'pieces')
}

/** Good pieces to expect: what is started less spoilage; all, where less than half a piece is expected to be lost. */
export function goodOf(started: number, method: Method, own: OwnValues = NONE): number {
  const { value } = worthOf(method.spoilage, own)
  if (started < 1) return 0
  return started * value < WORTH_A_SPARE ? started : Math.max(1, Math.floor(started * (1 - value) + 1e-9))
}

/** Works a job out with a method: materials, amounts, mixtures, cuts, by-products, steps, time and cost. */
export function makeUp(order: MakeUpOrder): MakeUp {
  const { job, method, states } = order
  const own = order.own ?? NONE
  const chosen = order.choices ?? {}
  const choice = (optionId: string): string => choiceOf(method, chosen, optionId)
  const onFoam = order.onFoam === true && placeOf(job) === 'in place'
  const fill = (heightsMm: readonly number[]): Filled[] =>
    fillSlots(slotsOf(method, job, choice), order.materials ?? {}, states, heightsMm, onFoam)
  const { wanted, share } = wantedOf(
    job,
    method,
    own,
    jarsOf(() => fill([])),
  )
  const started =
    order.started === undefined
      ? startedFor(wanted.value, method, own)
      : figure(fact('pieces started', order.started, 'pieces', 'yours'), 'pieces')
  const slots = fill(order.sizes?.(Math.min(started.value, MOST_SIZES)).map(({ heightMm }) => heightMm) ?? [])
  const { byId } = shelfOf(states)
  const task: Task = {
    job,
    share,
    started: started.value,
    good: goodOf(started.value, method, own),
    choice,
    fill(id) {
      const found = slots.find(({ slot }) => slot.id === id)
      if (!found) throw new RangeError(`slot is ${id}; it must be one of the method's`)
      return found
    },
    jarOf: jarsOf(() => slots),
    value: (coefficient) => coefficientLeaf(coefficient, own, order.learnt).value,
    input: (coefficient) => coefficientLeaf(coefficient, own, order.learnt),
    dryMin: (min) => Math.round(min * order.dryingFactor),
    kept: (materialId) => order.free?.(materialId) ?? byId.get(materialId)?.onHand ?? 0,
    sizes: (pieces) => {
      const some = Math.min(pieces, MOST_SIZES)
      return order.sizes ? order.sizes(some) : alike(job, some)
    },
    ...(order.outdoors ? { outdoors: true } : {}),
    ...(order.wire === undefined ? {} : { wire: order.wire }),
    ...(order.pads === undefined ? {} : { pads: order.pads }),
  }
  const made = workOf(method, task)
  const work = {
    ...made,
    steps: mindedSteps(
      made,
      placeOf(job),
      (id) => byId.get(id)?.material,
      slots.map(({ slot }) => slot),
    ).map((step) => foretold(step, order.unsure)),
  }
  const missing = slots.filter(({ slot, parts }) => parts.length === 0 && !slot.optional)
  const expectedGood = goodOf(started.value, method, own)
  // Of a batch of stock all is kept: what is drawn is what the lot costs.
  const { costMinor, unpriced } = costOf(job.kind === 'stock' ? { ...work, yields: [] } : work, byId)
  return {
    ...work,
    method,
    job,
    wanted,
    started,
    expectedGood,
    share,
    ...(onFoam ? { onFoam } : {}),
    choices: Object.fromEntries(method.options.map(({ id }) => [id, choice(id)])),
    slots,
    missing,
    handsMin: handsFigure(work.steps, started.value),
    elapsedMin: elapsedFigure(work.steps, started.value),
    unpriced,
    ...(order.unsure && work.steps.some(({ wait }) => wait?.kind === 'open film')
      ? { unsure: order.unsure }
      : {}),
    ...(order.pads === undefined ? {} : { pads: order.pads }),
    ...(missing.length === 0 && unpriced.length === 0
      ? {
          costEachMinor: figure(
            quotient(
              fact('materials', costMinor, 'hundredths', 'stock', 'at what the lots cost, less what is kept'),
              fact('good pieces expected', expectedGood, '', method.spoilage.origin),
            ),
            'hundredths',
          ),
        }
      : {}),
  }
}

/** A step whose film dries as no rule foretells, says so wherever it is read. */
const foretold = (step: Step, unsure: MakeUpOrder['unsure']): Step =>
  unsure && step.wait?.kind === 'open film'
    ? { ...step, wait: { ...step.wait, what: `${step.wait.what} (${unsure} to foretell: test it by touch)` } }
    : step

const placeOf = ({ kind }: Job): 'stock' | 'pieces' | 'in place' =>
  kind === 'stock' || kind === 'pieces' ? kind : 'in place'

/** Pieces of a job that are all of its size. */
const alike = (job: Job, pieces: number): PieceSize[] =>
  job.kind === 'stock'
    ? []
    : Array.from({ length: pieces }, () => ({
        heightMm: job.piece.heightMm,
        crownWidthMm: job.piece.crownWidthMm,
        trunkMm: job.piece.trunkMm,
        clearStemMm: job.piece.clearStemMm,
        crownBaseMm: job.piece.clearStemMm,
      }))

/** The jars that slots are filled with. @param filled asked where a jar is */
const jarsOf =
  (filled: () => readonly Filled[]): JarOf =>
  (liquid, slotId) => {
    const jars = filled().filter(
      ({ parts: [first] }) => first?.material.of.stuff === 'liquid' && first.material.of.liquid === liquid,
    )
    return (jars.find(({ slot }) => slot.id === slotId) ?? jars[0])?.parts[0]?.material
  }

function wantedOf(job: Job, method: Method, own: OwnValues, jarOf: JarOf): { wanted: Figure; share: Share } {
  if (job.kind === 'stock')
    return { wanted: figure(fact('one mixture', 1, 'portion', 'line'), 'portion'), share: { kind: 'pieces' } }
  const read = (coefficient: Coefficient) => coefficientLeaf(coefficient, own)
  const { count, share } =
    (isPlantMethod(method) ? method.parts?.(job, read, jarOf) : undefined) ?? piecesFor(job, read)
  return { wanted: count, share }
}

function slotsOf(method: Method, job: Job, choice: (optionId: string) => string) {
  if (isPlantMethod(method)) return job.kind === 'stock' ? [] : method.slots(job, choice)
  return job.kind === 'stock' ? method.slots(job) : []
}

/** @throws RangeError when the method does not make this kind of job */
function workOf(method: Method, task: Task): Estimate {
  const { job } = task
  if (isPlantMethod(method) && job.kind !== 'stock' && method.kinds.includes(job.kind))
    return method.work({ ...task, job, piece: job.piece })
  if (!isPlantMethod(method) && job.kind === 'stock') return method.work({ ...task, job })
  throw new RangeError(`job is ${job.kind}; ${method.name} makes ${method.kinds.join(', ')}`)
}

/** What is drawn from stock when it ends, one entry a material. Open slots take nothing. */
export function drawsOf(uses: readonly Use[]): readonly Need[] {
  return mergedNeeds(
    uses.flatMap(({ material, total, dispensed }) =>
      material && total.value > 0
        ? [
            {
              materialId: material.id,
              quantity: total.value,
              ...(dispensed === undefined ? {} : { lies: dispensed.value }),
            },
          ]
        : [],
    ),
  )
}

/**
 * What a make-up needs of the shelf: what leaves it for good, and what must lie there meanwhile. A bath must
 * be poured whole, but what stands in the tub at the end serves the next batch.
 */
export const needsOf = (uses: readonly Use[]): readonly Need[] =>
  mergedNeeds(
    uses.flatMap(({ material, total, dispensed, consumed }) =>
      material && total.value > 0
        ? [
            {
              materialId: material.id,
              quantity: consumed ?? total.value,
              lies: Math.max(dispensed?.value ?? 0, total.value),
            },
          ]
        : [],
    ),
  )

/** What is drawn, at the lots that would be drawn, less what goes into lots that are kept. */
function costOf(
  work: Estimate,
  states: ReadonlyMap<string, StockState>,
): { costMinor: number; unpriced: string[] } {
  let costMinor = 0
  const unpriced: string[] = []
  for (const { materialId, quantity } of drawsOf(work.uses)) {
    const state = states.get(materialId)
    const cost = state && costOfDraw(quantity, state)
    if (cost === undefined) unpriced.push(state?.material.name ?? materialId)
    else {
      const kept = work.yields
        .flatMap(({ shares }) => shares)
        .reduce((sum, share) => (share.materialId === materialId ? sum + share.share : sum), 0)
      costMinor += cost * (1 - Math.min(1, kept))
    }
  }
  return { costMinor, unpriced }
}

/** Minutes of hands at a step: once for the batch, and for each piece. */
const handsAt = ({ title, hands }: Step, started: number): Expression =>
  fact(title, stepHandsMin({ hands }, started), 'min', hands.origin)

const handsFigure = (steps: readonly Step[], started: number): Figure =>
  figure(sum(...steps.map((step) => handsAt(step, started))), 'min')

/** Hands and all waits at least, one after the other, less what is done while something else dries. */
function elapsedFigure(steps: readonly Step[], started: number): Figure {
  const inTurn = sum(
    fact(
      'hands',
      steps.reduce((all, step) => all + stepHandsMin(step, started), 0),
      'min',
    ),
    ...steps.flatMap(({ wait: of }) => (of ? [fact(of.what, of.leastMin, 'min', of.origin, of.kind)] : [])),
  )
  if (!steps.some(({ after }) => after)) return figure(inTurn, 'min')
  const meanwhile = inTurn.value - elapsedMin(steps, started)
  return figure(difference(inTurn, fact('done while something else dries', meanwhile, 'min')), 'min')
}

/** How a way suits a job. The floor under trees is made by the ways for floors alone. */
export const suitOf = (method: PlantMethod, job: PlantJob): Suitability =>
  job.piece.floor && !method.floors
    ? {
        verdict: 'unsuited',
        reasonsFor: [],
        reasonsAgainst: ['it is what lies under a tree, not the tree'],
      }
    : method.suits(job)

/** Every method that makes such a job, with its reasons for it, the best suited first. */
export function rankMethods<M extends Method>(
  methods: readonly M[],
  job: PlantJob,
): { method: M; suit: Suitability }[] {
  const rank = { suits: 0, possible: 1, unsuited: 2 }
  return methods
    .flatMap((method) =>
      isPlantMethod(method) && method.kinds.includes(job.kind) ? [{ method, suit: suitOf(method, job) }] : [],
    )
    .sort(
      (a, b) =>
        rank[a.suit.verdict] - rank[b.suit.verdict] ||
        Number(a.method.reuses ?? false) - Number(b.method.reuses ?? false) ||
        a.suit.reasonsAgainst.length - b.suit.reasonsAgainst.length,
    )
}
