import {
  foldRun,
  lineOf,
  nextBatchName,
  planFrom,
  plantedLine,
  SETTING_STEP,
  type Batch,
} from '~~/core/batches'
import type { MakeUp, PlantMethod } from '~~/core/makeup'
import { plantMethodById } from '~~/core/methods'
import { momentAt, spreadFrom, type BenchBatch, type Spread } from '~~/core/schedule'
import { addDays, none, ok, type Reading } from '~~/core/units'
import { newId, nowIso } from '../db/ids'
import type { Plant } from '../stores/plant'
import type { Answer } from '../workers/calendar'

/** Batches that a number could be made in, with when they would be done. */
export interface Variant {
  readonly drafts: readonly Omit<Batch, 'id' | 'madeAt'>[]
  readonly words: string
  readonly answer: Answer
}

/** How pieces are wanted. */
export interface PromiseRequest {
  /** YYYY-MM-DD. */
  readonly due: string | undefined
  readonly pilot: boolean
  /** A planned batch that they take the place of. */
  readonly insteadOf: string | undefined
  /** They are planted out too: till then it is not done. */
  readonly planted: boolean
}

export interface Asked {
  /** Those that find a place; where none does, one of them. */
  readonly variants: readonly Variant[]
  /** The one that is done first, with what it can be promised for. */
  readonly best: Variant
  /** Where some find a place: the largest that does not. */
  readonly tooLarge?: Variant
}

/** Ended batches that the pace is learnt from, the latest. */
const LATEST = 30
/** Into how many batches a number is tried: a few of a good size each, and ever more until it finds a place. */
const COUNTS = [1, 2, 3, 4, 6, 8, 12, 16, 24, 32, 48, 64, 96]
const FEW = 4
const GOOD_SIZE = 4
/** Evenings that are tried as one more. */
const MOST_EXTRAS = 14
const EXTRA = { from: '19:00', to: '21:30' } as const

/** "12 + 13", or "45 to 46 each" where there are many. */
function sizeWords(sizes: readonly number[]): string {
  if (sizes.length <= FEW) return sizes.join(' + ')
  const [least, most] = [Math.min(...sizes), Math.max(...sizes)]
  return least === most ? `${least} each` : `${least} to ${most} each`
}

