<script setup lang="ts">
import { mix } from '~~/core/colour'
import { hazeOf } from '~~/core/commissions'
import { addDays } from '~~/core/units'
import { dateOfDay, dayOfYear, lookOn, type Look, type Species } from '~~/core/plants'

/**
 * Twelve months, a ribbon for each plant of the commission at its place, and the marker of the date depicted.
 * A ribbon under the pointer is put into words.
 */
const commission = useCommission()
const track = useTemplateRef<HTMLElement>('track')
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const width = useWidth(track)

const year = computed(() => Number(commission.date.slice(0, 4)))
const days = computed(() => dayOfYear(`${year.value}-12-31`))
const day = computed(() => dayOfYear(commission.date))
const share = computed(() => ((day.value - 0.5) / days.value) * 100)
/** Where today stands in the year: the hand looks for it first. */
const todayShare = computed(() => ((dayOfYear(`${year.value}${today().slice(4)}`) - 0.5) / days.value) * 100)
/** The flag stands beside its marker, on the side where there is room. */
const isLate = computed(() => share.value > 80)
const months = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D']
const paper = token('paper')
const RIBBONS_PX = 26

/** The thinnest ribbon that can be told from the next; lines of more than so many are shown kind by kind. */
const LEAST_PX = 1.2
const MOST_RIBBONS = Math.floor(RIBBONS_PX / LEAST_PX)
const rows = computed(() => {
  const { lines, speciesOfLines } = commission
  if (speciesOfLines.size <= MOST_RIBBONS)
    return lines.flatMap(({ id, name }) => {
      const species = speciesOfLines.get(id)
      return species ? [{ id, name, species }] : []
    })
  return [...new Set(speciesOfLines.values())]
    .slice(0, MOST_RIBBONS)
    .map((species) => ({ id: species.id, name: species.common, species }))
})
const ribbonPx = computed(() => Math.max(LEAST_PX, Math.min(8, RIBBONS_PX / Math.max(1, rows.value.length))))
const haze = computed(() => (commission.current ? hazeOf(commission.current) : 0))
const lookOf = (species: Species, at: number): Look =>
  lookOn(species, dateOfDay(year.value, at), commission.place, { haze: haze.value })

// Where a browser does not tell when it is idle, a moment later will do.
const [request, cancel] =
  'requestIdleCallback' in globalThis
    ? [(work: () => void) => requestIdleCallback(work), (id: number) => cancelIdleCallback(id)]
    : [(work: () => void) => window.setTimeout(work, 60), (id: number) => window.clearTimeout(id)]

/** A ribbon is looked at every so many days; between them its colours run into each other. */
const LOOK_DAYS = 4
/** Ribbons that are to be painted still. */
let unpainted: number[] = []
let idle = 0
/** Ribbons are painted for so long at once, ms. */
const SLICE_MS = 12

/** All ribbons: a bare crown is paler, because less of it is there to be seen. */
function paint(): void {
  const context = canvas.value?.getContext('2d')
  if (!context || !commission.current) return
  context.clearRect(0, 0, 366, RIBBONS_PX * 2)
  unpainted = rows.value.map((_, row) => row)
  goOn()
}
/** Paints what is left, as long as it holds nothing up. */
function goOn(): void {
  const context = canvas.value?.getContext('2d')
  const until = performance.now() + SLICE_MS
  while (context && performance.now() < until) {
    const row = unpainted.shift()
    if (row === undefined) return
    paintRow(context, row)
  }
  if (context) whenIdle(goOn)
}
function paintRow(context: CanvasRenderingContext2D, row: number): void {
  const species = rows.value[row]?.species
  if (!species) return
  const high = ribbonPx.value * 2
  const ribbon = context.createLinearGradient(0.5, 0, days.value - 0.5, 0)
  const last = days.value - 1
  for (let at = 0; at <= last; at = at < last ? Math.min(last, at + LOOK_DAYS) : Infinity) {
    const look = lookOf(species, at + 1)
    ribbon.addColorStop(at / last, mix(look.overall, paper, 0.42 * (1 - look.leaf) * (1 - look.flower.share)))
  }
  context.fillStyle = ribbon
  context.fillRect(0, row * high, days.value, high - (ribbonPx.value > 2.4 ? 1 : 0))
}
function whenIdle(work: () => void): void {
  cancel(idle)
  idle = request(work)
}
onBeforeUnmount(() => cancel(idle))
const place = computed(() => [
  year.value,
  commission.current?.latitudeDeg,
  commission.current?.altitudeM,
  haze.value,
  rows.value.map(({ species }) => species),
  days.value,
])
watch([place, canvas], paint, { flush: 'post' })
onMounted(paint)

const inWords = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' })
const spoken = computed(() => inWords.format(new Date(`${commission.date}T00:00:00Z`)))

