<script setup lang="ts">
import type { BatchStep, RunState } from '~~/core/batches'
import { afterWait } from '~~/core/makeup'
import { capitalised, formatCountdown, formatMinutes } from '~~/core/units'

/** What dries, for how long still; going on early is asked about. */
const props = defineProps<{ wait: NonNullable<RunState['wait']>; step: BatchStep; paused: boolean }>()
const emit = defineEmits<{ advance: [early: boolean] }>()
const nowMs = useClock()
const early = ref(false)

const waitLeftMs = computed(() => props.wait.untilMs - nowMs.value)
const waitShare = computed(() =>
  Math.min(1, (nowMs.value - props.wait.sinceMs) / (props.wait.untilMs - props.wait.sinceMs)),
)
/** Glue dries; what has been sown is ready when it is. */
const ready = computed(() => afterWait(props.step))
const WEEK_MS = 7 * 86_400_000
const dryAt = computed(() =>
  new Intl.DateTimeFormat(
    'en-GB',
    waitLeftMs.value > WEEK_MS
      ? { day: 'numeric', month: 'long', year: 'numeric' }
      : { weekday: 'short', hour: '2-digit', minute: '2-digit' },
  ).format(props.wait.untilMs),
)
</script>

<template>
  <div class="wait" :class="{ over: waitLeftMs <= 0 }" role="timer" aria-live="off">
    <p class="big">{{ waitLeftMs > 0 ? formatCountdown(waitLeftMs) : capitalised(ready) }}</p>
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
      :disabled="paused"
      @click="emit('advance', false)"
    >
      Next step
    </button>
    <button v-else type="button" class="button big-tool" :disabled="paused" @click="early = true">
      It is {{ ready }} already
    </button>
  </div>
  <ConfirmDialog
    v-model="early"
    :title="`${capitalised(ready)} already?`"
    :act="`It is ${ready}`"
    @confirm="emit('advance', true)"
    >It has {{ formatCountdown(waitLeftMs) }} to go by the plan. Touch one where it doesn’t show. The log
    keeps that you went on early.</ConfirmDialog
  >
</template>

<style scoped>
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
.wait {
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
.big-tool {
  min-height: 48px;
  font-size: 17px;
}
.huge {
  min-height: 88px;
  min-width: 220px;
  font-size: 26px;
}
</style>
