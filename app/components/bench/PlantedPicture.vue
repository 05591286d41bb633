<script setup lang="ts">
import type { Batch } from '~~/core/batches'

/** The board from above with the places of a line: those done are filled, the next one is ringed. */
const props = defineProps<{ batch: Batch; done: number; width: number }>()
const { board, spots, nameOf } = usePlantedSpots(() => props.batch)
const px = computed(() => (board.value ? props.width / board.value.widthMm : 1))
const height = computed(() => (board.value ? board.value.depthMm * px.value : 0))
/** Left and top in pixels: the front edge lies at the bottom. */
const left = (x: number): number => x * px.value
const top = (y: number): number => height.value - y * px.value
const LEAST_DOT = 3
</script>

<template>
  <figure v-if="board && spots.length > 0" class="grid justify-items-center">
    <svg
      :width="width"
      :height="height"
      role="img"
      :aria-label="`Where they stand: ${done} of ${spots.length} done`"
      class="border border-ink bg-paper"
    >
      <template v-for="(spot, i) in spots" :key="nameOf(spot)">
        <circle
          :cx="left(spot.x)"
          :cy="top(spot.y)"
          :r="Math.max(LEAST_DOT, (spot.crownMm / 2) * px)"
          class="stroke-soft"
          :class="i < done ? 'fill-moss' : 'fill-bench'"
        />
        <template v-if="i === done">
          <circle
            :cx="left(spot.x)"
            :cy="top(spot.y)"
            :r="Math.max(LEAST_DOT, (spot.crownMm / 2) * px) + 4"
            class="fill-none stroke-larch"
            stroke-width="3"
          />
          <text
            :x="Math.min(width - 18, Math.max(18, left(spot.x)))"
            :y="top(spot.y) < 34 ? top(spot.y) + 26 : top(spot.y) - 14"
            text-anchor="middle"
            class="fill-ink text-[15px] font-bold"
          >
            {{ nameOf(spot) }}
          </text>
        </template>
      </template>
    </svg>
    <figcaption class="text-sm text-soft">from above, the front edge below</figcaption>
  </figure>
</template>
