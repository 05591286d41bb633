<script setup lang="ts">
import type { FaultyRecord } from '../../db/sound'

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
</script>

<template>
  <section v-if="workshop.faultyRecords.length > 0" class="px-5 py-3" aria-label="Records that are wrong">
    <h2>Records that are wrong</h2>
    <p class="text-sm text-soft">
      They are kept as they are, and left out of everything else. Export before you remove one.
    </p>
    <table class="ruled w-full">
      <tbody>
        <tr v-for="record in workshop.faultyRecords" :key="`${record.table}|${record.id}`">
          <td class="font-semibold whitespace-nowrap">{{ record.table }}, {{ record.id }}</td>
          <td class="text-hip">{{ record.because }}</td>
          <td class="number">
            <button type="button" class="button button-small" @click="wiping = record">
              Remove<span class="sr-only"> {{ record.id }}</span>
            </button>
          </td>
        </tr>
      </tbody>
    </table>
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
