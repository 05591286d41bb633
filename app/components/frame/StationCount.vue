<script setup lang="ts">
import type { Wants } from '../../composables/wants'

/** How much a station wants looking at: there is room for two figures, and how many there are is said in words. */
defineProps<{ wants: Wants | undefined }>()
const shortCount = (count: number): string => (count > 99 ? '99+' : String(count))
</script>

<template>
  <span v-if="wants" class="count text-[13px] font-bold tabular-nums" :class="`count-${wants.tone}`">
    <span aria-hidden="true">{{ shortCount(wants.count) }}</span><span class="sr-only"
      >, {{ wants.says }}</span
    >
  </span>
</template>

<style scoped>
.count-hip {
  color: var(--color-hip);
}
.count-larch {
  color: var(--color-larch);
}
.count-plain {
  color: var(--color-soft);
}
</style>
