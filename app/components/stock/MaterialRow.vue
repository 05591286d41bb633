<script setup lang="ts">
import {
  colourOf,
  lackWords,
  volumeWords,
  type LotState,
  type Shortage,
  type StockState,
} from '~~/core/stock'
import { formatQuantity } from '~~/core/units'
import { measureWords } from './material-words'

const props = defineProps<{
  state: StockState
  claimed: number
  short?: Shortage
  open: boolean
  makeable: boolean
}>()
const emit = defineEmits<{ toggle: []; receive: []; edit: []; make: [] }>()
const { money } = useFormat()
const workshop = useWorkshop()
const counting = ref<LotState>()
const marking = ref<LotState>()
const { marks, placeOf } = useLotMarks()
const measuring = ref(false)
const measuringLot = ref<LotState>()
const labels = useJarLabels()

/** Paid, worked out from what went into it, or not known; nothing paid is a price. */
function priceWords({ lot, unitPriceMinor, received }: LotState): string {
  if (lot.priceMinor !== undefined) return lot.priceMinor === 0 ? 'nothing paid' : money(lot.priceMinor)
  return unitPriceMinor === undefined ? 'no price' : `${money(unitPriceMinor * received)}, worked out`
}
const show = (quantity: number): string => formatQuantity(quantity, props.state.material.unit)
const colour = computed(() => colourOf(props.state.material.of))
const free = computed(() => props.state.onHand - props.claimed)
const ahead = computed(() => useBuying().aheads.get(props.state.material.id))
const runsOut = computed(() => ahead.value?.runsOut?.on)
/** The first day that some of it no longer keeps. */
const spoilsOn = computed(() => ahead.value?.days.find(({ what }) => what === 'spoils')?.on)
const wrong = computed(() => props.state.lots.some(({ onHand }) => onHand < 0))
</script>

<template>
  <tr class="row">
    <td class="!pl-5">
      <RowToggle :open="open" @toggle="emit('toggle')">
        <i class="dot" :class="{ none: !colour }" :style="{ background: colour }" aria-hidden="true" />
        {{ state.material.name }}
      </RowToggle>
    </td>
    <td class="number">
      {{ show(state.onHand)
      }}<span v-if="volumeWords(state.material, state.onHand)" class="block text-xs text-soft">{{
        volumeWords(state.material, state.onHand)
      }}</span>
    </td>
    <td class="number">{{ claimed > 0 ? show(claimed) : '' }}</td>
    <td class="number font-semibold" :class="{ 'text-hip': free < -1e-6 }">{{ show(free) }}</td>
    <td>
      <span v-if="wrong" class="tag tag-hip">below nothing: count it</span>
      <span v-else-if="short" class="tag tag-hip">{{ lackWords(short, state.material.unit) }}</span>
      <span v-else-if="claimed > 0" class="tag tag-moss">covered</span>
      <span v-if="short && runsOut" class="block text-xs text-soft"
        >runs out {{ formatWeekday(runsOut) }}</span
      >
      <span v-else-if="spoilsOn" class="block text-xs text-larch">keeps until {{ formatDay(spoilsOn) }}</span>
    </td>
    <td class="number">
      <button v-if="makeable" type="button" class="button button-small mr-1" @click="emit('make')">
        Make<span class="sr-only"> {{ state.material.name }}</span>
      </button>
      <button type="button" class="button button-small" @click="emit('receive')">
        Receive<span class="sr-only"> {{ state.material.name }}</span>
      </button>
    </td>
  </tr>
  <template v-if="open">
    <tr v-for="lot in state.lots" :key="lot.lot.id" class="lot">
      <td class="!pl-14">
        {{ lot.lot.label }}
        <span class="text-soft"
          >· {{ lot.lot.source }} {{ formatDate(lot.lot.date) }}{{ lot.lot.place ? `, ${lot.lot.place}` : ''
          }}{{ placeOf(lot.lot.id) ? ` · ${placeOf(lot.lot.id)}` : '' }}</span
        >
        <img
          v-if="marks.get(lot.lot.id)?.photo"
          :src="marks.get(lot.lot.id)?.photo"
          :alt="`Picture of ${lot.lot.label}`"
          class="ml-2 inline-block h-9 border border-line"
        />
      </td>
      <td class="number" :class="{ 'text-hip': lot.onHand < 0 }">{{ show(lot.onHand) }}</td>
      <td class="text-soft">of {{ show(lot.received) }}</td>
      <td class="number text-soft">
        {{ priceWords(lot) }}
      </td>
      <td class="text-sm text-soft">{{ lot.lot.note }}</td>
      <td class="number">
        <button
          v-if="colour && state.material.blendId === undefined"
          type="button"
          class="button button-quiet button-small"
          @click="measuringLot = lot"
        >
          Measure<span class="sr-only"> the colour of {{ lot.lot.label }}</span>
        </button>
        <button
          type="button"
          class="button button-quiet button-small"
          @click="labels.print([{ material: state.material, lot: lot.lot }], fileNameOf(lot.lot.label))"
        >
          Label<span class="sr-only"> for {{ lot.lot.label }}</span>
        </button>
        <button type="button" class="button button-quiet button-small" @click="marking = lot">
          Place<span class="sr-only"> of {{ lot.lot.label }}</span>
        </button>
        <button type="button" class="button button-small" @click="counting = lot">
          Count<span class="sr-only"> {{ lot.lot.label }}</span>
        </button>
      </td>
    </tr>
    <tr class="lot">
      <td colspan="5" class="!pl-14 text-sm text-soft">
        {{
          [
            state.lots.length === 0 ? 'No lots yet' : '',
            measureWords(state.material, workshop.settings.units),
            state.material.measured
              ? `colour measured ${formatDate(state.material.measured.date)}, ${state.material.measured.light}`
              : '',
            state.material.note ?? '',
          ]
            .filter(Boolean)
            .join(' · ')
        }}
      </td>
      <td class="number">
        <button
          v-if="colour && state.material.blendId === undefined"
          type="button"
          class="button button-quiet button-small"
          @click="measuring = true"
        >
          Measure its colour<span class="sr-only">: {{ state.material.name }}</span>
        </button>
        <button
          v-if="state.material.blendId === undefined"
          type="button"
          class="button button-quiet button-small"
          @click="emit('edit')"
        >
          Change<span class="sr-only"> {{ state.material.name }}</span>
        </button>
      </td>
    </tr>
  </template>
  <MeasureDialog
    v-if="measuring"
    :title="state.material.name"
    :material-id="state.material.id"
    @close="measuring = false"
  />
  <MeasureDialog
    v-if="measuringLot"
    :title="`${state.material.name}, ${measuringLot.lot.label}`"
    :lot="{
      id: measuringLot.lot.id,
      label: `${state.material.name}, ${measuringLot.lot.label}`,
      materialId: state.material.id,
    }"
    @close="measuringLot = undefined"
  />
  <MarkDialog
    v-if="marking"
    :lot="marking.lot"
    :material="state.material.name"
    @close="marking = undefined"
  />
  <CountDialog v-if="counting" :state="counting" :material="state.material" @close="counting = undefined" />
</template>

<style scoped>
.row:hover {
  background: #eef2ec;
}
.lot td {
  background: #eef2ec;
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
