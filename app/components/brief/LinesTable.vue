<script setup lang="ts">
/** The lines of the commission, in the order that every station shows them in. */
const removeLine = useDeed('removeLine')
const commission = useCommission()
const rows = useTemplateRef<HTMLElement>('rows')
const table = useTemplateRef<HTMLElement>('table')

const { shownPlants, above, below, measure, move } = useLineTable(() => commission.plants, {
  table,
  rows,
  row: '.line-row',
  rowPx: 41,
})
const rowOf = (row: unknown): unknown => (row as { $el?: unknown } | null)?.$el
</script>

<template>
  <section class="mt-4" aria-label="Lines">
    <table
      v-if="commission.lines.length > 0"
      ref="table"
      class="ruled w-full"
      :aria-rowcount="commission.lines.length + 1"
    >
      <thead>
        <tr class="border-t-2 border-ink">
          <th class="!pl-2 !pr-0"><span class="sr-only">Move</span></th>
          <th class="!pl-1">Line</th>
          <th>Age</th>
          <th class="number">Amount</th>
          <th>Zone</th>
          <th class="number">Stature</th>
          <th class="number">Stands</th>
          <th class="number">Crown</th>
          <th class="number">At the model</th>
          <th><span class="sr-only">Remove</span></th>
        </tr>
      </thead>
      <RowGap :px="above" :columns="10" />
      <tbody ref="rows">
        <LineRow
          v-for="{ plant, index } in shownPlants"
          :key="plant.line.id"
          :ref="(row) => measure(rowOf(row))"
          class="line-row"
          :data-index="index"
          :aria-rowindex="index + 2"
          :plant="plant"
          @move="(by) => move(index, index + by)"
        />
      </tbody>
      <RowGap :px="below" :columns="10" />
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
    </table>
    <p v-else class="mx-5 max-w-xl border-t-2 border-ink pt-4 text-soft">
      No lines yet. Add the plants that stand there, one kind and size a line.
    </p>
  </section>
</template>

<style scoped>
@media (max-width: 1100px) {
  .ruled :deep(td),
  .ruled th {
    padding-inline: 3px;
  }
}
</style>
