<script setup lang="ts">
import { saidStates, trayStates, type Tray, type TrayState } from '~~/core/batches'
import type { Column } from '../../parts/table/column'

/** Finished pieces: where they stand, and what has become of them. Moved on, or back, at any time. */
const workshop = useWorkshop()
const stock = useStock()

const moving = ref<{ tray: Tray; from: TrayState }>()
const rows = computed(() =>
  stock.trays
    .map((tray) => ({ tray, batch: stock.batchById.get(tray.batchId) }))
    .sort((a, b) => b.tray.counts['to be planted'] - a.tray.counts['to be planted']),
)
/** What was moved on to another line is shown where there is some: it can come back. */
const states = computed(() =>
  stock.trays.some(({ counts }) => counts['moved on'] !== 0) ? trayStates : saidStates,
)
const lineOf = (id: string | undefined): string => workshop.lines.find((line) => line.id === id)?.name ?? ''
/** A count, where there is one. */
const some = (count: number): string => (count === 0 ? '' : String(count))
type Row = (typeof rows.value)[number]
const columns = computed<readonly Column<Row>[]>(() => [
  {
    id: 'tray',
    head: 'Tray',
    by: ({ tray }) => tray.name,
    cell: 'font-semibold',
    total: () => 'Together',
  },
  { id: 'of', head: 'Pieces of', by: ({ batch }) => batch?.name ?? '' },
  ...states.value.map((state): Column<Row> => ({
    id: state,
    head: state,
    number: true,
    by: ({ tray }) => tray.counts[state],
    text: () => '',
    total: (all) => some(all.reduce((sum, { tray }) => sum + tray.counts[state], 0)),
  })),
])
</script>

<template>
  <section aria-label="Trays">
    <DataTable
      page
      label="Trays"
      :rows="rows"
      :columns="columns"
      :key-of="({ tray }) => `${tray.batchId}|${tray.name}`"
    >
      <template #of="{ row: { batch } }">
        {{ batch?.name }}
        <span v-if="batch?.lineId" class="text-sm text-soft">{{ lineOf(batch.lineId) }}</span>
      </template>
      <template v-for="state in states" :key="state" #[state]="{ row: { tray } }">
        <button
          v-if="tray.counts[state] > 0"
          type="button"
          class="button button-quiet button-small"
          :aria-label="`Move the ${tray.counts[state]} ${state} on ${tray.name}`"
          @click="moving = { tray, from: state }"
        >
          {{ tray.counts[state] }}
        </button>
        <span
          v-else-if="tray.counts[state] < 0"
          class="tag tag-hip"
          title="Two copies of the workshop moved the same pieces"
          >{{ tray.counts[state] }}: count them</span
        >
      </template>
    </DataTable>
    <MoveDialog v-if="moving" v-bind="moving" @close="moving = undefined" />
  </section>
</template>
