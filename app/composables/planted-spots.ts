import { plantedLine, type Batch } from '~~/core/batches'
import { spotName, type Spot } from '~~/core/planting'

/** Where the pieces of a batch that plants stand by the plan, from the back; none while that is not there. */
export function usePlantedSpots(batch: () => Batch) {
  const planting = usePlanting()
  const { model } = useFormat()
  if (plantedLine(batch()) !== undefined) planting.follow()
  const spots = computed<readonly Spot[]>(() => {
    const lineId = plantedLine(batch())
    return (planting.plan?.spots ?? [])
      .filter((spot) => spot.lineId === lineId)
      .toSorted((a, b) => b.y - a.y || a.x - b.x)
  })
  const placeWords = ({ x, y }: Spot): string => `${model(x)} from the left, ${model(y)} from the front edge`
  return { board: computed(() => planting.plan?.board), spots, nameOf: spotName, placeWords }
}
