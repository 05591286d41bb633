<script setup lang="ts">
import { MM_PER_FOOT, MM_PER_INCH, toRealMm } from '~~/core/units'
import { linear } from '../../drawing/linear'
import { halvedTicks, roundStep, roundTicks } from '../../drawing/ticks'

/** The face of the rule: model lengths above, real ones below; the picked plant, what is typed, and the pointer on it. */
const props = defineProps<{ ratio: number; typedMm?: number | undefined }>()
const shell = useShell()
const workshop = useWorkshop()
const commission = useCommission()
const { model, real } = useFormat()
const face = useTemplateRef<HTMLElement>('face')
const width = useWidth(face)

const imperial = computed(() => workshop.settings.units === 'imperial')

/** What the rule must hold: the tallest plant, the widest, what is typed, and never less than 50 mm. */
const neededMm = computed(
  () =>
    1.06 *
    Math.max(
      48,
      ...commission.plants.map(({ size }) => Math.max(size.heightMm, size.crownWidthMm)),
      props.typedMm ?? 0,
    ),
)
/** Its end where all fits: the next round length. */
const roundMm = computed(() => {
  const step = roundStep(10 / neededMm.value, 1)
  return step * Math.ceil(neededMm.value / step)
})
const INSET = 14
const FACE_PX = 38
/** As long as a drawing on the page has it, so that both have one measure; else so that all fits. */
const scale = computed(() => {
  const end = Math.max(INSET + 1, width.value - INSET)
  const drawn = shell.pxPerMm
  return linear([0, drawn === undefined ? roundMm.value : (end - INSET) / drawn], [INSET, end])
})
const x = (mm: number): number => scale.value.px(mm)

interface Mark {
  readonly x: number
  readonly size: number
  readonly label?: string
}
/** Marks of a side of the rule whose unit is so many model millimetres. */
function marks(unitMm: number, ticksOf: typeof roundTicks, unit: string): Mark[] {
  const { end, pxPerUnit } = scale.value
  return ticksOf([0, end / unitMm], pxPerUnit * unitMm, { tickPx: 4, labelPx: 46 }).map(
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
    ? marks(MM_PER_FOOT / props.ratio, halvedTicks, ' ft')
    : marks(1000 / props.ratio, roundTicks, ' m'),
)

const pointerX = ref<number>()
const pointerMm = computed(() =>
  pointerX.value === undefined ? undefined : scale.value.unit(pointerX.value),
)
function follow(event: PointerEvent): void {
  const box = face.value?.getBoundingClientRect()
  pointerX.value = box ? event.clientX - box.left : undefined
}

const selectedMm = computed(() => commission.selected?.size.heightMm)
const says = (mm: number): string => `${model(mm)} = ${real(toRealMm(mm, props.ratio))}`
/** What is marked, in the order in which it is drawn. */
const marked = computed(() =>
  [
    { of: 'chosen', mm: selectedMm.value },
    { of: 'typed', mm: props.typedMm },
    { of: 'pointer', mm: pointerMm.value },
  ].flatMap(({ of, mm }) => (mm === undefined ? [] : [{ of, x: x(mm) }])),
)
/** What is read out: under the pointer, else of the picked plant; at the left of its mark where the rule ends. */
const reading = computed(() => {
  const of = pointerMm.value === undefined ? 'chosen' : 'pointer'
  const mm = pointerMm.value ?? selectedMm.value
  return mm === undefined ? undefined : { of, text: says(mm), x: x(mm), flip: x(mm) > width.value - 170 }
})
</script>

<template>
  <div
    ref="face"
    class="face relative flex-1 min-w-0 cursor-crosshair"
    @pointermove="follow"
    @pointerleave="pointerX = undefined"
  >
    <svg class="h-full w-full" aria-hidden="true">
      <g v-for="(tick, i) in upper" :key="`u${i}`">
        <line :x1="tick.x" :x2="tick.x" y1="0" :y2="tick.size" />
        <text v-if="tick.label" :x="tick.x + 3" y="16">{{ tick.label }}</text>
      </g>
      <g v-for="(tick, i) in lower" :key="`l${i}`" class="real">
        <line :x1="tick.x" :x2="tick.x" :y1="FACE_PX - tick.size" :y2="FACE_PX" />
        <text v-if="tick.label" :x="tick.x + 3" y="32">{{ tick.label }}</text>
      </g>
      <line
        v-for="mark in marked"
        :key="mark.of"
        :class="mark.of"
        :x1="mark.x"
        :x2="mark.x"
        y1="0"
        :y2="FACE_PX"
      />
    </svg>
    <span
      v-if="reading"
      class="reading"
      :class="[`reading-${reading.of}`, { flip: reading.flip }]"
      :style="{ left: `${reading.x}px` }"
      ><span v-if="reading.of === 'chosen'" class="sr-only">Selected plant: </span>{{ reading.text }}</span
    >
  </div>
</template>

<style scoped>
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
.pointer {
  stroke: var(--color-hip);
  stroke-width: 2;
}
.typed {
  stroke: var(--color-rain);
  stroke-width: 2;
  stroke-dasharray: 4 2;
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
  .face {
    flex: none;
    height: 38px;
  }
}
</style>
