<script setup lang="ts">
import { differenceWords } from '~~/core/blends'
import {
  enoughFor,
  enoughWords,
  insteadWords,
  substitutesFor,
  type Ahead,
  type Substitute,
} from '~~/core/stock'
import { capitalised, counted, formatQuantity, plainNumber } from '~~/core/units'

/** A material's shelf ahead, day by day, and what could stand in. */
const props = defineProps<{ ahead: Ahead }>()
const workshop = useWorkshop()
const substituteMaterial = useDeed('substituteMaterial')
const shelf = useShelf()
const stock = useStock()
const notices = useNotices()
const to = useStationPath()

const state = computed(() => stock.stateById.get(props.ahead.materialId))
const unit = computed(() => state.value?.material.unit ?? 'g')
const show = (quantity: number): string => formatQuantity(quantity, unit.value)
const enough = computed(() => `${capitalised(enoughWords(enoughFor(props.ahead, unit.value)))}.`)
const what = {
  wanted: 'takes',
  order: 'comes of',
  harvest: 'comes of the',
  making: 'is made:',
  spoils: 'no longer keeps',
} as const

/** Lines that take it, with the slot that they take it for. */
const takers = computed(() =>
  workshop.lines.flatMap((line) =>
    (shelf.stockOf.get(line.id)?.makeUp?.slots ?? [])
      .filter(({ parts }) => parts.length === 1 && parts[0]?.material.id === props.ahead.materialId)
      .map(({ slot }) => ({ lineId: line.id, slot: slot.id, name: line.name })),
  ),
)
interface StandIn {
  readonly substitute: Substitute
  /** Lines whose way of making would take it. */
  readonly takers: readonly { readonly lineId: string; readonly slot: string }[]
}
const SHOWN = 4
const standIns = computed<StandIn[]>(() =>
  state.value && props.ahead.runsOut && takers.value.length > 0
    ? substitutesFor(state.value.material, stock.states, shelf.overOf)
        .map((substitute) => ({
          substitute,
          takers: takers.value.filter(({ lineId, slot }) =>
            shelf.wouldTake(lineId, slot, substitute.materialId),
          ),
        }))
        .filter((one) => one.takers.length > 0)
        .slice(0, SHOWN)
    : [],
)
const instead = computed(() => state.value && insteadWords(state.value.material.of))
/** What is lacking of it in the end. */
const lacking = computed(() => props.ahead.lacking.at(-1)?.quantity ?? 0)
function substituteWords({ free, off, sizeRatio }: Substitute): string {
  const size =
    sizeRatio === undefined || Math.abs(sizeRatio - 1) < 0.02
      ? 'the same size'
      : `${plainNumber(sizeRatio, 2)} times the size`
  return [
    free < lacking.value ? `only ${show(free)} free` : `${show(free)} free`,
    ...(off === undefined ? [] : [`${differenceWords(off)} (ΔE ${plainNumber(off, 1)})`]),
    size,
    'the same handwork',
  ].join(', ')
}
async function take({ substitute, takers: willing }: StandIn): Promise<void> {
  const answer = await substituteMaterial(
    willing.map(({ lineId, slot }) => ({ lineId, slot })),
    substitute.materialId,
  )
  if (answer.kind === 'ok')
    notices.done(
      `${counted(answer.value, 'line')} now ${answer.value === 1 ? 'takes' : 'take'} ${substitute.name}; Make-up takes it back.`,
    )
}
</script>

<template>
  <div class="text-[13px]">
    <p>{{ enough }}</p>
    <ol class="days max-w-[860px] mt-1">
      <li v-for="(day, i) in ahead.days" :key="i">
        <span class="text-soft">{{ day.on === undefined ? 'some day' : formatDate(day.on) }}</span>
        <span>{{ what[day.what] }} {{ day.what === 'spoils' ? '' : day.who }}</span>
        <span class="text-right tabular-nums"
          >{{ day.change > 0 ? '+' : '−' }}{{ show(Math.abs(day.change)) }}</span
        >
        <span class="text-right tabular-nums" :class="{ 'text-hip': day.after < 0 }">{{
          day.after < 0 ? `${show(-day.after)} lacking` : `leaves ${show(day.after)}`
        }}</span>
      </li>
    </ol>
    <template v-if="standIns.length > 0">
      <p class="mt-2 font-semibold">What can stand in</p>
      <ul>
        <li
          v-for="one in standIns"
          :key="one.substitute.materialId"
          class="flex flex-wrap items-center gap-3 py-0.5"
        >
          <span>{{ one.substitute.name }}</span>
          <span class="text-soft">{{ substituteWords(one.substitute) }}</span>
          <button type="button" class="button button-small" @click="take(one)">
            Take it in {{ counted(one.takers.length, 'line')
            }}<span class="sr-only">: {{ one.substitute.name }} for {{ state?.material.name }}</span>
          </button>
        </li>
      </ul>
    </template>
    <p v-if="instead && ahead.runsOut" class="mt-2 text-soft">Instead, common practice: {{ instead }}.</p>
    <p class="mt-1">
      <NuxtLink v-if="ahead.runsOut" class="underline" :to="to('stock/buying')">Go to buying</NuxtLink>
      <NuxtLink class="underline ml-3" :to="{ path: to('stock'), query: { material: ahead.materialId } }"
        >See its lots</NuxtLink
      >
    </p>
  </div>
</template>

<style scoped>
.days li {
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr) 100px 130px;
  gap: 10px;
  padding: 2px 0;
}
</style>
