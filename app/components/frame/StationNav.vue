<script setup lang="ts">
/** The stations in working order, and what lies beside the work. */
const to = useStationPath()
const place = usePlace()
/** A room of a station is at that station. */
const isHere = (path: string): boolean => place.value?.path === path || place.value?.of === path
const { wants } = useWants()
const groups = [stations, besides] as const
</script>

<template>
  <nav class="flex flex-col overflow-auto border-r border-r-line bg-bench" aria-label="Stations">
    <p class="mark pt-3 pr-3 pb-4 pl-4 font-title text-[18px] leading-none font-semibold">Hardy Thicket</p>
    <ul v-for="(group, i) in groups" :key="i">
      <li v-for="station in group" :key="station.path">
        <NuxtLink :to="to(station.path)" class="station" :class="{ here: isHere(station.path) }">
          <span v-if="station.key" class="number w-3 text-[13px] text-soft tabular-nums">{{
            station.key
          }}</span>
          <span class="name flex-1 whitespace-nowrap">{{ station.name }}</span>
          <StationCount :wants="wants[station.path]" />
        </NuxtLink>
      </li>
    </ul>
  </nav>
</template>

<style scoped>
ul + ul {
  margin-top: 12px;
  padding-top: 12px;
  border-top: 1px solid var(--color-line);
}
.station {
  display: flex;
  align-items: baseline;
  gap: 6px;
  padding: 9px 8px 9px 12px;
  border-left: 4px solid transparent;
  line-height: 20px;
}
.station:hover {
  background: var(--color-paper);
}
.station:focus-visible {
  outline-offset: -3px;
}
.here {
  border-left-color: var(--color-moss);
  background: var(--color-paper);
  font-weight: 600;
}
/* Where there is little room the number stands over the name. */
@media (max-width: 1100px) {
  .mark {
    display: none;
  }
  ul:first-of-type {
    padding-top: 4px;
  }
  .station {
    flex-wrap: wrap;
    gap: 0 6px;
    padding: 6px 2px 6px 6px;
    font-size: 13px;
    line-height: 18px;
  }
  .number {
    order: 1;
  }
  .name {
    order: 3;
    flex-basis: 100%;
  }
  .station > :deep(.count) {
    order: 2;
  }
}
</style>
