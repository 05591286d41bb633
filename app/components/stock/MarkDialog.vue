<script setup lang="ts">
import type { Lot } from '~~/core/stock'
import { maybe, own, words } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** Where a jar stands, and how it looks. */
const props = defineProps<{ lot: Lot; material: string }>()
defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const saveMark = useDeed('saveMark')
const mark = workshop.lotMarks.find(({ id }) => id === props.lot.id)
const photo = ref(mark?.photo)

const form = useFields(
  {
    shelf: maybe(words({ label: 'Shelf', start: mark?.shelf, placeholder: 'left wall, 2' })),
    box: maybe(words({ label: 'Box', start: mark?.box, placeholder: 'greens' })),
    picture: own('A picture of the jar'),
  },
  {
    send: ({ picture: _picture, ...values }) =>
      saveMark({
        id: props.lot.id,
        ...values,
        ...(photo.value === undefined ? {} : { photo: photo.value }),
      }),
  },
)
</script>

<template>
  <FieldsDialog :title="`${material}, ${lot.label}`" :form="form" act="Keep" @close="$emit('close')">
    <template #picture="{ look }">
      <PictureField v-model="photo" class="col-span-2" :label="look.label" alt="The jar" />
    </template>
  </FieldsDialog>
</template>
