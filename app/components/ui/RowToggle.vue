<script setup lang="ts">
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
    <svg width="8" height="10" viewBox="0 0 8 10" aria-hidden="true" :class="{ 'rotate-90': open }">
      <path d="M1 1l5 4-5 4" fill="none" stroke="currentColor" stroke-width="1.5" />
    </svg>
    <slot />
  </button>
</template>