/** Asks when pieces that are not begun could be done. */
export function useAsking() {
  const workshop = useWorkshop()
  const estimates = useEstimates()
  const calendar = useCalendar()
  const plantingOut = usePlantingOut()

  /** How real hands have been to planned ones, by the log. */
  async function spread(): Promise<Spread> {
    const { db } = workshop
    const open = new Set(useStock().runs.keys())
    const ended = workshop.batches
      .filter(({ id }) => !open.has(id))
      .sort((a, b) => b.madeAt.localeCompare(a.madeAt))
      .slice(0, LATEST)
    const events = db
      ? await db.events
          .where('batchId')
          .anyOf(ended.map(({ id }) => id))
          .toArray()
      : []
    const ratios = ended.flatMap(({ id, plan }) => {
      const end = events.find(({ batchId, deed }) => batchId === id && deed.type === 'finish')
      return end?.deed.type === 'finish' && plan.handsMin > 0 ? [end.deed.handsMin / plan.handsMin] : []
    })
    return spreadFrom(ratios)
  }

  /**
   * What is wanted, as even as can be in so many batches, a pilot before them: of pieces as many as are begun in all,
   * of a hedge or ground each its stretch.
   */
  function draftsFor(
    plant: Plant,
    method: PlantMethod,
    of: { readonly wanted: number; readonly begun: number },
    count: number,
    pilot: boolean,
  ): MakeUp[] {
    const upTo = (all: number, i: number): number => Math.floor((i * all) / count)
    if (plant.line.amount.kind !== 'pieces')
      return Array.from({ length: count }, () =>
        estimates.workOut(plant, method, { left: of.wanted / count }),
      )
    const sizes = Array.from({ length: count }, (_, i) => ({
      left: Math.max(1, upTo(of.wanted, i + 1) - upTo(of.wanted, i)),
      started: upTo(of.begun, i + 1) - upTo(of.begun, i),
    }))
    return [...(pilot ? [{ left: 1, started: 1 }] : []), ...sizes.filter(({ started }) => started > 0)].map(
      (size) => estimates.workOut(plant, method, size),
    )
  }

  const asBench = (
    draft: Omit<Batch, 'id' | 'madeAt'>,
    due: string | undefined,
    follows?: string,
  ): BenchBatch => {
    const batch: Batch = { ...draft, id: newId(), madeAt: nowIso() }
    const laying = {
      id: batch.id,
      changedAt: nowIso(),
      works: [],
      ...(follows === undefined ? {} : { follows }),
    }
    return { batch, run: foldRun(batch, []), laying, ...(due === undefined ? {} : { due }) }
  }

  /**
   * Tries what is wanted in one batch and in several, and promises by the one that is done first.
   * @param wanted good pieces, or mm or cm² of the line
   */
  async function ask(
    plant: Plant,
    wanted: number,
    { due, pilot, insteadOf, planted }: PromiseRequest,
  ): Promise<Reading<Asked>> {
    const planting = planted ? [plantingOut.draftFor(plant, wanted)] : []
    const variants: (Variant & { readonly ups: readonly MakeUp[] })[] = []
    const findsPlace = ({ answer }: Variant): boolean => answer.planEnd !== undefined
    const method = plantMethodById(plant.line.methodId ?? '')
    if (!method) return none(`${plant.line.name} has no way of making yet: choose one in Make-up.`)
    // A pilot is one of those that are wanted; what takes the place of a batch is as many as were begun in it.
    const rest = pilot ? wanted - 1 : wanted
    const replaced = workshop.batches.find(({ id }) => id === insteadOf)
    const begun = replaced
      ? replaced.pieces - (pilot ? 1 : 0)
      : rest === 0
        ? 0
        : estimates.workOut(plant, method, { left: rest }).started.value
    const of = { wanted: rest, begun }
    const few = Math.min(FEW, Math.max(1, Math.floor(begun / GOOD_SIZE)))
    for (const count of COUNTS.filter((own) => own <= Math.max(1, begun))) {
      if (count > few && variants.some(findsPlace)) break
      const ups = draftsFor(plant, method, of, count, pilot)
      const making = ups.map((up, i) =>
        planFrom(up, plant.line.id, nextBatchName(plant.line, workshop.batches, { nth: i })),
      )
      const drafts = [...making, ...planting]
      variants.push({
        ups,
        drafts,
        words: sizeWords(making.map(({ pieces }) => pieces)),
        answer: await answerTo(drafts, { due, pilot, insteadOf }),
      })
    }
    const endOf = ({ answer }: Variant): number => answer.planEnd ?? Infinity
    const best = variants.reduce((a, b) => (endOf(b) < endOf(a) ? b : a))
    const full = await answerTo(
      best.drafts,
      { due, pilot, insteadOf },
      {
        spread: await spread(),
        wanted: goodOf(plant, wanted, best.ups),
        spoilt: spoiltOf(best.ups),
      },
    )
    const placed = variants.filter(findsPlace)
    const tooLarge = placed.length > 0 ? variants.find((own) => !findsPlace(own)) : undefined
    return ok({
      variants: placed.length > 0 ? placed : [best],
      best: { ...best, answer: full },
      ...(tooLarge ? { tooLarge } : {}),
    })
  }

  /** Good pieces that are wanted: of a hedge or ground its stretches and patches. */
  const goodOf = (plant: Plant, wanted: number, ups: readonly MakeUp[]): number =>
    plant.line.amount.kind === 'pieces' ? wanted : ups.reduce((sum, up) => sum + up.wanted.value, 0)

  const spoiltOf = (ups: readonly MakeUp[]): { value: number; spread: number } => {
    const of = ups[0]?.method.spoilage
    const value = of ? (workshop.ownValues.get(of.id) ?? of.value) : 0
    return { value, spread: of?.spread ?? 0 }
  }

  async function answerTo(
    drafts: readonly Omit<Batch, 'id' | 'madeAt'>[],
    { due, pilot, insteadOf }: Omit<PromiseRequest, 'planted'>,
    more?: { spread: Spread; wanted: number; spoilt: { value: number; spread: number } },
  ): Promise<Answer> {
    const batches: BenchBatch[] = []
    for (const draft of drafts) {
      const isAfterPilot = pilot && batches.length > 0 && plantedLine(draft) === undefined
      const own = asBench(draft, due, isAfterPilot ? batches[0]?.batch.id : undefined)
      // What is planted is what is asked for, whatever waits on trays besides.
      const awaits = batches.map(({ batch }) => ({ step: SETTING_STEP, batchId: batch.id }))
      batches.push(plantedLine(draft) === undefined ? own : { ...own, awaits })
    }
    const started = drafts.reduce(
      (sum, draft) => (plantedLine(draft) === undefined ? sum + draft.pieces : sum),
      0,
    )
    return calendar.worker().ask(calendar.orderAt(Date.now(), batches, insteadOf), calendar.layings, {
      batchIds: batches.map(({ batch }) => batch.id),
      ...(more
        ? {
            spread: more.spread,
            extras: freeEvenings(),
            yields: { started, wanted: more.wanted, spoilt: more.spoilt.value, spread: more.spoilt.spread },
          }
        : {}),
    })
  }

  /** Evenings of the next weeks on which nobody is at the bench. */
  function freeEvenings(): { from: number; to: number }[] {
    const taken = new Set(calendar.bench?.sessions.map(({ date }) => date) ?? [])
    return Array.from({ length: 28 }, (_, day) => addDays(today(), day))
      .filter((date) => !taken.has(date))
      .slice(0, MOST_EXTRAS)
      .map((date) => ({
        from: momentAt(date, EXTRA.from, calendar.zone),
        to: momentAt(date, EXTRA.to, calendar.zone),
      }))
  }

  /** When all that is planned for a commission is done; undefined where nothing of it is open. */
  async function askDelivery(commissionId: string): Promise<Answer | undefined> {
    const own = new Set(
      workshop.lines.flatMap((line) => (line.commissionId === commissionId ? [line.id] : [])),
    )
    const batchIds = useStock().open.flatMap(({ batch }) => (own.has(lineOf(batch) ?? '') ? [batch.id] : []))
    if (batchIds.length === 0) return undefined
    return calendar
      .worker()
      .ask(calendar.orderAt(Date.now()), calendar.layings, { batchIds, spread: await spread() })
  }
  return { ask, askDelivery }
}
