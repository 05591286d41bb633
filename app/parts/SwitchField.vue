<script setup lang="ts" generic="V extends string">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import type { Choice } from './fields/choice'

/** One of a few, all in sight: one boxed row. */
defineProps<{ label: string; options: readonly Choice<V>[]; hideLabel?: boolean }>()
const value = defineModel<V>({ required: true })
</script>

<template>
  <RadioGroup v-model="value">
    <RadioGroupLabel as="span" class="label" :class="{ 'sr-only': hideLabel }">{{ label }}</RadioGroupLabel>
    <div class="flex flex-wrap">
      <RadioGroupOption
        v-for="option in options"
        :key="option.value"
        v-slot="{ checked }"
        as="template"
        :value="option.value"
        :disabled="option.disabled"
      >
        <button type="button" class="switch-part" :class="{ on: checked }" :title="option.title">
          {{ option.words }}
        </button>
      </RadioGroupOption>
    </div>
  </RadioGroup>
</template>
