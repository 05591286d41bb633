<script setup lang="ts">
const route = useRoute()
const workshop = useWorkshop()
const shell = useShell()
const place = usePlace()

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
/** The Bench has the whole screen: hands with glue on them want large words and nothing beside. */
const isBench = computed(() => place.value?.path === 'bench')
/** Each station begins at its top, however far the one before was scrolled. */
const scroller = useTemplateRef<HTMLElement>('scroller')
watch(
  () => route.path,
  () => {
    scroller.value?.scrollTo({ top: 0 })
    shell.rule = undefined
  },
)
useKeys()
useBenchNotices()
useHead({ title: computed(() => `${shell.title} · Hardy Thicket`) })
onBeforeUnmount(() => workshop.close())
</script>

<template>
  <div class="frame" :class="{ 'frame-bench': isBench }">
    <a href="#station" class="skip absolute -left-[999px] z-30 bg-white py-2 px-3">Skip to the station</a>
    <StationNav v-if="!isBench" class="frame-nav [grid-area:nav]" />
    <header
      class="frame-top [grid-area:top] flex items-center gap-3 pt-0 pr-3 pb-0 pl-6 border-b border-b-line min-w-0"
    >
      <StationMenu class="frame-menu hidden" />
      <CommissionSwitch class="frame-title flex-[0_1_auto] min-w-30" />
      <template v-if="!isBench">
        <SeasonBand v-if="workshop.status === 'open'" class="frame-band flex-[1_1_560px]" />
        <DateChip v-if="workshop.status === 'open'" class="frame-date hidden" />
      </template>
      <div id="strip" class="frame-strip hidden" />
      <button type="button" class="frame-find button button-quiet button-small" @click="shell.find = true">
        Find
        <kbd class="border border-line rounded-sm px-1.5 text-[13px] text-ink bg-white [font-family:inherit]"
          >/</kbd
        >
      </button>
    </header>
    <main id="station" data-floats class="frame-main" tabindex="-1">
      <div ref="scroller" class="scroller">
        <UpdateNotice />
        <NuxtErrorBoundary
          v-if="workshop.status === 'open' && (workshop.ledgerRead || !place?.ledger)"
          :key="route.path"
        >
          <NuxtPage />
          <template #error="{ error, clearError }"
            ><StationFault :error="error" @again="clearError"
          /></template>
        </NuxtErrorBoundary>
        <p v-else-if="workshop.status === 'open'" class="m-6 text-soft" role="status">
          Adding up the ledger…
        </p>
        <p v-else-if="workshop.status === 'failed'" class="m-6 max-w-xl" role="alert">
          <strong class="block text-hip">This workshop can’t be opened.</strong>
          {{ workshop.failure }}
          <NuxtLink to="/mine/line-up" class="text-moss underline">Open my own workshop</NuxtLink>
        </p>
        <p v-else class="m-6 text-soft" role="status">{{ workshop.failure || 'Opening the workshop…' }}</p>
      </div>
      <WorkLeft
        v-if="workshop.status === 'open'"
        :left="linesLeft"
        :of="workshop.lines.length"
        what="lines"
      />
      <NoticeList />
      <div id="commit" />
    </main>
    <ScaleRule v-if="!isBench" class="frame-rule [grid-area:rule]" />
    <LazyFindPalette v-if="shell.find" />
    <LazyKeysHelp v-if="shell.keys" />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  height: 100dvh;
  grid-template: 'nav top' 48px 'nav main' minmax(0, 1fr) 'nav rule' auto / 120px minmax(0, 1fr);
}
.frame-bench {
  grid-template: 'top' 48px 'main' minmax(0, 1fr) / minmax(0, 1fr);
}
.frame-bench .frame-menu {
  display: block;
}
.frame-bench .frame-title {
  display: none;
}
.frame-bench .frame-strip {
  display: block;
  flex: 1;
  min-width: 0;
}
/* What scrolls, what was just done, and what is done next: nothing lies over anything. */
.frame-main {
  grid-area: main;
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
  outline: none;
}
.scroller {
  flex: 1;
  min-height: 0;
  /* What is there for readers alone is placed within it, and scrolls with it. */
  position: relative;
  overflow: auto;
}
.skip:focus {
  left: 8px;
  top: 8px;
}
@media (max-width: 1100px) {
  .frame:not(.frame-bench) {
    grid-template-columns: 72px minmax(0, 1fr);
  }
  .frame-top {
    padding-left: 16px;
  }
}
/* On a phone the stations are a menu, the date a chip, and the rule is asked for. */
@media (max-width: 700px) {
  .frame:not(.frame-bench),
  .frame-bench {
    grid-template: 'top' 48px 'main' minmax(0, 1fr) 'rule' auto / minmax(0, 1fr);
  }
  .frame-top {
    gap: 4px;
    padding: 0 8px;
  }
  .frame-nav,
  .frame-band,
  .frame-find {
    display: none;
  }
  .frame-menu,
  .frame-date {
    display: block;
  }
  .frame-title {
    flex: 1;
    min-width: 0;
  }
}
</style>
