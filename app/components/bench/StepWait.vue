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
  <div
    class="wait mt-4 py-3.5 px-4.5 border-l-6 border-l-rain bg-rain-pale max-w-[640px] grid gap-2 justify-items-start"
    :class="{ over: waitLeftMs <= 0 }"
    role="timer"
    aria-live="off"
  >
    <p class="text-[60px] leading-none font-bold tabular-nums">
      {{ waitLeftMs > 0 ? formatCountdown(waitLeftMs) : capitalised(ready) }}
    </p>
    <p class="text-[17px] leading-[1.3]">
      {{ step.wait?.what }}<template v-if="waitLeftMs > 0">, until {{ dryAt }}</template
      ><template v-if="step.wait?.mostMin !== undefined"
        >, {{ formatMinutes(step.wait.mostMin) }} at most</template
      >
    </p>
    <div class="bar w-full h-2.5 bg-white" aria-hidden="true">
      <i :style="{ width: `${waitShare * 100}%` }" />
    </div>
  </div>
</template>

<style scoped>
.wait.over {
  border-color: var(--color-moss);
  background: var(--color-moss-pale);
}
.bar i {
  display: block;
  height: 100%;
  background: var(--color-rain);
}
</style>
