<script setup lang="ts">
import { threadsOf, workStates, type Bench, type ActivitySlot } from '~~/core/schedule'
import { useStackDrag } from '../../composables/stack-drag'
import { shownSittings, useStackLayout, type Zoom } from '../../composables/stack-layout'

/** Evenings as they come, one under the other: hands in strips, and waits as threads down to where they are taken up. */
const props = defineProps<{
  bench: Bench
  placed: readonly (ActivitySlot | undefined)[]
  zoom: Zoom
  letters: ReadonlyMap<string, string>
  names: ReadonlyMap<string, string>
}>()
const selected = defineModel<number>('selected')
const calendar = useCalendar()

const frame = ref<HTMLElement>()
const width = useWidth(frame)
const sittings = computed(() => shownSittings(calendar.sittings, props.zoom, props.placed))
function nameOf(work: number): string {
  const own = props.bench.works[work]
  return own ? `${props.letters.get(own.batchId) ?? ''} ${own.step.title}` : ''
}
const jobOf = (work: number | undefined): number | undefined =>
  work === undefined ? undefined : props.bench.problem.works[work]?.job
/** A step of the batch that is picked. */
const isMine = (work: number): boolean =>
  selected.value !== undefined && jobOf(work) === jobOf(selected.value)
const layout = useStackLayout(
  () => props.bench,
  () => props.placed,
  () => sittings.value,
  () => props.zoom,
  () => Math.max(420, width.value),
  nameOf,
  isMine,
)
const { rows, boxes, height, sizes } = layout
const states = computed(() => workStates(props.bench, props.placed))
const threads = computed(() =>
  threadsOf(props.bench, props.placed).flatMap((thread) => {
    const path = layout.pathOf(thread)
    const mine = isMine(thread.from)
    // Those of the batch that is picked, and what closes whoever looks: all at once they hide each other.
    return path && (mine || thread.closesAt !== undefined) ? [{ ...thread, path, mine }] : []
  }),
)

const { clock, personOf, severalPeople } = useBenchWords(() => props.bench)
/** Full hours over the strips, as far as their words fit, and what dries behind the steps. */
const HOUR_WORDS_PX = 40
const hours = computed(() =>
  rows.value.flatMap((row) =>
    layout
      .hoursOf(row, clock)
      .filter(({ x }) => x < width.value - HOUR_WORDS_PX)
      .map((hour) => ({ ...hour, y: row.y - 16, height: row.height + 12 })),
  ),
)
const tails = computed(() => boxes.value.flatMap((_, work) => layout.tailOf(work) ?? []))
const keyOf = (work: number): string => {
  const own = props.bench.works[work]
  return own ? `${own.batchId}|${own.step.id}|${own.partsAfter}` : String(work)
}
function labelOf(work: number): string {
  const own = props.bench.works[work]
  const spot = props.placed[work]
  if (!own || !spot) return ''
  const part = own.parts > 1 ? `, part ${own.part + 1} of ${own.parts}` : ''
  const stateWords = {
    late: ', late',
    closing: ', follows within its window',
    tight: ', nothing to spare',
    loose: '',
  }
  return `${props.names.get(own.batchId) ?? ''}: ${own.step.title}${part}, ${clock(spot.start)} to ${clock(spot.end)}, ${personOf(spot.worker)}${stateWords[states.value[work] ?? 'loose']}${own.pinned ? ', pinned' : ''}`
}

const { drag, answer, ghosts, press, move, drop, leave, key } = useStackDrag({
  frame,
  layout,
  all: () => calendar.sittings,
  placed: () => props.placed,
  keyOf,
  isPinned: (work) => props.bench.works[work]?.pinned ?? false,
  pick: (key) => {
    selected.value = props.bench.works.findIndex((_, i) => keyOf(i) === key)
  },
})
const under = computed(() => rows.value.flatMap(({ strips }) => strips.flatMap(({ names }) => names)))
const isUnder = computed(() => new Set(under.value.map(({ work }) => work)))
/** In the box where it fits, or where there is no room for it under the strip: cut then, as far as it can be read. */
const LEAST_READ_PX = 58
const titleShown = (work: number): boolean =>
  props.zoom !== 'season' &&
  !isUnder.value.has(work) &&
  (layout.nameFits(work) || (boxes.value[work]?.width ?? 0) > LEAST_READ_PX)
