<script setup lang="ts">
import { TriangleAlert } from '@lucide/vue'
import type { BatchStep } from '~~/core/batches'
import { cautionFootnote, cautionOf, faultOf } from '~~/core/safety'

/** What can hurt at a step, and what goes wrong and how to mend it. */
defineProps<{ step: BatchStep }>()
</script>

<template>
  <aside class="mind">
    <div v-for="id in step.cautions" :key="id" class="caution">
      <TriangleAlert class="sign" aria-hidden="true" />
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
  font-size: 18px;
  line-height: 1.3;
}
.sign {
  flex: none;
  width: 28px;
  height: 28px;
  color: var(--color-larch);
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
