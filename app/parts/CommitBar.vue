<script setup lang="ts">
/**
 * What is done at a station, in a bar of its own below what scrolls: always in view, with nothing over it.
 * @prop label what the bar is for readers
 */
defineProps<{ label: string }>()
</script>

<template>
  <Teleport defer to="#commit">
    <section
      class="bar flex flex-wrap items-center gap-y-2 gap-x-4 min-h-14 py-2 px-6 border-t border-t-edge bg-white"
      :aria-label="label"
    >
      <slot />
    </section>
  </Teleport>
</template>

<style scoped>
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
