import { progressOf, type Batch, type Progress } from '~~/core/batches'
import { linePiece, lookOptions, madeAmount, type Commission, type Line } from '~~/core/commissions'
import { jobOf } from '~~/core/makeup'
import { lookOn, type Look, type Species } from '~~/core/plants'
import type { FaultyLine, Plant } from './plant'

/** The lines of the commission in hand, worked out for the day on the season band. */
export const useCommission = defineStore('commission', () => {
  const workshop = useWorkshop()
  const stock = useStock()
  const inHand = useInHand()
  const { current, lines, lineId, date, draggedDate, restingDate, place, speciesOfLines } =
    storeToRefs(inHand)
  const { chooseCommission, chooseLine, settleDate } = inHand

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
    const key = `${day}|${options.haze}|${options.backdrop?.colour}|${options.age}|${options.clipped}`
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
  /** The line in hand; of a long list it is worked out at once, wherever it stands. */
  const selected = computed<Plant | undefined>(() => {
    const there = plants.value.find(({ line }) => line.id === lineId.value)
    if (there) return there
    const line = lines.value.find(({ id }) => id === lineId.value)
    const own = line && workedOut(line, date.value)
    return own && isPlant(own) ? own : plants.value[0]
  })

  function stepLine(by: number): void {
    const at = plants.value.findIndex(({ line }) => line.id === selected.value?.line.id)
    const next = plants.value[(at + by + plants.value.length) % plants.value.length]
    if (next) chooseLine(next.line.id)
  }
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
    chooseCommission,
    chooseLine,
    stepLine,
    settleDate,
  }
})
