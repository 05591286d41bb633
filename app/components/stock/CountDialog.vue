<script setup lang="ts">
import type { LotState, Material } from '~~/core/stock'
import { formatQuantity, parseQuantity, unitName } from '~~/core/units'
import { countLot } from '../../db/commands/stock'

/** Sets a lot right by what was found in it. */
const props = defineProps<{ state: LotState; material: Material }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const notices = useNotices()
const { open } = useDialog(() => emit('close'))
const found = ref('')
const note = ref('')
const fault = ref('')

async function count(): Promise<void> {
  const reading = parseQuantity(found.value, props.material.unit, {
    zero: true,
    pack: props.material.packQuantity,
  })
  if (reading.kind === 'none') {
    fault.value = reading.because
    return
  }
  const answer = await workshop.dispatch(
    countLot,
    props.state.lot.id,
    reading.value,
    note.value.trim() || undefined,
  )
  if (answer.kind === 'none') return
  const difference = formatQuantity(Math.abs(answer.value), props.material.unit)
  notices.done(
    answer.value === 0
      ? 'Counted: the books were right.'
      : `Counted: ${difference} ${answer.value < 0 ? 'less' : 'more'} than the books said.`,
  )
  open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" :title="`Count “${state.lot.label}”`">
    <form class="grid gap-3" @submit.prevent="count">
      <p>The books say {{ formatQuantity(state.onHand, material.unit) }}.</p>
      <TextField v-model="found" :label="`Found, ${unitName(material.unit)}`" :fault="fault" />
      <TextField v-model="note" label="Why, if you know" />
      <div class="flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Write count</button>
      </div>
    </form>
  </BaseDialog>
</template>
