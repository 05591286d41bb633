<script setup lang="ts">
import { addDays, counted, formatQuantity, type StockUnit } from '~~/core/units'
import type { Ahead } from '~~/core/stock'
import type { Column } from '../../../parts/table/column'

/** Each material's shelf from today on: what there will be on each day, and what runs out when. */
const workshop = useWorkshop()
const buying = useBuying()
const stock = useStock()
const { opened, toggle } = useOpened()
const only = ref<'out' | 'wanted'>('out')
useStation('Ahead')

interface Row {
  readonly name: string
  readonly unit: StockUnit
  readonly ahead: Ahead
}
const columns: readonly Column<Row>[] = [
  { id: 'name', head: 'Material', by: ({ name }) => name },
  {
    id: 'now',
    head: 'Now',
    number: true,
    by: ({ ahead }) => ahead.now,
    text: ({ ahead, unit }) => formatQuantity(ahead.now, unit),
  },
  { id: 'line', head: 'Day by day', cell: 'line wide' },
  { id: 'out', head: 'Runs out', by: ({ ahead }) => outOn(ahead) },
]
const rows = computed<Row[]>(() =>
  [...buying.aheads.values()]
    .flatMap((ahead): Row[] => {
      const material = stock.stateById.get(ahead.materialId)?.material
      return material && ahead.days.length > 0 ? [{ name: material.name, unit: material.unit, ahead }] : []
    })
    .sort((a, b) => outOn(a.ahead).localeCompare(outOn(b.ahead)) || a.name.localeCompare(b.name)),
)
/** What runs out on no day that is known comes after what does, and before what does not run out. */
const outOn = ({ runsOut }: Ahead): string => runsOut?.on ?? (runsOut ? '9998' : '9999')
const running = computed(() => rows.value.filter(({ ahead }) => ahead.runsOut))
const shown = computed(() => (only.value === 'out' ? running.value : rows.value))

function aheadWords({ now, runsOut, days }: Ahead, unit: StockUnit): string {
  const show = (quantity: number): string => formatQuantity(quantity, unit)
  const end = days.at(-1)?.after ?? now
  const out = runsOut ? `, runs out ${runsOut.on ? formatDate(runsOut.on) : 'before all is made'}` : ''
  return `${show(now)} now${out}, ${end < 0 ? `${show(-end)} lacking` : `${show(end)} left`} in the end`
}
/** The days that are drawn: to the last that anything is known of, at least a month, at most a year. */
const last = computed(() => {
  const known = shown.value.flatMap(({ ahead }) => ahead.days.flatMap(({ on }) => on ?? []))
  const end = known.sort().at(-1) ?? buying.now
  const least = addDays(buying.now, 30)
  const most = addDays(buying.now, 365)
  return end < least ? least : end > most ? most : addDays(end, 5)
})
</script>

<template>
  <div>
    <StockNav title="Ahead">
      <ChoiceRow
        v-model="only"
        label="Which materials"
        :choices="[
          ['out', `runs out (${running.length})`],
          ['wanted', `all that changes (${rows.length})`],
        ]"
      />
    </StockNav>
    <p v-if="!workshop.ledgerRead" class="px-5 py-3 text-soft" role="status">Reading the shelf…</p>
    <p v-else-if="shown.length === 0" class="px-5 py-4 text-moss">
      {{
        only === 'out'
          ? 'Nothing runs out: all that is planned is covered.'
          : 'Nothing is wanted of the shelf, and nothing is on its way.'
      }}
    </p>
    <DataTable
      v-else
      label="The shelf ahead"
      page
      :rows="shown"
      :columns="columns"
      :key-of="({ ahead }) => ahead.materialId"
      :open="opened"
    >
      <template #name="{ row: { name, ahead } }">
        <RowToggle :open="opened.has(ahead.materialId)" @toggle="toggle(ahead.materialId)">{{
          name
        }}</RowToggle>
      </template>
      <template #head-line
        ><span class="sr-only">Day by day</span><DayAxis :from="buying.now" :to="last"
      /></template>
      <template #line="{ row: { ahead, unit } }">
        <AheadLine :ahead="ahead" :from="buying.now" :to="last" :label="aheadWords(ahead, unit)" />
      </template>
      <template #out="{ row: { ahead, unit } }"><RunsOut :ahead="ahead" :unit="unit" /></template>
      <template #opened="{ row: { ahead } }"><AheadDays :ahead="ahead" /></template>
    </DataTable>
    <p class="px-5 py-3 text-sm text-soft">
      Materials are wanted {{ counted(buying.leadDays, 'day') }} before a promise; what is on the bench wants
      them today; what has no promise stands at the end.
    </p>
  </div>
</template>

<style scoped>
:deep(td.line) {
  width: 46%;
  padding-top: 4px;
  padding-bottom: 4px;
}
</style>
