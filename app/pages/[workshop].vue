<script setup lang="ts">
const route = useRoute()
const workshop = useWorkshop()
const shell = useShell()

watch(
  () => String(route.params.workshop),
  (key) => {
    void workshop.open(key)
  },
  { immediate: true },
)
const commission = useCommission()
const shelf = useShelf()
/** Lines that are still being worked out, for what they are or for what they take. */
const linesLeft = computed(() => Math.max(commission.linesLeft, shelf.linesLeft))
/** Stations that show nothing true before the ledger is read. */
const needsLedger = computed(() => /\/(make-up|stock|log|bench)$/.test(route.path))
/** Each station begins at its top, however far the one before was scrolled. */
const station = useTemplateRef<HTMLElement>('station')
watch(
  () => route.path,
  () => station.value?.scrollTo({ top: 0 }),
)
useKeys()
useBenchNotices()
useHead({ title: computed(() => `${shell.title} · Hardy Thicket`) })
onBeforeUnmount(() => workshop.close())
</script>

<template>
  <div class="frame">
    <a href="#station" class="skip">Skip to the station</a>
    <StationNav class="frame-nav" />
    <header class="frame-top">
      <CommissionSwitch class="frame-title" />
      <SeasonBand v-if="workshop.status === 'open'" class="frame-band" />
      <button type="button" class="frame-find button button-quiet" @click="shell.find = true">
        Find anything <kbd class="key">/</kbd>
      </button>
    </header>
    <main id="station" ref="station" class="frame-main" tabindex="-1">
      <DemoNotice v-if="workshop.isDemo && workshop.status === 'open'" />
      <UpdateNotice />
      <NuxtErrorBoundary
        v-if="workshop.status === 'open' && (workshop.ledgerRead || !needsLedger)"
        :key="route.path"
      >
        <NuxtPage />
        <template #error="{ error, clearError }"
          ><StationFault :error="error" @again="clearError"
        /></template>
      </NuxtErrorBoundary>
      <p v-else-if="workshop.status === 'open'" class="m-6 text-soft" role="status">Adding up the ledger…</p>
      <p v-else-if="workshop.status === 'failed'" class="m-6 max-w-xl" role="alert">
        <strong class="block text-hip">This workshop can’t be opened.</strong>
        {{ workshop.failure }}
        <NuxtLink to="/mine/line-up" class="text-moss underline">Open my own workshop</NuxtLink>
      </p>
      <p v-else class="m-6 text-soft" role="status">{{ workshop.failure || 'Opening the workshop…' }}</p>
    </main>
    <ScaleRule class="frame-rule" />
    <WorkLeft v-if="workshop.status === 'open'" :left="linesLeft" :of="workshop.lines.length" what="lines" />
    <NoticeList />
    <LazyFindPalette v-if="shell.find" />
    <LazyKeysHelp v-if="shell.keys" />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  height: 100dvh;
  grid-template: 'nav top' 74px 'nav main' minmax(0, 1fr) 'rule rule' auto / 148px minmax(0, 1fr);
}
.frame-nav {
  grid-area: nav;
}
.frame-top {
  grid-area: top;
  display: grid;
  grid-template-columns: 260px minmax(0, 1fr) auto;
  align-items: center;
  gap: 12px;
  padding: 0 12px 0 18px;
  border-bottom: 1px solid var(--color-line);
  min-width: 0;
}
.frame-main {
  grid-area: main;
  /* What is there for readers alone is placed within it, and scrolls with it. */
  position: relative;
  overflow: auto;
  outline: none;
}
.frame-rule {
  grid-area: rule;
}
.frame-find {
  grid-column: 3;
}
@media (max-width: 1100px) {
  .frame {
    grid-template-columns: 104px minmax(0, 1fr);
  }
  .frame-top {
    grid-template-columns: 220px minmax(0, 1fr) auto;
  }
}
.key {
  border: 1px solid var(--color-line);
  border-radius: 3px;
  padding: 0 6px;
  font-size: 13px;
  color: var(--color-ink);
  background: #fff;
  font-family: inherit;
}
.skip {
  position: absolute;
  left: -999px;
  z-index: 30;
  background: #fff;
  padding: 8px 12px;
}
.skip:focus {
  left: 8px;
  top: 8px;
}
@media (max-width: 900px) {
  .frame {
    grid-template: 'nav' auto 'top' auto 'main' minmax(0, 1fr) 'rule' auto / minmax(0, 1fr);
  }
  .frame-top {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 6px 10px;
  }
  .frame-band {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .frame-find {
    grid-column: 2;
  }
}
/* On a phone only the Bench is at home: it gets the screen. */
@media (max-width: 640px) {
  .frame-band,
  .frame-rule,
  .frame-find {
    display: none;
  }
}
</style>
