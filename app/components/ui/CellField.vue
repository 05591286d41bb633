<script setup lang="ts">
/** A field in a cell of a table: its label is read out, not shown. */
const text = defineModel<string>({ required: true })
defineProps<{ label: string; fault?: string; placeholder?: string }>()
defineEmits<{ change: [] }>()
</script>

<template>
  <input
    v-model="text"
    class="field field-cell"
    autocomplete="off"
    :aria-label="label"
    :aria-invalid="fault ? true : undefined"
    :placeholder="placeholder"
    @change="$emit('change')"
  />
</template>
