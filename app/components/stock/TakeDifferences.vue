<script setup lang="ts">
import { takeRows, type Found } from '~~/core/stock'
import { counted, formatQuantity } from '~~/core/units'

/** What a stock-take has found beside the books, before any of it is written. */
const props = defineProps<{ found: readonly Found[] }>()
const emit = defineEmits<{ again: [lotId: string]; write: [] }>()
const stock = useStock()
const { money } = useFormat()
const rows = computed(() => takeRows(props.found, stock.states))
const differing = computed(() => rows.value.filter(({ difference }) => difference !== 0))
const worth = computed(() => rows.value.reduce((sum, { worthMinor = 0 }) => sum + worthMinor, 0))
</script>

<template>
  <section aria-label="Differences" class="pb-4">
    <p class="px-5 py-3 text-lg">
      {{ counted(found.length, 'jar') }} counted, {{ differing.length }}
      {{ differing.length === 1 ? 'differs' : 'differ' }} from the books<template v-if="Math.abs(worth) >= 1"
        >, by {{ money(Math.abs(worth)) }} {{ worth < 0 ? 'less' : 'more' }} in all</template
      >. Nothing is written yet.
    </p>
    <table v-if="differing.length > 0" class="ruled w-full">
      <thead>
        <tr>
          <th class="!pl-5">Jar</th>
          <th class="number">Books</th>
          <th class="number">Found</th>
          <th class="number">Difference</th>
          <th class="number">Worth</th>
          <th><span class="sr-only">Actions</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in differing" :key="row.found.lotId">
          <td class="!pl-5">
            {{ row.material.name }} <span class="text-soft">· {{ row.lot.lot.label }}</span>
            <span v-if="row.since !== 0" class="block text-xs text-larch"
              >since it was counted the books changed by {{ formatQuantity(row.since, row.material.unit) }};
              that stays</span
            >
          </td>
          <td class="number">{{ formatQuantity(row.found.books, row.material.unit) }}</td>
          <td class="number">{{ formatQuantity(row.found.counted, row.material.unit) }}</td>
          <td class="number font-semibold" :class="{ 'text-hip': row.difference < 0 }">
            {{ row.difference > 0 ? '+' : '−'
            }}{{ formatQuantity(Math.abs(row.difference), row.material.unit) }}
          </td>
          <td class="number">{{ row.worthMinor === undefined ? '' : money(row.worthMinor) }}</td>
          <td class="number">
            <button type="button" class="button button-small" @click="emit('again', row.found.lotId)">
              Again<span class="sr-only">: {{ row.material.name }}, {{ row.lot.lot.label }}</span>
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <div class="px-5 pt-4">
      <button type="button" class="button button-act !min-h-14 !text-lg" @click="emit('write')">
        Write it into the books
      </button>
    </div>
  </section>
</template>
