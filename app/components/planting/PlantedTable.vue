<script setup lang="ts">
import type { Line } from '~~/core/commissions'
import { groupingWords } from '~~/core/planting'
import type { PlantedRow, PlantedRun } from '../../composables/planted'
import { choicesOf } from '../../parts/fields/choice'
import type { Column } from '../../parts/table/column'

/** What stands on the plan, line by line: pieces in their groups; hedges and grass as they are drawn. */
const props = defineProps<{ rows: readonly PlantedRow[]; runs: readonly PlantedRun[] }>()
const emit = defineEmits<{
  stand: [lineId: string, as: string]
  draw: [line: Line, widthMm: number]
  take: [lineId: string]
}>()

/** Pieces in a bed, or a hedge or grass as it is drawn. */
interface Item {
  readonly code: string
  readonly lineId: string
  readonly plant: PlantedRow['plant']
  readonly zone: string
  readonly amount: string
  readonly row?: PlantedRow
  readonly run?: PlantedRun
}
const items = computed<Item[]>(() => [
  ...props.rows.map((row) => ({
    code: row.bed.code,
    lineId: row.bed.lineId,
    plant: row.plant,
    zone: row.bed.zone,
    amount: String(row.bed.crownsMm.length),
    row,
  })),
  ...props.runs.map((run) => ({
    code: run.code,
    lineId: run.lineId,
    plant: run.plant,
    zone: run.plant?.line.zone ?? '',
    amount: run.wanted,
    run,
  })),
])
const columns: readonly Column<Item>[] = [
  { id: 'code', head: 'Line', by: ({ code }) => code },
  { id: 'plant', head: 'Plant', by: ({ plant }) => plant?.line.name },
  { id: 'zone', head: 'Zone', by: ({ zone }) => zone },
  { id: 'amount', head: 'Amount', number: true, text: ({ amount }) => amount },
  { id: 'stands', head: 'Stands' },
  { id: 'groups', head: 'In groups of', cell: 'wide', text: ({ row }) => row?.groups ?? '' },
  { id: 'room', head: 'Room' },
]
</script>

<template>
  <DataTable
    label="What stands on the plan"
    page
    class="border-t-2 border-ink"
    :rows="items"
    :columns="columns"
    :key-of="({ lineId }) => lineId"
  >
    <template #code="{ row: { code } }"
      ><strong>{{ code }}</strong></template
    >
    <template #plant="{ row: { plant } }">
      {{ plant?.line.name }} <span class="botanical text-sm">{{ plant?.species.botanical }}</span>
    </template>
    <template #stands="{ row: { lineId, plant, row, run } }">
      <SelectField
        v-if="row"
        cell
        class="w-60"
        :label="`How ${plant?.line.name} stands`"
        :model-value="plant?.line.stands ?? ''"
        :options="[
          { value: '', words: plant ? `as usual: ${groupingWords[plant.species.groups.as]}` : '' },
          ...choicesOf(groupingWords),
        ]"
        @update:model-value="(as) => emit('stand', lineId, as)"
      />
      <template v-else-if="run">
        <button
          v-if="plant"
          type="button"
          class="button button-small mr-1"
          @click="emit('draw', plant.line, run.widthMm)"
        >
          {{ plant.line.amount.kind === 'length' ? 'Draw where it runs' : 'Draw where it grows' }}
        </button>
        <button v-if="!run.fits" type="button" class="button button-small" @click="emit('take', lineId)">
          Make it {{ run.laid }}
        </button>
      </template>
    </template>
    <template #room="{ row: { row, run } }">
      <template v-if="row">
        <span v-if="row.left > 0" class="tag tag-hip">no room for {{ row.left }}</span>
        <span v-else class="tag tag-moss">room for all</span>
      </template>
      <span v-else-if="run" class="tag" :class="run.fits ? 'tag-moss' : 'tag-larch'">{{
        run.fits ? 'as drawn' : `${run.laid} drawn`
      }}</span>
    </template>
  </DataTable>
</template>
