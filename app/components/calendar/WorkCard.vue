<script setup lang="ts">
import { heldUp, unplacedWords, type Bench, type Held, type ActivitySlot } from '~~/core/schedule'
import { counted, formatMinutes, uncapitalised } from '~~/core/units'

/** A step that is laid: when, what it waits for, why no earlier; pinned, or moved to another evening. */
const props = defineProps<{
  bench: Bench
  placed: readonly (ActivitySlot | undefined)[]
  work: number
  names: ReadonlyMap<string, string>
}>()
const changeLaying = useDeed('changeLaying')
const calendar = useCalendar()
const notices = useNotices()

const told = computed(() => props.bench.works[props.work])
const own = computed(() => props.bench.problem.works[props.work])
const spot = computed(() => props.placed[props.work])
const { clock, moment, personOf, holdersOf } = useBenchWords(() => props.bench)
const whyNot = computed(() => {
  const why = calendar.unplaced.get(props.work)
  return why === undefined ? '' : unplacedWords(props.bench, props.work, why, moment)
})

const nameOf = (work: number | undefined): string => {
  const other = work === undefined ? undefined : props.bench.works[work]
  return other ? `${props.names.get(other.batchId) ?? ''}: ${other.step.title}` : 'something else'
}
function heldWords({ by, minutes, other, holder }: Held): string {
  const long = formatMinutes(minutes)
  switch (by) {
    case 'wait':
      return `${long} of waiting before it`
    case 'before':
      return `${long} until ${nameOf(other)} is done`
    case 'no session':
      return `${long} without a session that it fits into`
    case 'hours':
      return `${long} until the hours that it needs`
    case 'pinned':
      return `${long} because it is pinned`
    case 'holder':
      return `${long} until ${holdersOf(holder)} come free of ${nameOf(other)}`
    case 'air':
      return `${long} until the air is clear`
    case 'hands':
      return `${long} behind ${nameOf(other)}`
  }
}
const held = computed(() =>
  own.value && spot.value
    ? heldUp(props.bench.problem, own.value.job, { placed: props.placed }).filter(
        ({ work }) => work === props.work,
      )
    : [],
)

/** Evenings that it could be moved to, for hands without a mouse. */
const MOST_EVENINGS = 40
const evenings = computed(() =>
  calendar.sittings.slice(0, MOST_EVENINGS).map(({ from, to }) => ({ from, to, words: moment(from) })),
)
const here = computed(
  () =>
    evenings.value.find(({ from, to }) => spot.value && spot.value.start >= from && spot.value.start < to)
      ?.from,
)
/** What its maker says of the batch: the day that it is promised for, and what must be done before it is begun. */
const laying = computed(() => calendar.layings.get(told.value?.batchId ?? ''))
const others = computed(() =>
  [...new Set(props.bench.works.map(({ batchId }) => batchId))].filter((id) => id !== told.value?.batchId),
)
async function change(what: { due?: string | undefined; follows?: string | undefined }): Promise<void> {
  if (told.value) await changeLaying(told.value.batchId, what)
}
const whole = ref(false)
async function moveTo(from: number): Promise<void> {
  const target = evenings.value.find((one) => one.from === from)
  if (!target) return
  const answer = await calendar.drag(props.work, { from: target.from, to: target.to }, whole.value)
  if (answer.kind === 'none') {
    notices.fault(answer.because)
    return
  }
  if (await calendar.keep(answer.plan.placed, new Set([props.work])))
    notices.done(
      answer.moved.length > 1
        ? `Moved and pinned; ${counted(answer.moved.length - 1, 'other step')} moved with it.`
        : 'Moved and pinned.',
    )
}
async function togglePin(): Promise<void> {
  if (told.value?.pinned) await calendar.unpin(props.work)
  else await calendar.keep(props.placed, new Set([props.work]))
}
</script>

<template>
  <section v-if="told && own" aria-label="The step that is picked">
    <h2>{{ told.step.title }}</h2>
    <p class="text-sm text-soft">
      {{ names.get(told.batchId)
      }}<template v-if="told.parts > 1"> · part {{ told.part + 1 }} of {{ told.parts }}</template> ·
      {{ counted(told.pieces, 'piece') }}
    </p>
    <p v-if="spot" class="mt-2">
      <strong>{{ moment(spot.start) }}</strong> to {{ clock(spot.end) }}, {{ formatMinutes(own.minutes) }} of
      {{ personOf(spot.worker) }}’s hands
    </p>
    <p v-else class="mt-2 text-hip">No place: {{ whyNot }}.</p>
    <p v-if="told.waitMin > 0" class="text-rain">
      Then {{ formatMinutes(told.waitMin) }}: {{ uncapitalised(told.step.wait?.what ?? '')
      }}<template v-if="spot">, until {{ moment(spot.end + Math.ceil(told.waitMin)) }}</template
      >.
    </p>
    <p v-if="told.step.wait?.mostMin !== undefined && spot" class="text-larch">
      What follows must be done by {{ moment(spot.end + Math.floor(told.step.wait.mostMin)) }}.
    </p>
    <p v-for="line in held" :key="line.by" class="text-sm text-soft">No earlier: {{ heldWords(line) }}.</p>
    <div class="mt-3 flex flex-wrap items-end gap-2">
      <div class="min-w-40 flex-1">
        <SelectField
          label="Move it to"
          empty="–"
          :model-value="here"
          :options="evenings.map(({ from, words }) => ({ value: from, words }))"
          @update:model-value="(from) => from !== undefined && moveTo(from)"
        />
      </div>
      <button v-if="spot" type="button" class="button" :aria-pressed="told.pinned" @click="togglePin">
        {{ told.pinned ? 'Unpin' : 'Pin here' }}
      </button>
    </div>
    <label class="mt-2 flex items-center gap-2 text-sm"
      ><input v-model="whole" type="checkbox" /> the rest of the batch comes with it</label
    >
    <h3 class="mt-3">The whole batch</h3>
    <div class="flex flex-wrap items-end gap-2">
      <DateField
        label="Promised for"
        class="w-40"
        :model-value="laying?.due ?? ''"
        @update:model-value="(due: string) => change({ due: due === '' ? undefined : due })"
      />
      <div class="min-w-28 flex-1">
        <SelectField
          label="Begun after"
          :model-value="laying?.follows ?? ''"
          :options="[
            { value: '', words: 'nothing else' },
            ...others.map((id) => ({ value: id, words: names.get(id) ?? id })),
          ]"
          @update:model-value="(id) => change({ follows: id || undefined })"
        />
      </div>
    </div>
  </section>
</template>
