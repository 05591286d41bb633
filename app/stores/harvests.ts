import {
  arrivalsOfHarvests,
  broughtOf,
  harvestState,
  type Brought,
  type Harvest,
  type HarvestState,
} from '~~/core/harvest'
import { REFERENCE_PLACE, type Place } from '~~/core/plants'

/** Harvests that are meant to be, how it stands with each, and where the workshop is. Derived, never stored. */
export const useHarvests = defineStore('harvests', () => {
  const workshop = useWorkshop()
  const now = useToday()

  /** Where the workshop is: as set; else where the first commission is; else where the species table holds. */
  const place = computed<{ readonly at: Place; readonly from: string }>(() => {
    const { place: own } = workshop.settings
    if (own) return { at: own, from: '' }
    const [first] = workshop.commissions
    return first ? { at: first, from: first.name } : { at: REFERENCE_PLACE, from: 'the species table' }
  })

  /** What the lots of each harvest have taken in of what was to be gathered. */
  const came = computed(() => {
    const byHarvest = new Map<string, number>()
    const materialOf = new Map(workshop.harvests.map(({ id, materialId }) => [id, materialId]))
    for (const { id, harvestId, materialId } of workshop.lots) {
      if (harvestId === undefined || materialOf.get(harvestId) !== materialId) continue
      const received = workshop.balances.get(id)?.received ?? 0
      if (received > 0) byHarvest.set(harvestId, (byHarvest.get(harvestId) ?? 0) + received)
    }
    return byHarvest
  })
  const stateOf = (harvest: Harvest): HarvestState =>
    harvestState(
      harvest,
      harvest.batchId !== undefined && workshop.openEvents.has(harvest.batchId),
      came.value.get(harvest.id),
      now.value,
    )
  /** What to count on of what is hoped for. */
  const countOn = (gather: string): Brought => broughtOf(gather, workshop.harvests, came.value)
  const arrivals = computed(() => arrivalsOfHarvests(workshop.harvests, stateOf, countOn))
  return { place, came, stateOf, countOn, arrivals }
})
