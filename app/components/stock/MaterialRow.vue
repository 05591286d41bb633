<script setup lang="ts">
import { colourOf, lackWords, volumeWords, type ShelfRow, type Shortage } from '~~/core/stock'
import { counted, formatQuantity, plainNumber } from '~~/core/units'
import { measureWords } from './material-words'
import type { ShelfColumn } from './shelf-columns'

/** A material on the shelf: what there is, who wants it, and its jars where the row is open. */
const props = defineProps<{
  row: ShelfRow
  columns: readonly ShelfColumn[]
  claimed: number
  short?: Shortage
  open: boolean
  makeable: boolean
}>()
const emit = defineEmits<{ toggle: []; receive: []; edit: []; make: [] }>()
const { money } = useFormat()
const workshop = useWorkshop()
const buying = useBuying()
const measuring = ref(false)

const state = computed(() => props.row.state)
const material = computed(() => state.value.material)
const show = (quantity: number): string => formatQuantity(quantity, material.value.unit)
const colour = computed(() => colourOf(material.value.of))
const free = computed(() => state.value.onHand - props.claimed)
const ahead = computed(() => buying.aheads.get(material.value.id))
const runsOut = computed(() => ahead.value?.runsOut?.on)
/** The first day that some of it no longer keeps. */
const spoilsOn = computed(() => ahead.value?.days.find(({ what }) => what === 'spoils')?.on)
const wrong = computed(() => state.value.lots.some(({ onHand }) => onHand < 0))
const volume = computed(() => volumeWords(material.value, state.value.onHand))
const said = computed(() =>
  [
    state.value.lots.length === 0 ? 'No lots yet' : '',
    measureWords(material.value, workshop.settings.units),
    material.value.measured
      ? `colour measured ${formatDate(material.value.measured.date)}, ${material.value.measured.light}`
      : '',
    material.value.note ?? '',
  ]
    .filter(Boolean)
    .join(' · '),
)
const plainWords: Record<Exclude<ShelfColumn, 'onHand' | 'state'>, () => string> = {
  wanted: () => (props.claimed > 0 ? show(props.claimed) : ''),
  over: () => show(free.value),
  grain: () => (props.row.sizeMm === undefined ? '' : `${plainNumber(props.row.sizeMm, 2)} mm`),
  age: () => (props.row.days === undefined ? '' : counted(props.row.days, 'day')),
  worth: () => (props.row.worthMinor > 0 ? money(props.row.worthMinor) : ''),
  off: () => (props.row.off === undefined ? '' : `ΔE ${plainNumber(props.row.off, 1)}`),
}
</script>

<template>
  <tr class="row">
    <td class="!pl-5">
      <RowToggle :open="open" @toggle="emit('toggle')">
        <i class="dot" :class="{ none: !colour }" :style="{ background: colour }" aria-hidden="true" />
        {{ material.name }}
      </RowToggle>
    </td>
    <template v-for="column in columns" :key="column">
      <td v-if="column === 'onHand'" class="number">
        {{ show(state.onHand) }}<span v-if="volume" class="block text-xs text-soft">{{ volume }}</span>
      </td>
      <td v-else-if="column === 'state'">
        <span v-if="wrong" class="tag tag-hip">below nothing: count it</span>
        <span v-else-if="short" class="tag tag-hip">{{ lackWords(short, material.unit) }}</span>
        <span v-else-if="claimed > 0" class="tag tag-moss">covered</span>
        <span v-if="short && runsOut" class="block text-xs text-soft"
          >runs out {{ formatWeekday(runsOut) }}</span
        >
        <span v-else-if="spoilsOn" class="block text-xs text-larch"
          >keeps until {{ formatDay(spoilsOn) }}</span
        >
      </td>
      <td
        v-else
        class="number"
        :class="{ 'font-semibold': column === 'over', 'text-hip': column === 'over' && free < -1e-6 }"
      >
        {{ plainWords[column]() }}
      </td>
    </template>
    <td class="number">
      <button v-if="makeable" type="button" class="button button-small mr-1" @click="emit('make')">
        Make<span class="sr-only"> {{ material.name }}</span>
      </button>
      <button type="button" class="button button-small" @click="emit('receive')">
        Receive<span class="sr-only"> {{ material.name }}</span>
      </button>
    </td>
  </tr>
  <template v-if="open">
    <LotRow
      v-for="lot in state.lots"
      :key="lot.lot.id"
      :lot="lot"
      :material="material"
      :columns="columns.length"
    />
    <tr class="said">
      <td :colspan="columns.length + 1" class="!pl-14 text-sm text-soft">{{ said }}</td>
      <td class="number">
        <button
          v-if="colour && material.blendId === undefined"
          type="button"
          class="button button-quiet button-small"
          @click="measuring = true"
        >
          Measure its colour<span class="sr-only">: {{ material.name }}</span>
        </button>
        <button
          v-if="material.blendId === undefined"
          type="button"
          class="button button-quiet button-small"
          @click="emit('edit')"
        >
          Change<span class="sr-only"> {{ material.name }}</span>
        </button>
        <MeasureDialog
          v-if="measuring"
          :title="material.name"
          :material-id="material.id"
          @close="measuring = false"
        />
      </td>
    </tr>
  </template>
</template>

<style scoped>
.row:hover {
  background: var(--color-hover);
}
.said td {
  background: var(--color-hover);
  font-size: 13px;
}
.dot {
  flex: none;
  width: 16px;
  height: 16px;
  border: 1px solid var(--color-line);
}
.dot.none {
  border-color: transparent;
}
.row td {
  padding-top: 2px;
  padding-bottom: 2px;
}
</style>
