<script setup lang="ts">
import { LONGEST_GAP_MS, type Batch, type BatchStep, type Run } from '~~/core/batches'
import { stepHandsMin } from '~~/core/makeup'
import { cautionFootnote, cautionOf, faultOf } from '~~/core/safety'
import { formatCountdown, formatMinutes } from '~~/core/units'

/** One step in large type: what to do, how many are done, what closes, what dries, what can hurt, what goes wrong. */
const props = defineProps<{ batch: Batch; run: Run; step: BatchStep }>()
const emit = defineEmits<{ pieces: [count: number]; round: []; advance: [early: boolean] }>()
const nowMs = useClock()
const early = ref(false)

const state = computed(() => props.run.state)
const left = computed(() => state.value.live - state.value.doneInStep)
const wait = computed(() => state.value.wait)
const waitLeftMs = computed(() => (wait.value ? wait.value.untilMs - nowMs.value : 0))
const waitShare = computed(() =>
  wait.value
    ? Math.min(1, (nowMs.value - wait.value.sinceMs) / (wait.value.untilMs - wait.value.sinceMs))
    : 0,
)
const dryAt = computed(() =>
  wait.value
    ? new Intl.DateTimeFormat('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' }).format(
        wait.value.untilMs,
      )
    : '',
)
/** Rounds only matter where the wet time allows fewer than are left. */
const rounds = computed(
  () =>
    props.step.within !== undefined &&
    (state.value.round !== undefined || (props.step.atOnce?.count ?? Infinity) < state.value.live),
)
const round = computed(() => state.value.round)
const windowLeftMs = computed(() => (round.value ? round.value.closesMs - nowMs.value : 0))
const leftInRound = computed(() => (round.value ? Math.min(left.value, round.value.left) : 0))
const nextRound = computed(() => Math.min(props.step.atOnce?.count ?? left.value, left.value))
/** What the wait before this step allows at most: glue that stays tacky for a day. */
const followLeftMs = computed(() => (state.value.followByMs ?? 0) - nowMs.value)
/** Since the last entry; a gap too long to be work counts as none, as in the log. */
const sinceLastMs = computed(() => {
  const passed = Math.max(0, nowMs.value - state.value.lastMs)
  return passed <= LONGEST_GAP_MS ? passed : 0
})
/** Time at this step so far, and what was planned for it. */
const stepMs = computed(
  () =>
    state.value.stepHandsMs + (state.value.phase === 'hands' && !state.value.paused ? sinceLastMs.value : 0),
)
const plannedMin = computed(() => stepHandsMin(props.step, state.value.live))
/** What the place must give, and what must keep away. */
const placeWords = computed(() => [
  ...props.step.needs.map(
    (need) => ({ ventilation: 'Open the window', daylight: 'In daylight', outdoors: 'Outdoors' })[need],
  ),
  ...(props.step.apart
    ? [`not within ${formatMinutes(props.step.apart.airMin)} of ${props.step.apart.from.join(', ')}`]
    : []),
])
</script>

