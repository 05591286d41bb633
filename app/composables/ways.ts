import { rankMethods, sortWays, wayOf, type WaySort } from '~~/core/makeup'
import { plantMethods } from '~~/core/methods'
import { allocate } from '~~/core/stock'
import type { Plant } from '../stores/plant'

/** The ways to make a plant, each worked out for what is left of its line. */
export function useWays(plant: () => Plant | undefined, by: Ref<WaySort>) {
  const tools = useTools()
  const estimates = useEstimates()
  const stock = useStock()
  const shelf = useShelf()
  const line = computed(() => plant()?.line)
  /** What those who come before leave of the shelf. */
  const free = computed(() => {
    if (!line.value) return []
    const { claimed } = allocate(shelf.claimsBefore(line.value), stock.states)
    return stock.states.map((state) => ({
      ...state,
      onHand: state.onHand - (claimed.get(state.material.id) ?? 0),
    }))
  })
  const ranked = computed(() => {
    const own = plant()
    return own
      ? rankMethods(plantMethods, own.job).map(({ method, suit }) => ({ plant: own, method, suit }))
      : []
  })
  const { results: ways } = useSliced(
    () => ranked.value,
    ({ plant: own, method, suit }) =>
      wayOf({ method, suit, up: estimates.workOut(own, method) }, free.value, tools.register),
  )
  return { ways, sorted: computed(() => sortWays(ways.value, by.value)) }
}
