<script setup lang="ts" generic="Row extends object">
import {
  createSortedRowModel,
  rowSortingFeature,
  tableFeatures,
  useTable,
  type ColumnDef,
  type SortingState,
} from '@tanstack/vue-table'
import { ArrowDown, ArrowUp } from '@lucide/vue'
import type { Column } from './column'
import { moveInRows } from './move-in-rows'

/**
 * Rows of data under columns: ordered by a head that is pressed (up, down, as they come), gone through with the arrows,
 * drawn only where they are looked at when they are many. A slot of a column's name draws its cells; `opened` what a row
 * holds when it is opened.
 */
const props = withDefaults(
  defineProps<{
    /** What the table is, for those who hear it. */
    label: string
    rows: readonly Row[]
    columns: readonly Column<Row>[]
    keyOf: (row: Row) => string
    /** Keys of the rows that are open. */
    open?: ReadonlySet<string>
    isChosen?: (row: Row) => boolean
    /** Said where there is no row. */
    empty?: string
    /** Said in place of the rows. */
    fault?: string
    busy?: boolean
    /** Over the whole width of a page: the first column keeps the page's margin. */
    page?: boolean
    /** Its heads are read out, not shown: where what stands in the cells says what it is. */
    bare?: boolean
    rowPx?: number
  }>(),
  { open: () => new Set<string>(), isChosen: () => false, empty: '', fault: '', rowPx: 40 },
)
const slots = useSlots()

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
})
/** Names as people count them: Foam 2 before Foam 10. */
const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })
const compare = (a: unknown, b: unknown): number =>
  typeof a === 'number' && typeof b === 'number' ? a - b : names.compare(String(a), String(b))
const shownColumns = computed(() => props.columns.filter(({ hidden }) => !hidden))
const sorting = ref<SortingState>([])
const table = useTable<typeof features, Row>({
  features,
  data: computed(() => props.rows as Row[]),
  columns: computed(() =>
    shownColumns.value.map(({ id, by }): ColumnDef<typeof features, Row> => ({
      id,
      accessorFn: (row) => by?.(row),
      enableSorting: by !== undefined,
      sortUndefined: 'last',
      sortDescFirst: false,
      sortFn: (a, b) => compare(by?.(a.original), by?.(b.original)),
    })),
  ),
  getRowId: (row) => props.keyOf(row),
  state: computed(() => ({ sorting: sorting.value })),
  onSortingChange: (now) => {
    sorting.value = typeof now === 'function' ? now(sorting.value) : now
  },
})
const ordered = computed(() => table.getRowModel().rows.map((row) => row.original))
/** Rows by keys of their own, in their order: two that go by one key are two rows all the same. */
const byKey = computed(() => {
  const rows = new Map<string, Row>()
  for (const row of ordered.value) {
    let key = props.keyOf(row)
    while (rows.has(key)) key += '′'
    rows.set(key, row)
  }
  return rows
})
const order = (id: string): 'ascending' | 'descending' | undefined => {
  const [first] = sorting.value
  return first?.id === id ? (first.desc ? 'descending' : 'ascending') : undefined
}
const turn = (id: string): void => table.getColumn(id)?.toggleSorting()

const own = useTemplateRef<HTMLElement>('own')
const { shown, above, below, measure } = useVirtualRows(() => [...byKey.value.keys()], own, props.rowPx)
const visible = computed(() =>
  shown.value.flatMap(({ key, index }) => {
    const row = byKey.value.get(key)
    return row ? [{ key, index, row }] : []
  }),
)
const totals = computed(() => shownColumns.value.some(({ total }) => total))
</script>

<template>
  <table
    ref="own"
    class="ruled w-full"
    :class="{ 'ruled-page': page }"
    :aria-label="label"
    :aria-rowcount="rows.length + 1"
    :aria-busy="busy || undefined"
    @keydown="moveInRows"
  >
    <thead :class="{ 'sr-only': bare }">
      <tr>
        <th
          v-for="column in shownColumns"
          :key="column.id"
          :class="{ number: column.number }"
          :aria-sort="order(column.id)"
        >
          <button v-if="column.by" type="button" class="order" @click="turn(column.id)">
            {{ column.head
            }}<ArrowUp
              v-if="order(column.id) === 'ascending'"
              class="inline size-3"
              aria-hidden="true"
            /><ArrowDown
              v-else-if="order(column.id) === 'descending'"
              class="inline size-3"
              aria-hidden="true"
            />
          </button>
          <span v-else :class="{ 'sr-only': column.headless }">{{ column.head }}</span>
        </th>
      </tr>
    </thead>
    <RowGap :px="above" :columns="shownColumns.length" />
    <tbody v-if="fault || (rows.length === 0 && (busy || empty))">
      <tr>
        <td :colspan="shownColumns.length" :class="fault ? 'text-hip' : 'text-soft'" role="status">
          {{ fault || (busy ? 'A moment…' : empty) }}
        </td>
      </tr>
    </tbody>
    <tbody v-for="{ key, index, row } in fault ? [] : visible" :key="key" :ref="measure" :data-index="index">
      <tr :class="{ 'row-chosen': isChosen(row) }" :aria-rowindex="index + 2">
        <td v-for="column in shownColumns" :key="column.id" :class="[column.cell, { number: column.number }]">
          <slot :name="column.id" :row="row">{{ column.text?.(row) ?? column.by?.(row) }}</slot>
        </td>
      </tr>
      <tr v-if="slots.opened && open.has(keyOf(row))" class="row-opened">
        <td :colspan="shownColumns.length"><slot name="opened" :row="row" /></td>
      </tr>
    </tbody>
    <RowGap :px="below" :columns="shownColumns.length" />
    <tfoot v-if="totals && rows.length > 0">
      <tr>
        <td v-for="column in shownColumns" :key="column.id" :class="{ number: column.number }">
          {{ column.total?.(rows) }}
        </td>
      </tr>
    </tfoot>
  </table>
</template>
