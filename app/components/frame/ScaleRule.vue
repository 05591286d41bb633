<script setup lang="ts">
import { X } from '@lucide/vue'
import { scaleLinear } from 'd3-scale'
import { MM_PER_FOOT, MM_PER_INCH, parseLength, toModelMm, toRealMm } from '~~/core/units'
import { halvedTicks, roundTicks } from '../../drawing/ticks'

/**
 * A wooden rule: model lengths above, real ones below, at the commission's ratio. Where nothing is drawn to its measure
 * it is a strip that opens.
 */
const shell = useShell()
const place = usePlace()
const open = computed(() => shell.rule ?? place.value?.rule ?? false)
const workshop = useWorkshop()
const commission = useCommission()
const { model, real } = useFormat()
const face = useTemplateRef<HTMLElement>('face')
const width = useWidth(face)

const ratio = computed(() => commission.current?.ratio ?? 1)
const imperial = computed(() => workshop.settings.units === 'imperial')

/** What the rule must hold: the tallest plant, the widest, what is typed, and never less than 50 mm. */
const neededMm = computed(
  () =>
    1.06 *
    Math.max(
      48,
      ...commission.plants.map(({ size }) => Math.max(size.heightMm, size.crownWidthMm)),
      typedMm.value ?? 0,
    ),
)
const INSET = 14
const FACE_PX = 38
/** As long as a drawing on the page has it, so that both have one measure; else so that all fits. */
const scale = computed(() => {
  const end = Math.max(INSET + 1, width.value - INSET)
  const drawn = shell.pxPerMm
  return drawn === undefined
    ? scaleLinear([0, neededMm.value], [INSET, end]).nice().clamp(true)
    : scaleLinear([0, (end - INSET) / drawn], [INSET, end]).clamp(true)
})
const x = (mm: number): number => scale.value(mm)

interface Mark {
  readonly x: number
  readonly size: number
  readonly label?: string
}
/** Marks of a side of the rule whose unit is so many model millimetres. */
function marks(unitMm: number, ticksOf: typeof roundTicks, unit: string): Mark[] {
  const [, lengthMm = 0] = scale.value.domain()
  const pxPerUnit = (x(lengthMm) - x(0)) / (lengthMm / unitMm)
  return ticksOf([0, lengthMm / unitMm], pxPerUnit, { tickPx: 4, labelPx: 46 }).map(
    ({ value, labelled, half }) => ({
      x: x(value * unitMm),
      size: labelled ? 8 : half ? 5 : 3,
      // A number that would run over the rule's end is left out.
      ...(labelled && x(value * unitMm) < width.value - 34 ? { label: `${value}${unit}` } : {}),
    }),
  )
}
const upper = computed(() =>
  imperial.value ? marks(MM_PER_INCH, halvedTicks, ' in') : marks(1, roundTicks, ''),
)
const lower = computed(() =>
  imperial.value
    ? marks(MM_PER_FOOT / ratio.value, halvedTicks, ' ft')
    : marks(1000 / ratio.value, roundTicks, ' m'),
)

const pointerX = ref<number>()
const pointerMm = computed(() =>
  pointerX.value === undefined ? undefined : scale.value.invert(pointerX.value),
)
function follow(event: PointerEvent): void {
  const box = face.value?.getBoundingClientRect()
  pointerX.value = box ? event.clientX - box.left : undefined
}

const modelText = ref('')
const realText = ref('')
const fault = ref('')
const typedMm = ref<number>()

/** A length typed on one side shows on the other. */
function typed(side: 'model' | 'real'): void {
  const text = side === 'model' ? modelText.value : realText.value
  fault.value = ''
  if (text.trim() === '') {
    modelText.value = ''
    realText.value = ''
    typedMm.value = undefined
    return
  }
  const reading = parseLength(
    text,
    side === 'model' ? (imperial.value ? 'in' : 'mm') : imperial.value ? 'ft' : 'm',
  )
  if (reading.kind === 'none') {
    fault.value = reading.because
    typedMm.value = undefined
    return
  }
  typedMm.value = side === 'model' ? reading.value : toModelMm(reading.value, ratio.value)
  if (side === 'model') realText.value = real(toRealMm(reading.value, ratio.value))
  else modelText.value = model(typedMm.value)
}
watch(ratio, () => typed(realText.value ? 'real' : 'model'))

const selectedMm = computed(() => commission.selected?.size.heightMm)
const says = (mm: number): string => `${model(mm)} = ${real(toRealMm(mm, ratio.value))}`
const flip = (mm: number): boolean => x(mm) > width.value - 170
</script>

