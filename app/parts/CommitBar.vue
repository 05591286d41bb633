<script setup lang="ts">
/**
 * What is done at a station, in a bar of its own below what scrolls: always in view, with nothing over it.
 * @prop label what the bar is for readers
 */
defineProps<{ label: string }>()
</script>

<template>
  <Teleport defer to="#commit">
    <section class="bar" :aria-label="label"><slot /></section>
  </Teleport>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
  min-height: 56px;
  padding: 8px 24px;
  border-top: 1px solid var(--color-edge);
  background: var(--color-white);
}
@media (max-width: 1100px) {
  .bar {
    padding: 8px 16px;
  }
}
@media print {
  .bar {
    display: none;
  }
}
</style>
