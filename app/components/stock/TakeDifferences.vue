<script setup lang="ts">
import { takeRows, type Found } from '~~/core/stock'
import { counted, formatQuantity } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** What a stock-take has found beside the books, before any of it is written. */
const props = defineProps<{ found: readonly Found[] }>()
const emit = defineEmits<{ again: [lotId: string]; write: [] }>()
const stock = useStock()
const { money } = useFormat()
const rows = computed(() => takeRows(props.found, stock.states))
const differing = computed(() => rows.value.filter(({ difference }) => difference !== 0))
const worth = computed(() => rows.value.reduce((sum, { worthMinor = 0 }) => sum + worthMinor, 0))
type Row = (typeof rows.value)[number]
const columns: readonly Column<Row>[] = [
  { id: 'jar', head: 'Jar', by: ({ material }) => material.name },
  {
    id: 'books',
    head: 'Books',
    number: true,
    text: ({ found, material }) => formatQuantity(found.books, material.unit),
  },
  {
    id: 'found',
    head: 'Found',
    number: true,
    text: ({ found, material }) => formatQuantity(found.counted, material.unit),
  },
  {
    id: 'difference',
    head: 'Difference',
    number: true,
    by: ({ difference, found }) => difference / Math.max(1, found.books),
  },
  {
    id: 'worth',
    head: 'Worth',
    number: true,
    by: ({ worthMinor }) => worthMinor,
    text: ({ worthMinor }) => (worthMinor === undefined ? '' : money(worthMinor)),
  },
  { id: 'act', head: 'Actions', headless: true, number: true },
]
</script>

<template>
  <section aria-label="Differences" class="pb-4">
    <p class="px-5 py-3 text-lg">
      {{ counted(found.length, 'jar') }} counted, {{ differing.length }}
      {{ differing.length === 1 ? 'differs' : 'differ' }} from the books<template v-if="Math.abs(worth) >= 1"
        >, by {{ money(Math.abs(worth)) }} {{ worth < 0 ? 'less' : 'more' }} in all</template
      >. Nothing is written yet.
    </p>
    <DataTable
      v-if="differing.length > 0"
      page
      label="Jars that differ"
      :rows="differing"
      :columns="columns"
      :key-of="({ found: { lotId } }) => lotId"
    >
      <template #jar="{ row }">
        {{ row.material.name }} <span class="text-soft">· {{ row.lot.lot.label }}</span>
        <span v-if="row.since !== 0" class="block text-xs text-larch"
          >since it was counted the books changed by {{ formatQuantity(row.since, row.material.unit) }}; that
          stays</span
        >
      </template>
      <template #difference="{ row }">
        <span class="font-semibold" :class="{ 'text-hip': row.difference < 0 }"
          >{{ row.difference > 0 ? '+' : '−'
          }}{{ formatQuantity(Math.abs(row.difference), row.material.unit) }}</span
        >
      </template>
      <template #act="{ row }">
        <button type="button" class="button button-small" @click="emit('again', row.found.lotId)">
          Again<span class="sr-only">: {{ row.material.name }}, {{ row.lot.lot.label }}</span>
        </button>
      </template>
    </DataTable>
    <div class="px-5 pt-4">
      <button type="button" class="button button-act !min-h-14 !text-lg" @click="emit('write')">
        Write it into the books
      </button>
    </div>
  </section>
</template>
