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
  const ways = computed<Way[]>(() => {
    const own = plant()
    if (!own) return []
    const before = shelf.claimsBefore(own.line)
    return rankMethods(plantMethods, own.job).map(({ method, suit }): Way => {
      const up = commission.workOut(own, method)
      const claim = { id: 'this', who: 'this batch', order: 500, needs: needsOf(up.uses) }
      const lacks =
        suit.verdict === 'unsuited'
          ? []
          : (allocate([...before, claim], stock.states).lacks.get('this') ?? [])
      return {
        method,
        suit,
        up,
        eachMin: up.handsMin.value / up.started.value,
        elapsedMin: up.elapsedMin.value,
        ...(up.costEachMinor && { costMinor: up.costEachMinor.value }),
        lacks,
        open: up.missing.map(({ slot }) => slot.label),
        toolsMissing: missingTools(up.steps, tools.register),
      }
    })
  })
  return { ways, sorted: computed(() => sortWays(ways.value, by.value)) }
}