const asked = ref<{ x: number; row: number; day: number }>()
const answer = computed(() => {
  const row = asked.value && rows.value[asked.value.row]
  if (!asked.value || !row) return undefined
  const look = lookOf(row.species, asked.value.day)
  const details = [
    `leaves ${Math.round(look.leaf * 100)} %`,
    look.flower.share > 0.02 ? `flower ${Math.round(look.flower.share * 100)} %` : '',
    look.fruit.share > 0.02 ? `fruit ${Math.round(look.fruit.share * 100)} %` : '',
    look.height < 0.99 ? `${Math.round(look.height * 100)} % of its height` : '',
    `BBCH ${look.bbch.map((code) => String(code).padStart(2, '0')).join(', ')}`,
  ]
  return {
    x: Math.min(width.value - 150, Math.max(150, asked.value.x)),
    name: row.name,
    when: formatDay(dateOfDay(year.value, asked.value.day)),
    look,
    details: details.filter(Boolean).join(' · '),
  }
})

const dayAt = (event: PointerEvent): number => {
  const box = track.value?.getBoundingClientRect()
  return box
    ? Math.min(days.value, Math.max(1, Math.ceil(((event.clientX - box.left) / box.width) * days.value)))
    : 1
}
function toDay(value: number): void {
  commission.draggedDate = dateOfDay(year.value, Math.min(days.value, Math.max(1, value)))
}
function grab(event: PointerEvent): void {
  track.value?.setPointerCapture(event.pointerId)
  toDay(dayAt(event))
}
function drag(event: PointerEvent): void {
  const dragging = track.value?.hasPointerCapture(event.pointerId) ?? false
  if (dragging) toDay(dayAt(event))
  const box = track.value?.getBoundingClientRect()
  const row = box ? Math.floor((event.clientY - box.top - 3) / ribbonPx.value) : -1
  asked.value =
    !dragging && box && row >= 0 && row < rows.value.length
      ? { x: event.clientX - box.left, row, day: dayAt(event) }
      : undefined
}
function press(event: KeyboardEvent): void {
  const steps: Record<string, number> = {
    ArrowLeft: -1,
    ArrowDown: -1,
    ArrowRight: 1,
    ArrowUp: 1,
    PageDown: -30,
    PageUp: 30,
    Home: 1 - day.value,
    End: days.value - day.value,
  }
  const by = steps[event.key]
  if (by === undefined) return
  event.preventDefault()
  const moved = addDays(commission.date, event.shiftKey && Math.abs(by) === 1 ? by * 7 : by)
  toDay(moved.slice(0, 4) === commission.date.slice(0, 4) ? dayOfYear(moved) : by < 0 ? 1 : days.value)
}
</script>

<template>
  <div v-if="commission.current" class="min-w-0 px-2 select-none">
    <div
      ref="track"
      class="track relative h-11.75 cursor-ew-resize touch-none"
      @pointerdown="grab"
      @pointermove="drag"
      @pointerleave="asked = undefined"
      @pointerup="commission.settleDate()"
      @pointercancel="commission.settleDate()"
    >
      <canvas
        ref="canvas"
        class="absolute left-0 top-0.75 w-full [image-rendering:auto]"
        :width="days"
        :height="RIBBONS_PX * 2"
        :style="{ height: `${RIBBONS_PX}px` }"
        aria-hidden="true"
      />
      <div
        class="absolute left-0 right-0 bottom-0 grid grid-cols-[repeat(12,1fr)] text-center text-[13px] leading-[17px] text-soft"
        aria-hidden="true"
      >
        <span v-for="(month, i) in months" :key="i">{{ month }}</span>
      </div>
      <span
        class="absolute top-7.25 w-1.75 h-1 -ml-[3.5px] bg-soft [clip-path:polygon(50%_0,_100%_100%,_0_100%)]"
        aria-hidden="true"
        title="Today"
        :style="{ left: `${todayShare}%` }"
      />
      <div
        class="marker absolute top-0 bottom-3.75 w-6 -ml-3"
        role="slider"
        tabindex="0"
        aria-label="Date depicted"
        aria-orientation="horizontal"
        aria-valuemin="1"
        :aria-valuemax="days"
        :aria-valuenow="day"
        :aria-valuetext="spoken"
        :style="{ left: `${share}%` }"
        @keydown="press"
        @keyup="commission.settleDate()"
        @blur="commission.settleDate()"
      >
        <span class="flag" :class="{ late: isLate }">{{ formatDay(commission.date) }}</span>
      </div>
      <div
        v-if="answer"
        class="answer absolute top-12.5 [transform:translateX(-50%)] w-max max-w-85 py-1.5 px-2.5 border border-soft rounded-md bg-white text-[13px] leading-[1.3] z-20 pointer-events-none"
        role="tooltip"
        :style="{ left: `${answer.x}px` }"
      >
        <p>
          <LookSwatch :look="answer.look" /> <strong>{{ answer.name }}</strong>, {{ answer.when }}:
          {{ answer.look.words }}
        </p>
        <p class="text-soft mt-0.5">{{ answer.details }}</p>
      </div>
    </div>
  </div>
</template>

<style scoped>
.marker::before {
  content: '';
  position: absolute;
  left: 10.5px;
  top: 0;
  bottom: 0;
  width: 3px;
  background: var(--color-ink);
  box-shadow: 0 0 0 1px var(--color-white);
}
/* Over the ribbons and beside its line: months stay readable. */
.flag {
  position: absolute;
  left: 17px;
  top: 7px;
  padding: 0 7px;
  border-radius: 3px;
  background: var(--color-ink);
  color: var(--color-white);
  font-size: 13px;
  line-height: 18px;
  white-space: nowrap;
}
.flag.late {
  left: auto;
  right: 17px;
}
</style>
