<script setup lang="ts">
import type { Batch } from '~~/core/batches'

/** The place of the next piece by the plan, in words. */
const props = defineProps<{ batch: Batch; done: number }>()
const { spots, nameOf, placeWords } = usePlantedSpots(() => props.batch)
const next = computed(() => spots.value[props.done])
</script>

<template>
  <p v-if="next" class="mt-3 text-[20px]" aria-live="polite">
    Next: <strong>{{ nameOf(next) }}</strong>, {{ placeWords(next) }}.
  </p>
</template>
