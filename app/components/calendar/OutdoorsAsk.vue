<script setup lang="ts">
import { isOutdoors, outdoorsToAsk, wallAt, type Bench, type Session } from '~~/core/schedule'

/** Work outdoors is laid into hours that the maker has called dry and still: it asks before it takes one. */
const props = defineProps<{ bench: Bench }>()
const workshop = useWorkshop()
const saveTime = useDeed('saveTime')
const calendar = useCalendar()

/** The longest step that wants to be outdoors, minutes; 0 where none does. */
const wantedMin = computed(() =>
  Math.max(
    0,
    ...props.bench.problem.works.map((work, i) =>
      isOutdoors(work) && !calendar.shown[i] ? work.minutes : 0,
    ),
  ),
)
const asked = computed<Session[]>(() => {
  if (wantedMin.value === 0) return []
  const time = { people: calendar.people, times: workshop.times, zone: calendar.zone }
  const seen = new Set<string>()
  return outdoorsToAsk(time, props.bench.sessions, props.bench.daylight, wantedMin.value)
    .filter(({ fromMs, toMs }) => {
      const key = `${fromMs}|${toMs}`
      return !seen.has(key) && seen.add(key)
    })
    .slice(0, 3)
})
const clock = (ms: number): string => wallAt(ms, calendar.zone).time
async function say({ date, fromMs, toMs }: Session, fit: boolean): Promise<void> {
  await saveTime({ kind: 'outdoors', date, from: clock(fromMs), to: clock(toMs), fit })
}
</script>

<template>
  <section v-if="wantedMin > 0" aria-label="Hours outdoors" class="mt-4">
    <h2>Dry and still outdoors?</h2>
    <p class="text-sm text-soft">
      {{
        asked.length > 0
          ? 'A step wants to be done outdoors by daylight.'
          : 'A step wants to be done outdoors, and no session falls into daylight long enough. Add one.'
      }}
    </p>
    <p v-for="session in asked" :key="session.fromMs" class="mt-1 flex items-center gap-1">
      <span class="flex-1 text-sm whitespace-nowrap"
        >{{ formatWeekday(session.date) }}, {{ clock(session.fromMs) }}–{{ clock(session.toMs) }}</span
      >
      <button type="button" class="button button-small" @click="say(session, true)">It will be</button>
      <button type="button" class="button button-small button-quiet" @click="say(session, false)">No</button>
    </p>
  </section>
</template>
