<script setup lang="ts">
/** What is held of a material beside what is wanted of it: a bar, and a tick at what is wanted. */
const props = defineProps<{ held: number; wanted: number }>()
const most = computed(() => Math.max(props.held, props.wanted))
const share = (quantity: number): string => `${(100 * Math.max(0, quantity)) / most.value}%`
</script>

<template>
  <span v-if="wanted > 0" class="bar" :class="{ short: held < wanted }" aria-hidden="true">
    <span class="held" :style="{ width: share(held) }" />
    <span class="tick" :style="{ left: share(wanted) }" />
  </span>
</template>

<style scoped>
.bar {
  position: relative;
  display: block;
  width: 160px;
  height: 10px;
  background: var(--color-bench);
}
.bar.short {
  background: var(--color-hip-pale);
}
.held {
  display: block;
  height: 100%;
  background: var(--color-quiet-bar);
}
.tick {
  position: absolute;
  top: -3px;
  bottom: -3px;
  width: 2px;
  margin-left: -1px;
  background: var(--color-ink);
}
@media (max-width: 1180px) {
  .bar {
    width: 96px;
  }
}
</style>
