<script setup lang="ts">
import {
  dryingFrom,
  fitsWhole,
  toLayOut,
  turnsBetween,
  type Bench,
  type ActivitySlot,
  type Sitting,
} from '~~/core/schedule'
import { counted, formatMinutes, readNumber, uncapitalised } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** The next session as it comes: what to do in which order, what to lay out, what dries until when; or what fits into a while. */
const props = defineProps<{
  bench: Bench
  placed: readonly (ActivitySlot | undefined)[]
  sitting: Sitting | undefined
}>()
const stock = useStock()
const to = useStationPath()
const nowMs = useClock(5_000)

const nowMin = computed(() => (nowMs.value - props.bench.originMs) / 60_000)
const isNow = computed(() => props.sitting !== undefined && props.sitting.from <= nowMin.value)
const turns = computed(() =>
  props.sitting ? turnsBetween(props.bench, props.placed, props.sitting.from, props.sitting.to) : [],
)
const layOut = computed(() => toLayOut(props.bench, turns.value))
const drying = computed(() =>
  props.sitting
    ? dryingFrom(props.bench, props.placed, props.sitting.from, props.sitting.to).filter(
        ({ until }) => until > (props.sitting?.to ?? 0),
      )
    : [],
)
const { clock, day, moment, personOf, severalPeople } = useBenchWords(() => props.bench)
const nameOf = (batchId: string): string => stock.batchById.get(batchId)?.name ?? ''
const isUnderWay = ({ start, end }: { start: number; end: number }): boolean =>
  start <= nowMin.value && nowMin.value < end

type Turn = (typeof turns.value)[number]
const columns: readonly Column<Turn>[] = [
  {
    id: 'from',
    head: 'From',
    number: true,
    cell: 'w-16 !pl-0 text-lg font-semibold',
    text: ({ start }) => clock(start),
  },
  { id: 'step', head: 'Step' },
  {
    id: 'takes',
    head: 'Takes',
    number: true,
    cell: 'text-soft',
    text: ({ start, end }) => formatMinutes(end - start),
  },
]

const spare = ref('25')
const spareMin = computed(() => readNumber(spare.value) ?? 0)
const fitting = computed(() =>
  spareMin.value > 0 ? fitsWhole(props.bench, props.placed, Math.max(0, nowMin.value), spareMin.value) : [],
)
const MOST_FITTING = 4
</script>

<template>
  <div class="tonight grid grid-cols-[minmax(0,3fr)_minmax(240px,2fr)] gap-y-2 gap-x-8 pt-2 px-3 pb-4">
    <section aria-label="In which order">
      <h2 v-if="sitting">
        {{ isNow ? 'Now' : day(sitting.from) }}, {{ clock(sitting.from) }}–{{ clock(sitting.to) }}
      </h2>
      <p v-if="!sitting" class="text-soft">
        No session is ahead. Say when you are at the bench, in the Calendar.
      </p>
      <p v-else-if="turns.length === 0" class="text-soft">Nothing is laid into this session.</p>
      <DataTable
        v-else
        label="In which order"
        bare
        :rows="turns"
        :columns="columns"
        :key-of="({ work }) => String(work)"
        :is-chosen="isUnderWay"
      >
        <template #step="{ row: turn }">
          <NuxtLink
            class="font-semibold hover:underline"
            :to="{ path: to('bench'), query: { batch: bench.works[turn.work]?.batchId } }"
            >{{ bench.works[turn.work]?.step.title }}</NuxtLink
          >
          <p class="text-sm text-soft">
            {{ nameOf(bench.works[turn.work]?.batchId ?? '') }} ·
            {{ counted(bench.works[turn.work]?.pieces ?? 0, 'piece')
            }}<template v-if="severalPeople"> · {{ personOf(turn.worker) }}</template>
          </p>
          <p v-if="turn.closesAt !== undefined" class="text-sm font-semibold text-larch">
            done by {{ clock(turn.closesAt) }}: its window closes
          </p>
        </template>
      </DataTable>
    </section>
    <div>
      <section v-if="layOut.length > 0" aria-label="Lay out">
        <h2>Lay out</h2>
        <p>{{ layOut.join(', ') }}.</p>
      </section>
      <section v-if="drying.length > 0" aria-label="What dries" class="mt-4">
        <h2>Then it dries</h2>
        <p v-for="row in drying" :key="`${row.batchId}|${row.until}`">
          {{ nameOf(row.batchId) }}: until {{ moment(row.until)
          }}<span class="text-soft"> ({{ uncapitalised(row.what) }})</span>
        </p>
      </section>
      <section aria-label="A while to spare" class="mt-4">
        <h2>I have a while</h2>
        <TextField v-model="spare" class="w-40" label="Minutes" />
        <p v-if="fitting.length === 0" class="text-soft">Nothing that can begin now is over by then.</p>
        <p v-for="one in fitting.slice(0, MOST_FITTING)" :key="one.work">
          <NuxtLink
            class="font-semibold hover:underline"
            :to="{ path: to('bench'), query: { batch: bench.works[one.work]?.batchId } }"
            >{{ bench.works[one.work]?.step.title }}</NuxtLink>,
          {{ nameOf(bench.works[one.work]?.batchId ?? '') }}: {{ formatMinutes(one.minutes)
          }}<span v-if="one.starts > 60" class="text-soft">, and it dries meanwhile</span>
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
@media (max-width: 760px) {
  .tonight {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
