<script setup lang="ts">
import { mix } from '~~/core/colour'
import { addDays, dateOfDay, dayOfYear, lookOn } from '~~/core/plants'

/** Twelve months, a ribbon for each plant of the commission, and the marker of the date depicted. */
const commission = useCommission()
const track = useTemplateRef<HTMLElement>('track')

const year = computed(() => Number(commission.date.slice(0, 4)))
const days = computed(() => dayOfYear(`${year.value}-12-31`))
const day = computed(() => dayOfYear(commission.date))
const share = computed(() => ((day.value - 0.5) / days.value) * 100)
const months = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D']
const SLICES = 48
const PAPER = '#f6f8f4'

const ribbons = computed(() => commission.lines.map((line) => {
  const species = commission.plants.find((plant) => plant.line.id === line.id)?.species
  // Bare months are paler: less of the colour is there to be seen.
  const stops = species ? Array.from({ length: SLICES }, (_, i) => {
    const look = lookOn(species, dateOfDay(year.value, Math.floor(((i + 0.5) / SLICES) * 365) + 1))
    return mix(look.tones.base, PAPER, 0.4 * (1 - look.leaf))
  }) : []
  return { id: line.id, gradient: `linear-gradient(to right, ${stops.join(', ')})` }
}))
const ribbonHeight = computed(() => Math.max(2.5, Math.min(8, 36 / Math.max(1, ribbons.value.length))))

const spoken = computed(() => new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' }).format(new Date(`${commission.date}T00:00:00Z`)))

function toDay(value: number): void {
  commission.draggedDate = dateOfDay(year.value, Math.min(days.value, Math.max(1, value)))
}
function fromPointer(event: PointerEvent): void {
  const box = track.value?.getBoundingClientRect()
  if (box) toDay(Math.ceil(((event.clientX - box.left) / box.width) * days.value))
}
function grab(event: PointerEvent): void {
  track.value?.setPointerCapture(event.pointerId)
  fromPointer(event)
}
function drag(event: PointerEvent): void {
  if (track.value?.hasPointerCapture(event.pointerId)) fromPointer(event)
}
function press(event: KeyboardEvent): void {
  const steps: Record<string, number> = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1, PageDown: -30, PageUp: 30, Home: 1 - day.value, End: days.value - day.value }
  const by = steps[event.key]
  if (by === undefined) return
  event.preventDefault()
  const moved = addDays(commission.date, event.shiftKey && Math.abs(by) === 1 ? by * 7 : by)
  toDay(moved.slice(0, 4) === commission.date.slice(0, 4) ? dayOfYear(moved) : by < 0 ? 1 : days.value)
}
</script>

<template>
  <div v-if="commission.current" class="band">
    <div ref="track" class="track" @pointerdown="grab" @pointermove="drag" @pointerup="commission.settleDate()" @pointercancel="commission.settleDate()">
      <div class="ribbons" aria-hidden="true">
        <div v-for="ribbon in ribbons" :key="ribbon.id" class="ribbon" :style="{ height: `${ribbonHeight}px`, background: ribbon.gradient }" />
      </div>
      <div class="months" aria-hidden="true"><span v-for="(month, i) in months" :key="i">{{ month }}</span></div>
      <div
        class="marker" role="slider" tabindex="0" aria-label="Date depicted" aria-orientation="horizontal" aria-valuemin="1" :aria-valuemax="days" :aria-valuenow="day" :aria-valuetext="spoken"
        :style="{ left: `${share}%` }" @keydown="press" @keyup="commission.settleDate()" @blur="commission.settleDate()"
      ><span class="flag">{{ formatDay(commission.date) }}</span></div>
    </div>
  </div>
</template>

<style scoped>
.band { min-width: 0; padding: 0 34px; user-select: none; }
.track { position: relative; height: 60px; cursor: ew-resize; touch-action: none; }
.ribbons { position: absolute; left: 0; top: 3px; width: 100%; }
.ribbon { border-bottom: 0.5px solid var(--color-paper); }
.months { position: absolute; left: 0; right: 0; bottom: 2px; display: grid; grid-template-columns: repeat(12, 1fr); text-align: center; font-size: 13px; line-height: 18px; color: var(--color-soft); }
.marker { position: absolute; top: 0; bottom: 2px; width: 24px; margin-left: -12px; }
.marker::before { content: ''; position: absolute; left: 10.5px; top: 0; bottom: 16px; width: 3px; background: var(--color-ink); box-shadow: 0 0 0 1px #fff; }
.flag { position: absolute; left: 50%; bottom: 0; transform: translateX(-50%); padding: 0 9px; border-radius: 3px; background: var(--color-ink); color: #fff; font-size: 13px; line-height: 18px; white-space: nowrap; }
</style>
