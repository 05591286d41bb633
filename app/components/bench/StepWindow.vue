<script setup lang="ts">
import type { BatchStep, RunState } from '~~/core/batches'
import { formatCountdown } from '~~/core/units'

/** What closes: the wet time of a round, and how long what the last step put on stays open. */
const props = defineProps<{ state: RunState; step: BatchStep }>()
const nowMs = useClock()

const left = computed(() => props.state.live - props.state.doneInStep)
/** Rounds only matter where the wet time allows fewer than are left. */
const rounds = computed(
  () =>
    props.step.within !== undefined &&
    (props.state.round !== undefined || (props.step.atOnce?.count ?? Infinity) < props.state.live),
)
const round = computed(() => props.state.round)
const windowLeftMs = computed(() => (round.value ? round.value.closesMs - nowMs.value : 0))
/** What is left of the wet time, as a share of it. */
const windowShare = computed(() =>
  round.value ? Math.max(0, windowLeftMs.value / (round.value.closesMs - round.value.sinceMs)) : 0,
)
const leftInRound = computed(() => (round.value ? Math.min(left.value, round.value.left) : 0))
const nextRound = computed(() => Math.min(props.step.atOnce?.count ?? left.value, left.value))
/** What the wait before this step allows at most: glue that stays tacky for a day. */
const followLeftMs = computed(() => (props.state.followByMs ?? 0) - nowMs.value)
</script>

<template>
  <div v-if="state.followByMs !== undefined" class="window" :class="followLeftMs > 0 ? 'closing' : 'closed'">
    <p class="text-[60px] leading-none font-bold tabular-nums" role="timer" aria-live="off">
      {{ followLeftMs > 0 ? formatCountdown(followLeftMs) : 'Closed' }}
    </p>
    <p class="text-[17px] leading-[1.3]">
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
      <p class="text-[60px] leading-none font-bold tabular-nums" role="timer" aria-live="off">
        {{ windowLeftMs > 0 ? formatCountdown(windowLeftMs) : 'Closed' }}
      </p>
      <div class="drains" aria-hidden="true"><i :style="{ width: `${100 * windowShare}%` }" /></div>
      <p class="text-[17px] leading-[1.3]">
        {{
          windowLeftMs > 0
            ? `${leftInRound} more in this round.`
            : `The wet time is over with ${leftInRound} undone: wet them again, then go on.`
        }}
        {{ step.within?.what }}
      </p>
    </template>
    <template v-else>
      <p class="text-[17px] leading-[1.3]">
        <strong>{{ nextRound }} at once.</strong> {{ step.within?.what }} {{ step.atOnce?.what }}
      </p>
    </template>
  </div>
</template>

<style scoped>
.window {
  margin-top: 16px;
  padding: 10px 18px;
  border-left: 6px solid var(--color-line);
  background: var(--color-bench);
  display: grid;
  gap: 8px;
  justify-items: start;
}
/* The wet time runs out from the right. */
.drains {
  width: 100%;
  height: 16px;
  background: var(--color-white);
}
.drains i {
  display: block;
  height: 100%;
  background: var(--color-larch-strong);
}
.window.closing {
  border-color: var(--color-larch-strong);
  background: var(--color-larch-pale);
}
.window.closed {
  border-color: var(--color-hip);
  background: var(--color-hip-pale);
}
</style>
