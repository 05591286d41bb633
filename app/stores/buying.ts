import { until as untilIt } from '@vueuse/core'
import {
  arrivalsOf,
  orderBy,
  orderProgress,
  planBuying,
  waitingFor,
  type BuyingPlan,
  type BuyingTask,
  type Offer,
  type OrderProgress,
  type Solver,
  type Waiting,
} from '~~/core/buying'
import { aheadOfEach, LEAD_DAYS, takersOf, type Ahead, type Arrival } from '~~/core/stock'
import { serviceOf } from '../workers/service'

const NO_AHEADS: ReadonlyMap<string, Ahead> = new Map()

/** What the shelf will hold, who sells what, and what is on its way. Derived, never stored. */
export const useBuying = defineStore('buying', () => {
  const workshop = useWorkshop()
  const stock = useStock()
  const shelf = useShelf()
  const harvests = useHarvests()
  const now = useToday()
  const { money } = useFormat()

  const supplierById = computed(() => new Map(workshop.suppliers.map((supplier) => [supplier.id, supplier])))
  const supplierName = (id: string): string => supplierById.value.get(id)?.name ?? 'a supplier who is gone'
  /** Offers of suppliers that are there. */
  const offers = computed(() =>
    workshop.offers.filter(({ supplierId }) => supplierById.value.has(supplierId)),
  )
  const offersOf = computed(() => {
    const byMaterial = new Map<string, Offer[]>()
    for (const offer of offers.value) {
      const list = byMaterial.get(offer.materialId)
      if (list) list.push(offer)
      else byMaterial.set(offer.materialId, [offer])
    }
    return byMaterial
  })
  const orders = computed<OrderProgress[]>(() =>
    workshop.orders.map((order) => orderProgress(order, workshop.lots, workshop.balances, now.value)),
  )

  const leadDays = computed(() => workshop.settings.leadDays ?? LEAD_DAYS)
  /** What is on its way to the shelf: orders, harvests that are meant to be, batches at the bench that make stock. */
  const arrivals = computed(() => {
    const all = [...arrivalsOf(orders.value, supplierName), ...harvests.arrivals, ...stock.making]
    const byMaterial = new Map<string, Arrival[]>()
    for (const arrival of all) {
      const list = byMaterial.get(arrival.materialId)
      if (list) list.push(arrival)
      else byMaterial.set(arrival.materialId, [arrival])
    }
    return byMaterial
  })
  /** The day that more of a material comes, where it is on its way. */
  const comingOn = (materialId: string): string | undefined =>
    arrivals.value
      .get(materialId)
      ?.map(({ on }) => on)
      .sort()[0]
  /** Each material's shelf from today on, where anything is there, wanted or on its way. */
  const aheads = useSettled(() => {
    const wanted = takersOf(shelf.claims)
    const states = stock.states.filter(
      ({ material, lots }) => lots.length > 0 || wanted.has(material.id) || arrivals.value.has(material.id),
    )
    return aheadOfEach(states, shelf.claims, arrivals.value, now.value, leadDays.value)
  }, NO_AHEADS)
  /** The day by which more of a material must be ordered. */
  function orderByDay(materialId: string): string | undefined {
    const ahead = aheads.value.get(materialId)
    return ahead && orderBy(ahead, offersOf.value.get(materialId) ?? [], supplierById.value)
  }

  /** How the basket is looked for. */
  const until = ref<string>()
  const leftovers = ref<BuyingTask['leftovers']>('nothing')
  /** What is bought, not mixed or made: nothing that a blend or a recipe gives. */
  const task = computed<BuyingTask>(() => ({
    wanted: stock.states.flatMap(({ material }) => {
      const ahead = aheads.value.get(material.id)
      const made = material.blendId !== undefined || shelf.homeMade(material)
      return ahead && ahead.lacking.length > 0 && !made ? [{ material, ahead }] : []
    }),
    offers: offers.value,
    suppliers: workshop.suppliers,
    today: now.value,
    ...(until.value === undefined ? {} : { until: until.value }),
    leftovers: leftovers.value,
  }))
  const plan = shallowRef<BuyingPlan>()
  const waiting = shallowRef<Waiting>()
  const searching = ref(false)
  const failure = ref('')
  let asked = 0

  /** What lacks after the last change: to read it begins what is still to be worked out. */
  async function settledTask(): Promise<BuyingTask> {
    const isToCome = (): boolean => shelf.claimsBehind || isBehind(aheads)
    for (;;) {
      const own = task.value
      if (!isToCome()) return own
      await untilIt(isToCome).toBe(false)
    }
  }
  /** Looks for the basket as things stand; an answer that has been overtaken is let go. */
  async function search(): Promise<void> {
    const turn = (asked += 1)
    searching.value = true
    failure.value = ''
    const own = await settledTask()
    if (turn !== asked) return
    const solve: Solver = async (problem, options) =>
      serviceOf('basket').cheapest(
        JSON.parse(JSON.stringify(problem)) as typeof problem,
        options && (JSON.parse(JSON.stringify(options)) as typeof options),
      )
    try {
      const found = await planBuying(own, solve, money)
      const later = found.basket && (await waitingFor(own, found.basket, solve))
      if (turn !== asked) return
      plan.value = found
      waiting.value = later
    } catch (error) {
      if (turn === asked) failure.value = error instanceof Error ? error.message : String(error)
    }
    if (turn === asked) searching.value = false
  }

  return {
    now,
    supplierById,
    supplierName,
    offers,
    offersOf,
    orders,
    arrivals,
    comingOn,
    aheads,
    leadDays,
    orderByDay,
    until,
    leftovers,
    task,
    plan,
    waiting,
    searching,
    failure,
    search,
  }
})
