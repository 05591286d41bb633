<script setup lang="ts">
import type { Shortage } from '~~/core/stock'
import { formatQuantity } from '~~/core/units'

/** What the commission is short of, and the packs that would cover it; then the line in hand by itself. */
const props = defineProps<{ short: readonly Shortage[] }>()
const emit = defineEmits<{ receive: [materialId: string] }>()
const commission = useCommission()
const { money } = useFormat()

const total = computed(() => props.short.reduce((sum, row) => sum + (row.packsCostMinor ?? 0), 0))
const line = computed(() => commission.selected)
const lineShort = computed(() =>
  line.value ? (commission.stockOf.get(line.value.line.id)?.short ?? []) : [],
)
</script>

<template>
  <section class="border-t border-line px-5 py-2" aria-label="Short">
    <p v-if="short.length === 0" class="text-moss">
      What is left of {{ commission.current?.name }} is covered.
    </p>
    <ul v-else>
      <li v-for="row in short" :key="row.materialId" class="flex items-center gap-3 py-0.5">
        <span class="tag tag-hip">short {{ formatQuantity(row.short, row.unit) }}</span>
        <span class="font-semibold">{{ row.name }}</span>
        <span v-if="row.packs" class="text-sm text-soft"
          >{{ row.packs }} {{ row.packs === 1 ? 'pack' : 'packs'
          }}<template v-if="row.packsCostMinor !== undefined"
            >, about {{ money(row.packsCostMinor) }}</template
          ></span
        >
        <button type="button" class="button button-small" @click="emit('receive', row.materialId)">
          Receive
        </button>
      </li>
      <li v-if="short.length > 1 && total > 0" class="pt-1 text-sm text-soft">
        All of it in whole packs: about {{ money(total) }}.
      </li>
    </ul>
    <p v-if="line?.line.methodId" class="pt-1 text-sm text-soft">
      {{ line.line.name }} by itself:
      <template v-if="lineShort.length === 0">covered.</template>
      <template v-else
        >short of
        <span v-for="(row, i) in lineShort" :key="row.materialId"
          >{{ i ? ', ' : '' }}{{ row.name }} ({{ formatQuantity(row.short, row.unit) }})</span
        >.</template
      >
    </p>
  </section>
</template>
