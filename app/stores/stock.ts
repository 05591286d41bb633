import {
  arrivalsOfBatch,
  claimOf,
  countOn,
  drawsByBatch,
  foldRun,
  goodOnTrays,
  isOpen,
  lineOf,
  traysOf,
  type Batch,
  type Run,
  type Tray,
} from '~~/core/batches'
import { withMadeAt } from '~~/core/blends'
import { nowIso } from '../db/ids'
import { priceBook, stockStates, type Claim, type StockState } from '~~/core/stock'

/**
 * What follows from the records: open runs, balances, trays. Derived, never stored; what has ended is not
 * kept here.
 */
export const useStock = defineStore('stock', () => {
  const workshop = useWorkshop()
  const blends = useBlends()
  const batchById = computed(() => new Map(workshop.batches.map((batch) => [batch.id, batch])))

  /** A run is folded again when its own entries have changed, and no other. */
  const folded = new WeakMap<readonly unknown[], { batch: Batch; run: Run }>()
  const runs = computed<ReadonlyMap<string, Run>>(() => {
    const result = new Map<string, Run>()
    for (const [id, events] of workshop.openEvents) {
      const batch = batchById.value.get(id)
      if (!batch) continue
      const known = folded.get(events)
      const run = known?.batch === batch ? known.run : foldRun(batch, events)
      folded.set(events, { batch, run })
      result.set(id, run)
    }
    return result
  })
  /** Batches on the bench or planned, with their runs. */
  const open = computed(() =>
    [...runs.value].flatMap(([id, run]) => {
      const batch = batchById.value.get(id)
      return batch && isOpen(run) ? [{ batch, run }] : []
    }),
  )

  /**
   * The runs as claims and progress see them: begun or not, so many good. A piece done changes neither, and
   * what hangs on them, over all commissions, is left alone.
   */
  const standing = shallowRef<ReadonlyMap<string, Run>>(new Map())
  watch(
    () => open.value.map(({ batch, run: { state } }) => `${batch.id} ${state.begun} ${state.live}`).join('|'),
    () => {
      standing.value = new Map(open.value.map(({ batch, run }) => [batch.id, run]))
    },
    { immediate: true, flush: 'sync' },
  )

  const prices = computed(() => {
    const drawn = drawsByBatch(workshop.makings, workshop.setAside)
    const nothing: ReadonlyMap<string, number> = new Map()
    return priceBook(workshop.lots, workshop.balances, (batchId) => drawn.get(batchId) ?? nothing)
  })
  const states = computed<StockState[]>(() =>
    withMadeAt(
      stockStates(blends.shelfMaterials, workshop.lots, workshop.balances, prices.value),
      blends.settledMixed,
    ),
  )
  const stateById = computed(() => new Map(states.value.map((state) => [state.material.id, state])))

  const trays = computed<Tray[]>(() => traysOf(workshop.trayEntries, workshop.setAside))
  const onTrays = computed(() => goodOnTrays(trays.value))
  /** Trays of each line. */
  const traysOfLine = computed(() => {
    const byLine = new Map<string, Tray[]>()
    for (const tray of trays.value) {
      const lineId = batchById.value.get(tray.batchId)?.lineId
      if (lineId === undefined) continue
      const own = byLine.get(lineId)
      if (own) own.push(tray)
      else byLine.set(lineId, [tray])
    }
    return byLine
  })
  /** Pieces that wait to be planted, by line. */
  const toPlant = computed(
    () => new Map([...traysOfLine.value].map(([lineId, own]) => [lineId, countOn(own, 'to be planted')])),
  )

  /** Deadline of the commission that a line belongs to. */
  const dueOf = computed(() => {
    const byCommission = new Map(workshop.commissions.map(({ id, deadline }) => [id, deadline]))
    return new Map(workshop.lines.map(({ id, commissionId }) => [id, byCommission.get(commissionId)]))
  })
  /** What open batches claim of the shelf. */
  const batchClaims = computed<Claim[]>(() =>
    [...standing.value].flatMap(([id, run], i) => {
      const batch = batchById.value.get(id)
      return batch ? [claimOf(batch, run, i, dueOf.value.get(lineOf(batch) ?? ''))] : []
    }),
  )
  const takenByBatches = computed(() => {
    const taken = new Map<string, number>()
    for (const { needs } of batchClaims.value)
      for (const { materialId, quantity } of needs)
        taken.set(materialId, (taken.get(materialId) ?? 0) + quantity)
    return taken
  })
  /**
   * What no open batch has claimed of a material, in its unit. A tub that is kept serves one batch after the other:
   * what an open batch has of it comes back.
   */
  const freeOf = (materialId: string): number =>
    Math.max(0, (stateById.value.get(materialId)?.onHand ?? 0) - (takenByBatches.value.get(materialId) ?? 0))

  /** What open batches will put on the shelf, and when. */
  const making = computed(() => {
    const now = nowIso()
    return open.value.flatMap(({ batch, run }) => arrivalsOfBatch(batch, run, now))
  })
  return {
    freeOf,
    takenByBatches,
    batchById,
    runs,
    open,
    standing,
    prices,
    states,
    stateById,
    trays,
    onTrays,
    traysOfLine,
    toPlant,
    batchClaims,
    making,
  }
})
