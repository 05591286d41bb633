<script setup lang="ts">
import { methodCoefficient } from '~~/core/methods'
import { amountOf, explain, keyOf, type Figure, type Leaf } from '~~/core/quantities'
import { originWords, plainNumber, readNumber } from '~~/core/units'

/** A figure that can be asked where it comes from: one click shows its formula and what went into it. */
const props = defineProps<{ figure: Figure; label: string; text?: string }>()
const { figure: show } = useFormat()
const shown = computed(() => props.text ?? show(props.figure))
const id = useId()
const open = ref(false)
const explained = computed(() => (open.value ? explain(props.figure) : undefined))
const percent = (share: number): string => `${Math.round(share * 100)} %`
const place = ref<Record<string, string>>({})

const setCoefficient = useDeed('setCoefficient', 'here')
/** The coefficient that is being set by its maker, and what is typed for it. */
const setting = ref('')
const typed = ref('')
const fault = ref('')
function begin({ coefficient, value }: Leaf): void {
  setting.value = coefficient ?? ''
  typed.value = plainNumber(value, 4)
  fault.value = ''
}
async function set(id: string, value: number | undefined): Promise<void> {
  const answer = await setCoefficient(id, value)
  fault.value = answer.kind === 'none' ? answer.because : ''
  if (answer.kind === 'ok') setting.value = ''
}
async function store(id: string): Promise<void> {
  const value = readNumber(typed.value)
  if (value === undefined) fault.value = `Read “${typed.value}”; allowed is a number.`
  else await set(id, value)
}
const rangeOf = (id: string): string => {
  const coefficient = methodCoefficient(id)
  return coefficient ? `${coefficient.range[0]} to ${coefficient.range[1]} ${coefficient.unit}` : ''
}

const WIDTH = 420
/** Where a panel with a long list of inputs and the form to set one surely fits. */
const ROOMY = 480
/**
 * Keeps the panel on the screen: below the figure where there is room, else on the side with more of it; what
 * is longer scrolls.
 */
function settle(event: MouseEvent): void {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const under = window.innerHeight - box.bottom
  const below = under > ROOMY || under >= box.top
  place.value = {
    left: `${Math.max(8, Math.min(window.innerWidth - WIDTH - 8, box.right - WIDTH))}px`,
    maxHeight: `${Math.max(120, (below ? under : box.top) - 12)}px`,
    ...(below
      ? { top: `${box.bottom + 4}px`, bottom: 'auto' }
      : { bottom: `${window.innerHeight - box.top + 4}px`, top: 'auto' }),
  }
}
</script>

<template>
  <span class="inline-block">
    <button
      type="button"
      class="figure"
      :popovertarget="id"
      :aria-expanded="open"
      :aria-label="`${label}: ${show(figure)}. Where from?`"
      @click="settle"
    >
      {{ shown }}
    </button>
    <span
      :id="id"
      popover
      class="panel"
      :style="place"
      @toggle="open = ($event as ToggleEvent).newState === 'open'"
    >
      <template v-if="explained">
        <strong class="block">{{ label }}: {{ show(figure) }}</strong>
        <span class="mt-1 block text-sm">{{ explained.formula }}</span>
        <span v-if="explained.numbers" class="block text-xs text-soft tabular-nums"
          >= {{ explained.numbers }}</span
        >
        <span v-if="explained.doubt" class="mt-1 block text-xs"
          >May be off by about {{ percent(explained.doubt.share) }}; “{{ explained.doubt.by.name }}” matters
          most{{
            explained.doubt.byShare < 0.995 ? `: ${percent(explained.doubt.byShare)} of the doubt` : ''
          }}.</span
        >
        <span
          v-if="explained.leaves.length + explained.details.length > 0"
          class="table w-full mt-2 text-[13px]"
          role="table"
          aria-label="What went into it"
        >
          <span v-for="input in explained.leaves" :key="keyOf(input)" class="row table-row" role="row">
            <span role="cell"
              >{{ input.name
              }}<span v-if="input.note" class="block text-xs text-soft">{{ input.note }}</span></span
            >
            <span role="cell" class="text-right whitespace-nowrap">{{ amountOf(input) }}</span>
            <span role="cell" class="text-xs whitespace-nowrap text-soft"
              >{{ originWords[input.origin] }}
              <template v-if="input.coefficient && methodCoefficient(input.coefficient)">
                <button type="button" class="min-h-6 px-1 underline text-rain" @click="begin(input)">
                  set
                </button>
                <button
                  v-if="input.origin === 'yours'"
                  type="button"
                  class="min-h-6 px-1 underline text-rain"
                  @click="set(input.coefficient, undefined)"
                >
                  take back
                </button>
              </template>
            </span>
          </span>
          <span v-for="detail in explained.details" :key="detail.name" class="row table-row" role="row">
            <span role="cell"
              >{{ detail.name
              }}<span v-if="detail.note" class="block text-xs text-soft">{{ detail.note }}</span></span
            >
            <span role="cell" class="text-right whitespace-nowrap">{{ detail.words }}</span>
            <span role="cell" class="text-xs whitespace-nowrap text-soft">{{
              originWords[detail.origin]
            }}</span>
          </span>
        </span>
        <form v-if="setting" class="mt-2 flex flex-wrap items-center gap-2" @submit.prevent="store(setting)">
          <label class="text-sm" :for="`${id}-own`">{{ methodCoefficient(setting)?.name }}, yours</label>
          <input :id="`${id}-own`" v-model="typed" class="field field-cell w-24" inputmode="decimal" />
          <button type="submit" class="button button-small">Set</button>
          <button type="button" class="button button-small button-quiet" @click="setting = ''">
            Leave it
          </button>
          <span class="w-full text-xs text-soft">allowed is {{ rangeOf(setting) }}</span>
          <span v-if="fault" class="w-full text-sm text-hip" role="alert">{{ fault }}</span>
        </form>
        <span v-for="law in explained.laws" :key="law.name" class="mt-1 block text-xs text-soft"
          >{{ law.name }}: {{ law.source }}</span
        >
      </template>
    </span>
  </span>
</template>

<style scoped>
.figure {
  min-height: 28px;
  padding: 0 3px;
  margin: 0 -3px;
  border-bottom: 1px dotted var(--color-edge);
  font: inherit;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.figure:hover {
  background: var(--color-bench);
}
.panel {
  position: fixed;
  inset: auto;
  margin: 0;
  width: 420px;
  overflow: auto;
  padding: 12px 14px;
  border: 1px solid var(--color-soft);
  border-radius: 4px;
  background: var(--color-white);
  color: var(--color-ink);
  text-align: left;
  white-space: normal;
  font-weight: 400;
  font-size: 15px;
  line-height: 1.35;
}
.row > span {
  display: table-cell;
  padding: 4px 8px 4px 0;
  border-bottom: 1px solid var(--color-line);
  vertical-align: top;
}
</style>
