<script setup lang="ts">
import type { BatchStep } from '~~/core/batches'
import { faults } from '~~/core/methods'

/** Takes pieces out of the batch, with a reason: the usual ones of this step at a tap. */
const props = defineProps<{ live: number; step: BatchStep }>()
const emit = defineEmits<{ close: []; reject: [count: number, reason: string] }>()
const open = ref(true)
watch(open, (now) => {
  if (!now) emit('close')
})
const count = ref(1)
const own = ref('')
const reasons = computed(() => [
  ...new Set([
    ...props.step.faults.map((id) => faults[id].looks.toLowerCase()),
    'broke',
    'one-sided',
    'wrong size',
  ]),
])

function reject(reason: string): void {
  if (reason.trim() === '') return
  emit('reject', count.value, reason.trim())
  open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" title="Reject">
    <div class="mb-4 flex items-center gap-3 text-xl">
      <button
        type="button"
        class="button !min-h-[56px] !min-w-[56px] text-2xl"
        aria-label="One less"
        :disabled="count <= 1"
        @click="count -= 1"
      >
        −
      </button>
      <span aria-live="polite" class="min-w-28 text-center"
        >{{ count }} {{ count === 1 ? 'piece' : 'pieces' }}</span
      >
      <button
        type="button"
        class="button !min-h-[56px] !min-w-[56px] text-2xl"
        aria-label="One more"
        :disabled="count >= live"
        @click="count += 1"
      >
        +
      </button>
    </div>
    <p class="label">Why</p>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="reason in reasons"
        :key="reason"
        type="button"
        class="button !min-h-[48px]"
        @click="reject(reason)"
      >
        {{ reason }}
      </button>
    </div>
    <form class="mt-4 flex items-end gap-2" @submit.prevent="reject(own)">
      <TextField v-model="own" label="Another reason" class="flex-1" />
      <button type="submit" class="button mb-[20px]" :disabled="own.trim() === ''">Reject</button>
    </form>
  </BaseDialog>
</template>
