<script setup lang="ts">
import { Check } from '@lucide/vue'
import type { Batch, Run } from '~~/core/batches'

/** The steps as a row of marks: behind, here, ahead. */
const props = defineProps<{ batch: Batch; run: Run }>()
const over = computed(() => ['done', 'finished'].includes(props.run.state.phase))
/** Where a step stands: behind, in hand, drying beside it, or ahead. */
function standing(at: number): 'behind' | 'here' | 'drying' | 'ahead' {
  const { past, waits, stepIndex } = props.run.state
  if (over.value || past[at]) return 'behind'
  if (at === stepIndex) return 'here'
  return waits.has(at) ? 'drying' : 'ahead'
}
</script>

<template>
  <ol class="flex" aria-label="Steps">
    <li
      v-for="(step, i) in batch.plan.steps"
      :key="step.id"
      :class="standing(i)"
      :aria-current="standing(i) === 'here' ? 'step' : undefined"
    >
      <span class="mr-1" aria-hidden="true"
        ><Check v-if="standing(i) === 'behind'" class="inline size-3.5" /><template v-else>{{
          i + 1
        }}</template></span
      ><span class="title">{{ step.title }}</span
      ><span v-if="standing(i) === 'drying'" class="sr-only">, drying</span>
    </li>
  </ol>
</template>

<style scoped>
li {
  flex: 1;
  min-width: 0;
  padding-right: 6px;
  font-size: 12px;
  line-height: 14px;
  color: var(--color-soft);
  border-top: 3px solid var(--color-line);
  padding-top: 4px;
}
.behind {
  border-top-color: var(--color-moss);
}
.drying {
  border-top-color: var(--color-rain);
}
.here {
  border-top-color: var(--color-larch-strong);
  color: var(--color-ink);
  font-weight: 650;
}
@media (max-width: 900px) {
  .title {
    display: none;
  }
}
</style>
