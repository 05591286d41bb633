<script setup lang="ts">
import type { KeepOut } from '~~/core/commissions'

/** What is kept clear, as numbers: for those who know them, or can't draw. */
defineProps<{ keepOuts: readonly KeepOut[]; units: 'metric' | 'imperial' }>()
const emit = defineEmits<{ change: [id: string, change: Partial<KeepOut>]; remove: [id: string] }>()
</script>

<template>
  <table v-if="keepOuts.length > 0" class="ruled w-full text-sm">
    <thead>
      <tr>
        <th class="!pl-5">Kept clear</th>
        <th>Width</th>
        <th>Crowns may reach over it</th>
        <th>Points, mm from the left and the front</th>
        <th><span class="sr-only">Remove</span></th>
      </tr>
    </thead>
    <tbody>
      <KeepOutRow
        v-for="(row, i) in keepOuts"
        :key="row.id"
        :keep-out="row"
        :place="i + 1"
        :units="units"
        @change="(change) => emit('change', row.id, change)"
        @remove="emit('remove', row.id)"
      />
    </tbody>
  </table>
</template>
