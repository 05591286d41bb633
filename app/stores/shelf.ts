import { needsOf, jobOf, someOf, type MakeUp, type MakeUpOrder, type PlantMethod } from '~~/core/makeup'
import {
  dealtSizes,
  linePiece,
  sitterOf,
  sizeOfAmount,
  type Commission,
  type Line,
} from '~~/core/commissions'
import { mixingClaims } from '~~/core/blends'
import { makingClaims, plantMethodById, stockMethodFor } from '~~/core/methods'
import { addDays, type Breathing } from '~~/core/units'
import {
  allocating,
  LEAD_DAYS,
  takersOf,
  type Claim,
  type Lack,
  type Material,
  type Shortage,
} from '~~/core/stock'
import { amountOf } from './plant'

/** A line worked out whole. */
interface LineMade {
  readonly makeUp?: MakeUp
  /** Why its way of making can't be worked out. */
  readonly fault?: string
}
/** How the stock stands for a line, and what is lacking for what is left of it. */
export interface LineStock extends LineMade {
  readonly lacks: readonly Lack[]
}
/** What a line takes, and what is left of it to be made. */
interface LineWork extends LineMade {
  readonly line: Line
  readonly claim?: Omit<Claim, 'order'>
}
const NO_LACKS: readonly Lack[] = []

/**
 * Who wants what of the shelf, over all commissions: open batches and what is left to make of the lines,
 * nearest deadline first.
 */
export const useShelf = defineStore('shelf', () => {
  const workshop = useWorkshop()
  const stock = useStock()
  const commission = useCommission()
  const inHand = useInHand()
  const estimates = useEstimates()
  const blends = useBlends()
  const now = useToday()

  /**
   * A line worked out with its way of making, for all of it or for so much; undefined where it has none or
   * none that is known.
   */
  function workLine(line: Line, job: Commission, method: PlantMethod, size?: number): MakeUp | undefined {
    const species = workshop.speciesOf(line.speciesId)
    if (!species) return undefined
    const day = job.id === inHand.current?.id ? inHand.restingDate : job.dateDepicted
    const { piece, members } = linePiece(line, job, workshop.speciesOf, day)
    const measures = members[0].size
    const whole = jobOf(line, piece)
    const order: MakeUpOrder = {
      job: size === undefined ? whole : someOf(whole, amountOf(line.amount, size)),
      method,
      choices: line.choices,
      materials: line.materials,
      ...estimates.contextOf(method.id, job.base),
      sizes: dealtSizes(measures, line.id),
    }
    return estimates.withArmature(
      order,
      sitterOf(line, members[0].species, measures, piece.seeThrough),
      'where there is room',
    )
  }

  /** Whether a line's way of making would really take a material for a slot: a tone may forbid it. */
  function wouldTake(lineId: string, slotId: string, materialId: string): boolean {
    const line = workshop.lines.find(({ id }) => id === lineId)
    const job = workshop.commissions.find(({ id }) => id === line?.commissionId)
    const method = line?.methodId === undefined ? undefined : plantMethodById(line.methodId)
    if (!line || !job || !method) return false
    const tried = { ...line, materials: { ...line.materials, [slotId]: materialId } }
    const filled = workLine(tried, job, method)?.slots.find(({ slot }) => slot.id === slotId)
    return filled?.parts.some(({ material }) => material.id === materialId) === true
  }

  const jobById = computed(() => new Map(workshop.commissions.map((job) => [job.id, job])))
  function workOfLine(line: Line): LineWork {
    const job = jobById.value.get(line.commissionId)
    if (!job || line.methodId === undefined) return { line }
    const method = plantMethodById(line.methodId)
    if (!method) return { line, fault: `The way of making “${line.methodId}” is not known here.` }
    if (!method.kinds.includes(line.amount.kind))
      return { line, fault: `${method.name} does not make this by ${line.amount.kind}.` }
    try {
      const { left } = commission.progressOfLine(line)
      const whole = workLine(line, job, method)
      const rest =
        left >= sizeOfAmount(line.amount) ? whole : left > 0 ? workLine(line, job, method, left) : undefined
      const made = whole === undefined ? { line } : { line, makeUp: whole }
      if (!rest) return made
      const claim = {
        id: `line:${line.id}`,
        who: `${line.name} (${job.name})`,
        ...(job.deadline === undefined ? {} : { due: job.deadline }),
        needs: needsOf(rest.uses),
      }
      return { ...made, claim }
    } catch (error) {
      return { line, fault: error instanceof Error ? error.message : String(error) }
    }
  }
  const works = useSliced(() => workshop.lines, workOfLine)
  /** Lines whose needs are still being worked out. */
  const linesLeft = works.left
  const lineWork = useSettled(() => claimsAndMade(works.results.value))

  /** What is over of a material when all who want of it are served, in its unit. */
  const overOf = (materialId: string): number =>
    Math.max(
      0,
      (stock.stateById.get(materialId)?.onHand ?? 0) - (allocation.value.claimed.get(materialId) ?? 0),
    )

  /**
   * What open batches are making, and will have made within the days that materials are wanted ahead of a promise: it
   * counts as there for those who want it. What takes a season stands in Ahead alone.
   */
  const beingMade = computed(() => {
    const soon = addDays(now.value, workshop.settings.leadDays ?? LEAD_DAYS)
    const coming = new Map<string, number>()
    for (const { materialId, quantity, on } of stock.making)
      if (on <= soon) coming.set(materialId, (coming.get(materialId) ?? 0) + quantity)
    return coming
  })
  /** Made at home, as no pack of it is known. */
  const homeMade = ({ id, packQuantity }: Pick<Material, 'id' | 'packQuantity'>): boolean =>
    packQuantity === undefined && stockMethodFor(id) !== undefined
  const wanting = computed(() => [...stock.batchClaims, ...lineWork.value.claims])
  /** Blends that lines and batches want more of than there is: what goes into them is promised too. */
  const blendClaims = useSettled(() =>
    mixingToo(wanting.value, stock.states, beingMade.value, blends.settledMixed),
  )
  /** Whoever wants of the shelf: batches, lines, what is to be mixed, and what is to be made at home. */
  const claims = useSettled(() => {
    const known = withMore(wanting.value, blendClaims.value)
    return makingAsWell(known, stock.states, beingMade.value, workshop.ownValues)
  })
  const allocation = useSettled(() => allocating(claims.value, stock.states, beingMade.value))
  /** Whether claims or what they are given are still those of before the last change. */
  const claimsBehind = computed(() => [lineWork, blendClaims, claims, allocation].some(isBehind))
  /** How the stock stands for each line with a way of making. */
  const stockOf = useSettled(() => withLacks(lineWork.value.made, allocation.value.lacks))
  /** Claims that are served before a batch of a line: open batches, and lines of commissions that are due sooner. */
  const claimsBefore = (line: Line): Claim[] => {
    const due = workshop.commissions.find(({ id }) => id === line.commissionId)?.deadline ?? '9999'
    const others = lineWork.value.claims.filter(
      (claim) => claim.id !== `line:${line.id}` && (claim.due ?? '9999') < due,
    )
    return [...stock.batchClaims, ...others.map((claim) => ({ ...claim, running: true }))]
  }
  /** Materials that lines take, by id. */
  const usedMaterials = useSettled(() => materialsOf(lineWork.value.made))
  const shortages = computed<readonly Shortage[]>(() => allocation.value.shortages)
  const shortageOf = computed(() => new Map(shortages.value.map((short) => [short.materialId, short])))
  const lacksOfBatch = (batchId: string): readonly Lack[] =>
    allocation.value.lacks.get(`batch:${batchId}`) ?? []
  return {
    beingMade,
    linesLeft,
    claims,
    claimsBehind,
    homeMade,
    usedMaterials,
    wanting,
    wouldTake,
    overOf,
    claimsBefore,
    stockOf,
    shortages,
    shortageOf,
    lacksOfBatch,
    allocation,
  }
})

