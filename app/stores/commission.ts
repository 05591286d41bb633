import { refThrottled } from '@vueuse/core'
import { progressOf, type Batch, type Progress } from '~~/core/batches'
import {
  dealtSizes,
  linePiece,
  lookOptions,
  madeAmount,
  sitterOf,
  type Amount,
  type Commission,
  type Line,
  type LinePiece,
  type LineSize,
  type Piece,
  type DrawingSubject,
} from '~~/core/commissions'
import { dryingIn } from '~~/core/adhesives'
import {
  jobOf,
  makeUp,
  type MakeUp,
  type MakeUpOrder,
  type PlantJob,
  type PlantMethod,
  type EstimateContext,
} from '~~/core/makeup'
import { nestOrderOf, treesNested, workedOutWith } from '~~/core/methods'
import { lookOn, type Look, type Place, type Species } from '~~/core/plants'
import { changeCommission } from '../db/commands/brief'
import type { Want } from './armature'

/** A line with all that follows from it on the day that the season band shows. */
export interface Plant {
  readonly line: Line
  readonly species: Species
  readonly size: LineSize
  readonly look: Look
  readonly piece: Piece
  readonly job: PlantJob
  /** Its kinds with their shares, its own first. */
  readonly members: LinePiece['members']
  readonly progress: Progress
}

