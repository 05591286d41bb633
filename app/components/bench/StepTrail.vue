<script setup lang="ts">
import { Check } from '@lucide/vue'
import type { Batch, Run } from '~~/core/batches'

/** The steps as a row of marks: behind, here, ahead. */
const props = defineProps<{ batch: Batch; run: Run }>()
const at = computed(() =>
  props.run.state.phase === 'done' || props.run.state.phase === 'finished'
    ? props.batch.plan.steps.length
    : props.run.state.stepIndex,
)
</script>

<template>
  <ol class="flex" aria-label="Steps">
    <li
      v-for="(step, i) in batch.plan.steps"
      :key="step.id"
      :class="i < at ? 'behind' : i === at ? 'here' : 'ahead'"
      :aria-current="i === at ? 'step' : undefined"
    >
      <span class="mr-1" aria-hidden="true"
        ><Check v-if="i < at" class="inline size-3.5" /><template v-else>{{ i + 1 }}</template></span
      ><span class="title">{{ step.title }}</span>
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
