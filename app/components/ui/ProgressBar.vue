<script setup lang="ts">
import type { Progress } from '~~/core/batches'

/** Good pieces made, and those in open batches, of those wanted. */
const props = defineProps<{ progress: Progress }>()
const share = (pieces: number): string => `${Math.min(100, (pieces / props.progress.wanted) * 100)}%`
const words = computed(
  () =>
    `${props.progress.good} made${props.progress.inHand > 0 ? `, ${props.progress.inHand} in hand` : ''} of ${props.progress.wanted}`,
)
</script>

<template>
  <span
    class="inline-flex w-20 h-2.25 bg-bench align-middle overflow-hidden"
    role="img"
    :aria-label="words"
    :title="words"
    ><i class="bg-moss" :style="{ width: share(progress.good) }" /><i
      class="hand"
      :style="{ width: share(progress.inHand) }"
  /></span>
</template>

<style scoped>
.hand {
  background: repeating-linear-gradient(
    135deg,
    var(--color-larch-strong) 0 3px,
    var(--color-larch-hatch) 3px 6px
  );
}
</style>
