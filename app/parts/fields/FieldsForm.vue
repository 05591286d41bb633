<script setup lang="ts">
import type { FieldsForm } from './use-fields'

/**
 * A form of fields with its two answers. A slot with the name of a field stands in its place; `before` and `after` hold
 * what is only said, `aside` what is done instead.
 */
const props = withDefaults(
  defineProps<{
    form: FieldsForm
    act: string
    leave?: string
    /** Within a larger dialog, which is left as a whole. */
    noLeave?: boolean
    disabled?: boolean
    /** What is done cannot be taken back. */
    danger?: boolean
    /** At the Bench, for fingers with glue on them. */
    large?: boolean
  }>(),
  { leave: 'Leave it' },
)
const emit = defineEmits<{ sent: []; leave: [] }>()
const own = useTemplateRef<HTMLFormElement>('own')
const shown = computed(() =>
  props.form.names
    .map((name) => ({ name, look: props.form.lookOf(name) }))
    .filter(({ look }) => !look.hidden),
)
async function submit(): Promise<void> {
  if (await props.form.submit()) return void emit('sent')
  await nextTick()
  own.value?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus()
}
</script>

<template>
  <form ref="own" class="grid grid-cols-2 gap-x-3 gap-y-2" novalidate @submit.prevent="submit">
    <slot name="before" />
    <template v-for="{ name, look } in shown" :key="name">
      <slot :name="name" :look="look" :fault="form.faults.value[name]">
        <FormField
          v-if="look.kind !== 'own'"
          :class="{ 'col-span-2': look.wide }"
          :kind="look.kind"
          :look="look"
          :fault="form.faults.value[name]"
          :model-value="form.texts.value[name] ?? ''"
          @update:model-value="(text) => form.set(name, text)"
        />
      </slot>
    </template>
    <slot name="after" />
    <div class="answers col-span-2">
      <slot name="aside" />
      <button
        v-if="!noLeave"
        type="button"
        class="button"
        :class="{ '!min-h-12': large }"
        @click="emit('leave')"
      >
        {{ leave }}
      </button>
      <button
        type="submit"
        class="button"
        :class="[danger ? 'button-danger' : 'button-act', { '!min-h-12': large }]"
        :disabled="disabled || form.busy.value"
        :aria-busy="form.busy.value"
      >
        {{ act }}
      </button>
    </div>
  </form>
</template>
