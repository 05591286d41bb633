<script setup lang="ts">
/** The rooms of the Stock station. */
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
  <nav class="rooms" aria-label="Stock">
    <NuxtLink v-for="[path, name] in rooms" :key="path" :to="to(path)" class="room" exact-active-class="on">{{
      name
    }}</NuxtLink>
  </nav>
</template>

<style scoped>
.rooms {
  display: flex;
  gap: 4px;
  padding: 0 20px;
  border-bottom: 1px solid var(--color-line);
  overflow-x: auto;
}
.room {
  flex: none;
  display: flex;
  align-items: center;
  min-height: 40px;
  padding: 0 10px;
  border-bottom: 3px solid transparent;
  color: var(--color-soft);
}
.room:hover {
  color: var(--color-ink);
}
.room.on {
  color: var(--color-ink);
  font-weight: 600;
  border-color: var(--color-moss);
}
</style>
