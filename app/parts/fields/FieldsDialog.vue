<script setup lang="ts">
import type { FieldsForm } from './use-fields'

/** A dialog that is a form of fields: it closes when what was typed has been taken, or is left. */
withDefaults(
  defineProps<{
    title: string
    form: FieldsForm
    act: string
    leave?: string
    disabled?: boolean
    wide?: boolean
    danger?: boolean
    large?: boolean
  }>(),
  { leave: 'Leave it' },
)
const emit = defineEmits<{ close: [] }>()
const { open } = useDialog(() => emit('close'))
const slots = useSlots()
</script>

<template>
  <BaseDialog v-model="open" :title="title" :wide="wide">
    <FieldsForm
      :form="form"
      :act="act"
      :leave="leave"
      :disabled="disabled"
      :danger="danger"
      :large="large"
      @sent="open = false"
      @leave="open = false"
    >
      <template v-for="(_, name) in slots" :key="name" #[name]="bound"
        ><slot :name="name" v-bind="bound ?? {}"
      /></template>
    </FieldsForm>
  </BaseDialog>
</template>
