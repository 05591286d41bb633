<script setup lang="ts">
import type { LotState, Material } from '~~/core/stock'
import { formatQuantity } from '~~/core/units'
import { note, quantity } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** Sets a lot right by what was found in it. */
const props = defineProps<{ state: LotState; material: Material }>()
defineEmits<{ close: [] }>()
const countLot = useDeed('countLot')
const notices = useNotices()
const { unit, packQuantity } = props.material

const form = useFields(
  {
    found: quantity(unit, { label: 'Found', wide: true }, { zero: true, pack: packQuantity }),
    note: note({ label: 'Why, if you know' }),
  },
  {
    async send({ found, note: why }) {
      const answer = await countLot(props.state.lot.id, found, why)
      if (answer.kind === 'none') return answer
      const difference = formatQuantity(Math.abs(answer.value), unit)
      notices.done(
        answer.value === 0
          ? 'Counted: the books were right.'
          : `Counted: ${difference} ${answer.value < 0 ? 'less' : 'more'} than the books said.`,
      )
    },
  },
)
</script>

<template>
  <FieldsDialog :title="`Count “${state.lot.label}”`" :form="form" act="Write count" @close="$emit('close')">
    <template #before>
      <p class="col-span-2">The books say {{ formatQuantity(state.onHand, material.unit) }}.</p>
    </template>
  </FieldsDialog>
</template>
