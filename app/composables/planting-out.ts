import { isPlantedOut, plantedSoFar, plantingDraft, plantingMakeUp, type Batch } from '~~/core/batches'
import type { Line } from '~~/core/commissions'
import type { MakeUp } from '~~/core/makeup'
import { plantingOut } from '~~/core/methods'
import { layerOf } from '~~/core/planting'
import type { Plant } from '../stores/plant'

/** Planting out as work: what stands of a line, what is planned, and what the rest would take. */
export function usePlantingOut() {
  const commission = useCommission()
  const stock = useStock()
  const estimates = useEstimates()

  const soFar = (line: Line) =>
    plantedSoFar(
      line,
      stock.traysOfLine.get(line.id) ?? [],
      stock.open,
      commission.progressOfLine(line).inHand,
    )

  /** So many pieces of a line, worked out; undefined where there is no commission. */
  function workOut(plant: Plant, pieces: number): MakeUp | undefined {
    const { current } = commission
    if (!current) return undefined
    return plantingMakeUp(
      { piece: plant.piece, layer: layerOf(plant.species), pieces, commission: current },
      estimates.contextOf(plantingOut.id),
    )
  }
  /** A batch that plants so many of a line. @throws RangeError where there is no commission in hand */
  function draftFor(plant: Plant, pieces: number): Omit<Batch, 'id' | 'madeAt'> {
    const up = workOut(plant, pieces)
    if (!up) throw new RangeError('commission is none; planting wants one in hand')
    return plantingDraft(up, plant.line)
  }

  return { soFar, workOut, draftFor }
}

/** What is left to plan to be planted, line by line, with what it takes: of a long list in slices. */
export function usePlantingLeft() {
  const commission = useCommission()
  const { soFar, workOut } = usePlantingOut()
  const { results } = useSliced(
    () => commission.restingPlants,
    (plant) => {
      if (!isPlantedOut(plant.line)) return { plant, pieces: 0, unmade: 0, up: undefined }
      const { left: pieces, unmade } = soFar(plant.line)
      return { plant, pieces, unmade, up: pieces > 0 ? workOut(plant, pieces) : undefined }
    },
  )
  const left = computed(() => results.value.flatMap(({ up, ...rest }) => (up ? [{ ...rest, up }] : [])))
  /** Pieces to be planted that nothing is planned to make. */
  const unmade = computed(() => results.value.reduce((sum, one) => sum + one.unmade, 0))
  return { left, unmade }
}
