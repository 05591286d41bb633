import { lineOf, plantingWaits, type Batch, type Run } from '~~/core/batches'
import {
  BORING_MIN,
  compareCost,
  holdsGood,
  laidWorks,
  movesBetween,
  sittingsOf,
  type Bench,
  type BenchBatch,
  type BenchOrder,
  type Bounds,
  type Cost,
  type Dragged,
  type Move,
  type ActivitySlot,
  type Sitting,
  type Standing,
  type Target,
} from '~~/core/schedule'
import { keepLaying } from '../db/commands/calendar'
import type { Found } from '../workers/calendar'
import { serviceOf } from '../workers/service'

const worker = () => serviceOf('calendar')

type Placements = readonly (ActivitySlot | undefined)[]

/** How long one look of a search is, ms: between two of them it can be stopped. */
const LOOK_MS = 250
/** A search that has found nothing better for so long has most likely found what there is, ms. */
const PATIENCE_MS = 6_000
/** How often the calendar looks at the clock, ms. */
const TICK_MS = 60_000

/** Days of reserve before a promise where the maker has not said. */
export const USUAL_RESERVE_DAYS = 2

/**
 * The open batches laid into the sessions that there are. What was kept is stored; how it stands, what would mend it
 * and what a search proposes is worked out in a worker.
 */
