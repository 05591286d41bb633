<script setup lang="ts">
import type { FieldsForm } from './use-fields'

/** A field of a form in a cell of a table, with its fault under it. */
const props = defineProps<{ form: FieldsForm; name: string }>()
const fault = computed(() => props.form.faults.value[props.name])
</script>

<template>
  <CellField
    class="!w-32"
    :model-value="form.texts.value[name] ?? ''"
    :label="form.lookOf(name).label"
    :fault="fault"
    @update:model-value="(text) => form.set(name, text)"
  />
  <p v-if="fault" class="text-sm text-hip" role="alert">{{ fault }}</p>
</template>
