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
import type { Column, Order } from './column'
import { moveInRows } from './move-in-rows'

/**
 * Rows of data under columns: ordered by a head that is pressed (up, down, as they come), gone through with the arrows,
 * drawn only where they are looked at when they are many, a few with each frame. Under heads of groups as long as they
 * are in no other order. A slot of a column's name draws its cells, `head-` and its
 * name its head; `opened` what a row holds when it is opened; `group`
 * what stands beside a group's name; `row` a row whole, with its own cells; `rest` rows of another kind below. Where
 * several may be chosen each row has a tick, and the head one for all. Where rows are put in order by hand, each has a
 * grip.
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
    /** A class of a row, as where it is left out. */
    classOf?: ((row: Row) => string) | undefined
    /** The group that a row stands under; those of one group come together. */
    groupOf?: (row: Row) => string
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
    /** Several may be chosen: what each is called, for those who hear it. */
    choosing?: ((row: Row) => string) | undefined
    /** Rows are put in another order by their grips; where none is in a group. */
    movable?: boolean
    /** Rows of fields, which take long to make: fewer at a time. */
    heavy?: boolean
  }>(),
  { open: () => new Set<string>(), isChosen: () => false, empty: '', fault: '', rowPx: 40 },
)
/** A row was pressed, pressed twice, or let go at another place of all. */
const emit = defineEmits<{ pick: [row: Row]; enter: [row: Row]; move: [from: number, to: number] }>()
const slots = useSlots()
const order = defineModel<Order>('order')
/** Keys of the rows that are chosen. */
const chosen = defineModel<ReadonlySet<string>>('chosen', { default: () => new Set<string>() })

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
})
/** Names as people count them: Foam 2 before Foam 10. */
const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' })
const compare = (a: unknown, b: unknown): number =>
  typeof a === 'number' && typeof b === 'number' ? a - b : names.compare(String(a), String(b))
const shownColumns = computed(() => props.columns.filter(({ hidden }) => !hidden))
/** The order kept, as long as the column that it goes by is shown. */
const heeded = computed(() =>
  shownColumns.value.some(({ id }) => id === order.value?.by) ? order.value : undefined,
)
const sorting = computed<SortingState>(() =>
  heeded.value ? [{ id: heeded.value.by, desc: heeded.value.down }] : [],
)
const table = useTable<typeof features, Row>({
  features,
  data: computed(() => props.rows as Row[]),
  columns: computed(() =>
    shownColumns.value.map(({ id, by, mostFirst = false }): ColumnDef<typeof features, Row> => ({
      id,
      accessorFn: (row) => by?.(row),
      enableSorting: by !== undefined,
      sortUndefined: 'last',
      sortDescFirst: mostFirst,
      sortFn: (a, b) => compare(by?.(a.original), by?.(b.original)),
    })),
  ),
  getRowId: (row) => props.keyOf(row),
  state: computed(() => ({ sorting: sorting.value })),
  onSortingChange: (now) => {
    const [first] = typeof now === 'function' ? now(sorting.value) : now
    order.value = first && { by: first.id, down: first.desc }
  },
})
const ordered = computed(() => table.getRowModel().rows.map((row) => row.original))
const orderOf = (id: string): 'ascending' | 'descending' | undefined =>
  heeded.value?.by !== id ? undefined : heeded.value.down ? 'descending' : 'ascending'
const turn = (id: string): void => table.getColumn(id)?.toggleSorting()

/** A row, or the head of a group of them. */
type Item =
  { readonly row: Row; readonly head?: undefined } | { readonly head: string; readonly row?: undefined }
/** By keys of their own, in their order: two rows that go by one key are two rows all the same. */
const items = computed(() => {
  const all = new Map<string, Item>()
  let group: string | undefined
  for (const row of ordered.value) {
    const own = heeded.value ? undefined : props.groupOf?.(row)
    if (own !== undefined && own !== group) all.set(`group ${own}`, { head: own })
    group = own
    let key = props.keyOf(row)
    while (all.has(key)) key += '′'
    all.set(key, { row })
  }
  return all
})

const own = useTemplateRef<HTMLElement>('own')
const { shown, above, below, measure } = useVirtualRows(
  () => [...items.value.keys()],
  own,
  props.rowPx,
  props.heavy ? HEAVY_ROWS : undefined,
)
const ROWS_AT_ONCE = 12
const HEAVY_AT_ONCE = 3
const grown = useGrowing(() => shown.value.length, props.heavy ? HEAVY_AT_ONCE : ROWS_AT_ONCE)
if (props.movable)
  useSortable(own, 'tbody[data-index]', (from, to) => {
    const [left, came] = [shown.value[from], shown.value[to]]
    if (left && came) emit('move', left.index, came.index)
  })