/** What lines want of the shelf, and how each is made, by its id. */
function* claimsAndMade(
  works: readonly LineWork[],
): Breathing<{ readonly claims: readonly Claim[]; readonly made: ReadonlyMap<string, LineMade> }> {
  const claims: Claim[] = []
  const made = new Map<string, LineMade>()
  for (const [i, { line, makeUp, fault, claim }] of works.entries()) {
    if (claim) claims.push({ ...claim, order: 1000 + i })
    if (line.methodId !== undefined)
      made.set(line.id, {
        ...(makeUp === undefined ? {} : { makeUp }),
        ...(fault === undefined ? {} : { fault }),
      })
    yield
  }
  return { claims, made }
}
function* withLacks(
  made: ReadonlyMap<string, LineMade>,
  lacks: ReadonlyMap<string, readonly Lack[]>,
): Breathing<ReadonlyMap<string, LineStock>> {
  const stock = new Map<string, LineStock>()
  for (const [id, line] of made) {
    stock.set(id, { ...line, lacks: lacks.get(`line:${id}`) ?? NO_LACKS })
    yield
  }
  return stock
}
function* materialsOf(made: ReadonlyMap<string, LineMade>): Breathing<ReadonlySet<string>> {
  const ids = new Set<string>()
  for (const { makeUp } of made.values()) {
    for (const { parts } of makeUp?.slots ?? []) for (const { material } of parts) ids.add(material.id)
    yield
  }
  return ids
}

/** What is to be mixed for claims. */
function* mixingToo(...[claims, ...rest]: Parameters<typeof mixingClaims>): Breathing<readonly Claim[]> {
  takersOf(claims)
  yield
  return mixingClaims(claims, ...rest)
}

/** Claims with what must be made at home for them. */
function* makingAsWell(...[claims, ...rest]: Parameters<typeof makingClaims>): Breathing<readonly Claim[]> {
  takersOf(claims)
  yield
  return withMore(claims, makingClaims(claims, ...rest))
}

/** A list with more; the same list where there is nothing more, so that what is known of it holds. */
const withMore = <T>(list: readonly T[], more: readonly T[]): readonly T[] =>
  more.length === 0 ? list : [...list, ...more]
