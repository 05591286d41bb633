<script setup lang="ts">
import type { Batch } from '~~/core/batches'
import { afterWait } from '~~/core/makeup'
import { formatCountdown } from '~~/core/units'

/** The open batches, each with what it waits for. */
defineProps<{ batches: readonly Batch[]; current?: Batch | undefined }>()
const stock = useStock()
const nowMs = useClock()

function says(batch: Batch): { text: string; tone: string } {
  const state = stock.runs.get(batch.id)?.state
  if (!state) return { text: '', tone: '' }
  if (state.phase === 'planned') return { text: 'planned', tone: '' }
  if (state.phase === 'done') return { text: 'to be finished', tone: 'late' }
  if (state.wait) {
    const word = afterWait(batch.plan.steps[state.stepIndex] ?? {})
    return state.wait.untilMs > nowMs.value
      ? { text: `${word} in ${formatCountdown(state.wait.untilMs - nowMs.value)}`, tone: 'wait' }
      : { text: word, tone: 'late' }
  }
  if (state.round)
    return state.round.closesMs > nowMs.value
      ? { text: `window ${formatCountdown(state.round.closesMs - nowMs.value)}`, tone: 'late' }
      : { text: 'window closed', tone: 'gone' }
  if (state.followByMs !== undefined)
    return state.followByMs > nowMs.value
      ? { text: `open ${formatCountdown(state.followByMs - nowMs.value)}`, tone: 'late' }
      : { text: 'no longer open', tone: 'gone' }
  return {
    text: state.paused ? 'paused' : `step ${state.stepIndex + 1} of ${batch.plan.steps.length}`,
    tone: '',
  }
}
</script>

<template>
  <Teleport v-if="batches.length > 0" defer to="#strip">
    <nav class="flex h-11.75 overflow-x-auto" aria-label="Open batches">
      <NuxtLink
        :to="{ query: { tonight: '1' } }"
        class="tab"
        :class="{ here: !current }"
        :aria-current="current ? undefined : 'true'"
      >
        <span class="font-semibold whitespace-nowrap overflow-hidden text-ellipsis">Tonight</span
        ><span class="says">in which order</span>
      </NuxtLink>
      <NuxtLink
        v-for="batch in batches"
        :key="batch.id"
        :to="{ query: { batch: batch.id } }"
        class="tab"
        :class="{ here: batch.id === current?.id }"
        :aria-current="batch.id === current?.id ? 'true' : undefined"
      >
        <span class="font-semibold whitespace-nowrap overflow-hidden text-ellipsis">{{
          batch.name
        }}</span><span class="says" :class="says(batch).tone">{{ says(batch).text }}</span>
      </NuxtLink>
    </nav>
  </Teleport>
</template>

<style scoped>
.tab {
  flex: none;
  display: flex;
  flex-direction: column;
  justify-content: center;
  max-width: 240px;
  padding: 0 16px;
  border-right: 1px solid var(--color-line);
  border-bottom: 3px solid transparent;
  line-height: 18px;
}
.here {
  background: var(--color-paper);
  border-bottom-color: var(--color-moss);
}
.says {
  font-size: 13px;
  color: var(--color-soft);
  font-variant-numeric: tabular-nums;
}
.wait {
  color: var(--color-rain);
}
.late {
  color: var(--color-larch-deep);
  font-weight: 600;
}
.gone {
  color: var(--color-hip);
  font-weight: 600;
}
</style>
