import { gatheringById, windowsFrom, type Harvest } from '~~/core/harvest'
import { batchName, planFrom } from '~~/core/batches'
import { makeUp } from '~~/core/makeup'
import { gatherMethodFor } from '~~/core/methods'

const leaveOf: Record<Harvest['permission'], string> = {
  'own ground': 'own',
  given: 'given',
  asked: 'to-ask',
  'not asked': 'to-ask',
}

/** Going out to gather, or sowing: a harvest becomes a batch at the bench. */
export function useHarvestPlans() {
  const workshop = useWorkshop()
  const beginHarvest = useDeed('beginHarvest')
  const stock = useStock()
  const estimates = useEstimates()
  const harvests = useHarvests()
  const to = useStationPath()

  /** Begins the batch that brings a harvest in, and goes to the bench. */
  async function begin(harvest: Harvest, how: 'gather' | 'sow'): Promise<void> {
    const method = gatherMethodFor(harvest.gather, how)
    const unit = stock.stateById.get(harvest.materialId)?.material.unit
    if (!method || !unit) return
    const work = makeUp({
      job: { kind: 'stock', materialId: harvest.materialId, quantity: harvest.quantity, unit },
      method,
      choices: { leave: leaveOf[harvest.permission] },
      ...estimates.contextOf(method.id),
    })
    const number = workshop.batches.filter(({ methodId }) => methodId === method.id).length + 1
    const answer = await beginHarvest(harvest.id, planFrom(work, undefined, batchName(method.name, number)))
    if (answer.kind === 'ok') await navigateTo({ path: to('bench'), query: { batch: answer.value.id } })
  }
  /** When it is sown for a cut that is still to come, where it is sown at all. */
  function sowingOf(harvest: Harvest, today: string) {
    const sowing = gatheringById(harvest.gather)?.sowing
    return sowing && windowsFrom(sowing, harvests.place.at, today, 1)[0]
  }
  return { begin, sowingOf }
}
