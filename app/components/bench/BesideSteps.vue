<script setup lang="ts">
import { stepAt, type Batch, type Run } from '~~/core/batches'
import { afterWait } from '~~/core/makeup'
import { formatCountdown } from '~~/core/units'

/** What else of the batch dries, and what else of it can be done now. */
const props = defineProps<{ batch: Batch; run: Run; open: readonly number[] }>()
const emit = defineEmits<{ turn: [step: number] }>()
const nowMs = useClock()

const drying = computed(() =>
  [...props.run.state.waits].flatMap(([at, { untilMs }]) => {
    if (at === props.run.state.stepIndex) return []
    const step = stepAt(props.batch, at)
    const leftMs = untilMs - nowMs.value
    const word = afterWait(step)
    return [{ at, title: step.title, says: leftMs > 0 ? `${word} in ${formatCountdown(leftMs)}` : word }]
  }),
)
</script>

<template>
  <ul
    v-if="drying.length + open.length > 0"
    class="mt-3 grid gap-1.5 justify-items-start"
    aria-label="Beside it"
  >
    <li v-for="one in drying" :key="`dry-${one.at}`" class="flex flex-wrap items-center gap-3">
      <span class="text-[16px] tabular-nums text-rain">{{ one.title }}: {{ one.says }}</span>
      <button type="button" class="button !min-h-[48px]" @click="emit('turn', one.at)">
        Go to it<span class="sr-only">: {{ one.title }}</span>
      </button>
    </li>
    <li v-for="at in open" :key="`open-${at}`">
      <button type="button" class="button !min-h-[48px]" @click="emit('turn', at)">
        Do “{{ stepAt(batch, at).title }}” now
      </button>
    </li>
  </ul>
</template>
