<script setup lang="ts">
import type { Box } from '../../composables/stack-layout'

/** Over and behind the strips of the evenings: full hours, and hatched what dries. */
defineProps<{
  hours: readonly {
    readonly words: string
    readonly x: number
    readonly y: number
    readonly height: number
  }[]
  tails: readonly Box[]
}>()
const px = (value: number): string => `${Math.max(0, value)}px`
</script>

<template>
  <span
    v-for="hour in hours"
    :key="`${hour.x}|${hour.y}`"
    class="absolute pl-0.75 border-l border-l-line text-[11px] leading-[14px] text-soft tabular-nums pointer-events-none"
    :style="{ left: px(hour.x), top: px(hour.y), height: px(hour.height) }"
    >{{ hour.words }}</span
  >
  <div
    v-for="(tail, i) in tails"
    :key="i"
    class="tail"
    :style="{ left: px(tail.x), top: px(tail.y), width: px(tail.width), height: px(tail.height) }"
  />
</template>

<style scoped>
.tail {
  position: absolute;
  background: repeating-linear-gradient(135deg, var(--color-rain) 0 1px, transparent 1px 5px);
  opacity: 0.7;
  pointer-events: none;
}
</style>
