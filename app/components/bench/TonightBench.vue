<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { sittingsOf } from '~~/core/schedule'

/** The evening at the bench, in large type: the order of the clock, and the device kept awake and speaking up if wanted. */
const calendar = useCalendar()
const to = useStationPath()
const notices = useNotices()
calendar.follow()

/** The next session; the one that runs as it goes on from now. */
const sitting = computed(() => {
  const { bench, live, zone, sittings } = calendar
  return bench && live ? sittingsOf(bench, live, zone)[0] : sittings[0]
})

const { wanted, toggle } = useNoticesWanted()
const why = ref('')
async function toggleNotices(): Promise<void> {
  why.value = await toggle()
}
const { isSupported, isActive, request, release } = useWakeLock()
async function toggleAwake(): Promise<void> {
  try {
    await (isActive.value ? release() : request('screen'))
  } catch {
    notices.fault('The device does not let its screen be kept awake now; a low battery can be why.')
  }
}
onBeforeUnmount(() => {
  if (isActive.value) void release()
})
</script>

<template>
  <div class="evening">
    <header class="flex flex-wrap items-center gap-2 px-6 py-3">
      <h1 class="flex-1">Tonight</h1>
      <button type="button" class="button big-tool" :aria-pressed="wanted" @click="toggleNotices">
        {{ wanted ? 'Notices are on' : 'Tell me when something is dry' }}
      </button>
      <button
        v-if="isSupported"
        type="button"
        class="button big-tool"
        :aria-pressed="isActive"
        @click="toggleAwake"
      >
        {{ isActive ? 'Screen stays awake' : 'Keep the screen awake' }}
      </button>
    </header>
    <p v-if="why" class="px-6 text-hip" role="alert">{{ why }}</p>
    <p v-if="calendar.proposal && !calendar.nothingKept" class="px-6 text-larch">
      The plan that was kept no longer holds: this is how it can be mended.
      <NuxtLink class="underline" :to="to('calendar')">Look at it in the Calendar</NuxtLink>
    </p>
    <div v-if="!calendar.hasSessions" class="m-6 max-w-lg">
      <p class="mb-3">Say in the Calendar when you are at the bench; then the evening is laid out here.</p>
      <NuxtLink class="button button-act" :to="to('calendar')">Go to the Calendar</NuxtLink>
    </div>
    <TonightList
      v-else-if="calendar.bench"
      class="large"
      :bench="calendar.bench"
      :placed="calendar.live ?? calendar.shown"
      :sitting="sitting"
    />
    <p v-else class="px-6 text-soft" role="status">Laying the evening…</p>
  </div>
</template>

<style scoped>
.evening {
  flex: 1;
}
.big-tool {
  min-height: 48px;
  font-size: 17px;
}
.large {
  padding: 4px 24px 24px;
  font-size: 17px;
}
</style>