const visible = computed(() =>
  shown.value.slice(0, grown.value).flatMap(({ key, index }) => {
    const item = items.value.get(key)
    return item ? [{ key, index, item }] : []
  }),
)
/** All that are shown, whatever is beyond the window. */
const all = computed(() => [...items.value].flatMap(([key, { row }]) => (row ? [key] : [])))
const areAll = computed(() => all.value.length > 0 && all.value.every((key) => chosen.value.has(key)))
function choose(keys: readonly string[], is: boolean): void {
  const next = new Set(chosen.value)
  for (const key of keys) {
    if (is) next.add(key)
    else next.delete(key)
  }
  chosen.value = next
}
const columnCount = computed(() => shownColumns.value.length + (props.choosing ? 1 : 0))
const totals = computed(() => shownColumns.value.some(({ total }) => total))
</script>

<template>
  <table
    ref="own"
    class="ruled w-full"
    :class="{ 'ruled-page': page, 'ruled-stay': page && !bare }"
    :aria-label="label"
    :aria-rowcount="items.size + 1"
    :aria-busy="busy || undefined"
    @keydown="moveInRows"
  >
    <thead :class="{ 'sr-only': bare }">
      <tr>
        <th v-if="choosing" class="choose">
          <input
            type="checkbox"
            aria-label="Choose all"
            :checked="areAll"
            :indeterminate="!areAll && chosen.size > 0"
            @change="choose(all, !areAll)"
          />
        </th>
        <th
          v-for="column in shownColumns"
          :key="column.id"
          :class="[column.cell, { number: column.number }]"
          :aria-sort="orderOf(column.id)"
        >
          <button v-if="column.by" type="button" class="order" @click="turn(column.id)">
            {{ column.head
            }}<ArrowUp
              v-if="orderOf(column.id) === 'ascending'"
              class="inline size-3"
              aria-hidden="true"
            /><ArrowDown
              v-else-if="orderOf(column.id) === 'descending'"
              class="inline size-3"
              aria-hidden="true"
            />
          </button>
          <slot v-else :name="`head-${column.id}`"
            ><span :class="{ 'sr-only': column.headless }">{{ column.head }}</span></slot
          >
        </th>
      </tr>
    </thead>
    <RowGap :px="above" :columns="columnCount" />
    <tbody v-if="fault || (rows.length === 0 && (busy || empty))">
      <tr>
        <td :colspan="columnCount" :class="fault ? 'text-hip' : 'text-soft'" role="status">
          {{ fault || (busy ? 'A moment…' : empty) }}
        </td>
      </tr>
    </tbody>
    <tbody v-for="{ key, index, item } in fault ? [] : visible" :key="key" :ref="measure" :data-index="index">
      <tr v-if="item.head !== undefined">
        <th :colspan="columnCount" class="group" scope="rowgroup">
          {{ item.head }} <slot name="group" :head="item.head" />
        </th>
      </tr>
      <slot v-else-if="slots.row" name="row" :row="item.row" :index="index" />
      <template v-else>
        <tr
          :class="['row', classOf?.(item.row), { 'row-chosen': isChosen(item.row) }]"
          :aria-rowindex="index + 2"
          @click="emit('pick', item.row)"
          @dblclick="emit('enter', item.row)"
        >
          <td v-if="choosing" class="choose">
            <input
              type="checkbox"
              :aria-label="`Choose ${choosing(item.row)}`"
              :checked="chosen.has(key)"
              @change="choose([key], !chosen.has(key))"
            />
          </td>
          <td
            v-for="column in shownColumns"
            :key="column.id"
            :class="[column.cell, { number: column.number }]"
          >
            <slot :name="column.id" :row="item.row" :index="index">{{
              column.text?.(item.row) ?? column.by?.(item.row)
            }}</slot>
          </td>
        </tr>
        <tr v-if="slots.opened && open.has(keyOf(item.row))" class="row-opened">
          <td :colspan="columnCount"><slot name="opened" :row="item.row" /></td>
        </tr>
      </template>
    </tbody>
    <RowGap :px="below" :columns="columnCount" />
    <slot name="rest" />
    <tfoot v-if="totals && rows.length > 0 && !fault">
      <tr>
        <td v-if="choosing" />
        <td v-for="column in shownColumns" :key="column.id" :class="[column.cell, { number: column.number }]">
          {{ column.total?.(rows) }}
        </td>
      </tr>
    </tfoot>
  </table>
</template>
