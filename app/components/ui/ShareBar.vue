<script setup lang="ts">
/** A bar under a figure: how much it is of the most that stands beside it. */
defineProps<{ of: number; most: number }>()
</script>

<template>
  <span class="bar block w-18 h-1 mt-0.5 ml-auto bg-bench" aria-hidden="true"
    ><span :style="{ width: most > 0 ? `${(100 * Math.max(0, of)) / most}%` : '0' }"
  /></span>
</template>

<style scoped>
.bar span {
  display: block;
  height: 100%;
  background: var(--color-quiet-bar);
}
</style>
