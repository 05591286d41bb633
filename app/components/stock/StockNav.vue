<script setup lang="ts">
/** The rooms of the Stock station, where other stations have their title; and what can be done in the one that is open. */
defineProps<{ title: string }>()
const to = useStationPath()
const rooms = [
  ['stock', 'Shelf'],
  ['stock/ahead', 'Ahead'],
  ['stock/buying', 'Buying'],
  ['stock/harvest', 'Harvest'],
  ['stock/tools', 'Tools'],
  ['stock/count', 'Stock-take'],
] as const
</script>

<template>
  <div class="flex flex-wrap items-stretch gap-y-0 gap-x-4 pr-5 pl-3 border-b border-b-line">
    <h1 class="sr-only">{{ title }}</h1>
    <nav class="flex gap-1 min-w-0 overflow-x-auto" aria-label="Stock">
      <NuxtLink
        v-for="[path, name] in rooms"
        :key="path"
        :to="to(path)"
        class="room flex-none flex items-center min-h-13 py-0 px-2.5 border-b-3 border-b-transparent font-title text-[17px] text-soft"
        exact-active-class="on"
        >{{ name }}</NuxtLink
      >
    </nav>
    <div class="acts flex-1 flex flex-wrap items-center justify-end gap-2 py-1"><slot /></div>
  </div>
</template>

<style scoped>
.acts:empty {
  display: none;
}
.room:hover {
  color: var(--color-ink);
}
.room.on {
  color: var(--color-ink);
  font-weight: 650;
  border-color: var(--color-moss);
}
</style>
