<script setup lang="ts">
import {
  MIXED_FALL,
  partOf,
  partNounPlural,
  proposedKept,
  proposedUse,
  standsWhenDone,
  type Batch,
  type BatchAction,
  type Run,
} from '~~/core/batches'
import {
  counted,
  formatQuantity,
  none,
  ok,
  parseQuantity,
  plainNumber,
  readNumber,
  type StockUnit,
} from '~~/core/units'
import { hidable, note, own, typed, words, type Field } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'
import type { Column } from '../../parts/table/column'

/** Finishes or abandons: what was used is looked over, then stock, tray and log are written in one go. */
const props = defineProps<{ batch: Batch; run: Run; kind: 'finish' | 'abandon' }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const endBatch = useDeed('endBatch')
const stock = useStock()
const notices = useNotices()

const uses = proposedUse(props.batch, props.run)
const materialOf = (id: string) => stock.stateById.get(id)?.material
const unitOf = (id: string): StockUnit => materialOf(id)?.unit ?? 'g'
/** Besides what was planned, any work with flock may fill the tub of mixed falls. */
const planned = proposedKept(props.batch, props.run)
const mayFall =
  props.batch.makes.kind !== 'stock' &&
  uses.some(({ materialId }) => ['foam', 'fibre'].includes(materialOf(materialId)?.of.stuff ?? '')) &&
  !planned.some(({ materialId }) => materialId === MIXED_FALL.materialId)
const yields = [
  ...planned,
  ...(mayFall
    ? [{ materialId: MIXED_FALL.materialId, label: 'What fell mixed, into its tub', quantity: 0 }]
    : []),
]
const yieldUnit = (id: string): StockUnit =>
  props.batch.plan.yields.find(({ materialId }) => materialId === id)?.material.unit ?? 'g'
/** An amount as it is proposed. What was weighed keeps all its figures unless it is typed over. */
function shown(quantity: number, unit: StockUnit): string {
  return unit === 'piece' ? String(Math.round(quantity)) : formatQuantity(quantity, unit)
}
/** A cell for an amount: what stands there as proposed is taken whole. */
function amountField(label: string, proposed: number, unit: StockUnit): Field<number> {
  const start = shown(proposed, unit)
  const whole = unit === 'piece' ? Math.round(proposed) : proposed
  return own(label, (text) => (text === start ? ok(whole) : parseQuantity(text, unit, { zero: true })), start)
}
const makesPieces = computed(() => props.batch.makes.kind !== 'stock')
const uncovered = ref('')
const openWeighings = computed(() =>
  [...props.run.state.weighing.keys()].map((id) => materialOf(id)?.name ?? id),
)