<template>
  <div class="step">
    <section class="do">
      <h2 class="title">{{ step.title }}</h2>
      <p class="text">{{ step.text }}</p>
      <p v-if="placeWords.length > 0" class="place">{{ placeWords.join('; ') }}.</p>

      <div
        v-if="state.phase === 'waiting' && wait"
        class="wait"
        :class="{ over: waitLeftMs <= 0 }"
        role="timer"
        aria-live="off"
      >
        <p class="big">{{ waitLeftMs > 0 ? formatCountdown(waitLeftMs) : 'Dry' }}</p>
        <p class="says">
          {{ step.wait?.what }}<template v-if="waitLeftMs > 0">, until {{ dryAt }}</template
          ><template v-if="step.wait?.mostMin !== undefined"
            >, {{ formatMinutes(step.wait.mostMin) }} at most</template
          >
        </p>
        <div class="bar" aria-hidden="true"><i :style="{ width: `${waitShare * 100}%` }" /></div>
        <button
          v-if="waitLeftMs <= 0"
          type="button"
          class="button button-act huge"
          :disabled="state.paused"
          @click="emit('advance', false)"
        >
          Next step
        </button>
        <button v-else type="button" class="button big-tool" :disabled="state.paused" @click="early = true">
          It is dry already
        </button>
      </div>

      <template v-else>
        <div
          v-if="state.followByMs !== undefined"
          class="window"
          :class="followLeftMs > 0 ? 'closing' : 'closed'"
        >
          <p class="big" role="timer" aria-live="off">
            {{ followLeftMs > 0 ? formatCountdown(followLeftMs) : 'Closed' }}
          </p>
          <p class="says">
            {{
              followLeftMs > 0
                ? 'Until then what the last step put on stays open.'
                : 'The time for this step is over: try one piece, and do the last step again where it no longer holds.'
            }}
          </p>
        </div>
        <div
          v-if="rounds"
          class="window"
          :class="{ closed: round && windowLeftMs <= 0, closing: round && windowLeftMs > 0 }"
        >
          <template v-if="round">
            <p class="big" role="timer" aria-live="off">
              {{ windowLeftMs > 0 ? formatCountdown(windowLeftMs) : 'Closed' }}
            </p>
            <p class="says">
              {{
                windowLeftMs > 0
                  ? `${leftInRound} more in this round.`
                  : `The wet time is over with ${leftInRound} undone: wet them again, then go on.`
              }}
              {{ step.within?.what }}
            </p>
          </template>
          <template v-else>
            <p class="says">
              <strong>{{ nextRound }} at once.</strong> {{ step.within?.what }} {{ step.atOnce?.what }}
            </p>
            <button
              type="button"
              class="button button-larch big-tool"
              :disabled="state.paused || left === 0"
              @click="emit('round')"
            >
              Start a round of {{ nextRound }}
            </button>
          </template>
        </div>
        <div class="pieces">
          <p class="count" aria-live="polite">
            <strong>{{ state.doneInStep }}</strong> of {{ state.live }}
          </p>
          <button
            type="button"
            class="button button-act huge"
            :disabled="state.paused || left === 0"
            @click="emit('pieces', 1)"
          >
            Piece done
          </button>
          <button
            v-if="round && leftInRound > 1"
            type="button"
            class="button huge-2"
            :disabled="state.paused"
            @click="emit('pieces', leftInRound)"
          >
            These {{ leftInRound }}
          </button>
          <button
            v-if="left > 1"
            type="button"
            class="button huge-2"
            :disabled="state.paused"
            @click="emit('pieces', left)"
          >
            All {{ left }} left
          </button>
        </div>
        <p class="time">
          {{ formatCountdown(stepMs) }} at this step, {{ formatMinutes(plannedMin) }} planned<template
            v-if="step.wait"
          >
            · then {{ step.wait.what.toLowerCase() }}, {{ formatMinutes(step.wait.leastMin) }}</template
          >
        </p>
      </template>
      <p v-if="!rounds && step.atOnce && step.atOnce.count < state.live" class="time">
        {{ step.atOnce.count }} at once. {{ step.atOnce.what }}
      </p>
      <p v-if="step.passes" class="passes"><strong>Passes:</strong> {{ step.passes }}</p>
      <p v-if="state.paused" class="paused" role="status">Paused. Waits go on drying.</p>
    </section>

    <aside class="mind">
      <div v-for="id in step.cautions" :key="id" class="caution">
        <svg width="26" height="24" viewBox="0 0 26 24" aria-hidden="true">
          <path d="M13 1.5 25 22.5H1z" fill="#F7E9CF" stroke="#8A5A08" stroke-width="1.8" />
          <path d="M13 9v6M13 18v1.6" stroke="#8A5A08" stroke-width="2.2" />
        </svg>
        <p>
          <strong>{{ cautionOf(id).title }}.</strong> {{ cautionOf(id).text }}
        </p>
      </div>
      <p v-if="step.cautions.length > 0" class="foot">{{ cautionFootnote }}</p>
      <template v-if="step.faults.length > 0">
        <h3>If it goes wrong</h3>
        <dl class="faults">
          <template v-for="id in step.faults" :key="id"
            ><dt>
              {{ faultOf(id).looks }} <span>({{ faultOf(id).cause }})</span>
            </dt>
            <dd>{{ faultOf(id).todo }}</dd></template
          >
        </dl>
      </template>
    </aside>
    <ConfirmDialog v-model="early" title="Dry already?" act="It is dry" @confirm="emit('advance', true)"
      >It has {{ formatCountdown(waitLeftMs) }} to go by the plan. Touch one where it doesn’t show. The log
      keeps that you went on early.</ConfirmDialog
    >
  </div>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  flex: 1;
}
.do {
  padding: 18px 24px;
}
.title {
  font-size: 30px;
}
.text {
  font-size: 20px;
  line-height: 1.35;
  margin-top: 4px;
  max-width: 46ch;
}
.big {
  font-size: 60px;
  line-height: 1;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.says {
  font-size: 17px;
  line-height: 1.3;
}
.wait,
.window {
  margin-top: 16px;
  padding: 14px 18px;
  border-left: 6px solid var(--color-rain);
  background: var(--color-rain-pale);
  max-width: 640px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
.wait.over {
  border-color: var(--color-moss);
  background: var(--color-moss-pale);
}
.window {
  border-color: var(--color-line);
  background: var(--color-bench);
  padding: 10px 18px;
}
.window.closing {
  border-color: var(--color-larch-strong);
  background: var(--color-larch-pale);
}
.window.closed {
  border-color: var(--color-hip);
  background: var(--color-hip-pale);
}
.bar {
  width: 100%;
  height: 10px;
  background: #fff;
}
.bar i {
  display: block;
  height: 100%;
  background: var(--color-rain);
}
.button-larch {
  border-color: #8a5a08;
  color: #6d4704;
  background: #fff;
}
.pieces {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  margin-top: 16px;
}
.count {
  font-size: 26px;
  min-width: 130px;
  font-variant-numeric: tabular-nums;
}
.count strong {
  font-size: 56px;
  line-height: 1;
}
.huge {
  min-height: 88px;
  min-width: 220px;
  font-size: 26px;
}
.huge-2 {
  min-height: 88px;
  min-width: 120px;
  font-size: 20px;
}
.big-tool {
  min-height: 48px;
  font-size: 17px;
}
.time {
  margin-top: 12px;
  color: var(--color-soft);
  font-variant-numeric: tabular-nums;
}
.place {
  margin-top: 6px;
  font-size: 16px;
  color: var(--color-rain);
}
.passes {
  margin-top: 12px;
  font-size: 16px;
}
.paused {
  margin-top: 12px;
  font-size: 20px;
  font-weight: 650;
  color: #6d4704;
}
.mind {
  border-left: 1px solid var(--color-line);
  padding: 16px 18px;
}
.caution {
  display: flex;
  gap: 10px;
  padding: 6px 0;
  line-height: 1.3;
}
.caution svg {
  flex: none;
}
.foot {
  font-size: 13px;
  color: var(--color-soft);
  margin-bottom: 14px;
}
.faults {
  margin-top: 4px;
  font-size: 14px;
  line-height: 1.3;
}
.faults dt {
  font-weight: 600;
  margin-top: 6px;
}
.faults dt span {
  font-weight: 400;
  color: var(--color-soft);
}
@media (max-width: 900px) {
  .step {
    grid-template-columns: minmax(0, 1fr);
  }
  .mind {
    border-left: 0;
    border-top: 1px solid var(--color-line);
  }
  .huge {
    min-width: 160px;
    flex: 1;
  }
  .do {
    padding: 12px 16px;
  }
  .title {
    font-size: 26px;
  }
  .text {
    font-size: 18px;
  }
}
</style>
