<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { MM_PER_FOOT, MM_PER_INCH, parseLength, toModelMm, toRealMm } from '~~/core/units'

/** A wooden rule: model lengths above, real ones below, at the commission's ratio. */
const workshop = useWorkshop()
const commission = useCommission()
const { model, real } = useFormat()
const face = useTemplateRef<HTMLElement>('face')
const { width } = useElementSize(face)

const ratio = computed(() => commission.current?.ratio ?? 1)
const imperial = computed(() => workshop.settings.units === 'imperial')

/** The rule is as long as the tallest plant needs, and never shorter than 50 mm. */
const lengthMm = computed(() => {
  const tallest = Math.max(
    42,
    ...commission.plants.map(({ size }) => Math.max(size.heightMm, size.crownWidthMm)),
    typedMm.value ?? 0,
  )
  const steps = [50, 75, 100, 150, 200, 250, 300, 400, 500, 750, 1000, 1500, 2000, 5000, 10_000, 100_000]
  return steps.find((step) => step >= tallest * 1.06) ?? tallest * 1.1
})
const INSET = 14
const x = (mm: number): number => INSET + (mm / lengthMm.value) * Math.max(1, width.value - 2 * INSET)

interface Tick {
  readonly x: number
  readonly size: number
  readonly label?: string
}
const MIN_LABEL_PX = 42

/** Ticks of a scale whose unit is `unitMm` model millimetres, labelled as often as there is room. */
function ticks(unitMm: number, parts: readonly number[], label: (units: number) => string): Tick[] {
  const pxPerUnit = x(unitMm) - x(0)
  const every = parts.find((part) => part * pxPerUnit >= MIN_LABEL_PX) ?? Math.ceil(MIN_LABEL_PX / pxPerUnit)
  const fine = parts.filter((part) => part * pxPerUnit >= 4)[0] ?? every
  const list: Tick[] = []
  const count = Math.floor(lengthMm.value / unitMm / fine + 1e-6)
  for (let i = 0; i <= count; i += 1) {
    const units = i * fine
    const whole = Math.abs(units / every - Math.round(units / every)) < 1e-6
    const half = Math.abs(units / (every / 2) - Math.round(units / (every / 2))) < 1e-6
    list.push({
      x: x(units * unitMm),
      size: whole ? 9 : half ? 6 : 4,
      ...(whole ? { label: label(units) } : {}),
    })
  }
  return list
}
const round = (value: number): string => String(Math.round(value * 100) / 100)
const upper = computed(() =>
  imperial.value
    ? ticks(MM_PER_INCH, [0.125, 0.25, 0.5, 1, 2, 5, 10], (n) => `${round(n)} in`)
    : ticks(1, [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 5000], round),
)
const lower = computed(() =>
  imperial.value
    ? ticks(MM_PER_FOOT / ratio.value, [0.5, 1, 2, 5, 10, 20, 50, 100], (n) => `${round(n)} ft`)
    : ticks(1000 / ratio.value, [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100], (n) => `${round(n)} m`),
)

const pointerX = ref<number>()
const pointerMm = computed(() =>
  pointerX.value === undefined
    ? undefined
    : Math.min(
        lengthMm.value,
        Math.max(0, ((pointerX.value - INSET) / Math.max(1, width.value - 2 * INSET)) * lengthMm.value),
      ),
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
  <section class="rule" aria-label="Scale rule">
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
          <text v-if="tick.label" :x="tick.x + 3" y="17">{{ tick.label }}</text>
        </g>
        <g v-for="(tick, i) in lower" :key="`l${i}`" class="real">
          <line :x1="tick.x" :x2="tick.x" :y1="54 - tick.size" y2="54" />
          <text v-if="tick.label" :x="tick.x + 3" y="45">{{ tick.label }}</text>
        </g>
        <line
          v-if="selectedMm !== undefined"
          class="chosen"
          :x1="x(selectedMm)"
          :x2="x(selectedMm)"
          y1="0"
          y2="54"
        />
        <line v-if="typedMm !== undefined" class="asked" :x1="x(typedMm)" :x2="x(typedMm)" y1="0" y2="54" />
        <line
          v-if="pointerMm !== undefined"
          class="pointer"
          :x1="x(pointerMm)"
          :x2="x(pointerMm)"
          y1="0"
          y2="54"
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
  </section>
</template>

<style scoped>
.rule {
  position: relative;
  display: flex;
  height: 56px;
  background: var(--color-wood);
  border-top: 2px solid #b9a877;
}
.typed {
  position: relative;
  display: flex;
  align-items: center;
  gap: 5px;
  padding: 0 8px;
  border-right: 1px solid #cdbf97;
}
.box {
  width: 74px;
  height: 32px;
  padding: 0 6px;
  border: 1px solid #9c8a58;
  border-radius: 3px;
  background: #fffdf6;
  font-size: 14px;
}
.box[aria-invalid='true'] {
  border: 2px solid var(--color-hip);
}
.fault {
  position: absolute;
  left: 8px;
  bottom: 54px;
  padding: 4px 8px;
  background: #fff;
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
  font-size: 12px;
  fill: #4f4222;
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
  top: 19px;
  margin-left: 4px;
  padding: 0 5px;
  font-size: 13px;
  line-height: 15px;
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
  color: #235036;
}
@media (max-width: 900px) {
  .typed {
    display: none;
  }
}
</style>