/** Said of what stock does not cover: it is drawn all the same. */
const allowed = ref(false)
const drawn = uses.map((one) => ({ ...one, key: `draw-${one.materialId}` }))
const kept = yields.map((one) => ({ ...one, key: `kept-${one.materialId}` }))
const usedColumns: readonly Column<(typeof drawn)[number]>[] = [
  { id: 'material', head: 'Material', text: ({ materialId }) => materialOf(materialId)?.name ?? materialId },
  {
    id: 'planned',
    head: 'Planned',
    number: true,
    text: ({ materialId, planned: quantity }) => formatQuantity(quantity, unitOf(materialId)),
  },
  {
    id: 'measured',
    head: 'Measured',
    number: true,
    cell: 'wide',
    text: ({ materialId, measured }) =>
      measured === undefined ? '–' : formatQuantity(measured, unitOf(materialId)),
  },
  { id: 'draw', head: 'Draw from stock', cell: 'amount' },
]
const keptColumns: readonly Column<(typeof kept)[number]>[] = [
  { id: 'label', head: 'Comes out besides', text: ({ label }) => label },
  {
    id: 'planned',
    head: 'Planned',
    number: true,
    text: ({ materialId, quantity }) => (quantity > 0 ? formatQuantity(quantity, yieldUnit(materialId)) : ''),
  },
  { id: 'keep', head: 'Keep as a lot', cell: 'amount' },
]
const { kind, batch, run } = props
const plants = batch.makes.kind === 'planted'
const inPlace = standsWhenDone(batch) || plants
const usualTray = inPlace ? 'On the scene' : `Tray ${workshop.batches.length}`
const amounts = Object.fromEntries([
  ...drawn.map(({ materialId, proposed, key }): [string, Field<number>] => [
    key,
    amountField(`Draw ${materialOf(materialId)?.name ?? materialId}`, proposed, unitOf(materialId)),
  ]),
  ...kept.map(({ materialId, label, quantity, key }): [string, Field<number>] => [
    key,
    amountField(`Keep ${label}`, quantity, yieldUnit(materialId)),
  ]),
])
const form = useFields(
  {
    ...amounts,
    tray: hidable(
      words(
        {
          label: inPlace ? 'Where it is' : 'Tray',
          start: usualTray,
          hidden: kind !== 'finish' || !makesPieces.value || plants,
        },
        'The tray needs a name.',
      ),
    ),
    reason: hidable(words({ label: 'Why', hidden: kind !== 'abandon' }, 'Say why: the log learns from it.')),
    handsMin: typed<number>(
      {
        label: 'Hands-on minutes',
        start: plainNumber(run.state.handsMs / 60_000, 1),
        hint:
          run.state.gapMs > 60_000 ? `breaks of ${Math.round(run.state.gapMs / 60_000)} min left out` : '',
      },
      (text) => {
        const minutes = readNumber(text)
        return minutes === undefined ? none(`Read “${text}”; allowed is a number of minutes.`) : ok(minutes)
      },
    ),
    note: note({ label: 'Note for the log', hidden: kind !== 'finish' }),
  },
  {
    async send(read) {
      const values = read as Record<string, unknown>
      const amountOf = ({ materialId, key }: { materialId: string; key: string }) => ({
        materialId,
        quantity: values[key] as number,
      })
      const told = { handsMin: read.handsMin, used: drawn.map(amountOf), kept: kept.map(amountOf) }
      const tray = read.tray ?? usualTray
      const deed: Extract<BatchAction, { type: 'finish' | 'abandon' }> =
        kind === 'finish'
          ? { type: 'finish', tray, date: today(), ...told, ...(read.note ? { note: read.note } : {}) }
          : { type: 'abandon', reason: read.reason ?? '', ...told }
      const answer = await endBatch(batch.id, deed, allowed.value)
      if (answer.kind === 'uncovered') uncovered.value = answer.because
      if (answer.kind !== 'ok') return { kind: 'none' }
      notices.done(
        kind === 'abandon'
          ? 'Abandoned. What was used was drawn.'
          : inPlace
            ? `${counted(run.state.live, partOf(batch), partNounPlural(partOf(batch)))} ${plants ? (run.state.live === 1 ? 'stands' : 'stand') : 'in place'}.`
            : `${run.state.live} on “${tray}”.`,
      )
      await navigateTo({ query: { batch: batch.id } })
    },
  },
)
async function drawAllTheSame(): Promise<void> {
  allowed.value = true
  if (await form.submit()) emit('close')
  else allowed.value = false
}
const act = computed(() =>
  kind === 'abandon'
    ? 'Abandon batch'
    : !makesPieces.value
      ? 'Draw stock, take in what was made'
      : `Draw stock, ${run.state.live} ${plants ? 'planted' : inPlace ? 'in place' : 'to the tray'}`,
)
</script>

<template>
  <FieldsDialog
    :title="kind === 'finish' ? `Finish “${batch.name}”` : `Abandon “${batch.name}”`"
    wide
    large
    :form="form"
    :act="act"
    leave="Not yet"
    :danger="kind === 'abandon'"
    @close="emit('close')"
  >
    <template #before>
      <p v-if="openWeighings.length > 0" class="col-span-2 text-larch" role="status">
        Still weighed in and not out: {{ openWeighings.join(', ') }}. Without a weigh-out the plan’s figure is
        taken.
      </p>
      <DataTable
        label="What was used"
        class="col-span-2"
        :rows="drawn"
        :columns="usedColumns"
        :key-of="({ key }) => key"
      >
        <template #draw="{ row }"><FormCell :form="form" :name="row.key" /></template>
      </DataTable>
      <DataTable
        v-if="kept.length > 0"
        label="What comes out besides"
        class="col-span-2"
        :rows="kept"
        :columns="keptColumns"
        :key-of="({ key }) => key"
      >
        <template #keep="{ row }"><FormCell :form="form" :name="row.key" /></template>
      </DataTable>
    </template>
    <template #after>
      <div v-if="uncovered" class="col-span-2 border-l-[6px] border-hip bg-hip-pale p-3" role="alert">
        <p>{{ uncovered }}</p>
        <button type="button" class="button button-danger mt-2 !min-h-[44px]" @click="drawAllTheSame">
          Draw it all the same
        </button>
      </div>
    </template>
  </FieldsDialog>
</template>

<style scoped>
:deep(td.amount) {
  width: 136px;
}
</style>
