<script setup lang="ts">
import type { UnderName } from '../../composables/stack-layout'

/** Under the strips: names of the steps that are too short for them, each with a line down from its box. */
defineProps<{
  names: readonly UnderName[]
  wordsOf: (work: number) => string
  isMine: (work: number) => boolean
}>()
const px = (value: number): string => `${value}px`
</script>

<template>
  <div aria-hidden="true">
    <span
      v-for="{ work, y, from } in names"
      :key="`lead ${work}`"
      class="absolute border-l border-l-line pointer-events-none"
      :style="{ left: px(from.x + 3), top: px(from.y), height: px(Math.max(0, y - from.y + 4)) }"
    />
    <span
      v-for="{ work, x, y } in names"
      :key="work"
      class="name"
      :class="{ mine: isMine(work) }"
      :style="{ left: px(x), top: px(y) }"
      >{{ wordsOf(work) }}</span
    >
  </div>
</template>

<style scoped>
.name {
  position: absolute;
  /* Over the lines from step to step. */
  z-index: 1;
  padding: 0 3px 0 5px;
  background: var(--color-paper);
  font-size: 12px;
  line-height: 16px;
  white-space: nowrap;
  color: var(--color-soft);
  pointer-events: none;
}
.mine {
  color: var(--color-ink);
  font-weight: 600;
}
</style>
