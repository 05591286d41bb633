<script setup lang="ts">
/** A labelled field with its hint, and the fault where there is one. */
withDefaults(
  defineProps<{
    label: string
    hint?: string
    fault?: string
    type?: string
    placeholder?: string
    hideLabel?: boolean
    min?: string | number
    max?: string | number
    step?: string | number
  }>(),
  { hint: '', fault: '', type: 'text', placeholder: '', hideLabel: false },
)
const value = defineModel<string>({ required: true })
defineEmits<{ change: [] }>()
const id = useId()
</script>

<template>
  <div>
    <label class="label" :class="{ 'sr-only': hideLabel }" :for="id">{{ label }}</label>
    <input
      :id="id"
      v-model="value"
      class="field"
      :type="type"
      :placeholder="placeholder"
      :min="min"
      :max="max"
      :step="step"
      autocomplete="off"
      :aria-invalid="fault !== ''"
      :aria-describedby="`${id}-says`"
      @change="$emit('change')"
    />
    <p :id="`${id}-says`" class="mt-0.5 text-sm" :class="fault ? 'text-hip' : 'text-soft'">
      {{ fault || hint }}
    </p>
  </div>
</template>
