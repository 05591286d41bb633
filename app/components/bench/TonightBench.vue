<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { ChevronRight } from '@lucide/vue'
import { stepAt } from '~~/core/batches'
import { sittingsOf, turnsBetween } from '~~/core/schedule'
import { formatCountdown } from '~~/core/units'

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

const nowMs = useClock()
const closing = useClosing()
/** What is begun with: what closes soonest and still holds, else the first of the session. */
const first = computed(() => {
  const [urgent] = closing.value.filter(({ closes }) => closes > nowMs.value)
  if (urgent)
    return { batchId: urgent.batch.id, title: stepAt(urgent.batch, urgent.run.state.stepIndex).title }
  const { bench, live, shown } = calendar
  if (!bench || !sitting.value) return undefined
  const [turn] = turnsBetween(bench, live ?? shown, sitting.value.from, sitting.value.to)
  const work = turn && bench.works[turn.work]
  return work && { batchId: work.batchId, title: work.step.title }
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
  <div class="flex-1">
    <h1 class="px-6 pt-3">Tonight</h1>
    <NuxtLink
      v-for="one in closing"
      :key="one.batch.id"
      class="closing flex items-center gap-5 my-2 mx-6 py-2 px-4 border-l-6 border-l-larch-strong bg-larch-pale text-[20px]"
      :class="{ gone: one.closes <= nowMs }"
      :to="{ query: { batch: one.batch.id } }"
    >
      <strong>{{ one.closes > nowMs ? formatCountdown(one.closes - nowMs) : 'Closed' }}</strong>
      <span class="flex-1"
        >{{ stepAt(one.batch, one.run.state.stepIndex).title }}: {{ one.batch.name
        }}<template v-if="one.closes <= nowMs">. Try one piece first</template></span
      >
      <ChevronRight class="size-6 flex-none" aria-hidden="true" />
    </NuxtLink>
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
      class="pt-1 px-6 pb-6 text-[17px]"
      :bench="calendar.bench"
      :placed="calendar.live ?? calendar.shown"
      :sitting="sitting"
    />
    <p v-else class="px-6 text-soft" role="status">Laying the evening…</p>
    <section class="flex flex-wrap gap-2 px-6 py-4" aria-label="This device">
      <button type="button" class="button" :aria-pressed="wanted" @click="toggleNotices">
        {{ wanted ? 'Notices are on' : 'Tell me when something is dry' }}
      </button>
      <button v-if="isSupported" type="button" class="button" :aria-pressed="isActive" @click="toggleAwake">
        {{ isActive ? 'Screen stays awake' : 'Keep the screen awake' }}
      </button>
      <p v-if="why" class="w-full text-hip" role="alert">{{ why }}</p>
    </section>
    <BenchFoot v-if="first">
      <NuxtLink class="button button-act huge" :to="{ query: { batch: first.batchId } }">
        {{ first.title }}
      </NuxtLink>
    </BenchFoot>
  </div>
</template>

<style scoped>
.closing strong {
  font-size: 32px;
  line-height: 36px;
  font-variant-numeric: tabular-nums;
}
.closing.gone {
  border-color: var(--color-hip);
  background: var(--color-hip-pale);
}
</style>
