<script setup lang="ts">
import type { Ahead } from '~~/core/stock'
import { formatQuantity, type StockUnit } from '~~/core/units'

/** The day that a material runs out, and by when an order must go. */
const props = defineProps<{ ahead: Ahead; unit: StockUnit }>()
const buying = useBuying()
const orderBy = computed(() => buying.orderByDay(props.ahead.materialId))
const isLate = computed(() => orderBy.value !== undefined && orderBy.value < buying.now)
const words = computed(() => {
  const { runsOut } = props.ahead
  if (!runsOut) return ''
  if (runsOut.on === undefined) return `short ${formatQuantity(runsOut.short, props.unit)}`
  return runsOut.on <= buying.now ? 'today' : formatWeekday(runsOut.on)
})
</script>

<template>
  <template v-if="words">
    <span class="tag tag-hip">{{ words }}</span>
    <span v-if="orderBy" class="block text-xs" :class="isLate ? 'text-hip' : 'text-soft'">{{
      isLate ? `order was to go by ${formatDay(orderBy)}` : `order by ${formatDay(orderBy)}`
    }}</span>
  </template>
  <span v-else class="tag tag-moss">enough</span>
</template>
