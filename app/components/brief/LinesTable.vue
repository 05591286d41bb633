<script setup lang="ts">
import type { Column } from '../../parts/table/column'
import type { Plant } from '../../stores/plant'

/** The lines of the commission, in the order that every station shows them in. */
const removeLine = useDeed('removeLine')
const move = useLineOrder()
const commission = useCommission()

const columns: readonly Column<Plant>[] = [
  { id: 'order', head: 'Move', headless: true, cell: 'pl-2 pr-0' },
  { id: 'line', head: 'Line', cell: 'pl-1' },
  { id: 'age', head: 'Age' },
  { id: 'amount', head: 'Amount', number: true },
  { id: 'zone', head: 'Zone' },
  { id: 'stature', head: 'Stature', number: true },
  { id: 'stands', head: 'Stands', number: true },
  { id: 'crown', head: 'Crown', number: true },
  { id: 'model', head: 'At the model', number: true },
  { id: 'remove', head: 'Remove', headless: true },
]
</script>

<template>
  <section class="mt-4" aria-label="Lines">
    <DataTable
      v-if="commission.lines.length > 0"
      label="Lines"
      class="border-t-2 border-ink"
      :rows="commission.plants"
      :columns="columns"
      :key-of="({ line }) => line.id"
      :row-px="41"
      heavy
      movable
      @move="move"
    >
      <template #row="{ row, index }">
        <LineRow :plant="row" :aria-rowindex="index + 2" @move="(by) => move(index, index + by)" />
      </template>
      <template #rest>
        <tbody v-if="commission.faulty.length > 0">
          <tr v-for="{ line, because } in commission.faulty" :key="line.id">
            <td></td>
            <td class="!pl-1 font-semibold">{{ line.name }}</td>
            <td colspan="7" class="text-hip">{{ because }}</td>
            <td class="number">
              <button type="button" class="button button-quiet button-small" @click="removeLine(line.id)">
                Remove<span class="sr-only"> {{ line.name }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </template>
    </DataTable>
    <p v-else class="mx-5 max-w-xl border-t-2 border-ink pt-4 text-soft">
      No lines yet. Add the plants that stand there, one kind and size a line.
    </p>
  </section>
</template>

<style scoped>
@media (max-width: 1100px) {
  section :deep(td),
  section :deep(th) {
    padding-inline: 3px;
  }
}
</style>
