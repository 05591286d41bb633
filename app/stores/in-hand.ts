import { lineOf } from '~~/core/batches'
import { refThrottled } from '@vueuse/core'
import type { Commission } from '~~/core/commissions'
import type { Place, Species } from '~~/core/plants'
import { changeCommission } from '../db/commands/brief'

/** The commission in hand, the line in hand, and the day on the season band. */
export const useInHand = defineStore('in-hand', () => {
  const workshop = useWorkshop()

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
    for (const batch of workshop.batches) {
      const { madeAt } = batch
      const commissionId = ofLine.get(lineOf(batch) ?? '')
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
  /** Words and amounts follow the marker a few times a second: a table takes longer to lay out than a frame lasts. */
  const restingDate = refThrottled(date, 240)
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
  const lineId = computed(() => chosen.value.lineId)
  function chooseCommission(id: string): void {
    chosen.value = { commissionId: id }
  }
  function chooseLine(id: string): void {
    chosen.value = { commissionId: current.value?.id, lineId: id }
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
    lineId,
    date,
    draggedDate,
    restingDate,
    place,
    speciesOfLines,
    chooseCommission,
    chooseLine,
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

function readChosen(name: string): { commissionId?: string; lineId?: string } {
  try {
    const read: unknown = JSON.parse(pageStorage().getItem(name) ?? '{}')
    return read !== null && typeof read === 'object' ? read : {}
  } catch {
    return {}
  }
}
