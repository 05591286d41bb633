<script setup lang="ts">
/** Today, the months, and the last day, over drawings that share a width. */
const props = defineProps<{ from: string; to: string }>()
const { at, months, weeks } = useDayScale(
  () => props.from,
  () => props.to,
)
const month = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' })
const nameOf = (day: string): string => month.format(new Date(`${day}T00:00:00Z`))
/** On a short axis weeks are named, on a long one months; what would touch today's or the edge is left out. */
const named = computed(() =>
  (weeks.value ?? months.value)
    .filter((day) => at(day) > 9 && at(day) < 93)
    .map((day) => ({ day, name: weeks.value ? formatDay(day) : nameOf(day) })),
)
</script>

<template>
  <div class="axis relative h-4.5 text-[12px]" aria-hidden="true">
    <span class="left-0">today</span>
    <span
      v-for="{ day, name } in named"
      :key="day"
      class="pl-0.75 border-l border-l-line"
      :style="{ left: `${at(day)}%` }"
      >{{ name }}</span
    >
  </div>
</template>

<style scoped>
.axis span {
  position: absolute;
  top: 0;
}
</style>
