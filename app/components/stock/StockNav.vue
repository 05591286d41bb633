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
  <div class="rooms">
    <h1 class="sr-only">{{ title }}</h1>
    <nav class="tabs" aria-label="Stock">
      <NuxtLink
        v-for="[path, name] in rooms"
        :key="path"
        :to="to(path)"
        class="room"
        exact-active-class="on"
        >{{ name }}</NuxtLink
      >
    </nav>
    <div class="acts"><slot /></div>
  </div>
</template>

<style scoped>
.rooms {
  display: flex;
  flex-wrap: wrap;
  align-items: stretch;
  gap: 0 16px;
  padding: 0 20px 0 12px;
  border-bottom: 1px solid var(--color-line);
}
.tabs {
  display: flex;
  gap: 4px;
  min-width: 0;
  overflow-x: auto;
}
.acts {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: end;
  gap: 8px;
  padding: 4px 0;
}
.acts:empty {
  display: none;
}
.room {
  flex: none;
  display: flex;
  align-items: center;
  min-height: 52px;
  padding: 0 10px;
  border-bottom: 3px solid transparent;
  font-family: var(--font-title);
  font-size: 17px;
  color: var(--color-soft);
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
