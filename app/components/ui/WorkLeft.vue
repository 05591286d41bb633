<script setup lang="ts">
import { refDebounced } from '@vueuse/core'

/** Says how far a long reckoning has come; one that is over in a moment is not talked about. */
const props = defineProps<{ left: number; of: number; what: string }>()
const SLOW_MS = 350
const isSlow = refDebounced(
  computed(() => props.left > 0),
  SLOW_MS,
)
</script>

<template>
  <p v-if="isSlow && left > 0" class="px-5 py-1 text-sm text-soft" role="status">
    Worked out {{ of - left }} of {{ of }} {{ what }}…
  </p>
</template>
