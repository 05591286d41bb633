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

  /** What is left to plan, line by line, with what it takes. */
  const left = computed(() =>
    commission.restingPlants.flatMap((plant) => {
      const pieces = isPlantedOut(plant.line) ? soFar(plant.line).left : 0
      const up = pieces > 0 ? workOut(plant, pieces) : undefined
      return up ? [{ plant, pieces, up }] : []
    }),
  )
  /** Pieces to be planted that nothing is planned to make. */
  const unmade = computed(() =>
    commission.restingPlants.reduce(
      (sum, { line }) => (isPlantedOut(line) ? sum + soFar(line).unmade : sum),
      0,
    ),
  )
  return { unmade, soFar, workOut, draftFor, left }
}
