<script setup lang="ts">
import { stockMethodFor } from '~~/core/methods'
import {
  sortShelf,
  stuffNames,
  type Material,
  type ShelfRow,
  type ShelfSort,
  type StuffName,
} from '~~/core/stock'
import { shelfColumns, type ShelfColumn } from './shelf-columns'

/**
 * The shelf as a table: by kind, or sorted by a column’s head. Long ones stay quick: only the rows in the window are
 * drawn. Arrow keys go from row to row.
 */
const props = defineProps<{
  rows: readonly ShelfRow[]
  columns: readonly ShelfColumn[]
  opened: Set<string>
}>()
const emit = defineEmits<{
  toggle: [id: string]
  receive: [of: Material]
  edit: [of: Material]
  make: [of: Material]
}>()
const sort = defineModel<{ by: ShelfSort; down: boolean }>('sort', { required: true })
const shelf = useShelf()

/** By what they are; what is mixed by a recipe stands together, first. */
type GroupName = StuffName | 'blends'
const groupNames: Record<GroupName, string> = { blends: 'Blends', ...stuffNames }
const groupOf = ({ state: { material } }: ShelfRow): GroupName =>
  material.blendId === undefined ? material.of.stuff : 'blends'

type Item =
  | { readonly key: string; readonly head: string; readonly row?: undefined }
  | { readonly key: string; readonly row: ShelfRow; readonly head?: undefined }
const item = (row: ShelfRow): Item => ({ key: row.state.material.id, row })
const items = computed<Item[]>(() => {
  const { by, down } = sort.value
  if (by !== 'kind') return sortShelf(props.rows, by, down, shelf.overOf).map(item)
  return (Object.keys(groupNames) as GroupName[]).flatMap((kind): Item[] => {
    const own = props.rows.filter((row) => groupOf(row) === kind)
    return own.length === 0 ? [] : [{ key: `kind:${kind}`, head: groupNames[kind] }, ...own.map(item)]
  })
})
const table = useTemplateRef<HTMLElement>('table')
const ROW_PX = 42
const { shown, above, below, measure } = useVirtualRows(
  () => items.value.map(({ key }) => key),
  table,
  ROW_PX,
)
const ROWS_AT_ONCE = 10
const grown = useGrowing(() => shown.value.length, ROWS_AT_ONCE)

const heads = computed(() => shelfColumns.filter(({ id }) => props.columns.includes(id)))
/** First as it is most wanted: much before little, old before new; names from A. */
function sortBy(by: ShelfSort): void {
  const { by: was, down } = sort.value
  const most = by === 'on hand' || by === 'age' || by === 'worth'
  if (was !== by) sort.value = { by, down: most }
  else sort.value = down === most ? { by, down: !down } : { by: 'kind', down: false }
}
const sorted = (by: ShelfSort | undefined): 'ascending' | 'descending' | undefined =>
  by === undefined || sort.value.by !== by ? undefined : sort.value.down ? 'descending' : 'ascending'
const arrow = (by: ShelfSort | undefined): string =>
  sorted(by) === undefined ? '' : sorted(by) === 'ascending' ? '↑' : '↓'

/** Up and down from one row’s name to the next. */
function walk(event: KeyboardEvent, step: 1 | -1): void {
  const names = [...(table.value?.querySelectorAll<HTMLElement>('.row [aria-expanded]') ?? [])]
  const at = names.indexOf(event.target as HTMLElement)
  const next = at < 0 ? undefined : names[at + step]
  if (!next) return
  event.preventDefault()
  next.focus()
}
const makeable = ({ id, blendId }: Material): boolean =>
  blendId !== undefined || stockMethodFor(id) !== undefined
</script>

<template>
  <table
    ref="table"
    class="ruled w-full border-t-2 border-ink"
    :aria-rowcount="items.length + 1"
    @keydown.down="walk($event, 1)"
    @keydown.up="walk($event, -1)"
  >
    <thead>
      <tr>
        <th class="!pl-5" :aria-sort="sorted('name')">
          <button type="button" class="head" @click="sortBy('name')">Material {{ arrow('name') }}</button>
          <button type="button" class="head ml-3 font-normal" @click="sortBy('colour')">
            by colour {{ arrow('colour') }}
          </button>
        </th>
        <th
          v-for="head in heads"
          :key="head.id"
          :class="{ number: 'number' in head }"
          :aria-sort="'sort' in head ? sorted(head.sort) : undefined"
        >
          <button v-if="'sort' in head" type="button" class="head" @click="sortBy(head.sort)">
            {{ head.word }} {{ arrow(head.sort) }}
          </button>
          <template v-else>{{ head.word }}</template>
        </th>
        <th><span class="sr-only">Actions</span></th>
      </tr>
    </thead>
    <RowGap :px="above" :columns="columns.length + 2" />
    <tbody v-for="{ index, key } in shown.slice(0, grown)" :key="key" :ref="measure" :data-index="index">
      <tr v-if="items[index]?.head">
        <th :colspan="columns.length + 2" class="kind" scope="rowgroup">{{ items[index].head }}</th>
      </tr>
      <MaterialRow
        v-else-if="items[index]?.row"
        :row="items[index].row"
        :columns="columns"
        :claimed="shelf.allocation.claimed.get(key) ?? 0"
        :short="shelf.shortageOf.get(key)"
        :makeable="makeable(items[index].row.state.material)"
        :open="opened.has(key)"
        @toggle="emit('toggle', key)"
        @receive="emit('receive', items[index].row.state.material)"
        @edit="emit('edit', items[index].row.state.material)"
        @make="emit('make', items[index].row.state.material)"
      />
    </tbody>
    <RowGap :px="below" :columns="columns.length + 2" />
  </table>
</template>

<style scoped>
.kind {
  font-family: var(--font-title);
  font-weight: 650 !important;
  font-size: 15px !important;
  color: var(--color-ink) !important;
  padding: 12px 20px 3px !important;
}
thead th {
  position: sticky;
  top: -1px;
  z-index: 1;
  background: var(--color-paper);
  box-shadow: inset 0 -1px var(--color-line);
}
.head {
  min-height: 32px;
  text-align: inherit;
  cursor: pointer;
}
.head:hover {
  color: var(--color-ink);
  text-decoration: underline;
}
</style>
