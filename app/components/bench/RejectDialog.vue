<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue'
import { partNounPlural, type BatchStep } from '~~/core/batches'
import { faultOf } from '~~/core/safety'
import { noun } from '~~/core/units'

/** Takes pieces out of the batch, with a reason: the usual ones of this step at a tap. */
const props = defineProps<{ done: number; left: number; step: BatchStep; part: string }>()
const emit = defineEmits<{ close: []; reject: [count: number, reason: string, of: 'done' | 'open'] }>()
const { open } = useDialog(() => emit('close'))
const count = ref(1)
const own = ref('')
/** Which pieces: those done in this step, or those not yet done. After a step all are done. */
const of = ref<'done' | 'open'>(props.left > 0 ? 'open' : 'done')
const most = computed(() => (of.value === 'done' ? props.done : props.left))
watch(most, (now) => {
  count.value = Math.min(count.value, Math.max(1, now))
})
const reasons = computed(() => [
  ...new Set([
    ...props.step.faults.map((id) => faultOf(id).looks.toLowerCase()),
    'broke',
    'one-sided',
    'wrong size',
  ]),
])

function reject(reason: string): void {
  if (reason.trim() === '') return
  emit('reject', count.value, reason.trim(), of.value)
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
        <Minus class="size-6" aria-hidden="true" />
      </button>
      <span aria-live="polite" class="min-w-28 text-center"
        >{{ count }} {{ noun(count, part, partNounPlural(part)) }}</span
      >
      <button
        type="button"
        class="button !min-h-[56px] !min-w-[56px] text-2xl"
        aria-label="One more"
        :disabled="count >= most"
        @click="count += 1"
      >
        <Plus class="size-6" aria-hidden="true" />
      </button>
    </div>
    <div v-if="done > 0 && left > 0" class="mb-4 flex" role="group" aria-label="Which pieces">
      <button
        v-for="[key, words] in [
          ['open', `not yet done here (${left})`],
          ['done', `done here already (${done})`],
        ] as const"
        :key="key"
        type="button"
        class="button !min-h-[48px]"
        :class="{ 'button-act': of === key }"
        :aria-pressed="of === key"
        @click="of = key"
      >
        {{ words }}
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
