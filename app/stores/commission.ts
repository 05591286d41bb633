import { refThrottled } from '@vueuse/core'
import { progressOf, type Progress } from '~~/core/batches'
import { hazeOf, type Commission, type Line, type LineSize } from '~~/core/commissions'
import { dryingFactor } from '~~/core/adhesives'
import { makeUp, methodById, needsOf, pieceOf, type MakeUp, type Piece } from '~~/core/methods'
import { lookOn, type Look, type Species } from '~~/core/plants'
import { shortages, type Shortage } from '~~/core/stock'
import { changeCommission } from '../db/commands/brief'

/** A line with all that follows from it on the day that the season band shows. */
export interface Plant {
  readonly line: Line
  readonly species: Species
  readonly size: LineSize
  readonly look: Look
  readonly piece: Piece
  readonly progress: Progress
}

/** How the stock stands for what is left to make of a line. */
export interface LineStock {
  readonly makeUp?: MakeUp
  readonly short: readonly Shortage[]
}

/** The commission in hand, the line in hand, and the day on the season band. */
export const useCommission = defineStore('commission', () => {
  const workshop = useWorkshop()
  const stock = useStock()

  const chosen = ref<{ commissionId?: string; lineId?: string }>({})
  const storageKey = computed(() => `hardy-thicket:${workshop.key}:in-hand`)
  watch(
    storageKey,
    (name) => {
      chosen.value = readChosen(name)
    },
    { immediate: true },
  )
  watch(chosen, (value) => {
    if (workshop.key) localStorage.setItem(storageKey.value, JSON.stringify(value))
  })

  const current = computed<Commission | undefined>(
    () => workshop.commissions.find(({ id }) => id === chosen.value.commissionId) ?? workshop.commissions[0],
  )
  const lines = computed(() =>
    workshop.lines.filter(({ commissionId }) => commissionId === current.value?.id),
  )

  /** While the marker is dragged the day runs ahead of what is stored. */
  const draggedDate = ref<string>()
  const date = computed(() => draggedDate.value ?? current.value?.dateDepicted ?? '2026-06-20')

  /** What does not change with the day, worked out once for all the days that the marker passes over. */
  const steady = computed(() =>
    lines.value.map((line) => ({
      line,
      species: workshop.speciesOf(line.speciesId),
      progress: progressOf(
        line.pieces,
        workshop.batches.filter(({ lineId }) => lineId === line.id),
        stock.runs,
      ),
    })),
  )
  /** Looks of the days that the marker has passed over at this place, for when it comes back. */
  const looks = computed(() => ({
    place: current.value && { latitudeDeg: current.value.latitudeDeg, altitudeM: current.value.altitudeM },
    haze: current.value ? hazeOf(current.value) : 0,
    known: new WeakMap<Species, Map<string, Look>>(),
  }))
  function lookOf(species: Species, day: string): Look {
    const { place, haze, known } = looks.value
    const days = known.get(species) ?? new Map<string, Look>()
    const look = days.get(day) ?? lookOn(species, day, place, haze)
    days.set(day, look)
    known.set(species, days)
    return look
  }
  function plantsOn(day: string): Plant[] {
    const commission = current.value
    return commission
      ? steady.value.map((known) => ({
          ...known,
          ...pieceOf(known.line, commission, known.species, day, lookOf(known.species, day)),
        }))
      : []
  }
  const plants = computed<Plant[]>(() => plantsOn(date.value))
  /** Words and amounts follow the marker a few times a second: a table takes longer to lay out than a frame lasts. */
  const restingDate = refThrottled(date, 240)
  const restingPlants = computed<Plant[]>(() =>
    restingDate.value === date.value ? plants.value : plantsOn(restingDate.value),
  )
  const speciesOf = (lineId: string): Species | undefined =>
    steady.value.find(({ line }) => line.id === lineId)?.species
  const selected = computed<Plant | undefined>(
    () => plants.value.find(({ line }) => line.id === chosen.value.lineId) ?? plants.value[0],
  )

  const drying = computed(() => dryingFactor(workshop.settings.roomC, workshop.settings.humidity))

  /** Works a plant out with a method, for the pieces that are left or for a number started. */
  function workOut(plant: Plant, methodId: string, pieces: { wanted: number; started?: number }): MakeUp {
    return makeUp({
      piece: plant.piece,
      method: methodById(methodId),
      ...pieces,
      chosen: plant.line.materials,
      states: stock.states,
      dryingFactor: drying.value,
    })
  }

  const stockOf = computed(
    () =>
      new Map<string, LineStock>(
        restingPlants.value.map((plant) => {
          const { methodId } = plant.line
          if (methodId === undefined) return [plant.line.id, { short: [] }]
          const whole = workOut(plant, methodId, { wanted: plant.line.pieces })
          const left =
            plant.progress.left > 0 ? workOut(plant, methodId, { wanted: plant.progress.left }) : undefined
          return [
            plant.line.id,
            { makeUp: whole, short: left ? shortages(needsOf(left.amounts), stock.states) : [] },
          ]
        }),
      ),
  )

  function chooseCommission(id: string): void {
    chosen.value = { commissionId: id }
  }
  function chooseLine(id: string): void {
    chosen.value = { commissionId: current.value?.id, lineId: id }
  }
  function stepLine(by: number): void {
    const at = plants.value.findIndex(({ line }) => line.id === selected.value?.line.id)
    const next = plants.value[(at + by + plants.value.length) % plants.value.length]
    if (next) chooseLine(next.line.id)
  }
  /** Stores the day that the marker was left on. */
  async function settleDate(): Promise<void> {
    const commission = current.value
    const to = draggedDate.value
    if (!commission || to === undefined) return
    if (to === commission.dateDepicted) {
      draggedDate.value = undefined
      return
    }
    const answer = await workshop.give(changeCommission, commission.id, { dateDepicted: to })
    if (answer.kind === 'none' && draggedDate.value === to) draggedDate.value = undefined
  }
  /** The marker lets go when the stored day has caught up with it, not before: a key pressed meanwhile goes on from where it stands. */
  watch(
    () => [current.value?.id, current.value?.dateDepicted] as const,
    ([id, stored], [before]) => {
      if (id !== before || stored === draggedDate.value) draggedDate.value = undefined
    },
  )

  return {
    current,
    lines,
    date,
    draggedDate,
    plants,
    restingDate,
    restingPlants,
    speciesOf,
    selected,
    drying,
    stockOf,
    workOut,
    chooseCommission,
    chooseLine,
    stepLine,
    settleDate,
  }
})

function readChosen(name: string): { commissionId?: string; lineId?: string } {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(name) ?? '{}')
    return read !== null && typeof read === 'object' ? read : {}
  } catch {
    return {}
  }
}
