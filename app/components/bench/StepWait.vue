<script setup lang="ts">
import type { BatchStep, RunState } from '~~/core/batches'
import { afterWait } from '~~/core/makeup'
import { capitalised, formatCountdown, formatMinutes } from '~~/core/units'

/** What dries, and for how long still. */
const props = defineProps<{ wait: NonNullable<RunState['wait']>; step: BatchStep }>()
const nowMs = useClock()

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
  </div>
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
  background: var(--color-white);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--color-rain);
}
</style>
