<script setup lang="ts">
import type { KeepOut } from '~~/core/commissions'
import type { Column } from '../../parts/table/column'

/** What is kept clear, as numbers: for those who know them, or can't draw. */
defineProps<{ keepOuts: readonly KeepOut[]; units: 'metric' | 'imperial' }>()
const emit = defineEmits<{ change: [id: string, change: Partial<KeepOut>]; remove: [id: string] }>()

const columns: readonly Column<KeepOut>[] = [
  { id: 'what', head: 'Kept clear', cell: 'pl-5' },
  { id: 'width', head: 'Width' },
  { id: 'overhang', head: 'Crowns may reach over it' },
  { id: 'points', head: 'Points, mm from the left and the front' },
  { id: 'remove', head: 'Remove', headless: true },
]
</script>

<template>
  <DataTable
    v-if="keepOuts.length > 0"
    label="Kept clear"
    class="text-sm"
    :rows="keepOuts"
    :columns="columns"
    :key-of="({ id }) => id"
    heavy
  >
    <template #row="{ row, index }">
      <KeepOutRow
        :keep-out="row"
        :place="index + 1"
        :units="units"
        :aria-rowindex="index + 2"
        @change="(change) => emit('change', row.id, change)"
        @remove="emit('remove', row.id)"
      />
    </template>
  </DataTable>
</template>
