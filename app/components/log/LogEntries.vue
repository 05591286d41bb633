<script setup lang="ts">
import type { LogEntry } from '~~/core/batches'
import { formatMinutes, formatQuantity } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** Batch by batch: planned against real, and the cost of a good piece against a bought one. */
defineProps<{ entries: readonly LogEntry[] }>()
const workshop = useWorkshop()
const stock = useStock()
const { moneyEach, money } = useFormat()
const { opened, toggle } = useOpened()

const boughtOf = (entry: LogEntry): number | undefined =>
  workshop.lines.find(({ id }) => id === entry.batch.lineId)?.boughtPriceMinor
const name = (id: string): string => stock.stateById.get(id)?.material.name ?? id
const show = (id: string, quantity: number): string =>
  formatQuantity(quantity, stock.stateById.get(id)?.material.unit ?? 'g')
const off = (used: number, planned: number): string =>
  planned <= 0
    ? 'not planned'
    : Math.abs(used / planned - 1) < 0.005
      ? 'as planned'
      : `${used > planned ? '+' : '−'}${Math.abs(Math.round((used / planned - 1) * 100))} %`
/** What a good piece cost, of those that came out; absent where none did. */
const each = (entry: LogEntry, minor: number): number | undefined =>
  entry.good > 0 ? minor / entry.good : undefined
const eachWords = (minor: number | undefined): string => (minor === undefined ? '–' : moneyEach(minor))
const columns: readonly Column<LogEntry>[] = [
  { id: 'batch', head: 'Batch', by: ({ batch }) => batch.name },
  { id: 'ended', head: 'Ended', by: ({ at }) => at },
  {
    id: 'good',
    head: 'Good / started',
    number: true,
    by: ({ good }) => good,
    text: ({ good, batch }) => `${good} / ${batch.pieces}`,
  },
  { id: 'minutes', head: 'Minutes, planned', number: true, by: ({ realMin }) => realMin },
  { id: 'tray', head: 'Tray', by: ({ tray }) => tray ?? '' },
  {
    id: 'cost',
    head: 'A good one cost',
    number: true,
    by: (entry) => each(entry, entry.cost.usedMinor),
    text: (entry) => eachWords(each(entry, entry.cost.usedMinor)),
  },
  {
    id: 'off',
    head: 'written off',
    number: true,
    by: (entry) => each(entry, entry.cost.writtenOffMinor),
    text: (entry) => eachWords(each(entry, entry.cost.writtenOffMinor)),
  },
  {
    id: 'bought',
    head: 'A bought one',
    number: true,
    by: boughtOf,
    text: (entry) => eachWords(boughtOf(entry)),
  },
]
const amountColumns: readonly Column<LogEntry['amounts'][number]>[] = [
  { id: 'material', head: 'Material', by: ({ materialId }) => name(materialId) },
  {
    id: 'planned',
    head: 'Planned',
    number: true,
    text: ({ materialId, planned }) => show(materialId, planned),
  },
  { id: 'used', head: 'Used', number: true, text: ({ materialId, used }) => show(materialId, used) },
  {
    id: 'off',
    head: 'Off by',
    number: true,
    by: ({ used, planned }) => (planned > 0 ? used / planned - 1 : undefined),
    text: ({ used, planned }) => off(used, planned),
  },
]
</script>

<template>
  <DataTable
    page
    class="border-t-2 border-ink"
    label="Batches"
    :rows="entries"
    :columns="columns"
    :key-of="({ batch }) => batch.id"
    :open="opened"
  >
    <template #batch="{ row: entry }">
      <RowToggle class="font-semibold" :open="opened.has(entry.batch.id)" @toggle="toggle(entry.batch.id)">{{
        entry.batch.name
      }}</RowToggle>
    </template>
    <template #ended="{ row: entry }"
      ><span v-if="entry.ended === 'abandoned'" class="tag tag-hip mr-2">abandoned</span
      >{{ formatMoment(entry.at) }}</template
    >
    <template #minutes="{ row: entry }"
      >{{ formatMinutes(entry.realMin) }}
      <span class="text-soft">{{ formatMinutes(entry.plannedMin) }}</span></template
    >
    <template #opened="{ row: entry }">
      <SetAsideNote :entries="entry.setAside" />
      <div class="grid gap-6 py-1 lg:grid-cols-[minmax(0,1fr)_320px]">
        <DataTable
          label="Amounts"
          :rows="entry.amounts"
          :columns="amountColumns"
          :key-of="({ materialId }) => materialId"
        />
        <div class="text-sm">
          <p v-for="(reject, i) in entry.rejects" :key="i">
            <span class="tag tag-hip mr-1">{{ reject.count }} rejected</span>{{ reject.reason }}, at “{{
              entry.batch.plan.steps[reject.step]?.title
            }}”
          </p>
          <p v-if="entry.lateRounds > 0" class="mt-1">
            {{ entry.lateRounds }} {{ entry.lateRounds === 1 ? 'round' : 'rounds' }} went on after the window
            had closed.
          </p>
          <p v-if="entry.note" class="mt-1">{{ entry.note }}</p>
          <p class="mt-2 text-soft">
            Materials drawn: {{ money(entry.cost.usedMinor) }} at what the lots cost;
            {{ money(entry.cost.writtenOffMinor) }} with what is left in them written off.
          </p>
          <p v-if="entry.cost.unpricedMaterialIds.length > 0" class="mt-1 text-larch">
            Without a price, counted as nothing:
            {{ entry.cost.unpricedMaterialIds.map(name).join(', ') }}.
          </p>
        </div>
      </div>
    </template>
  </DataTable>
</template>
