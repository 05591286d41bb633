import { plantMethodById } from '~~/core/methods'
import { bedsOf, boardOf, type Beds, type PlantingPlan } from '~~/core/planting'
import { serviceOf } from '../workers/service'
import type { Service } from '../workers/service.worker'

/** The planting plan of the commission in hand: derived from its board, lines and keep-outs, never stored. */
export const usePlanting = defineStore('planting', () => {
  const commission = useCommission()
  const board = computed(() => (commission.current ? boardOf(commission.current) : undefined))
  const beds = computed<Beds>(() =>
    commission.current
      ? bedsOf(
          commission.current,
          commission.plants.map((plant) => ({
            ...plant,
            handling: plantMethodById(plant.line.methodId ?? '')?.profile.handling,
          })),
        )
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
        beds: Parameters<Service<'plan'>['plan']>[1]
        seed: string
      }
      const made = await serviceOf('plan').plan(on, of, seed)
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
