<script setup lang="ts">
import type { Batch } from '~~/core/batches'
import { calendarEvents, msOf, standingWords, wallAt } from '~~/core/schedule'
import { counted, formatMinutes } from '~~/core/units'
import type { Zoom } from '../../composables/stack-layout'

/** The open batches laid into the evenings that there are. */
const workshop = useWorkshop()
const stock = useStock()
const commission = useCommission()
const calendar = useCalendar()
const notices = useNotices()
const to = useStationPath()
const times = ref(false)
const asking = ref(false)
/** The batch that smaller ones are asked for in place of. */
const tooLarge = shallowRef<Batch>()
useStation('Calendar', () => {
  times.value = true
})
calendar.follow()

const zoom = ref<Zoom>('week')
const picked = ref<number>()
const selected = computed({
  get: () => (calendar.bench?.works[picked.value ?? -1] ? picked.value : undefined),
  set: (work) => {
    picked.value = work
  },
})

/** Letters of batches, by when they are wanted; after Z come AA, AB. */
const letters = computed(() => {
  const bench = calendar.bench
  const map = new Map<string, string>()
  if (!bench) return map
  const ids = [...new Set(bench.works.map(({ batchId }) => batchId))]
  ids.forEach((id, i) => {
    const letter = String.fromCharCode(65 + (i % 26))
    map.set(id, i < 26 ? letter : `${String.fromCharCode(64 + Math.floor(i / 26))}${letter}`)
  })
  return map
})
const names = computed(() => new Map([...stock.batchById].map(([id, { name }]) => [id, name])))

const MOST_TOLD = 6
const wall = (ms: number): string => {
  const { date, time } = wallAt(ms, calendar.zone)
  return `${formatWeekday(date)} ${time}`
}
const moved = computed(() => calendar.moves.filter(({ fromMs }) => fromMs !== undefined))
const moveWords = computed(() =>
  moved.value.slice(0, MOST_TOLD).map(({ work, fromMs, toMs }) => {
    const what = `${names.value.get(work.batchId) ?? ''}: ${work.step.title}`
    return `${what}, ${wall(fromMs ?? 0)} → ${toMs === undefined ? 'no place' : wall(toMs)}`
  }),
)
const lost = computed(() =>
  calendar.bench ? calendar.bench.works.flatMap((_, i) => (calendar.shown[i] ? [] : [i])) : [],
)
const isOff = computed(() => calendar.proposal !== undefined)
async function keep(): Promise<void> {
  if (await calendar.keep()) notices.done('Kept. It stays so until something changes it.')
}
/** How far a search is from what nothing can beat. */
const boundWords = computed(() => {
  const { cost, bounds } = calendar
  if (!cost || !bounds || cost.unplaced > 0) return ''
  if (cost.late > bounds.late)
    return `${formatMinutes(cost.late)} late in all; nothing can be less than ${formatMinutes(bounds.late)}.`
  const late =
    cost.late > 0 ? `${formatMinutes(cost.late)} late in all, which nothing can beat` : 'nothing is late'
  const over = cost.end - bounds.end
  return over > 0
    ? `${late}; the last ends ${formatMinutes(over)} after the earliest that could be.`
    : `${late}; and nothing could end earlier.`
})
const closedWords = computed(() =>
  (calendar.bench?.closed ?? []).map(
    ({ batchId, atMs }) =>
      `${names.value.get(batchId) ?? ''}: its window closed ${wall(atMs)}. Look at it first.`,
  ),
)
const openBatch = (batchId: string) => {
  const work = calendar.bench?.works.findIndex((own) => own.batchId === batchId)
  selected.value = work === -1 ? undefined : work
}
/** The plan as it is shown, for the calendar that a maker looks at all day. */
async function saveFile(): Promise<void> {
  if (!calendar.bench) return
  const { writeCalendar } = await import('~~/core/schedule/calendar-file')
  const { name } = workshop.settings
  const nameOf = (id: string): string => names.value.get(id) ?? ''
  const events = calendarEvents(calendar.bench, calendar.shown, calendar.zone, nameOf, calendar.nameOf)
  save(
    new Blob([writeCalendar(events, name, Date.now())], { type: 'text/calendar' }),
    `${fileNameOf(name)}.ics`,
  )
  notices.done(`${counted(events.length, 'entry', 'entries')} saved: sessions, windows and ends of drying.`)
}
/** A batch that is too large is asked for anew, in smaller ones; its commission is in hand from then on. */
function split(batchId: string): void {
  const batch = stock.batchById.get(batchId)
  const line = workshop.lines.find(({ id }) => id === batch?.lineId)
  if (!batch || !line) return
  commission.chooseCommission(line.commissionId)
  tooLarge.value = batch
  asking.value = true
}
function asked(): void {
  asking.value = false
  tooLarge.value = undefined
}
const printWeek = (): void => window.print()
const lastEnd = computed(() => {
  const ends = calendar.shown.flatMap((spot) => (spot ? [spot.end] : []))
  return calendar.bench && ends.length > 0 ? wall(msOf(calendar.bench.originMs, Math.max(...ends))) : ''
})
</script>

