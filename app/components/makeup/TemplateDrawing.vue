<script setup lang="ts">
import type { Shape, Template } from '~~/core/templates'

/** A template as it will be printed, fitted to its room. */
const props = defineProps<{ template: Template; maxHeight?: number }>()
/** Fitted to its room, or as large as it is, to be read. */
const large = ref(false)
const path = (shape: Extract<Shape, { kind: 'path' }>): string =>
  `M${shape.points.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join('L')}${shape.closed ? 'Z' : ''}`
const paths = computed(() => props.template.shapes.flatMap((shape) => (shape.kind === 'path' ? [shape] : [])))
const circles = computed(() =>
  props.template.shapes.flatMap((shape) => (shape.kind === 'circle' ? [shape] : [])),
)
const texts = computed(() => props.template.shapes.flatMap((shape) => (shape.kind === 'text' ? [shape] : [])))
</script>

<template>
  <div class="min-w-0">
    <div class="flex justify-end">
      <button
        type="button"
        class="min-h-7 px-2 text-[13px] text-moss underline"
        :aria-pressed="large"
        @click="large = !large"
      >
        {{ large ? 'fit' : 'true size' }}
      </button>
    </div>
    <div
      :class="{ 'overflow-auto': large }"
      :style="{ maxHeight: `${maxHeight ?? 360}px` }"
      :tabindex="large ? 0 : undefined"
    >
      <svg
        :viewBox="`-1 -1 ${template.widthMm + 2} ${template.heightMm + 2}`"
        :style="large ? { width: `${template.widthMm + 2}mm` } : { maxHeight: `${maxHeight ?? 360}px` }"
        class="block"
        :class="{ 'w-full': !large }"
        role="img"
        :aria-label="template.title"
      >
        <path
          v-for="(shape, i) in paths"
          :key="i"
          :d="path(shape)"
          :class="shape.layer"
          :stroke-width="shape.widthMm ?? 0.35"
        />
        <circle
          v-for="(shape, i) in circles"
          :key="`c${i}`"
          :cx="shape.at[0]"
          :cy="shape.at[1]"
          :r="shape.radiusMm"
          :class="shape.layer"
          stroke-width="0.2"
          :stroke-dasharray="shape.layer === 'fold' ? '1 1' : undefined"
        />
        <text
          v-for="(shape, i) in texts"
          :key="`t${i}`"
          :x="shape.at[0]"
          :y="shape.at[1]"
          :font-size="shape.sizeMm"
          :text-anchor="shape.align === 'middle' ? 'middle' : 'start'"
        >
          {{ shape.text }}
        </text>
      </svg>
    </div>
  </div>
</template>

<style scoped>
path,
circle {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.cut {
  stroke: var(--color-hip);
}
.fold {
  stroke: var(--color-water);
}
path.label {
  stroke: var(--color-ink);
}
text {
  fill: var(--color-ink);
}
</style>
