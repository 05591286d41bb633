<script setup lang="ts">
/** What is held of a material beside what is wanted of it: a bar, and a tick at what is wanted. */
const props = defineProps<{ held: number; wanted: number }>()
const most = computed(() => Math.max(props.held, props.wanted))
const share = (quantity: number): string => `${(100 * Math.max(0, quantity)) / most.value}%`
</script>

<template>
  <span
    v-if="wanted > 0"
    class="bar relative block w-40 h-2.5 bg-bench"
    :class="{ short: held < wanted }"
    aria-hidden="true"
  >
    <span class="held" :style="{ width: share(held) }" />
    <span class="absolute -top-0.75 -bottom-0.75 w-0.5 -ml-px bg-ink" :style="{ left: share(wanted) }" />
  </span>
</template>

<style scoped>
.bar.short {
  background: var(--color-hip-pale);
}
.held {
  display: block;
  height: 100%;
  background: var(--color-quiet-bar);
}
@media (max-width: 1180px) {
  .bar {
    width: 96px;
  }
}
</style>