<template>
  <div class="page min-h-full">
    <div class="flex flex-wrap items-center gap-3 px-5 pt-3 pb-2">
      <h1>Calendar</h1>
      <ChoiceRow
        v-model="zoom"
        label="How far"
        :choices="[
          ['tonight', 'next session'],
          ['week', 'a week'],
          ['season', 'all of it'],
        ]"
      />
      <span class="flex-1" />
      <button
        v-if="calendar.bench && calendar.hasSessions"
        type="button"
        class="button"
        @click="asking = true"
      >
        Can I have…?
      </button>
      <button type="button" class="button" @click="times = true">People and sessions</button>
      <template v-if="calendar.bench && stock.open.length > 0 && calendar.hasSessions">
        <button v-if="calendar.before && !isOff" type="button" class="button" @click="calendar.takeBack()">
          Take back
        </button>
        <button v-if="calendar.searching" type="button" class="button" @click="calendar.stop()">Stop</button>
        <button v-else type="button" class="button" @click="calendar.layAnew()">Lay anew</button>
        <button
          v-if="isOff"
          type="button"
          class="button button-act"
          :disabled="calendar.searching"
          @click="keep"
        >
          Keep this plan
        </button>
      </template>
    </div>

    <p v-if="calendar.fault" class="px-5 py-2 text-hip" role="alert">{{ calendar.fault }}</p>
    <p v-else-if="!calendar.bench" class="px-5 py-3 text-soft" role="status">Laying the evenings…</p>
    <section v-else-if="!calendar.hasSessions" class="m-5 max-w-xl">
      <h2 class="mb-2">When are you at the bench?</h2>
      <p class="mb-3">
        Say on which evenings, and who is there. Then batches are laid into them, so that glue dries between
        sessions and windows are kept.
      </p>
      <button type="button" class="button button-act" @click="times = true">Say when</button>
    </section>
    <section v-else-if="stock.open.length === 0" class="m-5 max-w-xl">
      <h2 class="mb-2">Nothing to lay</h2>
      <p class="mb-3">Plan a batch in Make-up; then its steps are laid into the sessions here.</p>
      <NuxtLink class="button button-act" :to="to('make-up')">Go to Make-up</NuxtLink>
    </section>

    <template v-else>
      <section
        v-if="isOff"
        class="mx-5 mb-1.5 py-1.5 px-3 border-l-4 border-l-larch-strong bg-larch-pale"
        aria-label="What the plan changes"
      >
        <p>
          <strong v-if="calendar.searching">Searching: </strong>
          <strong v-else-if="calendar.nothingKept">A first plan: </strong>
          <strong v-else-if="calendar.isAnew">Laid anew: </strong>
          <strong v-else-if="calendar.standing"
            >The plan no longer holds ({{ standingWords(calendar.standing) }}). It can be mended:
          </strong>
          <template v-if="!calendar.nothingKept">
            {{
              moved.length === 0
                ? 'nothing that was laid moves.'
                : `${counted(moved.length, 'step')} would move.`
            }}
          </template>
          <template v-else>it is kept once you say so.</template>
          {{ boundWords }}
        </p>
        <ul v-if="moveWords.length > 0 && !calendar.nothingKept" class="text-sm text-soft">
          <li v-for="line in moveWords" :key="line">{{ line }}</li>
          <li v-if="moved.length > moveWords.length">and {{ moved.length - moveWords.length }} more</li>
        </ul>
      </section>
      <p v-for="line in closedWords" :key="line" class="px-5 py-1 text-hip" role="status">{{ line }}</p>

      <div class="split grid grid-cols-[minmax(0,1fr)_312px] border-t border-t-line">
        <div class="pr-3 pb-5 pl-3">
          <EveningStack
            v-model:selected="selected"
            :bench="calendar.bench"
            :placed="calendar.shown"
            :zoom="zoom"
            :letters="letters"
            :names="names"
          />
          <TonightList
            v-if="zoom === 'tonight'"
            :bench="calendar.bench"
            :placed="calendar.shown"
            :sitting="calendar.sittings[0]"
          />
          <StackLegend />
          <p class="text-sm text-soft">
            Drag a step to another evening, or pick it and press ↑ ↓; with shift the rest of its batch comes
            too.
            <template v-if="lastEnd">All that is laid ends {{ lastEnd }}.</template>
          </p>
        </div>
        <aside class="side border-l border-l-line pt-2 px-3.5 pb-5">
          <LostList
            v-if="lost.length > 0"
            v-model:selected="selected"
            class="mb-4"
            :bench="calendar.bench"
            :works="lost"
            :names="names"
            @split="split"
          />
          <div :class="{ beside: selected !== undefined }">
            <BatchList
              v-model:selected="selected"
              :bench="calendar.bench"
              :placed="calendar.shown"
              :letters="letters"
              :names="names"
              @open="openBatch"
            />
          </div>
          <WorkCard
            v-if="selected !== undefined"
            class="mt-4"
            :bench="calendar.bench"
            :placed="calendar.shown"
            :work="selected"
            :names="names"
          />
          <OutdoorsAsk :bench="calendar.bench" />
          <p class="mt-5 flex flex-wrap gap-2">
            <button type="button" class="button button-small" @click="saveFile">Calendar file</button>
            <button type="button" class="button button-small" @click="printWeek">Print the week</button>
          </p>
        </aside>
      </div>
    </template>
    <WeekSheet v-if="calendar.bench" :bench="calendar.bench" :placed="calendar.shown" :names="names" />
    <PromiseDialog v-if="asking" :instead-of="tooLarge" @close="asked" />
    <TimeDialog v-if="times" @close="times = false" />
  </div>
</template>

<style scoped>
/* Beside a step that is picked the batches give way: what is said of it is seen without scrolling. */
.beside {
  max-height: 34vh;
  overflow-y: auto;
  border-bottom: 1px solid var(--color-line);
}
@media print {
  .page > :not(.sheet) {
    display: none;
  }
}
@media (max-width: 980px) {
  .split {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    border-left: 0;
    border-top: 1px solid var(--color-line);
  }
}
</style>
