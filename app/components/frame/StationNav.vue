<script setup lang="ts">
const workshop = useWorkshop()
const stock = useStock()
const commission = useCommission()
const shelf = useShelf()
const blends = useBlends()
const to = useStationPath()

const route = useRoute()
/** A room of a station is at that station. */
const isHere = (path: string): boolean => route.path.startsWith(`${to(path)}/`)
/** A station shows a count only when it wants something. */
const wants = computed<
  Record<string, { count: number; tone: 'hip' | 'larch' | 'plain'; says: string } | undefined>
>(() => {
  if (workshop.status !== 'open') return {}
  const short = workshop.ledgerRead ? shelf.shortages.length : 0
  const open = stock.open.length
  // Blends that lines take and that lack something, or look like another bag by now.
  const off = workshop.ledgerRead ? blends.wanting(shelf.usedMaterials, shelf.shortageOf) : 0
  const without = commission.lines.filter(({ methodId }) => methodId === undefined).length
  return {
    'make-up':
      without > 0 ? { count: without, tone: 'plain', says: `${without} without a method` } : undefined,
    blends: off > 0 ? { count: off, tone: 'larch', says: `${off} to look at` } : undefined,
    stock: short > 0 ? { count: short, tone: 'hip', says: `${short} short` } : undefined,
    bench: open > 0 ? { count: open, tone: 'larch', says: `${open} open` } : undefined,
  }
})
/** There is room for two figures; how many there are is said in words. */
const shortCount = (count: number): string => (count > 99 ? '99+' : String(count))
</script>

<template>
  <nav class="nav" aria-label="Stations">
    <p class="mark">Hardy Thicket</p>
    <ul>
      <li v-for="station in stations" :key="station.path">
        <NuxtLink
          :to="to(station.path)"
          class="station"
          :class="{ here: isHere(station.path) }"
          active-class="here"
        >
          <span class="number">{{ station.key }}</span>
          <span class="name">{{ station.name }}</span>
          <span v-if="wants[station.path]" class="count" :class="`count-${wants[station.path]?.tone}`">
            <span aria-hidden="true">{{ shortCount(wants[station.path]?.count ?? 0) }}</span><span
              class="sr-only"
              >, {{ wants[station.path]?.says }}</span
            >
          </span>
        </NuxtLink>
      </li>
    </ul>
    <ul class="beside">
      <li>
        <NuxtLink :to="to('species')" class="station" active-class="here"
          ><span class="number" /><span class="name">Species</span></NuxtLink
        >
      </li>
      <li>
        <NuxtLink :to="to('planting')" class="station" active-class="here"
          ><span class="number" /><span class="name">Planting</span></NuxtLink
        >
      </li>
      <li>
        <NuxtLink :to="to('workshop')" class="station" active-class="here"
          ><span class="number" /><span class="name">Workshop</span></NuxtLink
        >
      </li>
    </ul>
  </nav>
</template>

<style scoped>
.nav {
  position: relative;
  background: var(--color-ink);
  color: #dfe6dd;
  display: flex;
  flex-direction: column;
  overflow: auto;
}
.mark {
  font-family: var(--font-title);
  font-size: 22px;
  line-height: 1;
  font-weight: 600;
  padding: 14px 16px 28px;
  color: #f6f8f4;
}
.station {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 40px;
  padding: 0 12px 0 16px;
  border-left: 4px solid transparent;
  color: inherit;
}
.station:hover {
  background: #222e28;
}
.station:focus-visible {
  outline-color: #fff;
  outline-offset: -3px;
}
.here {
  background: #25322b;
  border-left-color: #8fbf8f;
  color: #fff;
}
.number {
  width: 18px;
  font-size: 13px;
  color: #9db0a4;
  font-variant-numeric: tabular-nums;
}
.name {
  flex: 1;
  white-space: nowrap;
}
.count {
  min-width: 22px;
  padding: 0 6px;
  border-radius: 11px;
  text-align: center;
  font-size: 13px;
  line-height: 22px;
  color: #fff;
}
.count-hip {
  background: var(--color-hip);
}
.count-larch {
  background: #8a5a08;
}
.count-plain {
  background: #46554c;
}
.beside {
  margin-top: 12px;
  padding-top: 12px;
  border-top: 1px solid #35443b;
}
@media (max-width: 1100px) {
  .number {
    display: none;
  }
  .station {
    padding: 0 8px 0 10px;
    gap: 4px;
    font-size: 14px;
  }
  .mark {
    font-size: 19px;
    padding: 14px 12px 24px;
  }
}
@media (max-width: 900px) {
  .nav {
    flex-direction: row;
    overflow-x: auto;
    align-items: stretch;
  }
  .nav ul {
    display: flex;
    margin: 0;
    padding: 0;
    border: 0;
  }
  .mark,
  .number {
    display: none;
  }
  .station {
    min-height: 44px;
    border-left: 0;
    border-bottom: 4px solid transparent;
    padding: 0 12px;
  }
  .here {
    border-bottom-color: #8fbf8f;
  }
}
</style>
