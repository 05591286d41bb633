<script setup lang="ts">
import type { BatchStep, RunState } from '~~/core/batches'
import { afterWait } from '~~/core/makeup'
import { capitalised, formatCountdown } from '~~/core/units'

/** What can be done while something dries: going on when it is dry; to go on early is asked about. */
const props = defineProps<{ wait: NonNullable<RunState['wait']>; step: BatchStep; paused: boolean }>()
const emit = defineEmits<{ advance: [early: boolean] }>()
const nowMs = useClock()
const early = ref(false)
const waitLeftMs = computed(() => props.wait.untilMs - nowMs.value)
/** Glue dries; what has been sown is ready when it is. */
const ready = computed(() => afterWait(props.step))
</script>

<template>
  <button
    v-if="waitLeftMs <= 0"
    type="button"
    class="button button-act huge"
    :disabled="paused"
    @click="emit('advance', false)"
  >
    Next step
  </button>
  <button v-else type="button" class="button huge" :disabled="paused" @click="early = true">
    It is {{ ready }} already
  </button>
  <ConfirmDialog
    v-model="early"
    :title="`${capitalised(ready)} already?`"
    :act="`It is ${ready}`"
    @confirm="emit('advance', true)"
    >It has {{ formatCountdown(waitLeftMs) }} to go by the plan. Touch one where it doesn’t show. The log
    keeps that you went on early.</ConfirmDialog
  >
</template>
