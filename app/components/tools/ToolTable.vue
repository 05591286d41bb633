<script setup lang="ts">
import { atHand, lentOut, type ToolRecord } from '~~/core/tools'
import type { ToolSaves } from '~~/core/buying'
import { counted as numbered, plainNumber } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** Tools or holders, row by row: what is there, who has the rest, and which lines want it. */
const props = defineProps<{
  title: string
  rows: readonly {
    id: string
    what: string
    record?: ToolRecord
    priceMinor: number
    instead?: string
    /** What work of this kind leaves of it: nothing. */
    ruinedBy?: string
    unit?: 'piece' | 'm'
    saves?: ToolSaves
  }[]
  wanting: ReadonlyMap<string, readonly { name: string }[]>
  counted?: boolean
}>()
const emit = defineEmits<{ edit: [row: (typeof props.rows)[number]] }>()
const tools = useTools()
const { money, moneyEach } = useFormat()

const count = (value: number, unit?: 'piece' | 'm'): string =>
  unit === 'm' ? `${plainNumber(value, 1)} m` : plainNumber(value, 0)

interface State {
  readonly word: string
  readonly tone: 'moss' | 'hip' | 'larch' | 'plain'
}
function stateOf(record: ToolRecord | undefined): State {
  if (!record) return { word: 'not listed', tone: 'plain' }
  if (record.soldOn !== undefined) return { word: `sold ${formatDay(record.soldOn)}`, tone: 'hip' }
  const there = atHand(record)
  if (record.have === 0) return { word: 'none', tone: 'hip' }
  if (there > 0)
    return lentOut(record.lent) > 0 || record.worn > 0
      ? { word: 'some there', tone: 'larch' }
      : { word: 'there', tone: 'moss' }
  return { word: lentOut(record.lent) > 0 ? 'lent' : 'worn', tone: 'hip' }
}
const lines = (what: string): readonly string[] => (props.wanting.get(what) ?? []).map(({ name }) => name)
const savesWords = ({ savedMinor, pieces, paysFrom, homePaysFrom }: ToolSaves): string =>
  `made instead of bought, ${numbered(pieces, 'piece')} save ${money(savedMinor)}: it pays from ${numbered(paysFrom, 'piece')}${
    homePaysFrom === undefined ? '' : `, one built at home from ${numbered(homePaysFrom, 'piece')}`
  }`
function lineWords(what: string): string {
  const names = lines(what)
  return names.length > 3 ? `${names.slice(0, 2).join(', ')} and ${names.length - 2} more` : names.join(', ')
}
type Row = (typeof props.rows)[number]
const heldOf = ({ what }: Row): number => tools.held.get(what) ?? 0
const columns = computed<readonly Column<Row>[]>(() => [
  { id: 'what', head: props.counted ? 'Holder' : 'Tool', by: ({ what }) => what },
  {
    id: 'there',
    head: 'There',
    number: true,
    hidden: !props.counted,
    by: ({ record }) => record && atHand(record),
    text: ({ record, unit }) => (record ? count(atHand(record), unit) : ''),
  },
  {
    id: 'held',
    head: 'In use',
    number: true,
    hidden: !props.counted,
    by: heldOf,
    text: (row) => (heldOf(row) > 0 ? count(heldOf(row), row.unit) : ''),
  },
  { id: 'state', head: 'State', by: ({ record }) => stateOf(record).word },
  { id: 'act', head: 'Actions', headless: true, number: true },
])
</script>

<template>
  <section :aria-label="title" class="min-w-0">
    <h2 class="px-5 pt-2">{{ title }}</h2>
    <DataTable page :label="title" :rows="rows" :columns="columns" :key-of="({ id }) => id">
      <template #what="{ row }">
        {{ row.what }}
        <span class="block text-xs text-soft"
          ><template v-if="row.priceMinor > 0">{{ moneyEach(row.priceMinor) }}</template
          ><template v-if="row.instead">, or {{ row.instead }}</template
          ><template v-if="lines(row.what).length > 0"> · wanted by {{ lineWords(row.what) }}</template
          ><template v-if="row.ruinedBy"> · {{ row.ruinedBy }} ruins one each time</template></span
        >
        <span v-if="row.saves" class="block text-xs text-larch">{{ savesWords(row.saves) }}</span>
      </template>
      <template #state="{ row }">
        <span class="tag" :class="`tag-${stateOf(row.record).tone}`">{{ stateOf(row.record).word }}</span>
        <span v-if="row.ruinedBy && row.record" class="block text-xs text-soft"
          >{{ count(atHand(row.record)) }} of {{ count(row.record.have) }} left</span
        >
        <span v-for="(loan, i) in row.record?.lent ?? []" :key="i" class="block text-xs text-soft"
          >{{ (row.record?.have ?? 1) > 1 ? `${count(loan.count, row.unit)} ` : '' }}to {{ loan.to }}, since
          {{ formatDate(loan.since) }}</span
        >
      </template>
      <template #act="{ row }">
        <button type="button" class="button button-small" @click="emit('edit', row)">
          Change<span class="sr-only"> {{ row.what }}</span>
        </button>
      </template>
    </DataTable>
  </section>
</template>
