<script setup lang="ts">
import type { LineUp } from '../../drawing/line-up'
import { seenX } from '../../drawing/sight'
import type { Subject } from '../../stores/line-up'
import type { GridLine } from './grid'

/** What lies behind the plants: the grid, the soil and the shadows. */
defineProps<{
  layout: LineUp<Subject>
  grid: readonly GridLine[]
  width: number
  height: number
  pxPerMm: number
  groundOf: (lift: number) => number
}>()
const view = useLineUp()
</script>

<template>
  <svg class="absolute inset-0" :width="width" :height="height" aria-hidden="true">
    <defs>
      <linearGradient id="soil" x1="0" x2="0" y1="0" y2="1">
        <stop offset="0" stop-color="var(--color-earth-pale)" stop-opacity="0.34" />
        <stop offset="1" stop-color="var(--color-earth-pale)" stop-opacity="0" />
      </linearGradient>
    </defs>
    <line
      v-for="line in grid"
      :key="line.y"
      :x1="46"
      :x2="width - 58"
      :y1="line.y"
      :y2="line.y"
      :class="line.labelled ? 'major' : 'minor'"
    />
    <rect
      v-for="lift in layout.shelves"
      :key="lift"
      x="46"
      :width="Math.max(0, width - 104)"
      :y="groundOf(lift)"
      height="20"
      fill="url(#soil)"
    />
    <ellipse
      v-for="stand in layout.stands"
      :key="stand.plant.id"
      class="fill-earth opacity-16"
      :cx="seenX(view.sight, (stand.left + stand.right) / 2) + 4"
      :cy="groundOf(stand.lift) + 2"
      :rx="Math.max(6, stand.plant.crownWidthMm * pxPerMm * 0.42)"
      ry="4"
    />
  </svg>
</template>

<style scoped>
.minor {
  stroke: var(--color-bench);
}
.major {
  stroke: var(--color-line);
}
</style>
