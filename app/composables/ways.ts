import { needsOf, rankMethods, sortWays, type Way, type WaySort } from '~~/core/makeup'
import { plantMethods } from '~~/core/methods'
import { missingTools } from '~~/core/tools'
import { allocate } from '~~/core/stock'
import type { Plant } from '../stores/commission'

/** The ways to make a plant, each worked out for what is left of its line. */
export function useWays(plant: () => Plant | undefined, by: Ref<WaySort>) {
  const tools = useTools()
  const commission = useCommission()
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
    ({ plant: own, method, suit }): Way => {
      const up = commission.workOut(own, method)
      const claim = { id: 'this', who: 'this batch', order: 500, needs: needsOf(up.uses) }
      return {
        method,
        suit,
        up,
        eachMin: up.handsMin.value / up.started.value,
        elapsedMin: up.elapsedMin.value,
        ...(up.costEachMinor && { costMinor: up.costEachMinor.value }),
        lacks: suit.verdict === 'unsuited' ? [] : (allocate([claim], free.value).lacks.get('this') ?? []),
        open: up.missing.map(({ slot }) => slot.label),
        toolsMissing: missingTools(up.steps, tools.register),
      }
    },
  )
  return { ways, sorted: computed(() => sortWays(ways.value, by.value)) }
}
