import * as Comlink from 'comlink'
import { bedsOf, boardOf, type Beds, type PlantingPlan } from '~~/core/planting'
import type { Planner } from '../workers/plan.worker'

let planner: Comlink.Remote<Planner> | undefined
const worker = (): Comlink.Remote<Planner> =>
  (planner ??= Comlink.wrap<Planner>(
    new Worker(new URL('../workers/plan.worker.ts', import.meta.url), { type: 'module' }),
  ))

/** The planting plan of the commission in hand: derived from its board, lines and keep-outs, never stored. */
export const usePlanting = defineStore('planting', () => {
  const commission = useCommission()
  const board = computed(() => (commission.current ? boardOf(commission.current) : undefined))
  const beds = computed<Beds>(() =>
    commission.current
      ? bedsOf(commission.current, commission.plants)
      : { pieces: [], hedges: [], patches: [] },
  )
  const plan = shallowRef<PlantingPlan>()
  const planning = ref(false)
  const fault = ref('')
  let serial = 0

  /** What a plan follows from, as text: the day depicted does not count. */
  const order = computed(() =>
    board.value
      ? JSON.stringify({
          board: board.value,
          beds: beds.value,
          seed: `${commission.current?.id ?? ''}|${commission.current?.planSeed ?? 0}`,
        })
      : '',
  )
  async function make(): Promise<void> {
    serial += 1
    const mine = serial
    if (order.value === '') {
      plan.value = undefined
      return
    }
    planning.value = true
    fault.value = ''
    try {
      const {
        board: on,
        beds: of,
        seed,
      } = JSON.parse(order.value) as {
        board: PlantingPlan['board']
        beds: Parameters<Planner['plan']>[1]
        seed: string
      }
      const made = await worker().plan(on, of, seed)
      if (mine === serial) plan.value = made
    } catch (error) {
      if (mine === serial) fault.value = error instanceof Error ? error.message : String(error)
    } finally {
      if (mine === serial) planning.value = false
    }
  }
  /** Called by the page that shows the plan; others don't wait for it. */
  function follow(): void {
    watch(order, make, { immediate: true })
  }
  return { board, beds, plan, planning, fault, follow }
})