/** A line that can't be worked out, and why: it is shown as such, and all else works. */
export interface FaultyLine {
  readonly line: Line
  readonly because: string
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
    if (workshop.key) pageStorage().setItem(storageKey.value, JSON.stringify(value))
  })

  /** Where nothing was chosen: the commission that was worked for last; else the one that is due first. */
  const likely = computed(() => {
    const ofLine = new Map(workshop.lines.map((line) => [line.id, line.commissionId]))
    let last: { madeAt: string; commissionId: string } | undefined
    for (const { lineId, madeAt } of workshop.batches) {
      const commissionId = lineId === undefined ? undefined : ofLine.get(lineId)
      if (commissionId && madeAt > (last?.madeAt ?? '')) last = { madeAt, commissionId }
    }
    return workshop.commissions.find(({ id }) => id === last?.commissionId) ?? workshop.commissions[0]
  })
  const current = computed<Commission | undefined>(
    () => workshop.commissions.find(({ id }) => id === chosen.value.commissionId) ?? likely.value,
  )
  const lines = computed(() =>
    workshop.lines.filter(({ commissionId }) => commissionId === current.value?.id),
  )

  /** While the marker is dragged the day runs ahead of what is stored. */
  const draggedDate = ref<string>()
  const date = computed(() => draggedDate.value ?? current.value?.dateDepicted ?? '2026-06-20')

  const place = computed<Place | undefined>(() => current.value && placeOf(current.value))

  const batchesOf = computed(() => {
    const byLine = new Map<string, Batch[]>()
    for (const batch of workshop.batches) {
      if (batch.lineId === undefined) continue
      const ofLine = byLine.get(batch.lineId)
      if (ofLine) ofLine.push(batch)
      else byLine.set(batch.lineId, [batch])
    }
    return byLine
  })
  const progressOfLine = (line: Line): Progress =>
    progressOf(madeAmount(line), batchesOf.value.get(line.id) ?? [], stock.standing, stock.onTrays)
  /** Looks of the days that the marker has passed over at this place, for when it comes back. */
  const looks = computed(() => ({
    place: place.value,
    known: new WeakMap<Species, Map<string, Look>>(),
  }))
  function lookOf(line: Line, commission: Commission, species: Species, day: string): Look {
    const { place: at, known } = looks.value
    const options = lookOptions(line, commission)
    const days = known.get(species) ?? new Map<string, Look>()
    const key = `${day}|${options.haze}|${options.age}|${options.clipped}`
    const look = days.get(key) ?? lookOn(species, day, at, options)
    days.set(key, look)
    known.set(species, days)
    return look
  }
  /** A line as it is on a day, or why it can't be worked out. */
  function workedOut(line: Line, day: string): Plant | FaultyLine {
    const commission = current.value
    const known = workshop.speciesOf(line.speciesId)
    if (!commission || !known) return { line, because: `The species “${line.speciesId}” is not known here.` }
    try {
      const { piece, members } = linePiece(line, commission, workshop.speciesOf, day, (kind) =>
        lookOf(line, commission, kind, day),
      )
      const { species, size, look } = members[0]
      const progress = progressOfLine(line)
      return { line, species, progress, piece, size, look, members, job: jobOf(line, piece) }
    } catch (error) {
      return { line, because: error instanceof Error ? `${error.message}.` : String(error) }
    }
  }
  const isPlant = (one: Plant | FaultyLine): one is Plant => !('because' in one)
  const onDay = useSliced(
    () => lines.value,
    (line) => workedOut(line, date.value),
  )
  const plants = computed<Plant[]>(() => onDay.results.value.filter(isPlant))
  /** Words and amounts follow the marker a few times a second: a table takes longer to lay out than a frame lasts. */
  const restingDate = refThrottled(date, 240)
  const onRestingDay = useSliced(
    () => (restingDate.value === date.value ? [] : lines.value),
    (line) => workedOut(line, restingDate.value),
  )
  const resting = computed(() => {
    const apart = onRestingDay.results.value
    return restingDate.value === date.value ? onDay.results.value : apart
  })
  const restingPlants = computed<Plant[]>(() => resting.value.filter(isPlant))
  const faulty = computed<FaultyLine[]>(() => resting.value.flatMap((one) => (isPlant(one) ? [] : [one])))
  /** Lines of the commission that are still being worked out. */
  const linesLeft = onDay.left
  /** The species of each line, by the line's id; each is looked for once, however many lines have it. */
  const speciesOfLines = computed<ReadonlyMap<string, Species>>(() => {
    const known = new Map<string, Species | undefined>()
    for (const { speciesId } of lines.value)
      if (!known.has(speciesId)) known.set(speciesId, workshop.speciesOf(speciesId))
    return new Map(
      lines.value.flatMap(({ id, speciesId }) => {
        const species = known.get(speciesId)
        return species ? [[id, species] as const] : []
      }),
    )
  })
  /** The line in hand; of a long list it is worked out at once, wherever it stands. */
  const selected = computed<Plant | undefined>(() => {
    const { lineId } = chosen.value
    const there = plants.value.find(({ line }) => line.id === lineId)
    if (there) return there
    const line = lines.value.find(({ id }) => id === lineId)
    const own = line && workedOut(line, date.value)
    return own && isPlant(own) ? own : plants.value[0]
  })

  const learnt = useLearnt()
  const drying = computed(() => dryingIn(workshop.settings.roomC, workshop.settings.humidity))

  /** What every estimate with a way of making rests on here. */
  const contextOf = (methodId: string): EstimateContext => ({
    states: stock.states,
    free: (materialId) => shelf.freeOf(materialId),
    own: workshop.ownValues,
    learnt: learnt.of(methodId),
    dryingFactor: drying.value.factor,
    ...(drying.value.unsure && { unsure: drying.value.unsure }),
  })

  /** Works a plant out with a method: all that the line wants, what is left of it, or a number started. */
  function workOut(plant: Plant, method: PlantMethod, of: { left?: number; started?: number } = {}): MakeUp {
    const order: MakeUpOrder = {
      job:
        of.left === undefined
          ? plant.job
          : jobOf({ amount: amountOf(plant.line.amount, of.left), layers: plant.line.layers }, plant.piece),
      method,
      ...(of.started === undefined ? {} : { started: of.started }),
      choices: plant.line.choices,
      materials: plant.line.materials,
      ...contextOf(method.id),
      sizes: dealtSizes(plant.size, plant.line.id),
    }
    return withArmature(order, sitterOf(plant.line, plant.species, plant.size, plant.piece.seeThrough))
  }
  const armature = useArmature()
  /** Works an order out with the armature of the plant that is drawn, as soon as that is there. */
  function withArmature(order: MakeUpOrder, sitter: DrawingSubject, want: Want = 'now'): MakeUp {
    const up = workedOutWith(order, (wire) => armature.wireFor(sitter, wire, want))
    const few = up.started.value <= treesNested(up)
    const nested = few ? nestOrderOf(up, order.sizes?.(up.started.value) ?? [], order.own) : undefined
    const best = nested && armature.nestOf(nested)?.best
    return best?.left.length === 0 ? makeUp({ ...order, pads: best.sheets }) : up
  }
  const shelf = useShelf()

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
    const answer = await workshop.dispatch(changeCommission, commission.id, { dateDepicted: to })
    if (answer.kind === 'none' && draggedDate.value === to) draggedDate.value = undefined
  }
  /**
   * The marker lets go when the stored day has caught up with it, not before: a key pressed meanwhile goes on
   * from where it stands.
   */
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
    linesLeft,
    speciesOfLines,
    selected,
    faulty,
    place,
    progressOfLine,
    contextOf,
    drying,
    workOut,
    withArmature,
    chooseCommission,
    chooseLine,
    stepLine,
    settleDate,
  }
})

/** The place of a commission's scene, with what its maker knows of the seasons there. */
export const placeOf = ({
  latitudeDeg,
  altitudeM,
  seasonLaw,
  springDays,
  autumnDays,
}: Commission): Place => ({
  latitudeDeg,
  altitudeM,
  ...(seasonLaw === undefined ? {} : { seasonLaw }),
  ...(springDays === undefined ? {} : { springDays }),
  ...(autumnDays === undefined ? {} : { autumnDays }),
})

/** The same kind of amount, so much of it: in pieces, mm or cm². */
export function amountOf(amount: Amount, size: number): Amount {
  switch (amount.kind) {
    case 'pieces':
      return { kind: 'pieces', pieces: Math.max(1, Math.ceil(size - 1e-9)) }
    case 'length':
      return { ...amount, lengthMm: Math.max(1, size) }
    case 'area':
      return { kind: 'area', areaCm2: Math.max(0.1, size) }
  }
}

function readChosen(name: string): { commissionId?: string; lineId?: string } {
  try {
    const read: unknown = JSON.parse(pageStorage().getItem(name) ?? '{}')
    return read !== null && typeof read === 'object' ? read : {}
  } catch {
    return {}
  }
}
