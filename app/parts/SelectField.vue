<script setup lang="ts" generic="V extends string | number | undefined">
import { Listbox, ListboxButton, ListboxLabel, ListboxOption, ListboxOptions } from '@headlessui/vue'
import { Check, ChevronDown } from '@lucide/vue'
import { useFloat } from './floats'
import type { Choice } from './fields/choice'

/** One of a list: typed by its first letters, gone through with the arrows, or tapped. */
const props = withDefaults(
  defineProps<{
    label: string
    options: readonly Choice<V>[]
    hint?: string
    fault?: string
    hideLabel?: boolean
    /** In a cell of a table or a row of tools: its label is read out, and it says nothing below. */
    cell?: boolean
    /** In a row of tools, with its label at the left. */
    beside?: boolean
    disabled?: boolean
    /** What stands there while nothing is chosen. */
    empty?: string
  }>(),
  { hint: '', fault: '', hideLabel: false, cell: false, beside: false, disabled: false, empty: 'choose' },
)
const value = defineModel<V>({ required: true })
const id = useId()
const chosen = computed(() => props.options.find((option) => option.value === value.value))
const button = useTemplateRef<{ $el: HTMLElement }>('button')
const list = useTemplateRef<{ $el: HTMLElement }>('list')
const { place, floatingStyles } = useFloat(
  computed(() => button.value?.$el ?? null),
  computed(() => list.value?.$el ?? null),
)
</script>

<template>
  <Listbox
    v-slot="{ open }"
    v-model="value"
    as="div"
    class="relative"
    :class="{ 'flex items-center gap-2': beside }"
    :disabled="disabled"
  >
    <ListboxLabel
      :class="beside ? 'shrink-0 text-sm text-soft' : ['label', { 'sr-only': hideLabel || cell }]"
      >{{ label }}</ListboxLabel
    >
    <ListboxButton
      ref="button"
      class="field flex items-center gap-2 text-left disabled:text-soft"
      :class="[{ 'field-cell': cell || beside }, { '!w-auto max-w-60': beside }]"
      :title="chosen?.title"
      :aria-invalid="fault !== '' || undefined"
      :aria-describedby="cell || beside ? undefined : `${id}-says`"
      ><span class="min-w-0 flex-1 truncate" :class="{ 'text-soft': !chosen }">{{
        chosen?.words ?? empty
      }}</span
      ><ChevronDown class="size-4 shrink-0 text-soft" aria-hidden="true"
    /></ListboxButton>
    <Teleport v-if="open && place" :to="place">
      <ListboxOptions
        ref="list"
        static
        class="menu z-40 max-w-[min(30rem,calc(100vw-16px))] overflow-y-auto text-base font-normal shadow-none"
        :style="floatingStyles"
      >
        <ListboxOption
          v-for="option in options"
          :key="String(option.value)"
          v-slot="{ active, selected }"
          as="template"
          :value="option.value"
          :disabled="option.disabled"
        >
          <li class="item" :class="{ on: active, 'text-soft': option.disabled }" :title="option.title">
            <Check class="size-4 shrink-0" :class="{ invisible: !selected }" aria-hidden="true" /><span>{{
              option.words
            }}</span>
          </li>
        </ListboxOption>
      </ListboxOptions>
    </Teleport>
    <p
      v-if="!cell && !beside"
      :id="`${id}-says`"
      class="mt-0.5 text-sm"
      :class="fault ? 'text-hip' : 'text-soft'"
    >
      {{ fault || hint }}
    </p>
  </Listbox>
</template>
