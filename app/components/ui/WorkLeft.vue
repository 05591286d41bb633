<script setup lang="ts">
import { refDebounced } from '@vueuse/core'

/**
 * Says how far a long reckoning has come, below what scrolls: sums that are shown meanwhile are of what has been
 * worked out. One that is over in a moment is not talked about.
 */
const props = defineProps<{ left: number; of: number; what: string }>()
const SLOW_MS = 500
const isSlow = refDebounced(
  computed(() => props.left > 0),
  SLOW_MS,
)
</script>

<template>
  <p v-if="isSlow && left > 0" class="left" role="status">
    Worked out {{ of - left }} of {{ of }} {{ what }}; sums are of these…
  </p>
</template>

<style scoped>
.left {
  padding: 3px 24px;
  border-top: 1px solid var(--color-line);
  background: var(--color-bench);
  color: var(--color-soft);
  font-size: 13px;
}
</style>
