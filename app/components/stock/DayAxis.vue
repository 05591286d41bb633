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
  <div class="axis" aria-hidden="true">
    <span class="today">today</span>
    <span v-for="{ day, name } in named" :key="day" class="month" :style="{ left: `${at(day)}%` }">{{
      name
    }}</span>
  </div>
</template>

<style scoped>
.axis {
  position: relative;
  height: 18px;
  font-size: 12px;
}
.axis span {
  position: absolute;
  top: 0;
}
.today {
  left: 0;
}
.month {
  padding-left: 3px;
  border-left: 1px solid var(--color-line);
}
</style>
