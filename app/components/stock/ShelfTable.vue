<script setup lang="ts">
import {
  colourOf,
  lackWords,
  stuffNames,
  volumeWords,
  type Material,
  type ShelfRow,
  type StockState,
  type StuffName,
} from '~~/core/stock'
import { formatQuantity } from '~~/core/units'
import type { Order } from '../../parts/table/column'
import { columnsOf, type ShelfColumn, type ShelfItem } from './shelf-columns'

/** The shelf as one table: what is short first, then by what it is, or as its heads order it. */
const props = defineProps<{
  rows: readonly ShelfRow[]
  columns: readonly ShelfColumn[]
  opened: ReadonlySet<string>
  /** Several may be chosen. */
  choosing?: boolean
}>()
const emit = defineEmits<{
  toggle: [id: string]
  receive: [of: Material]
  edit: [of: Material]
  make: [of: Material]
}>()
const order = defineModel<Order>('order')
const chosen = defineModel<ReadonlySet<string>>('chosen')
const shelf = useShelf()
const buying = useBuying()
const to = useStationPath()
const { money } = useFormat()

/** By what they are; what is short, and what is mixed by a recipe, stand together, first. */
type GroupName = StuffName | 'short' | 'blends'
const groupNames: Record<GroupName, string> = { short: 'Short', blends: 'Blends', ...stuffNames }
const groupOf = ({ short, state: { material } }: ShelfItem): GroupName =>
  short ? 'short' : material.blendId === undefined ? material.of.stuff : 'blends'
const NO_DAY = '9999'
const outOn = ({ state }: ShelfItem): string => buying.aheads.get(state.material.id)?.runsOut?.on ?? NO_DAY
const items = computed<ShelfItem[]>(() => {
  const all = props.rows.map((row): ShelfItem => {
    const { id } = row.state.material
    const short = shelf.shortageOf.get(id)
    return { ...row, claimed: shelf.allocation.claimed.get(id) ?? 0, ...(short ? { short } : {}) }
  })
  return (Object.keys(groupNames) as GroupName[]).flatMap((name) => {
    const own = all.filter((item) => groupOf(item) === name)
    // What runs out first is what has to be got first.
    return name === 'short' ? own.sort((a, b) => outOn(a).localeCompare(outOn(b))) : own
  })
})
const columns = computed(() => columnsOf(props.columns, money))
const show = (quantity: number, { unit }: Material): string => formatQuantity(quantity, unit)
const volumeOf = ({ onHand, material }: StockState): string =>
  onHand > 0 ? volumeWords(material, onHand) : ''
const packsMinor = computed(() => shelf.shortages.reduce((sum, row) => sum + (row.packsCostMinor ?? 0), 0))
</script>

<template>
  <DataTable
    v-model:order="order"
    v-model:chosen="chosen"
    :choosing="choosing ? ({ state }) => state.material.name : undefined"
    label="Materials"
    page
    class="shelf"
    :rows="items"
    :columns="columns"
    :key-of="({ state }) => state.material.id"
    :group-of="(row) => groupNames[groupOf(row)]"
    :open="opened"
    :row-px="44"
  >
    <template #group="{ head }">
      <span v-if="head === groupNames.short" class="ml-3 font-sans font-[450] text-[13px] text-soft">
        <template v-if="packsMinor > 0">about {{ money(packsMinor) }} in whole packs · </template>
        <NuxtLink class="underline" :to="to('stock/buying')">what to buy of whom</NuxtLink>
      </span>
    </template>
    <template #colour="{ row: { state } }">
      <i
        class="dot block w-5 h-5 border border-line"
        :class="{ none: !colourOf(state.material.of) }"
        :style="{ background: colourOf(state.material.of) }"
        aria-hidden="true"
      />
    </template>
    <template #name="{ row: { state } }">
      <RowToggle :open="opened.has(state.material.id)" @toggle="emit('toggle', state.material.id)">{{
        state.material.name
      }}</RowToggle>
    </template>
    <template #onHand="{ row: { state } }">
      {{ show(state.onHand, state.material)
      }}<span v-if="volumeOf(state)" class="block text-xs text-soft">{{ volumeOf(state) }}</span>
    </template>
    <template #bar="{ row }"><HeldBar :held="row.state.onHand" :wanted="row.claimed" /></template>
    <template #over="{ row }">
      <strong v-if="row.short" class="text-hip">{{ lackWords(row.short, row.state.material.unit) }}</strong>
      <template v-else>{{ show(row.state.onHand - row.claimed, row.state.material) }}</template>
      <span class="narrow text-sm"><ShelfState :row="row" /></span>
    </template>
    <template #state="{ row }"><ShelfState :row="row" /></template>
    <template #act="{ row }">
      <ShelfAct
        :row="row"
        @receive="emit('receive', row.state.material)"
        @make="emit('make', row.state.material)"
      />
    </template>
    <template #opened="{ row }">
      <MaterialJars
        :state="row.state"
        @receive="emit('receive', row.state.material)"
        @edit="emit('edit', row.state.material)"
        @make="emit('make', row.state.material)"
      />
    </template>
  </DataTable>
</template>

<style scoped>
.shelf :deep(td) {
  padding-top: 2px;
  padding-bottom: 2px;
}
.shelf :deep(td.state) {
  white-space: nowrap;
  line-height: 18px;
}
.shelf :deep(td.colour) {
  width: 40px;
}
.dot.none {
  border-color: transparent;
}
</style>
