<script setup lang="ts">
import type { FaultyRecord } from '../../db/sound'
import type { Column } from '../../parts/table/column'

/** Stored records that are not what they should be: what is wrong with each, and the way to be rid of it. */
const workshop = useWorkshop()
const notices = useNotices()
const wiping = ref<FaultyRecord>()
async function wipe(): Promise<void> {
  const { db } = workshop
  const record = wiping.value
  wiping.value = undefined
  if (!db || !record) return
  await db.table(record.table).delete(record.id)
  notices.done('The record is gone.')
}
const columns: readonly Column<FaultyRecord>[] = [
  {
    id: 'record',
    head: 'Record',
    text: ({ table, id }) => `${table}, ${id}`,
    cell: 'font-semibold whitespace-nowrap',
  },
  { id: 'because', head: 'What is wrong', text: ({ because }) => because, cell: 'text-hip' },
  { id: 'act', head: 'Actions', number: true },
]
</script>

<template>
  <section v-if="workshop.faultyRecords.length > 0" class="px-5 py-3" aria-label="Records that are wrong">
    <h2>Records that are wrong</h2>
    <p class="text-sm text-soft">
      They are kept as they are, and left out of everything else. Export before you remove one.
    </p>
    <DataTable
      bare
      label="Records that are wrong"
      :rows="workshop.faultyRecords"
      :columns="columns"
      :key-of="({ table, id }) => `${table}|${id}`"
    >
      <template #act="{ row: record }">
        <button type="button" class="button button-small" @click="wiping = record">
          Remove<span class="sr-only"> {{ record.id }}</span>
        </button>
      </template>
    </DataTable>
    <ConfirmDialog
      :model-value="wiping !== undefined"
      title="Remove this record?"
      act="Remove record"
      danger
      @update:model-value="wiping = undefined"
      @confirm="wipe"
      >{{ wiping?.table }}, {{ wiping?.id }}: it can’t be brought back.</ConfirmDialog
    >
  </section>
</template>
