<script setup lang="ts">
import { ChevronRight } from '@lucide/vue'
/** Opens a row of a table: its name, with a corner that turns. */
defineProps<{ open: boolean }>()
const emit = defineEmits<{ toggle: [] }>()
</script>

<template>
  <button
    type="button"
    class="flex min-h-9 items-center gap-2 text-left"
    :aria-expanded="open"
    @click="emit('toggle')"
  >
    <ChevronRight class="size-4 flex-none" aria-hidden="true" :class="{ 'rotate-90': open }" />
    <slot />
  </button>
</template>
