<script setup lang="ts">
import { partOf, type Batch, type BatchStep, type Run } from '~~/core/batches'

/** Takes pieces out of the batch; a mixture or a harvest has none. */
const props = defineProps<{ batch: Batch; run: Run; step: BatchStep }>()
const emit = defineEmits<{ reject: [count: number, reason: string, of: 'done' | 'open'] }>()
const asking = ref(false)
const state = computed(() => props.run.state)
const part = computed(() => partOf(props.batch))
const isInHand = computed(() => state.value.phase === 'hands')
</script>

<template>
  <template v-if="batch.makes.kind !== 'stock'">
    <button type="button" class="button" :disabled="state.paused || state.live === 0" @click="asking = true">
      Reject a {{ part }}
    </button>
    <RejectDialog
      v-if="asking"
      :done="isInHand ? state.doneInStep : state.live"
      :left="isInHand ? state.live - state.doneInStep : 0"
      :step="step"
      :part="part"
      @close="asking = false"
      @reject="(count, reason, of) => emit('reject', count, reason, of)"
    />
  </template>
</template>
