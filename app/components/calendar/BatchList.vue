<script setup lang="ts">
import { jobStandings, type Bench, type ActivitySlot } from '~~/core/schedule'
import { formatMinutes } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** The batches that are laid, by their letters: when each ends, what it is promised for, and what is to spare. */
const props = defineProps<{
  bench: Bench
  placed: readonly (ActivitySlot | undefined)[]
  letters: ReadonlyMap<string, string>
  names: ReadonlyMap<string, string>
}>()
const selected = defineModel<number>('selected')
const emit = defineEmits<{ open: [batchId: string] }>()
const calendar = useCalendar()

const MIN_PER_DAY = 24 * 60
const rows = computed(() => {
  const standings = jobStandings(props.bench, props.placed, calendar.reserveDays * MIN_PER_DAY)
  return standings.map((standing, job) => {
    const works = props.bench.problem.jobs[job]?.works ?? []
    const batchIds = [...new Set(works.map((work) => props.bench.works[work]?.batchId ?? ''))]
    return { job, works, batchIds, due: props.bench.dues[job], ...standing }
  })
})
type Row = (typeof rows.value)[number]
const columns: readonly Column<Row>[] = [
  { id: 'letter', head: 'Letter', cell: 'w-8 !pr-0 align-top' },
  { id: 'batch', head: 'Batch' },
]
const { day } = useBenchWords(() => props.bench)

function says(row: Row): { text: string; tone: string } {
  if (row.end === undefined) return { text: 'not all of it has a place', tone: 'font-semibold text-hip' }
  if (row.lateMin > 0) return { text: `${formatMinutes(row.lateMin)} late`, tone: 'font-semibold text-hip' }
  if (row.inReserve) return { text: 'eats into the reserve', tone: 'font-semibold text-larch-deep' }
  if (row.due === undefined) return { text: 'promised for no day', tone: 'text-soft' }
  return { text: `${formatMinutes(row.slackMin)} to spare`, tone: 'text-moss' }
}
const isMine = ({ works }: Row): boolean => selected.value !== undefined && works.includes(selected.value)
</script>

<template>
  <DataTable
    label="Batches"
    bare
    :rows="rows"
    :columns="columns"
    :key-of="({ job }) => String(job)"
    :is-chosen="isMine"
  >
    <template #letter="{ row }"
      ><strong v-for="id in row.batchIds" :key="id" class="block">{{ letters.get(id) }}</strong></template
    >
    <template #batch="{ row }">
      <button
        v-for="id in row.batchIds"
        :key="id"
        type="button"
        class="block text-left font-semibold hover:underline"
        @click="emit('open', id)"
      >
        {{ names.get(id) }}
      </button>
      <p class="text-sm text-soft">
        <template v-if="row.end !== undefined">ends {{ day(row.end) }}</template
        ><template v-if="row.end !== undefined && row.due">, </template
        ><template v-if="row.due">promised {{ formatWeekday(row.due) }}</template>
      </p>
      <p class="text-sm" :class="says(row).tone">{{ says(row).text }}</p>
    </template>
  </DataTable>
</template>
