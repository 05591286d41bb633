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
/* It comes and goes by itself: nothing moves for it. */
.left {
  position: relative;
  z-index: 1;
  width: max-content;
  max-width: calc(100% - 48px);
  height: 26px;
  margin: -30px 24px 4px;
  padding: 3px 10px;
  border: 1px solid var(--color-line);
  border-radius: 3px;
  background: var(--color-bench);
  color: var(--color-soft);
  font-size: 13px;
  line-height: 18px;
  white-space: nowrap;
  pointer-events: none;
}
</style>
