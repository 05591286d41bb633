<script setup lang="ts">
import { TriangleAlert } from '@lucide/vue'
import type { BatchStep } from '~~/core/batches'
import { cautionFootnote, cautionOf, faultOf } from '~~/core/safety'

/** What can hurt at a step, and what goes wrong and how to mend it. */
defineProps<{ step: BatchStep }>()
</script>

<template>
  <aside class="mind border-l border-l-line py-4 px-4.5">
    <div v-for="id in step.cautions" :key="id" class="flex gap-2.5 py-1.5 text-[18px] leading-[1.3]">
      <TriangleAlert class="flex-none w-7 h-7 text-larch" aria-hidden="true" />
      <p>
        <strong>{{ cautionOf(id).title }}.</strong> {{ cautionOf(id).text }}
      </p>
    </div>
    <p v-if="step.cautions.length > 0" class="text-[13px] text-soft mb-3.5">{{ cautionFootnote }}</p>
    <template v-if="step.faults.length > 0">
      <h3>If it goes wrong</h3>
      <dl class="faults mt-1 text-[14px] leading-[1.3]">
        <template v-for="id in step.faults" :key="id"
          ><dt>
            {{ faultOf(id).looks }} <span>({{ faultOf(id).cause }})</span>
          </dt>
          <dd>{{ faultOf(id).todo }}</dd></template
        >
      </dl>
    </template>
  </aside>
</template>

<style scoped>
.faults dt {
  font-weight: 600;
  margin-top: 6px;
}
.faults dt span {
  font-weight: 400;
  color: var(--color-soft);
}
@media (max-width: 900px) {
  .mind {
    border-left: 0;
    border-top: 1px solid var(--color-line);
  }
}
</style>