<template>
  <button
    v-if="!open"
    type="button"
    class="strip"
    aria-label="Open the scale rule"
    aria-expanded="false"
    @click="shell.rule = true"
  >
    <template v-if="selectedMm !== undefined">{{ says(selectedMm) }}</template>
  </button>
  <section v-else class="rule" :class="{ asked: shell.rule }" aria-label="Scale rule">
    <form class="typed" @submit.prevent>
      <label class="sr-only" for="rule-model">Model length</label>
      <input
        id="rule-model"
        v-model="modelText"
        class="box"
        placeholder="31mm"
        autocomplete="off"
        :aria-invalid="fault !== ''"
        aria-describedby="rule-fault"
        @input="typed('model')"
      />
      <span aria-hidden="true">=</span>
      <label class="sr-only" for="rule-real">Real length</label>
      <input
        id="rule-real"
        v-model="realText"
        class="box"
        placeholder="8ft6"
        autocomplete="off"
        :aria-invalid="fault !== ''"
        aria-describedby="rule-fault"
        @input="typed('real')"
      />
      <p id="rule-fault" class="fault" role="status">{{ fault }}</p>
    </form>
    <div ref="face" class="face" @pointermove="follow" @pointerleave="pointerX = undefined">
      <svg class="h-full w-full" aria-hidden="true">
        <g v-for="(tick, i) in upper" :key="`u${i}`" class="model">
          <line :x1="tick.x" :x2="tick.x" y1="0" :y2="tick.size" />
          <text v-if="tick.label" :x="tick.x + 3" y="16">{{ tick.label }}</text>
        </g>
        <g v-for="(tick, i) in lower" :key="`l${i}`" class="real">
          <line :x1="tick.x" :x2="tick.x" :y1="FACE_PX - tick.size" :y2="FACE_PX" />
          <text v-if="tick.label" :x="tick.x + 3" y="32">{{ tick.label }}</text>
        </g>
        <line
          v-if="selectedMm !== undefined"
          class="chosen"
          :x1="x(selectedMm)"
          :x2="x(selectedMm)"
          y1="0"
          :y2="FACE_PX"
        />
        <line
          v-if="typedMm !== undefined"
          class="asked"
          :x1="x(typedMm)"
          :x2="x(typedMm)"
          y1="0"
          :y2="FACE_PX"
        />
        <line
          v-if="pointerMm !== undefined"
          class="pointer"
          :x1="x(pointerMm)"
          :x2="x(pointerMm)"
          y1="0"
          :y2="FACE_PX"
        />
      </svg>
      <span
        v-if="pointerMm !== undefined"
        class="reading reading-pointer"
        :class="{ flip: flip(pointerMm) }"
        :style="{ left: `${x(pointerMm)}px` }"
        >{{ says(pointerMm) }}</span
      >
      <span
        v-else-if="selectedMm !== undefined"
        class="reading reading-chosen"
        :class="{ flip: flip(selectedMm) }"
        :style="{ left: `${x(selectedMm)}px` }"
        ><span class="sr-only">Selected plant: </span>{{ says(selectedMm) }}</span
      >
    </div>
    <button
      v-if="shell.rule || !place?.rule"
      type="button"
      class="close"
      aria-label="Close the scale rule"
      @click="shell.rule = false"
    >
      <X class="size-4" aria-hidden="true" />
    </button>
  </section>
</template>

<style scoped>
.rule {
  position: relative;
  display: flex;
  height: 40px;
  background: var(--color-wood);
  border-top: 2px solid var(--color-wood-edge);
}
.strip {
  display: block;
  width: 100%;
  height: 16px;
  padding: 0 24px;
  border-top: 2px solid var(--color-wood-edge);
  background: var(--color-wood);
  color: var(--color-wood-line);
  font-size: 12px;
  line-height: 13px;
  text-align: right;
}
.strip:focus-visible {
  outline-offset: -2px;
}
.close {
  display: grid;
  place-items: center;
  width: 40px;
  color: var(--color-wood-line);
}
.typed {
  position: relative;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 0 8px;
  border-right: 1px solid var(--color-wood-edge);
}
.box {
  width: 74px;
  height: 28px;
  padding: 0 6px;
  border: 1px solid var(--color-wood-line);
  border-radius: 3px;
  background: var(--color-wood-pale);
  font-size: 14px;
}
.box[aria-invalid='true'] {
  border: 2px solid var(--color-hip);
}
.fault {
  position: absolute;
  left: 8px;
  bottom: 40px;
  padding: 4px 8px;
  background: var(--color-white);
  border: 1px solid var(--color-hip);
  border-radius: 3px;
  color: var(--color-hip);
  font-size: 13px;
  white-space: nowrap;
  z-index: 5;
}
.fault:empty {
  display: none;
}
.face {
  position: relative;
  flex: 1;
  min-width: 0;
  cursor: crosshair;
}
line {
  stroke: var(--color-wood-line);
  stroke-width: 1;
}
text {
  font-size: 11px;
  fill: var(--color-wood-ink);
  font-variant-numeric: tabular-nums;
}
.real line {
  stroke: var(--color-rain);
}
.real text {
  fill: var(--color-rain);
}
.chosen {
  stroke: var(--color-moss);
  stroke-width: 2;
}
.asked {
  stroke: var(--color-rain);
  stroke-width: 2;
  stroke-dasharray: 4 2;
}
.pointer {
  stroke: var(--color-hip);
  stroke-width: 2;
}
.reading {
  position: absolute;
  /* Over figures whole, not over half of them. */
  top: 0;
  height: 38px;
  margin-left: 2px;
  padding: 0 6px;
  font-size: 13px;
  line-height: 38px;
  font-weight: 650;
  white-space: nowrap;
  background: var(--color-wood);
  pointer-events: none;
}
.reading.flip {
  transform: translateX(calc(-100% - 12px));
}
.reading-pointer {
  color: var(--color-hip);
}
.reading-chosen {
  color: var(--color-moss-deep);
}
@media (max-width: 700px) {
  .strip,
  .rule:not(.asked) {
    display: none;
  }
  .rule {
    flex-direction: column-reverse;
    height: auto;
  }
  .face {
    flex: none;
    height: 38px;
  }
  .typed {
    padding: 8px;
    border: 0;
  }
  .box {
    flex: 1;
    height: 44px;
  }
  .close {
    position: absolute;
    right: 0;
    top: 38px;
    height: 60px;
  }
}
</style>
