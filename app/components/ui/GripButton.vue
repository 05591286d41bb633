<script setup lang="ts">
import { GripVertical } from '@lucide/vue'
/** What a row is dragged by; with the keyboard, arrows move it. */
defineProps<{ name: string }>()
const emit = defineEmits<{ move: [by: -1 | 1] }>()
const press = (event: KeyboardEvent): void => {
  if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return
  event.preventDefault()
  event.stopPropagation()
  emit('move', event.key === 'ArrowUp' ? -1 : 1)
}
</script>

<template>
  <button
    type="button"
    class="grip grid place-items-center w-7 h-8.5 rounded-sm touch-none"
    :aria-label="`Move ${name}: drag, or arrow up and down`"
    title="Drag to reorder; or arrow keys"
    @click.stop
    @keydown="press"
  >
    <GripVertical class="size-4 text-soft" aria-hidden="true" />
  </button>
</template>

<style scoped>
.sorts .grip {
  cursor: grab;
}
.grip:hover {
  background: var(--color-bench);
}
</style>
