<script setup lang="ts">
import { personPaths } from '../../drawing/person-outline'
import { formatRatio, standardScaleOf, standardScales } from '~~/core/units'

/** The standard scales as people of 1.75 m at their true relative sizes. */
const props = defineProps<{ ratio: number }>()
const emit = defineEmits<{ pick: [ratio: number] }>()

const PERSON_MM = 1750
const HEIGHT = 92
const scales = [...standardScales].sort((a, b) => a.ratio - b.ratio)
const largest = PERSON_MM / Math.min(...scales.map(({ ratio }) => ratio))
const personPx = (ratio: number): number => (PERSON_MM / ratio / largest) * (HEIGHT - 6)
const path = personPaths.map((points) => `M${points.map(([x, y]) => `${x},${-y}`).join('L')}Z`).join('')
const here = computed(() => standardScaleOf(props.ratio))
/** Where a typed ratio stands between the rungs. */
const between = computed(() => (here.value ? undefined : props.ratio))
</script>

<template>
  <div class="ladder" role="group" aria-label="Standard scales">
    <button
      v-for="scale in scales"
      :key="scale.ratio"
      type="button"
      class="rung"
      :class="{ here: scale === here }"
      :aria-pressed="scale === here"
      :title="scale.source"
      @click="emit('pick', scale.ratio)"
    >
      <svg
        :height="personPx(scale.ratio) + 6"
        width="100%"
        :viewBox="`-26 ${-personPx(scale.ratio) - 5} 52 ${personPx(scale.ratio) + 6}`"
        aria-hidden="true"
      >
        <g :transform="`scale(${personPx(scale.ratio)})`">
          <path :d="path" />
          <circle cx="0" cy="-0.925" r="0.068" />
        </g>
      </svg>
      <span class="ratio">{{ formatRatio(scale.ratio) }}</span>
      <span class="name">{{ scale.name }}</span>
    </button>
    <p v-if="between !== undefined" class="between">
      Yours, {{ formatRatio(between) }}: a person is {{ (PERSON_MM / between).toFixed(1) }} mm tall.
    </p>
  </div>
</template>

<style scoped>
.ladder {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(64px, 1fr));
  align-items: end;
}
.rung {
  display: flex;
  flex-direction: column;
  align-items: center;
  padding: 2px 0 4px;
  border-bottom: 3px solid transparent;
  min-width: 0;
  color: var(--color-soft);
}
.rung svg {
  fill: var(--color-edge);
  border-bottom: 1px solid var(--color-line);
}
.rung:hover svg {
  fill: var(--color-ink);
}
.here {
  border-bottom-color: var(--color-moss);
  color: var(--color-ink);
}
.here svg {
  fill: var(--color-moss);
}
.ratio {
  font-size: 13px;
  font-weight: 600;
  font-variant-numeric: tabular-nums;
  color: var(--color-ink);
}
.name {
  font-size: 12px;
  line-height: 14px;
  text-align: center;
  min-height: 29px;
}
.between {
  grid-column: 1 / -1;
  font-size: 13px;
  color: var(--color-soft);
}
</style>
