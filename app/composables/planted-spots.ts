import { plantedLine, type Batch } from '~~/core/batches'
import type { Spot } from '~~/core/planting'

/** Where the pieces of a batch that plants stand by the plan, from the back; none while that is not there. */
export function usePlantedSpots(batch: () => Batch) {
  const planting = usePlanting()
  if (plantedLine(batch()) !== undefined) planting.follow()
  const spots = computed<readonly Spot[]>(() => {
    const lineId = plantedLine(batch())
    return (planting.plan?.spots ?? [])
      .filter((spot) => spot.lineId === lineId)
      .toSorted((a, b) => b.y - a.y || a.x - b.x)
  })
  const nameOf = ({ code, number }: Spot): string => `${code}${number}`
  const placeWords = ({ x, y }: Spot): string =>
    `${Math.round(x)} mm from the left, ${Math.round(y)} mm from the front edge`
  return { board: computed(() => planting.plan?.board), spots, nameOf, placeWords }
}
