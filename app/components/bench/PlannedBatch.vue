<script setup lang="ts">
import {
  isMadeInPlace,
  lineOf,
  needsOfBatch,
  partOf,
  partNounPlural,
  plantedLine,
  type Batch,
} from '~~/core/batches'
import { lackWords } from '~~/core/stock'
import { counted, formatMinutes, formatQuantity } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** A batch that is planned and not begun: lay out what it takes. */
const props = defineProps<{ batch: Batch }>()
const emit = defineEmits<{ start: []; abandon: [] }>()
const stock = useStock()
const shelf = useShelf()
const workshop = useWorkshop()
/** Of what is planted: how many wait on trays. */
const onTrays = computed(() => {
  const lineId = plantedLine(props.batch)
  return lineId === undefined ? undefined : (stock.toPlant.get(lineId) ?? 0)
})
/** What it is made on, where it is made on the scene. */
const base = computed(() => {
  const line = workshop.lines.find(({ id }) => id === lineOf(props.batch))
  const on = workshop.commissions.find(({ id }) => id === line?.commissionId)
  return isMadeInPlace(props.batch) ? on?.base : undefined
})
/** Tools that its steps name, each once. */
const tools = computed(() => [...new Set(props.batch.plan.steps.flatMap((step) => step.tools))])
const lackOf = (id: string): string => {
  const lack = shelf.lacksOfBatch(props.batch.id).find(({ materialId }) => materialId === id)
  return lack ? lackWords(lack, stock.stateById.get(id)?.material.unit ?? 'g') : ''
}
const materialOf = (id: string) => stock.stateById.get(id)?.material
const columns: readonly Column<Batch['plan']['amounts'][number]>[] = [
  {
    id: 'material',
    head: 'Material',
    text: ({ materialId, label }) => materialOf(materialId)?.name ?? label,
  },
  {
    id: 'much',
    head: 'How much',
    number: true,
    text: ({ materialId, lies, quantity }) =>
      formatQuantity(lies ?? quantity, materialOf(materialId)?.unit ?? 'g'),
    cell: 'font-semibold',
  },
  { id: 'lack', head: 'Stock' },
]
</script>

<template>
  <section class="p-6">
    <h2 class="text-[26px]">
      Lay out for {{ counted(batch.pieces, partOf(batch), partNounPlural(partOf(batch))) }}
    </h2>
    <p
      v-if="onTrays !== undefined"
      class="mt-1 text-lg"
      :class="onTrays < batch.pieces ? 'text-larch-deep' : ''"
    >
      {{ onTrays }} on trays to be planted{{
        onTrays < batch.pieces ? ': holes can be made, the rest is set when it is finished' : ''
      }}.
    </p>
    <div class="flex gap-10">
      <div class="min-w-0 flex-1">
        <DataTable
          class="mt-3 !w-auto text-lg"
          bare
          label="What it takes"
          :rows="batch.plan.amounts"
          :columns="columns"
          :key-of="({ materialId, step }) => `${materialId}|${step}`"
        >
          <template #lack="{ row: amount }">
            <span v-if="lackOf(amount.materialId)" class="tag tag-hip">{{ lackOf(amount.materialId) }}</span>
          </template>
        </DataTable>
        <p v-if="tools.length > 0" class="mt-3 text-lg">Tools: {{ tools.join(', ') }}.</p>
        <BeforeStart
          :needs="needsOfBatch(batch)"
          :steps="batch.plan.steps"
          :pieces="batch.pieces"
          promised
          :base="base"
          class="mt-3 text-lg"
        />
        <p class="mt-3 text-soft">
          {{ formatMinutes(batch.plan.handsMin) }} of hands, {{ formatMinutes(batch.plan.elapsedMin) }} from
          start to end.
        </p>
      </div>
      <StepPicture
        class="hidden self-start xl:grid"
        :batch="batch"
        :step-index="batch.plan.steps.length - 1"
        :width="420"
        :height="440"
        caption="when it is done"
      />
    </div>
    <BenchFoot>
      <button type="button" class="button button-act huge" @click="emit('start')">
        {{ onTrays === undefined ? 'Start batch' : 'Start planting' }}
      </button>
      <template #reject
        ><button type="button" class="button button-danger" @click="emit('abandon')">
          {{ onTrays === undefined ? 'Don’t make it' : 'Don’t plant them' }}
        </button></template
      >
    </BenchFoot>
  </section>
</template>