</script>

<template>
  <div ref="frame" class="relative select-none" :style="{ height: `${height}px` }" @keydown.esc="leave">
    <StackEvenings
      :rows="rows"
      :zoom="zoom"
      :strip-px="sizes.strip"
      :clock="clock"
      :person-of="severalPeople ? personOf : undefined"
      :over="drag.over"
      :refused="answer?.kind === 'none'"
    />
    <StackRuler v-if="zoom !== 'season'" :hours="hours" :tails="tails" />
    <StackNames :names="under" :words-of="nameOf" :is-mine="isMine" />
    <svg
      class="threads absolute inset-0 pointer-events-none"
      :height="height"
      width="100%"
      aria-hidden="true"
    >
      <path
        v-for="thread in threads"
        :key="`${thread.from}-${thread.to}`"
        :d="thread.path"
        :class="{ window: thread.closesAt !== undefined, mine: thread.mine }"
      />
    </svg>
    <template v-for="(box, work) in boxes" :key="keyOf(work)">
      <button
        v-if="box"
        type="button"
        class="work"
        :class="[
          states[work],
          {
            pinned: bench.works[work]?.pinned,
            begun: bench.works[work]?.begun,
            mine: isMine(work),
            selected: selected === work,
            lifted: drag.work === work,
            small: zoom === 'season' || box.width < 22,
          },
        ]"
        :style="{ left: `${box.x}px`, top: `${box.y}px`, width: `${box.width}px`, height: `${box.height}px` }"
        :data-work="keyOf(work)"
        :aria-label="labelOf(work)"
        :title="labelOf(work)"
        @pointerdown="press($event, work)"
        @pointermove="move"
        @pointerup="drop"
        @pointercancel="leave"
        @click="selected = work"
        @keydown="key($event, work)"
      >
        <span v-if="box.width >= 10" class="letter font-bold flex-none">{{
          letters.get(bench.works[work]?.batchId ?? '')
        }}</span>
        <span v-if="titleShown(work)" class="overflow-hidden text-ellipsis whitespace-nowrap">{{
          bench.works[work]?.step.title
        }}</span>
      </button>
    </template>
    <div
      v-for="{ work, box } in ghosts"
      :key="`ghost-${keyOf(work)}`"
      class="absolute border-2 border-dashed border-moss rounded-sm pointer-events-none z-3"
      :style="{ left: `${box.x}px`, top: `${box.y}px`, width: `${box.width}px`, height: `${box.height}px` }"
    />
    <DragAnswer
      v-if="drag.work !== undefined && answer"
      :answer="answer"
      :x="drag.x"
      :y="drag.y"
      :within="width"
    />
  </div>
</template>

<style scoped>
.threads path {
  fill: none;
  stroke: var(--color-rain);
  stroke-width: 1.25;
  opacity: 0.55;
}
.threads path.window {
  stroke: var(--color-larch-strong);
  stroke-dasharray: 5 3;
  opacity: 1;
}
.threads path.mine {
  stroke-width: 2.25;
  opacity: 1;
}
.work {
  position: absolute;
  display: flex;
  align-items: center;
  gap: 5px;
  overflow: hidden;
  padding: 0 4px;
  background: var(--color-white);
  border: 1px solid var(--color-soft);
  border-radius: 3px;
  text-align: left;
  font-size: 13px;
  line-height: 1.1;
  touch-action: none;
  cursor: grab;
}
.work.small {
  padding: 0;
  font-size: 11px;
  justify-content: center;
}
.tight {
  border-width: 2px;
  border-color: var(--color-ink);
}
.closing {
  background: var(--color-larch-pale);
  border: 2px dashed var(--color-larch);
}
.late {
  border: 2px solid var(--color-hip);
  background: repeating-linear-gradient(135deg, var(--color-white) 0 5px, var(--color-hip-pale) 5px 10px);
}
.pinned::after {
  content: '';
  position: absolute;
  right: 3px;
  top: 3px;
  width: 6px;
  height: 6px;
  border-radius: 50%;
  background: var(--color-ink);
}
.begun .letter {
  text-decoration: underline;
}
.mine {
  background-color: var(--color-moss-pale);
}
.selected {
  outline: 2px solid var(--color-moss);
  outline-offset: 1px;
  z-index: 2;
}
.lifted {
  opacity: 0.35;
}
</style>
