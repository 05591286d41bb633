<script setup lang="ts">
/** A figure within a sentence, edited in place. */
defineProps<{ label: string; fault: string; placeholder?: string }>()
const text = defineModel<string>({ required: true })
defineEmits<{ change: [] }>()
</script>

<template>
  <input
    v-model="text"
    class="field-inline"
    :aria-label="label"
    :title="label"
    :placeholder="placeholder ?? '…'"
    autocomplete="off"
    :aria-invalid="fault !== ''"
    @change="$emit('change')"
  />
</template>
