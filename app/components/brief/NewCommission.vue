<script setup lang="ts">
import { parseRatio } from '~~/core/units'
import { typed, words } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** Asks for no more than a name and a scale; the rest is filled in fairly and changed in the Brief. */
defineEmits<{ close: [] }>()
const saveCommission = useDeed('saveCommission')
const commission = useCommission()

const form = useFields(
  {
    name: words(
      { label: 'Name', placeholder: 'what you call the job', wide: true },
      'A commission needs a name.',
    ),
    scale: typed(
      { label: 'Scale', hint: 'Pick one below, or type 1:43.5, 4mm/ft, 1/4in', wide: true },
      parseRatio,
    ),
  },
  {
    async send({ name, scale }) {
      const answer = await saveCommission({
        name,
        ratio: Math.round(scale * 100) / 100,
        dateDepicted: `${today().slice(0, 4)}-06-20`,
        place: '',
        latitudeDeg: 50,
        altitudeM: 100,
        viewingMm: scale < 60 ? 500 : 700,
        stature: 1,
      })
      if (answer.kind === 'ok') commission.chooseCommission(answer.value.id)
      return answer
    },
  },
)
const ratio = computed(() => {
  const reading = parseRatio(form.texts.value.scale ?? '')
  return reading.kind === 'ok' ? reading.value : 87.1
})
</script>

<template>
  <FieldsDialog title="New commission" wide :form="form" act="Make commission" @close="$emit('close')">
    <template #after>
      <ScaleLadder class="col-span-2" :ratio="ratio" @pick="(picked) => form.set('scale', `1:${picked}`)" />
    </template>
  </FieldsDialog>
</template>
