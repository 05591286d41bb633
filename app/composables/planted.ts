import { formatQuantity } from '~~/core/units'

/** The planting plan line by line, as a table shows it. */
export function usePlanted() {
  const commission = useCommission()
  const planting = usePlanting()
  const plantOf = (lineId: string) => commission.plants.find(({ line }) => line.id === lineId)
  const rows = computed(() =>
    planting.beds.pieces.map((bed) => {
      const left = planting.plan?.left.find(({ lineId }) => lineId === bed.lineId)?.pieces ?? 0
      const groups = bed.rows ? 'rows' : [...new Set(bed.groups)].join(', ')
      return { bed, plant: plantOf(bed.lineId), left, groups }
    }),
  )
  /** Hedges and grass: what the line wants, and what is drawn. */
  const runs = computed(() => [
    ...(planting.plan?.hedges ?? []).map((hedge) => ({
      ...hedge,
      plant: plantOf(hedge.lineId),
      wanted: formatQuantity(hedge.wantedMm, 'mm'),
      laid: formatQuantity(hedge.lengthMm, 'mm'),
      fits: Math.abs(hedge.lengthMm / hedge.wantedMm - 1) < 0.05,
    })),
    ...(planting.plan?.patches ?? []).map((patch) => ({
      ...patch,
      widthMm: 0,
      plant: plantOf(patch.lineId),
      wanted: formatQuantity(patch.wantedCm2, 'cm2'),
      laid: formatQuantity(patch.areaCm2, 'cm2'),
      fits: Math.abs(patch.areaCm2 / patch.wantedCm2 - 1) < 0.05,
    })),
  ])
  return { rows, runs }
}
export type PlantedRow = ReturnType<typeof usePlanted>['rows']['value'][number]
export type PlantedRun = ReturnType<typeof usePlanted>['runs']['value'][number]
