<script setup lang="ts">
import { BarChart } from 'echarts/charts'
import { GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { LogEntry } from '~~/core/batches'

use([SVGRenderer, BarChart, GridComponent, LegendComponent, TooltipComponent])

/** Hands-on minutes for each piece started, planned and real, batch by batch in the order they were made. */
const props = defineProps<{ entries: readonly LogEntry[] }>()
const shown = computed(() =>
  [...props.entries]
    .filter(({ ended }) => ended === 'finished')
    .slice(0, 12)
    .reverse(),
)
const each = (minutes: number, pieces: number): number => Math.round((minutes / pieces) * 100) / 100
/** The bars come when their axes are there: both at once take longer than a page may be held up. */
const hasBars = ref(false)
const showBars = (): void => {
  requestAnimationFrame(() => {
    hasBars.value = true
  })
}
const option = computed(() => ({
  animation: false,
  textStyle: { fontFamily: 'Atkinson Hyperlegible Next Variable, sans-serif', color: token('ink') },
  // The margins are set here; to work them out from the labels takes as long as the whole picture.
  grid: { left: 40, right: 14, top: 34, bottom: 58, outerBoundsMode: 'none' },
  legend: {
    show: hasBars.value,
    top: 4,
    right: 10,
    itemWidth: 14,
    itemHeight: 10,
    textStyle: { fontSize: 13 },
  },
  tooltip: { trigger: 'axis' },
  xAxis: {
    type: 'category',
    data: shown.value.map(({ batch }) => batch.name),
    axisLabel: {
      fontSize: 11,
      width: 56,
      overflow: 'break',
      lineHeight: 14,
      interval: 0,
      color: token('soft'),
    },
    axisTick: { show: false },
  },
  yAxis: {
    type: 'value',
    name: 'min a piece',
    nameTextStyle: { align: 'left', padding: [0, 0, 0, -24], color: token('soft') },
    axisLabel: { fontSize: 12, color: token('soft') },
    splitLine: { lineStyle: { color: token('line') } },
  },
  series: bars.value,
}))
const bars = computed(() =>
  hasBars.value
    ? [
        {
          name: 'planned',
          type: 'bar',
          data: shown.value.map(({ batch, plannedMin }) => each(plannedMin, batch.pieces)),
          itemStyle: { color: token('line') },
          barGap: '0%',
          barMaxWidth: 22,
        },
        {
          name: 'real',
          type: 'bar',
          data: shown.value.map(({ batch, realMin }) => each(realMin, batch.pieces)),
          itemStyle: { color: token('moss') },
          barMaxWidth: 22,
        },
      ]
    : [],
)
</script>

<template>
  <figure
    v-if="shown.length > 0"
    aria-label="Hands-on minutes a piece, planned and real, by batch; the same figures stand in the table below"
  >
    <VChart :option="option" autoresize class="h-56 w-full" @rendered="showBars" />
  </figure>
</template>
