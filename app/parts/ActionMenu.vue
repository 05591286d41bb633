<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import type { MenuChoice } from './menu-choice'

/** A button that opens a list of what can be done or gone to: each by its first letter, the arrows, or a tap. */
defineProps<{
  label: string
  choices: readonly MenuChoice[]
  width?: string
  button?: string
  nav?: boolean
  /** Its list ends where the button ends: for one at the right edge. */
  right?: boolean
  disabled?: boolean
}>()
const link = resolveComponent('NuxtLink')
</script>

<template>
  <Menu :as="nav ? 'nav' : 'div'" class="relative" :aria-label="nav ? label : undefined">
    <MenuButton
      :class="button ?? 'flex max-w-full items-center gap-1 text-left'"
      :aria-label="label"
      :disabled="disabled"
    >
      <slot /><ChevronDown class="size-4 flex-none" aria-hidden="true" />
    </MenuButton>
    <MenuItems
      class="menu absolute top-full z-30 mt-1"
      :class="[width ?? 'w-72', right ? 'right-0' : 'left-0']"
    >
      <slot name="says" />
      <MenuItem v-for="(choice, i) in choices" :key="i" v-slot="{ active }" as="template">
        <component
          :is="choice.to === undefined ? 'button' : link"
          v-bind="choice.to === undefined ? { type: 'button' } : { to: choice.to }"
          class="item"
          :class="[choice.looks, { on: active }]"
          @click="choice.act?.()"
        >
          <slot name="choice" :choice="choice">
            <span v-if="choice.mark !== undefined" class="w-4 text-sm text-soft">{{ choice.mark }}</span>
            <span :class="{ 'flex-1': choice.mark !== undefined }"
              >{{ choice.words }}{{ choice.beside ? ' ' : '' }}</span
            >
            <span v-if="choice.beside" class="text-sm text-soft">{{ choice.beside }}</span>
          </slot>
        </component>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