export const useCalendar = defineStore('calendar', () => {
  const workshop = useWorkshop()
  const stock = useStock()
  const tools = useTools()
  const harvests = useHarvests()

  const zone = computed(() => workshop.settings.timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone)
  const people = computed(() => workshop.people.map(({ id, name }) => ({ id, name })))
  const nameById = computed(() => new Map(workshop.people.map(({ id, name }) => [id, name])))
  /** Whose hands they are: a workshop without names is its maker's. */
  const nameOf = (person: string): string => nameById.value.get(person) ?? 'You'
  const hasSessions = computed(() =>
    workshop.times.some(({ kind, removed }) => !removed && (kind === 'weekly' || kind === 'once')),
  )
  const layings = computed(() => new Map(workshop.layings.map((laying) => [laying.id, laying])))
  const reserveDays = computed(() => workshop.settings.reserveDays ?? USUAL_RESERVE_DAYS)

  /** A batch with what its maker has said of its laying, and the day that it is wanted by. */
  function benchBatch({ batch, run }: { batch: Batch; run: Run }): BenchBatch {
    const laying = layings.value.get(batch.id)
    const due = laying?.due ?? dueOfLine.value.get(lineOf(batch) ?? '')
    return { batch, run, ...(laying ? { laying } : {}), ...(due === undefined ? {} : { due }) }
  }
  const dueOfLine = computed(() => {
    const deadlines = new Map(workshop.commissions.map(({ id, deadline }) => [id, deadline]))
    return new Map(workshop.lines.map(({ id, commissionId }) => [id, deadlines.get(commissionId)]))
  })
  /** Batches that plant wait for what they plant, as it is said or else found, and for what stands behind it. */
  function withPlantingWaits(batches: readonly BenchBatch[]): BenchBatch[] {
    const waits = plantingWaits(batches, lineById.value, stock.toPlant)
    return batches.map((own) => {
      const found = waits.get(own.batch.id) ?? []
      const awaits = own.awaits ? [...own.awaits, ...found.filter(({ soft }) => soft)] : found
      return { ...own, awaits }
    })
  }
  const lineById = computed(() => new Map(workshop.lines.map((line) => [line.id, line])))
  /**
   * What laying depends on, at a moment.
   * @param more further batches, where something is only asked about @param without a batch that they take the place of
   */
  function orderAt(nowMs: number, more: readonly BenchBatch[] = [], without?: string): BenchOrder {
    const { place, longitudeDeg, lamp, sprayOutdoors, boringMin } = {
      place: harvests.place.at,
      ...workshop.settings,
    }
    return {
      nowMs,
      time: { people: people.value, times: workshop.times, zone: zone.value },
      batches: withPlantingWaits([
        ...stock.open.filter(({ batch }) => batch.id !== without).map(benchBatch),
        ...more,
      ]),
      register: tools.register,
      sun: {
        latitudeDeg: (place ?? harvests.place.at).latitudeDeg,
        ...(longitudeDeg === undefined ? {} : { longitudeDeg }),
      },
      lamp: lamp ?? false,
      sprayOutdoors: sprayOutdoors ?? false,
      boringMin: boringMin ?? BORING_MIN,
      reserveDays: reserveDays.value,
    }
  }

  const bench = shallowRef<Bench>()
  const stored = shallowRef<Placements>([])
  const standing = shallowRef<Standing>()
  const bounds = shallowRef<Bounds>()
  /** Another plan than the stored one: what would mend it, or what a search has found. */
  const proposal = shallowRef<Found>()
  /** The session that runs as it goes on from now; undefined where none runs. */
  const live = shallowRef<Placements>()
  /** How batches were laid before the last thing that was kept, so that it can be taken back. */
  const before = shallowRef<Parameters<typeof keepLaying>[1]>()
  /** What finds no place in what is shown, and why. */
  const unplaced = shallowRef<ReadonlyMap<number, string>>(new Map())
  const searching = ref(false)
  /** The proposal is a search's: the clock alone does not put it aside. */
  const isAnew = ref(false)
  const fault = ref('')
  let serial = 0
  let stopping = false

  const shown = computed<Placements>(() => proposal.value?.placed ?? stored.value)
  /** All sessions that are ahead, with what is laid into them. */
  const sittings = computed<Sitting[]>(() =>
    bench.value ? sittingsOf(bench.value, shown.value, zone.value) : [],
  )
  /** What the proposal would change of what is kept. */
  const moves = computed<Move[]>(() =>
    bench.value && proposal.value ? movesBetween(bench.value, stored.value, proposal.value.placed) : [],
  )
  const nothingKept = computed(() => stored.value.every((spot) => spot === undefined))

  /** Looks at the bench as it is now, and mends what no longer holds. */
  async function look(): Promise<void> {
    serial += 1
    const mine = serial
    stopping = true
    try {
      const opened = await worker().open(orderAt(Date.now()), layings.value)
      if (mine !== serial) return
      const good = holdsGood(opened.standing)
      const mended = good ? undefined : await mendedOf(opened.stored)
      if (mine !== serial) return
      bench.value = opened.bench
      stored.value = opened.stored
      standing.value = opened.standing
      // Where nothing would be laid otherwise, what has no place is told, and nothing is proposed.
      const changes = mended && !samePlaces(opened.stored, mended.placed)
      proposal.value = changes ? mended : undefined
      unplaced.value = mended?.unplaced ?? new Map()
      isAnew.value = false
      bounds.value = undefined
      fault.value = ''
      const running = await worker().live(shown.value)
      if (mine === serial) live.value = running
    } catch (error) {
      if (mine === serial) fault.value = error instanceof Error ? error.message : String(error)
    }
  }
  async function mendedOf(before: Placements): Promise<Found> {
    // Nothing has been kept yet: there is nothing to stay near to.
    if (before.every((spot) => spot === undefined)) {
      await worker().begin(1)
      return worker().improve(LOOK_MS)
    }
    const { plan, cost } = await worker().mend(before)
    return { placed: plan.placed, unplaced: plan.unplaced, cost }
  }

  /** Searches for a better plan until it is stopped, or has found nothing for long. */
  async function layAnew(): Promise<void> {
    if (searching.value || !bench.value) return
    const mine = serial
    stopping = false
    searching.value = true
    try {
      bounds.value = await worker().bounds()
      let best = await worker().begin(1)
      isAnew.value = true
      proposal.value = best
      unplaced.value = best.unplaced
      for (let idle = 0; !stopping && mine === serial && idle < PATIENCE_MS; idle += LOOK_MS) {
        const next = await worker().improve(LOOK_MS)
        if (mine !== serial) break
        if (compareCost(next.cost, best.cost) === 0) continue
        best = next
        proposal.value = next
        unplaced.value = next.unplaced
        idle = 0
      }
    } catch (error) {
      fault.value = error instanceof Error ? error.message : String(error)
    } finally {
      searching.value = false
    }
  }
  function stop(): void {
    stopping = true
  }

  /** Keeps a plan as it is shown, or another: for all batches that it lays. @param pin works that stay from now on */
  async function keep(
    placed: Placements = shown.value,
    pin: ReadonlySet<number> = new Set(),
  ): Promise<boolean> {
    const now = bench.value
    if (!now) return false
    const pinned: Bench = {
      ...now,
      works: now.works.map((work, i) => (pin.has(i) ? { ...work, pinned: true } : work)),
    }
    const ids = [...new Set(now.works.map(({ batchId }) => batchId))]
    const was = ids.map((batchId) => ({ batchId, works: layings.value.get(batchId)?.works ?? [] }))
    const answer = await workshop.dispatch(
      keepLaying,
      ids.map((batchId) => ({ batchId, works: laidWorks(pinned, { placed }, batchId) })),
    )
    if (answer.kind === 'ok') before.value = was
    return answer.kind === 'ok'
  }
  /** Lays batches as they were before the last thing that was kept, pins among them. */
  async function takeBack(): Promise<void> {
    if (!before.value) return
    // What has ended meanwhile is done: the others are taken back without it.
    const open = before.value.filter(({ batchId }) => stock.runs.has(batchId))
    const answer = await workshop.dispatch(keepLaying, open)
    if (answer.kind === 'ok') before.value = undefined
  }
  /** Lets a pinned work be moved again. */
  async function unpin(work: number): Promise<void> {
    const now = bench.value
    if (!now) return
    const free: Bench = {
      ...now,
      works: now.works.map((own, i) => (i === work ? { ...own, pinned: false } : own)),
    }
    const batchId = now.works[work]?.batchId ?? ''
    await workshop.dispatch(keepLaying, [
      { batchId, works: laidWorks(free, { placed: shown.value }, batchId) },
    ])
  }
  const drag = (work: number, target: Target, whole: boolean): Promise<Dragged> =>
    worker().drag(shown.value, work, target, whole)

  /** Followed by the pages that show the calendar: others don't wait for it. */
  function follow(): void {
    const nowMs = useClock(TICK_MS)
    watch(
      () => [
        stock.open,
        workshop.times,
        workshop.people,
        workshop.layings,
        workshop.settings,
        tools.register,
        harvests.place.at,
        dueOfLine.value,
        lineById.value,
        stock.toPlant,
      ],
      () => void look(),
      { immediate: true },
    )
    watch(
      () => Math.floor(nowMs.value / TICK_MS),
      () => {
        if (!searching.value && !isAnew.value) void look()
      },
    )
  }
  const cost = computed<Cost | undefined>(() => proposal.value?.cost)
  return {
    zone,
    people,
    nameOf,
    hasSessions,
    layings,
    reserveDays,
    bench,
    stored,
    standing,
    bounds,
    proposal,
    searching,
    isAnew,
    fault,
    shown,
    sittings,
    unplaced,
    moves,
    nothingKept,
    cost,
    orderAt,
    benchBatch,
    worker,
    follow,
    layAnew,
    stop,
    live,
    before,
    takeBack,
    keep,
    unpin,
    drag,
    look,
  }
})

const samePlaces = (a: Placements, b: Placements): boolean =>
  a.every((spot, i) => spot?.start === b[i]?.start && spot?.worker === b[i]?.worker)
