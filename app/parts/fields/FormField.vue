<script setup lang="ts">
import type { Choice } from './choice'
import type { FieldLook } from './field'

/** One field of a form, by its kind. */
defineProps<{ kind: string; look: FieldLook; fault?: string }>()
const text = defineModel<string>({ required: true })
const choices = (own: FieldLook): readonly Choice<string>[] => own.choices ?? []
</script>

<template>
  <DateField
    v-if="kind === 'day'"
    v-model="text"
    :label="look.label"
    :hint="look.hint"
    :fault="fault"
    :past="look.past"
  />
  <SelectField
    v-else-if="kind === 'choice'"
    v-model="text"
    :label="look.label"
    :options="choices(look)"
    :hint="look.hint"
    :fault="fault"
    :empty="look.placeholder || 'choose'"
  />
  <SwitchField v-else-if="kind === 'switch'" v-model="text" :label="look.label" :options="choices(look)" />
  <label v-else-if="kind === 'tick'" class="flex min-h-10 items-center gap-2"
    ><input
      type="checkbox"
      class="size-5 accent-moss"
      :checked="text === 'yes'"
      @change="text = ($event.target as HTMLInputElement).checked ? 'yes' : ''"
    /><span
      >{{ look.label }}<span v-if="look.hint" class="text-soft">: {{ look.hint }}</span></span
    ></label
  >
  <TextField
    v-else
    v-model="text"
    :label="look.label"
    :hint="look.hint"
    :fault="fault"
    :placeholder="look.placeholder"
  />
</template>
