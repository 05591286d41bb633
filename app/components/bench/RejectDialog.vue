<script setup lang="ts">
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
    <CountField
      v-model="count"
      class="mb-4 text-xl"
      :most="most"
      :words="`${count} ${noun(count, part, partNounPlural(part))}`"
    />
    <SwitchField
      v-if="done > 0 && left > 0"
      v-model="of"
      class="mb-4"
      label="Which pieces"
      hide-label
      :options="[
        { value: 'open', words: `not yet done here (${left})` },
        { value: 'done', words: `done here already (${done})` },
      ]"
    />
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
    <div class="mt-2 flex justify-end">
      <button type="button" class="button !min-h-[48px]" @click="open = false">Leave it</button>
    </div>
  </BaseDialog>
</template>
