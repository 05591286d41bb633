<script setup lang="ts">
import type { BatchStep } from '~~/core/batches'
import { cautionFootnote, cautionOf, faultOf } from '~~/core/safety'

/** What can hurt at a step, and what goes wrong and how to mend it. */
defineProps<{ step: BatchStep }>()
</script>

<template>
  <aside class="mind">
    <div v-for="id in step.cautions" :key="id" class="caution">
      <svg width="26" height="24" viewBox="0 0 26 24" aria-hidden="true">
        <path d="M13 1.5 25 22.5H1z" fill="#F7E9CF" stroke="#8A5A08" stroke-width="1.8" />
        <path d="M13 9v6M13 18v1.6" stroke="#8A5A08" stroke-width="2.2" />
      </svg>
      <p>
        <strong>{{ cautionOf(id).title }}.</strong> {{ cautionOf(id).text }}
      </p>
    </div>
    <p v-if="step.cautions.length > 0" class="foot">{{ cautionFootnote }}</p>
    <template v-if="step.faults.length > 0">
      <h3>If it goes wrong</h3>
      <dl class="faults">
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
.mind {
  border-left: 1px solid var(--color-line);
  padding: 16px 18px;
}
.caution {
  display: flex;
  gap: 10px;
  padding: 6px 0;
  line-height: 1.3;
}
.caution svg {
  flex: none;
}
.foot {
  font-size: 13px;
  color: var(--color-soft);
  margin-bottom: 14px;
}
.faults {
  margin-top: 4px;
  font-size: 14px;
  line-height: 1.3;
}
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
